import type { Region } from '@/api/types'
import type { Drawing } from './drawn'
import type { Point } from './vector'

type Place = (drawing: Drawing) => Point

const onDigit =
  (digit: number, phalanx: number, at: number): Place =>
  (d) =>
    d.place(digit, phalanx, at)
const onHand =
  (x: number, y: number): Place =>
  (d) =>
    d.placeOnHand([x, y, -10])

/** Where a region lies on the back of a drawn hand; regions further up have no place on it. */
export const REGION_PLACES: Readonly<Partial<Record<Region, Place>>> = {
  THUMB: onDigit(4, 1, 0.55),
  INDEX_FINGER: onDigit(0, 2, 0.1),
  MIDDLE_FINGER: onDigit(1, 2, 0.1),
  RING_FINGER: onDigit(2, 2, 0.1),
  LITTLE_FINGER: onDigit(3, 2, 0.1),
  BACK_OF_HAND: onHand(4, 78),
  PALM: onHand(-4, 38),
  WRIST_THUMB_SIDE: onHand(18, 2),
  WRIST_LITTLE_FINGER_SIDE: onHand(-19, 2),
  FOREARM_PALM_SIDE: onHand(17, -46),
  FOREARM_BACK: onHand(-18, -46),
  ELBOW: onHand(0, -86),
}

export const ON_THE_HAND = Object.keys(REGION_PLACES) as Region[]
export const ELSEWHERE: readonly Region[] = ['SHOULDER', 'NECK', 'BACK']
