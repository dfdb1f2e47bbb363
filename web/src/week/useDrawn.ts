import { ref, watch, type Ref } from 'vue'
import type { ActivityForm, DayView } from '@/api/types'
import { clockOf, snapped } from './shown'
import { useFollowed } from '@/parts/useFollowed'
import type { WeekState } from './useWeek'

/** Something new, drawn on a free stretch of a day. */
export function useDrawn(
  week: WeekState,
  activities: Ref<readonly ActivityForm[]>,
  hourAt: (clientX: number) => number,
  begun: () => void,
) {
  const followed = useFollowed()
  const drawn = ref<{ date: string; from: number; to: number; done: boolean } | null>(null)
  const SHORTEST_DRAWN = 0.25
  function grabFree(d: DayView, event: PointerEvent) {
    if (event.button !== 0) return
    const start = snapped(hourAt(event.clientX))
    begun()
    drawn.value = null
    followed(
      (moved) => {
        const end = snapped(hourAt(moved.clientX))
        drawn.value = {
          date: d.date,
          from: Math.min(start, end),
          to: Math.max(start, end),
          done: false,
        }
      },
      () => {
        if (drawn.value && drawn.value.to - drawn.value.from >= SHORTEST_DRAWN)
          drawn.value = { ...drawn.value, done: true }
        else drawn.value = null
      },
      () => {
        drawn.value = null
      },
    )
  }
  const drawnAs = ref('')
  const BUSY = ''
  watch(
    activities,
    (list) => {
      drawnAs.value = list[0]?.id ?? BUSY
    },
    { immediate: true },
  )
  async function putDrawn() {
    const now = drawn.value
    if (!now) return
    const activity = activities.value.find((a) => a.id === drawnAs.value)
    await week.draw(
      { date: now.date, startsAt: clockOf(now.from), endsAt: clockOf(now.to) },
      activity?.id ? { id: activity.id, title: activity.title } : null,
    )
    drawn.value = null
  }
  return { drawn, drawnAs, BUSY, grabFree, putDrawn }
}
