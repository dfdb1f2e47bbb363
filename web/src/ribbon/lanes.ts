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
