import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { catalogue } from '../catalogue/catalogue'
import { aCall, CATALOGUE, onCall } from './calls.fixture'
import OwnWindow from './OwnWindow.vue'
import RoundPlan from './RoundPlan.vue'
import SuspectList from './SuspectList.vue'
import TerminalPicture from './TerminalPicture.vue'

beforeEach(() => {
  catalogue.value = CATALOGUE
})

const suspect = (id: string, state: string, more: object = {}) => ({
  id,
  state,
  probability: 0.5,
  because: [],
  clearedBy: [],
  pointedAtBy: [],
  wouldSettle: [],
  missing: [],
  ...more,
})

describe('the suspects', () => {
  const call = aCall({
    stations: [{ id: 'SUPPLY', state: 'GOOD', readings: ['DC bus: 338 V, good.'] }],
    suspects: [
      suspect('MODULE', 'LIKELY', {
        probability: 0.8,
        pointedAtBy: [{ sentence: 'Command: 3 V, good. That speaks for it.', figure: 'speed.low' }],
        clearedBy: [{ sentence: 'Logic: 15 V. That is not seen when it is dead.' }],
        wouldSettle: ['"Free" to "Turn it" would prove it.'],
        missing: ['bus.volts'],
      }),
      suspect('SUPPLY', 'CLEARED', {
        clearedBy: [
          { sentence: 'Elsewhere: fine. That is not seen when it has no power.', facts: ['aux'] },
          {
            sentence: 'DC bus: 338 V, good. That is not seen when it has no power.',
            facts: ['bus.volts'],
          },
        ],
      }),
      suspect('WINDING', 'CLEARED', { clearedBy: [{ sentence: 'Not drawn here.', facts: [] }] }),
    ],
  })
  const list = () => mount(SuspectList, onCall(call))

  it('are named as on this chain, with one reason while folded', () => {
    const text = list().text()
    expect(text).toContain('Motor electronics')
    expect(text).toContain('80 %')
    expect(text).toContain('That speaks for it.')
    expect(text).not.toContain('would prove it')
  })

  it('opened, say what points at it, what rules out a part, what would settle it', async () => {
    const wrapper = list()
    await wrapper.find('li > button').trigger('click')
    const why = wrapper.find('.why').text()
    expect(why).toContain('Points at it')
    expect(why).toContain('Rules out a part of it')
    expect(why).toContain('would prove it')
    expect(wrapper.find('.why a').attributes('href')).toBe('/about#speed.low')
  })

  it('have one number, which is also their order', () => {
    const two = aCall({
      suspects: [
        suspect('MODULE', 'POSSIBLE', { probability: 0.18 }),
        suspect('SUPPLY', 'POSSIBLE', { probability: 0.16 }),
      ],
    })
    const shares = mount(SuspectList, onCall(two)).findAll('.share')
    expect(shares.map((one) => one.text())).toEqual(['18 %', '16 %'])
  })

  it('that lead without a reading of their own say so', () => {
    const alone = aCall({ suspects: [suspect('MODULE', 'LIKELY'), suspect('SUPPLY', 'POSSIBLE')] })
    const text = mount(SuspectList, onCall(alone)).text()
    expect(text).toContain('it is what is left')
    expect(text).not.toContain('No reading points at it.')
  })

  it('lead to the checks that are missing', async () => {
    const wrapper = list()
    await wrapper.find('li > button').trigger('click')
    await wrapper.find('.why .link-button').trigger('click')
    expect(wrapper.emitted('check')).toEqual([['bus.volts']])
  })

  it('cleared ones show the reading at their own link, and only drawn links are told', () => {
    const cleared = list().find('.cleared').text()
    expect(cleared).toContain('DC bus: 338 V')
    expect(cleared).not.toContain('Elsewhere')
    expect(cleared).not.toContain('Not drawn here')
  })
})

