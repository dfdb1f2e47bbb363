import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, type EffectScope } from 'vue'
import type { Digit, LiftTaskView, SimulatedLift } from '@/api/types'
import type { Listener, TapInput } from '@/workshop/tapInput'
import { useLiftRun } from './useLiftRun'

const TASK = {
  digits: ['INDEX', 'MIDDLE', 'RING', 'LITTLE'],
  asks: [
    { side: 'LEFT', digit: 'RING' },
    { side: 'LEFT', digit: 'INDEX' },
  ],
  closed: null,
  safety: {},
} as unknown as LiftTaskView
let keys: Listener | null = null
const input: TapInput = {
  device: { kind: 'COMPUTER_KEYBOARD', name: '' },
  listen: (listener) => {
    keys = listener
    return () => (keys = null)
  },
}
let scope: EffectScope
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'performance', 'Date'] })
  scope = effectScope()
})
afterEach(() => {
  scope.stop()
  vi.useRealTimers()
})
const key = (digit: Digit) => ({
  side: 'LEFT' as const,
  digit,
  at: performance.now(),
  velocity: null,
})
const down = (...digits: Digit[]) => digits.forEach((digit) => keys?.press(key(digit)))
const up = (...digits: Digit[]) => digits.forEach((digit) => keys?.release(key(digit)))
const begun = (simulated: readonly SimulatedLift[] | null = null) => {
  const run = scope.run(() =>
    useLiftRun(
      TASK,
      () => input,
      () => simulated,
    ),
  )
  if (!run) throw new Error('no run')
  run.start()
  return run
}

describe('hold and lift', () => {
  it('asks once all keys are held, and again once all are held after the finger came up', () => {
    const run = begun()
    down('INDEX', 'MIDDLE', 'RING')
    vi.advanceTimersByTime(2000)
    expect(run.state.value).toBe('holding')
    expect(run.missing.value).toEqual(['LITTLE'])
    down('LITTLE')
    vi.advanceTimersByTime(800)
    expect(run.state.value).toBe('asking')
    expect(run.ask.value?.digit).toBe('RING')
    up('LITTLE')
    down('LITTLE')
    expect(run.state.value).toBe('asking')
    up('RING', 'MIDDLE')
    down('RING', 'MIDDLE')
    expect(run.state.value).toBe('holding')
    vi.advanceTimersByTime(800)
    up('INDEX')
    down('INDEX')
    expect(run.state.value).toBe('done')
    expect(run.moves.value.filter((m) => m.what === 'ASKED').map((m) => m.digit)).toEqual([
      'RING',
      'INDEX',
    ])
    expect(run.moves.value.filter((m) => m.what === 'UP').map((m) => m.digit)).toEqual([
      'LITTLE',
      'RING',
      'MIDDLE',
      'INDEX',
    ])
  })

  it('is void once the window is left', () => {
    const run = begun()
    window.dispatchEvent(new Event('blur'))
    expect(run.state.value).toBe('void')
  })

  it('is done by simulated fingers to its end', () => {
    const run = begun([
      { side: 'LEFT', asked: 'RING', cameUp: ['RING', 'LITTLE'] },
      { side: 'LEFT', asked: 'INDEX', cameUp: ['INDEX'] },
    ])
    vi.advanceTimersByTime(5000)
    expect(run.state.value).toBe('done')
    expect(run.moves.value.filter((m) => m.what === 'UP')).toHaveLength(3)
  })
})
