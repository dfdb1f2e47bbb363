import type { Side, WeightForm, WeightView } from '@/api/types'

export const GREATEST_WEIGHT = 10

/** What an activity asks for of a target on a side: as was set, else as is usual. */
export function weightOf(
  own: readonly WeightForm[] | null,
  usual: readonly WeightView[],
  target: string,
  side: Side,
): number {
  const at = (one: { target: string; side: Side }) => one.target === target && one.side === side
  return own ? (own.find(at)?.weight ?? 0) : (usual.find(at)?.usual ?? 0)
}

/** All weights with one of them changed; what is nothing is left out. */
export function withWeight(
  own: readonly WeightForm[] | null,
  usual: readonly WeightView[],
  target: string,
  side: Side,
  weight: number,
): WeightForm[] {
  return usual
    .map((w) => ({
      target: w.target,
      side: w.side,
      weight:
        w.target === target && w.side === side
          ? Math.min(GREATEST_WEIGHT, Math.max(0, weight))
          : weightOf(own, usual, w.target, w.side),
    }))
    .filter((w) => w.weight > 0)
}
