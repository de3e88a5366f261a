import { ref } from 'vue'

/** Whether results are said aloud, by the device's own voice; as long as the page is open. */
export const aloud = ref(false)

export const canSpeak = () => 'speechSynthesis' in window

let last = ''

/** Says it once, where that is asked for. */
export function say(words: string) {
  if (!aloud.value || !canSpeak() || words === last) return
  last = words
  speechSynthesis.cancel()
  const said = new SpeechSynthesisUtterance(words)
  said.lang = 'en'
  speechSynthesis.speak(said)
}

export function turnAloud() {
  aloud.value = !aloud.value
  last = ''
  if (!aloud.value && canSpeak()) speechSynthesis.cancel()
}
