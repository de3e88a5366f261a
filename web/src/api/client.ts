import { ref } from 'vue'

/** A field that somebody else changed meanwhile. */
export interface Conflict {
  field: string
  theirs?: unknown
  yours?: unknown
  by: string
  at: string
}

/** What the server refuses, with what is wrong field by field (RFC 9457). */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    detail: string,
    readonly errors: { path: string; message: string }[] = [],
    readonly conflicts: Conflict[] = [],
    /** The edition in force, where the change was made from another. */
    readonly edition?: string,
    /** What was told in words that nobody knows any more. */
    readonly asTold: { what: string; said: string }[] = [],
  ) {
    super(detail)
  }

  /** What is wrong with this field, or nothing. */
  of(path: string): string {
    return this.errors.find((error) => error.path === path)?.message ?? ''
  }
}

/** What the shop's server says is wrong with itself, until it answers as it should. */
export const trouble = ref('')

/** No answer came: the radio is off, or the server is. */
export class NoAnswer extends Error {
  constructor() {
    super('No answer from the server.')
  }
}

/**
 * Past this [ms] a request counts as unanswered; saves are repeated under the same id. A file gets
 * longer by as much as it takes on the slowest link that the server waits for [byte/s].
 */
const PATIENCE = 15_000
const SLOWEST = 8 * 1024

/** As long as the largest photo takes on that link [ms]. */
const FILE_PATIENCE = 120_000

export const patience = (body: unknown) =>
  PATIENCE + (body instanceof Blob ? Math.round((1000 * body.size) / SLOWEST) : 0)

/** A file goes as what it is, everything else as JSON. */
const contentType = (body: unknown) => (body instanceof Blob ? body.type : 'application/json')

function csrfToken(): string {
  return /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? ''
}

export const request = async <T>(
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<T> => (await answered<T>(method, path, body, headers)).answer

/**
 * What is there now, unless it is what is known by this tag.
 *
 * @returns without an answer where it is; else with the tag of what is there, where it has one
 */
export async function getUnless<T>(path: string, known: string | undefined) {
  const tagged: Record<string, string> = known ? { 'If-None-Match': known } : {}
  const { answer, status, tag } = await answered<T>('GET', path, undefined, tagged)
  return status === SAME ? { tag: known } : { answer, tag }
}

/** Nothing has changed since (RFC 9110). */
const SAME = 304

async function answered<T>(
  method: string,
  path: string,
  body: unknown,
  headers: Record<string, string>,
): Promise<{ answer: T; status: number; tag?: string }> {
  let response: Response
  try {
    response = await fetch(path, {
      method,
      credentials: 'same-origin',
      signal: AbortSignal.timeout(patience(body)),
      headers: {
        Accept: 'application/json',
        ...headers,
        ...(body === undefined ? {} : { 'Content-Type': contentType(body) }),
        ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': decodeURIComponent(csrfToken()) }),
      },
      body: body === undefined || body instanceof Blob ? body : JSON.stringify(body),
    })
  } catch {
    throw new NoAnswer()
  }
  const text = await response.text()
  const parsed = text ? safeParse(text) : undefined
  // A gateway that cannot reach the server is no answer of the server; nor is one without a database.
  if (response.status >= 502 && response.status <= 504) {
    trouble.value = (parsed as { detail?: string } | undefined)?.detail ?? ''
    throw new NoAnswer()
  }
  trouble.value = ''
  if (!response.ok && response.status !== SAME) {
    const problem = (parsed ?? {}) as Partial<
      Pick<Refusal, 'errors' | 'conflicts' | 'edition' | 'asTold'>
    > & {
      detail?: string
    }
    throw new Refusal(
      response.status,
      problem.detail ?? `The server answered ${response.status}.`,
      problem.errors,
      problem.conflicts,
      problem.edition,
      problem.asTold,
    )
  }
  return {
    answer: parsed as T,
    status: response.status,
    tag: response.headers?.get('ETag') ?? undefined,
  }
}

function safeParse(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}

/** A file as it is. */
export async function getFile(path: string): Promise<Blob> {
  let response: Response
  try {
    response = await fetch(path, {
      credentials: 'same-origin',
      signal: AbortSignal.timeout(FILE_PATIENCE),
    })
    if (response.ok) return await response.blob()
  } catch {
    throw new NoAnswer()
  }
  if (response.status >= 502 && response.status <= 504) throw new NoAnswer()
  throw new Refusal(response.status, `The server answered ${response.status}.`)
}

export const get = <T>(path: string, headers?: Record<string, string>) =>
  request<T>('GET', path, undefined, headers)

/** Past so many tries [4 s apart], whoever waits is asked whether to go on. */
const MOST_TRIES = 30
const BETWEEN = 4000

/**
 * Sends what is known again by its id until the server says what became of it.
 *
 * @param unknown told while that is not known
 */
export async function untilAnswered<T>(send: () => Promise<T>, unknown: () => void): Promise<T> {
  for (let tries = 1; ; tries++) {
    try {
      return await send()
    } catch (failed) {
      if (!(failed instanceof NoAnswer) || tries === MOST_TRIES) throw failed
      unknown()
      await new Promise((done) => setTimeout(done, BETWEEN))
    }
  }
}
