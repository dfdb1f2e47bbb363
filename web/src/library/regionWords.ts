import type { Region } from '@/api/types'
import { REGIONS } from '@/parts/labels'

/** Regions that are said with one word where all of them are meant. */
const TOGETHER: readonly (readonly [string, readonly Region[]])[] = [
  ['all digits', ['THUMB', 'INDEX_FINGER', 'MIDDLE_FINGER', 'RING_FINGER', 'LITTLE_FINGER']],
  ['fingers', ['INDEX_FINGER', 'MIDDLE_FINGER', 'RING_FINGER', 'LITTLE_FINGER']],
  ['wrist', ['WRIST_THUMB_SIDE', 'WRIST_LITTLE_FINGER_SIDE']],
  ['forearm', ['FOREARM_PALM_SIDE', 'FOREARM_BACK']],
]

/** "all digits; palm; wrist": what belongs together is said with one word. */
export function regionWords(regions: readonly Region[]): string {
  const said: string[] = []
  let left = [...regions]
  for (const [word, all] of TOGETHER) {
    if (all.every((region) => left.includes(region))) {
      said.push(word)
      left = left.filter((region) => !all.includes(region))
    }
  }
  return [...said, ...left.map((region) => REGIONS[region])].join('; ')
}
