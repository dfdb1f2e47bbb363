import { computed, ref, type Ref } from 'vue'

/** Something on a ribbon that can be taken hold of. */
interface Stop {
  readonly key: string
  readonly hour: number
}

/**
 * One stop for the Tab key on a ribbon, however much lies on it: PageDown and PageUp go to what
 * comes after and before, Home and End to the first and the last.
 */
export function useOneStop(root: Readonly<Ref<Element | null>>, stops: () => readonly Stop[]) {
  const latest = ref<string | null>(null)
  const keys = computed(() => [...stops()].sort((a, b) => a.hour - b.hour).map((stop) => stop.key))
  const here = computed(() =>
    latest.value !== null && keys.value.includes(latest.value) ? latest.value : keys.value[0],
  )
  const tab = (key: string) => (key === here.value ? 0 : -1)
  function focused(event: FocusEvent) {
    const stop = (event.target as Element).closest<SVGElement>('[data-stop]')
    if (stop) latest.value = stop.dataset.stop ?? null
  }
  function key(event: KeyboardEvent) {
    const all = keys.value
    const at = all.indexOf(here.value ?? '')
    const to = { PageDown: at + 1, PageUp: at - 1, Home: 0, End: all.length - 1 }[event.key]
    if (to === undefined) return
    event.preventDefault()
    const next = all[to]
    if (next)
      root.value
        ?.querySelector<SVGElement>(`[data-stop="${CSS.escape(next)}"]`)
        ?.focus({ preventScroll: true })
  }
  return { tab, focused, key }
}
