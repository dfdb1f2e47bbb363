import { describe, expect, it } from 'vitest'
import type { CheckView } from '@/api/types'
import { changesBetween, coverageBetween, strandsBetween } from './compare'

const view = (...steps: [string, string][]): CheckView =>
  ({
    steps: steps.map(([exerciseId, doseWords]) => ({
      draft: { exerciseId },
      title: exerciseId,
      doseWords,
    })),
    coverage: [
      { word: 'wrist', side: 'LEFT', given: 20, wanted: 40 },
      { word: 'wrist', side: 'RIGHT', given: 40, wanted: 40 },
      { word: 'reach', side: 'LEFT', given: 5, wanted: 80 },
    ],
  }) as unknown as CheckView

describe('two routines beside each other', () => {
  const a = view(['rub', '20 s'], ['stretch', '15 s'], ['rub', '20 s'])
  const b = view(['stretch', '30 s'], ['rub', '20 s'], ['shake', '10 s'])

  it('ties each step once to the same exercise', () => {
    expect(strandsBetween(a, b)).toEqual([
      { a: 0, b: 1, sameDose: true },
      { a: 1, b: 0, sameDose: false },
    ])
  })

  it('says what is only in one of them and what is dosed otherwise', () => {
    expect(changesBetween(a, b)).toEqual([
      'Only in A: rub, 20 s',
      'Only in B: shake, 10 s',
      'stretch: 15 s in A, 30 s in B',
    ])
  })

  it('sets coverage side by side, the most wanted first', () => {
    expect(coverageBetween(a, b, 8)).toEqual([
      { word: 'reach', a: 5, b: 5, wanted: 80 },
      { word: 'wrist', a: 30, b: 30, wanted: 40 },
    ])
  })
})
