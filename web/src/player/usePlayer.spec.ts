import { effectScope } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { RoutineView, StepView } from '@/api/types'
import { cueForTests } from './cueForTests'
import { usePlayer } from './usePlayer'

const cue = (step: number, offsetMillis: number, durationMillis: number) =>
  cueForTests({ step, offsetMillis, durationMillis })
const step = (exerciseId: string, offsetMillis: number, lengthMillis: number) =>
  ({
    exerciseId,
    title: exerciseId,
    dose: '',
    laterality: 'TOGETHER',
    offsetMillis,
    lengthMillis,
    poses: ['FLAT'],
  }) as unknown as StepView
const routine = {
  blockId: 'b',
  purpose: 'WARM_UP',
  lengthMillis: 9000,
  steps: [step('a', 0, 3000), step('b', 3000, 3000), step('c', 6000, 3000)],
  cues: [cue(0, 0, 3000), cue(1, 3000, 3000), cue(2, 6000, 3000)],
} as unknown as RoutineView

describe('the player', () => {
  let scope = effectScope()
  beforeEach(() => {
    vi.useFakeTimers({
      toFake: [
        'setTimeout',
        'setInterval',
        'clearInterval',
        'performance',
        'Date',
        'requestAnimationFrame',
        'cancelAnimationFrame',
      ],
    })
    scope = effectScope()
  })
  afterEach(() => {
    scope.stop()
    vi.useRealTimers()
  })
  async function started() {
    const player = scope.run(() => usePlayer(routine))
    if (!player) throw new Error('the scope is open')
    const begun = player.start()
    await vi.advanceTimersByTimeAsync(301)
    await begun
    return player
  }

  it('runs by itself to the end and notes everything as done', async () => {
    const player = await started()
    await vi.advanceTimersByTimeAsync(9500)
    expect(player.state.value).toBe('finished')
    const record = player.record()
    expect(record.state).toBe('DONE')
    expect(record.steps.map((s) => [s.donePercent, s.outcome])).toEqual([
      [100, 'DONE'],
      [100, 'DONE'],
      [100, 'DONE'],
    ])
  })

  it('lets the person end a hold once its least time is over, not before', async () => {
    const easing = {
      ...routine,
      cues: [{ ...cue(0, 0, 3000), easesFromMillis: 1000 }, ...routine.cues.slice(1)],
    }
    const player = scope.run(() => usePlayer(easing))
    if (!player) throw new Error('the scope is open')
    const begun = player.start()
    await vi.advanceTimersByTimeAsync(301)
    await begun
    player.eased()
    expect(player.step.value).toBe(0)
    await vi.advanceTimersByTimeAsync(1000)
    player.eased()
    expect(player.step.value).toBe(1)
    expect(player.position.value).toBe(3000)
    player.eased()
    expect(player.position.value).toBe(3000)
    expect(player.record().steps[0]?.donePercent).toBe(100)
  })

  it('stands still while paused', async () => {
    const player = await started()
    await vi.advanceTimersByTimeAsync(1000)
    player.pause()
    const here = player.position.value
    await vi.advanceTimersByTimeAsync(5000)
    expect(player.position.value).toBe(here)
    player.resume()
    await vi.advanceTimersByTimeAsync(1000)
    expect(player.position.value).toBeGreaterThan(here + 800)
  })

  it('notes a skipped step as skipped', async () => {
    const player = await started()
    await vi.advanceTimersByTimeAsync(100)
    player.next()
    expect(player.step.value).toBe(1)
    await vi.advanceTimersByTimeAsync(6500)
    expect(player.record().steps[0]?.outcome).toBe('SKIPPED')
    expect(player.record().steps[1]?.outcome).toBe('DONE')
  })

  it('goes back to the beginning of the step, then to the one before', async () => {
    const player = await started()
    await vi.advanceTimersByTimeAsync(5500)
    player.back()
    expect(player.position.value).toBe(3000)
    player.back()
    expect(player.position.value).toBe(0)
  })

  it('notes what hurt and that the session was stopped', async () => {
    const player = await started()
    await vi.advanceTimersByTimeAsync(4000)
    player.noteHurt({ side: 'LEFT', region: 'RING_FINGER', level: 7, sensation: null })
    player.finish('STOPPED')
    const record = player.record()
    expect(record.state).toBe('STOPPED')
    expect(record.steps.map((s) => s.outcome)).toEqual(['DONE', 'HURT', 'SKIPPED'])
    expect(record.hurts).toEqual([
      { side: 'LEFT', region: 'RING_FINGER', level: 7, sensation: null },
    ])
  })
})
