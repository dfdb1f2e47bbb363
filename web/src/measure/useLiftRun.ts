import { useEventListener } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import type { Digit, LiftTaskView, MoveForm, Side, SimulatedLift } from '@/api/types'
import type { Press, TapInput } from '@/workshop/tapInput'

/** Between all keys down and the next finger that is asked for. */
const SETTLE = 700
/** How long simulated fingers are up. */
const UP = 350

export type LiftState = 'ready' | 'holding' | 'asking' | 'done' | 'void' | 'left'

/** Hold and lift as it runs: all keys of a hand are held, one finger is asked for, and it comes back. */
export function useLiftRun(
  task: LiftTaskView,
  heard: () => TapInput | null,
  simulated: () => readonly SimulatedLift[] | null,
) {
  const state = ref<LiftState>('ready')
  const moves = shallowRef<readonly MoveForm[]>([])
  const turn = ref(0)
  const down = ref<Record<Side, Digit[]>>({ LEFT: [], RIGHT: [] })
  const ask = computed(() => task.asks[turn.value])
  /** The hand whose keys are held now. */
  const side = computed<Side>(() => ask.value?.side ?? task.asks.at(-1)?.side ?? 'LEFT')
  const missing = computed(() => task.digits.filter((d) => !down.value[side.value].includes(d)))
  let began = 0
  let beganAt = new Date()
  let endedAt = new Date()
  let lifted = false
  let stop: (() => void) | undefined
  const timers = new Set<ReturnType<typeof setTimeout>>()
  const later = (what: () => void, millis: number) => timers.add(setTimeout(what, millis))

  function note(at: number, of: Side, digit: Digit, what: MoveForm['what']) {
    moves.value = [...moves.value, { at: Math.max(0, at - began), side: of, digit, what }]
  }
  function stand() {
    timers.forEach(clearTimeout)
    timers.clear()
    stop?.()
    stop = undefined
  }
  function end(how: 'done' | 'void' | 'left') {
    stand()
    endedAt = new Date()
    state.value = how
  }
  function settle() {
    if (state.value !== 'holding' || missing.value.length) return
    later(() => {
      if (state.value !== 'holding' || missing.value.length || !ask.value) return
      lifted = false
      note(performance.now(), ask.value.side, ask.value.digit, 'ASKED')
      state.value = 'asking'
      play()
    }, SETTLE)
  }
  /** The finger came up and everything is held again: the next one. */
  function onward() {
    if (state.value !== 'asking' || !lifted || missing.value.length) return
    turn.value++
    if (!ask.value) {
      end('done')
      return
    }
    state.value = 'holding'
    settle()
  }
  function press(key: Press) {
    const held = down.value[key.side]
    if (!held.includes(key.digit)) down.value = { ...down.value, [key.side]: [...held, key.digit] }
    if (state.value === 'asking') note(key.at, key.side, key.digit, 'DOWN')
    onward()
    settle()
  }
  function release(key: Press) {
    down.value = {
      ...down.value,
      [key.side]: down.value[key.side].filter((digit) => digit !== key.digit),
    }
    if (state.value !== 'asking' || !ask.value || key.side !== ask.value.side) return
    note(key.at, key.side, key.digit, 'UP')
    if (key.digit === ask.value.digit) lifted = true
  }
  /** Simulated fingers do what they are asked. */
  function play() {
    const lift = simulated()?.[turn.value]
    if (!lift) return
    const key = (digit: Digit) => ({
      side: lift.side,
      digit,
      at: performance.now(),
      velocity: null,
    })
    later(() => lift.cameUp.forEach((digit) => release(key(digit))), UP / 2)
    later(() => lift.cameUp.forEach((digit) => press(key(digit))), UP)
  }
  function hold() {
    const all = simulated()
    if (!all) return
    const sides: readonly Side[] = ['LEFT', 'RIGHT']
    sides.forEach((of) =>
      task.digits.forEach((digit) =>
        press({ side: of, digit, at: performance.now(), velocity: null }),
      ),
    )
  }
  function start() {
    stand()
    moves.value = []
    turn.value = 0
    down.value = { LEFT: [], RIGHT: [] }
    began = performance.now()
    beganAt = new Date()
    state.value = 'holding'
    stop = heard()?.listen({ press, release })
    hold()
  }
  const isOn = () => state.value === 'holding' || state.value === 'asking'
  const lose = () => {
    if (isOn()) end('void')
  }
  useEventListener(window, 'blur', lose)
  useEventListener(document, 'visibilitychange', () => {
    if (document.hidden) lose()
  })
  onScopeDispose(stand)
  return {
    state,
    moves,
    turn,
    down,
    ask,
    side,
    missing,
    isOn,
    start,
    leave: () => end('left'),
    times: () => ({ beganAt: beganAt.toISOString(), endedAt: endedAt.toISOString() }),
  }
}
