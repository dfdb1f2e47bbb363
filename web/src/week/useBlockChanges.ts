import { computed, ref, watch } from 'vue'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import type { ActivityForm, BlockForm, BlockView, DayBlockView, SeriesView } from '@/api/types'
import { useClientPage } from '@/parts/clientPage'
import { toMinute } from '@/parts/words'
import { blockForm } from './blockForm'
import { once, ruleOf, seriesWords, type Repeat } from './repeat'

/** The blocks of the day as they are changed: each change undone with one touch, none lost. */
export function useBlockChanges(clientId: () => string, activities: () => readonly ActivityForm[]) {
  const { day, reloadAll, chosenBlock } = useClientPage()
  const blocks = computed(() => day.data.value?.blocks ?? [])
  const form = ref<BlockForm | null>(null)
  const editing = ref<string | null>(null)
  const problems = ref<readonly FieldProblem[]>([])
  const message = ref('')
  const busy = ref(false)
  const notice = ref('')
  const undo = ref<{ text: string; run: () => Promise<unknown> } | null>(null)
  const conflict = ref<BlockView | null>(null)
  const repeat = ref<Repeat>(once())
  /** How the series comes round now; what is chosen otherwise counts from this block on. */
  const rule = ref('')
  const otherDays = computed(
    () => repeats.value && repeat.value.days.length > 0 && ruleOf(repeat.value) !== rule.value,
  )
  const repeats = computed(() => blocks.value.find((b) => b.id === editing.value)?.repeats ?? false)

  const asForm = (block: DayBlockView) => blockForm(block, day.data.value?.date ?? '')

  function edit(block: DayBlockView) {
    editing.value = block.id
    form.value = asForm(block)
    problems.value = []
    message.value = ''
    conflict.value = null
    if (block.repeats) void askRule(block.id)
  }
  async function askRule(id: string) {
    repeat.value = once()
    const { days, weeks, until } = await api.repetition(clientId(), id)
    if (editing.value !== id) return
    repeat.value = { days, every: weeks, until: until ?? '' }
    rule.value = ruleOf(repeat.value)
  }
  function add() {
    repeat.value = once()
    const first = activities()[0]
    if (!first?.id) return
    editing.value = null
    problems.value = []
    message.value = ''
    conflict.value = null
    form.value = {
      version: 0,
      activityId: first.id,
      date: day.data.value?.date ?? '',
      startsAt: '18:00',
      endsAt: '19:00',
      title: first.title,
      performance: false,
      parts: [],
    }
  }
  function close() {
    form.value = null
    editing.value = null
    chosenBlock.value = null
  }
  watch(
    [chosenBlock, () => day.data.value?.date],
    () => {
      const block = blocks.value.find((b) => b.id === chosenBlock.value)
      if (block) edit(block)
    },
    { immediate: true },
  )

  async function attempt(work: () => Promise<void>) {
    busy.value = true
    problems.value = []
    message.value = ''
    notice.value = ''
    try {
      await work()
      await reloadAll()
    } catch (e) {
      if (e instanceof ServerProblem && e.status === 409 && e.current) {
        conflict.value = e.current as BlockView
        message.value = 'Somebody else changed this block meanwhile.'
      } else {
        if (e instanceof ServerProblem) problems.value = e.errors
        message.value = problems.value.length ? '' : (e as Error).message
      }
    } finally {
      busy.value = false
    }
  }

  const save = () =>
    attempt(async () => {
      const wanted = form.value
      if (!wanted) return
      const id = editing.value
      const before = blocks.value.find((b) => b.id === id)
      if (id && before) {
        const old = asForm(before)
        const now = await api.saveBlock(clientId(), id, wanted)
        undo.value = {
          text: `${now.block.title} is ${toMinute(now.block.startsAt)} to ${toMinute(now.block.endsAt)} now.`,
          run: () => api.saveBlock(clientId(), id, { ...old, version: now.block.version }),
        }
      } else if (repeat.value.days.length) {
        const made = await api.createSeries(clientId(), wanted, ruleOf(repeat.value))
        undo.value = null
        notice.value = seriesWords(wanted.title, made)
      } else {
        const made = await api.createBlock(clientId(), wanted)
        undo.value = {
          text: `${made.block.title} is in the day.`,
          run: () => api.deleteBlock(clientId(), made.id),
        }
      }
      close()
    })

  /** This block and those after it in its series, saved or taken out. */
  const saveFollowing = () =>
    attempt(async () => {
      const id = editing.value
      if (!id || !form.value) return
      const made = otherDays.value
        ? await api.changeDays(clientId(), id, form.value, ruleOf(repeat.value))
        : await api.saveFollowing(clientId(), id, form.value)
      undo.value = {
        text: seriesWords(form.value.title, made),
        run: () => restore(made),
      }
      close()
    })
  const removeFollowing = () =>
    attempt(async () => {
      if (!editing.value) return
      const removed = await api.deleteFollowing(clientId(), editing.value)
      undo.value = {
        text: 'This one and those after it are out.',
        run: () => restore(removed),
      }
      close()
    })
  const restore = (done: SeriesView) => api.restoreBlocks(clientId(), done)

  const remove = () =>
    attempt(async () => {
      const before = blocks.value.find((b) => b.id === editing.value)
      if (!before) return
      const old = asForm(before)
      await api.deleteBlock(clientId(), before.id)
      undo.value = {
        text: `${before.title} is out of the day.`,
        run: () => api.createBlock(clientId(), { ...old, version: 0 }),
      }
      close()
    })

  const takeBack = () =>
    attempt(async () => {
      await undo.value?.run()
      undo.value = null
    })

  function keepMine() {
    if (form.value && conflict.value) form.value.version = conflict.value.block.version
    conflict.value = null
    void save()
  }
  function takeTheirs() {
    close()
    conflict.value = null
    void reloadAll()
  }
  return {
    day,
    blocks,
    form,
    editing,
    problems,
    message,
    busy,
    notice,
    undo,
    conflict,
    repeat,
    repeats,
    otherDays,
    edit,
    add,
    close,
    save,
    saveFollowing,
    remove,
    removeFollowing,
    takeBack,
    keepMine,
    takeTheirs,
  }
}
