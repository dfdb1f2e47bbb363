import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import type { DayBlockView, DayView, PegView, PlanView } from '@/api/types'
import { useLoaded } from '@/api/useLoaded'
import { toMinute } from '@/parts/words'
import { clockOf, withBlockAt, withPlan } from './shown'

/** What is moved, and to which hour. */
export type Move =
  | { readonly kind: 'block'; readonly day: DayView; readonly block: DayBlockView }
  | { readonly kind: 'session'; readonly day: DayView; readonly peg: PegView }

interface Undone {
  readonly text: string
  readonly run: () => Promise<unknown>
}

/**
 * A week with what would be if something moved. While something is held, the server says what gives
 * way; letting go keeps it, and every step can be undone.
 */
export function useWeek(clientId: string, date: Readonly<Ref<string>>) {
  /** Both together, so that a week never shows with the plan of another. */
  const loaded = useLoaded(async () => {
    const [days, plan] = await Promise.all([
      api.week(clientId, date.value),
      api.plan(clientId, date.value),
    ])
    return { days, plan }
  })
  const plan = computed(() => loaded.data.value?.plan ?? null)
  const preview = shallowRef<PlanView | null>(null)
  const held = shallowRef<{ move: Move; hour: number } | null>(null)
  const undos = shallowRef<readonly Undone[]>([])
  const notice = ref('')
  const error = ref('')
  let latest = 0

  const reload = loaded.reload
  watch(date, reload)

  const shown = computed<DayView[]>(() => {
    let week = loaded.data.value?.days ?? []
    const now = preview.value ?? plan.value
    if (now) week = withPlan(week, now)
    if (held.value?.move.kind === 'block') {
      week = withBlockAt(week, held.value.move.block.id, held.value.hour)
    }
    return week
  })
  const told = computed(() => preview.value ?? plan.value)

  /** Shows what would be with something at another hour. */
  async function hold(move: Move, hour: number) {
    held.value = { move, hour }
    const mine = ++latest
    const time = clockOf(hour)
    try {
      const answer = await api.previewPlan(clientId, {
        date: move.day.date,
        pin:
          move.kind === 'session'
            ? {
                lineId: move.peg.lineId ?? '',
                date: move.day.date,
                startsAt: time,
                pinned: true,
                skipped: false,
              }
            : null,
        blockId: move.kind === 'block' ? move.block.id : null,
        startsAt: move.kind === 'block' ? time : null,
        endsAt:
          move.kind === 'block' ? clockOf(hour + move.block.endHour - move.block.startHour) : null,
      })
      if (mine === latest) preview.value = answer
    } catch (e) {
      if (mine === latest) error.value = (e as Error).message
    }
  }

  function letGo() {
    latest++
    held.value = null
    preview.value = null
  }

  async function attempt(what: () => Promise<Undone>) {
    error.value = ''
    notice.value = ''
    try {
      const undone = await what()
      undos.value = [...undos.value, undone]
      notice.value = undone.text
    } catch (e) {
      error.value =
        e instanceof ServerProblem && e.errors[0] ? e.errors[0].message : (e as Error).message
    }
    await reload()
    letGo()
  }

  /** Keeps what is held where it is. */
  async function keep() {
    const now = held.value
    if (!now) return
    const time = clockOf(now.hour)
    if (now.move.kind === 'session') {
      const { peg, day } = now.move
      await pin(day.date, peg, time)
      return
    }
    const { block, day } = now.move
    const form = {
      version: block.version,
      activityId: block.activityId,
      date: day.date,
      startsAt: time,
      endsAt: clockOf(now.hour + block.endHour - block.startHour),
      title: block.title,
      performance: block.performance,
    }
    await attempt(async () => {
      const saved = await api.saveBlock(clientId, block.id, form)
      return {
        text: `${block.title} is ${form.startsAt} to ${form.endsAt} now.`,
        run: () =>
          api.saveBlock(clientId, block.id, {
            ...form,
            version: saved.block.version,
            startsAt: toMinute(block.startsAt),
            endsAt: toMinute(block.endsAt),
          }),
      }
    })
  }

  /** Puts a session somewhere, or leaves it out; the way back is where it was. */
  async function put(
    day: string,
    peg: PegView,
    to: { startsAt: string | null; pinned: boolean; skipped: boolean },
    text: string,
  ) {
    const where = { lineId: peg.lineId ?? '', date: day }
    const before = { startsAt: toMinute(peg.startsAt), pinned: peg.pinned, skipped: false }
    await attempt(async () => {
      await api.pinSession(clientId, { ...where, ...to })
      return { text, run: () => api.pinSession(clientId, { ...where, ...before }) }
    })
  }
  const pin = (day: string, peg: PegView, time: string) =>
    put(day, peg, { startsAt: time, pinned: true, skipped: false }, `Pinned at ${time}.`)
  const release = (day: string, peg: PegView) =>
    put(
      day,
      peg,
      { startsAt: null, pinned: false, skipped: false },
      'It goes where the plan puts it.',
    )
  const skip = (day: string, peg: PegView) =>
    put(day, peg, { startsAt: null, pinned: false, skipped: true }, 'Left out; it is not owed.')

  async function undo() {
    const last = undos.value.at(-1)
    if (!last) return
    undos.value = undos.value.slice(0, -1)
    error.value = ''
    try {
      await last.run()
      notice.value = 'As it was before.'
    } catch (e) {
      error.value = (e as Error).message
    }
    await reload()
  }

  return {
    loaded,
    plan,
    shown,
    told,
    held,
    preview,
    notice,
    error,
    canUndo: computed(() => undos.value.length > 0),
    hold,
    letGo,
    keep,
    pin,
    release,
    skip,
    undo,
    reload,
  }
}
