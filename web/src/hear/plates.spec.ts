import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, ref } from 'vue'
import type { Call, Particulars } from '../api/types'
import AskedHere from './AskedHere.vue'
import { catalogue, checksOf } from '../catalogue/catalogue'
import { aCall, CATALOGUE, onCall } from '../prove/calls.fixture'
import EarlierPlate from './EarlierPlate.vue'
import WhichMotor from './WhichMotor.vue'

const PLATES = {
  motorPlate: [
    { id: 'horsepower', title: 'Horsepower', unit: 'hp', least: 0.001, most: 500, whole: false },
  ],
  unitPlate: [],
  plateQuestions: [
    {
      path: 'motor.volts',
      title: 'Line voltage on the plate',
      kind: 'DIGITS',
      words: [{ id: '115', title: '115' }],
    },
  ],
  whichMotor: [
    {
      id: 'PLACE',
      ask: 'Where does it sit?',
      answers: [
        { id: 'WALL', label: 'In a wall', leaves: ['BLDC_FIVE_WIRE'] },
        { id: 'OUTDOOR', label: 'Outdoors', leaves: ['BLDC_FIVE_WIRE', 'STAGED_CONDENSER'] },
      ],
    },
  ],
}
const OTHER = {
  id: 'STAGED_CONDENSER',
  title: 'Staged condenser fan',
  covered: true,
  checks: [{ id: 'winding.pairs', ask: 'Measure the pairs.', facts: [] }],
}

beforeEach(() => {
  catalogue.value = {
    ...CATALOGUE,
    ...PLATES,
    families: [...CATALOGUE.families, OTHER],
  } as unknown as typeof CATALOGUE
})

describe('what a stage waits for', () => {
  const asks = [
    { stage: 'CHOOSE', field: 'motor.horsepower', why: 'to match another motor' },
    { stage: 'PROVE', field: 'motor.volts', why: 'to judge the line' },
  ]
  const shown = () => {
    const call = ref(aCall({}, { plateAsks: asks })) as unknown as { value: Call }
    const tell = vi.fn()
    const loaded = computed(() => call.value)
    const how = onCall(call.value, { loaded, tell } as never)
    return { call, tell, wrapper: mount(AskedHere, { ...how, props: { stage: 'CHOOSE' } }) }
  }

  it('is asked there, with what for, and not elsewhere', () => {
    const { wrapper } = shown()
    expect(wrapper.text()).toContain('Off the plate')
    expect(wrapper.text()).toContain('To match another motor')
    expect(wrapper.text()).toContain('Horsepower')
    expect(wrapper.text()).not.toContain('judge the line')
  })

  it('stays while it is being filled in', async () => {
    const { call, wrapper } = shown()
    call.value = aCall({}, { plateAsks: [] })
    await wrapper.vm.$nextTick()
    expect(wrapper.text()).toContain('all told')
    expect(wrapper.text()).toContain('Horsepower')
  })
})

describe("the unit's last call", () => {
  const told = (motor: object): Particulars =>
    ({ motor: { family: 'BLDC_FIVE_WIRE', ...motor }, unit: {} }) as unknown as Particulars
  const mounted = async (earlier: object[], model: Particulars) => {
    vi.stubGlobal('fetch', async () => new Response(JSON.stringify(earlier)))
    const wrapper = mount(EarlierPlate, { ...onCall(aCall()), props: { modelValue: model } })
    await flushPromises()
    return wrapper
  }
  const earlier = (family: string) => [
    {
      call: 'x',
      at: '2030-03-04T10:00:00Z',
      particulars: { motor: { family, horsepower: 0.75, volts: '208-230' }, unit: {} },
    },
  ]

  it('is offered, and taken over with one touch where it says more', async () => {
    const model = told({ volts: '115' })
    const wrapper = await mounted(earlier('BLDC_FIVE_WIRE'), model)
    expect(wrapper.text()).toContain('Horsepower: 0.75 hp')
    expect(wrapper.text()).not.toContain('208-230')
    await wrapper.find('button').trigger('click')
    expect(model.motor.horsepower).toBe(0.75)
    expect(model.motor.volts).toBe('115')
  })

  it('says nothing of the plate of another kind of motor, nor where there was none', async () => {
    expect((await mounted(earlier('EC_PLUG_FAN'), told({}))).text()).toBe('')
    expect((await mounted([], told({}))).text()).toBe('')
  })
})

describe('whoever does not know the motor', () => {
  it('is led to it by what can be seen', async () => {
    const wrapper = mount(WhichMotor)
    expect(wrapper.text()).toContain('Where does it sit?')
    await wrapper.findAll('.answers button')[0]!.trigger('click')
    expect(wrapper.emitted('found')![0]).toEqual([['BLDC_FIVE_WIRE']])
  })

  it('and cannot tell, goes on with what those left share', async () => {
    const wrapper = mount(WhichMotor)
    await wrapper.find('.link-button').trigger('click')
    expect(wrapper.text()).toContain('It can be any of these.')
    await wrapper.find('.options .quiet-button').trigger('click')
    expect(wrapper.emitted('found')![0]).toEqual([['BLDC_FIVE_WIRE', 'STAGED_CONDENSER']])
    const shared = checksOf(['BLDC_FIVE_WIRE', 'STAGED_CONDENSER'])
    expect(shared.map((one) => one.id)).toEqual(['winding.pairs'])
  })
})
