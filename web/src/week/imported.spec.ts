import { describe, expect, it } from 'vitest'
import type { CalendarPreview, ChangeView, EventTime } from '@/api/types'
import { countsOf, flagsOn, mondayOf, weeksOf } from './imported'

const time = (date: string, startsAt: string, endsAt: string, allDay = false): EventTime => ({
  date,
  startsAt,
  endsAt,
  allDay,
  words: '',
})
const changes: ChangeView[] = [
  { kind: 'NEW', title: 'Gig', before: null, after: time('2026-12-05', '22:00:00', '01:00:00') },
  {
    kind: 'CHANGED',
    title: 'Rehearsal',
    before: time('2026-12-03', '19:00:00', '21:00:00'),
    after: time('2026-12-10', '18:30:00', '21:00:00'),
  },
  {
    kind: 'GONE',
    title: 'Fair',
    before: time('2026-12-05', '00:00:00', '00:00:00', true),
    after: null,
  },
]
const preview = (list: ChangeView[]): CalendarPreview => ({
  name: 'Town',
  again: false,
  titles: [],
  changes: list,
  unchanged: 0,
  notes: [],
})

describe('a calendar before it is taken over', () => {
  it('counts what is new, changed and gone', () => {
    expect(countsOf(changes)).toEqual({ NEW: 1, CHANGED: 1, GONE: 1 })
  })

  it('shows the weeks in which something changes', () => {
    expect(mondayOf('2026-12-06')).toBe('2026-11-30')
    expect(mondayOf('2026-11-30')).toBe('2026-11-30')
    expect(weeksOf(preview(changes), '2026-11-25')).toEqual(['2026-11-30', '2026-12-07'])
    expect(weeksOf(preview([]), '2026-11-25')).toEqual(['2026-11-23'])
  })

  it('puts each where it was and where it will be', () => {
    expect(flagsOn('2026-12-03', changes)).toEqual([
      {
        kind: 'CHANGED',
        title: 'Rehearsal',
        startHour: 19,
        endHour: 21,
        allDay: false,
        old: true,
      },
    ])
    expect(flagsOn('2026-12-10', changes)[0]).toMatchObject({ startHour: 18.5, old: false })
    const saturday = flagsOn('2026-12-05', changes)
    expect(saturday.map((f) => f.title)).toEqual(['Fair', 'Gig'])
    expect(saturday[0]).toMatchObject({ startHour: 0, endHour: 24, old: true })
    expect(saturday[1]).toMatchObject({ startHour: 22, endHour: 25, old: false })
    expect(flagsOn('2026-12-06', changes)).toEqual([])
  })
})
