import type { DeviceForm, Digit, Side, SimulatedTap } from '@/api/types'

/** A key that went down or came up; the time is the browser's, from the event itself. */
export interface Press {
  readonly side: Side
  readonly digit: Digit
  readonly at: number
  readonly velocity: number | null
}
export interface Listener {
  readonly press: (press: Press) => void
  readonly release: (press: Press) => void
}
/** Something with keys. */
export interface TapInput {
  readonly device: DeviceForm
  /** Hears it until what is answered is called. */
  readonly listen: (listener: Listener) => () => void
  /** Only what plays by itself has to be told when to begin. */
  readonly begin?: (zero: number) => void
}
export interface Place {
  readonly side: Side
  readonly digit: Digit
}

/** Keys by their place, whatever is printed on them: the home row under each hand. */
export const KEYS: Readonly<Record<Side, Readonly<Record<string, Digit>>>> = {
  LEFT: { KeyA: 'LITTLE', KeyS: 'RING', KeyD: 'MIDDLE', KeyF: 'INDEX', KeyV: 'THUMB' },
  RIGHT: { KeyN: 'THUMB', KeyJ: 'INDEX', KeyK: 'MIDDLE', KeyL: 'RING', Semicolon: 'LITTLE' },
}
export const SIDES: readonly Side[] = ['LEFT', 'RIGHT']
export const FINGERS: readonly Digit[] = ['INDEX', 'MIDDLE', 'RING', 'LITTLE']

/** Which finger a key belongs to, if to any. */
export function placeOf(code: string): Place | null {
  for (const side of SIDES) {
    const digit = KEYS[side][code]
    if (digit) return { side, digit }
  }
  return null
}

export const COMPUTER_KEYBOARD: DeviceForm = { kind: 'COMPUTER_KEYBOARD', name: '' }

/** The computer's keyboard; what the system repeats by itself is no press. */
export const keyboardInput = (): TapInput => ({
  device: COMPUTER_KEYBOARD,
  listen(listener) {
    const hear = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return
      const place = placeOf(event.code)
      if (!place) return
      event.preventDefault()
      if (event.repeat) return
      const press = { ...place, at: event.timeStamp, velocity: null }
      if (event.type === 'keydown') listener.press(press)
      else listener.release(press)
    }
    document.addEventListener('keydown', hear)
    document.addEventListener('keyup', hear)
    return () => {
      document.removeEventListener('keydown', hear)
      document.removeEventListener('keyup', hear)
    }
  },
})

const NOTE_OFF = 0x80
const NOTE_ON = 0x90

/**
 * The MIDI keyboards that are there.
 *
 * Throws what is wrong, in words: no MIDI, not allowed, none connected.
 */
export async function askMidi(): Promise<MIDIAccess> {
  if (!('requestMIDIAccess' in navigator))
    throw new Error('This browser has no MIDI. Use another one, or the computer keyboard.')
  let access: MIDIAccess
  try {
    access = await navigator.requestMIDIAccess()
  } catch {
    throw new Error(
      'MIDI is not allowed here. Allow it in the browser, or use the computer keyboard.',
    )
  }
  if (!access.inputs.size)
    throw new Error('No MIDI keyboard is connected. Connect one and choose it again.')
  return access
}

/** Every note that is played, as it comes. */
export function hearNotes(
  access: MIDIAccess,
  hear: (note: number, velocity: number, at: number) => void,
): () => void {
  const message = (event: MIDIMessageEvent) => {
    const [status = 0, note = 0, velocity = 0] = event.data ?? []
    const command = status & 0xf0
    if (command === NOTE_ON) hear(note, velocity, event.timeStamp)
    else if (command === NOTE_OFF) hear(note, 0, event.timeStamp)
  }
  const inputs = [...access.inputs.values()]
  inputs.forEach((input) => input.addEventListener('midimessage', message as EventListener))
  return () =>
    inputs.forEach((input) => input.removeEventListener('midimessage', message as EventListener))
}

/** A MIDI keyboard whose keys are known. */
export const midiInput = (access: MIDIAccess, places: ReadonlyMap<number, Place>): TapInput => ({
  device: { kind: 'MIDI_KEYBOARD', name: '' },
  listen: (listener) =>
    hearNotes(access, (note, velocity, at) => {
      const place = places.get(note)
      if (!place) return
      if (velocity) listener.press({ ...place, at, velocity })
      else listener.release({ ...place, at, velocity: null })
    }),
})

/** From the lowest key up: the left hand's fingers from the little one on, then the right hand's. */
export function placesOf(
  notes: readonly number[],
  fingers: Readonly<Record<Side, readonly Digit[]>>,
): ReadonlyMap<number, Place> {
  const order: Place[] = [
    ...[...fingers.LEFT].reverse().map((digit): Place => ({ side: 'LEFT', digit })),
    ...fingers.RIGHT.map((digit): Place => ({ side: 'RIGHT', digit })),
  ]
  return new Map(
    [...notes].sort((a, b) => a - b).flatMap((note, i) => (order[i] ? [[note, order[i]]] : [])),
  )
}

const PRESSED_FOR = 60

/** Hands that play what they are given, each tap at its own time. */
export function simulatedInput(taps: readonly SimulatedTap[], name: string): TapInput {
  const timers = new Set<ReturnType<typeof setTimeout>>()
  let listener: Listener | null = null
  return {
    device: { kind: 'MIDI_KEYBOARD', name },
    listen(to) {
      listener = to
      return () => {
        listener = null
        timers.forEach(clearTimeout)
        timers.clear()
      }
    },
    begin(zero) {
      const now = performance.now()
      for (const tap of taps) {
        const at = zero + tap.at
        if (at < now) continue
        const later = (what: () => void, millis: number) =>
          timers.add(setTimeout(what, millis - now))
        const press = { side: tap.side, digit: tap.digit, at, velocity: tap.velocity }
        later(() => listener?.press(press), at)
        later(() => listener?.release({ ...press, at: at + PRESSED_FOR }), at + PRESSED_FOR)
      }
    },
  }
}
