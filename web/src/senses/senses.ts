import type { BlinkReading } from '../api/types'

/** What the senses answer, as the core has it (core/lamp, core/sound, core/plate). */
export interface LampSeen {
  state: 'LOOKING' | 'DARK' | 'STEADY' | 'EVEN' | 'FLICKERS' | 'FLASHES'
  sentence: string
  colours: string[]
  reading: BlinkReading
  presses: { down: number; up: number; lamp: number }[]
  codes: string[]
  warnings: { id: string; sentence: string }[]
  traces: { colour: string | null; times: number[]; light: number[] }[]
}

export interface SpeedHeard {
  state: 'LISTENING' | 'NOTHING' | 'NO_BLADES' | 'TWO' | 'UNSTEADY' | 'HEARD'
  rpm: number | null
  low: number | null
  high: number | null
  others: number[]
  sentence: string
  tones: { harmonic: number; hertz: number; decibels: number }[]
  picture: { step: number; above: number[] }
}

export interface StartsHeard {
  shape: 'LISTENING' | 'NO_CHANGE' | 'TRIES' | 'GAVE_UP' | 'LONG_RUN_STOPS' | 'UNEVEN'
  tries: { from: number; lasted: number }[]
  listened: number
  sentence: string
  loudness: { step: number; decibels: number[] }
}

/** Why a camera or a microphone cannot be had, in words. */
export function whyNot(fault: unknown, what: 'camera' | 'microphone'): string {
  const name = fault instanceof Error ? fault.name : ''
  if (name === 'NotAllowedError' || name === 'SecurityError') {
    return `This page may not use the ${what}. Allow it in the browser's settings for this page.`
  }
  if (name === 'NotFoundError' || name === 'OverconstrainedError') {
    return `This device has no ${what} that could be used.`
  }
  if (name === 'NotReadableError') return `Another program has the ${what} just now.`
  return `The ${what} cannot be used here.`
}

/** Browsers give camera and microphone to pages on TLS and on the device itself alone. */
export const noSenses = () =>
  navigator.mediaDevices
    ? ''
    : 'The browser gives camera and microphone only over TLS (https). Ask who keeps the server.'
