import type { Position, Thing } from '@/api/types'

/** Silhouettes of what can be at hand, in a box of 44 × 36 that stands on the shelf. */
export const SHELF_WIDTH = 44
export const SHELF_HEIGHT = 36

export const PLACE_SHAPES: Readonly<Record<Position, string>> = {
  SIT: 'M12 36V4h5v16h16v16h-5V25H17v11z',
  AT_INSTRUMENT: 'M9 5h26v15H25v12h7v4H12v-4h7V20H9z',
  TABLE: 'M1 12h42v6H39v18h-6V18H11v18H5V18H1z',
  STAND: 'M22 3a4.500 4.500 0 1 1 0 9 4.500 4.500 0 1 1 0-9zM15 14h14v11h-3v11h-8V25h-3z',
  WALL: 'M6 2h32v34H6z',
  FLOOR: 'M1 31h42v5H1z',
}

/** What everybody has with them stands on no shelf. */
export type ShelfThing = Exclude<Thing, 'LAP' | 'OWN_FIST' | 'OWN_FOREARM'>

export const THING_SHAPES: Readonly<Record<ShelfThing, string>> = {
  INSTRUMENT: 'M3 36V16h13v-5h12v5h13v20zM19 16h6v-2h-6z',
  TABLE_EDGE: 'M1 14h42v6H37v16h-6V20H1z',
  TOWEL: 'M8 36V15a14 11 0 0 1 28 0v21h-9V17a5 4 0 0 0-10 0v19z',
  SOFT_BALL: 'M22 10a13 13 0 1 1 0 26 13 13 0 1 1 0-26z',
  HARD_BALL: 'M22 18a9 9 0 1 1 0 18 9 9 0 1 1 0-18z',
  PENCIL: 'M2 30h31l9 3-9 3H2z',
  MAT: 'M2 31h25a8 8 0 1 1 8 5H2z',
  LIGHT_WEIGHT: 'M4 16h9v7h18v-7h9v20h-9v-8H13v8H4z',
  CLAY: 'M5 36c0-10 6-14 12-13 4-6 13-3 14 3 6 1 8 5 8 10z',
  ROLLER: 'M2 27h5v-5h30v5h5v4h-5v5H7v-5H2z',
  BOW: 'M1 33h42v3H1zM3 32c8-9 29-11 39-4l-2 3c-9-5-27-4-34 2z',
  FINGER_TRAINER: 'M6 36V18h4V9h5v9h3V5h5v13h3V7h5v11h3v-6h5v24z',
  COIN: 'M22 24a6 6 0 1 1 0 12 6 6 0 1 1 0-12z',
  RUBBER_RING: 'M22 16a10 10 0 1 1 0 20 10 10 0 1 1 0-20zm0 4a6 6 0 1 0 0 12 6 6 0 1 0 0-12z',
  BOTTLE: 'M15 36V18c0-4 4-5 4-9V3h6v6c0 4 4 5 4 9v18z',
  FOOD_CAN: 'M12 10h20v26H12z',
  TIN: 'M8 25h28v11H8z',
  ROLLED_SOCK: 'M10 36c-6 0-7-13 2-14h15c11 0 13 14 4 14z',
  KITCHEN_ROLL: 'M19 7V4h6v3h5v29H14V7z',
  CARPET: 'M4 32h36v4H4zM1 32h2v4H1zM41 32h2v4h-2z',
  BAND: 'M4 36c0-24 36-24 36 0h-6c0-16-24-16-24 0z',
}
