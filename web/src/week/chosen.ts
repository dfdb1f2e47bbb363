import { computed, ref, watch, type Ref } from 'vue'
import type { DayView, PegView } from '@/api/types'
import { pegKey } from '@/ribbon/pegs'

/** Whether a session stands where it could be moved by itself. */
export const movable = (peg: PegView) => peg.lineId !== null && peg.state !== 'DONE'

/** What of a week is chosen: a session, a block or a busy time of a day. */
export function useChosen(days: Ref<readonly DayView[]>, date: Ref<string>) {
  const chosen = ref<{ date: string; key: string } | null>(null)
  const chosenDay = computed(() => days.value.find((d) => d.date === chosen.value?.date) ?? null)
  const chosenPeg = computed(
    () => chosenDay.value?.pegs.find((p) => pegKey(p) === chosen.value?.key) ?? null,
  )
  const chosenBlock = computed(
    () => chosenDay.value?.blocks.find((b) => b.id === chosen.value?.key) ?? null,
  )
  watch(date, () => {
    chosen.value = null
  })
  function choose(d: DayView, key: string) {
    chosen.value = { date: d.date, key }
  }
  const chosenBusy = computed(
    () => chosenDay.value?.busy.find((b) => b.id === chosen.value?.key) ?? null,
  )
  const chosenHour = computed(
    () => chosenPeg.value?.startHour ?? chosenBlock.value?.startHour ?? chosenBusy.value?.startHour,
  )
  return { chosen, chosenDay, chosenPeg, chosenBlock, chosenBusy, chosenHour, choose }
}
