const TIME = new Intl.DateTimeFormat('en', { hour: '2-digit', minute: '2-digit', hour12: false })
const DAY = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'short' })

/** How long ago, as one would say it: "just now", "25 min", "3 h", then the day. */
export function ago(at: string, now: Date = new Date()): string {
  const minutes = Math.floor((now.getTime() - new Date(at).getTime()) / 60_000)
  if (minutes < 1) return 'just now'
  if (minutes < 60) return `${minutes} min ago`
  if (minutes < 24 * 60) return `${Math.floor(minutes / 60)} h ago`
  return DAY.format(new Date(at))
}

export function clock(at: string): string {
  return TIME.format(new Date(at))
}
