import { ref, shallowRef, watch, type Ref } from 'vue'
import { api } from '@/api/calls'
import type { CompareView, ComposeView, StepDraft } from '@/api/types'
import type { BenchState } from './useBench'

/** What is composed, and a second and a third version beside what is on the bench. */
export function useVersions(
  bench: BenchState,
  chosen: Ref<string | null>,
  message: Ref<string>,
  attempt: <T>(what: () => Promise<T>) => Promise<T | null>,
) {
  const { draft } = bench
  const composed = shallowRef<ComposeView | null>(null)

  async function compose() {
    const answer = await attempt(() => api.compose(draft.value, []))
    if (!answer) return
    composed.value = answer
    if (!answer.composed) {
      message.value = answer.reason
      return
    }
    bench.change({ steps: answer.steps })
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
    },
  )
  async function another() {
    const own = draft.value.steps.map((s) => s.exerciseId)
    const from = other.value ? [own, other.value.draft.map((s) => s.exerciseId)].slice(0, 2) : [own]
    const answer = await attempt(() => api.compose(draft.value, from))
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
        name: from.length === 1 ? 'second best' : 'third best',
      }
      earlier.value = from
    }
  }
  function takeOther() {
    if (other.value) bench.change({ steps: other.value.draft })
    other.value = null
  }
  return { composed, compose, other, earlier, another, takeOther }
}
