import { describe, expect, it } from 'vitest'
import { copy, emptyClient, same } from './clientForm'

describe('the form of a client', () => {
  it('is the same whatever the order of a choice', () => {
    const a = emptyClient()
    const b = copy(a)
    b.positions = [...b.positions].reverse()
    expect(same(a, b)).toBe(true)
  })

  it('differs when an activity differs', () => {
    const a = emptyClient()
    const b = copy(a)
    if (b.activities[0]) b.activities[0].weeklyMinutes += 1
    expect(same(a, b)).toBe(false)
  })

  it('begins with one activity of both hands', () => {
    expect(emptyClient().activities).toHaveLength(1)
    expect(emptyClient().activities[0]?.hands).toEqual(['LEFT', 'RIGHT'])
  })
})
