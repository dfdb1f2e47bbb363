import { dayMonth } from '@/parts/words'

/** A time of day as it is kept, "07:30"; null where what was typed is no time. */
export function readTime(text: string): string | null {
  const found = /^\s*(\d{1,2})(?:\s*[:.h,]?\s*(\d{2}))?\s*(?:h|uhr)?\s*(am|pm)?\s*$/i.exec(text)
  if (!found) return null
  const half = found[3]?.toLowerCase()
  const said = Number(found[1])
  const minutes = Number(found[2] ?? 0)
  if (half && (said < 1 || said > 12)) return null
  const hours = half ? (said % 12) + (half === 'pm' ? 12 : 0) : said
  if (hours > 23 || minutes > 59) return null
  return `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`
}

const MONTHS = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ')

/**
 * A date as it is kept, "2026-11-27"; null where what was typed is no date. The day comes first; a
 * year that is not said is the one in which the date comes next, from `today` on.
 */
export function readDate(text: string, today: string): string | null {
  const said = text.trim().toLowerCase()
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(said)
  if (iso) return date(Number(iso[1]), Number(iso[2]), Number(iso[3]))
  const found =
    /^(?:[a-z]{2,9},?\s+)?(\d{1,2})(?:st|nd|rd|th)?[\s./-]+(\d{1,2}|[a-z]{3,9})\.?(?:[\s./-]+(\d{4}|\d{2}))?$/.exec(
      said,
    )
  if (!found) return null
  const month = /^\d/.test(found[2] ?? '')
    ? Number(found[2])
    : MONTHS.indexOf((found[2] ?? '').slice(0, 3)) + 1
  const day = Number(found[1])
  if (found[3]) return date(Number(found[3]) + (found[3].length === 2 ? 2000 : 0), month, day)
  const year = Number(today.slice(0, 4))
  const next = date(year, month, day)
  return next !== null && next < today ? date(year + 1, month, day) : next
}

function date(year: number, month: number, day: number): string | null {
  const at = new Date(Date.UTC(year, month - 1, day))
  const real = at.getUTCMonth() === month - 1 && at.getUTCDate() === day
  return real ? at.toISOString().slice(0, 10) : null
}

/** A date in a field: "27 Nov 2026". */
export const dateInField = (iso: string): string => `${dayMonth(iso)} ${iso.slice(0, 4)}`
