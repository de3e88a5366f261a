import { useEventListener } from '@vueuse/core'

export interface Keys {
  next?: () => void
  undo?: () => void
  help?: () => void
  search?: () => void
  /** What the connected meter shows. */
  take?: () => void
  hold?: () => void
  /** A digit, a point, or the o of OL pressed where no field is open. */
  digit?: (key: string) => void
}

/** Whether this press belongs to a field that takes words. */
function isWordField(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false
  if (target instanceof HTMLTextAreaElement || target.isContentEditable) return true
  return target instanceof HTMLInputElement && !target.classList.contains('digits')
}

/** The one place where keys get their meaning; see KeyHelp for the list. */
export function handle(event: KeyboardEvent, keys: Keys): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey || isWordField(event.target)) return false
  const typing = event.target instanceof HTMLInputElement
  const action = {
    n: keys.next,
    u: keys.undo,
    m: keys.take,
    h: keys.hold,
    '?': keys.help,
    '/': keys.search,
  }[event.key]
  if (action) {
    action()
    return true
  }
  if (!typing && /^[0-9.]$/.test(event.key) && keys.digit) {
    keys.digit(event.key)
    return true
  }
  return false
}

export function useKeys(keys: Keys) {
  const listen = (event: KeyboardEvent) => {
    // A dialog has the keys to itself; the page is held still for as long as one is open.
    if (document.body.classList.contains('el-popup-parent--hidden')) return
    if (handle(event, keys)) event.preventDefault()
  }
  useEventListener(window, 'keydown', listen)
}
