import { useEventListener, useLocalStorage } from '@vueuse/core'
import { onScopeDispose, watch, type Ref } from 'vue'
import type { usePlayer } from './usePlayer'

/** A touch that lasts so long says that it burns from here. */
const LONG_TOUCH = 600
const NOTE_ON = 0x90
const CONTROL_CHANGE = 0xb0
const SUSTAIN_PEDAL = 64
const PEDAL_DOWN = 64

/** Whether this browser can hear a keyboard or a pedal on MIDI. */
export const hearsMidi = (): boolean => 'requestMIDIAccess' in navigator
/** Whether MIDI notes count; a browser asks its owner first, so nobody is asked unless they want it. */
export const useMidiWanted = () => useLocalStorage('nimblet-midi', false)

/** Whether a message is a key that goes down, or the pedal. */
export function isPress(data: ArrayLike<number>): boolean {
  const [status, first, second] = [data[0] ?? 0, data[1] ?? 0, data[2] ?? 0]
  const kind = status & 0xf0
  if (kind === NOTE_ON) return second > 0
  return kind === CONTROL_CHANGE && first === SUSTAIN_PEDAL && second >= PEDAL_DOWN
}

/** Counting by touch anywhere on the stage, and by MIDI keys or its pedal. */
export function useCountingDevices(
  stage: Readonly<Ref<HTMLElement | null>>,
  player: ReturnType<typeof usePlayer>,
) {
  const counts = () => player.ownPace.counting.value && player.state.value === 'running'

  let held: ReturnType<typeof setTimeout> | undefined
  const letGo = () => clearTimeout(held)
  useEventListener(stage, 'pointerdown', (event) => {
    const onKey = event.target instanceof Element && event.target.closest('button, a, input, label')
    if (!counts() || onKey) return
    player.countOne()
    letGo()
    held = setTimeout(() => counts() && player.ownPace.burns(), LONG_TOUCH)
  })
  useEventListener(document, ['pointerup', 'pointercancel'], letGo)

  const wanted = useMidiWanted()
  const hear = (event: MIDIMessageEvent) => {
    if (event.data && isPress(event.data) && counts()) player.countOne()
  }
  const inputs: MIDIInput[] = []
  const connect = (input: MIDIInput) => {
    if (inputs.includes(input)) return
    inputs.push(input)
    input.addEventListener('midimessage', hear)
  }
  let over = false
  async function listen() {
    const access = await navigator.requestMIDIAccess().catch(() => null)
    if (!access) {
      wanted.value = false
      return
    }
    if (over) return
    access.inputs.forEach(connect)
    access.addEventListener('statechange', () => access.inputs.forEach(connect))
  }
  watch(
    () => wanted.value && player.state.value === 'running',
    (now) => {
      if (now && hearsMidi()) void listen()
    },
  )
  onScopeDispose(() => {
    over = true
    letGo()
    inputs.forEach((input) => input.removeEventListener('midimessage', hear))
  })
}
