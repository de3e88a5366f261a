import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import type { PlateField } from '../api/types'
import OptionGroup from '../shared/OptionGroup.vue'
import PlateNumber from './PlateNumber.vue'

const PHASES: PlateField = {
  id: 'phases',
  title: 'Phases of the line',
  unit: '',
  least: 1,
  most: 3,
  whole: true,
}
const AMPS: PlateField = {
  id: 'fullLoadAmps',
  title: 'Full-load amps',
  unit: 'A',
  least: 0.01,
  most: 1000,
  whole: false,
}

const stubs = {
  'el-input': {
    props: ['modelValue', 'name'],
    emits: ['update:modelValue'],
    template:
      '<input :name="name" :value="modelValue" @input="$emit(\'update:modelValue\', $event.target.value)" />',
  },
}

function field(of: PlateField, value?: number) {
  const wrapper = mount(PlateNumber, {
    props: { field: of, modelValue: value },
    global: { stubs },
  })
  const type = async (text: string) => {
    await wrapper.find('input').setValue(text)
    return wrapper.emitted('update:modelValue')?.at(-1)?.[0]
  }
  return { wrapper, type }
}

describe('a number off a plate', () => {
  it('passes on what is right, with a comma or a point', async () => {
    const { wrapper, type } = field(AMPS)
    expect(await type('4.3')).toBe(4.3)
    expect(await type('4,5')).toBe(4.5)
    expect(wrapper.find('.fault').exists()).toBe(false)
  })

  it('says what is wrong, and keeps the last right one', async () => {
    const { wrapper, type } = field(AMPS)
    await type('4.3')
    expect(await type('4.3x')).toBe(4.3)
    expect(wrapper.find('.fault').text()).toBe('Type a number.')
    expect(await type('2000')).toBe(4.3)
    expect(wrapper.find('.fault').text()).toBe('Allowed is 0.01 to 1000 A.')
  })

  it('takes only whole numbers where only those will do', async () => {
    const { wrapper, type } = field(PHASES)
    await type('2.5')
    expect(wrapper.find('.fault').text()).toBe('Type a whole number.')
    expect(await type('3')).toBe(3)
    await type('4')
    expect(wrapper.find('.fault').text()).toBe('Allowed is 1 to 3.')
  })

  it('is not known again when it is emptied', async () => {
    const { type } = field(AMPS, 4.3)
    expect(await type('')).toBeUndefined()
  })

  it('shows what comes from elsewhere', async () => {
    const { wrapper } = field(AMPS, 4.3)
    await wrapper.setProps({ modelValue: 7 })
    expect(wrapper.find('input').element.value).toBe('7')
  })
})

describe('a question with its answers as buttons', () => {
  const options = [
    { value: 'STAR', label: 'Star' },
    { value: 'DELTA', label: 'Delta' },
  ]

  it('marks the answer, and a second tap takes it back', async () => {
    const wrapper = mount(OptionGroup<string>, {
      props: { title: 'Joined in', options, modelValue: 'STAR' },
    })
    const [star, delta] = wrapper.findAll('button')
    expect(star!.attributes('aria-pressed')).toBe('true')
    await delta!.trigger('click')
    expect(wrapper.emitted('update:modelValue')?.at(-1)).toEqual(['DELTA'])
    await wrapper.setProps({ modelValue: 'DELTA' })
    // The second half of a double tap takes nothing back.
    await delta!.trigger('click')
    expect(wrapper.emitted('update:modelValue')?.at(-1)).toEqual(['DELTA'])
    const now = performance.now()
    vi.spyOn(performance, 'now').mockReturnValue(now + 1000)
    await delta!.trigger('click')
    expect(wrapper.emitted('update:modelValue')?.at(-1)).toEqual([undefined])
    vi.restoreAllMocks()
  })

  it('keeps one where one must stand', async () => {
    const wrapper = mount(OptionGroup<string>, {
      props: { title: 'Joined in', options, modelValue: 'STAR', required: true },
    })
    await wrapper.findAll('button')[0]!.trigger('click')
    expect(wrapper.emitted('update:modelValue')).toBeUndefined()
  })
})
