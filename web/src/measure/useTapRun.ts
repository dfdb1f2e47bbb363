import { useEventListener } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import type { TapForm, TapTaskView } from '@/api/types'
import { Sounds } from '@/player/sounds'
import type { Tone } from '@/player/timeline'
import { SIDES, type Press, type TapInput } from '@/workshop/tapInput'

const TICK = 200
const SECOND = 1000
/** Clicks before the first that is tapped with. */
const COUNT_IN = 4
/** Between the start and the first click. */
const LEAD = 600
/** Whoever is this much later than they should be has stopped. */
const PATIENCE = 10_000

export type TapState = 'ready' | 'counting' | 'running' | 'waiting' | 'done' | 'void' | 'left'

/**
 * A tap test as it runs: nothing corrects whoever taps; what is tapped is kept with the time of its
 * own event. Whoever leaves the window makes it void.
 */
export function useTapRun(task: TapTaskView, heard: () => TapInput) {
  const state = ref<TapState>('ready')
  const taps = shallowRef<readonly TapForm[]>([])
  /** Milliseconds since the first click that counts, or the first tap. */
  const position = ref(0)
  const sides = SIDES.filter((side) => (side === 'LEFT' ? task.left : task.right).length)
  const total = task.withClick + task.alone
  const click = task.clickMillis ?? 0
  const lasts = task.seconds ? task.seconds * SECOND : click * total
  const made = computed(() => {
    const counts = { LEFT: 0, RIGHT: 0 }
    for (const tap of taps.value) counts[tap.side]++
    return counts
  })
  /** How far the row has come: it moves with whoever taps, the slower hand first. */
  const place = computed(() => Math.min(...sides.map((side) => made.value[side])))
  const clicking = computed(
    () =>
      state.value === 'counting' ||
      (state.value === 'running' && position.value < click * task.withClick),
  )
  const leftMillis = computed(() => Math.max(0, lasts - Math.max(0, position.value)))
  let zero = 0
  let audioZero = 0
  let beganAt = new Date()
  let endedAt = new Date()
  let stopHearing: (() => void) | undefined
  let timer: ReturnType<typeof setInterval> | undefined
  let frame = 0
  const tones = (): Tone[] =>
    click
      ? Array.from({ length: COUNT_IN + task.withClick }, (_, i): Tone => ({
          at: i * click,
          kind: (i - COUNT_IN) % task.notesABeat ? 'note' : 'beat',
        }))
      : []
  const sounds = new Sounds([])

  function stand() {
    clearInterval(timer)
    cancelAnimationFrame(frame)
    stopHearing?.()
    stopHearing = undefined
    sounds.seek(Infinity)
  }
  function advance() {
    const audio = (sounds.now() - audioZero) * SECOND
    sounds.plan(audio, audioZero + audio / SECOND, Infinity)
    position.value = performance.now() - zero
    if (state.value === 'counting' && position.value >= 0) state.value = 'running'
    if (state.value !== 'running') return
    if (task.seconds && position.value >= lasts) end('done')
    else if (lasts && position.value >= lasts + PATIENCE) end('void')
  }
  function press(tap: Press) {
    if (!sides.includes(tap.side)) return
    if (state.value === 'waiting') {
      zero = tap.at
      beganAt = new Date()
      state.value = 'running'
    }
    const at = tap.at - zero
    if (state.value !== 'running' && state.value !== 'counting') return
    if (at < -click / 2) return
    if (task.seconds && at >= lasts) return
    taps.value = [...taps.value, { side: tap.side, digit: tap.digit, at, velocity: tap.velocity }]
    if (!task.seconds && sides.every((side) => made.value[side] >= total)) end('done')
  }
  async function start() {
    stand()
    taps.value = []
    position.value = 0
    await sounds.open()
    sounds.loudness(0.7)
    const input = heard()
    stopHearing = input.listen({ press, release: () => undefined })
    const first = performance.now() + LEAD
    audioZero = sounds.now() + LEAD / SECOND
    sounds.retune(tones())
    sounds.seek(0)
    zero = first + COUNT_IN * click
    beganAt = new Date()
    state.value = click ? 'counting' : 'waiting'
    input.begin?.(zero)
    timer = setInterval(advance, TICK)
    const draw = () => {
      if (state.value === 'counting' || state.value === 'running') advance()
      frame = requestAnimationFrame(draw)
    }
    frame = requestAnimationFrame(draw)
  }
  function end(how: 'done' | 'void' | 'left') {
    stand()
    endedAt = new Date()
    state.value = how
  }
  const isOn = () => ['counting', 'running', 'waiting'].includes(state.value)
  function lose() {
    if (isOn()) end('void')
  }
  useEventListener(window, 'blur', lose)
  useEventListener(document, 'visibilitychange', () => {
    if (document.hidden) lose()
  })
  onScopeDispose(() => {
    stand()
    sounds.close()
  })
  return {
    state,
    taps,
    position,
    made,
    place,
    total,
    lasts,
    sides,
    clicking,
    leftMillis,
    isOn,
    start,
    leave: () => end('left'),
    times: () => ({ beganAt: beganAt.toISOString(), endedAt: endedAt.toISOString() }),
  }
}
