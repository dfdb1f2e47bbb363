import { useEventListener } from '@vueuse/core'
import { nextTick, type Ref } from 'vue'
import type { DayBlockView, DayView, PegView } from '@/api/types'
import { STEP_MINUTES, clockOf, snapped } from './shown'
import { movable } from './chosen'
import type { Move, WeekState } from './useWeek'
import { useFollowed } from '@/parts/useFollowed'

/** Sessions and blocks of a week moved by hand and by keyboard. */
export function useMoving(
  week: WeekState,
  page: {
    days: Ref<readonly DayView[]>
    drawing: Ref<SVGSVGElement | null>
    hoursPerPixel: Ref<number>
    dayAt: (clientY: number) => DayView | undefined
    choosePeg: (day: DayView, peg: PegView) => void
    chooseBlock: (day: DayView, id: string) => void
  },
) {
  const { days, drawing, hoursPerPixel, dayAt, choosePeg, chooseBlock } = page
  const followed = useFollowed()

  function grab(move: Move, startHour: number, event: PointerEvent) {
    if (event.button !== 0) return
    const from = event.clientX
    let hour = startHour
    let date = move.day.date
    followed(
      (moved) => {
        const next = snapped(startHour + (moved.clientX - from) * hoursPerPixel.value)
        const within = Math.min(move.day.sleepsHour, Math.max(move.day.wakesHour, next))
        const on = dayAt(moved.clientY)?.date ?? date
        if (within === hour && on === date) return
        hour = within
        date = on
        void week.hold(move, hour, date)
      },
      () => {
        if (week.held.value && (hour !== startHour || date !== move.day.date)) void week.keep()
        else week.letGo()
      },
      week.letGo,
    )
  }
  function grabPeg(d: DayView, peg: PegView, event: PointerEvent) {
    choosePeg(d, peg)
    if (movable(peg)) grab({ kind: 'session', day: d, peg }, peg.startHour, event)
  }
  function grabBlock(d: DayView, id: string, event: PointerEvent) {
    chooseBlock(d, id)
    const block = d.blocks.find((b) => b.id === id)
    if (block) grab({ kind: 'block', day: d, block }, block.startHour, event)
  }

  /** Moved, it can be another element of the page, which the keys have to go to. */
  async function holdOn(date: string, move: Move, hour: number) {
    await week.hold(move, hour, date)
    await nextTick()
    if (!week.held.value) return
    const id = move.kind === 'block' ? move.block.id : move.peg.lineId
    drawing.value
      ?.querySelector<SVGGElement>(`[data-date="${date}"] [data-id="${CSS.escape(id ?? '')}"]`)
      ?.focus()
  }
  /** While it is redrawn, what is held can lose the focus; the keys are still meant for it. */
  useEventListener('keydown', (event) => {
    const held = week.held.value
    if (held && event.target === document.body) arrows(held.move, held.hour, event)
  })
  function arrows(move: Move, at: number, event: KeyboardEvent) {
    const held = week.held.value
    const by = { ArrowLeft: -STEP_MINUTES, ArrowRight: STEP_MINUTES }[event.key]
    const down = { ArrowUp: -1, ArrowDown: 1 }[event.key]
    if (by) {
      event.preventDefault()
      const date = held?.date ?? move.day.date
      void holdOn(date, held?.move ?? move, snapped((held?.hour ?? at) + by / 60))
    } else if (down) {
      event.preventDefault()
      const now = days.value.findIndex((d) => d.date === (held?.date ?? move.day.date))
      const date = days.value[now + down]?.date
      if (date) void holdOn(date, held?.move ?? move, held?.hour ?? at)
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault()
      if (held) void week.keep()
    } else if (event.key === 'Escape') week.letGo()
  }
  function keyPeg(d: DayView, peg: PegView, event: KeyboardEvent) {
    choosePeg(d, peg)
    if (!movable(peg)) return
    if (event.key === 'Delete') void week.skip(d.date, peg)
    else if (event.key === 'p') void week.pin(d.date, peg, clockOf(peg.startHour))
    else arrows({ kind: 'session', day: d, peg }, peg.startHour, event)
  }
  function keyBlock(d: DayView, id: string, event: KeyboardEvent) {
    chooseBlock(d, id)
    const block: DayBlockView | undefined = d.blocks.find((b) => b.id === id)
    if (block) arrows({ kind: 'block', day: d, block }, block.startHour, event)
  }
  return { grabPeg, grabBlock, keyPeg, keyBlock }
}
