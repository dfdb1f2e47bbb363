import { ref } from 'vue'

export type Theme = 'system' | 'light' | 'dark'

const KEY = 'nimblet-theme'
const dark = window.matchMedia('(prefers-color-scheme: dark)')

function stored(): Theme {
  const value = localStorage.getItem(KEY)
  return value === 'light' || value === 'dark' ? value : 'system'
}

export const theme = ref<Theme>(stored())

function apply() {
  const shown = theme.value === 'system' ? (dark.matches ? 'dark' : 'light') : theme.value
  document.documentElement.setAttribute('data-bs-theme', shown)
}

export function chooseTheme(choice: Theme) {
  theme.value = choice
  localStorage.setItem(KEY, choice)
  apply()
}

dark.addEventListener('change', apply)
apply()
