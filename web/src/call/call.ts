import {
  computed,
  inject,
  onScopeDispose,
  provide,
  reactive,
  ref,
  shallowRef,
  watch,
  type InjectionKey,
} from 'vue'
import { get, NoAnswer, Refusal } from '../api/client'
import type {
  Call,
  Dials,
  Offer,
  OutcomeSave,
  Particulars,
  PartKind,
  RepairPhase,
  PhotoKind,
  Reading,
  Route,
  Value,
} from '../api/types'
import { checksOf, factOf } from '../catalogue/catalogue'
import { Faulty, type OfCall } from '../core/core'
import { old } from '../keep/answers'
import { isMended, onSent, refused, send, waiting } from '../keep/queue'
import { smaller } from '../keep/photo'
import type { Kept } from '../keep/rows'
import { session } from '../session/session'
import { dayIn, shopZone } from '../shared/time'
import { corrected, corrections, merged, type Correction } from './corrections'
import { changedAt, isOpening, keepCall, readCall, readShop, workOut, type Held } from './held'
import { newsOf } from './news'
import { inWords, useNewest } from '../shared/newest'

const spoken = (value: Value) =>
  Array.isArray(value)
    ? value.join(typeof value[0] === 'number' ? ' to ' : ', ')
    : typeof value === 'object'
      ? value.code
      : value

/** How a reading came about, as far as it was said. */
export interface Taken {
  note?: string
  when?: NonNullable<Reading['when']>
  on?: string
}

const filled = (text: string | undefined) => text?.trim() || undefined

/** Another call's log may come back to a save that was made here, and so may no log at all. */
const isLog = (result: unknown, call: string): result is object =>
  typeof result === 'object' &&
  result !== null &&
  'format' in result &&
  'id' in result &&
  result.id === call

const isTelling = (save: Kept) => save.path.includes('/corrections/')
const changesOf = (save: Kept) => (save.body as { changes: Correction[] }).changes

