import { watchDebounced } from '@vueuse/core'
import { ref, shallowRef, type Ref } from 'vue'
import { api } from '@/api/calls'
import { sentenceOf } from '@/api/client'
import type { ContentsForm, ContentsView, ObligationForm } from '@/api/types'

const WAIT = 200

/** Nothing of its own: composed anew each time. */
export const anew = (): ContentsForm => ({
  required: [],
  theme: null,
  routineId: null,
  routineVersion: null,
})

/** What an obligation comes to today as it is written; of several answers the newest counts. */
export function useLook(clientId: string, obligation: Ref<ObligationForm>) {
  const look = shallowRef<ContentsView | null>(null)
  const problem = ref('')
  let latest = 0
  watchDebounced(
    () =>
      [
        obligation.value.purpose,
        obligation.value.minutes,
        obligation.value.heavy,
        obligation.value.contents,
      ] as const,
    async ([purpose, minutes, heavy, contents]) => {
      const mine = ++latest
      if (!minutes) {
        look.value = null
        return
      }
      try {
        const answer = await api.lookAtContents(clientId, {
          purpose,
          minutes,
          heavy,
          contents: contents ?? anew(),
        })
        if (mine !== latest) return
        look.value = answer
        problem.value = ''
        // A routine of the shelf is as long as it is.
        if (answer.newestVersion)
          obligation.value = { ...obligation.value, minutes: answer.minutes }
      } catch (e) {
        if (mine === latest) problem.value = sentenceOf(e)
      }
    },
    { immediate: true, debounce: WAIT },
  )
  return { look, problem }
}
