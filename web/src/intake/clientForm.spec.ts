import { describe, expect, it } from 'vitest'
import { emptyActivity, emptyClient } from './clientForm'
import { copy, same } from '@/form/forms'

describe('the form of a client', () => {
  it('is the same whatever the order of a choice', () => {
    const a = { ...emptyClient(), activities: [emptyActivity('PLUCKED_STRINGS')] }
    const b = copy(a)
    b.positions = [...b.positions].reverse()
    expect(same(a, b)).toBe(true)
  })

  it('differs when an activity differs', () => {
    const a = { ...emptyClient(), activities: [emptyActivity('PLUCKED_STRINGS')] }
    const b = copy(a)
    if (b.activities[0]) b.activities[0].weeklyMinutes += 1
    expect(same(a, b)).toBe(false)
  })

  it('begins without an activity, and a new one is of both hands', () => {
    expect(emptyClient().activities).toHaveLength(0)
    expect(emptyActivity('PLUCKED_STRINGS').hands).toEqual(['LEFT', 'RIGHT'])
  })
})
