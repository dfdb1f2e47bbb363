import type { Kind, Laterality, Severity, Side } from '@/api/types'

/** A step as the tape shows it. */
export interface TapeStep {
  readonly title: string
  readonly kind: Kind
  readonly lengthMillis: number
  readonly laterality: Laterality
  /** The side that works where only one does. */
  readonly side?: Side
  /** What was done of it, 0 to 100; left out where nothing happened yet. */
  readonly donePercent?: number
  readonly hurt?: boolean
  /** Whether it is chosen anew each time, so that only its outline is drawn. */
  readonly open?: boolean
  /** The number of the circuit in which it is a set; none or 0 by itself. */
  readonly circuit?: number | null
  /** The gravest finding about it. */
  readonly finding?: Severity
}

/** Steps done in turn: where on the tape, how often, and which letter each of them has. */
export interface TapeCircuit {
  readonly from: number
  readonly until: number
  readonly rounds: number
  readonly millis: number
  readonly letters: readonly string[]
}

/** The circuits of a tape: runs of steps with the same number. */
export function circuitsOf(steps: readonly TapeStep[]): TapeCircuit[] {
  const found: TapeCircuit[] = []
  for (let from = 0; from < steps.length;) {
    const number = steps[from]?.circuit ?? 0
    let until = from + 1
    while (number && until < steps.length && steps[until]?.circuit === number) until++
    if (number) {
      const own = steps.slice(from, until)
      const stations = [...new Set(own.map((step) => step.title))]
      found.push({
        from,
        until,
        rounds: Math.ceil(own.length / stations.length),
        millis: own.reduce((sum, step) => sum + step.lengthMillis, 0),
        letters: own.map((step) => 'ABC'.charAt(stations.indexOf(step.title))),
      })
    }
    from = until
  }
  return found
}

export interface TapePiece {
  readonly step: TapeStep
  readonly left: number
  readonly right: number
  /** The outline: the upper half is the left hand, the lower half the right hand. */
  readonly path: string
}

const round = (n: number) => Math.round(n * 10) / 10

/** The outline of a step; sides one after the other are two halves, one after the other. */
function shape(step: TapeStep, left: number, right: number, top: number, height: number): string {
  const bottom = top + height
  const middle = round(top + height / 2)
  if (step.laterality === 'ONE_SIDE' && step.side) {
    const [from, to] = step.side === 'LEFT' ? [top, middle] : [middle, bottom]
    return `M${left} ${from}H${right}V${to}H${left}Z`
  }
  if (step.laterality !== 'EACH') return `M${left} ${top}H${right}V${bottom}H${left}Z`
  const turn = round((left + right) / 2)
  return `M${left} ${top}H${turn}V${middle}H${right}V${bottom}H${turn}V${middle}H${left}Z`
}

/** Lays the steps side by side, each as wide as it is long. */
export function layOut(
  steps: readonly TapeStep[],
  width: number,
  top: number,
  height: number,
  gap: number,
  spaceMillis = 0,
): TapePiece[] {
  const total = Math.max(
    spaceMillis,
    steps.reduce((sum, step) => sum + step.lengthMillis, 0),
  )
  const scale = total ? width / total : 0
  let x = 0
  return steps.map((step) => {
    const left = round(x + gap)
    x += step.lengthMillis * scale
    const right = round(Math.max(left + 0.5, x - gap))
    return { step, left, right, path: shape(step, left, right, top, height) }
  })
}

/** A circuit where it lies on a tape, in words. */
export interface TapeBracket extends TapeCircuit {
  readonly left: number
  readonly right: number
  readonly plates: readonly { readonly left: number; readonly letter: string }[]
}

const PLATED_FROM = 40

/** The circuits of a tape, laid out; a step too narrow has no plate. */
export function bracketsOf(pieces: readonly TapePiece[]): TapeBracket[] {
  return circuitsOf(pieces.map((piece) => piece.step)).map((circuit) => ({
    ...circuit,
    left: pieces[circuit.from]?.left ?? 0,
    right: pieces[circuit.until - 1]?.right ?? 0,
    plates: circuit.letters.flatMap((letter, i) => {
      const piece = pieces[circuit.from + i]
      const wide = piece && piece.right - piece.left >= PLATED_FROM
      return wide ? [{ left: piece.left, letter }] : []
    }),
  }))
}

export interface Tick {
  readonly x: number
  readonly length: number
  readonly label: string
}

/** A number on the ruler needs so much room. */
const NUMBER_WIDTH = 48
const NUMBERED = [1, 2, 5, 10, 15, 30]

/** The ruler: every 10 s, longer at half and whole minutes; those that fit are numbered. */
export function ticks(totalMillis: number, width: number): Tick[] {
  const list: Tick[] = []
  const minuteWidth = (60_000 * width) / totalMillis
  const every = NUMBERED.find((minutes) => minutes * minuteWidth >= NUMBER_WIDTH) ?? 60
  for (let s = 0; s * 1000 <= totalMillis; s += 10) {
    const minute = s % 60 === 0
    list.push({
      x: round((s * 1000 * width) / totalMillis),
      length: minute ? 12 : s % 30 === 0 ? 8 : 5,
      label: s === 0 ? '0' : s % (60 * every) === 0 ? `${s / 60} min` : '',
    })
  }
  return list
}
