import { computed, ref, shallowRef, type Ref } from 'vue'
import { api } from '@/api/calls'
import { sentenceOf } from '@/api/client'
import { queries } from '@/api/queries'
import type { DayBlockView, DayBusyView, DayView, PegView, PinForm, WeekView } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { longDate, toMinute } from '@/parts/words'
import { blockForm } from './blockForm'
import { clockOf } from './shown'

/** What is moved, and to which hour. */
export type Move =
  | { readonly kind: 'block'; readonly day: DayView; readonly block: DayBlockView }
  | { readonly kind: 'session'; readonly day: DayView; readonly peg: PegView }

/** What was done: its words, and the way back. */
interface Undone {
  readonly text: string
  readonly run: () => Promise<unknown>
}

/** What was done, and what to do to have it again. */
interface Step extends Undone {
  readonly what: () => Promise<Undone>
  readonly before: WeekView | undefined
}

const keyOf = (it: { date: string; peg: PegView }) => `${it.date} ${it.peg.lineId}`

/** The free sessions of a week that are still ahead, each with its day. */
const ahead = (week: WeekView | undefined) =>
  (week?.days ?? []).flatMap((day) =>
    day.pegs
      .filter((peg) => peg.lineId !== null && (peg.state === 'PLANNED' || peg.state === 'MOVED'))
      .map((peg) => ({ date: day.date, peg })),
  )

/**
 * A week with what would be if something moved. While something is held, the server says what gives
 * way; letting go keeps it, and every step can be undone.
 */
