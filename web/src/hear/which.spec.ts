// @vitest-environment node
import { describe, expect, it } from 'vitest'
import type { MotorQuestion } from '../api/types'
import { left, next } from './which'

const QUESTIONS = [
  {
    id: 'PLACE',
    ask: 'Where?',
    answers: [
      { id: 'IN', label: 'In', leaves: ['A', 'B'] },
      { id: 'OUT', label: 'Out', leaves: ['C'] },
    ],
  },
  {
    id: 'PLATE',
    ask: 'Which plate?',
    answers: [{ id: 'AC', label: 'AC', leaves: ['A', 'B'] }],
  },
  {
    id: 'WIRES',
    ask: 'How many?',
    answers: [
      { id: 'TWO', label: 'Two', leaves: ['A', 'C'] },
      { id: 'FOUR', label: 'Four', leaves: ['B'] },
    ],
  },
] as unknown as MotorQuestion[]
const ALL = ['A', 'B', 'C']

describe('which motor it is', () => {
  it('is narrowed by each answer, and by none that cannot be told', () => {
    expect(left(QUESTIONS, {}, ALL)).toEqual(ALL)
    expect(left(QUESTIONS, { PLACE: 'IN' }, ALL)).toEqual(['A', 'B'])
    expect(left(QUESTIONS, { PLACE: 'IN', WIRES: 'FOUR' }, ALL)).toEqual(['B'])
    expect(left(QUESTIONS, { PLACE: 'OUT', WIRES: 'FOUR' }, ALL)).toEqual([])
  })

  it('is asked by what still parts it', () => {
    expect(next(QUESTIONS, {}, [], ALL)?.id).toBe('PLACE')
    expect(next(QUESTIONS, { PLACE: 'IN' }, ['PLACE'], ALL)?.id).toBe('WIRES')
    expect(next(QUESTIONS, {}, ['PLACE'], ALL)?.id).toBe('PLATE')
    expect(next(QUESTIONS, { PLACE: 'OUT' }, ['PLACE'], ALL)).toBeUndefined()
  })
})
