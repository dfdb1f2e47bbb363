import { effectScope } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { RoutineView, StepView } from '@/api/types'
import { cueForTests } from './cueForTests'
import { keptRun } from './keptRun'
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
    feeling: {
      meant: ['PALM'],
      asksWhere: false,
      asksTighter: false,
      burnIsWanted: false,
      stayMillis: 0,
      instead: null,
    },
  }) as unknown as StepView
const routine = {
  blockId: 'b',
  purpose: 'WARM_UP',
  lengthMillis: 9000,
  asksWhyBelowPercent: 60,
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

  const counted = {
    ...routine,
    cues: [{ ...cue(0, 0, 3000), easesFromMillis: 1000, repetitions: 4 }, ...routine.cues.slice(1)],
  }
  async function counting() {
    const player = scope.run(() => usePlayer(counted))
    if (!player) throw new Error('the scope is open')
    const begun = player.start()
    await vi.advanceTimersByTimeAsync(301)
    await begun
    return player
  }

  it('waits for the count at one\u2019s own pace, and goes on with the last one', async () => {
    const player = await counting()
    await vi.advanceTimersByTimeAsync(20_000)
    expect([player.step.value, player.count.value.number]).toEqual([0, '0'])
    for (let i = 0; i < 3; i++) player.countOne()
    player.notComplete()
    expect(player.count.value).toEqual({ number: '2', word: 'of 4' })
    player.ownPace.burns()
    player.countOne()
    player.countOne()
    expect(player.step.value).toBe(1)
    const step = player.record().steps[0]
    expect([step?.donePercent, step?.complete, step?.shortfall]).toEqual([100, 2, null])
  })

  it('keeps what was counted when it is enough', async () => {
    const player = await counting()
    player.countOne()
    player.eased()
    expect(player.step.value).toBe(1)
    const step = player.record().steps[0]
    expect([step?.donePercent, step?.complete, step?.shortfall]).toEqual([25, 1, 'COULD_NOT'])
  })

  it('makes a step easier at once, once, and remembers it', async () => {
    const easier = { dose: '1 s', lengthMillis: 1000, cues: [cue(0, 0, 1000)] }
    const withLadder = {
      ...routine,
      steps: [
        { ...step('a', 0, 3000), ladder: { rungs: [], at: 0, why: '', easier, harder: null } },
        ...routine.steps.slice(1),
      ],
    }
    const player = scope.run(() => usePlayer(withLadder))
    if (!player) throw new Error('the scope is open')
    const begun = player.start()
    await vi.advanceTimersByTimeAsync(301)
    await begun
    await vi.advanceTimersByTimeAsync(500)
    expect(player.shift('HARDER')).toBe(false)
    expect(player.shift('EASIER')).toBe(true)
    expect(player.shift('EASIER')).toBe(false)
    await vi.advanceTimersByTimeAsync(700)
    expect(player.step.value).toBe(1)
    expect(player.steps.value[1]?.offsetMillis).toBe(1000)
    const record = player.record().steps[0]
    expect(record?.shift).toBe('EASIER')
    expect(record?.donePercent).toBeLessThan(60)
  })

  it('plays one note a beat fewer at once, without stopping, and tells of it', async () => {
    const beats = [1, 3, 3, 2].map((notes, i) => ({ ...cue(0, i * 500, 500), notes }))
    const paced = { ...routine, cues: [...beats, cue(0, 2000, 1000), ...routine.cues.slice(1)] }
    const player = scope.run(() => usePlayer(paced))
    if (!player) throw new Error('the scope is open')
    const begun = player.start()
    await vi.advanceTimersByTimeAsync(301)
    await begun
    await vi.advanceTimersByTimeAsync(700)
    const notes = () => player.stepCues.value.map((one) => one.notes)
    const before = player.position.value
    player.fewer()
    expect(notes()).toEqual([1, 2, 2, 2, 0])
    expect(player.position.value - before).toBeLessThan(200)
    player.fewer()
    expect(notes()).toEqual([1, 1, 1, 1, 0])
    expect(player.notes.value).toBe(1)
    player.fewer()
    expect(notes()).toEqual([1, 1, 1, 1, 0])
    expect(player.state.value).toBe('running')
    const [record] = player.record().steps
    expect(record?.account?.notesToBeat).toBe(1)
  })

  it('names the one side that did a step, and none where both take turns', async () => {
    const sides = (['ALTERNATING', 'RIGHT', 'BOTH'] as const).map((of, i) => ({
      ...cue(i, i * 3000, 3000),
      sides: of,
    }))
    const player = scope.run(() => usePlayer({ ...routine, cues: sides }))
    expect(player?.record().steps.map((one) => one.side)).toEqual([null, 'RIGHT', null])
  })

  it('asks why a step was left early, and keeps the answer', async () => {
    const player = await started()
    await vi.advanceTimersByTimeAsync(100)
    player.next()
    expect(player.unsaid.value).toBe(0)
    player.say('NO_TIME')
    expect(player.unsaid.value).toBeNull()
    expect(player.record().steps[0]?.shortfall).toBe('NO_TIME')
    expect(player.record().before).toBeNull()
  })

  it('goes on after a reload where it stood, with what was done and said', async () => {
    const player = await started()
    await vi.advanceTimersByTimeAsync(100)
    player.next()
    player.say('NO_TIME')
    player.noteHurt({ side: 'LEFT', region: 'PALM', level: 2, sensation: null })
    await vi.advanceTimersByTimeAsync(2950)
    window.dispatchEvent(new Event('pagehide'))
    const place = player.position.value
    const kept = keptRun(location.pathname + location.search)
    expect(kept?.position).toBe(place)
    expect(keptRun('/elsewhere')).toBeNull()
    expect(keptRun(location.pathname + location.search, Date.now() + 31 * 60_000)).toBeNull()
    const again = scope.run(() => usePlayer(routine, 0, kept))
    if (!again) throw new Error('the scope is open')
    expect(again.position.value).toBe(place)
    const record = again.record()
    expect(record.steps[0]?.shortfall).toBe('NO_TIME')
    expect(record.steps[1]?.donePercent).toBeGreaterThan(90)
    expect(record.hurts).toHaveLength(1)
    expect(record.beganAt).toBe(player.record().beganAt)
    again.finish('LEFT')
    expect(keptRun(location.pathname + location.search)).toBeNull()
  })

  const stretched = {
    ...routine,
    steps: [
      {
        ...step('a', 0, 4000),
        feeling: { ...step('a', 0, 0).feeling, asksWhere: true, asksTighter: true },
      },
      { ...step('b', 4000, 3000), feeling: { ...step('b', 0, 0).feeling, stayMillis: 2000 } },
    ],
    lengthMillis: 7000,
    cues: [
      { ...cue(0, 0, 2000), phase: 'HOLD', sides: 'LEFT' },
      { ...cue(0, 2000, 2000), phase: 'HOLD', sides: 'RIGHT' },
      cue(1, 4000, 3000),
    ],
  } as unknown as RoutineView
  async function stretching() {
    const player = scope.run(() => usePlayer(stretched))
    if (!player) throw new Error('the scope is open')
    const begun = player.start()
    await vi.advanceTimersByTimeAsync(301)
    await begun
    return player
  }

  it('asks which side was tighter once both have held, and keeps how long each did', async () => {
    const player = await stretching()
    await vi.advanceTimersByTimeAsync(2500)
    expect(player.questions.tighter.value).toBeNull()
    expect(player.questions.felt.value).toBe(0)
    await vi.advanceTimersByTimeAsync(2000)
    expect(player.questions.tighter.value).toBe(0)
    player.questions.sayTighter('LEFT')
    expect(player.questions.tighter.value).toBeNull()
    const account = player.record().steps[0]?.account
    expect(account?.tighterSide).toBe('LEFT')
    expect(account?.leftHeldMillis).toBeGreaterThan(1900)
    expect(account?.rightHeldMillis).toBeGreaterThan(1900)
    expect(player.record().steps[1]?.account).toBeNull()
  })

  it('leaves a question that nobody answers unsaid', async () => {
    const player = await stretching()
    await vi.advanceTimersByTimeAsync(2500)
    player.pause()
    expect(player.questions.felt.value).toBe(0)
    await vi.advanceTimersByTimeAsync(15_100)
    expect(player.questions.felt.value).toBeNull()
    player.questions.askFelt()
    expect(player.questions.felt.value).toBe(0)
    player.questions.tell(0, { felt: { side: 'LEFT', region: 'THUMB', sensation: null } })
    player.questions.closeFelt()
    const account = player.record().steps[0]?.account
    expect([account?.feltSide, account?.feltRegion, account?.feltAs]).toEqual([
      'LEFT',
      'THUMB',
      null,
    ])
  })

  it('stays where one may stay, as long as one may, and notes for how long', async () => {
    const player = await stretching()
    player.stay()
    expect(player.stayed.value).toBeNull()
    await vi.advanceTimersByTimeAsync(4500)
    expect(player.step.value).toBe(1)
    player.stay()
    const here = player.position.value
    await vi.advanceTimersByTimeAsync(1000)
    expect(player.position.value).toBe(here)
    expect(player.stayed.value).toBeGreaterThan(800)
    await vi.advanceTimersByTimeAsync(1500)
    expect(player.stayed.value).toBeNull()
    expect(player.position.value).toBeGreaterThan(here)
    expect(player.record().steps[1]?.account?.stayedMillis).toBeGreaterThanOrEqual(2000)
  })

  it('does a step once more without forgetting what was done of it', async () => {
    const player = await started()
    await vi.advanceTimersByTimeAsync(3500)
    player.again()
    expect(player.position.value).toBe(0)
    const [first] = player.record().steps
    expect([first?.donePercent, first?.account?.repeats]).toEqual([100, 1])
    player.finish('LEFT')
    expect(player.record().steps[0]?.donePercent).toBe(100)
  })

  it('keeps counts and answers through a reload, and a step that begins again is counted anew', async () => {
    const player = await counting()
    player.countOne()
    player.countOne()
    window.dispatchEvent(new Event('pagehide'))
    const kept = keptRun(location.pathname + location.search)
    const again = scope.run(() => usePlayer(counted, 0, kept))
    if (!again) throw new Error('the scope is open')
    expect(again.ownPace.done.value).toBe(2)
    expect(again.record().steps[0]?.account?.leftRepetitions).toBe(2)
    player.back()
    expect(player.ownPace.done.value).toBe(0)
    again.finish('LEFT')
  })

  it('turns the volume in steps between quiet and full', async () => {
    const player = await started()
    player.toggleMute()
    player.turnVolume(0.55)
    expect([player.volume.value, player.muted.value]).toEqual([0.6, false])
    player.turnVolume(0)
    expect(player.volume.value).toBe(0.2)
    player.turnVolume(3)
    expect(player.volume.value).toBe(1)
  })
})
