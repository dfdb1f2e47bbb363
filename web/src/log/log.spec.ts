import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '@/api/calls'
import type { LogEntry, MissedEntry } from '@/api/types'
import { hurt, stateWords, tapeOf } from './entries'
import LogDetail from './LogDetail.vue'
import SessionLog from './SessionLog.vue'

vi.mock('@/stores/account', () => ({
  account: { coach: { value: true }, me: { value: { markedPain: 2, endingPain: 7 } } },
}))

const entry = (changes: Partial<LogEntry> = {}): LogEntry => ({
  id: 'a',
  date: '2026-11-27',
  beganAt: '17:50:12',
  lastedMillis: 540_000,
  plannedMillis: 600_000,
  checkedIn: true,
  effort: 4,
  painBefore: 2,
  painWorst: 3,
  painMorning: null,
  pains: [],
  purpose: 'WARM_UP',
  purposeWord: 'Warm-up',
  state: 'DONE',
  steps: [
    {
      exerciseId: 'rub',
      exerciseVersion: 2,
      title: 'Rub',
      kind: 'HEAT',
      dose: '20 s',
      laterality: 'TOGETHER',
      outcome: 'DONE',
      donePercent: 100,
      plannedMillis: 20_000,
    },
    {
      exerciseId: 'curl',
      exerciseVersion: 0,
      title: 'Curl',
      kind: 'STRENGTHEN',
      dose: '3 × 12',
      laterality: 'EACH',
      outcome: 'SKIPPED',
      donePercent: 0,
      plannedMillis: 90_000,
    },
  ],
  tighterSide: 'LEFT',
  title: 'Warm-up before Practice',
  words: '',
  ...changes,
})
const pain = {
  side: 'LEFT' as const,
  region: 'THUMB' as const,
  regionWord: 'thumb',
  level: 3,
  moment: 'AFTER' as const,
  sensation: 'ACHE' as const,
}
const missed: MissedEntry = {
  date: '2026-11-26',
  startsAt: '09:20:00',
  start: '2026-11-26T09:20:00Z',
  minutes: 12,
  blockId: null,
  lineId: 'line',
  purpose: 'STRENGTH',
  title: 'Strength',
}
const global = {
  stubs: {
    RouterLink: { props: ['to'], template: '<a :href="to"><slot /></a>' },
    BButton: { template: '<button type="button"><slot /></button>' },
    RoutineTape: true,
  },
}
beforeEach(() => {
  vi.restoreAllMocks()
})

describe('an entry of the log', () => {
  it('is a tape of what was done', () => {
    const steps = [...entry().steps]
    const [, skipped] = steps
    expect(tapeOf(entry()).map((s) => [s.title, s.donePercent, s.hurt])).toEqual([
      ['Rub', 100, false],
      ['Curl', 0, false],
    ])
    const sore = entry({ steps: skipped ? [{ ...skipped, outcome: 'HURT', donePercent: 40 }] : [] })
    expect(tapeOf(sore)[0]?.hurt).toBe(true)
  })

  it('says how it ended, whether it hurt and what was the worst', () => {
    expect(stateWords(entry())).toBe('done')
    expect(stateWords(entry({ state: 'LEFT' }))).toBe('left midway')
    expect(stateWords(entry({ state: 'STOPPED' }))).toBe('stopped for safety')
    expect(hurt(entry({ pains: [pain] }))).toBe(false)
    expect(hurt(entry({ pains: [{ ...pain, moment: 'DURING' }] }))).toBe(true)
  })

  it('opens to its steps and to what was said', () => {
    const wrapper = mount(LogDetail, {
      props: { entry: entry({ pains: [pain], words: 'Warm by the end.' }) },
      global,
    })
    expect(wrapper.text()).toContain('Friday 27 November, 17:50; done')
    expect(wrapper.text()).toContain('9\u00a0min of 10\u00a0min')
    expect(wrapper.find('dl').text()).toContain('Left thumb 3')
    expect(wrapper.find('blockquote').text()).toBe('Warm by the end.')
    const steps = wrapper.findAll('.steps li')
    expect(steps[0]?.find('a').attributes('href')).toBe('/library/rub?version=2')
    expect(steps.map((s) => s.find('.push').text())).toEqual(['done', 'skipped'])
  })
})

