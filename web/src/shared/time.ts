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

export const day = (at: string) => formatted(at, { day: 'numeric', month: 'long', year: 'numeric' })
