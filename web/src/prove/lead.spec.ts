import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Call, Diagnosis } from '../api/types'
import { catalogue } from '../catalogue/catalogue'
import AtOdds from './AtOdds.vue'
import { aCall, CATALOGUE, onCall } from './calls.fixture'
import ReadingLog from './ReadingLog.vue'
import { alsoWorthALook, stepOf } from './step'
import WhatToDo from './WhatToDo.vue'

const ACTIONS = [
  { id: 'REPLACE_MOTOR', title: 'Replace the motor' },
  { id: 'REPAIR_HARNESS', title: 'Mend the harness' },
]
beforeEach(() => {
  catalogue.value = { ...CATALOGUE, actions: ACTIONS } as typeof CATALOGUE
})

const test = (id: string, again = false) => ({ id, again, facts: [id], outcomes: [] })
const remedy = (state: string, more: object = {}) => ({
  state,
  also: [],
  sentence: 'Not settled yet: many things are still possible.',
  wouldChange: [],
  ...more,
})
const verdict = (state: string, of: object, more: object = {}) => ({
  state,
  suspects: [],
  sentence: 'Most likely the motor (84 %), not proved.',
  restsOn: [],
  remedy: of,
  ...more,
})
const diagnosis = (more: object) =>
  ({
    found: [],
    warnings: [],
    nextTests: [],
    beforeChoosing: [],
    suspects: [],
    stations: [],
    ...more,
  }) as unknown as Diagnosis
const reading = (id: string, fact: string, spoken: string, more: object = {}) => ({
  id,
  fact,
  spoken,
  at: '2031-05-02T10:00:00Z',
  author: 'T',
  phase: 'BEFORE',
  standing: true,
  retracted: false,
  again: false,
  ...more,
})
const settled = remedy('SETTLED', {
  action: 'REPLACE_MOTOR',
  also: ['REPAIR_HARNESS'],
  standing: 'No further check can change what you do.',
})

describe('the next step', () => {
  const next = (more: object) => stepOf(diagnosis(more))?.id

  it('is what is at odds, before all else', () => {
    const open = verdict('OPEN', remedy('OPEN'))
    expect(next({ verdict: open, nextTests: [test('b', true), test('a')] })).toBe('b')
  })

  it('is the next check while it is open', () => {
    expect(next({ verdict: verdict('OPEN', remedy('OPEN')), nextTests: [test('a')] })).toBe('a')
  })

  it('settled, is what is to be taken once more, or nothing', () => {
    const named = verdict('NARROWED', settled)
    expect(next({ verdict: named, nextTests: [test('a')] })).toBeUndefined()
    const before = [test('p'), test('w', true)]
    expect(next({ verdict: named, nextTests: [test('a')], beforeChoosing: before })).toBe('w')
    const all = diagnosis({ verdict: named, beforeChoosing: before })
    expect(alsoWorthALook(all, 'w').map((one) => one.id)).toEqual(['p'])
  })

  it('where a mend costs minutes and no part, is to try it', () => {
    const mend = remedy('SETTLED', { action: 'REPAIR_HARNESS', trial: 'run.reseated' })
    const tests = [test('line.volts'), test('run.reseated')]
    expect(next({ verdict: verdict('NARROWED', mend), nextTests: tests })).toBe('run.reseated')
  })

  it('proved and not settled, is what would settle it', () => {
    const proved = verdict('DECIDED', remedy('OPEN', { wouldChange: ['p'] }))
    expect(next({ verdict: proved, beforeChoosing: [test('w', true), test('p')] })).toBe('p')
  })
})

const mounted = (component: object, of: object, more: object = {}, how: object = {}) =>
  mount(component, onCall(aCall(diagnosis(of) as object, more) as Call, how))

