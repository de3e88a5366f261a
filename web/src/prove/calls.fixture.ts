import { computed, ref } from 'vue'
import { CALL, type OpenCall } from '../call/call'
import type { Call, Catalogue } from '../api/types'

/** The words of one small family, for tests of the page. */
export const CATALOGUE = {
  suspects: [
    { id: 'SUPPLY', title: 'Supply' },
    { id: 'MODULE', title: 'Module' },
    { id: 'NONE', title: 'Nothing wrong' },
  ],
  symptoms: [],
  states: [
    { id: 'POWER_ON', title: 'Power on', detail: '', caution: '' },
    { id: 'MODULE_OFF', title: 'Module off', detail: '', caution: '' },
  ],
  facts: {
    'bus.volts': {
      id: 'bus.volts',
      title: 'DC bus',
      kind: 'NUMBER',
      unit: 'V DC',
      least: 0,
      most: 1000,
      choices: [],
    },
  },
  families: [
    {
      id: 'BLDC_FIVE_WIRE',
      title: 'Five-wire DC fan',
      covered: true,
      stations: [
        { id: 'SUPPLY', title: 'DC bus' },
        { id: 'MODULE', title: 'Motor electronics' },
      ],
      checks: [
        { id: 'bus.volts', ask: 'Measure the DC bus.', facts: ['bus.volts'], station: 'SUPPLY' },
        { id: 'logic.volts', ask: 'Measure the logic supply.', facts: [], station: 'SUPPLY' },
        { id: 'winding.pairs', ask: 'Measure the pairs.', facts: [], station: 'MODULE' },
      ],
      terminals: [
        { id: 'BUS', name: 'DC bus', colour: 'red', plug: 'POWER', plugTitle: 'Power' },
        { id: 'GND', name: 'Ground', colour: 'black', plug: 'POWER', plugTitle: 'Power' },
        {
          id: 'VSP',
          name: 'Speed command',
          colour: 'yellow',
          plug: 'CONTROL',
          plugTitle: 'Control',
        },
      ],
      probes: { 'bus.volts': ['BUS', 'GND'] },
    },
  ],
} as unknown as Catalogue

/** A call on that family with nothing read. */
export const aCall = (diagnosis: object = {}, more: object = {}): Call =>
  ({
    id: '00000000-0000-4000-8000-000000000001',
    practice: false,
    asTold: [],
    particulars: { motor: { family: 'BLDC_FIVE_WIRE' }, symptom: 'NO_RUN', wires: {} },
    readings: [],
    diagnosis: { suspects: [], stations: [], windows: [], rounds: [], ...diagnosis },
    ...more,
  }) as unknown as Call

export const stubs = { 'router-link': { props: ['to'], template: '<a :href="to"><slot /></a>' } }

/** How to mount what stands on an open call. */
export function onCall(call: Call, more: Partial<OpenCall> = {}) {
  const open = {
    id: call.id,
    loaded: ref(call),
    fault: ref(''),
    refusal: ref(null),
    waiting: computed(() => []),
    toldLast: computed(() => call.particulars),
    phase: ref('BEFORE'),
    ...more,
  } as unknown as OpenCall
  return { global: { stubs, provide: { [CALL as symbol]: open } } }
}
