import type { Ref } from 'vue'

/** The keys of a radio group: arrows choose the next or the one before, and the focus goes along. */
export function useRadioKeys<T>(options: () => readonly T[], model: Ref<T | null | undefined>) {
  function move(event: KeyboardEvent, index: number) {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
    if (!step) return
    event.preventDefault()
    const values = options()
    const group = (event.currentTarget as HTMLElement).parentElement
    const buttons = [...(group?.children ?? [])] as HTMLButtonElement[]
    for (let n = 1; n <= values.length; n++) {
      const next = (index + step * n + values.length * n) % values.length
      if (buttons[next]?.disabled) continue
      model.value = values[next] as T
      buttons[next]?.focus()
      return
    }
  }
  const focusable = (index: number) =>
    model.value === options()[index] || (model.value === null && index === 0) ? 0 : -1
  return { move, focusable }
}
