import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Debrief } from '../api/types'
import { catalogue } from '../catalogue/catalogue'
import { aCall, CATALOGUE, onCall } from '../prove/calls.fixture'
import DebriefStage from './DebriefStage.vue'

const debrief = (more: object = {}): Debrief =>
  ({
    cost: 26,
    advisedCost: 22,
    currency: 'USD',
    debrief: {
      truth: 'It shorts the DC bus.',
      suspects: ['MODULE'],
      outcome: 'PROVED',
      minutes: 13,
      advisedMinutes: 11,
      advisedChecks: ['bus.volts'],
      steps: [
        { check: 'bus.volts', minutes: 1, needless: false, why: 'It moved suspicion.' },
        { check: 'winding.pairs', minutes: 9, needless: true, why: 'It was proved already.' },
      ],
      missed: [],
      secondLooks: ['The line was recorded as 0 V. Taken once more it would have read 240 V.'],
      extraMinutes: 0,
      ...more,
    },
  }) as unknown as Debrief

async function stage(answer: Debrief | null) {
  vi.stubGlobal('fetch', async () => {
    if (!answer) throw new TypeError('offline')
    return new Response(JSON.stringify(answer))
  })
  const wrapper = mount(DebriefStage, onCall(aCall()))
  await flushPromises()
  return wrapper
}

beforeEach(() => {
  catalogue.value = CATALOGUE
})

describe('the look back', () => {
  it('tells what it was, what was needless, and what it cost beside the advised way', async () => {
    const wrapper = await stage(debrief())
    expect(wrapper.find('h2').text()).toBe('You proved it.')
    expect(wrapper.find('.truth').text()).toBe('Motor electronics: it shorts the DC bus.')
    expect(wrapper.find('.notice').text()).toContain('Taken once more')
    expect(wrapper.text()).toContain('13 min, 2 checks')
    expect(wrapper.text()).toContain('11 min, 1 check')
    expect(wrapper.text()).toContain('$26')
    expect(wrapper.findAll('.needless')).toHaveLength(1)
    expect(wrapper.find('.needless').text()).toContain('Needless: It was proved already.')
  })

  it('names what was missed, and counts the second visit', async () => {
    const wrapper = await stage(
      debrief({ outcome: 'ASTRAY', missed: ['logic.volts'], extraMinutes: 90, steps: [] }),
    )
    expect(wrapper.find('h2').text()).toBe('You were on another track.')
    expect(wrapper.text()).toContain('a second visit counted')
    expect(wrapper.text()).toContain('Measure the logic supply.')
    expect(wrapper.text()).toContain('No check.')
  })

  it('says so when nothing was needless and nothing missed', async () => {
    const wrapper = await stage(debrief({ steps: [debrief().debrief.steps[0]!] }))
    expect(wrapper.text()).toContain('Nothing was needless, and nothing missed.')
  })

  it('says when no answer comes', async () => {
    const wrapper = await stage(null)
    expect(wrapper.find('[role=alert]').text()).toContain('No answer')
  })
})
