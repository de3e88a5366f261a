import { computed, onScopeDispose } from 'vue'
import { useCall } from '../call/call'

/** A photo of the call that is open: one that the server has, or one that still waits on this device. */
export interface ShownPhoto {
  id: string
  kind: string
  url: string
  /** Of one that waits. */
  file?: Blob
}

/** Those that wait, each with an address that the page can show for as long as it does. */
export function useWaitingPhotos() {
  const { waiting } = useCall()
  const urls = new Map<string, string>()
  onScopeDispose(() => urls.forEach((url) => URL.revokeObjectURL(url)))
  return computed<ShownPhoto[]>(() =>
    waiting.value
      .filter((save) => save.body instanceof Blob)
      .map((save) => {
        const file = save.body as Blob
        if (!urls.has(save.id)) urls.set(save.id, URL.createObjectURL(file))
        const kind = new URLSearchParams(save.path.split('?')[1]).get('kind') ?? ''
        return { id: save.id, kind, url: urls.get(save.id)!, file }
      }),
  )
}

/** All of them, those that wait last. */
export function usePhotos() {
  const { call } = useCall()
  const mine = useWaitingPhotos()
  return computed<ShownPhoto[]>(() => [
    ...call.value.photos.map(({ id, kind }) => ({
      id,
      kind,
      url: `/api/calls/${call.value.id}/photos/${id}`,
    })),
    ...mine.value,
  ])
}
