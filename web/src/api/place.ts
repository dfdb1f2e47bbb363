import {
  computed,
  hasInjectionContext,
  inject,
  nextTick,
  onScopeDispose,
  provide,
  readonly,
  ref,
  shallowReactive,
  watch,
  type Ref,
} from 'vue'

/** What shows as one: a page, or what a tab of it holds. */
interface Place {
  /** It is not whole while this is true, unless it has shown already. */
  readonly waitFor: (missing: Readonly<Ref<boolean>>) => void
}

const PLACE = Symbol('place')
/**
 * After so long a place shows with what is known, and the rest comes when it comes. Source: web.dev,
 * Largest Contentful Paint, good up to 2.5 s.
 */
const LONGEST = 2_500

/**
 * A place begins to show once everything is known that it begins with, so that nothing moves away
 * under a hand that reaches for it. What is asked for later never hides it again.
 */
export function usePlace(): { readonly whole: Readonly<Ref<boolean>> } {
  const around = surroundingPlace()
  const missing = shallowReactive(new Set<Readonly<Ref<boolean>>>())
  const waiting = computed(() => [...missing].some((one) => one.value))
  const whole = ref(false)
  const show = () => (whole.value = true)
  provide<Place>(PLACE, {
    waitFor(one) {
      if (whole.value) return
      missing.add(one)
      onScopeDispose(() => missing.delete(one))
    },
  })
  // What an answer leads to is asked for by whoever is drawn with it.
  const turn = async () => {
    await nextTick()
    setTimeout(() => {
      if (!waiting.value) show()
    })
  }
  watch(waiting, (still) => void (still || turn()), { immediate: true })
  const longest = setTimeout(show, LONGEST)
  onScopeDispose(() => clearTimeout(longest))
  around?.waitFor(computed(() => !whole.value))
  return { whole: readonly(whole) }
}

/** The place that whoever asks stands in; none outside of a page. */
export function surroundingPlace(): Place | null {
  return hasInjectionContext() ? inject<Place | null>(PLACE, null) : null
}
