import type { Digit, DrillView, Side, StateView } from '@/api/types'

/** The finger sign: a hand as a small figure, 20 high, its palm from the knuckle line down. */
const FINGERS: readonly Digit[] = ['INDEX', 'MIDDLE', 'RING', 'LITTLE']
const UP: Readonly<Record<string, number>> = { INDEX: 10, MIDDLE: 12, RING: 11, LITTLE: 8 }
const KNUCKLES = 12
const FINGER = 3
const CLOSED = 1
const OPEN = 3
const STUB = 2
export const SIGN_HEIGHT = 20

export interface Sign {
  readonly width: number
  /** What is filled. */
  readonly shape: string
  /** Windows in the palm, where fingers are bent. */
  readonly windows: readonly { readonly x: number; readonly y: number }[]
}

/** A state, and the finger that bends next as this one straightens: it is half down already. */
export interface SignState extends StateView {
  readonly half?: Digit
}

/** The sign of a state of the left hand, seen on its palm; the right one is its mirror image. */
export function signOf(state: SignState, side: Side): Sign {
  const open = new Set(state.open)
  const bent = new Set(state.bent)
  let x = STUB
  const parts: string[] = []
  const windows: { x: number; y: number }[] = []
  FINGERS.forEach((finger, place) => {
    if (bent.has(finger)) windows.push({ x, y: KNUCKLES + 1.7 })
    else {
      const up = UP[finger] ?? 0
      const top = KNUCKLES - (finger === state.half ? up / 2 : up)
      parts.push(`M${x} ${KNUCKLES + 1}V${top + 1.5}a1.5 1.5 0 0 1 3 0V${KNUCKLES + 1}Z`)
    }
    x += FINGER
    if (place < FINGERS.length - 1) x += open.has(finger) ? OPEN : CLOSED
  })
  const width = x
  let edge = `M${STUB + 0.6} ${KNUCKLES}`
  let at = STUB + FINGER
  FINGERS.slice(0, -1).forEach((finger) => {
    if (open.has(finger)) {
      edge += `H${at}L${at + OPEN / 2} ${KNUCKLES + 3.2}L${at + OPEN} ${KNUCKLES}`
      at += OPEN + FINGER
    } else at += CLOSED + FINGER
  })
  edge += `H${width - 0.6}a.6 .6 0 0 1 .6 .6V17a3 3 0 0 1-3 3H5C2 20 0 18.6 0 16.2V15.2a.6 .6 0 0 1 .6-.6H${STUB}V12.6a.6 .6 0 0 1 .6-.6Z`
  parts.push(edge)
  const mirrored = side === 'RIGHT'
  return {
    width,
    shape: parts.join(''),
    windows: mirrored ? windows.map((w) => ({ x: width - w.x - FINGER, y: w.y })) : windows,
  }
}

const REST: StateView = { bent: [], open: [] }
/** The state that stands for a pattern: of a walk through many not the fist that it begins with. */
export function signState(states: readonly StateView[]): SignState {
  const [first, second] = states
  const half = states.length === 2 && first?.bent.length === 1 ? second?.bent : undefined
  if (first && half?.length === 1 && !first.open.length) return { ...first, half: half[0] }
  return states[states.length > 2 ? 1 : 0] ?? REST
}

/** A state as the drawing of hands reads it. */
export function keyframeOf(state: StateView): string {
  const name = (digit: Digit) => digit.toLowerCase()
  const next: Readonly<Record<string, string>> = {
    INDEX: 'middle',
    MIDDLE: 'ring',
    RING: 'little',
  }
  const bend = state.bent.length ? [`bend-${state.bent.map(name).join('-')}`] : []
  const part = state.open.map((digit) => `part-${name(digit)}-${next[digit] ?? ''}`)
  const words = [...bend, ...part]
  return words.length ? words.join(' ') : 'CLOSED'
}

/** What each hand does in a drill. */
export const handsOf = (drill: DrillView): readonly { side: Side; states: StateView[] }[] =>
  drill.hand
    ? [{ side: drill.hand, states: drill.first }]
    : [
        { side: 'LEFT', states: drill.first },
        { side: 'RIGHT', states: drill.second },
      ]
