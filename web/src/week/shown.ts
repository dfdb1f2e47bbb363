/** Sessions and blocks snap to so many minutes. */
export const STEP_MINUTES = 5

/** An hour of the day, from the clock; what lies before waking belongs to the night after. */
export function hourOf(time: string, wakesHour: number): number {
  const [hours = 0, minutes = 0, seconds = 0] = time.split(':').map(Number)
  const hour = hours + minutes / 60 + seconds / 3600
  return hour < wakesHour ? hour + 24 : hour
}

/** An hour of the day as the clock shows it: 25.25 is "01:15". */
export function clockOf(hour: number): string {
  const minutes = Math.round(hour * 60) % (24 * 60)
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`
}

/** An hour on the grid of the plan. */
export const snapped = (hour: number): number =>
  (Math.round((hour * 60) / STEP_MINUTES) * STEP_MINUTES) / 60
