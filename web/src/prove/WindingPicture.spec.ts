import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Winding } from '../api/types'
import WindingPicture from './WindingPicture.vue'

const SOUND: Winding = {
  state: 'SOUND',
  signature: 'BALANCED',
  unbalancePercent: 0,
  unbalanceInterval: [0, 1],
  phases: [],
  phaseOhms: [3, 3, 3],
  frame: 'CLEAR',
  limitPercent: 10,
  sentence: 'The three pairs agree.',
}

const draw = (winding: Partial<Winding>) =>
  mount(WindingPicture, { props: { winding: { ...SOUND, ...winding } } })

describe('the winding picture', () => {
  it('says its sentence to whoever cannot see it', () => {
    expect(draw({}).attributes('aria-label')).toBe('The three pairs agree.')
  })

  it('draws a sound winding without a mark of a fault', () => {
    const picture = draw({})
    expect(picture.findAll('.coil')).toHaveLength(3)
    expect(picture.findAll('.bad')).toHaveLength(0)
    expect(picture.find('.fault').exists()).toBe(false)
    expect(picture.text()).toContain('3.00 Ω')
  })

  it('draws the bridge between two phases that touch, at their depth', () => {
    const picture = draw({
      state: 'FAULTY',
      signature: 'PHASE_TO_PHASE_SHORT',
      phases: ['B', 'C'],
      depth: 0.25,
    })
    expect(picture.findAll('.bad')).toHaveLength(2)
    const points = picture.findAll('.fault circle')
    // A quarter of the way from B (96, 222) to the star point (220, 142).
    expect(Number(points[0]!.attributes('cx'))).toBeCloseTo(127)
    expect(Number(points[0]!.attributes('cy'))).toBeCloseTo(202)
  })

  it('draws an open phase with the gap that it has', () => {
    const picture = draw({
      state: 'FAULTY',
      signature: 'OPEN_PHASE',
      phases: ['A'],
      phaseOhms: [],
    })
    expect(picture.findAll('.bad .coil')).toHaveLength(2)
    expect(picture.text()).toContain('open')
  })

  it.each(['TURN_SHORT', 'FRAME_SHORT', 'HIGH_JOINT'] as const)('marks %s', (signature) => {
    const picture = draw({ state: 'FAULTY', signature, phases: ['C'], depth: 0.4 })
    expect(picture.find('.fault').exists()).toBe(true)
    expect(picture.findAll('.bad')).toHaveLength(1)
  })

  it('marks nothing while the meter cannot tell', () => {
    expect(draw({ state: 'UNCERTAIN', signature: 'UNCLEAR' }).find('.fault').exists()).toBe(false)
  })
})
