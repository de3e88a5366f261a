import { ref, watch } from 'vue'

const KEY = 'rotor.van'

function read(): string {
  try {
    return localStorage.getItem(KEY) ?? ''
  } catch {
    return ''
  }
}

/** The van that this device rides in: what lies on it is nearest. */
export const myVan = ref(read())

watch(myVan, (van) => {
  try {
    localStorage.setItem(KEY, van)
  } catch {
    // For this visit it is known all the same.
  }
})
