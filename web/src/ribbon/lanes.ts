import type { DayBlockView, PegView } from '@/api/types'
/** The lane of each block, so that those at the same time lie beside each other; and how many there are. */
export function lanesOf(blocks: readonly { startHour: number; endHour: number }[]): {
  lanes: number[]
  count: number
} {
  const lanes: number[] = []
  blocks.forEach((block, i) => {
    const taken = new Set(
      blocks
        .slice(0, i)
        .flatMap((other, n) =>
          other.startHour < block.endHour && block.startHour < other.endHour ? [lanes[n] ?? 0] : [],
        ),
    )
    let lane = 0
    while (taken.has(lane)) lane++
    lanes.push(lane)
  })
  return { lanes, count: Math.max(1, ...lanes.map((lane) => lane + 1)) }
}

/** The middle of a word inside a block, beside the line of now if that would run through it. */
export function clearOf(line: number | null, a: number, b: number, wanted: number): number {
  const middle = (a + b) / 2
  if (line === null || Math.abs(line - middle) > wanted / 2 + 3) return middle
  const before = line - a
  const after = b - line
  if (Math.max(before, after) < wanted + 6) return middle
  return after >= before ? (line + b) / 2 : (a + line) / 2
}

/** How far a word goes down to keep clear of notches above it, or up over a performance's floor. */
export function lowered(
  pegs: readonly Pick<PegView, 'purpose' | 'blockId'>[],
  block: Pick<DayBlockView, 'id' | 'performance'>,
  band: number,
): number {
  if (block.performance) return -1.5
  const notched = pegs.some((peg) => peg.purpose === 'BREAK' && peg.blockId === block.id)
  return notched ? Math.round(band * 0.16) : 0
}
