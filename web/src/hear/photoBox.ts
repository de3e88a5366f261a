import { reactive, readonly } from 'vue'
import { NoAnswer, Refusal, request } from '../api/client'
import type { Call, PhotoKind } from '../api/types'

/**
 * Photos on their way to the server. They are kept in the browser's own database until the server
 * has them: one is larger than what the outbox of typed changes can hold.
 */
export interface Waiting {
  id: string
  call: string
  kind: PhotoKind
  blob: Blob
}

const NAME = 'rotor.photos'
const RETRY_MS = 4000
/** A plate can be read from this many pixels along the longer side. */
const LONGEST = 1600

const state = reactive({ waiting: [] as (Waiting & { url: string })[], fault: '' })
export const photoBox = readonly(state)

type Listener = (call: Call) => void
const listeners = new Set<Listener>()
let sending = false
let timer: ReturnType<typeof setTimeout> | undefined

export function onPhoto(listener: Listener): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

function store<T>(mode: IDBTransactionMode, act: (photos: IDBObjectStore) => IDBRequest<T>) {
  return new Promise<T>((done, failed) => {
    const opening = indexedDB.open(NAME, 1)
    opening.onupgradeneeded = () => opening.result.createObjectStore('waiting', { keyPath: 'id' })
    opening.onerror = () => failed(opening.error)
    opening.onsuccess = () => {
      const asked = act(opening.result.transaction('waiting', mode).objectStore('waiting'))
      asked.onsuccess = () => done(asked.result)
      asked.onerror = () => failed(asked.error)
    }
  })
}

/** A telephone's photo is far larger than a plate needs; what is no picture goes as it is. */
async function smaller(file: Blob): Promise<Blob> {
  try {
    const image = await createImageBitmap(file)
    const scale = Math.min(1, LONGEST / Math.max(image.width, image.height))
    const canvas = document.createElement('canvas')
    canvas.width = Math.round(scale * image.width)
    canvas.height = Math.round(scale * image.height)
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
    return await new Promise((done) =>
      canvas.toBlob((blob) => done(blob ?? file), 'image/jpeg', 0.85),
    )
  } catch {
    return file
  }
}

export async function addPhoto(call: string, kind: PhotoKind, file: Blob) {
  state.fault = ''
  const photo = { id: crypto.randomUUID(), call, kind, blob: await smaller(file) }
  await store('readwrite', (photos) => photos.put(photo))
  state.waiting.push({ ...photo, url: URL.createObjectURL(photo.blob) })
  await sendPhotos()
}

/** Takes up what an earlier visit left behind, and sends it. */
export async function resumePhotos() {
  const kept = (await store('readonly', (photos) => photos.getAll())) as Waiting[]
  for (const photo of kept) {
    if (!state.waiting.some((one) => one.id === photo.id)) {
      state.waiting.push({ ...photo, url: URL.createObjectURL(photo.blob) })
    }
  }
  await sendPhotos()
}

async function sendPhotos() {
  if (sending) return
  sending = true
  clearTimeout(timer)
  try {
    while (state.waiting.length) {
      const photo = state.waiting[0]!
      const path = `/api/calls/${photo.call}/photos/${photo.id}?kind=${photo.kind}`
      try {
        const call = await request<Call>('PUT', path, photo.blob)
        await gone(photo)
        for (const listener of listeners) listener(call)
      } catch (fault) {
        const lost =
          fault instanceof NoAnswer ||
          (fault instanceof Refusal && (fault.status >= 500 || fault.status === 401))
        if (lost) {
          timer = setTimeout(() => void sendPhotos(), RETRY_MS)
          return
        }
        if (!(fault instanceof Refusal)) throw fault
        state.fault = fault.message
        await gone(photo)
      }
    }
  } finally {
    sending = false
  }
}

async function gone(photo: { id: string; url: string }) {
  await store('readwrite', (photos) => photos.delete(photo.id))
  state.waiting = state.waiting.filter((one) => one.id !== photo.id)
  URL.revokeObjectURL(photo.url)
}
