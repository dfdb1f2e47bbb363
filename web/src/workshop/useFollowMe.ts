import { useEventListener } from '@vueuse/core'
import { computed, onScopeDispose, ref, watchEffect, type Ref } from 'vue'
import type { Digit, FollowedForm, JudgementView, Side } from '@/api/types'
import { Sounds } from '@/player/sounds'
import type { Press, TapInput } from './tapInput'

const MINUTE = 60_000
/** Between the last answer and the next showing. */
const BREATH = 900
/** Lit for this share of a beat, so that the same finger twice is seen twice. */
const LIT = 0.7

export type FollowState = 'ready' | 'showing' | 'answering' | 'judging' | 'over'

export interface FollowCalls {
  readonly rowOf: (seed: number) => Promise<readonly Digit[]>
  readonly judge: (followed: FollowedForm) => Promise<JudgementView>
}

/**
 * A row is shown, done again, and grows by one tap each time. On keys it grows only if it was on
 * time too; a touch is too coarse for that.
 */
export function useFollowMe(
  calls: FollowCalls,
  hand: Ref<Side>,
  bpm: Ref<number>,
  input: Ref<TapInput | null>,
) {
  const state = ref<FollowState>('ready')
  const row = ref<readonly Digit[]>([])
  const length = ref(0)
  const answered = ref(0)
  const lit = ref<Digit | null>(null)
  const wrong = ref<Digit | null>(null)
  const best = ref(0)
  /** What keys said of the last answer. */
  const judgement = ref<JudgementView | null>(null)
  /** When each key of the answer went down; nothing where one was touched. */
  let presses: number[] = []
  const shown = computed(() => row.value.slice(0, length.value))
  const sounds = new Sounds([{ at: 0, kind: 'beat' }])
  let timers: ReturnType<typeof setTimeout>[] = []
  const later = (what: () => void, millis: number) => timers.push(setTimeout(what, millis))
  function quiet() {
    timers.forEach(clearTimeout)
    timers = []
    lit.value = null
  }
  function light(digit: Digit) {
    lit.value = digit
    sounds.seek(0)
    sounds.plan(0, sounds.now(), 1)
    later(() => (lit.value = null), (LIT * MINUTE) / bpm.value)
  }
  function show() {
    state.value = 'showing'
    answered.value = 0
    presses = []
    const beat = MINUTE / bpm.value
    shown.value.forEach((digit, i) => later(() => light(digit), i * beat))
    later(() => (state.value = 'answering'), shown.value.length * beat)
  }
  async function start(seed: number) {
    quiet()
    await sounds.open()
    sounds.loudness(0.6)
    row.value = await calls.rowOf(seed)
    judgement.value = null
    wrong.value = null
    length.value = 1
    show()
  }
  /**
   * A finger is answered.
   *
   * @param at when its key went down; null where it was touched
   */
  function answer(digit: Digit, at: number | null = null) {
    if (state.value !== 'answering') return
    const right = row.value[answered.value]
    quiet()
    if (digit !== right) {
      wrong.value = digit
      state.value = 'over'
      return
    }
    light(digit)
    answered.value++
    if (at !== null) presses.push(at)
    if (answered.value < length.value) return
    if (length.value > 1 && presses.length === length.value) void judge()
    else grow()
  }
  async function judge() {
    state.value = 'judging'
    const taps = presses.map((at, i): Press => ({
      side: hand.value,
      digit: shown.value[i] as Digit,
      at: at - (presses[0] ?? 0),
      velocity: null,
    }))
    try {
      judgement.value = await calls.judge({
        row: [...shown.value],
        hand: hand.value,
        bpm: bpm.value,
        presses: taps.map(({ side, digit, at }) => ({ side, digit, at })),
      })
    } catch {
      // Without the server nothing tells how even it was; its order was right.
      judgement.value = null
    }
    if (state.value !== 'judging') return
    if (judgement.value?.clean ?? true) grow()
    else again()
  }
  function again() {
    state.value = 'showing'
    later(show, BREATH)
  }
  function grow() {
    best.value = Math.max(best.value, length.value)
    if (length.value === row.value.length) {
      state.value = 'over'
      return
    }
    length.value++
    again()
  }
  function stop() {
    quiet()
    state.value = 'ready'
  }
  const isOn = computed(() => state.value !== 'ready' && state.value !== 'over')
  useEventListener(document, 'keydown', (event) => {
    if (event.key === 'Escape' && isOn.value) stop()
  })
  watchEffect((clean) => {
    if (!isOn.value || !input.value) return
    const press = (key: Press) => {
      if (key.side === hand.value) answer(key.digit, key.at)
    }
    clean(input.value.listen({ press, release: () => undefined }))
  })
  onScopeDispose(() => {
    quiet()
    sounds.close()
  })
  return { state, isOn, length, answered, lit, wrong, best, judgement, shown, start, answer, stop }
}
