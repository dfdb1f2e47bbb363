import type { CalendarPreview, ChangeKind, ChangeView, EventTime } from '@/api/types'
import { addDays } from '@/parts/words'
import { hourOf } from './shown'

/** How many of each kind a calendar would bring. */
export function countsOf(changes: readonly ChangeView[]): Record<ChangeKind, number> {
  const counts = { NEW: 0, CHANGED: 0, GONE: 0 }
  for (const change of changes) counts[change.kind]++
  return counts
}

/** The Monday of a date. */
export function mondayOf(date: string): string {
  const day = new Date(`${date}T00:00:00Z`).getUTCDay()
  return addDays(date, -((day + 6) % 7))
}

/** The weeks in which something changes, as their Mondays; this week if nothing does. */
export function weeksOf(preview: CalendarPreview, today: string): string[] {
  const mondays = preview.changes.map((change) =>
    mondayOf((change.after ?? change.before)?.date ?? today),
  )
  return mondays.length ? [...new Set(mondays)].sort() : [mondayOf(today)]
}

/** One time on the ribbon of a day. */
export interface Flagged {
  readonly kind: ChangeKind
  readonly title: string
  readonly startHour: number
  readonly endHour: number
  readonly allDay: boolean
  /** Where a changed one was, or a gone one is still. */
  readonly old: boolean
}

function flagged(kind: ChangeKind, title: string, time: EventTime, old: boolean): Flagged {
  const start = time.allDay ? 0 : hourOf(time.startsAt, 0)
  const end = time.allDay ? 24 : hourOf(time.endsAt, 0)
  return {
    kind,
    title,
    startHour: start,
    endHour: end > start ? end : end + 24,
    allDay: time.allDay,
    old,
  }
}

/** What a calendar brings to a day: new and changed where they will be, changed and gone where they were. */
export function flagsOn(date: string, changes: readonly ChangeView[]): Flagged[] {
  const flags: Flagged[] = []
  for (const { kind, title, before, after } of changes) {
    if (before?.date === date) flags.push(flagged(kind, title, before, true))
    if (after?.date === date) flags.push(flagged(kind, title, after, false))
  }
  return flags.sort((a, b) => a.startHour - b.startHour)
}
