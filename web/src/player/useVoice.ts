import { useEventListener, useLocalStorage } from '@vueuse/core'
import { onScopeDispose, ref, watch, type Ref } from 'vue'

/** What the voice says when it changes: the step, then who works. */
export interface Spoken {
  readonly running: boolean
  readonly title: string
  readonly side: string
}

/** Cues said aloud by a voice of this device; nothing that is said leaves it. */
export function useVoice(spoken: Readonly<Ref<Spoken>>) {
  const synthesis = typeof speechSynthesis === 'undefined' ? null : speechSynthesis
  const wanted = useLocalStorage('nimblet-voice', false)
  const voice = ref<SpeechSynthesisVoice | null>(null)
  const look = () => {
    voice.value =
      synthesis?.getVoices().find((one) => one.localService && one.lang.startsWith('en')) ?? null
  }
  look()
  if (synthesis) useEventListener(synthesis, 'voiceschanged', look)

  watch(spoken, (now, before) => {
    if (!synthesis || !voice.value || !wanted.value || !now.running) return
    const words = now.title === before.title ? now.side : `${now.title}. ${now.side}`
    if (now.title === before.title && now.side === before.side && before.running) return
    synthesis.cancel()
    const said = new SpeechSynthesisUtterance(words)
    said.voice = voice.value
    synthesis.speak(said)
  })
  onScopeDispose(() => synthesis?.cancel())

  return {
    /** The voice there is, if it is switched on. */
    speaks: wanted,
    isThere: () => voice.value !== null,
    toggle() {
      wanted.value = !wanted.value
      if (!wanted.value) synthesis?.cancel()
    },
  }
}
