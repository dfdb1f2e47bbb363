import { describe, expect, it } from 'vitest'
import type { StretchView } from '@/api/types'
import { placeAt, workedSince } from './clock'

const at = (time: string) => Date.parse(`2026-12-05T${time}:00Z`)
const stretch = (kind: StretchView['kind'], from: string, to: string): StretchView => ({
  kind,
  title: kind === 'PART' ? 'Scales' : '',
  minutes: (at(to) - at(from)) / 60_000,
  start: `2026-12-05T${from}:00Z`,
  end: `2026-12-05T${to}:00Z`,
  startsAt: from,
  endsAt: to,
})
const day = [
  stretch('PART', '09:00', '09:30'),
  stretch('BREAK', '09:30', '09:40'),
  stretch('OPEN', '09:40', '10:00'),
]

describe('the quiet clock', () => {
  it('says what is now, how long still, and what comes', () => {
    const place = placeAt(day, at('09:18'))
    expect(place.now?.title).toBe('Scales')
    expect(place.leftMillis).toBe(12 * 60_000)
    expect(place.share).toBeCloseTo(0.6)
    expect(place.next?.kind).toBe('BREAK')
  })

  it('changes at the minute, not a moment later', () => {
    expect(placeAt(day, at('09:30')).now?.kind).toBe('BREAK')
    expect(placeAt(day, at('09:59')).next).toBeNull()
  })

  it('waits before the block and is done after it', () => {
    expect(placeAt(day, at('08:50'))).toMatchObject({ now: null, leftMillis: 600_000, share: 0 })
    expect(placeAt(day, at('10:00'))).toEqual({ now: null, next: null, leftMillis: 0, share: 1 })
  })

  it('counts work from the end of the last break', () => {
    expect(workedSince(day, at('09:20'), 'start')).toBe('start')
    expect(workedSince(day, at('09:45'), 'start')).toBe('2026-12-05T09:40:00Z')
  })
})
