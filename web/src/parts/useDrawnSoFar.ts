import { onScopeDispose, ref, watch, type Ref } from 'vue'

/**
 * How many of a long list are drawn: those in sight at once, the others some each frame, so that
 * nobody waits for what they do not see.
 */
export function useDrawnSoFar(count: () => number, inSight: number, eachFrame = 6): Ref<number> {
  const drawn = ref(inSight)
  let frame = 0
  const next = () => {
    frame = 0
    if (drawn.value >= count()) return
    drawn.value += eachFrame
    frame = requestAnimationFrame(next)
  }
  watch(
    count,
    () => {
      // After the frame in which the first are painted.
      if (!frame) frame = requestAnimationFrame(() => (frame = requestAnimationFrame(next)))
    },
    { immediate: true },
  )
  onScopeDispose(() => cancelAnimationFrame(frame))
  return drawn
}
