import { afterEach, describe, expect, it, vi } from 'vitest'
import { whileIdle } from './idle'

describe('work in idle time', () => {
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('is done piece by piece, and ends when it is no longer wanted', () => {
    vi.useFakeTimers()
    const done: number[] = []
    const end = whileIdle([1, 2, 3, 4].map((n) => () => done.push(n)))
    expect(done).toEqual([])
    vi.advanceTimersByTime(45)
    expect(done).toEqual([1, 2])
    end()
    vi.advanceTimersByTime(200)
    expect(done).toEqual([1, 2])
  })

  it('goes on while the moment lasts, where the browser tells', () => {
    const moments: IdleRequestCallback[] = []
    vi.stubGlobal('requestIdleCallback', (callback: IdleRequestCallback) => moments.push(callback))
    vi.stubGlobal('cancelIdleCallback', () => moments.splice(0))
    const done: number[] = []
    whileIdle([1, 2, 3, 4, 5].map((n) => () => done.push(n)))
    const left = [30, 20, 4]
    moments.shift()?.({ didTimeout: false, timeRemaining: () => left.shift() ?? 0 })
    expect(done).toEqual([1, 2, 3])
    moments.shift()?.({ didTimeout: false, timeRemaining: () => 0 })
    expect(done).toEqual([1, 2, 3, 4])
  })
})
