import type { StockPlace, Moved, Part, PickLine, Quote, Sourced } from '../api/types'
import { catalogue } from '../catalogue/catalogue'
import { money } from '../shared/money'
import { counted } from '../shared/number'
import { ago } from '../shared/time'

const kindOf = (id: string | undefined) => catalogue.value?.partKinds.find((one) => one.id === id)

/** As in "relay". */
export const kindTitle = (id: string | undefined) => kindOf(id)?.title ?? id ?? ''

/** Its ratings in words, such as "7.5 µF, 440 V". */
export const ratedTitle = (part: Pick<Part, 'kind' | 'ratings'>) =>
  Object.entries(part.ratings)
    .map(([id, value]) => {
      const of = catalogue.value?.partKinds
        .flatMap((kind) => kind.ratings)
        .find((one) => one.id === id)
      return `${value} ${of?.unit ?? ''}`.trim()
    })
    .join(', ')

/** As in "van Wren". */
export const placeName = (at: StockPlace['at'], where: string | undefined) =>
  at === 'SUPPLY_HOUSE' ? 'the supply house' : `${at === 'VAN' ? 'van' : 'shelf'} ${where ?? ''}`

/** Places as one text each, for a list to pick from. */
export const placeKey = (one: { at: string; where: string }) => `${one.at} ${one.where}`

/** Every van and shelf in which something lies. */
export const placesOf = (rows: { places: StockPlace[] }[]) =>
  [...new Set(rows.flatMap((row) => row.places.map(placeKey)))].sort()

export function placeOf(key: string) {
  const [at, ...where] = key.split(' ')
  return { at: at as 'VAN' | 'SHELF', where: where.join(' ') }
}

/** A place that was picked, as in "van Wren". */
export const keyTitle = (key: string) => placeName(placeOf(key).at, placeOf(key).where)

const STATES = { HAVE: 'Have it', ORDER: 'To order', MISSING: 'Missing', ASK: 'Ask first' }
/** How a line of a list of parts stands, as it is said. */
export const stateTitle = (state: PickLine['state']) => STATES[state]

/** As in "2 on van Wren, 1 on shelf B2"; nothing where none lie anywhere. */
export const stockedWhere = (places: StockPlace[]) =>
  places.map((one) => `${one.count} on ${placeName(one.at, one.where)}`).join(', ')

export const daysTitle = (days: number) => counted(days, 'day')

/** What a supply house said longer ago may no longer be so [d]. Common practice. */
const STALE_DAYS = 7
const said = (asOf: string) =>
  Date.now() - Date.parse(asOf) > STALE_DAYS * 86_400_000
    ? `${ago(asOf)}: it may have changed`
    : ago(asOf)

/** What the supply house said of price and time, and how long ago. */
export function quoteTitle(quote: Quote, currency: string): string {
  const price = quote.price === undefined ? 'no price' : money(quote.price, currency)
  const stock = quote.stock ? `${quote.stock} in stock` : ''
  const days =
    !quote.stock && quote.leadDays !== undefined ? `there in ${daysTitle(quote.leadDays)}` : ''
  return [price, stock || days || 'stock not said', `said ${said(quote.asOf)}`].join(', ')
}

/** What would be ordered, at what price, as the supply house said it last. */
export function buyTitle(buy: NonNullable<PickLine['buy']>, currency: string): string {
  const price = buy.price === undefined ? 'no price' : `${money(buy.price, currency)} each`
  return [buy.number, buy.name, price, `said ${said(buy.asOf)}`].filter(Boolean).join(', ')
}

/** Where the price of a way comes from. */
export function sourceTitle(sourced: Sourced): string {
  const from =
    sourced.at === 'VAN' || sourced.at === 'SHELF'
      ? `on ${placeName(sourced.at, sourced.where)}`
      : sourced.at === 'SUPPLY_HOUSE'
        ? 'at the supply house'
        : 'nobody has one now'
  const age = sourced.asOf
    ? `${sourced.quoted ? 'its price' : 'it said so'} ${said(sourced.asOf)}`
    : ''
  return [sourced.number, from, age].filter(Boolean).join(', ')
}

const REASONS: Record<Moved['reason'], string> = {
  COUNTED: 'Counted',
  RECEIVED: 'Received',
  TAKEN: 'Taken for a call',
  PUT_BACK: 'Put back',
  MOVED: 'Moved',
  LENT: 'Lent',
  RETURNED: 'Came back',
}
export const reasonTitle = (reason: Moved['reason']) => REASONS[reason]
