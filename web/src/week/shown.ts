import type { DayView, PegView, PlanSessionView, PlanView } from '@/api/types'

/** Sessions and blocks snap to so many minutes. */
export const STEP_MINUTES = 5

/** An hour of the day, from the clock; what lies before waking belongs to the night after. */
export function hourOf(time: string, wakesHour: number): number {
  const [hours = 0, minutes = 0, seconds = 0] = time.split(':').map(Number)
  const hour = hours + minutes / 60 + seconds / 3600
  return hour < wakesHour ? hour + 24 : hour
}

/** An hour of the day as the clock shows it: 25.25 is "01:15". */
export function clockOf(hour: number): string {
  const minutes = Math.round(hour * 60) % (24 * 60)
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`
}

/** An hour on the grid of the plan. */
export const snapped = (hour: number): number =>
  (Math.round((hour * 60) / STEP_MINUTES) * STEP_MINUTES) / 60

/** The session of a plan as a peg of its day; what was known of the peg before stays. */
function asPeg(session: PlanSessionView, day: DayView, before: PegView | undefined): PegView {
  return {
    blockId: null,
    lineId: session.lineId,
    pinned: session.pinned,
    why: session.why,
    purpose: session.purpose,
    state: before?.state ?? 'PLANNED',
    open: before?.open ?? true,
    startHour: hourOf(session.startsAt, day.wakesHour),
    endHour: hourOf(session.endsAt, day.wakesHour),
    start: session.start,
    end: session.end,
    startsAt: session.startsAt,
    endsAt: session.endsAt,
    label: before?.label ?? `${session.title}, planned`,
  }
}

/** The days with the free-standing sessions where a plan puts them. */
export function withPlan(days: readonly DayView[], plan: PlanView): DayView[] {
  return days.map((day) => {
    const planned = plan.sessions.filter((s) => s.date === day.date)
    const known = (lineId: string) => day.pegs.find((peg) => peg.lineId === lineId)
    const open = planned.filter((s) => !s.fixed || s.pinned || known(s.lineId))
    return {
      ...day,
      pegs: [
        ...day.pegs.filter((peg) => peg.lineId === null),
        ...open.map((session) => asPeg(session, day, known(session.lineId))),
      ].sort((a, b) => a.startHour - b.startHour),
    }
  })
}

/** The days with one block elsewhere, perhaps on another day; what belongs to it goes along. */
export function withBlockAt(
  days: readonly DayView[],
  blockId: string,
  startHour: number,
  toDate?: string,
): DayView[] {
  const from = days.find((day) => day.blocks.some((b) => b.id === blockId))
  const block = from?.blocks.find((b) => b.id === blockId)
  if (!from || !block) return [...days]
  const by = startHour - block.startHour
  const to = toDate ?? from.date
  const moved = {
    ...block,
    startHour,
    endHour: block.endHour + by,
    startsAt: clockOf(startHour),
    endsAt: clockOf(block.endHour + by),
  }
  const goesAlong = (peg: PegView) => peg.blockId === blockId && peg.state !== 'DONE'
  const along = from.pegs
    .filter(goesAlong)
    .map((peg) => ({ ...peg, startHour: peg.startHour + by, endHour: peg.endHour + by }))
  return days.map((day) => {
    if (day.date !== from.date && day.date !== to) return day
    const here = day.date === to
    return {
      ...day,
      blocks: [...day.blocks.filter((b) => b.id !== blockId), ...(here ? [moved] : [])].sort(
        (a, b) => a.startHour - b.startHour,
      ),
      pegs: [
        ...day.pegs.filter((peg) => day.date !== from.date || !goesAlong(peg)),
        ...(here ? along : []),
      ].sort((a, b) => a.startHour - b.startHour),
    }
  })
}
