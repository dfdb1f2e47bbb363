import { describe, expect, it } from 'vitest'
import { dateInField, readDate, readTime } from './timeAndDate'

describe('a time of day', () => {
  it.each([
    ['07:30', '07:30'],
    ['7:30', '07:30'],
    ['7.30', '07:30'],
    ['730', '07:30'],
    ['1830', '18:30'],
    ['18', '18:00'],
    ['7h', '07:00'],
    ['19h05', '19:05'],
    ['6 pm', '18:00'],
    ['12am', '00:00'],
    ['12:15 pm', '12:15'],
    ['00:00', '00:00'],
  ])('is read from %s', (text, time) => expect(readTime(text)).toBe(time))

  it.each(['', 'soon', '25:00', '24:00', '7:60', '13 pm', '7:3', '-7', '07:30:00'])(
    'is not guessed from "%s"',
    (text) => expect(readTime(text)).toBeNull(),
  )
})

describe('a date', () => {
  const today = '2026-11-27'
  it.each([
    ['2026-12-01', '2026-12-01'],
    ['1 Dec 2026', '2026-12-01'],
    ['1.12.2026', '2026-12-01'],
    ['1/12/26', '2026-12-01'],
    ['1 december', '2026-12-01'],
    ['Tue 1 Dec', '2026-12-01'],
    ['27 Nov', '2026-11-27'],
    ['26 Nov', '2027-11-26'],
    ['3rd March', '2027-03-03'],
  ])('is read from %s, the day first', (text, date) => expect(readDate(text, today)).toBe(date))

  it.each(['', 'soon', '31 Feb', '11/27/2026', '0 May', 'May', '1 Foo'])(
    'is not guessed from "%s"',
    (text) => expect(readDate(text, today)).toBeNull(),
  )

  it('is shown as it can be typed', () => {
    expect(dateInField('2026-12-01')).toBe('1 Dec 2026')
    expect(readDate(dateInField('2026-12-01'), today)).toBe('2026-12-01')
  })
})
