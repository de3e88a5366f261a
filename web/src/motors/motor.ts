import type { Particulars, ShopMotor } from '../api/types'

/** A motor of the shop as the open format writes it: its plate's fields beside its own. */
export type FlatMotor = Record<string, unknown>

export function flat(motor: ShopMotor): FlatMotor {
  const { candidate, ...rest } = motor
  const { plate, ...own } = candidate
  return { ...plate, ...own, ...rest }
}

/** What the plate's own fields read and write. */
export const asTold = (plate: Record<string, unknown>) =>
  ({ motor: plate, unit: {}, running: {} }) as unknown as Particulars

/** Fields of a plate that another motor is matched by, in the order of a plate. */
export const PLATE = [
  'motor.volts',
  'motor.horsepower',
  'motor.phases',
  'motor.hertz',
  'motor.rpm',
  'motor.fullLoadAmps',
  'motor.frame',
  'motor.shaftDiameterIn',
  'motor.shaftLengthIn',
  'motor.bodyLengthIn',
  'motor.rotation',
  'motor.mount',
  'motor.enclosure',
  'motor.speedTaps',
  'motor.feedback',
]

/** What the shop knows of it, as typed. */
export const OWN = [
  { name: 'onHand', title: 'On hand', unit: '' },
  { name: 'price', title: 'Price', unit: '' },
  { name: 'leadDays', title: 'Until it is there', unit: 'days' },
  { name: 'warrantyMonths', title: 'Warranty', unit: 'months' },
  { name: 'wattsPerThousandCfm', title: 'Power for 1,000 cfm', unit: 'W' },
] as const
