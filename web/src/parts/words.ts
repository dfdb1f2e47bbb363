/** Words and numbers as people read them. A number and its unit are joined by a no-break space. */
const NBSP = '\u00a0'

/** Milliseconds: "9 min 30 s". */
export function duration(millis: number): string {
  const seconds = Math.round(millis / 1000)
  const minutes = Math.floor(seconds / 60)
  const rest = seconds % 60
  if (minutes >= 60) {
    const hours = Math.floor(minutes / 60)
    return minutes % 60 ? `${hours}${NBSP}h ${minutes % 60}${NBSP}min` : `${hours}${NBSP}h`
  }
  if (minutes === 0) return `${rest}${NBSP}s`
  return rest === 0 ? `${minutes}${NBSP}min` : `${minutes}${NBSP}min ${rest}${NBSP}s`
}

/** A countdown: "3:22". */
export function countdown(millis: number): string {
  const seconds = Math.max(0, Math.ceil(millis / 1000))
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

/** A local time without seconds where they are zero: "18:00", "17:50:30". */
export const clock = (time: string): string => {
  const [hours, minutes, seconds] = time.split(':')
  return seconds && seconds.slice(0, 2) !== '00'
    ? `${hours}:${minutes}:${seconds.slice(0, 2)}`
    : `${hours}:${minutes}`
}

/** A time to the minute: "17:50". */
export const toMinute = (time: string): string => time.split(':').slice(0, 2).join(':')

/** The minute by which what began at a time and lasts so long is over: "16:20". */
export function overBy(time: string, millis: number): string {
  const [hours = 0, minutes = 0, seconds = 0] = time.split(':').map(Number)
  const all = Math.ceil((hours * 3600 + minutes * 60 + seconds + millis / 1000) / 60) % 1440
  return [all / 60, all % 60].map((part) => String(Math.floor(part)).padStart(2, '0')).join(':')
}

/** An hour of the day as a clock time: 14.58 is "14:35". */
export function hourAsClock(hour: number): string {
  const minutes = Math.floor(hour * 60) % (24 * 60)
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`
}

// Made once: a form takes longer to make than to use.
const LONG_DATE = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  timeZone: 'UTC',
})
const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' })
const DAY_MONTH = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
})
const MOMENT = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'long',
  hour: '2-digit',
  minute: '2-digit',
})
const LOCAL_DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long' })
const ISO_DATE = /^\d{4}-\d{2}-\d{2}$/
/** What is typed and is no date yet is said again as it stands. */
function ofDay(date: string, say: (midnight: Date) => string): string {
  const midnight = new Date(`${date}T00:00:00Z`)
  return ISO_DATE.test(date) && midnight.getTime() ? say(midnight) : date
}

/** A date: "Tuesday 24 November". */
export const longDate = (date: string): string =>
  ofDay(date, (midnight) => {
    const parts = LONG_DATE.formatToParts(midnight)
    const get = (type: string) => parts.find((p) => p.type === type)?.value ?? ''
    return `${get('weekday')} ${get('day')} ${get('month')}`
  })

/** A date in a list: "Mon 23". */
export const shortDate = (date: string): string =>
  ofDay(date, (midnight) => `${WEEKDAY.format(midnight)} ${midnight.getUTCDate()}`)

/** A date in a history: "14 Oct". */
export const dayMonth = (date: string): string =>
  ofDay(date, (midnight) => DAY_MONTH.format(midnight))

/** A moment on the clock of this device: "3 September at 14:05". */
export const localMoment = (moment: string): string => MOMENT.format(new Date(moment))

/** A moment as it stands on somebody's own clock: "14 Oct, 14:05". */
export const ownMoment = (moment: string): string =>
  `${dayMonth(moment.slice(0, 10))}, ${clock(moment.slice(11, 16))}`

/** The day of a moment on the clock of this device: "3 September". */
export const localDay = (moment: string): string => LOCAL_DAY.format(new Date(moment))

export const weekday = (date: string): string => shortDate(date).slice(0, 3)

/** The date some days later. */
export const addDays = (date: string, days: number): string =>
  ofDay(date, (midnight) => {
    midnight.setUTCDate(midnight.getUTCDate() + days)
    return midnight.toISOString().slice(0, 10)
  })

/** An enum constant as words: "FINGER_FLEXORS" is "finger flexors". */
export const words = (constant: string): string => constant.toLowerCase().replaceAll('_', ' ')

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** "1 session", "3 sessions". */
export const counted = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${n === 1 ? one : many}`

/** "thumb", "thumb and index", "thumb, index and middle". */
export const listed = (parts: readonly string[]): string =>
  parts.length < 2
    ? (parts[0] ?? '')
    : `${parts.slice(0, -1).join(', ')} and ${parts[parts.length - 1]}`
