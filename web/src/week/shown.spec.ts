import { describe, expect, it } from 'vitest'
import { clockOf, hourOf, snapped } from './shown'

describe('hours', () => {
  it('go past midnight where the day does', () => {
    expect(hourOf('19:30:00', 7)).toBe(19.5)
    expect(hourOf('00:45', 7)).toBe(24.75)
    expect(clockOf(24.75)).toBe('00:45')
    expect(clockOf(9)).toBe('09:00')
  })

  it('snap to five minutes', () => {
    expect(clockOf(snapped(10 + 7 / 60))).toBe('10:05')
    expect(clockOf(snapped(10 + 8 / 60))).toBe('10:10')
    expect(clockOf(snapped(9.999))).toBe('10:00')
  })
})
