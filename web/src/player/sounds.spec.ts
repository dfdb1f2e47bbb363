import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Sounds } from './sounds'
import type { Tone } from './timeline'

const begun: number[] = []
const parameter = () => ({
  value: 0,
  setValueAtTime: () => undefined,
  linearRampToValueAtTime: () => undefined,
  exponentialRampToValueAtTime: () => undefined,
})
/** A sound card whose clock stands where a test puts it. */
class Card {
  currentTime = 10
  state = 'running'
  destination = {}
  resume = () => Promise.resolve()
  close = () => Promise.resolve()
  createGain = () => ({ gain: parameter(), connect: (other: unknown) => other })
  createOscillator = () => ({
    frequency: { value: 0 },
    connect: (other: unknown) => other,
    start: (at: number) => begun.push(at),
    stop: () => undefined,
  })
}
const beat = (at: number): Tone => ({ at, kind: 'beat' })

describe('the sounds of the player', () => {
  beforeEach(() => {
    begun.length = 0
    vi.stubGlobal('AudioContext', Card)
  })
  async function opened(...tones: Tone[]) {
    const sounds = new Sounds(tones)
    await sounds.open()
    sounds.seek(0)
    return sounds
  }

  it('are handed over ahead, each at its moment on the clock that was read', async () => {
    const sounds = await opened(beat(0), beat(1000), beat(2500), beat(9000))
    sounds.plan(0, 10.03, Infinity)
    expect(begun).toEqual([10.03, 11.03, 12.53])
    sounds.plan(6500, 16.53, Infinity)
    expect(begun.at(-1)).toBe(19.03)
  })

  it('are not handed over beyond where the routine will wait', async () => {
    const sounds = await opened(beat(0), beat(1000), beat(1500))
    sounds.plan(0, 10, 1000)
    expect(begun).toEqual([10, 11])
  })

  it('are forgotten where the routine goes elsewhere', async () => {
    const sounds = await opened(beat(0), beat(1000), beat(2000))
    sounds.seek(1900)
    sounds.plan(1900, 12, Infinity)
    expect(begun).toEqual([12.1])
  })
})
