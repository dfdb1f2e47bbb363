import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref, type EffectScope } from 'vue'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import type { WeekView } from '@/api/types'
import { aBlock, aDay, aPeg, aWeek } from './samples'
import { useWeek } from './useWeek'

const peg = aPeg()
const block = aBlock()
const monday = aDay({ pegs: [peg], planned: 1 })
const would = (moves: string[] = [], day = monday) => aWeek([day], { moves })
/** The day with the block at noon, as the server answers it. */
const atNoon = aDay({
  pegs: [peg],
  blocks: [aBlock({ startsAt: '12:00:00', startHour: 12, endHour: 13.5 })],
})

/** What one call asked for. */
const inOneCall = (pin: { mock: { calls: Parameters<typeof api.pinSessions>[] } }) => {
  expect(pin.mock.calls).toHaveLength(1)
  return pin.mock.calls[0]?.[2].map((form) => [form.date, form.startsAt, form.skipped])
}

describe('the week', () => {
  let scope: EffectScope
  beforeEach(() => {
    scope = effectScope()
    vi.spyOn(api, 'week').mockResolvedValue(aWeek([monday]))
  })
  afterEach(() => {
    scope.stop()
    vi.restoreAllMocks()
  })
  const open = async () => {
    const week = scope.run(() => useWeek('c', ref('2026-11-30')))
    if (!week) throw new Error('the scope runs')
    await vi.waitFor(() => expect(week.plan.value).not.toBeNull())
    await nextTick()
    return week
  }

  it('asks what would be while something is held, and stores nothing', async () => {
    const ask = vi.spyOn(api, 'previewWeek').mockResolvedValue(would(['Recovery moves.']))
    const week = await open()
    await week.hold({ kind: 'session', day: monday, peg }, 20.25)
    expect(ask).toHaveBeenCalledWith('c', {
      date: '2026-11-30',
      pin: {
        lineId: 'care',
        date: '2026-11-30',
        startsAt: '20:15',
        pinned: true,
        skipped: false,
      },
      blockId: null,
      toDate: null,
      startsAt: null,
      endsAt: null,
    })
    expect(week.plan.value?.moves).toEqual(['Recovery moves.'])
    week.letGo()
    expect(week.plan.value?.moves).toEqual([])
    expect(week.canUndo.value).toBe(false)
  })

  it('lets the newest answer win', async () => {
    const answers: ((view: WeekView) => void)[] = []
    vi.spyOn(api, 'previewWeek').mockImplementation(
      () => new Promise((resolve) => answers.push(resolve)),
    )
    const week = await open()
    const first = week.hold({ kind: 'session', day: monday, peg }, 20)
    const second = week.hold({ kind: 'session', day: monday, peg }, 21)
    answers[1]?.(would(['second']))
    answers[0]?.(would(['first']))
    await Promise.all([first, second])
    expect(week.plan.value?.moves).toEqual(['second'])
  })

  it('keeps a block where it was let go, and puts it back on undo', async () => {
    vi.spyOn(api, 'previewWeek').mockResolvedValue(would([], atNoon))
    const save = vi
      .spyOn(api, 'saveBlock')
      .mockImplementation((_client, id, form) =>
        Promise.resolve({ id, seriesId: null, block: { ...form, version: form.version + 1 } }),
      )
    const week = await open()
    await week.hold({ kind: 'block', day: monday, block }, 12)
    expect(week.shown.value[0]?.blocks[0]?.startsAt).toBe('12:00:00')
    await week.keep()
    expect(save).toHaveBeenLastCalledWith(
      'c',
      'b',
      expect.objectContaining({ version: 3, startsAt: '12:00', endsAt: '13:30' }),
    )
    expect(week.notice.value).toBe('Practice is 12:00 to 13:30 now.')
    await week.undo()
    expect(save).toHaveBeenLastCalledWith(
      'c',
      'b',
      expect.objectContaining({ version: 4, startsAt: '10:00', endsAt: '11:30' }),
    )
    expect(week.canUndo.value).toBe(false)
  })

  it('pins, lets go and skips, each with its way back', async () => {
    const pin = vi.spyOn(api, 'pinSessions').mockResolvedValue(would())
    const week = await open()
    await week.pin('2026-11-30', peg, '08:15')
    expect(pin).toHaveBeenLastCalledWith('c', '2026-11-30', [
      { lineId: 'care', date: '2026-11-30', startsAt: '08:15', pinned: true, skipped: false },
    ])
    await week.undo()
    expect(pin).toHaveBeenLastCalledWith('c', '2026-11-30', [
      expect.objectContaining({ startsAt: '19:00', pinned: false }),
    ])
    await week.release('2026-11-30', { ...peg, pinned: true })
    await week.undo()
    expect(pin).toHaveBeenLastCalledWith('c', '2026-11-30', [
      expect.objectContaining({ startsAt: '19:00', pinned: true }),
    ])
    await week.skip('2026-11-30', peg)
    expect(pin).toHaveBeenLastCalledWith('c', '2026-11-30', [
      expect.objectContaining({ skipped: true }),
    ])
    expect(week.notice.value).toBe('Left out; it is not owed.')
  })

  it('puts what gave way back where it was, too', async () => {
    const other = aPeg({ lineId: 'reach', startsAt: '08:00:00', startHour: 8 })
    const aside = aPeg({ lineId: 'reach', startsAt: '09:00:00', startHour: 9 })
    const before = aWeek([aDay({ pegs: [peg, other] })])
    const after = aWeek([aDay({ pegs: [aPeg({ startsAt: '08:15:00', pinned: true }), aside] })])
    const aloneBack = aWeek([aDay({ pegs: [peg, aside] })])
    const ask = vi.spyOn(api, 'week').mockResolvedValue(before)
    const pin = vi.spyOn(api, 'pinSessions').mockResolvedValue(after)
    const week = await open()
    ask.mockResolvedValue(after)
    await week.pin('2026-11-30', peg, '08:15')
    ask.mockResolvedValue(aloneBack)
    await week.undo()
    expect(pin).toHaveBeenLastCalledWith('c', '2026-11-30', [
      { lineId: 'reach', date: '2026-11-30', startsAt: '08:00', pinned: false, skipped: false },
    ])
  })

  it('does again what was undone, until something else is done', async () => {
    const pin = vi.spyOn(api, 'pinSessions').mockResolvedValue(would())
    const week = await open()
    await week.pin('2026-11-30', peg, '08:15')
    expect(week.canRedo.value).toBe(false)
    await week.undo()
    expect(week.canRedo.value).toBe(true)
    await week.redo()
    expect(pin).toHaveBeenLastCalledWith('c', '2026-11-30', [
      expect.objectContaining({ startsAt: '08:15', pinned: true }),
    ])
    await week.undo()
    await week.skip('2026-11-30', peg)
    expect(week.canRedo.value).toBe(false)
  })

  it('says why something could not be kept and shows the week as it is', async () => {
    vi.spyOn(api, 'previewWeek').mockResolvedValue(would())
    vi.spyOn(api, 'saveBlock').mockRejectedValue(
      new ServerProblem(400, 'Not yet', 'Some fields need another look.', [
        { field: 'startsAt', message: 'lies in another block' },
      ]),
    )
    const week = await open()
    await week.hold({ kind: 'block', day: monday, block }, 12)
    await week.keep()
    expect(week.error.value).toBe('lies in another block')
    expect(week.held.value).toBeNull()
    expect(week.shown.value[0]?.blocks[0]?.startsAt).toBe('10:00:00')
    expect(week.canUndo.value).toBe(false)
  })

  it('puts a block on another day and back on undo', async () => {
    const preview = vi.spyOn(api, 'previewWeek').mockResolvedValue(would())
    const save = vi
      .spyOn(api, 'saveBlock')
      .mockImplementation((_client, id, form) =>
        Promise.resolve({ id, seriesId: null, block: { ...form, version: form.version + 1 } }),
      )
    const week = await open()
    await week.hold({ kind: 'block', day: monday, block }, 12, '2026-12-01')
    expect(preview).toHaveBeenLastCalledWith(
      'c',
      expect.objectContaining({ toDate: '2026-12-01', startsAt: '12:00' }),
    )
    await week.keep()
    expect(week.notice.value).toBe('Practice is on Tuesday 1 December, 12:00 to 13:30 now.')
    await week.undo()
    expect(save).toHaveBeenLastCalledWith(
      'c',
      'b',
      expect.objectContaining({ version: 4, date: '2026-11-30', startsAt: '10:00' }),
    )
  })

  it('puts a session on another day and owes none on its own', async () => {
    vi.spyOn(api, 'previewWeek').mockResolvedValue(would())
    const pin = vi.spyOn(api, 'pinSessions').mockResolvedValue(would())
    const week = await open()
    await week.hold({ kind: 'session', day: monday, peg }, 20, '2026-12-01')
    await week.keep()
    expect(inOneCall(pin)).toEqual([
      ['2026-11-30', null, true],
      ['2026-12-01', '20:00', false],
    ])
    pin.mockClear()
    await week.undo()
    expect(inOneCall(pin)).toEqual([
      ['2026-12-01', null, false],
      ['2026-11-30', '19:00', false],
    ])
  })

  it('takes back what was typed: a series as one, busy times each', async () => {
    const written = { words: 'Practice, Mon', first: '2026-11-30', made: 2 }
    const write = vi
      .spyOn(api, 'writeSentence')
      .mockResolvedValueOnce({ ...written, blockIds: ['b1', 'b2'], busyIds: [] })
      .mockResolvedValueOnce({ ...written, blockIds: [], busyIds: ['u1', 'u2'] })
    const following = vi
      .spyOn(api, 'deleteFollowing')
      .mockResolvedValue({ made: 2, before: [], added: [] })
    const busy = vi.spyOn(api, 'deleteBusyTime').mockResolvedValue(undefined)
    const week = await open()
    await week.write('mon 18-19 practice')
    expect(week.notice.value).toBe('Practice, Mon.')
    await week.undo()
    expect(following).toHaveBeenCalledWith('c', 'b1')
    await week.write('busy mon 18-19')
    await week.undo()
    expect(busy.mock.calls.map(([, id]) => id)).toEqual(['u1', 'u2'])
    expect(write).toHaveBeenCalledTimes(2)
  })

  it('puts what was drawn into the day as a block or as a busy time', async () => {
    const where = { date: '2026-12-01', startsAt: '15:00', endsAt: '16:00' }
    const create = vi
      .spyOn(api, 'createBlock')
      .mockImplementation((_client, form) =>
        Promise.resolve({ id: 'new', seriesId: null, block: form }),
      )
    const busy = vi.spyOn(api, 'createBusyTime').mockResolvedValue({ id: 'busy', time: where })
    const week = await open()
    await week.draw(where, { id: 'a', title: 'Practice' })
    expect(create).toHaveBeenCalledWith(
      'c',
      expect.objectContaining({ ...where, activityId: 'a', title: 'Practice' }),
    )
    await week.draw(where, null)
    expect(busy).toHaveBeenCalledWith('c', where)
  })
})