describe('what leads the page', () => {
  it('says what to do, and that nothing more can change it', () => {
    const of = { verdict: verdict('NARROWED', settled) }
    const wrapper = mounted(WhatToDo, of, { readings: [reading('1', 'bus.volts', '338 V')] })
    expect(wrapper.find('.headline').text()).toBe('Replace the motor; besides: mend the harness')
    expect(wrapper.text()).toContain('No further check can change what you do.')
    expect(wrapper.text()).toContain('Most likely the motor (84 %), not proved.')
    expect(wrapper.find('.go').attributes('href')).toContain('/choose')
  })

  it('says which thing is to be mended, and never two things of its state', () => {
    const float = remedy('SETTLED', {
      action: 'REPAIR_COMMAND',
      how: 'The float switch is up: clear the drain',
      standing: 'No further check can change what you do.',
    })
    const of = { verdict: verdict('DECIDED', float) }
    const wrapper = mounted(WhatToDo, of, { readings: [reading('1', 'safety.open', 'float')] })
    expect(wrapper.find('.headline').text()).toBe('The float switch is up: clear the drain')
    expect(wrapper.findAll('.sure').map((one) => one.text())).toEqual([
      'No further check can change what you do.',
    ])
  })

  it('open, says what is known and what the next check will tell', () => {
    const headline = 'Line is there. Is it asked to run?'
    const of = { headline, verdict: verdict('OPEN', remedy('OPEN')) }
    const wrapper = mounted(WhatToDo, of, { readings: [reading('1', 'line.volts', '238 V')] })
    expect(wrapper.find('.headline').text()).toBe(headline)
  })

  it('open, says what it may come to and offers no choice', () => {
    const sentence = 'Not settled yet. Likeliest: mend the harness.'
    const of = { verdict: verdict('OPEN', remedy('OPEN', { sentence })) }
    const wrapper = mounted(WhatToDo, of, { readings: [reading('1', 'bus.volts', '338 V')] })
    expect(wrapper.find('.state').text()).toBe('Not settled yet')
    expect(wrapper.find('.headline').text()).toBe('Likeliest: mend the harness.')
    expect(wrapper.find('.go').exists()).toBe(false)
  })

  it('says nothing of what to do before anything is read', () => {
    const of = { verdict: { ...verdict('OPEN', remedy('OPEN')), sentence: 'Nothing yet.' } }
    expect(mounted(WhatToDo, of).text()).toBe('Nothing yet.')
  })
})

describe('readings at odds', () => {
  const of = {
    verdict: verdict('OPEN', remedy('OPEN')),
    nextTests: [test('bus.volts', true), test('logic.volts')],
    warnings: [{ id: 'DISAGREE', sentence: 'They do not agree.' }],
  }
  const readings = [
    reading('1', 'bus.volts', '338 V'),
    reading('2', 'bus.volts', '12 V', { again: true, standing: false }),
    reading('3', 'bus.volts', '5 V', { retracted: true }),
    reading('4', 'logic.volts', '15 V'),
  ]

  it('stand side by side, each to be taken once more or taken back', async () => {
    const takeBack = vi.fn()
    const wrapper = mounted(AtOdds, of, { readings }, { takeBack })
    expect(wrapper.findAll('.value').map((one) => one.text())).toEqual(['338 V', '12 V'])
    expect(wrapper.text()).toContain('They do not agree.')
    await wrapper.findAll('.link-button')[1]!.trigger('click')
    expect(takeBack.mock.calls[0]![0].id).toBe('2')
    await wrapper.find('.quiet-button').trigger('click')
    expect(wrapper.emitted('again')![0]![0]).toBe('bus.volts')
  })
})

describe('the readings', () => {
  it('that a proof rests on are marked, and one touch takes one again', async () => {
    const proved = verdict('DECIDED', settled, { restsOn: ['bus.volts'] })
    const readings = [
      reading('1', 'bus.volts', '338 V'),
      reading('2', 'logic.volts', '15 V', { standing: false }),
    ]
    const wrapper = mounted(ReadingLog, { verdict: proved }, { readings })
    expect(wrapper.findAll('.rests')).toHaveLength(1)
    expect(wrapper.find('details').attributes('open')).toBeDefined()
    await wrapper.find('.link-button').trigger('click')
    expect(wrapper.emitted('again')![0]).toEqual(['bus.volts'])
    expect(wrapper.findAll('.link-button')).toHaveLength(1)
  })
})
