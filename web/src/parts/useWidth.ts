import { onScopeDispose, ref, watch, type Ref } from 'vue'

/** The width of an element in pixels, as it changes; the element may come later than the component. */
export function useWidth(element: Ref<HTMLElement | null>, first = 960): Readonly<Ref<number>> {
  const width = ref(first)
  const observer = new ResizeObserver((entries) => {
    const seen = entries[0]?.contentRect.width
    if (seen) width.value = seen
  })
  watch(
    element,
    (now, before) => {
      if (before) observer.unobserve(before)
      if (now) {
        width.value = now.clientWidth || first
        observer.observe(now)
      }
    },
    { flush: 'post', immediate: true },
  )
  onScopeDispose(() => observer.disconnect())
  return width
}
