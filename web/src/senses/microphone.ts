import { onBeforeUnmount, ref } from 'vue'
import { noSenses, whyNot } from './senses'

/** The device's microphone as it hears, with nothing made nicer; ended with the page. */
export function useMicrophone() {
  const listening = ref(false)
  const fault = ref('')
  let stream: MediaStream | null = null
  let context: AudioContext | null = null
  let asked = 0

  /**
   * @param begin told the samples a second, before the first come
   * @param hear told the samples as they come
   */
  async function start(begin: (rate: number) => void, hear: (samples: Float32Array) => void) {
    fault.value = noSenses()
    if (fault.value) return
    stop()
    const mine = asked
    try {
      const given = await navigator.mediaDevices.getUserMedia({
        video: false,
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
      })
      if (mine !== asked) return given.getTracks().forEach((track) => track.stop())
      stream = given
      context = new AudioContext()
      await context.audioWorklet.addModule('/samples.js')
      if (mine !== asked || !context) return
      await context.resume()
      const node = new AudioWorkletNode(context, 'samples', { numberOfOutputs: 0 })
      node.port.onmessage = ({ data }: MessageEvent<Float32Array>) => hear(data)
      begin(context.sampleRate)
      context.createMediaStreamSource(given).connect(node)
      listening.value = true
      given.getAudioTracks()[0]!.onended = () => {
        fault.value = 'The microphone was taken away. Begin again.'
        stop()
      }
    } catch (failed) {
      if (mine === asked) fault.value = whyNot(failed, 'microphone')
      stop()
    }
  }

  function stop() {
    asked++
    listening.value = false
    stream?.getTracks().forEach((track) => track.stop())
    stream = null
    context?.close().catch(() => {})
    context = null
  }

  onBeforeUnmount(stop)
  return { listening, fault, start, stop }
}
