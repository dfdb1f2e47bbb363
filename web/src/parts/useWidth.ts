import { useElementSize } from '@vueuse/core'
import { computed, type Ref } from 'vue'

/** The edges of a page on the narrowest screen, left and right together, in pixels. */
const EDGES = 32

/**
 * The width of an element in pixels, as it changes; the element may come later than the component.
 * Until it is known it is taken as `first`, but never wider than the screen: whatever stands out
 * makes a phone show the whole page smaller for a moment.
 */
export function useWidth(
  element: Readonly<Ref<HTMLElement | null>>,
  first = 960,
): Readonly<Ref<number>> {
  const { width } = useElementSize(element, { width: 0, height: 0 })
  const screen = document.documentElement.clientWidth - EDGES
  const guess = screen > 0 ? Math.min(first, screen) : first
  return computed(() => width.value || guess)
}
