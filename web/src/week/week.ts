import type { CallRow, LoanRow, OrderRow, TurnedOut, Week } from '../api/types'
import { counted } from '../shared/number'

/** Of calls whose outcome is known, how many were what had been said. */
export function right(turned: TurnedOut[]) {
  // Where nothing had been said, nothing can have been right or wrong.
  const told = turned.filter((one) => one.was !== 'UNKNOWN' && one.said.length > 0)
  return { right: told.filter((one) => one.was === 'YES').length, of: told.length }
}

/** What was bought for what it was not, by currency, as far as prices were known. */
export function inVain(turned: TurnedOut[]) {
  const sums: Record<string, number> = {}
  for (const one of turned) {
    if (one.bought && one.firstCost !== undefined && one.currency)
      sums[one.currency] = (sums[one.currency] ?? 0) + one.firstCost
  }
  return sums
}

/** The places of the way that open calls stand at, those with most calls first. */
export function byStand(calls: CallRow[]) {
  const places = new Map<string, CallRow[]>()
  for (const call of calls) {
    const place = call.stand ?? ''
    places.set(place, [...(places.get(place) ?? []), call])
  }
  return [...places.entries()].sort(([, one], [, two]) => two.length - one.length)
}

/** What was said against what it was, the commonest mistake first. */
export function mistakes(turned: TurnedOut[]) {
  const pairs = new Map<
    string,
    { said: TurnedOut['said']; found: TurnedOut['found']; calls: TurnedOut[] }
  >()
  for (const one of turned) {
    if (one.was !== 'NO' || !one.said.length) continue
    const key = `${one.said.join()} ${one.found.join()}`
    const pair = pairs.get(key) ?? { said: one.said, found: one.found, calls: [] }
    pair.calls.push(one)
    pairs.set(key, pair)
  }
  return [...pairs.values()].sort((one, two) => two.calls.length - one.calls.length)
}

export interface Line {
  figure: number
  sentence: string
  /** The section with the calls behind it. */
  to: string
  /** Whether somebody has to do something about it. */
  calls: boolean
}

const are = (many: number) => (many === 1 ? 'is' : 'are')

/** The week in a few lines, each figure with where its calls stand; nothing of what is nought. */
export function lines(week: Week, orders: OrderRow[], loans: LoanRow[]): Line[] {
  const due = week.calls.filter((one) => one.due !== undefined && one.due <= week.today).length
  const late = orders.filter((one) => one.late).length
  const lent = loans.filter((one) => one.late).length
  const { right: so, of } = right(week.turned)
  const vain = week.turned.filter((one) => one.bought).length
  const all: (Line | false)[] = [
    {
      figure: week.open,
      sentence: `${week.open === 1 ? 'call is' : 'calls are'} open${due ? `; ${due} ${are(due)} due` : ''}.`,
      to: 'open',
      calls: due > 0,
    },
    orders.length > 0 && {
      figure: orders.length,
      sentence: `${orders.length === 1 ? 'part is' : 'parts are'} on order${late ? `; ${late} ${are(late)} late` : ''}.`,
      to: 'parts',
      calls: late > 0,
    },
    loans.length > 0 && {
      figure: loans.length,
      sentence: `${loans.length === 1 ? 'loaner is' : 'loaners are'} out${lent ? `; ${lent} ${are(lent)} overdue` : ''}.`,
      to: 'loaners',
      calls: lent > 0,
    },
    week.bypassed.length > 0 && {
      figure: week.bypassed.length,
      sentence: `${week.bypassed.length === 1 ? 'motor runs' : 'motors run'} past its drive, at full speed.`,
      to: 'bypassed',
      calls: true,
    },
    week.claims.length > 0 && {
      figure: week.claims.length,
      sentence: `${week.claims.length === 1 ? 'warranty is' : 'warranties are'} near its end, or just over.`,
      to: 'claims',
      calls: true,
    },
    week.comebacks.length > 0 && {
      figure: week.comebacks.length,
      sentence: `${week.comebacks.length === 1 ? 'unit' : 'units'} came back in ${counted(week.days, 'day')}.`,
      to: 'comebacks',
      calls: true,
    },
    of > 0 && {
      figure: so,
      sentence: `of ${counted(of, 'call')} ${so === 1 ? 'was' : 'were'} what had been said${vain ? `; for ${vain} a part was bought in vain` : ''}.`,
      to: 'turned',
      calls: vain > 0,
    },
  ]
  return all.filter((one): one is Line => !!one)
}
