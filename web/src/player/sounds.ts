import type { Tone } from './timeline'

/** Frequency, length and loudness of each kind of tone. */
const VOICES: Readonly<
  Record<Tone['kind'], { hertz: readonly number[]; seconds: number; gain: number }>
> = {
  start: { hertz: [523, 784], seconds: 0.12, gain: 0.22 },
  beat: { hertz: [880], seconds: 0.035, gain: 0.16 },
  note: { hertz: [1175], seconds: 0.02, gain: 0.08 },
  half: { hertz: [659], seconds: 0.12, gain: 0.14 },
  last: { hertz: [587], seconds: 0.07, gain: 0.16 },
  switch: { hertz: [440, 660], seconds: 0.14, gain: 0.22 },
  done: { hertz: [784, 523], seconds: 0.16, gain: 0.2 },
}

/**
 * So far ahead, in seconds, tones are handed over. A hidden page is woken once a second at best and a
 * busy one later; what was handed over sounds on time all the same.
 */
const AHEAD = 3

/**
 * Sounds on the audio clock: tones are handed over a little ahead and so do not drift. It also is the
 * clock of the player, so that what is seen and heard agrees.
 */
export class Sounds {
  private context: AudioContext | null = null
  private output: GainNode | null = null
  private planned: { readonly oscillator: OscillatorNode; readonly ends: number }[] = []
  private next = 0

  constructor(private tones: readonly Tone[]) {}

  /** Other tones from now on; whoever changes them says where the routine stands. */
  retune(tones: readonly Tone[]) {
    this.tones = tones
  }

  /** To be called from a touch or a key: browsers allow sound only then. */
  async open() {
    try {
      this.context ??= new AudioContext()
      if (!this.output) {
        this.output = this.context.createGain()
        this.output.connect(this.context.destination)
      }
      // A device without sound may never answer; the player goes on without it.
      await Promise.race([
        this.context.resume(),
        new Promise((resolve) => setTimeout(resolve, 300)),
      ])
    } catch {
      this.context = null
    }
  }

  /** Seconds on the audio clock while it runs, otherwise on the computer's. */
  now(): number {
    return this.context?.state === 'running' ? this.context.currentTime : performance.now() / 1000
  }

  get runs(): boolean {
    return this.context?.state === 'running'
  }

  /** From 0, nothing, to 1. */
  loudness(share: number) {
    if (this.output) this.output.gain.value = share
  }

  /** Forgets what was planned; the routine stands at this moment now. */
  seek(millis: number) {
    for (const { oscillator } of this.planned) {
      try {
        oscillator.stop()
      } catch {
        // It has ended by itself.
      }
    }
    this.planned = []
    this.next = this.tones.findIndex((tone) => tone.at >= millis - 20)
    if (this.next < 0) this.next = this.tones.length
  }

  /**
   * Plans the tones of the next moments: the routine stands at `millis` when the clock shows `now`. The
   * clock is not read again, or a page that stands still in between would shift what follows. Nothing is
   * planned beyond `until`, where the routine will wait for somebody.
   */
  plan(millis: number, now: number, until: number) {
    if (!this.runs) return
    while (this.next < this.tones.length) {
      const tone = this.tones[this.next] as Tone
      const wait = (tone.at - millis) / 1000
      if (wait > AHEAD || tone.at > until) return
      this.play(tone.kind, now + Math.max(0, wait))
      this.next++
    }
  }

  private play(kind: Tone['kind'], at: number) {
    const { context, output } = this
    if (!context || !output) return
    const voice = VOICES[kind]
    voice.hertz.forEach((hertz, i) => {
      const start = at + i * voice.seconds
      const oscillator = context.createOscillator()
      const gain = context.createGain()
      oscillator.frequency.value = hertz
      gain.gain.setValueAtTime(0, start)
      gain.gain.linearRampToValueAtTime(voice.gain, start + 0.008)
      gain.gain.exponentialRampToValueAtTime(0.0001, start + voice.seconds)
      oscillator.connect(gain).connect(output)
      oscillator.start(start)
      oscillator.stop(start + voice.seconds + 0.02)
      this.planned.push({ oscillator, ends: start + voice.seconds + 0.02 })
    })
    const now = context.currentTime
    this.planned = this.planned.filter((one) => one.ends > now)
  }

  close() {
    void this.context?.close().catch(() => undefined)
    this.context = null
    this.output = null
  }
}
