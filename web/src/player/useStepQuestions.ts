import { onScopeDispose, readonly, ref, shallowRef, watch, type Ref } from 'vue'
import type { Cue, StepView } from '@/api/types'
import { NOTHING_TOLD, type Telling } from './tellings'

/** For how long a question stands; what was not answered then stays unsaid. */
const ASKED_FOR = 15_000
const DAY = 24 * 3600 * 1000

/**
 * What the stage asks by the way: which side was tighter once both have held, and now and then
 * whether a hold was felt elsewhere. The session goes on meanwhile.
 */
export function useStepQuestions(
  steps: Readonly<Ref<readonly StepView[]>>,
  cue: Readonly<Ref<Cue>>,
  kept: readonly (readonly [number, Telling])[] = [],
) {
  const tellings = shallowRef(new Map<number, Telling>(kept))
  /** The step of which it is asked; null while it is not. */
  const tighter = ref<number | null>(null)
  const felt = ref<number | null>(null)
  const held = new Map<number, Set<'LEFT' | 'RIGHT'>>()
  const asked = new Set<number>()
  const timers = new Set<ReturnType<typeof setTimeout>>()

  const told = (step: number) => tellings.value.get(step) ?? NOTHING_TOLD
  function tell(step: number, changes: Partial<Telling>) {
    tellings.value = new Map(tellings.value).set(step, { ...told(step), ...changes })
  }
  function askFor(question: Ref<number | null>, step: number) {
    question.value = step
    const timer = setTimeout(() => {
      timers.delete(timer)
      if (question.value === step) question.value = null
    }, ASKED_FOR)
    timers.add(timer)
  }
  /** One stretch of a session is asked about, another one every day. */
  const askedToday = () => {
    const places = [...steps.value.keys()].filter((i) => steps.value[i]?.feeling.asksWhere)
    return places[Math.floor(Date.now() / DAY) % places.length]
  }

  watch(cue, (now, before) => {
    const step = steps.value[before.step]
    const side = before.sides
    const holds = before.phase === 'HOLD' && (side === 'LEFT' || side === 'RIGHT')
    const goesOn = now.step === before.step ? now.offsetMillis > before.offsetMillis : true
    if (!step || !holds || !goesOn) return
    const sides = held.get(before.step) ?? new Set()
    const first = sides.size === 0
    held.set(before.step, sides.add(side))
    if (first && before.step === askedToday()) askFor(felt, before.step)
    if (step.feeling.asksTighter && sides.size === 2 && !asked.has(before.step)) {
      asked.add(before.step)
      askFor(tighter, before.step)
    }
  })
  onScopeDispose(() => timers.forEach(clearTimeout))

  return {
    tighter: readonly(tighter),
    felt: readonly(felt),
    told,
    tell,
    kept: () => [...tellings.value],
    sayTighter(side: Telling['tighter']) {
      if (tighter.value === null) return
      tell(tighter.value, { tighter: side })
      tighter.value = null
    },
    /** Opens the question of where it was felt, or closes it. */
    askFelt() {
      if (felt.value !== null) felt.value = null
      else if (steps.value[cue.value.step]?.feeling.asksWhere) felt.value = cue.value.step
    },
    closeFelt: () => (felt.value = null),
  }
}
