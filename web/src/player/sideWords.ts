import type { BodyPlace, FigureView, Sides } from '@/api/types'
import { isBodyView } from '@/hand/figures'
import { PLACES } from '@/parts/labels'

const HANDS: Readonly<Record<Sides, string>> = {
  LEFT: 'Left hand',
  RIGHT: 'Right hand',
  BOTH: 'Both hands',
  ALTERNATING: 'Side by side',
}
const BODY: Readonly<Record<Sides, string>> = {
  LEFT: 'Left side',
  RIGHT: 'Right side',
  BOTH: 'Whole body',
  ALTERNATING: 'Side to side',
}

/** What works now: a hand, or the place of the body; a body has no "both hands". */
export function sideWords(
  sides: Sides,
  view: FigureView | undefined,
  places: readonly BodyPlace[],
): string {
  if (!view || !isBodyView(view)) return HANDS[sides]
  const place = places[0]
  return sides === 'BOTH' && place ? PLACES[place] : BODY[sides]
}
