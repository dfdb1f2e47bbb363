import type { SeriesView } from '@/api/types'
import { counted } from '@/parts/words'

/** How a new block repeats; without a day it does not. */
export interface Repeat {
  days: string[]
  every: number
  until: string
}

export const once = (): Repeat => ({ days: [], every: 1, until: '' })

/** The days of the week as RFC 5545 writes them. */
export const WEEKDAYS = [
  { value: 'MO', text: 'Mon' },
  { value: 'TU', text: 'Tue' },
  { value: 'WE', text: 'Wed' },
  { value: 'TH', text: 'Thu' },
  { value: 'FR', text: 'Fri' },
  { value: 'SA', text: 'Sat' },
  { value: 'SU', text: 'Sun' },
]

/** The rule that the server follows, RFC 5545 section 3.3.10. */
export function ruleOf(repeat: Repeat): string {
  const order = WEEKDAYS.map((day) => day.value)
  const days = [...repeat.days].sort((a, b) => order.indexOf(a) - order.indexOf(b))
  const parts = ['FREQ=WEEKLY', `BYDAY=${days.join(',')}`]
  if (repeat.every > 1) parts.push(`INTERVAL=${repeat.every}`)
  if (repeat.until) parts.push(`UNTIL=${repeat.until.replaceAll('-', '')}`)
  return parts.join(';')
}

/** What became of a series, for people. */
export function seriesWords(title: string, series: SeriesView): string {
  return `${title} stands on ${counted(series.made, 'day')}.`
}
