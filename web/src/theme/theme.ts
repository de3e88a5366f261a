import { ref } from 'vue'

export type Theme = 'light' | 'dark'

const KEPT = 'rotor.theme'
const asks = window.matchMedia('(prefers-color-scheme: dark)')

function initial(): Theme {
  const kept = localStorage.getItem(KEPT)
  if (kept === 'light' || kept === 'dark') return kept
  return asks.matches ? 'dark' : 'light'
}

export const theme = ref<Theme>(initial())

export function applyTheme() {
  document.documentElement.dataset.theme = theme.value
}

asks.addEventListener('change', () => {
  theme.value = initial()
  applyTheme()
})

/** The device's wish holds until somebody chooses. */
export function setTheme(next: Theme) {
  theme.value = next
  localStorage.setItem(KEPT, next)
  applyTheme()
}
