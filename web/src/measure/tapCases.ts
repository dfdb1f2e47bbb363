import type { TapTaskQuery } from '@/api/types'

/** The test that tests of the pages ask for. */
export const QUERY: TapTaskQuery = {
  pace: 'CLICK_THEN_ALONE',
  what: 'PAIR',
  hands: 'LEFT',
  thumb: false,
  notesABeat: 2,
}
