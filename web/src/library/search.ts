import { closest, distance } from 'fastest-levenshtein'
import type { LibraryRow } from '@/api/types'

/** Words that say nothing about an exercise. */
const EMPTY = new Set(
  (
    'a an the and or of for with at in on to my i is it use using hand hands after before need something some ' +
    'exercise exercises exercising any that which what good best under less than up me help helps when while no not too please feel feels feeling get have has got my'
  ).split(' '),
)
/** How something feels; where it does is what is looked for. */
const COMPLAINTS = new Set(
  'pain pains painful hurt hurts hurting sore soreness ache aches aching stiff stiffness tight tightness tense tension tired fatigue cramp cramps burn burning'.split(
    ' ',
  ),
)
/** What belongs to a clinician before any exercise. */
const SIGNS = new Set(
  'numb numbness tingling tingle pins weakness swollen swelling locking carpal tunnel tendonitis tendinitis arthritis dystonia fracture injury'.split(
    ' ',
  ),
)
const TIME = /(\d+)\s*-?\s*(min|minutes?|s|sec|secs|seconds?)\b/
/** Other ways to say that nothing has to be at hand. */
const BARE_HANDS = /\b(?:without|no) (?:anything|any things?|things|equipment|tools|gear)\b/g
const SHORTEST_STEM = 3
/** So many letters may be wrong of a word for another to be near. */
const NEAR = 2
const SHORTEST_NEAR = 4

export interface Asked {
  /** The words to be found. */
  readonly words: readonly string[]
  /** What was said of how it feels, or of signs; nothing is looked for by it. */
  readonly complaints: readonly string[]
  readonly signs: readonly string[]
  /** The longest it may take. */
  readonly seconds: number | null
}

/** Typed text, taken apart. */
export function asked(text: string): Asked {
  const lower = text.toLowerCase().replace(BARE_HANDS, 'nothing')
  const time = TIME.exec(lower)
  const all = lower
    .replace(TIME, ' ')
    .split(/[^\p{L}\d-]+/u)
    .filter((word) => word !== '' && !EMPTY.has(word))
  return {
    words: all.filter((word) => !COMPLAINTS.has(word) && !SIGNS.has(word)),
    complaints: all.filter((word) => COMPLAINTS.has(word)),
    signs: all.filter((word) => SIGNS.has(word)),
    seconds: time ? Number(time[1]) * (time[2]?.startsWith('m') ? 60 : 1) : null,
  }
}

/** Where a word begins in a text that was made lower case. */
const begins = (word: string, search: string): boolean => {
  let at = search.indexOf(word)
  while (at > 0 && /[\p{L}\d]/u.test(search.charAt(at - 1))) at = search.indexOf(word, at + 1)
  return at >= 0
}

/** A word, and what it may be the form of: "stretches", "stretching", "wrists". */
const forms = (word: string): readonly string[] =>
  [
    word,
    word.replace(/(?:es|s)$/, ''),
    word.replace(/s$/, ''),
    word.replace(/(?:ing|ed|ers?)$/, ''),
  ]
    .filter((form, i, all) => form.length >= SHORTEST_STEM && all.indexOf(form) === i)
    .concat(word.length < SHORTEST_STEM ? [word] : [])

export const found = (word: string, search: string): boolean =>
  forms(word).some((form) => begins(form, search))

/** "One minute" also takes what needs a few seconds more to get ready. */
const GRACE = 6
export const takesAtMost = (row: LibraryRow, seconds: number): boolean =>
  row.seconds <= seconds + GRACE

/** A word that nothing has, and one that some have and that may have been meant. */
export interface Lost {
  readonly word: string
  readonly near: string | null
}

/** The words of a text that no exercise has. */
export function lost(rows: readonly LibraryRow[], text: string): Lost[] {
  const missing = asked(text).words.filter((word) => !rows.some((row) => found(word, row.search)))
  if (!missing.length) return []
  const known = [...new Set(rows.flatMap((row) => row.search.split(/[^\p{L}]+/u)))].filter(
    (word) => word.length >= SHORTEST_NEAR && !EMPTY.has(word),
  )
  return missing.map((word) => {
    const near = known.length && word.length >= SHORTEST_NEAR ? closest(word, known) : null
    return { word, near: near && distance(word, near) <= NEAR ? near : null }
  })
}
