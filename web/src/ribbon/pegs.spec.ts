import { describe, expect, it } from 'vitest'
import type { Purpose } from '@/api/types'
import { PEG_WIDTHS, pegPath, pegPlace } from './pegs'

describe('pegs', () => {
  it('let a warm-up end exactly where its block starts', () => {
    expect(pegPlace('WARM_UP', 96, 100, 1)).toEqual({ left: 85, width: 15 })
    expect(pegPlace('WARM_UP', 60, 100, 1)).toEqual({ left: 60, width: 40 })
  })

  it('let a cool-down begin where its block ends', () => {
    expect(pegPlace('COOL_DOWN', 100, 104, 1)).toEqual({ left: 100, width: 15 })
  })

  it('give every purpose a silhouette of its own', () => {
    const paths = (Object.keys(PEG_WIDTHS) as Purpose[]).map((p) => pegPath(p, 16, 16))
    expect(new Set(paths).size).toBe(paths.length)
    paths.forEach((path) => expect(path).not.toContain('NaN'))
  })
})
