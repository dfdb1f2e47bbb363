import { computed, ref, watch, type Ref } from 'vue'
import type { MoveView } from '@/api/types'
import { useBeat } from './useBeat'

/** A walk through moves on a beat: so many counts forward and as many back for each. */
export function useWalk(walk: Ref<readonly MoveView[]>, bpm: Ref<number>, counts: Ref<number>) {
  const beat = useBeat(bpm, ref(1))
  const each = computed(() => 2 * counts.value)
  const place = computed(() =>
    Math.min(walk.value.length - 1, Math.floor(beat.beats.value / each.value)),
  )
  const within = computed(() => beat.beats.value % each.value)
  const forward = computed(() => within.value < counts.value)
  const count = computed(() => 1 + (Math.floor(within.value) % counts.value))
  /** How far the hands have come into the move; they stay there on the way back of the count. */
  const share = computed(() => (beat.on.value ? Math.min(1, within.value / (counts.value / 2)) : 0))
  watch(bpm, beat.retune)
  watch(beat.beats, (beats) => {
    if (beats >= walk.value.length * each.value) beat.stop()
  })
  /** The way back into a lost position: from the hub into the clasp that was at hand. */
  function lost() {
    let at = place.value
    while (at > 0 && walk.value[at]?.from !== null) at--
    beat.beats.value = at * each.value
    beat.retune()
  }
  return {
    on: beat.on,
    place,
    forward,
    count,
    share,
    start: () => void beat.start(),
    stop: beat.stop,
    lost,
  }
}
