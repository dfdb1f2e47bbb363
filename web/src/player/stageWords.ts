import type { BodyPlace, Cue, FigureView, Sides } from '@/api/types'
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

/** What ends the cue by hand: a hold has eased, a count at one's own pace is done. */
export const easedWords = (phase: Cue['phase']): string =>
  phase === 'HOLD' ? 'It has eased' : 'Done'

/** When it ends, and before what, if anything follows. */
export const endWords = (blockTitle: string, time: string): string =>
  blockTitle ? `ends as ${blockTitle.toLowerCase()} starts at ${time}` : `ends at ${time}`

/** What comes after the last step. */
export const lastStepWords = (blockTitle: string): string =>
  blockTitle ? `Last step, then ${blockTitle.toLowerCase()}` : 'Last step'