export function useWeek(clientId: string, date: Readonly<Ref<string>>) {
  const loaded = useAsked(() => queries.week(clientId, date.value))
  const preview = shallowRef<WeekView | null>(null)
  const held = shallowRef<{ move: Move; hour: number; date: string } | null>(null)
  const undos = shallowRef<readonly Step[]>([])
  const redos = shallowRef<readonly Step[]>([])
  const notice = ref('')
  const error = ref('')
  let latest = 0

  const week = computed(() => preview.value ?? loaded.data.value)
  const shown = computed<readonly DayView[]>(() => week.value?.days ?? [])
  const plan = computed(() => week.value?.plan ?? null)

  /** Shows what would be with something at another hour, perhaps on another day. */
  async function hold(move: Move, hour: number, date = move.day.date) {
    held.value = { move, hour, date }
    const mine = ++latest
    const time = clockOf(hour)
    try {
      const answer = await api.previewWeek(clientId, {
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

  async function take(what: () => Promise<Undone>) {
    error.value = ''
    notice.value = ''
    const before = loaded.data.value
    try {
      const undone = await what()
      undos.value = [...undos.value, { ...undone, what, before }]
      notice.value = undone.text
    } catch (e) {
      error.value = sentenceOf(e)
    }
    await loaded.reload()
    letGo()
  }

  /** Does something that can be undone; the week that is answered is shown at once. */
  async function attempt(what: () => Promise<Undone>) {
    redos.value = []
    await take(what)
  }

  /** The version that a block has by now, after what was done and undone since. */
  const versionOf = (id: string) =>
    loaded.data.value?.days.flatMap((d) => d.blocks).find((b) => b.id === id)?.version ?? 0

  /** Keeps what is held where it is. */
  async function keep() {
    const now = held.value
    if (!now) return
    // What is still asked would be answered from the week as it is after this.
    latest++
    const time = clockOf(now.hour)
    if (now.move.kind === 'session') {
      const { peg, day } = now.move
      await (now.date === day.date
        ? pin(day.date, peg, time)
        : pinOn(day.date, now.date, peg, time))
      return
    }
    const { block, day } = now.move
    const asShown = blockForm(block, now.date)
    await attempt(async () => {
      const form = {
        ...asShown,
        version: Math.max(asShown.version, versionOf(block.id)),
        startsAt: time,
        endsAt: clockOf(now.hour + block.endHour - block.startHour),
      }
      const saved = await api.saveBlock(clientId, block.id, form)
      return {
        text: `${block.title} is ${now.date === day.date ? '' : `on ${longDate(now.date)}, `}${form.startsAt} to ${form.endsAt} now.`,
        run: () =>
          api.saveBlock(clientId, block.id, {
            ...form,
            version: Math.max(saved.block.version, versionOf(block.id)),
            date: day.date,
            startsAt: toMinute(block.startsAt),
            endsAt: toMinute(block.endsAt),
          }),
      }
    })
  }

  /** Puts sessions somewhere, or leaves them out, in one go; the way back is where they were. */
  const put = (day: string, to: readonly PinForm[], back: readonly PinForm[], text: string) =>
    attempt(async () => {
      loaded.set(await api.pinSessions(clientId, day, to))
      return { text, run: () => api.pinSessions(clientId, day, back) }
    })
  const where = (date: string, peg: PegView) => ({ lineId: peg.lineId ?? '', date })
  const asItWas = (date: string, peg: PegView): PinForm => ({
    ...where(date, peg),
    startsAt: toMinute(peg.startsAt),
    pinned: peg.pinned,
    skipped: false,
  })
  const there = (date: string, peg: PegView, startsAt: string): PinForm => ({
    ...where(date, peg),
    startsAt,
    pinned: true,
    skipped: false,
  })
  const toThePlan = (date: string, peg: PegView): PinForm => ({
    ...where(date, peg),
    startsAt: null,
    pinned: false,
    skipped: false,
  })
  const leftOut = (date: string, peg: PegView): PinForm => ({
    ...toThePlan(date, peg),
    skipped: true,
  })

  const pin = (day: string, peg: PegView, time: string) =>
    put(day, [there(day, peg, time)], [asItWas(day, peg)], `Pinned at ${time}.`)
  /** Puts a session on another day; on its own day it is not owed any more. */
  const pinOn = (from: string, to: string, peg: PegView, time: string) =>
    put(
      from,
      [leftOut(from, peg), there(to, peg, time)],
      [toThePlan(to, peg), asItWas(from, peg)],
      `Pinned on ${longDate(to)} at ${time}.`,
    )
  const release = (day: string, peg: PegView) =>
    put(day, [toThePlan(day, peg)], [asItWas(day, peg)], 'It goes where the plan puts it.')
  const skip = (day: string, peg: PegView) =>
    put(day, [leftOut(day, peg)], [asItWas(day, peg)], 'Left out; it is not owed.')

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

  /** What gave way to a step goes back as well, each session to where it was before. */
  async function putBack(before: WeekView | undefined) {
    const now = new Map(ahead(loaded.data.value).map((it) => [keyOf(it), it.peg.startsAt]))
    const elsewhere = ahead(before).filter((it) => now.get(keyOf(it)) !== it.peg.startsAt)
    const first = elsewhere[0]
    if (!first) return
    loaded.set(
      await api.pinSessions(
        clientId,
        first.date,
        elsewhere.map((it) => asItWas(it.date, it.peg)),
      ),
    )
  }

  async function undo() {
    const last = undos.value.at(-1)
    if (!last) return
    undos.value = undos.value.slice(0, -1)
    error.value = ''
    try {
      await last.run()
      await loaded.reload()
      await putBack(last.before)
      redos.value = [...redos.value, last]
      notice.value = 'As it was before.'
    } catch (e) {
      error.value = sentenceOf(e)
    }
    await loaded.reload()
  }

  async function redo() {
    const next = redos.value.at(-1)
    if (!next) return
    redos.value = redos.value.slice(0, -1)
    await take(next.what)
  }

  return {
    loaded,
    plan,
    shown,
    held,
    preview,
    notice,
    error,
    canUndo: computed(() => undos.value.length > 0),
    canRedo: computed(() => redos.value.length > 0),
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
    redo,
    reload: loaded.reload,
  }
}

export type WeekState = ReturnType<typeof useWeek>
