import { computed, ref, shallowRef, type Ref } from 'vue'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import type {
  CompareView,
  RoutineSummary,
  StepDraft,
  StoredRoutine,
  TemplateView,
} from '@/api/types'
import { emptyDraft } from '@/parts/emptyDraft'
import { emptyWork, type BenchState } from './useBench'

/** Routines kept, opened and begun; who saves second sees both versions and loses nothing. */
export function useKeeping(
  bench: BenchState,
  page: {
    chosen: Ref<string | null>
    title: Ref<string>
    message: Ref<string>
    notice: Ref<string>
    busy: Ref<boolean>
    clientName: () => string | undefined
    attempt: <T>(what: () => Promise<T>) => Promise<T | null>
    saved: () => void
    /** What had been composed, so that it can be seen what was taken out of it. */
    proposed: Ref<readonly string[] | null>
  },
) {
  const { draft, view, steps, work } = bench
  const { chosen, title, message, notice, busy, clientName, attempt } = page

  const saving = ref(false)
  const saveTitle = ref('')
  const conflict = shallowRef<{
    theirs: StoredRoutine
    view: CompareView
  } | null>(null)
  function openSave() {
    saveTitle.value = work.value.title || title.value
    saving.value = true
  }
  const form = (version: number) => ({
    version,
    clientId: draft.value.clientId,
    title: saveTitle.value,
    purpose: draft.value.purpose,
    budgetSeconds: draft.value.budgetSeconds,
    steps: draft.value.steps,
    composed: page.proposed.value ? [...page.proposed.value] : null,
  })
  /** Steps as they are stored carry their dose; what was typed has become one. */
  function settled(): StepDraft[] {
    return steps.value.map((s) => {
      const known = view.value?.steps.find((v) => v.draft.key === s.draft.key)
      return { ...s.draft, dose: known?.draft.dose ?? s.draft.dose, typed: null }
    })
  }
  async function save(asNew: boolean) {
    message.value = ''
    const body = { ...form(asNew ? 0 : work.value.version), steps: settled() }
    busy.value = true
    try {
      const before = work.value.routineId
      const stored =
        asNew || !work.value.routineId
          ? await api.createRoutine(body)
          : await api.saveRoutine(work.value.routineId, body)
      bench.stored(stored.id, stored.version, stored.title)
      saving.value = false
      conflict.value = null
      const copied = before !== null && stored.id !== before && !asNew
      notice.value = copied
        ? `Saved as a copy for ${clientName() ?? 'everybody'}; the other one is as it was`
        : `Saved as version ${stored.version}`
      page.proposed.value = null
      page.saved()
    } catch (e) {
      if (e instanceof ServerProblem && e.status === 409 && e.current) {
        const theirs = e.current as StoredRoutine
        const beside = await api.compare(draft.value, {
          ...draft.value,
          purpose: theirs.purpose,
          budgetSeconds: theirs.budgetSeconds,
          steps: theirs.steps,
        })
        conflict.value = { theirs, view: beside }
        saving.value = false
      } else message.value = (e as Error).message
    } finally {
      busy.value = false
    }
  }
  async function keepMine() {
    const theirs = conflict.value?.theirs
    if (!theirs) return
    bench.stored(theirs.id, theirs.version, work.value.title)
    conflict.value = null
    await save(false)
  }
  function takeTheirs() {
    const theirs = conflict.value?.theirs
    if (!theirs) return
    open(theirs)
    conflict.value = null
  }
  function open(stored: StoredRoutine) {
    page.proposed.value = null
    bench.replace({
      draft: {
        ...emptyDraft(),
        clientId: stored.clientId,
        purpose: stored.purpose,
        budgetSeconds: stored.budgetSeconds,
        steps: stored.steps,
      },
      title: stored.title,
      routineId: stored.id,
      owner: stored.clientId,
      version: stored.version,
    })
    chosen.value = stored.steps[0]?.key ?? null
  }
  async function openStored(summary: RoutineSummary) {
    const stored = await attempt(() => api.routine(summary.id))
    if (stored) open(stored)
  }
  function openTemplate(template: TemplateView) {
    page.proposed.value = null
    bench.replace({
      draft: {
        ...draft.value,
        discipline: draft.value.clientId ? null : template.discipline,
        activityId: null,
        purpose: template.purpose,
        budgetSeconds: template.seconds,
        warmed: template.warmed,
        steps: template.steps,
      },
      title: template.title,
      routineId: null,
      owner: null,
      version: 0,
    })
    chosen.value = template.steps[0]?.key ?? null
  }
  function begin() {
    page.proposed.value = null
    bench.replace({ ...emptyWork(), draft: { ...emptyDraft(), clientId: draft.value.clientId } })
    chosen.value = null
  }
  const saveWord = computed(() => {
    if (work.value.routineId && work.value.owner !== draft.value.clientId)
      return `Save a copy for ${clientName() ?? 'everybody'}`
    if (work.value.routineId) return `Save version ${work.value.version + 1}`
    return draft.value.clientId ? `Save for ${clientName() ?? 'the client'}` : 'Save as my template'
  })
  return {
    saving,
    saveTitle,
    saveWord,
    conflict,
    openSave,
    save,
    keepMine,
    takeTheirs,
    open,
    openStored,
    openTemplate,
    begin,
  }
}
