import { nextTick, ref, shallowRef, watch, type Ref } from 'vue'
import { api } from '@/api/calls'
import type { CompareView, ComposeView, StepDraft } from '@/api/types'
import type { BenchState } from './useBench'

/** How another version may differ, so that a person notices. */
export const VERSION_KINDS = {
  OTHER: 'other exercises',
  SHORTER: 'shorter steps, more of them',
  LONGER: 'fewer and longer steps',
} as const
export type VersionKind = keyof typeof VERSION_KINDS

/** What is composed, and a second and a third version beside what is on the bench. */
export function useVersions(
  bench: BenchState,
  chosen: Ref<string | null>,
  message: Ref<string>,
  attempt: <T>(what: () => Promise<T>) => Promise<T | null>,
) {
  const { draft } = bench
  const composed = shallowRef<ComposeView | null>(null)
  /** What was composed last for what lies on the bench; nothing once that was kept. */
  const proposed = shallowRef<readonly string[] | null>(null)
  const propose = (steps: readonly StepDraft[]) => {
    proposed.value = [...new Set(steps.map((step) => step.exerciseId))]
  }

  /** Fills the minutes, or what was said of the moment: its purpose and its minutes go with it. */
  async function compose(said: string | null = null) {
    const answer = await attempt(() => api.compose(draft.value, [], null, said))
    if (!answer) return
    composed.value = answer
    if (!answer.composed) {
      message.value = answer.reason
      return
    }
    const { purpose, budgetSeconds, steps } = answer
    bench.change(said ? { purpose, budgetSeconds, steps } : { steps })
    await nextTick()
    propose(steps)
    chosen.value = answer.steps[0]?.key ?? null
  }

  const other = shallowRef<{
    draft: StepDraft[]
    view: CompareView
    name: string
  } | null>(null)
  const earlier = ref<string[][]>([])
  // A version was composed for somebody, something and some minutes; for others it is none.
  watch(
    () => [draft.value.clientId, draft.value.purpose, draft.value.budgetSeconds],
    () => {
      other.value = null
      earlier.value = []
      proposed.value = null
    },
  )
  async function another(kind: VersionKind) {
    const own = draft.value.steps.map((s) => s.exerciseId)
    const lengths = kind === 'OTHER' ? null : kind
    const before = other.value && earlier.value.length ? [other.value.draft] : []
    const from = lengths ? [] : [own, ...before.map((steps) => steps.map((s) => s.exerciseId))]
    const answer = await attempt(() => api.compose(draft.value, from, lengths))
    if (!answer) return
    if (!answer.composed) {
      message.value = answer.reason
      return
    }
    const beside = await attempt(() =>
      api.compare(draft.value, { ...draft.value, steps: answer.steps }),
    )
    if (beside) {
      other.value = {
        draft: answer.steps,
        view: beside,
        name: from.length === 2 ? 'yet other exercises' : VERSION_KINDS[kind],
      }
      earlier.value = from
    }
  }
  function takeOther() {
    if (other.value) {
      bench.change({ steps: other.value.draft })
      propose(other.value.draft)
    }
    other.value = null
  }
  return { composed, proposed, compose, other, earlier, another, takeOther }
}