describe('the log', () => {
  const open = async (entries: LogEntry[], missedOnes: MissedEntry[] = []) => {
    vi.spyOn(api, 'log').mockResolvedValue({ entries, missed: missedOnes, decided: [] })
    const wrapper = mount(SessionLog, { props: { clientId: 'c' }, global })
    await flushPromises()
    return wrapper
  }
  const filter = (wrapper: Awaited<ReturnType<typeof open>>, word: string) =>
    wrapper.findAll('.filters button').find((b) => b.text().startsWith(word))

  it('says so while nothing happened', async () => {
    expect((await open([])).text()).toContain('Nothing happened yet.')
  })

  it('shows what was done and what was missed in the order of time, the latest opened', async () => {
    const wrapper = await open(
      [
        entry({ id: 'old', date: '2026-11-25', title: 'Older' }),
        entry({ id: 'new', date: '2026-11-27', title: 'Newer' }),
      ],
      [missed],
    )
    expect(wrapper.findAll('ol li').map((row) => row.find('.what').text())).toEqual([
      'Newer',
      'Strength',
      'Older',
    ])
    expect(wrapper.find('article h2').text()).toBe('Newer')
    await wrapper.findAll('ol li button:not(.after-all)')[1]?.trigger('click')
    expect(wrapper.find('article h2').text()).toBe('Older')
  })

  it('is narrowed to what hurt, was left or missed, each with its number', async () => {
    const wrapper = await open(
      [
        entry({ id: 'fine', title: 'Fine' }),
        entry({ id: 'left', title: 'Left early', state: 'LEFT', beganAt: '12:00:00' }),
        entry({
          id: 'sore',
          title: 'Sore',
          beganAt: '09:00:00',
          pains: [{ ...pain, moment: 'DURING' }],
        }),
      ],
      [missed],
    )
    expect(wrapper.findAll('.filters button').map((b) => b.text())).toEqual([
      'All 4',
      'Hurt 1',
      'Left midway 1',
      'Missed 1',
    ])
    for (const [word, title] of [
      ['Hurt', 'Sore'],
      ['Left', 'Left early'],
      ['Missed', 'Strength'],
    ] as const) {
      await filter(wrapper, word)?.trigger('click')
      expect(wrapper.findAll('ol li .what').map((w) => w.text())).toEqual([title])
    }
  })

  it('shows the first forty, and more when asked', async () => {
    const many = Array.from({ length: 45 }, (_, i) =>
      entry({
        id: `e${i}`,
        date: '2026-11-27',
        beganAt: `1${i % 10}:${String(i).padStart(2, '0')}`,
      }),
    )
    const wrapper = await open(many)
    expect(wrapper.findAll('ol li')).toHaveLength(40)
    const more = wrapper.findAll('button').find((b) => b.text() === 'Show more')
    await more?.trigger('click')
    expect(wrapper.findAll('ol li')).toHaveLength(45)
  })

  it('takes what was done after all, step by step', async () => {
    const kept = vi.spyOn(api, 'keepSession').mockResolvedValue(undefined as never)
    const said = vi.spyOn(api, 'keepCheckIn').mockResolvedValue(undefined as never)
    vi.spyOn(api, 'playNow').mockResolvedValue({
      lengthMillis: 120_000,
      safety: { endingPain: 7 },
      steps: entry().steps.map((step) => ({ ...step, lengthMillis: step.plannedMillis })),
    } as never)
    const wrapper = await open([], [missed])
    await wrapper.find('.after-all').trigger('click')
    await flushPromises()
    expect(wrapper.find('.late').text()).toContain('2 of 2 steps')
    await wrapper.findAll('.late input[type=checkbox]')[1]?.trigger('change')
    const choose = (word: string) =>
      wrapper
        .findAll('.late [role=radio]')
        .find((b) => b.text() === word)
        ?.trigger('click')
    await choose('no time')
    await choose('6')
    await wrapper
      .findAll('.late button')
      .find((b) => b.text() === 'Keep')
      ?.trigger('click')
    await flushPromises()
    const form = kept.mock.calls[0]?.[2]
    expect([form?.state, form?.beganAt, form?.endedAt]).toEqual([
      'LEFT',
      '2026-11-26T09:20:00Z',
      '2026-11-26T09:22:00.000Z',
    ])
    expect(form?.steps.map((s) => [s.donePercent, s.shortfall])).toEqual([
      [100, null],
      [0, 'NO_TIME'],
    ])
    expect(said.mock.calls[0]?.[2]).toMatchObject({ effort: 6, pains: [], words: '' })
    expect(wrapper.find('.late').exists()).toBe(false)
  })
})
