import { computed, ref } from 'vue'
import type { TempoRange } from '@/api/types'

/** Before anything is known; nothing is shown then. */
const NOTHING_YET = 60

/** A tempo as somebody chose it, else as the server proposes it. */
export function useTempo(range: () => TempoRange | undefined) {
  const chosen = ref<number>()
  const tempo = computed({
    get: () => chosen.value ?? range()?.first ?? NOTHING_YET,
    set: (to) => (chosen.value = to),
  })
  return { chosen, tempo }
}
