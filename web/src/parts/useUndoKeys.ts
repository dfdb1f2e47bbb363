import { useEventListener } from '@vueuse/core'

/** Control or command with Z takes back, with shift or with Y brings back; not while one writes. */
export function useUndoKeys(undo: () => unknown, redo: () => unknown = () => undefined) {
  useEventListener('keydown', (event: KeyboardEvent) => {
    const target = event.target as HTMLElement
    if (!(event.ctrlKey || event.metaKey) || target.matches('input, textarea, select')) return
    const key = event.key.toLowerCase()
    if (key !== 'z' && key !== 'y') return
    event.preventDefault()
    void (key === 'y' || event.shiftKey ? redo() : undo())
  })
}
