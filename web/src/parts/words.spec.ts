import { describe, expect, it } from 'vitest'
import {
  addDays,
  clock,
  countdown,
  dayMonth,
  duration,
  hourAsClock,
  longDate,
  overBy,
  shortDate,
} from './words'

describe('words', () => {
  it('say lengths with their units, joined by a no-break space', () => {
    expect(duration(570_000)).toBe('9\u00a0min 30\u00a0s')
    expect(duration(60_000)).toBe('1\u00a0min')
    expect(duration(25_400)).toBe('25\u00a0s')
    expect(duration(11_580_000)).toBe('3\u00a0h 13\u00a0min')
  })

  it('count down to zero and not below', () => {
    expect(countdown(202_000)).toBe('3:22')
    expect(countdown(100)).toBe('0:01')
    expect(countdown(-5)).toBe('0:00')
  })

  it('leave seconds out where there are none', () => {
    expect(clock('18:00:00')).toBe('18:00')
    expect(clock('17:50:30')).toBe('17:50:30')
    expect(clock('17:50:00.333')).toBe('17:50')
    expect(hourAsClock(14.6)).toBe('14:36')
    expect(hourAsClock(24.5)).toBe('00:30')
  })

  it('know dates without a time zone shifting them', () => {
    expect(longDate('2026-11-24')).toBe('Tuesday 24 November')
    expect(shortDate('2026-11-23')).toBe('Mon 23')
    expect(addDays('2026-12-31', 1)).toBe('2027-01-01')
    expect(addDays('2027-03-28', -1)).toBe('2027-03-27')
  })

  it('say what is no date yet as it was typed', () => {
    for (const say of [longDate, shortDate, dayMonth]) expect(say('left only')).toBe('left only')
    expect(addDays('31 Nov', 1)).toBe('31 Nov')
  })

  it('names the month of a date in a history', () => {
    expect(dayMonth('2026-10-14')).toBe('14 Oct')
  })
})

describe('a time after another', () => {
  it('goes on over the minute, the hour and midnight', () => {
    expect(overBy('16:10', 636_000)).toBe('16:21')
    expect(overBy('17:50:00', 599_400)).toBe('18:00')
    expect(overBy('23:59:30', 45_000)).toBe('00:01')
  })
})
