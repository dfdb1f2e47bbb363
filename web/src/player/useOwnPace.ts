import { computed, readonly, ref, type Ref } from 'vue'
import type { Cue } from '@/api/types'

/** What was counted of one cue. */
export interface Count {
  /** When each repetition came, in seconds of the player's clock. */
  readonly times: readonly number[]
  /** After which repetitions one was not complete. */
  readonly incomplete: readonly number[]
  /** After which repetition it burned; null while it does not. */
  readonly burnsSince: number | null
}
const NOTHING: Count = { times: [], incomplete: [], burnsSince: null }

/** Whether a cue is counted by the person. */
export const isCounted = (cue: Cue): boolean =>
  cue.easesFromMillis > 0 && cue.phase !== 'HOLD' && cue.repetitions > 1

/** What was counted of a step, by side, and from one repetition to the next in the middle. */
export interface Counted {
  readonly LEFT: number | null
  readonly RIGHT: number | null
  readonly paceMillis: number | null
}
export type OwnPace = ReturnType<typeof useOwnPace>

/** Counting at one's own pace: each press is one, and the clock waits for it. */
export function useOwnPace(
  cue: Readonly<Ref<Cue>>,
  now: () => number,
  kept: readonly (readonly [string, Count])[] = [],
) {
  const counts = ref(new Map<string, Count>(kept))
  const key = () => `${cue.value.step} ${cue.value.sides} ${cue.value.offsetMillis}`
  const ofStep = (step: number) => [...counts.value].filter(([of]) => of.startsWith(`${step} `))
  const counting = computed(() => isCounted(cue.value))
  const here = computed<Count>(() => counts.value.get(key()) ?? NOTHING)
  const done = computed(() => here.value.times.length)
  const change = (changes: Partial<Count>) => counts.value.set(key(), { ...here.value, ...changes })

  return {
    counting,
    here: readonly(here),
    done,
    press: () => change({ times: [...here.value.times, now()] }),
    /** The last one was not complete: it does not count. */
    notComplete() {
      if (!done.value) return
      change({
        times: here.value.times.slice(0, -1),
        incomplete: [...here.value.incomplete, done.value - 1],
      })
    },
    burns() {
      if (here.value.burnsSince === null) change({ burnsSince: done.value })
    },
    /** Complete repetitions of a step before it burned, on the lesser side; null if not counted. */
    complete(step: number): number | null {
      const all = ofStep(step).map(([, c]) => c)
      return all.length ? Math.min(...all.map((c) => c.burnsSince ?? c.times.length)) : null
    },
    /** What was counted of a step; null if nothing was. */
    counted(step: number): Counted | null {
      const all = ofStep(step)
      if (!all.length) return null
      const side = (other: 'LEFT' | 'RIGHT') => {
        const here = all.filter(([of]) => !of.startsWith(`${step} ${other} `))
        return here.length ? here.reduce((sum, [, c]) => sum + c.times.length, 0) : null
      }
      const gaps = all
        .flatMap(([, c]) => c.times.slice(1).map((at, i) => at - (c.times[i] ?? at)))
        .sort((a, b) => a - b)
      const middle = gaps[gaps.length >> 1]
      const paceMillis =
        middle === undefined ? null : Math.min(120_000, Math.max(50, Math.round(middle * 1000)))
      return { LEFT: side('RIGHT'), RIGHT: side('LEFT'), paceMillis }
    },
    /** Counts a step anew, because it begins again. */
    forget: (step: number) => ofStep(step).forEach(([of]) => counts.value.delete(of)),
    kept: () => [...counts.value],
  }
}
