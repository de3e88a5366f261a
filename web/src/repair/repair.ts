import type { Call } from '../api/types'
import type { components } from '../core/answers'

export type RepairView = NonNullable<Call['repair']>
export type RepairCheck = RepairView['checks'][number]

/** What is read on a new part, in the document of the open format. */
export type ProofDoc = components['schemas']['ProofDoc']

/** The speeds of the wheel, as the open format names them. */
export const SPEEDS = { more: 'rotor.rpm', less: 'rotor.rpm.less' }

/** The check that is led to: the first that failed, else the first that is not seen yet. */
export const nextOf = (checks: RepairCheck[]): RepairCheck | undefined =>
  checks.find((one) => one.state === 'FAIL') ?? checks.find((one) => one.state === 'NOT_YET')

/** What was read last of each of these. */
export const valuesOf = (doc: ProofDoc, ids: string[]): Record<string, number | string> =>
  Object.fromEntries(
    doc.readings.filter((one) => ids.includes(one.id)).map((one) => [one.id, one.value]),
  )

/** The document with these readings in the place of the earlier ones; empty takes one away. */
export function withReadings(
  doc: ProofDoc,
  values: Record<string, number | string | undefined>,
): ProofDoc {
  const kept = doc.readings.filter((one) => !(one.id in values))
  const read = Object.entries(values).flatMap(([id, value]) =>
    value === undefined ? [] : [{ id, value }],
  )
  return { ...doc, readings: [...kept, ...read] }
}

/** The document with what stands on plates; empty takes it away. */
export function withLimits(
  doc: ProofDoc,
  limits: { amps?: number; taps?: number; rise?: [number, number]; pressure?: number },
): ProofDoc {
  return {
    ...doc,
    unit: { ...doc.unit, riseF: limits.rise, ratedStaticInWc: limits.pressure },
    fitted: { ...doc.fitted, fullLoadAmps: limits.amps, speedTaps: limits.taps },
  }
}
