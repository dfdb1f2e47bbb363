import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { watchEffect } from 'vue'

export type Theme = 'system' | 'light' | 'dark'

const dark = usePreferredDark()
const stored = useLocalStorage<Theme>('nimblet-theme', 'system')

/** What was chosen; anything else that is kept there counts as nothing chosen. */
export const theme = stored

watchEffect(() => {
  const shown =
    stored.value === 'light' || stored.value === 'dark'
      ? stored.value
      : dark.value
        ? 'dark'
        : 'light'
  document.documentElement.setAttribute('data-bs-theme', shown)
})

export function chooseTheme(choice: Theme) {
  stored.value = choice
}
