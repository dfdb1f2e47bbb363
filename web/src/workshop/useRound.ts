import { useEventListener } from '@vueuse/core'
import { computed, onScopeDispose, ref } from 'vue'
import type {
  Digit,
  DrilledForm,
  DrilledRoundForm,
  DrillOutcome,
  DrillRoundView,
  JudgementForm,
  JudgementView,
  PainForm,
  RoundDrillView,
  Side,
} from '@/api/types'
import { Sounds } from '@/player/sounds'
import type { Tone } from '@/player/timeline'
import type { Phrase } from './phrase'
import type { Press } from './tapInput'

const TICK = 250
const SECOND = 1000
const MINUTE = 60_000

export type RoundState = 'ready' | 'running' | 'paused' | 'asked' | 'judging' | 'done'

/** How keys judge. */
export interface RoundKeys {
  readonly judge: (drill: JudgementForm) => Promise<JudgementView>
  /** Whether they can: all that goes down at once has to be reported. */
  readonly can: (drill: RoundDrillView) => boolean
}

/**
 * A round on its clock: each drill is read for some seconds and then changed at a tempo; whoever
 * says clean or not goes on at once, whoever drills on keys is judged by them, and whoever does
 * neither is asked.
 */
export function useRound(round: DrillRoundView, phrase: Phrase = {}, keys?: RoundKeys) {
  const state = ref<RoundState>('ready')
  const place = ref(0)
  const position = ref(0)
  /** By how many steps the person is faster than the drills ask; it stays from one to the next. */
  const shifted = ref(0)
  /** What became of the drills, in their order. */
  const drilled = ref<DrilledForm[]>([])
  const hurts = ref<PainForm[]>([])
  const before = ref<PainForm[] | null>(null)
  const ending = ref<DrilledRoundForm['ending']>('DONE')
  /** What keys said of the last drill that they judged. */
  const judgement = ref<JudgementView | null>(null)
  /** Presses of the drill at hand, in beats since its first change. */
  let presses: { readonly side: Side; readonly digit: Digit; readonly beats: number }[] = []
  let beganAt = new Date()
  const muted = ref(false)
  const now = computed(() => round.drills[place.value])
  const next = computed(() => round.drills[place.value + 1])
  const changes = computed(() => now.value?.changes ?? 0)
  const reading = computed(() => now.value?.readMillis ?? 0)
  const tempoOf = (drill: RoundDrillView) => {
    const { least, greatest, step } = round.tempo
    return Math.min(greatest, Math.max(least, drill.aMinute + shifted.value * step))
  }
  const aMinute = computed(() => (now.value ? tempoOf(now.value) : round.tempo.first))
  const beat = computed(() => MINUTE / aMinute.value)
  const length = computed(() => reading.value + changes.value * beat.value)
  /** The change that is at hand, from 1 on; 0 while one reads. */
  const change = computed(() =>
    position.value < reading.value
      ? 0
      : Math.min(changes.value, 1 + Math.floor((position.value - reading.value) / beat.value)),
  )
  /** From 0 to 1 within the change. */
  const within = computed(() =>
    change.value ? ((position.value - reading.value) / beat.value) % 1 : 0,
  )
  const leftMillis = computed(() => {
    const rest = round.drills
      .slice(place.value + 1)
      .reduce((sum, drill) => sum + drill.readMillis + (drill.changes * MINUTE) / tempoOf(drill), 0)
    return Math.max(0, length.value - position.value) + rest
  })

  const tones = (): Tone[] => [
    { at: 0, kind: 'start' },
    ...Array.from({ length: changes.value }, (_, i): Tone => ({
      at: reading.value + i * beat.value,
      kind: 'beat',
    })),
  ]
  let sounds = new Sounds([])
  let last = 0
  let timer: ReturnType<typeof setInterval> | undefined
  let frame = 0
  function stand() {
    clearInterval(timer)
    cancelAnimationFrame(frame)
    sounds.seek(Infinity)
  }
  function advance() {
    if (state.value !== 'running') return
    const at = sounds.now()
    position.value += Math.max(0, at - last) * SECOND
    last = at
    if (position.value >= length.value) {
      position.value = length.value
      stand()
      void over()
      return
    }
    sounds.plan(position.value, at, length.value)
  }
  /** A key went down; before the first change it is only tried. */
  function press(key: Press) {
    if (state.value !== 'running' || !now.value || !keys?.can(now.value)) return
    advance()
    const at = position.value - (performance.now() - key.at) - reading.value
    if (at > -beat.value / 2)
      presses.push({ side: key.side, digit: key.digit, beats: at / beat.value })
  }
  /** When the first change of the drill at hand is due, on the clock of key events. */
  function firstChangeAt(): number {
    advance()
    return performance.now() - position.value + reading.value
  }
  /** The drill is over: keys say how it was, else somebody is asked. */
  async function over() {
    const drill = now.value
    if (!drill || !keys || !presses.length) {
      state.value = 'asked'
      return
    }
    state.value = 'judging'
    try {
      const judged = await keys.judge({
        pattern: drill.drill.pattern,
        hand: drill.drill.hand,
        aMinute: aMinute.value,
        changes: changes.value,
        presses: presses.map(({ side, digit, beats }) => ({ side, digit, at: beats * beat.value })),
      })
      if (state.value !== 'judging') return
      judgement.value = judged
      goOn(judged.clean ? 'CLEAN' : 'NOT_CLEAN', judged.even)
    } catch {
      state.value = 'asked'
    }
  }
  function run() {
    state.value = 'running'
    last = sounds.now()
    sounds.retune(tones())
    sounds.seek(position.value)
    sounds.plan(position.value, last, length.value)
    clearInterval(timer)
    timer = setInterval(advance, TICK)
    const draw = () => {
      advance()
      if (state.value === 'running') frame = requestAnimationFrame(draw)
    }
    cancelAnimationFrame(frame)
    frame = requestAnimationFrame(draw)
  }
  async function begin(painBefore: PainForm[] | null) {
    before.value = painBefore
    beganAt = new Date()
    await sounds.open()
    sounds.loudness(muted.value ? 0 : 0.6)
    run()
  }
  function toggle() {
    if (state.value === 'running') {
      advance()
      state.value = 'paused'
      stand()
    } else if (state.value === 'paused') run()
  }
  /** Whoever has seen enough says so; it counts from the first change on. */
  function judge(clean: boolean) {
    if (!isOn() || !change.value) return
    judgement.value = null
    goOn(clean ? 'CLEAN' : 'NOT_CLEAN')
  }
  const isOn = () => ['running', 'paused', 'asked'].includes(state.value)
  function note(outcome: DrillOutcome, changesDone: number, even: boolean | null = null) {
    const at = round.drills[drilled.value.length]
    if (!at) return
    drilled.value.push({
      id: crypto.randomUUID(),
      pattern: at.drill.pattern,
      hand: at.drill.hand,
      aMinute: tempoOf(at),
      changes: changesDone,
      outcome,
      at: new Date().toISOString(),
      even,
    })
  }
  function goOn(outcome: DrillOutcome, even: boolean | null = null) {
    note(outcome, change.value, even)
    presses = []
    if (next.value) {
      place.value++
      position.value = 0
      run()
    } else end('DONE')
  }
  /** It waits, as while somebody says what hurts. */
  function wait() {
    if (state.value === 'running') toggle()
  }
  /** What hurts is over for today; the next drill comes. */
  function hurt(pain: PainForm) {
    hurts.value.push(pain)
    goOn('HURT')
  }
  /**
   * The round ends before its time.
   *
   * @param pain what hurt, where somebody says it at the end
   */
  function breakOff(how: 'LEFT' | 'STOPPED', pain: PainForm | null = null) {
    if (pain) hurts.value.push(pain)
    note(pain || how === 'STOPPED' ? 'HURT' : 'SKIPPED', change.value)
    end(how)
  }
  function end(how: DrilledRoundForm['ending']) {
    stand()
    while (drilled.value.length < round.drills.length) note('SKIPPED', 0)
    ending.value = how
    state.value = 'done'
  }
  /** What the round came to, as the server wants to hear it. */
  const record = (): DrilledRoundForm => ({
    roundId: round.roundId,
    beganAt: beganAt.toISOString(),
    endedAt: drilled.value.at(-1)?.at ?? beganAt.toISOString(),
    ending: ending.value,
    drills: drilled.value,
    hurts: hurts.value,
    before: before.value,
    bars: phrase.bars ?? null,
    beatsABar: phrase.beatsABar ?? null,
  })
  function shift(by: number) {
    advance()
    const share = change.value ? (position.value - reading.value) / beat.value : 0
    const before = aMinute.value
    shifted.value += by
    if (aMinute.value === before) shifted.value -= by
    if (share) position.value = reading.value + share * beat.value
    if (state.value === 'running') run()
  }
  function mute() {
    muted.value = !muted.value
    sounds.loudness(muted.value ? 0 : 0.6)
  }
  onScopeDispose(() => {
    stand()
    sounds.close()
    sounds = new Sounds([])
  })
  return {
    state,
    place,
    position,
    aMinute,
    drilled,
    hurts,
    judgement,
    ending,
    muted,
    now,
    next,
    change,
    within,
    changes,
    leftMillis,
    begin,
    press,
    firstChangeAt,
    toggle,
    judge,
    shift,
    mute,
    wait,
    hurt,
    breakOff,
    record,
  }
}

/** The keys of a round; a pedal sends arrows or pages. */
export function useRoundKeys(
  round: ReturnType<typeof useRound>,
  acts: { readonly hurts: () => void; readonly leave: () => void },
  /** What Escape does while something covers the stage; null if nothing does. */
  cover: () => (() => void) | null,
) {
  const KEYS: Readonly<Record<string, () => void>> = {
    ' ': round.toggle,
    arrowright: () => round.judge(true),
    pagedown: () => round.judge(true),
    arrowleft: () => round.judge(false),
    pageup: () => round.judge(false),
    e: () => round.shift(-1),
    r: () => round.shift(1),
    m: round.mute,
    h: acts.hurts,
    escape: acts.leave,
  }
  useEventListener(document, 'keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const uncover = cover()
    if (uncover) {
      if (event.key === 'Escape') uncover()
      return
    }
    if (round.state.value === 'ready' && event.key !== 'Escape') return
    const act = KEYS[event.key.toLowerCase()]
    if (!act || (event.target instanceof HTMLButtonElement && event.key === ' ')) return
    event.preventDefault()
    act()
  })
}
