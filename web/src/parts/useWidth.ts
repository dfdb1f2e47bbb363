import { useElementSize } from '@vueuse/core'
import { computed, type Ref } from 'vue'

/** The width of an element in pixels, as it changes; the element may come later than the component. */
export function useWidth(
  element: Readonly<Ref<HTMLElement | null>>,
  first = 960,
): Readonly<Ref<number>> {
  const { width } = useElementSize(element, { width: first, height: 0 })
  return computed(() => width.value || first)
}
