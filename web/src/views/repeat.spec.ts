import { describe, expect, it } from 'vitest'
import { once, ruleOf, seriesWords } from './repeat'

describe('a block that repeats', () => {
  it('is told to the server as a rule of RFC 5545, the days in their order', () => {
    expect(ruleOf({ ...once(), days: ['WE', 'MO'] })).toBe('FREQ=WEEKLY;BYDAY=MO,WE')
    expect(ruleOf({ days: ['FR'], every: 2, until: '2027-01-31' })).toBe(
      'FREQ=WEEKLY;BYDAY=FR;INTERVAL=2;UNTIL=20270131',
    )
  })

  it('says what was put in and what was left out', () => {
    expect(seriesWords('Practice', { made: 1, taken: [] })).toBe('Practice stands on 1 day.')
    expect(seriesWords('Practice', { made: 5, taken: ['2026-12-02', '2026-12-09'] })).toBe(
      'Practice stands on 5 days. Left out, because another block lies there: 2 Dec, 9 Dec.',
    )
  })
})
