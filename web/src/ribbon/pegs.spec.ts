import { describe, expect, it } from 'vitest'
import type { DayView, Purpose } from '@/api/types'
import { PEG_WIDTHS, dayWords, pegPath, pegPlace } from './pegs'

describe('pegs', () => {
  it('tell a day in words, busy times among it, and whose it is', () => {
    const time = { startsAt: '10:00:00', endsAt: '11:00:00' }
    const day = { blocks: [], pegs: [], busy: [time] } as unknown as DayView
    expect(dayWords(day, 'Tendai')).toBe('Tendai: busy 10:00 to 11:00')
    expect(dayWords({ ...day, busy: [] }, '')).toBe('nothing in this day yet')
  })

  it('let a warm-up end exactly where its block starts', () => {
    expect(pegPlace('WARM_UP', 96, 100, 1)).toEqual({ left: 85, width: 15 })
    expect(pegPlace('WARM_UP', 60, 100, 1)).toEqual({ left: 60, width: 40 })
  })

  it('let a cool-down begin where its block ends', () => {
    expect(pegPlace('COOL_DOWN', 100, 104, 1)).toEqual({ left: 100, width: 15 })
  })

  it('give every purpose a silhouette of its own', () => {
    const paths = (Object.keys(PEG_WIDTHS) as Purpose[]).map((p) => pegPath(p, 16, 16))
    expect(new Set(paths).size).toBe(paths.length)
    paths.forEach((path) => expect(path).not.toContain('NaN'))
  })
})
