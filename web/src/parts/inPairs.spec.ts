import { describe, expect, it } from 'vitest'
import { inPairs } from './inPairs'

describe('work in pairs', () => {
  it('does everything once, never more than two at a time', async () => {
    const done: number[] = []
    let open = 0
    let most = 0
    await inPairs(
      [1, 2, 3, 4, 5],
      async (n) => {
        open++
        most = Math.max(most, open)
        await Promise.resolve()
        open--
        done.push(n)
      },
      () => false,
    )
    expect(done.sort()).toEqual([1, 2, 3, 4, 5])
    expect(most).toBe(2)
  })

  it('ends what it is at and begins nothing more when it is stopped', async () => {
    const done: number[] = []
    await inPairs(
      [1, 2, 3, 4, 5, 6],
      async (n) => {
        await Promise.resolve()
        done.push(n)
      },
      () => done.length >= 2,
    )
    expect(done.length).toBeLessThan(5)
    expect(done.length).toBeGreaterThanOrEqual(2)
  })
})
