import { useEventListener, useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, onScopeDispose, readonly, ref, shallowRef } from 'vue'
import type {
  Cue,
  PainForm,
  RoutineView,
  SessionForm,
  Shift,
  Shortfall,
  StepView,
} from '@/api/types'
import { forgetRun, keepRun, type KeptRun } from './keptRun'
import { sessionRecord } from './sessionRecord'
import { Sounds } from './sounds'
import type { Sheet } from './timeline'
import { isCounted, useOwnPace } from './useOwnPace'
import { useStepQuestions } from './useStepQuestions'
import {
  Coverage,
  countOf,
  cueAt,
  momentIn,
  tonesOf,
  withFewerNotes,
  withVariant,
} from './timeline'

export type PlayerState = 'ready' | 'running' | 'paused' | 'finished'

/** A tick that also runs while the page is hidden, when pictures are not asked for. */
const TICK = 100
const JUST_BEGUN = 2_000
/** For how long it is asked why; what was not said then stays unsaid. */
const ASKED_FOR = 15_000
/** How often the place is kept on the device. */
const KEPT_EVERY = 3_000
const VOLUME_STEP = 0.2
/** What begins, begins so much later, in seconds, so that its first tone is handed over in time. */
const LEAD = 0.03

/** Runs a routine by itself from start to end and notes what was done of it. */
export function usePlayer(routine: RoutineView, fromStep = 0, kept: KeptRun | null = null) {
  const shifts = new Map<number, Shift>(kept?.shifts)
  /** To how few notes a beat a step was brought down. */
  const fewest = new Map<number, number>(kept?.fewest)
  const shiftedSheet = [...shifts].reduce<Sheet>((changed, [place, to]) => {
    const variant = changed.steps[place]?.ladder?.[to === 'EASIER' ? 'easier' : 'harder']
    return variant ? withVariant(changed, place, variant) : changed
  }, routine)
  const sheet = shallowRef<Sheet>(
    [...fewest].reduce<Sheet>(
      (changed, [place, most]) => withFewerNotes(changed, place, most, kept?.position ?? 0),
      shiftedSheet,
    ),
  )
  const sounds = new Sounds(tonesOf(sheet.value.cues, sheet.value.lengthMillis))
  const coverage = new Coverage(routine, kept?.played)
  const reasons = new Map<number, Shortfall>(kept?.reasons)
  /** A step that was left early and of which nobody has said why. */
  const unsaid = ref<number | null>(null)
  let asking: ReturnType<typeof setTimeout> | undefined
  const before = shallowRef<PainForm[] | null>(kept?.before ? [...kept.before] : null)
  const state = ref<PlayerState>('ready')
  const position = ref(kept?.position ?? routine.steps[fromStep]?.offsetMillis ?? 0)
  const muted = useLocalStorage('nimblet-muted', false)
  const volume = useLocalStorage('nimblet-volume', 1)
  /** How long somebody has stayed where they are; null while the clock goes on. */
  const stayed = ref<number | null>(null)
  const hurts = shallowRef<PainForm[]>(kept ? [...kept.hurts] : [])
  const hurtSteps = new Set<number>(kept?.hurtSteps)
  let beganAt: Date | null = kept ? new Date(kept.beganAt) : null
  let endedAt: Date | null = null
  let ended: SessionForm['state'] = 'DONE'
  let last = 0
  let frame = 0
  let timer: ReturnType<typeof setInterval> | undefined
  let wakeLock: WakeLockSentinel | undefined

  const index = computed(() => cueAt(sheet.value.cues, position.value))
  const cue = computed(() => sheet.value.cues[index.value] as Cue)
  const step = computed(() => cue.value.step)
  const ownPace = useOwnPace(cue, () => sounds.now(), kept?.counts)
  const steps = computed<readonly StepView[]>(() => sheet.value.steps)
  const questions = useStepQuestions(steps, cue, kept?.tellings)
  const progress = computed(() =>
    Math.min(1, Math.max(0, (position.value - cue.value.offsetMillis) / cue.value.durationMillis)),
  )
  const count = computed(() =>
    ownPace.counting.value
      ? { number: String(ownPace.done.value), word: `of ${cue.value.repetitions}` }
      : countOf(cue.value, position.value),
  )
  const left = computed(() => sheet.value.lengthMillis - position.value)

  function advance() {
    if (state.value !== 'running') return
    const now = sounds.now()
    if (now <= last) return
    const passed = (now - last) * 1000
    last = now
    // What is counted by the person goes on by their count and not by the clock.
    if (ownPace.counting.value) return
    if (stayed.value !== null) {
      stayed.value += passed
      if (stayed.value >= mayStay()) stay()
      return
    }
    const to = Math.min(sheet.value.lengthMillis, position.value + passed)
    coverage.add(sheet.value, position.value, to)
    position.value = to
    sounds.plan(to, now, standsAt())
    if (to >= sheet.value.lengthMillis) finish('DONE')
  }
  function draw() {
    advance()
    if (state.value === 'running') frame = requestAnimationFrame(draw)
  }

  async function keepAwake() {
    wakeLock = await navigator.wakeLock?.request('screen').catch(() => undefined)
  }

  /** Keeps where it stands, so that a reload or a closed lid loses nothing. */
  function keep() {
    if (!beganAt || state.value === 'finished' || state.value === 'ready') return
    keepRun({
      path: location.pathname + location.search,
      savedAt: Date.now(),
      routine,
      position: position.value,
      played: coverage.kept(),
      shifts: [...shifts],
      fewest: [...fewest],
      reasons: [...reasons],
      hurts: hurts.value,
      hurtSteps: [...hurtSteps],
      before: before.value,
      beganAt: beganAt.toISOString(),
      counts: ownPace.kept(),
      tellings: questions.kept(),
    })
  }
  useIntervalFn(keep, KEPT_EVERY)
  useEventListener(window, 'pagehide', keep)

  async function start() {
    await sounds.open()
    sounds.loudness(muted.value ? 0 : volume.value)
    beganAt ??= new Date()
    run()
    void keepAwake()
  }
  /** Where the clock will stand next, because the person counts there. */
  const standsAt = () =>
    sheet.value.cues.find((c) => c.offsetMillis >= position.value && isCounted(c))?.offsetMillis ??
    Infinity
  /** The clock goes on from where the routine stands. */
  function goOn() {
    last = sounds.now() + LEAD
    sounds.seek(position.value)
    if (state.value === 'running' && !ownPace.counting.value)
      sounds.plan(position.value, last, standsAt())
  }
  function run() {
    state.value = 'running'
    goOn()
    clearInterval(timer)
    timer = setInterval(advance, TICK)
    frame = requestAnimationFrame(draw)
  }
  /** Stops clock, pictures and sound; the position stays. */
  function stand() {
    clearInterval(timer)
    cancelAnimationFrame(frame)
    sounds.seek(sheet.value.lengthMillis + 1)
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
    position.value = Math.min(sheet.value.lengthMillis, millis)
    goOn()
  }
  function next() {
    if (stayed.value !== null) stay()
    const here = step.value
    const following = sheet.value.steps[here + 1]
    advance()
    if (coverage.percent(here) < routine.asksWhyBelowPercent && !hurtSteps.has(here)) {
      unsaid.value = here
      clearTimeout(asking)
      asking = setTimeout(() => (unsaid.value = null), ASKED_FOR)
    }
    if (following) seek(following.offsetMillis)
    else finish('DONE')
  }
  /** Why a step was left early. */
  function say(why: Shortfall, place = unsaid.value ?? step.value) {
    reasons.set(place, why)
    if (unsaid.value === place) unsaid.value = null
  }
  /** One rung down or up at once, for the rest of the step; it is remembered. */
  function shift(to: Shift) {
    const place = step.value
    const variant = sheet.value.steps[place]?.ladder?.[to === 'EASIER' ? 'easier' : 'harder']
    if (!variant || shifts.has(place)) return false
    advance()
    const at = cue.value
    const elapsed = position.value - at.offsetMillis
    sheet.value = withVariant(sheet.value, place, variant)
    shifts.set(place, to)
    position.value = momentIn(sheet.value, at, elapsed)
    const most = fewest.get(place)
    if (most) sheet.value = withFewerNotes(sheet.value, place, most, position.value)
    sounds.retune(tonesOf(sheet.value.cues, sheet.value.lengthMillis))
    if (state.value === 'running') goOn()
    else stand()
    return true
  }
  /** The most notes to a beat that are left in this step. */
  const notes = computed(() =>
    Math.max(
      ...sheet.value.cues
        .filter((c) => c.step === step.value && c.offsetMillis >= cue.value.offsetMillis)
        .map((c) => c.notes),
    ),
  )
  /** One note a beat fewer at once, for the rest of the step; the clock does not stop. */
  function fewer() {
    const most = (cue.value.notes > 1 ? cue.value.notes : notes.value) - 1
    if (most < 1 || state.value === 'ready') return
    advance()
    sheet.value = withFewerNotes(sheet.value, step.value, most, cue.value.offsetMillis)
    fewest.set(step.value, most)
    sounds.retune(tonesOf(sheet.value.cues, sheet.value.lengthMillis))
    if (state.value === 'running') goOn()
    else stand()
  }
  /** One more at one's own pace; the last one ends it. */
  function countOne() {
    if (state.value !== 'running' || !ownPace.counting.value) return
    const c = cue.value
    ownPace.press()
    const end = c.offsetMillis + c.durationMillis
    const to = Math.min(
      end,
      c.offsetMillis + (c.durationMillis * ownPace.done.value) / c.repetitions,
    )
    coverage.add(sheet.value, Math.min(position.value, to), to)
    if (ownPace.done.value >= c.repetitions) {
      if (end >= sheet.value.lengthMillis) finish('DONE')
      else seek(end)
    } else position.value = to
  }
  function notComplete() {
    if (!ownPace.counting.value || !ownPace.done.value) return
    const c = cue.value
    ownPace.notComplete()
    position.value = c.offsetMillis + (c.durationMillis * ownPace.done.value) / c.repetitions
    coverage.takeBack(c, c.durationMillis / c.repetitions)
  }
  /** Enough of a count: what was done of it is what counts. */
  function enough() {
    const c = cue.value
    const end = c.offsetMillis + c.durationMillis
    const full = ownPace.done.value >= c.repetitions
    if (!full) reasons.set(c.step, 'COULD_NOT')
    if (end >= sheet.value.lengthMillis) finish('DONE')
    else seek(end)
  }
  /** Ends a hold that the person may end, once its least time is over; nothing else. */
  function eased() {
    const c = cue.value
    if (ownPace.counting.value) {
      enough()
      return
    }
    if (!c.easesFromMillis || position.value - c.offsetMillis < c.easesFromMillis) return
    advance()
    const end = c.offsetMillis + c.durationMillis
    coverage.add(sheet.value, position.value, end)
    seek(end)
  }
  /** This step, or the one before if this one has only just begun. */
  function latest() {
    const here = sheet.value.steps[step.value]
    const early = here !== undefined && position.value - here.offsetMillis < JUST_BEGUN
    return early ? Math.max(0, step.value - 1) : step.value
  }
  function beginStep(place: number) {
    stayed.value = null
    ownPace.forget(place)
    seek(sheet.value.steps[place]?.offsetMillis ?? 0)
  }
  /** To the beginning of the latest step, as if it had not been done. */
  function back() {
    const target = latest()
    coverage.restart(step.value)
    coverage.restart(target)
    beginStep(target)
  }
  /** The latest step once more; what was done of it stays done. */
  function again() {
    const target = latest()
    questions.tell(target, { repeats: questions.told(target).repeats + 1 })
    beginStep(target)
  }
  const mayStay = () => steps.value[step.value]?.feeling.stayMillis ?? 0
  /** Stays at a sore spot while the clock stands, or goes on. */
  function stay() {
    if (stayed.value !== null) {
      const place = step.value
      questions.tell(place, { stayed: questions.told(place).stayed + stayed.value })
      stayed.value = null
      if (state.value === 'running') goOn()
    } else if (state.value === 'running' && mayStay() > 0) {
      advance()
      stayed.value = 0
      sounds.seek(sheet.value.lengthMillis + 1)
    }
  }
  function finish(how: SessionForm['state']) {
    if (state.value === 'finished') return
    if (stayed.value !== null) stay()
    state.value = 'finished'
    ended = how
    forgetRun()
    endedAt = new Date()
    stand()
    void wakeLock?.release().catch(() => undefined)
  }
  /** Notes that something hurts in this step, and whether the step is over for today. */
  function noteHurt(pain: PainForm, over = true) {
    hurts.value = [...hurts.value, pain]
    if (over) hurtSteps.add(step.value)
  }
  function toggleMute() {
    muted.value = !muted.value
    sounds.loudness(muted.value ? 0 : volume.value)
  }
  /** Louder or quieter by a step; whoever turns it up wants to hear it. */
  function turnVolume(to: number) {
    volume.value = Math.min(1, Math.max(VOLUME_STEP, Math.round(to * 5) / 5))
    muted.value = false
    sounds.loudness(volume.value)
  }

  const record = (): SessionForm =>
    sessionRecord({
      routine,
      coverage,
      ownPace,
      told: questions.told,
      hurtSteps,
      reasons,
      shifts,
      fewest,
      beganAt: beganAt ?? new Date(),
      endedAt: endedAt ?? new Date(),
      ended,
      hurts: hurts.value,
      before: before.value,
    })

  function visible() {
    if (document.visibilityState === 'visible' && state.value === 'running') void keepAwake()
  }
  useEventListener(document, 'visibilitychange', visible)
  onScopeDispose(() => {
    clearTimeout(asking)
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
    before,
    unsaid,
    steps,
    questions,
    stayed: readonly(stayed),
    stay,
    again,
    volume: readonly(volume),
    turnVolume,
    stepCues: computed(() => sheet.value.cues.filter((c) => c.step === step.value)),
    shifted: () => shifts.get(step.value),
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
    ownPace,
    countOne,
    notComplete,
    say,
    shift,
    notes,
    fewer,
    finish,
    noteHurt,
    toggleMute,
    record,
    /** Whether anything was done that is worth keeping. */
    begun: () => beganAt !== null,
  }
}
