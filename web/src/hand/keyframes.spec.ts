import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import yaml from 'js-yaml'
import { describe, expect, it } from 'vitest'
import { handPose, isBody, isHand, isPair, isTwoHands, keyframeOf, ofHand } from './keyframes'
import { HAND_POSES } from './poses'

const LIBRARY = join(
  import.meta.dirname,
  '../../../core/src/main/resources/org/nimblet/core/exercise/library',
)
interface Entry {
  readonly id: string
  readonly ways?: readonly string[]
  readonly figure: {
    readonly view: string
    readonly poses?: readonly string[]
    readonly ways?: readonly (readonly string[])[]
    readonly wrong?: string
  }
}
const ENTRIES = readdirSync(LIBRARY).flatMap(
  (file) => yaml.load(readFileSync(join(LIBRARY, file), 'utf8')) as Entry[],
)
/** A pose as the interface names it; patterns and angles stay as they are written. */
const named = (pose: string): string =>
  pose
    .split(' + ')
    .map((hand) =>
      /^(angles |bend-|part-)/.test(hand) ? hand : hand.toUpperCase().replaceAll('-', '_'),
    )
    .join(' + ')
const keyframesOf = ({ figure }: Entry): string[] =>
  [...(figure.ways ?? [figure.poses ?? []]).flat(), ...(figure.wrong ? [figure.wrong] : [])].map(
    named,
  )

describe('the keyframes of the library', () => {
  it('are all there', () => {
    expect(ENTRIES.length).toBeGreaterThan(170)
  })

  it.each(ENTRIES.map((entry) => [entry.id, entry] as const))(
    '%s is drawn: each is a hand, a pair or a body, as its view says',
    (_, entry) => {
      const { view } = entry.figure
      for (const keyframe of keyframesOf(entry)) {
        const kind = [isHand(keyframe), isPair(keyframe), isBody(keyframe)]
        const wanted = [!/^(pair|body)/.test(view), view === 'pair', view.startsWith('body')]
        expect(kind, `${keyframe} seen as ${view}`).toEqual(wanted)
      }
    },
  )

  it.each(ENTRIES.filter(({ figure }) => figure.ways).map((entry) => [entry.id, entry] as const))(
    '%s has keyframes for each way that it names',
    (_, { figure, ways }) => {
      // Two directions need no names.
      expect(figure.ways?.length).toBe(ways?.length ?? 2)
    },
  )
})

describe('a keyframe', () => {
  it('of two hands gives each of them its own, the right one first', () => {
    const both = 'CURL_INDEX + FLAT'
    expect(isTwoHands(both)).toBe(true)
    expect(ofHand(both, false)).toBe('CURL_INDEX')
    expect(ofHand(both, true)).toBe('FLAT')
    expect(ofHand('FIST', true)).toBe('FIST')
  })

  it('is no hand where one of two is none', () => {
    expect(isHand('CURL_INDEX + BODY_UPRIGHT')).toBe(false)
    expect(isHand('CURL_INDEX + INTERLACED')).toBe(false)
    expect(isHand('NOTHING_LIKE_IT')).toBe(false)
  })

  it('bends the fingers that a pattern names, and no other', () => {
    const bent = handPose('bend-ring-little').fingers.map((finger) => finger.knuckle > 40)
    expect(bent).toEqual([false, false, true, true])
  })

  it.each([
    ['part-index-middle', 0],
    ['part-middle-ring', 1],
    ['part-ring-little', 2],
  ] as const)('%s opens that gap the widest', (pattern, wanted) => {
    /** Index and middle finger spread toward the thumb, ring and little finger away from it. */
    const gaps = (keyframe: string) => {
      const [index, middle, ring, little] = handPose(keyframe).fingers.map((f) => f.spread) as [
        number,
        number,
        number,
        number,
      ]
      return [index - middle, middle + ring, little - ring]
    }
    const closed = gaps('CLOSED')
    const wider = gaps(pattern).map((gap, i) => gap - (closed[i] ?? 0))
    expect(wider.indexOf(Math.max(...wider))).toBe(wanted)
  })

  it('of whole degrees is written back as it was read', () => {
    for (const pose of Object.values(HAND_POSES)) {
      const text = keyframeOf(pose)
      expect(keyframeOf(handPose(text))).toBe(text)
    }
  })
})
