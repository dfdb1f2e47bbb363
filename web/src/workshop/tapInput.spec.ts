import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Digit, Side } from '@/api/types'
import {
  askMidi,
  keyboardInput,
  midiInput,
  placeOf,
  placesOf,
  simulatedInput,
  type Press,
} from './tapInput'

const FOUR: readonly Digit[] = ['INDEX', 'MIDDLE', 'RING', 'LITTLE']
function heard() {
  const pressed: Press[] = []
  const released: Press[] = []
  return {
    pressed,
    released,
    listener: {
      press: (press: Press) => void pressed.push(press),
      release: (press: Press) => void released.push(press),
    },
  }
}
const key = (type: string, code: string, more: KeyboardEventInit = {}) =>
  document.dispatchEvent(new KeyboardEvent(type, { code, cancelable: true, ...more }))

afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

describe('keys', () => {
  it('count by their place, whatever is printed on them', () => {
    expect(placeOf('KeyF')).toEqual({ side: 'LEFT', digit: 'INDEX' })
    expect(placeOf('Semicolon')).toEqual({ side: 'RIGHT', digit: 'LITTLE' })
    expect(placeOf('KeyQ')).toBeNull()
  })

  it('are heard once, however long the system repeats them, and not after that', () => {
    const { pressed, released, listener } = heard()
    const stop = keyboardInput().listen(listener)
    expect(key('keydown', 'KeyJ', { key: 'h' })).toBe(false)
    key('keydown', 'KeyJ', { repeat: true })
    key('keyup', 'KeyJ')
    key('keydown', 'KeyJ', { ctrlKey: true })
    expect(key('keydown', 'KeyQ')).toBe(true)
    expect(pressed.map((p) => p.digit)).toEqual(['INDEX'])
    expect(released).toHaveLength(1)
    stop()
    key('keydown', 'KeyJ')
    expect(pressed).toHaveLength(1)
  })

  it('may go down two at once', () => {
    const { pressed, listener } = heard()
    const stop = keyboardInput().listen(listener)
    key('keydown', 'KeyS')
    key('keydown', 'KeyL')
    expect(pressed.map((p) => [p.side, p.digit])).toEqual([
      ['LEFT', 'RING'],
      ['RIGHT', 'RING'],
    ])
    stop()
  })
})

describe('a MIDI keyboard', () => {
  const fingers: Record<Side, readonly Digit[]> = { LEFT: FOUR, RIGHT: FOUR }

  it('is learned from its lowest key up', () => {
    const places = placesOf([67, 48, 50, 52, 53, 62, 64, 65], fingers)
    expect(places.get(48)).toEqual({ side: 'LEFT', digit: 'LITTLE' })
    expect(places.get(53)).toEqual({ side: 'LEFT', digit: 'INDEX' })
    expect(places.get(62)).toEqual({ side: 'RIGHT', digit: 'INDEX' })
    expect(places.get(67)).toEqual({ side: 'RIGHT', digit: 'LITTLE' })
  })

  it('says how hard, and a note of no velocity is one let go', () => {
    const input = new EventTarget()
    const access = { inputs: new Map([['a', input]]) } as unknown as MIDIAccess
    const { pressed, released, listener } = heard()
    const stop = midiInput(access, placesOf([62], { LEFT: [], RIGHT: ['INDEX'] })).listen(listener)
    const send = (...data: number[]) =>
      input.dispatchEvent(Object.assign(new Event('midimessage'), { data: Uint8Array.from(data) }))
    send(0x90, 62, 71)
    send(0x91, 99, 71)
    send(0x90, 62, 0)
    send(0x80, 62, 10)
    send(0xb0, 62, 10)
    expect(pressed.map((p) => p.velocity)).toEqual([71])
    expect(released).toHaveLength(2)
    stop()
    send(0x90, 62, 71)
    expect(pressed).toHaveLength(1)
  })

  it('says in words when there is none, or none is allowed', async () => {
    await expect(askMidi()).rejects.toThrow('This browser has no MIDI.')
    vi.stubGlobal('navigator', { requestMIDIAccess: () => Promise.reject(new Error('no')) })
    await expect(askMidi()).rejects.toThrow('MIDI is not allowed here.')
    vi.stubGlobal('navigator', { requestMIDIAccess: async () => ({ inputs: new Map() }) })
    await expect(askMidi()).rejects.toThrow('No MIDI keyboard is connected.')
  })
})

describe('simulated hands', () => {
  it('play each tap at its own time and let go of it', () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'performance'] })
    const { pressed, released, listener } = heard()
    const taps = [0, 100].map((at) => ({
      side: 'LEFT' as const,
      digit: 'RING' as const,
      at,
      velocity: 60,
    }))
    const input = simulatedInput(taps, 'simulated')
    const stop = input.listen(listener)
    input.begin?.(performance.now() + 50)
    vi.advanceTimersByTime(120)
    expect(pressed).toHaveLength(1)
    expect(released).toHaveLength(1)
    vi.advanceTimersByTime(200)
    expect((pressed[1]?.at ?? 0) - (pressed[0]?.at ?? 0)).toBe(100)
    stop()
  })
})
