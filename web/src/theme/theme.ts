import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { computed, watchEffect } from 'vue'

export type Theme = 'light' | 'dark'

const asks = usePreferredDark()
/** The device's wish holds until somebody chooses. */
const chosen = useLocalStorage<Theme | ''>('rotor.theme', '', { writeDefaults: false })

export const theme = computed<Theme>(() =>
  chosen.value === 'light' || chosen.value === 'dark'
    ? chosen.value
    : asks.value
      ? 'dark'
      : 'light',
)

/** On the whole page, from now on. */
export const applyTheme = () =>
  watchEffect(() => (document.documentElement.dataset.theme = theme.value))

export function setTheme(next: Theme) {
  chosen.value = next
}
