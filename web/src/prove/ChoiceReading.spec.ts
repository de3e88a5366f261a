import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Answer, Catalogue, Check } from '../api/types'
import { catalogue } from '../catalogue/catalogue'
import ChoiceReading from './ChoiceReading.vue'

const fact = (id: string, kind: 'CHOICE' | 'FLAG', choices: string[]) => ({
  id,
  kind,
  choices: choices.map((word) => ({ id: word, title: word })),
  together: [],
  mayBeUntold: true,
  title: id,
  unit: '',
  least: 0,
  most: 0,
})

const CHECK = {
  id: 'shaft.feel.module_off',
  outcomes: [
    { value: 'FREE', answer: 'FREE', label: 'Free', good: true },
    { value: 'LOCKED', answer: 'LOCKED', label: 'Locked', good: false },
    { value: 'GONE', answer: 'FREE', label: 'Free now, the drag is gone', good: false },
  ],
} as unknown as Check

const answer = (value: string, word: string, label: string, probability: number): Answer =>
  ({
    value,
    answer: word,
    label,
    probability,
    leadsTo: 'MODULE',
    decides: value === 'GONE',
  }) as Answer

beforeEach(() => {
  catalogue.value = {
    families: [{ id: 'CONSTANT_TORQUE', stations: [{ id: 'MODULE', title: 'Module' }] }],
    facts: {
      feel: fact('feel', 'CHOICE', ['FREE', 'LOCKED']),
      call: fact('call', 'FLAG', []),
      link: fact('link', 'CHOICE', ['In', 'Out']),
      water: { ...fact('water', 'CHOICE', ['Dry', 'Pan', 'Track']), together: ['Track', 'Pan'] },
    },
  } as unknown as Catalogue
})

function buttons(name: string, answers: Answer[] = [], readings: unknown[] = []) {
  const wrapper = mount(ChoiceReading, {
    props: {
      check: CHECK,
      family: 'CONSTANT_TORQUE',
      fact: name,
      answers,
      readings: readings as never,
    },
  })
  return { wrapper, all: wrapper.findAll('button') }
}

describe('an answer by a tap', () => {
  it('offers the words of the fact, and gives the one tapped', async () => {
    const { wrapper, all } = buttons('feel')
    expect(all).toHaveLength(2)
    await all[1]!.trigger('click')
    expect(wrapper.emitted('record')).toEqual([['feel', 'LOCKED']])
  })

  it('says the likelier meaning where one word can mean two things', () => {
    const { all } = buttons('feel', [
      answer('FREE', 'FREE', 'Free', 0.1),
      answer('GONE', 'FREE', 'Free now, the drag is gone', 0.7),
    ])
    expect(all[0]!.text()).toContain('the drag is gone')
    expect(all[0]!.text()).toContain('Proves: Module')
  })

  it('has a word on every button, also where the check has none for it', () => {
    expect(buttons('link').all.map((one) => one.text())).toEqual(['In 1', 'Out 2'])
  })

  it('records what is seen at once together', async () => {
    const { wrapper } = buttons('water')
    await wrapper.find('.several button').trigger('click')
    const [dry, pan, track] = wrapper.findAll('.choice')
    expect(dry!.attributes('disabled')).toBeDefined()
    await pan!.trigger('click')
    await track!.trigger('click')
    expect(wrapper.emitted('record')).toBeUndefined()
    await wrapper.find('.several button').trigger('click')
    expect(wrapper.emitted('record')).toEqual([['water', ['Pan', 'Track']]])
  })

  it('yes and no are true and false', async () => {
    const { wrapper, all } = buttons('call')
    await all[1]!.trigger('click')
    expect(wrapper.emitted('record')).toEqual([['call', false]])
  })

  it('shows what is recorded already', () => {
    const { all } = buttons('feel', [], [{ fact: 'feel', value: 'LOCKED', standing: true }])
    expect(all[1]!.attributes('aria-pressed')).toBe('true')
    expect(all[0]!.attributes('aria-pressed')).toBe('false')
  })

  it('a digit picks the button with that number, and no other digit does anything', () => {
    const { wrapper } = buttons('feel')
    const exposed = wrapper.vm as unknown as { type: (key: string) => void }
    exposed.type('2')
    exposed.type('9')
    expect(wrapper.emitted('record')).toEqual([['feel', 'LOCKED']])
  })
})
