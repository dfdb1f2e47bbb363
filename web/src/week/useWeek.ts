import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import type { DayBlockView, DayBusyView, DayView, PegView, PlanView } from '@/api/types'
import { useLoaded } from '@/api/useLoaded'
import { isAbout, useChanges } from '@/parts/useChanges'
import { longDate, toMinute } from '@/parts/words'
import { blockForm } from '@/views/blockForm'
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
  const held = shallowRef<{ move: Move; hour: number; date: string } | null>(null)
  const undos = shallowRef<readonly Undone[]>([])
  const notice = ref('')
  const error = ref('')
  let latest = 0

  const reload = loaded.reload
  watch(date, reload)
  useChanges((changed) => {
    if (isAbout(changed, clientId)) void reload()
  })

  const shown = computed<DayView[]>(() => {
    let week = loaded.data.value?.days ?? []
    const now = preview.value ?? plan.value
    if (now) week = withPlan(week, now)
    if (held.value?.move.kind === 'block') {
      week = withBlockAt(week, held.value.move.block.id, held.value.hour, held.value.date)
    }
    return week
  })
  const told = computed(() => preview.value ?? plan.value)

  /** Shows what would be with something at another hour, perhaps on another day. */
  async function hold(move: Move, hour: number, date = move.day.date) {
    held.value = { move, hour, date }
    const mine = ++latest
    const time = clockOf(hour)
    try {
      const answer = await api.previewPlan(clientId, {
        date: move.day.date,
        pin:
          move.kind === 'session'
            ? {
                lineId: move.peg.lineId ?? '',
                date,
                startsAt: time,
                pinned: true,
                skipped: false,
              }
            : null,
        blockId: move.kind === 'block' ? move.block.id : null,
        toDate: move.kind === 'block' ? date : null,
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
      await (now.date === day.date
        ? pin(day.date, peg, time)
        : pinOn(day.date, now.date, peg, time))
      return
    }
    const { block, day } = now.move
    const form = {
      ...blockForm(block, now.date),
      startsAt: time,
      endsAt: clockOf(now.hour + block.endHour - block.startHour),
    }
    await attempt(async () => {
      const saved = await api.saveBlock(clientId, block.id, form)
      return {
        text: `${block.title} is ${now.date === day.date ? '' : `on ${longDate(now.date)}, `}${form.startsAt} to ${form.endsAt} now.`,
        run: () =>
          api.saveBlock(clientId, block.id, {
            ...form,
            version: saved.block.version,
            date: day.date,
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
  /** Puts a session on another day; on its own day it is not owed any more. */
  async function pinOn(from: string, to: string, peg: PegView, time: string) {
    const lineId = peg.lineId ?? ''
    const there = { lineId, date: to, startsAt: time, pinned: true, skipped: false }
    const away = { lineId, date: from, startsAt: null, pinned: false, skipped: true }
    await attempt(async () => {
      await api.pinSession(clientId, away)
      await api.pinSession(clientId, there)
      return {
        text: `Pinned on ${longDate(to)} at ${time}.`,
        run: async () => {
          await api.pinSession(clientId, { ...there, startsAt: null, pinned: false })
          await api.pinSession(clientId, {
            ...away,
            startsAt: toMinute(peg.startsAt),
            pinned: peg.pinned,
            skipped: false,
          })
        },
      }
    })
  }

  /** Puts what was typed into the days. */
  const write = (text: string) =>
    attempt(async () => {
      const made = await api.writeSentence(clientId, text)
      return {
        text: `${made.words}.`,
        run: () =>
          made.blockIds[0]
            ? api.deleteFollowing(clientId, made.blockIds[0])
            : Promise.all(made.busyIds.map((id) => api.deleteBusyTime(clientId, id))),
      }
    })

  /** Puts what was drawn into a day: a block of an activity, or a busy time without one. */
  const draw = (
    where: { date: string; startsAt: string; endsAt: string },
    activity: { id: string; title: string } | null,
  ) =>
    attempt(async () => {
      if (!activity) {
        const made = await api.createBusyTime(clientId, where)
        return { text: 'Busy then.', run: () => api.deleteBusyTime(clientId, made.id) }
      }
      const made = await api.createBlock(clientId, {
        ...where,
        version: 0,
        activityId: activity.id,
        title: activity.title,
        performance: false,
        parts: [],
      })
      return {
        text: `${made.block.title} is in the day.`,
        run: () => api.deleteBlock(clientId, made.id),
      }
    })

  const takeOutBusy = (date: string, busy: DayBusyView) =>
    attempt(async () => {
      await api.deleteBusyTime(clientId, busy.id)
      return {
        text: 'No longer busy then.',
        run: () =>
          api.createBusyTime(clientId, {
            date,
            startsAt: toMinute(busy.startsAt),
            endsAt: toMinute(busy.endsAt),
          }),
      }
    })

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
    write,
    draw,
    takeOutBusy,
    undo,
    reload,
  }
}
