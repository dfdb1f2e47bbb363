import { useEventListener } from '@vueuse/core'

/** Follows a pointer until it is let go; Escape leaves everything as it was. */
export function useFollowed() {
  let held: {
    move: (moved: PointerEvent) => void
    release: () => void
    leave: () => void
  } | null = null
  const end = (how: 'release' | 'leave') => {
    const was = held
    held = null
    was?.[how]()
  }
  useEventListener('pointermove', (moved: PointerEvent) => held?.move(moved))
  useEventListener('pointerup', () => end('release'))
  // The finger was taken for scrolling.
  useEventListener('pointercancel', () => end('leave'))
  useEventListener('keydown', (pressed: KeyboardEvent) => {
    if (pressed.key === 'Escape') end('leave')
  })
  return (move: (moved: PointerEvent) => void, release: () => void, leave: () => void) => {
    held = { move, release, leave }
  }
}
