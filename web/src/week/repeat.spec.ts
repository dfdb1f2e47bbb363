import { describe, expect, it } from 'vitest'
import { once, ruleOf, seriesWords } from './repeat'

describe('a block that repeats', () => {
  it('is told to the server as a rule of RFC 5545, the days in their order', () => {
    expect(ruleOf({ ...once(), days: ['WE', 'MO'] })).toBe('FREQ=WEEKLY;BYDAY=MO,WE')
    expect(ruleOf({ days: ['FR'], every: 2, until: '2027-01-31' })).toBe(
      'FREQ=WEEKLY;BYDAY=FR;INTERVAL=2;UNTIL=20270131',
    )
  })

  it('says on how many days it stands', () => {
    expect(seriesWords('Practice', { made: 1, before: [], added: [] })).toBe(
      'Practice stands on 1 day.',
    )
    expect(seriesWords('Practice', { made: 5, before: [], added: [] })).toBe(
      'Practice stands on 5 days.',
    )
  })
})