/** One call as the page holds it; every change goes through the queue. */
export function openCall(id: string) {
  const loaded = shallowRef<Call | null>(null)
  const fault = ref('')
  /** What the call says in words that nobody knows any more, where it cannot be judged. */
  const asTold = ref<Refusal['asTold']>([])
  const refusal = ref<{ label: string; refusal: Refusal } | null>(null)

  const news = ref('')

  function show(call: Call) {
    const before = loaded.value
    if (before && before.changedAt !== call.changedAt) {
      news.value = newsOf(before, call, session.account?.name ?? '') || news.value
    }
    loaded.value = call
    shopZone.value = call.settings.timeZone
  }

  /** The log of the call, from which all that is shown of it can be worked out here. */
  const held = shallowRef<Held | null>(null)
  /** When the server says that it changed last [ms since 1970]. */
  let changed = 0
  /** How often the server said a log. */
  let heard = 0

  function hold(log: object) {
    heard++
    held.value = { log }
    changed = changedAt(log)
  }

  /** Whether page and server are of versions that do not know each other's logs. */
  const apart = ref(false)
  const {
    ask: work,
    asking: working,
    forget,
  } = useNewest((failed) => {
    apart.value =
      failed instanceof Faulty && failed.faults.some((one) => one.path === 'log.wording')
    return inWords(failed)
  })

  /** How many documents of a stage are being read by the rules, and are not kept before that. */
  const judging = ref(0)

  /** Works out what the log says, with what waits here. */
  const workedOut = () =>
    held.value
      ? work(
          () => workOut('call', held.value!, mine.value),
          (call) => {
            apart.value = false
            show(call)
          },
        )
      : Promise.resolve(false)

  /** As the server says; where no answer comes, as it said last. */
  async function read(): Promise<void> {
    const before = heard
    // With the shop as it is now: prices that were asked for anew stand in the choice as well.
    const [answer] = await Promise.all([readCall(id), readShop().catch(() => {})])
    // A save was answered meanwhile: this may be from before it, and is asked for once more.
    if (heard !== before) return read()
    // Without an answer it is what was said last, and that is shown already, or something newer.
    if (old.value !== null && loaded.value) return
    forget()
    if (!answer.log) apart.value = true
    if (answer.log) hold(answer.log)
    if (!answer.log || !mine.value.length) show(answer.view)
    // What waits here belongs to it: it is shown without that only where there is nothing else.
    else if (!(await workedOut()) && !loaded.value) show(answer.view)
  }

  async function load() {
    fault.value = ''
    asTold.value = []
    try {
      await read()
    } catch (failed) {
      if (failed instanceof NoAnswer && loaded.value) return
      const opened = mine.value.find(isOpening)
      if (opened) {
        held.value = { opened }
        if (await workedOut()) return
      }
      asTold.value = failed instanceof Refusal ? failed.asTold : []
      fault.value =
        failed instanceof Refusal && failed.status === 404
          ? 'There is no such call.'
          : inWords(failed)
    }
  }

  /** Something changed at this time, or may have: read where it is not shown already. */
  async function look(at: number | null) {
    if (mine.value.length || !loaded.value) return
    if (at !== null && changed >= at) return
    await load()
  }

  const mine = computed(() => waiting().filter((save) => save.call === id))

  // What is entered is shown at once with all that follows from it; what the server says to it
  // comes below.
  const known = new Set<string>()
  watch(
    mine,
    (now) => {
      const more = now.filter((save) => !known.has(save.id))
      more.forEach((save) => known.add(save.id))
      if (more.length) void workedOut()
    },
    { immediate: true, flush: 'sync' },
  )

  const stop = onSent(async (save, result, no) => {
    if (save.call !== id) return
    if (no) {
      refusal.value = { label: save.label, refusal: no }
      goingBack.delete((save.body as { reading?: string } | undefined)?.reading ?? '')
    }
    // What the server does not take, it knows better: then what it says is shown.
    if (isLog(result, id)) hold(result)
    else if (!mine.value.length) return load()
    const shown = await workedOut()
    if (shown && isLog(result, id)) void keepCall(id, { view: loaded.value!, log: result })
    if (!shown && !mine.value.length) await load()
  })
  onScopeDispose(stop)

  const paper = <V extends 'sheet' | 'label'>(verb: V, more: object = {}): Promise<OfCall[V]> =>
    (held.value
      ? workOut(verb, held.value, mine.value, more)
      : Promise.reject(new Error('The call is not read yet.'))
    ).catch(() => get<OfCall[V]>(`/api/calls/${id}/${verb}/words`))

  function change(kind: string, body: unknown, label: string, more: object = {}) {
    refusal.value = null
    const save = crypto.randomUUID()
    return send({
      id: save,
      path: `/api/calls/${id}/${kind}/${save}`,
      body,
      label,
      call: id,
      ...more,
    })
  }

  /** Changes of what was told that the server has not taken yet, refused ones too. */
  const untold = computed(() =>
    [...refused(), ...waiting()].filter((save) => save.call === id && isTelling(save)),
  )
  /** What was told last, also what is not sent yet. */
  const toldLast = computed(() =>
    corrected(
      loaded.value!.particulars,
      untold.value.flatMap((save) => changesOf(save)),
    ),
  )

  function tell(particulars: Particulars) {
    const now = corrections(toldLast.value, particulars)
    return now.length ? correct(now) : undefined
  }

  function correct(now: Correction[]) {
    // What was refused goes out once more with what mends it.
    const mended = untold.value.filter(isMended).flatMap((save) => changesOf(save))
    const changes = merged([...mended, ...now])
    return change('corrections', { changes }, 'What was told', { form: `corrections ${id}` })
  }

  /** Readings that are being taken back: a second touch means the one before. */
  const goingBack = reactive(new Set<string>())
  const lastReading = computed(() =>
    loaded.value?.readings.findLast((one) => !one.retracted && !goingBack.has(one.id)),
  )

  /** What was said of the readings to come, once a way forward is chosen. */
  const said = ref<RepairPhase | null>(null)
  /**
   * Whether readings are of the machine as it was found, or as it was left. Null where it must be
   * asked: after a choice either can be meant, and the two are never mixed.
   */
  const phase = computed(() => (loaded.value?.decisions.length ? said.value : 'BEFORE'))

  const takeBack = (reading: Reading) => {
    goingBack.add(reading.id)
    return change('retractions', { reading: reading.id }, `Take back ${reading.spoken}`)
  }

  return {
    id,
    /** Null until it is read. */
    loaded,
    fault,
    asTold,
    refusal,
    waiting: mine,
    lastReading,
    load,
    /** Whether what is shown is being worked out anew, or is not kept yet. */
    working: computed(() => working.value || judging.value > 0),
    judging,
    apart,
    /** What the rules say of its ways at these figures, here where they can be had. */
    choice: (dials: Dials) =>
      held.value
        ? workOut('choice', held.value, mine.value, { dials })
        : Promise.reject(new Error('The call is not read yet.')),
    /** What the customer is shown of it; as the server says where the rules cannot be had. */
    sheet: () => paper('sheet'),
    /** What stands on the label of its unit, likewise. */
    label: () => {
      const at = loaded.value?.fit?.at
      return paper('label', { fitted: dayIn(shopZone.value, at ? new Date(at) : new Date()) })
    },
    phase,
    say: (of: RepairPhase | null) => (said.value = of),
    /** Again: a second measurement, which confirms or disputes the first and corrects nothing. */
    record: (
      fact: string,
      value: Value,
      how: { phase?: RepairPhase; again?: boolean; taken?: Taken } = {},
    ) =>
      change(
        'readings',
        {
          fact,
          value,
          phase: how.phase ?? phase.value ?? 'BEFORE',
          again: how.again ?? false,
          note: filled(how.taken?.note),
          when: how.taken?.when,
          on: filled(how.taken?.on),
        },
        `${factOf(fact)?.title ?? fact}${how.again ? ', again' : ''}: ${spoken(value)}`,
      ),
    takeBack,
    async undo() {
      if (lastReading.value) await takeBack(lastReading.value)
    },
    async photograph(kind: PhotoKind, file: Blob) {
      const photo = crypto.randomUUID()
      const path = `/api/calls/${id}/photos/${photo}?kind=${kind}`
      await send({ id: photo, path, body: await smaller(file), label: 'A photo', call: id })
    },
    removePhoto: (photo: string) =>
      change(`photos/${photo}/removals`, undefined, 'Take a photo away'),
    toldLast,
    tell,
    correct,
    /** What others did since this page showed the call last. */
    news,
    look,
    offer: (offer: Offer) => change('offers', offer, 'Prices'),
    /** Which part was found for a way: its price follows from stock and supply house. */
    found: (route: Route, kind: PartKind, number: string | undefined) =>
      change('found', { route, kind, number }, number ? `The part: ${number}` : 'The part, back'),
    /** What the customer said. */
    answer: (said: {
      route?: Route
      by: string
      on: string
      note?: string
      /** A name written by hand, and what stood above it. */
      signed?: { strokes: string; under: string[] }
    }) => change('answers', said, 'The customer’s answer'),
    /** Whether it was what had been said, or what it was. */
    ended: (outcome: OutcomeSave) => change('outcomes', outcome, 'What it turned out to be'),
    /** What this call says of the repair before it: it is kept with that one. */
    repairBefore(earlier: string, outcome: OutcomeSave) {
      const save = crypto.randomUUID()
      const path = `/api/calls/${earlier}/outcomes/${save}`
      const label = 'What the last repair turned out to be'
      return send({ id: save, path, body: outcome, label, call: earlier })
    },
    /** A conversion as far as it is made; gives the id under which it is kept. */
    wire(made: object) {
      const save = crypto.randomUUID()
      const path = `/api/calls/${id}/wirings/${save}`
      refusal.value = null
      void send({ id: save, path, body: made, label: 'The wiring', call: id, form: `wiring ${id}` })
      return save
    },
    /** What was done of the job by now, whole. */
    fitted(fit: object) {
      const save = crypto.randomUUID()
      const path = `/api/calls/${id}/fits/${save}`
      refusal.value = null
      void send({
        id: save,
        path,
        body: fit,
        label: 'A step of the job',
        call: id,
        form: `fit ${id}`,
      })
    },
    /** What the repair showed by now, whole. */
    proved(proof: object) {
      const save = crypto.randomUUID()
      const path = `/api/calls/${id}/proofs/${save}`
      refusal.value = null
      void send({
        id: save,
        path,
        body: proof,
        label: 'The proof of the repair',
        call: id,
        form: `proof ${id}`,
      })
    },
    /** With what it stands on: where the server says otherwise by then, it asks again. */
    decide(route: Route, how: { candidate?: string; done: string[] } = { done: [] }) {
      const { engine, verdict } = loaded.value!.diagnosis
      const on = { state: verdict.state, suspects: verdict.suspects, engine }
      return change('decisions', { route, ...how, on }, 'The choice', { form: `decision ${id}` })
    },
  }
}

export type OpenCall = ReturnType<typeof openCall>

export const CALL: InjectionKey<OpenCall> = Symbol('call')

/** Opens a call for everything below. */
export function provideCall(id: string): OpenCall {
  const open = openCall(id)
  provide(CALL, open)
  return open
}

/** The call that the page stands on; nothing that asks for it is shown before it is read. */
export function useCall() {
  const open = inject(CALL)
  if (!open) throw new Error('no call is open here')
  const mayBe = computed(() => open.loaded.value!.particulars.mayBe ?? [])
  return {
    ...open,
    /** The kinds that the motor can be besides its own, while that is not known. */
    mayBe,
    /** What can be asked of it, whichever of them it is. */
    checks: computed(() => checksOf([open.loaded.value!.particulars.motor.family, ...mayBe.value])),
    call: computed(() => open.loaded.value!),
    family: computed(() => open.loaded.value!.particulars.motor.family),
    /** The reading of this fact in force, of the phase that is being read. */
    standing: (fact: string, phase: RepairPhase = open.phase.value ?? 'BEFORE') =>
      open.loaded.value!.readings.find(
        (one) => one.fact === fact && one.standing && one.phase === phase,
      ),
  }
}
