import { onScopeDispose, ref, type Ref } from 'vue'
import { Sounds } from '@/player/sounds'
import type { Tone } from '@/player/timeline'

const TICK = 250
const MINUTE = 60_000
/** Tones of so many beats are made at a time. */
const HORIZON = 4000

/** A beat that goes on until it is stopped; whoever follows it asks which beat it is. */
export function useBeat(bpm: Ref<number>, notesABeat: Ref<number>) {
  const on = ref(false)
  /** Beats gone since the start, with their fraction. */
  const beats = ref(0)
  let sounds = new Sounds([])
  let last = 0
  let timer: ReturnType<typeof setInterval> | undefined
  let frame = 0
  const length = () => MINUTE / bpm.value
  const tones = (): Tone[] =>
    Array.from({ length: HORIZON }, (_, i): Tone => ({
      at: (i * length()) / notesABeat.value,
      kind: i % notesABeat.value ? 'note' : 'beat',
    }))
  function advance() {
    if (!on.value) return
    const now = sounds.now()
    beats.value += ((now - last) * 1000) / length()
    last = now
    sounds.plan(beats.value * length(), now, Infinity)
  }
  async function start(at = 0) {
    await sounds.open()
    sounds.loudness(0.6)
    beats.value = at
    on.value = true
    retune()
    clearInterval(timer)
    timer = setInterval(advance, TICK)
    const draw = () => {
      advance()
      if (on.value) frame = requestAnimationFrame(draw)
    }
    cancelAnimationFrame(frame)
    frame = requestAnimationFrame(draw)
  }
  /** The tempo changed, or where it stands: the tones are made anew from here. */
  function retune() {
    last = sounds.now()
    sounds.retune(tones())
    sounds.seek(beats.value * length())
    if (on.value) sounds.plan(beats.value * length(), last, Infinity)
  }
  function stop() {
    on.value = false
    clearInterval(timer)
    cancelAnimationFrame(frame)
    sounds.seek(Infinity)
  }
  onScopeDispose(() => {
    stop()
    sounds.close()
    sounds = new Sounds([])
  })
  return { on, beats, start, stop, retune }
}
