/** Days on a line: where a date lies between two others. */
const DAY = 86_400_000
const day = (date: string) => Date.parse(`${date}T00:00:00Z`) / DAY

/** Whole days from one date to another. */
export const daysBetween = (from: string, to: string) => Math.round(day(to) - day(from))

/** A scale of dates over a width. */
export function dateScale(from: string, to: string, left: number, width: number) {
  const days = Math.max(1, daysBetween(from, to))
  return (date: string) => left + (daysBetween(from, date) / days) * width
}

/** The dates of the weeks between two dates, the first one included. */
export function weeksBetween(from: string, to: string): string[] {
  const dates: string[] = []
  for (let d = day(from); d <= day(to); d += 7)
    dates.push(new Date(d * DAY).toISOString().slice(0, 10))
  return dates
}

/** A line of steps through some points: a value holds until the next one. */
export function stepPath(
  points: readonly { readonly x: number; readonly y: number }[],
  until: number,
): string {
  const first = points[0]
  if (!first) return ''
  const parts = [`M${first.x} ${first.y}`]
  for (const point of points.slice(1)) parts.push(`H${point.x}V${point.y}`)
  return `${parts.join('')}H${until}`
}
