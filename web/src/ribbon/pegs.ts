import type { DayView, PegView, Purpose } from '@/api/types'
import { clock } from '@/parts/words'

/** Tells the sessions of a day apart. */
export const pegKey = (peg: PegView): string =>
  peg.lineId ?? `${peg.purpose}${peg.blockId ?? peg.start}`

/**
 * All that is in a day, for who does not see it.
 *
 * @param whose the day it is, where several stand under each other
 */
export function dayWords(day: DayView, whose: string): string {
  const span = (one: { startsAt: string; endsAt: string }) =>
    `${clock(one.startsAt)} to ${clock(one.endsAt)}`
  const parts = [
    ...day.blocks.map((block) => `${block.title} ${span(block)}`),
    ...day.pegs.map((peg) => `${peg.label}, ${span(peg)}`),
    ...day.busy.map((busy) => `busy ${span(busy)}`),
  ]
  const words = parts.length ? parts.join('; ') : 'nothing in this day yet'
  return whose ? `${whose}: ${words}` : words
}

const round = (n: number) => Math.round(n * 100) / 100

/** The silhouette of a purpose, standing on y = 0 and rising to −height. */
export function pegPath(purpose: Purpose, width: number, height: number): string {
  const w = width
  const h = height
  switch (purpose) {
    case 'WARM_UP':
      return `M0 0L${round(w)} ${-h}V0Z`
    case 'COOL_DOWN':
      return `M0 0V${-h}L${round(w)} 0Z`
    case 'STRENGTH':
      return `M${round(w * 0.16)} 0V${round(-h * 0.58)}H0V${-h}H${w}V${round(-h * 0.58)}H${round(w * 0.84)}V0Z`
    case 'INDEPENDENCE': {
      const b = w * 0.172
      const gap = (w - 4 * b) / 3
      const finger = (q: number, i: number) =>
        `M${round(i * (b + gap))} 0V${round(-h * q + b / 2)}a${round(b / 2)} ${round(b / 2)} 0 0 1 ${round(b)} 0V0Z`
      return [0.66, 0.9, 1, 0.8].map(finger).join('') + `M0 0V${round(-h * 0.2)}H${w}V0Z`
    }
    case 'REACH':
      return `M${round(w * 0.34)} 0L0 ${-h}H${round(w * 0.3)}L${round(w * 0.5)} ${round(-h * 0.52)}L${round(w * 0.7)} ${-h}H${w}L${round(w * 0.66)} 0Z`
    case 'RECOVERY':
      return `M0 0V${round(-h * 0.3)}A${round(w / 2)} ${round(h * 0.7)} 0 0 1 ${w} ${round(-h * 0.3)}V0Z`
    case 'BREAK':
      return `M0 0V${round(-h * 0.56)}H${w}V0Z`
  }
}

export const PEG_WIDTHS: Readonly<Record<Purpose, number>> = {
  WARM_UP: 15,
  COOL_DOWN: 15,
  STRENGTH: 15,
  INDEPENDENCE: 16,
  REACH: 17,
  RECOVERY: 17,
  BREAK: 8,
}

export interface PegPlace {
  readonly left: number
  readonly width: number
}

/**
 * Where a peg stands: ramps touch their block and take their true length once that is longer than the
 * base width; the others stand on the middle of their time.
 */
export function pegPlace(purpose: Purpose, start: number, end: number, factor: number): PegPlace {
  const base = PEG_WIDTHS[purpose] * factor
  const ramp = purpose === 'WARM_UP' || purpose === 'COOL_DOWN'
  const width = ramp ? Math.max(base, end - start) : base
  if (purpose === 'WARM_UP') return { left: end - width, width }
  if (purpose === 'COOL_DOWN') return { left: start, width }
  return { left: (start + end) / 2 - width / 2, width }
}
