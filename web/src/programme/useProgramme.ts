import { computed, ref, watch } from 'vue'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { ObligationForm, ProgrammeForm } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { useAttempt } from '@/api/useAttempt'
import { copy, same } from '@/form/forms'
import { useClientPage } from '@/parts/clientPage'

/** An obligation that is being written; the key of a stored one is its identifier. */
export interface Line {
  readonly key: string
  obligation: ObligationForm
}

/** The programme of a client as it is kept and as it is being written. */
export function useProgramme(clientId: string) {
  const { reloadAll } = useClientPage()
  const current = useAsked(() => queries.programme(clientId))
  const choices = useAsked(() => queries.programmeChoices(clientId))
  const days = useAsked(() => queries.programmeDays(clientId))
  const { busy, message, problems, attempt } = useAttempt()

  const facts = ref<Omit<ProgrammeForm, 'obligations'> | null>(null)
  const lines = ref<Line[]>([])
  const notice = ref('')
  /** Which obligation is open. */
  const open = ref<string | null>(null)
  const stored = computed(() => current.data.value?.[0] ?? null)
  const form = computed<ProgrammeForm | null>(() =>
    facts.value
      ? { ...facts.value, obligations: lines.value.map(({ obligation }) => obligation) }
      : null,
  )
  let shown: ProgrammeForm | null = null
  const dirty = computed(() => !same(form.value, stored.value?.programme ?? null))

  let counted = 0
  const newKey = () => `new ${++counted}`
  function show(programme: ProgrammeForm | null, keys: readonly string[]) {
    const own = copy(programme)
    facts.value = own
    lines.value = (own?.obligations ?? []).map((obligation, i) => ({
      key: keys[i] ?? newKey(),
      obligation,
    }))
    if (!lines.value.some((line) => line.key === open.value)) open.value = null
  }
  function putBack() {
    shown = copy(stored.value?.programme ?? null)
    show(
      shown,
      (stored.value?.obligations ?? []).map((one) => one.id),
    )
  }
  watch(
    stored,
    () => {
      // What is being typed stays when the page hears of a change elsewhere.
      if (same(form.value, shown)) putBack()
    },
    { immediate: true },
  )

  function take(ready: ProgrammeForm) {
    notice.value = ''
    show(ready, [])
  }
  function add() {
    if (!choices.data.value) return
    const key = newKey()
    lines.value.push({ key, obligation: copy(choices.data.value.another) })
    open.value = key
  }
  function takeOut(key: string) {
    lines.value = lines.value.filter((line) => line.key !== key)
    open.value = null
  }

  async function change(what: () => Promise<string>) {
    notice.value = ''
    return attempt(async () => {
      notice.value = await what()
      await Promise.all([current.reload(), choices.reload(), days.reload(), reloadAll()])
      putBack()
    })
  }
  async function save() {
    const written = form.value
    if (!written) return
    const done = await change(async () => {
      await api.saveProgramme(clientId, written)
      return 'Placed in the weeks.'
    })
    // The first that was refused is opened, so that what is wrong can be put right.
    const wrong = /^obligations\[(\d+)\]/.exec(problems.value[0]?.field ?? '')?.[1]
    if (!done && wrong) open.value = lines.value[Number(wrong)]?.key ?? null
  }
  const end = () =>
    change(async () => {
      await api.endProgramme(clientId)
      return 'Ended. What was done stays in the log.'
    })
  const wrongOf = (line: Line) =>
    problems.value
      .filter(({ field }) => field.startsWith(`obligations[${lines.value.indexOf(line)}].`))
      .map((problem) => problem.message)
  /** Where a stored obligation stands, as long as it is not written anew. */
  const dayOf = (line: Line) =>
    days.data.value?.obligations.find((day) => day.obligationId === line.key)

  return {
    add,
    busy,
    choices,
    current,
    dayOf,
    days,
    dirty,
    end,
    facts,
    lines,
    message,
    notice,
    open,
    problems,
    putBack,
    save,
    stored,
    take,
    takeOut,
    wrongOf,
  }
}
