import { onBeforeUnmount, ref, shallowRef } from 'vue'
import { noSenses, whyNot } from './senses'

type Torch = MediaTrackCapabilities & { torch?: boolean }

/** The device's camera, on its back where it has one; asked for by a touch, ended with the page. */
export function useCamera() {
  const stream = shallowRef<MediaStream | null>(null)
  const fault = ref('')
  const hasTorch = ref(false)
  const torch = ref(false)
  let asked = 0

  async function start(video: HTMLVideoElement) {
    fault.value = noSenses()
    if (fault.value) return false
    const mine = ++asked
    try {
      const given = await navigator.mediaDevices.getUserMedia({
        audio: false,
        video: {
          facingMode: { ideal: 'environment' },
          width: { ideal: 1280 },
          height: { ideal: 720 },
          frameRate: { ideal: 30 },
        },
      })
      // Stopped, or asked again, while the browser was asking.
      if (mine !== asked) {
        end(given)
        return false
      }
      stream.value = given
      const track = given.getVideoTracks()[0]!
      track.onended = () => (fault.value = 'The camera was taken away. Begin again.')
      hasTorch.value = !!(track.getCapabilities?.() as Torch | undefined)?.torch
      video.srcObject = given
      await video.play()
      return true
    } catch (failed) {
      if (mine === asked) fault.value = whyNot(failed, 'camera')
      stop()
      return false
    }
  }

  async function light(on: boolean) {
    const track = stream.value?.getVideoTracks()[0]
    try {
      await track?.applyConstraints({ advanced: [{ torch: on } as MediaTrackConstraintSet] })
      torch.value = on
    } catch {
      hasTorch.value = false
    }
  }

  const end = (given: MediaStream) => given.getTracks().forEach((track) => track.stop())

  function stop() {
    asked++
    if (stream.value) end(stream.value)
    stream.value = null
    torch.value = false
  }

  onBeforeUnmount(stop)
  return { stream, fault, hasTorch, torch, start, stop, light }
}
