import { replaceEqualDeep } from '@tanstack/vue-query'
import { useDebounceFn, useEventListener } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api } from '@/api/calls'
import type { BenchStep, CheckView, Draft, StepDraft } from '@/api/types'
import { emptyDraft } from '@/parts/emptyDraft'
import { account } from '@/stores/account'

/** What the bench works on, apart from the draft: which stored routine it is. */
export interface BenchWork {
  readonly draft: Draft
  readonly title: string
  readonly routineId: string | null
  /** For whom that one is stored; saved under another client it becomes a copy. */
  readonly owner: string | null
  /** The version it was changed from; 0 while it is nowhere stored. */
  readonly version: number
}

/** What lies on the bench of one account is nothing for the next one at the same screen. */
const place = () => `nimblet-bench-2 ${account.me.value?.accountId ?? ''}`

export const emptyWork = (): BenchWork => ({
  draft: emptyDraft(),
  title: '',
  routineId: null,
  owner: null,
  version: 0,
})

/** What was on the bench, with what was before and what was taken back. */
interface Kept {
  readonly work: BenchWork
  readonly past: readonly BenchWork[]
  readonly future: readonly BenchWork[]
}

/** What can wait does so until nothing has changed for so many milliseconds. */
const REST = 250

/** So many steps back are kept over a look elsewhere. */
const KEPT_STEPS = 50

/** What is on the bench and not written down yet: writing takes as long as drawing a change does. */
let unwritten: { readonly at: string; readonly what: Kept } | null = null

function write() {
  if (unwritten) sessionStorage.setItem(unwritten.at, JSON.stringify(unwritten.what))
  unwritten = null
}

/** What was on the bench when the page was left, so that nothing is lost by looking elsewhere. */
function kept(): Kept {
  write()
  const nothing = { work: emptyWork(), past: [], future: [] }
  try {
    const text = sessionStorage.getItem(place())
    return text ? { ...nothing, ...(JSON.parse(text) as Kept) } : nothing
  } catch {
    return nothing
  }
}

/** The draft that lies on the bench, for the player. */
export const keptDraft = (): Draft => kept().work.draft

export const newKey = () => `new-${crypto.randomUUID()}`

/**
 * The draft with undo and redo without end. Every change is checked by the server; the newest answer
 * wins, and until it comes the steps are shown as they were last known.
 */
export function useBench() {
  const before = kept()
  const work = shallowRef<BenchWork>(before.work)
  const past = shallowRef(before.past)
  const future = shallowRef(before.future)
  const view = shallowRef<CheckView | null>(null)
  const known = new Map<string, BenchStep>()
  const repairs = shallowRef<readonly string[]>([])
  const error = ref('')
  const checking = ref(false)
  let latest = 0

  const draft = computed(() => work.value.draft)

  async function check() {
    const mine = ++latest
    checking.value = true
    try {
      const answer = await api.check(draft.value)
      if (mine !== latest) return
      // What did not change stays the same thing, so that only the rest is drawn again.
      view.value = replaceEqualDeep(view.value, answer)
      view.value.steps.forEach((step) => known.set(step.draft.key, step))
      repairs.value = []
      if (view.value.findings.length) void askRepairs()
      error.value = ''
    } catch (e) {
      if (mine === latest) error.value = (e as Error).message
    } finally {
      if (mine === latest) checking.value = false
    }
  }

  const askRepairs = useDebounceFn(async () => {
    if (!view.value?.findings.length) return
    const mine = latest
    const words = await api.repairs(draft.value).catch(() => [])
    if (mine === latest) repairs.value = words
  }, REST)

  const writeSoon = useDebounceFn(write, REST)
  useEventListener('pagehide', write)

  function set(next: BenchWork) {
    work.value = next
    void check()
    unwritten = {
      at: place(),
      what: {
        work: next,
        past: past.value.slice(-KEPT_STEPS),
        future: future.value.slice(0, KEPT_STEPS),
      },
    }
    void writeSoon()
  }
  /** Changes the draft; the change can be undone. */
  function change(changed: Partial<Draft>) {
    replace({ ...work.value, draft: { ...draft.value, ...changed } })
  }
  function replace(next: BenchWork) {
    past.value = [...past.value, work.value]
    future.value = []
    set(next)
  }
  /** Changes the draft as part of the change before it: both are undone as one. */
  function amend(changed: Partial<Draft>) {
    future.value = []
    set({ ...work.value, draft: { ...draft.value, ...changed } })
  }
  /** Notes where it is stored, without a step to undo. */
  function stored(routineId: string, version: number, title: string) {
    set({ ...work.value, routineId, owner: draft.value.clientId, version, title })
  }
  function undo() {
    const before = past.value.at(-1)
    if (!before) return
    past.value = past.value.slice(0, -1)
    future.value = [work.value, ...future.value]
    set(before)
  }
  function redo() {
    const after = future.value[0]
    if (!after) return
    future.value = future.value.slice(1)
    past.value = [...past.value, work.value]
    set(after)
  }

  /** The steps in the order of the draft, each as the server last described it. */
  const steps = computed<BenchStep[]>((before) => {
    void view.value
    const now = draft.value.steps.flatMap((step) => {
      const last = known.get(step.key)
      return last ? [{ ...last, draft: step }] : []
    })
    return replaceEqualDeep(before, now)
  })

  function put(key: string, changed: Partial<StepDraft>) {
    change({
      steps: draft.value.steps.map((step) => (step.key === key ? { ...step, ...changed } : step)),
    })
  }
  function move(key: string, to: number) {
    const steps = [...draft.value.steps]
    const from = steps.findIndex((step) => step.key === key)
    const [step] = steps.splice(from, 1)
    if (!step || from === to) return
    steps.splice(to, 0, step)
    change({ steps })
  }
  function remove(key: string) {
    change({ steps: draft.value.steps.filter((step) => step.key !== key) })
  }
  function duplicate(key: string) {
    const at = draft.value.steps.findIndex((step) => step.key === key)
    const step = draft.value.steps[at]
    if (!step) return
    const steps = [...draft.value.steps]
    steps.splice(at + 1, 0, { ...step, key: newKey(), pinned: false })
    change({ steps })
  }
  function add(step: StepDraft, at = draft.value.steps.length) {
    const steps = [...draft.value.steps]
    steps.splice(at, 0, { ...step, key: newKey() })
    change({ steps })
    return steps[at]?.key ?? null
  }

  watch(
    () => draft.value.clientId,
    () => known.clear(),
    { flush: 'sync' },
  )
  void check()

  return {
    work,
    draft,
    view,
    repairs,
    steps,
    error,
    checking,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    change,
    amend,
    replace,
    stored,
    undo,
    redo,
    put,
    move,
    remove,
    duplicate,
    add,
  }
}

export type BenchState = ReturnType<typeof useBench>
