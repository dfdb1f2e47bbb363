import { describe, expect, it } from 'vitest'
import { easedWords, endWords, lastStepWords, sideWords } from './stageWords'

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

describe('what is said of an end', () => {
  it('says that a hold has eased, and that a count is done', () => {
    expect(easedWords('HOLD')).toBe('It has eased')
    expect(easedWords('MOVE')).toBe('Done')
    expect(easedWords('PLAY')).toBe('Done')
  })

  it('names what follows, and nothing where nothing follows', () => {
    expect(endWords('Rehearsal', '18:00')).toBe('ends as rehearsal starts at 18:00')
    expect(endWords('', '18:00')).toBe('ends at 18:00')
    expect(lastStepWords('Rehearsal')).toBe('Last step, then rehearsal')
    expect(lastStepWords('')).toBe('Last step')
  })
})
