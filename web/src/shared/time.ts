import { ref } from 'vue'

/** The shop's own time zone; this device's until the shop's figures are known. */
export const shopZone = ref(Intl.DateTimeFormat().resolvedOptions().timeZone)

const formatted = (at: string | Date, how: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat('en', { ...how, timeZone: shopZone.value }).format(new Date(at))

/** How long ago, as one would say it: "just now", "25 min", "3 h", then the day. */
export function ago(at: string, now: Date = new Date()): string {
  const minutes = Math.floor((now.getTime() - new Date(at).getTime()) / 60_000)
  if (minutes < 1) return 'just now'
  if (minutes < 60) return `${minutes} min ago`
  if (minutes < 24 * 60) return `${Math.floor(minutes / 60)} h ago`
  return formatted(at, { day: 'numeric', month: 'short' })
}

export const clock = (at: string) =>
  formatted(at, { hour: '2-digit', minute: '2-digit', hour12: false })

const IS_DAY = /^\d{4}-\d{2}-\d{2}$/

/** The day of a moment in the shop's zone; a day that was said is that day in every zone. */
export const day = (at: string) =>
  new Intl.DateTimeFormat('en', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    timeZone: IS_DAY.test(at) ? 'UTC' : shopZone.value,
  }).format(new Date(at))

/** Today in a zone, as days are written (ISO 8601). */
export const dayIn = (timeZone: string, now: Date = new Date()) =>
  new Intl.DateTimeFormat('sv', { timeZone, dateStyle: 'short' }).format(now)
