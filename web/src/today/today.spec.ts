import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { api } from '@/api/calls'
import type { AttentionView, RosterRow } from '@/api/types'
import ComesAndCame from './ComesAndCame.vue'
import NeedsAWord from './NeedsAWord.vue'

const reason = (changes: Partial<AttentionView> = {}): AttentionView => ({
  id: 'r',
  rank: 6,
  urgency: 'WARN',
  heading: '2 missed',
  sentence: '2 sessions in the last 7 days did not happen.',
  place: 'LOG',
  ...changes,
})
const row = (changes: object = {}): RosterRow =>
  ({
    clientId: 'c',
    name: 'Ana',
    attention: [],
    dealtWith: [],
    came: [],
    day: { today: true, nowHour: 14, timeZone: 'UTC', pegs: [] },
    ...changes,
  }) as unknown as RosterRow
const stubs = {
  RouterLink: { props: ['to'], template: '<a :href="to"><slot /></a>' },
  BButton: { template: '<button><slot /></button>' },
}
const needs = (rows: RosterRow[]) =>
  mount(NeedsAWord, { props: { rows, date: '2026-11-28' }, global: { stubs } })

describe('who needs a word', () => {
  it('comes the most urgent first and opens where it is settled', () => {
    const list = needs([
      row({ attention: [reason()] }),
      row({
        clientId: 'd',
        name: 'Ben',
        attention: [
          reason({ id: 's', rank: 3, urgency: 'STOP', heading: 'Pain up', place: 'HANDS' }),
        ],
      }),
    ])
    expect(list.findAll('.word').map((w) => w.text())).toEqual(['Pain upBen', '2 missedAna'])
    expect(list.findAll('.acts a').map((a) => a.attributes('href'))).toEqual([
      '/clients/d/hands',
      '/clients/c/log',
    ])
  })

  it('is dealt with, put off until tomorrow, and taken back', async () => {
    const deal = vi.spyOn(api, 'dealWith').mockResolvedValue(undefined as never)
    const again = vi.spyOn(api, 'showAgain').mockResolvedValue(undefined as never)
    const list = needs([row({ attention: [reason()] })])
    await list.find('[aria-label$="dealt with"]').trigger('click')
    await flushPromises()
    expect(deal).toHaveBeenLastCalledWith('c', 'r', undefined)
    await list.find('.undo button').trigger('click')
    await flushPromises()
    expect(again).toHaveBeenCalledWith('c', 'r')
    await list.find('[aria-label$="tomorrow"]').trigger('click')
    await flushPromises()
    expect(deal).toHaveBeenLastCalledWith('c', 'r', '2026-11-29')
    expect(list.emitted('changed')).toHaveLength(3)
  })

  it('says so when nobody does, and keeps what was put away at hand', () => {
    const list = needs([row({ dealtWith: [reason()] })])
    expect(list.text()).toContain('Nobody right now')
    expect(list.find('details').text()).toContain('Ana: 2 missed')
  })
})

describe('what comes and what came', () => {
  const peg = (startHour: number, changes: object = {}) => ({
    purpose: 'WARM_UP',
    state: 'PLANNED',
    open: true,
    start: `2026-11-28T${startHour}:00:00Z`,
    startsAt: `${startHour}:00:06`,
    startHour,
    endHour: startHour + 0.2,
    ...changes,
  })

  it('shows the next hours in the order of time, without breaks and what is far', () => {
    const both = mount(ComesAndCame, {
      props: {
        rows: [
          row({
            day: {
              today: true,
              nowHour: 14,
              timeZone: 'UTC',
              pegs: [peg(16), peg(15, { purpose: 'BREAK' }), peg(19), peg(13, { open: false })],
            },
          }),
          row({
            name: 'Ben',
            day: { today: true, nowHour: 14, timeZone: 'UTC', pegs: [peg(15)] },
          }),
        ],
      },
      global: { stubs },
    })
    expect(
      both
        .findAll('section')[0]
        ?.findAll('li')
        .map((li) => li.text()),
    ).toEqual(['15:00Ben, warm-up', '16:00Ana, warm-up'])
  })

  it('marks what is new since the last look, on the clock of whom it is about', () => {
    localStorage.setItem('nimblet-looked', '2026-11-28T10:00:00.000Z')
    const both = mount(ComesAndCame, {
      props: {
        rows: [
          row({
            day: { today: true, nowHour: 14, timeZone: 'Asia/Tokyo', pegs: [] },
            came: [
              {
                at: '2026-11-28T11:30:00Z',
                purpose: 'RECOVERY',
                state: 'DONE',
                words: 'Recovery done',
              },
              {
                at: '2026-11-28T09:30:00Z',
                purpose: 'RECOVERY',
                state: 'LEFT',
                words: 'Recovery left midway',
              },
            ],
          }),
        ],
      },
      global: { stubs },
    })
    const lines = both.findAll('section')[1]?.findAll('li') ?? []
    expect(lines[0]?.text()).toBe('Sat 20:30Ana, recovery done new')
    expect(lines.map((li) => li.classes('fresh'))).toEqual([true, false])
  })
})
