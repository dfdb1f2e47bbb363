import { useEventListener } from '@vueuse/core'
import { computed, onScopeDispose, ref, type Ref } from 'vue'
import type { Digit, Side } from '@/api/types'
import { Sounds } from '@/player/sounds'
import { KEYS } from './tapInput'

const MINUTE = 60_000
/** Between the last answer and the next showing. */
const BREATH = 900
/** Lit for this share of a beat, so that the same finger twice is seen twice. */
const LIT = 0.7

export type FollowState = 'ready' | 'showing' | 'answering' | 'over'

/** A row is shown, done again by keys, and grows by one tap each time. */
export function useFollowMe(
  rowOf: (seed: number) => Promise<readonly Digit[]>,
  hand: Ref<Side>,
  bpm: Ref<number>,
) {
  const state = ref<FollowState>('ready')
  const row = ref<readonly Digit[]>([])
  const length = ref(0)
  const answered = ref(0)
  const lit = ref<Digit | null>(null)
  const wrong = ref<Digit | null>(null)
  const best = ref(0)
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
    const beat = MINUTE / bpm.value
    shown.value.forEach((digit, i) => later(() => light(digit), i * beat))
    later(() => (state.value = 'answering'), shown.value.length * beat)
  }
  async function start(seed: number) {
    quiet()
    await sounds.open()
    sounds.loudness(0.6)
    row.value = await rowOf(seed)
    wrong.value = null
    length.value = 1
    show()
  }
  function answer(digit: Digit) {
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
    if (answered.value < length.value) return
    best.value = Math.max(best.value, length.value)
    if (length.value === row.value.length) {
      state.value = 'over'
      return
    }
    length.value++
    state.value = 'showing'
    later(show, BREATH)
  }
  function stop() {
    quiet()
    state.value = 'ready'
  }
  useEventListener(document, 'keydown', (event) => {
    if (event.repeat || event.ctrlKey || event.metaKey || event.altKey) return
    if (state.value === 'ready' || state.value === 'over') return
    if (event.key === 'Escape') {
      stop()
      return
    }
    const digit = KEYS[hand.value][event.code]
    if (!digit) return
    event.preventDefault()
    answer(digit)
  })
  onScopeDispose(() => {
    quiet()
    sounds.close()
  })
  return { state, length, answered, lit, wrong, best, shown, start, answer, stop }
}
