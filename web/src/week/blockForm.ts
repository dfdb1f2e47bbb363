import type { BlockForm, DayBlockView } from '@/api/types'
import { toMinute } from '@/parts/words'

/** A block of a day as it is sent back to be changed. */
export const blockForm = (block: DayBlockView, date: string): BlockForm => ({
  version: block.version,
  activityId: block.activityId,
  date,
  startsAt: toMinute(block.startsAt),
  endsAt: toMinute(block.endsAt),
  title: block.title,
  performance: block.performance,
  parts: block.parts.map((part) => ({
    title: part.title,
    minutes: part.minutes,
    restMinutes: part.restMinutes,
    guessed: part.certainty !== 'KNOWN',
  })),
})
