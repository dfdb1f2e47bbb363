import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { DayView, PegView } from '@/api/types'
import DayRibbon from './DayRibbon.vue'

const peg = (changes: Partial<PegView>): PegView => ({
  blockId: 'b1',
  lineId: null,
  pinned: false,
  why: '',
  purpose: 'WARM_UP',
  state: 'PLANNED',
  open: true,
  startHour: 17.84,
  endHour: 18,
  start: '2026-03-02T17:50:30Z',
  end: '2026-03-02T18:00:00Z',
  startsAt: '17:50:30',
  endsAt: '18:00:00',
  label: 'Warm-up, planned',
  ...changes,
})

const day = (pegs: PegView[]): DayView => ({
  date: '2026-03-02',
  timeZone: 'UTC',
  wakesHour: 7,
  sleepsHour: 23,
  nowHour: 12,
  today: true,
  notes: [],
  blocks: [
    {
      id: 'b1',
      activityId: 'a1',
      version: 0,
      title: 'Rehearsal',
      performance: false,
      repeats: false,
      startHour: 18,
      endHour: 20,
      startsAt: '18:00:00',
      endsAt: '20:00:00',
      warmUpReason: '',
      parts: [],
      overlaps: [],
    },
  ],
  busy: [],
  pegs,
  done: 0,
  missed: 0,
  planned: 1,
})

const ribbon = (pegs: PegView[]) =>
  mount(DayRibbon, {
    props: { day: day(pegs), left: 0, width: 1800, top: 40, fromHour: 6, toHour: 24 },
  })

describe('the ribbon', () => {
  it('puts a block where its hours are', () => {
    const box = ribbon([]).find('.block-line')
    expect(box.attributes('x')).toBe('1200')
    expect(box.attributes('width')).toBe('200')
  })

  it('tells everything in words as well', () => {
    expect(
      ribbon([peg({})])
        .find('[role=group]')
        .attributes('aria-label'),
    ).toBe('Rehearsal 18:00 to 20:00; Warm-up, planned, 17:50:30 to 18:00')
  })

  it('shows done by a foot, missed hollow and what was left midway half', () => {
    expect(ribbon([peg({ state: 'DONE' })]).findAll('rect.solid')).toHaveLength(1)
    expect(ribbon([peg({ state: 'PLANNED' })]).findAll('rect.solid')).toHaveLength(0)
    expect(ribbon([peg({ state: 'MISSED' })]).findAll('.missed')).toHaveLength(1)
    expect(ribbon([peg({ state: 'LEFT' })]).findAll('.hollow')).toHaveLength(1)
    expect(ribbon([peg({ state: 'DUE' })]).findAll('.live')).toHaveLength(1)
  })

  it('keeps the line of now out of the words', () => {
    const labelX = (nowHour: number) =>
      Number(
        mount(DayRibbon, {
          props: {
            day: { ...day([]), nowHour },
            left: 0,
            width: 1800,
            top: 40,
            fromHour: 6,
            toHour: 24,
          },
        })
          .find('.label')
          .attributes('x'),
      )
    expect(labelX(12)).toBe(1300)
    expect(labelX(18.9), 'the line is left of the middle: the word goes right').toBeGreaterThan(
      1300,
    )
    expect(labelX(19.1)).toBeLessThan(1300)
    expect(labelX(19.9), 'the line is past the word').toBe(1300)
  })

  it('gives the block that was pressed', async () => {
    const wrapper = ribbon([])
    await wrapper.find('.block').trigger('click')
    expect(wrapper.emitted('block')).toEqual([['b1']])
  })

  it('puts blocks at the same time beside each other', () => {
    const both = day([])
    const first = both.blocks.map((block) => ({ ...block, overlaps: ['Lesson'] }))
    const second = first.map((block) => ({ ...block, id: 'b2', startHour: 19, endHour: 21 }))
    const boxes = mount(DayRibbon, {
      props: {
        day: { ...both, blocks: [...first, ...second] },
        left: 0,
        width: 1800,
        top: 40,
        fromHour: 6,
        toHour: 24,
        band: 32,
      },
    }).findAll('.block-line')
    expect(boxes.map((box) => [box.attributes('y'), box.attributes('height')])).toEqual([
      ['40', '16'],
      ['56', '16'],
    ])
  })

  it('is one stop for the Tab key, and goes on by PageDown, PageUp, Home and End', async () => {
    const wrapper = mount(DayRibbon, {
      props: {
        day: {
          ...day([peg({}), peg({ lineId: 'care', purpose: 'RECOVERY', startHour: 21 })]),
          busy: [{ id: 'busy', startHour: 9, endHour: 10, startsAt: '09:00', endsAt: '10:00' }],
        },
        left: 0,
        width: 1800,
        top: 40,
        fromHour: 6,
        toHour: 24,
        handles: true,
      },
      attachTo: document.body,
    })
    const stops = () =>
      wrapper.findAll('[tabindex="0"]').map((stop) => stop.attributes('data-stop'))
    const press = async (key: string) => {
      await wrapper.find('[tabindex="0"]').trigger('keydown', { key })
      return stops()
    }
    expect(stops()).toEqual(['busy'])
    expect(await press('PageDown')).toEqual(['WARM_UPb1'])
    expect(await press('PageDown')).toEqual(['b1'])
    expect(await press('End')).toEqual(['care'])
    expect(await press('PageDown'), 'the last stays').toEqual(['care'])
    expect(await press('PageUp')).toEqual(['b1'])
    expect(await press('Home')).toEqual(['busy'])
    wrapper.unmount()
  })
})
