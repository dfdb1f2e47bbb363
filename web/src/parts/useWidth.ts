import { onMounted, onScopeDispose, ref, type Ref } from 'vue'

/** The width of an element in pixels, as it changes. */
export function useWidth(element: Ref<HTMLElement | null>, first = 960): Readonly<Ref<number>> {
  const width = ref(first)
  let observer: ResizeObserver | undefined
  onMounted(() => {
    if (!element.value) return
    width.value = element.value.clientWidth || first
    observer = new ResizeObserver((entries) => {
      const seen = entries[0]?.contentRect.width
      if (seen) width.value = seen
    })
    observer.observe(element.value)
  })
  onScopeDispose(() => observer?.disconnect())
  return width
}
