import { useEventListener, useLocalStorage } from '@vueuse/core'
import { computed, onScopeDispose, readonly, ref, shallowRef } from 'vue'
import type { Cue, PainForm, RoutineView, SessionForm, StepForm } from '@/api/types'
import { Sounds } from './sounds'
import { Coverage, countOf, cueAt, tonesOf } from './timeline'

export type PlayerState = 'ready' | 'running' | 'paused' | 'finished'

/** A tick that also runs while the page is hidden, when pictures are not asked for. */
const TICK = 100
const JUST_BEGUN = 2_000

/** Runs a routine by itself from start to end and notes what was done of it. */
export function usePlayer(routine: RoutineView, fromStep = 0) {
  const cues = routine.cues
  const sounds = new Sounds(tonesOf(cues, routine.lengthMillis))
  const coverage = new Coverage(routine.steps)
  const state = ref<PlayerState>('ready')
  const position = ref(routine.steps[fromStep]?.offsetMillis ?? 0)
  const muted = useLocalStorage('nimblet-muted', false)
  const hurts = shallowRef<PainForm[]>([])
  const hurtSteps = new Set<number>()
  let beganAt: Date | null = null
  let endedAt: Date | null = null
  let ended: SessionForm['state'] = 'DONE'
  let last = 0
  let frame = 0
  let timer: ReturnType<typeof setInterval> | undefined
  let wakeLock: WakeLockSentinel | undefined

  const index = computed(() => cueAt(cues, position.value))
  const cue = computed(() => cues[index.value] as Cue)
  const step = computed(() => cue.value.step)
  const progress = computed(() =>
    Math.min(1, Math.max(0, (position.value - cue.value.offsetMillis) / cue.value.durationMillis)),
  )
  const count = computed(() => countOf(cue.value, position.value))
  const left = computed(() => routine.lengthMillis - position.value)

  function advance() {
    if (state.value !== 'running') return
    const now = sounds.now()
    const passed = Math.max(0, (now - last) * 1000)
    last = now
    const to = Math.min(routine.lengthMillis, position.value + passed)
    coverage.add(position.value, to)
    position.value = to
    sounds.plan(to)
    if (to >= routine.lengthMillis) finish('DONE')
  }
  function draw() {
    advance()
    if (state.value === 'running') frame = requestAnimationFrame(draw)
  }

  async function keepAwake() {
    wakeLock = await navigator.wakeLock?.request('screen').catch(() => undefined)
  }

  async function start() {
    await sounds.open()
    sounds.mute(muted.value)
    beganAt ??= new Date()
    run()
    void keepAwake()
  }
  function run() {
    last = sounds.now()
    sounds.seek(position.value)
    state.value = 'running'
    clearInterval(timer)
    timer = setInterval(advance, TICK)
    frame = requestAnimationFrame(draw)
  }
  /** Stops clock, pictures and sound; the position stays. */
  function stand() {
    clearInterval(timer)
    cancelAnimationFrame(frame)
    sounds.seek(routine.lengthMillis + 1)
  }
  function pause() {
    advance()
    if (state.value !== 'running') return
    state.value = 'paused'
    stand()
  }
  function resume() {
    if (state.value === 'paused') run()
  }
  function seek(millis: number) {
    advance()
    position.value = Math.min(routine.lengthMillis, millis)
    last = sounds.now()
    sounds.seek(position.value)
  }
  function next() {
    const following = routine.steps[step.value + 1]
    if (following) seek(following.offsetMillis)
    else finish('DONE')
  }
  /** Ends a hold that the person may end, once its least time is over; nothing else. */
  function eased() {
    const c = cue.value
    if (!c.easesFromMillis || position.value - c.offsetMillis < c.easesFromMillis) return
    advance()
    const end = c.offsetMillis + c.durationMillis
    coverage.add(position.value, end)
    seek(end)
  }
  /** To the beginning of this step, or of the one before if this one has only just begun. */
  function back() {
    const here = routine.steps[step.value]
    if (!here) return
    const early = position.value - here.offsetMillis < JUST_BEGUN
    const target = early ? Math.max(0, step.value - 1) : step.value
    const from = routine.steps[target]
    if (!from) return
    coverage.restart(step.value)
    coverage.restart(target)
    seek(from.offsetMillis)
  }
  function finish(how: SessionForm['state']) {
    if (state.value === 'finished') return
    state.value = 'finished'
    ended = how
    endedAt = new Date()
    stand()
    void wakeLock?.release().catch(() => undefined)
  }
  /** Notes that something hurts in this step; the step is over for today. */
  function noteHurt(pain: PainForm) {
    hurts.value = [...hurts.value, pain]
    hurtSteps.add(step.value)
  }
  function toggleMute() {
    muted.value = !muted.value
    sounds.mute(muted.value)
  }

  /** What happened, as the server wants to hear it. */
  function record(): SessionForm {
    const now = new Date()
    return {
      blockId: routine.blockId,
      routineId: routine.routineId,
      purpose: routine.purpose,
      beganAt: (beganAt ?? now).toISOString(),
      endedAt: (endedAt ?? now).toISOString(),
      plannedMillis: routine.lengthMillis,
      state: ended,
      steps: routine.steps.map((s, i): StepForm => {
        const percent = coverage.percent(i)
        return {
          exerciseId: s.exerciseId,
          exerciseVersion: s.exerciseVersion,
          dose: s.dose,
          laterality: s.laterality,
          plannedMillis: s.lengthMillis,
          donePercent: percent,
          outcome: hurtSteps.has(i) ? 'HURT' : percent >= 100 ? 'DONE' : 'SKIPPED',
        }
      }),
      hurts: hurts.value,
    }
  }

  function visible() {
    if (document.visibilityState === 'visible' && state.value === 'running') void keepAwake()
  }
  useEventListener(document, 'visibilitychange', visible)
  onScopeDispose(() => {
    clearInterval(timer)
    cancelAnimationFrame(frame)
    void wakeLock?.release().catch(() => undefined)
    sounds.close()
  })

  return {
    state: readonly(state),
    position: readonly(position),
    muted: readonly(muted),
    hurts,
    cue,
    step,
    progress,
    count,
    left,
    start,
    pause,
    resume,
    next,
    back,
    eased,
    finish,
    noteHurt,
    toggleMute,
    record,
    /** Whether anything was done that is worth keeping. */
    begun: () => beganAt !== null,
  }
}
