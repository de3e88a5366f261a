import { onBeforeUnmount, ref } from 'vue'
import { openSenses } from '../core/core'
import type { SenseVerb } from '../core/core'
import { useMicrophone } from './microphone'

/** The mains of the shop's country: its hum is no wheel [Hz]. */
const MAINS = 60
/** Asked so often [ms]: of a slow telephone that is half of its one core. */
const LOOK = 2000

/** Listens in a worker, and asks again and again what it amounts to. */
export function useEar<T>(verb: SenseVerb, question: () => object, told: (answer: T) => void) {
  const microphone = useMicrophone()
  const began = ref(false)
  let senses: ReturnType<typeof openSenses> | null = null
  let looks: ReturnType<typeof setInterval> | undefined

  async function look() {
    const mine = senses
    const answer = await mine?.ask<T>(verb, question()).catch(() => null)
    if (answer && mine === senses) told(answer)
  }

  function fresh(rate: number) {
    clearInterval(looks)
    senses?.close()
    senses = openSenses()
    senses.ask('listen', { rate, mains: MAINS }).catch(() => {
      microphone.fault.value = 'The rules could not be loaded. Try again when there is a radio.'
      end()
    })
    began.value = true
    looks = setInterval(() => void look(), LOOK)
  }

  const hear = (samples: Float32Array) => {
    senses?.ask('hear', { samples }).catch(() => {})
  }

  /** No more is listened to; what was heard stays. */
  function end() {
    clearInterval(looks)
    microphone.stop()
    void look()
  }

  /** A sound that was made or kept, as if it were heard just now. */
  async function play(samples: Float32Array, rate: number) {
    end()
    fresh(rate)
    clearInterval(looks)
    hear(samples)
    await look()
  }

  onBeforeUnmount(() => {
    clearInterval(looks)
    senses?.close()
    senses = null
  })

  return {
    ...microphone,
    began,
    listen: () => microphone.start(fresh, hear),
    end,
    look,
    play,
  }
}