describe('the round', () => {
  const call = aCall({
    rounds: [
      {
        state: 'POWER_ON',
        checks: ['bus.volts', 'logic.volts'],
        minutes: 2,
        tools: ['Meter'],
        parts: ['A motor'],
      },
      { state: 'MODULE_OFF', checks: ['winding.pairs'], minutes: 9, tools: [], parts: [] },
    ],
  })

  it('shows the checks of this state, what to carry, and what comes then', async () => {
    const wrapper = mount(RoundPlan, { props: { shown: 'bus.volts' }, ...onCall(call) })
    expect(wrapper.find('.state').text()).toBe('Power on')
    expect(wrapper.findAll('ol button').map((one) => one.text())).toEqual([
      'Measure the DC bus',
      'Measure the logic supply',
    ])
    expect(wrapper.find('.shown').text()).toBe('Measure the DC bus')
    expect(wrapper.find('.carry').text()).toContain('Meter')
    expect(wrapper.find('.carry').text()).toContain('A motor')
    expect(wrapper.find('.later').text()).toBe('Then, module off: measure the pairs.')
    await wrapper.findAll('ol button')[1]!.trigger('click')
    expect(wrapper.emitted('check')).toEqual([['logic.volts']])
  })

  it('is not there when it is decided', () => {
    expect(mount(RoundPlan, onCall(aCall())).find('section').exists()).toBe(false)
  })
})

describe('the terminals', () => {
  const picture = (wires: object = {}, fact = 'bus.volts') =>
    mount(TerminalPicture, {
      props: { fact },
      ...onCall(aCall({}, { particulars: { motor: { family: 'BLDC_FIVE_WIRE' }, wires } })),
    })

  it('show where each tip goes, in words', () => {
    const touched = picture().findAll('.touched')
    expect(touched.map((one) => one.find('.tip').text())).toEqual(['red tip', 'black tip'])
    expect(touched.map((one) => one.find('.pin').text())).toEqual(['BUS', 'GND'])
  })

  it('are shown without tips where nothing is measured', () => {
    expect(picture({}, '').findAll('.tip')).toHaveLength(0)
  })

  it('carry the labels of this motor in place of the usual ones', () => {
    const text = picture({ VSP: 'pink' }).text()
    expect(text).toContain('pink')
    expect(text).not.toContain('yellow')
  })

  it('can be labelled anew; only what differs from the usual is kept', async () => {
    const wrapper = picture()
    await wrapper.find('.link-button').trigger('click')
    const inputs = wrapper.findAll('input')
    expect(inputs.map((one) => one.element.value)).toEqual(['red', 'black', 'yellow'])
    await inputs[2]!.setValue(' grey ')
    await wrapper.find('.link-button').trigger('click')
    expect(wrapper.emitted('wires')).toEqual([[{ VSP: 'grey' }]])
  })
})

describe('the window in force', () => {
  const window = (own: boolean) =>
    mount(OwnWindow, {
      props: {
        fact: 'bus.volts',
      },
      ...onCall(
        aCall({
          windows: [
            {
              fact: 'bus.volts',
              ownFact: 'window.bus.volts',
              low: 270,
              high: 350,
              unit: 'V DC',
              source: 'Common practice',
              figure: own ? undefined : 'bus.low',
              own,
            },
          ],
        }),
      ),
    })

  it('names its source', () => {
    expect(window(false).text()).toContain('270 to 350 V DC')
    expect(window(false).find('a').attributes('href')).toBe('/about#bus.low')
    expect(window(true).text()).toContain('own window')
    expect(window(true).find('a').exists()).toBe(false)
  })

  it("gives way to the unit's own, lower value first", async () => {
    const wrapper = window(false)
    await wrapper.find('.link-button').trigger('click')
    const [low, high] = wrapper.findAll('input')
    await low!.setValue('395')
    await high!.setValue('370')
    await wrapper.find('form').trigger('submit')
    expect(wrapper.find('[role=alert]').text()).toContain('lower one first')
    expect(wrapper.emitted('record')).toBeUndefined()
    await low!.setValue('370')
    await high!.setValue('395')
    await wrapper.find('form').trigger('submit')
    expect(wrapper.emitted('record')).toEqual([['window.bus.volts', [370, 395]]])
  })
})
