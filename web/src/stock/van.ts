import { useLocalStorage } from '@vueuse/core'

/** The van that this device rides in: what lies on it is nearest. */
export const myVan = useLocalStorage('rotor.van', '', { writeDefaults: false })
