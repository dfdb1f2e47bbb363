import type { DrillView, FamilyView, PatternsView } from '@/api/types'

/** A drill at its place on the map. */
export interface Placed {
  readonly drill: DrillView
  readonly x: number
  readonly y: number
}
export interface Lane {
  readonly word: string
  readonly tried: number
  readonly placed: readonly Placed[]
  readonly height: number
}

const CONTACT: readonly string[] = ['PALMS', 'RAISING', 'RE_CLASPING', 'EXCHANGING', 'THREADING']
const laneOf = (family: string, drill: DrillView) =>
  CONTACT.includes(family)
    ? 'In contact'
    : family === 'COMPLEMENT'
      ? 'Complement'
      : family === 'REVERSED'
        ? 'Reversed'
        : drill.second.length
          ? 'Both alike'
          : ALONE
const ALONE = 'hand alone'
const LANES = [ALONE, 'Both alike', 'Complement', 'Reversed', 'In contact']
const BETWEEN = 2
const ROW = { one: 30, two: 50 }
const SIGN = 24

export interface Axis {
  readonly least: number
  readonly greatest: number
  readonly x: (difficulty: number) => number
  readonly ticks: readonly number[]
}

export function axisOf(patterns: PatternsView, width: number): Axis {
  const all = patterns.families.flatMap((family) => family.drills.map((drill) => drill.difficulty))
  const least = Math.floor(2 * Math.min(...all, patterns.easyAt)) / 2
  const greatest = Math.ceil(2 * Math.max(...all, patterns.hardAt)) / 2
  const x = (difficulty: number) => ((difficulty - least) / (greatest - least)) * (width - SIGN)
  const ticks = Array.from(
    { length: Math.round((greatest - least) * 2) + 1 },
    (_, i) => least + i / 2,
  )
  return { least, greatest, x, ticks }
}

/** The drills of each lane by difficulty; those that would lie on one another go a row down. */
export function lanesOf(families: readonly FamilyView[], hand: string, axis: Axis): Lane[] {
  return LANES.map((word) => {
    const drills = families
      .flatMap((family) => family.drills.filter((drill) => laneOf(family.id, drill) === word))
      .sort((one, other) => one.difficulty - other.difficulty)
    const ends: number[] = []
    const row = drills.some((drill) => drill.second.length) ? ROW.two : ROW.one
    const placed = drills.map((drill) => {
      const x = axis.x(drill.difficulty)
      const free = ends.findIndex((end) => end + BETWEEN <= x)
      const at = free < 0 ? ends.length : free
      ends[at] = x + SIGN
      return { drill, x, y: at * row }
    })
    return {
      word: word === ALONE ? `${hand} ${ALONE}` : word,
      tried: drills.filter((drill) => drill.tries).length,
      placed,
      height: Math.max(1, ends.length) * row,
    }
  })
}
