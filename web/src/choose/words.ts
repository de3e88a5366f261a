import type { Fit, ShopMotor } from '../api/types'
import { counted } from '../shared/number'

const ATTRIBUTES: Record<string, string> = {
  kind: 'Kind',
  volts: 'Voltage',
  phases: 'Phases',
  hertz: 'Frequency',
  horsepower: 'Horsepower',
  poles: 'Speed class',
  rotation: 'Rotation',
  frame: 'Frame',
  shaftDiameterIn: 'Shaft diameter',
  shaftLengthIn: 'Shaft length',
  bodyLengthIn: 'Body length',
  mount: 'Mount',
  plugs: 'Plugs',
  feedback: 'Speed signal',
  enclosure: 'Enclosure',
  fullLoadAmps: 'Full-load amps',
}

/** What a motor is judged by, as it is said. */
export const attributeTitle = (id: string) => ATTRIBUTES[id] ?? id

/** Where a motor lies, as it is said. */
export const placeTitle = (at: string | undefined) =>
  ({ VAN: 'on the van', SHELF: 'on the shelf', SUPPLY_HOUSE: 'at the supply house' })[at ?? ''] ??
  'place not said'

/** How many lie where, and how long until one is there; where there is none, what is said of that. */
export function stockedTitle({ candidate, at, leadDays }: ShopMotor, none = ''): string {
  const count = candidate.onHand ? `${candidate.onHand} ` : none
  const days = !candidate.onHand && leadDays ? `, ${counted(leadDays, 'day')}` : ''
  return `${count}${placeTitle(at)}${days}`
}

/** How far a motor fits, as it is said. */
export const fitTitle = (state: 'FITS' | 'FITS_WITH' | 'NO') =>
  ({ FITS: 'Fits', FITS_WITH: 'Fits, with', NO: 'Does not fit' })[state]

/** What has to be done or looked at, or what it fails by, in a few words. */
export function pointsTitle(match: Fit['match']): string {
  const state = match.state === 'NO' ? 'NO' : 'CHANGE'
  const names = match.points
    .filter((one) => one.state === state)
    .map((one) => attributeTitle(one.attribute).toLowerCase())
  return names.length > 4
    ? `${names.slice(0, 4).join(', ')} and ${names.length - 4} more`
    : names.join(', ') || 'as it is'
}
