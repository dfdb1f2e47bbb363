import { computed, ref, watch, type Ref } from 'vue'
import { api } from '@/api/calls'
import type { SidesChoice, StepDraft, Turn } from '@/api/types'
import type { BenchState } from './useBench'

/** The steps on the bench as they are chosen, added, changed and taken out. */
export function useSteps(
  bench: BenchState,
  chosen: Ref<string | null>,
  attempt: <T>(what: () => Promise<T>) => Promise<T | null>,
) {
  const { draft, steps } = bench
  const chosenStep = computed(
    () => steps.value.find((s) => s.draft.key === chosen.value) ?? steps.value[0] ?? null,
  )
  const drawer = ref<'add' | 'swap' | 'lines' | null>(null)

  /** Repairs one finding; all of them where none is named. */
  async function repair(finding: number | null) {
    // What was found is of the draft before the last change, and may not be there any more.
    if (bench.checking.value) return
    const steps = await attempt(() => api.repair(draft.value, finding))
    if (steps) bench.change({ steps })
  }
  async function share(key: string, sides: SidesChoice) {
    const changed = await attempt(() => api.shareSides(draft.value, key, sides))
    if (changed) bench.change({ steps: changed })
  }
  async function turn(key: string, how: Turn) {
    const changed = await attempt(() => api.turnSteps(draft.value, key, how))
    if (changed) bench.change({ steps: changed })
  }
  function longer(key: string, more: boolean) {
    const step = steps.value.find((s) => s.draft.key === key)
    const dose = more ? step?.quantity.more : step?.quantity.less
    if (dose) bench.put(key, { dose, typed: null })
  }
  function remove(key: string) {
    const at = draft.value.steps.findIndex((s) => s.key === key)
    bench.remove(key)
    chosen.value = draft.value.steps[Math.min(at, draft.value.steps.length - 1)]?.key ?? null
  }
  function add(step: StepDraft) {
    const at = draft.value.steps.findIndex((s) => s.key === chosenStep.value?.draft.key)
    if (drawer.value === 'swap' && at >= 0) {
      const changed = [...draft.value.steps]
      changed.splice(at, 1, { ...step, pinned: draft.value.steps[at]?.pinned ?? false })
      bench.change({ steps: changed })
      chosen.value = step.key
      drawer.value = null
      return
    }
    chosen.value = bench.add(step, at < 0 ? draft.value.steps.length : at + 1)
  }
  /** All that is said in one go at the lines is undone as one. */
  let saying = false
  watch(drawer, () => {
    saying = false
  })
  function say(said: StepDraft[]) {
    if (saying) bench.amend({ steps: said })
    else bench.change({ steps: said })
    saying = true
  }
  function addPlay() {
    const step: StepDraft = {
      key: '',
      exerciseId: 'play-easily',
      exerciseVersion: 0,
      dose: '',
      typed: null,
      position: 'AT_INSTRUMENT',
      firstSide: 'LEFT',
      released: true,
      pinned: true,
      circuit: null,
    }
    const at = draft.value.steps.findIndex((s) => s.key === chosenStep.value?.draft.key)
    chosen.value = bench.add(step, at < 0 ? draft.value.steps.length : at + 1)
  }
  return { chosenStep, drawer, repair, share, turn, longer, remove, add, say, addPlay }
}
