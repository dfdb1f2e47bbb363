import { effectScope, nextTick, ref } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useVoice, type Spoken } from './useVoice'

const said: string[] = []
class Utterance {
  voice: unknown = null
  constructor(readonly text: string) {}
}
function withVoices(voices: object[]) {
  vi.stubGlobal('SpeechSynthesisUtterance', Utterance)
  vi.stubGlobal('speechSynthesis', {
    getVoices: () => voices,
    speak: (utterance: Utterance) => said.push(utterance.text),
    cancel: () => undefined,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  })
}
const LOCAL = { localService: true, lang: 'en-GB' }

describe('the voice', () => {
  let scope = effectScope()
  beforeEach(() => {
    localStorage.clear()
    said.length = 0
    scope = effectScope()
  })
  afterEach(() => {
    scope.stop()
    vi.unstubAllGlobals()
  })
  const spoken = ref<Spoken>({ running: true, title: 'Curl', side: 'Left hand' })
  async function change(changes: Partial<Spoken>) {
    spoken.value = { ...spoken.value, ...changes }
    await nextTick()
  }

  it('says the step once and then only who works, and only while it runs', async () => {
    withVoices([LOCAL])
    const voice = scope.run(() => useVoice(spoken))
    await change({ side: 'Right hand' })
    expect(said).toEqual([])
    voice?.toggle()
    await change({ side: 'Left hand' })
    await change({ title: 'Shake out', side: 'Both hands' })
    await change({ running: false, title: 'Rest' })
    expect(said).toEqual(['Left hand', 'Shake out. Both hands'])
    voice?.toggle()
    await change({ running: true, title: 'Again' })
    expect(said).toHaveLength(2)
  })

  it('is not offered where words would leave the device', () => {
    withVoices([{ localService: false, lang: 'en-GB' }])
    expect(scope.run(() => useVoice(spoken))?.isThere()).toBe(false)
  })
})
