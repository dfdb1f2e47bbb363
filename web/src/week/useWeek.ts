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
  const days = useLoaded(() => api.week(clientId, date.value))
  const plan = useLoaded(() => api.plan(clientId, date.value))
  const preview = shallowRef<PlanView | null>(null)
  const held = shallowRef<{ move: Move; hour: number } | null>(null)
  const undos = shallowRef<readonly Undone[]>([])
  const notice = ref('')
  const error = ref('')
  let latest = 0

  async function reload() {
    await Promise.all([days.reload(), plan.reload()])
  }
  watch(date, reload)

  const shown = computed<DayView[]>(() => {
    let week = days.data.value ?? []
    const now = preview.value ?? plan.data.value
    if (now) week = withPlan(week, now)
    if (held.value?.move.kind === 'block') {
      week = withBlockAt(week, held.value.move.block.id, held.value.hour)
    }
    return week
  })
  const told = computed(() => preview.value ?? plan.data.value ?? null)

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

  /** Pins a session at a time of its day. */
  async function pin(day: string, peg: PegView, time: string) {
    const lineId = peg.lineId ?? ''
    const before = peg.pinned ? toMinute(peg.startsAt) : null
    await attempt(async () => {
      await api.pinSession(clientId, { lineId, date: day, startsAt: time, skipped: false })
      return {
        text: `Pinned at ${time}.`,
        run: () =>
          api.pinSession(clientId, { lineId, date: day, startsAt: before, skipped: false }),
      }
    })
  }

  async function release(day: string, peg: PegView) {
    const lineId = peg.lineId ?? ''
    const before = toMinute(peg.startsAt)
    await attempt(async () => {
      await api.pinSession(clientId, { lineId, date: day, startsAt: null, skipped: false })
      return {
        text: 'It goes where the plan puts it.',
        run: () =>
          api.pinSession(clientId, { lineId, date: day, startsAt: before, skipped: false }),
      }
    })
  }

  async function skip(day: string, peg: PegView) {
    const lineId = peg.lineId ?? ''
    const before = peg.pinned ? toMinute(peg.startsAt) : null
    await attempt(async () => {
      await api.pinSession(clientId, { lineId, date: day, startsAt: null, skipped: true })
      return {
        text: 'Skipped; it is not owed.',
        run: () =>
          api.pinSession(clientId, { lineId, date: day, startsAt: before, skipped: false }),
      }
    })
  }

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
    days,
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
