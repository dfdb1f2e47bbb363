import { describe, expect, it } from 'vitest'
import { sideWords } from './sideWords'

describe('what is said of the sides', () => {
  it('names hands where hands are drawn', () => {
    expect(sideWords('BOTH', 'PALM', [])).toBe('Both hands')
    expect(sideWords('LEFT', 'PAIR', [])).toBe('Left hand')
  })

  it('speaks of the body where the body is drawn, never of both hands', () => {
    expect(sideWords('BOTH', 'BODY', ['SHOULDERS'])).toBe('Shoulders')
    expect(sideWords('BOTH', 'BODY_SIDE', [])).toBe('Whole body')
    expect(sideWords('RIGHT', 'BODY_THREE_QUARTER', ['CHEST'])).toBe('Right side')
    expect(sideWords('ALTERNATING', 'BODY', ['FLANKS'])).toBe('Side to side')
  })
})
