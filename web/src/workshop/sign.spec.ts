import { describe, expect, it } from 'vitest'
import type { Digit, StateView } from '@/api/types'
import { keyframeOf, signOf, signState } from './sign'

const FINGERS: readonly Digit[] = ['INDEX', 'MIDDLE', 'RING', 'LITTLE']
const subsets = <T>(all: readonly T[]): T[][] =>
  all.reduce<T[][]>((sets, one) => [...sets, ...sets.map((set) => [...set, one])], [[]])
/** An outer gap needs its outer finger, the middle one both: counted again, not asked of the server. */
const possible = ({ bent, open }: StateView) =>
  !(open.includes('INDEX') && bent.includes('INDEX')) &&
  !(open.includes('RING') && bent.includes('LITTLE')) &&
  !(open.includes('MIDDLE') && (bent.includes('MIDDLE') || bent.includes('RING')))
const STATES = subsets(FINGERS)
  .flatMap((bent) => subsets(FINGERS.slice(0, 3)).map((open) => ({ bent, open })))
  .filter(possible)

describe('the finger sign', () => {
  it('is made for all 45 states and tells each from all others', () => {
    expect(STATES).toHaveLength(45)
    const signs = STATES.map((state) => JSON.stringify(signOf(state, 'LEFT')))
    expect(new Set(signs).size).toBe(45)
  })

  it('is as wide as its gaps are open', () => {
    const width = (open: Digit[]) => signOf({ bent: [], open }, 'LEFT').width
    expect([width([]), width(['INDEX']), width(['INDEX', 'RING'])]).toEqual([17, 19, 21])
    expect(width(['INDEX', 'MIDDLE', 'RING'])).toBe(23)
  })

  it('has a window for each bent finger, on the other side for the right hand', () => {
    const state = { bent: ['INDEX' as const], open: [] }
    const left = signOf(state, 'LEFT')
    const right = signOf(state, 'RIGHT')
    expect(left.windows).toHaveLength(1)
    expect(right.windows[0]?.x).toBe(left.width - (left.windows[0]?.x ?? 0) - 3)
  })

  it('is drawn large by the words that the drawing reads', () => {
    expect(keyframeOf({ bent: ['RING', 'LITTLE'], open: ['INDEX'] })).toBe(
      'bend-ring-little part-index-middle',
    )
    expect(keyframeOf({ bent: [], open: [] })).toBe('CLOSED')
  })

  it('tells a finger that is bent from one that another one follows', () => {
    const bent = (finger: Digit): StateView => ({ bent: [finger], open: [] })
    const rest: StateView = { bent: [], open: [] }
    const patterns = FINGERS.flatMap((one, i) => [
      [bent(one), rest],
      ...FINGERS.slice(i + 1).map((other) => [bent(one), bent(other)]),
    ])
    const shapes = patterns.map((states) => signOf(signState(states), 'LEFT').shape)
    expect(new Set(shapes).size).toBe(10)
  })
})
