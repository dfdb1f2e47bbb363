import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import type { ForecastView, LadderView, ProgressView, SideView, StoryView } from '@/api/types'
import DecisionList from '@/parts/DecisionList.vue'
import ForecastPart from './ForecastPart.vue'
import KeptLanes from './KeptLanes.vue'
import LadderRow from './LadderRow.vue'
import OverrulePart from './OverrulePart.vue'
import PainChart from './PainChart.vue'
import ProgressTab from './ProgressTab.vue'
import RungChart from './RungChart.vue'
import RungLine from './RungLine.vue'
import { standing } from './standing'

vi.mock('@/stores/account', () => ({
  account: { coach: { value: true }, me: { value: { markedPain: 2, endingPain: 7 } } },
}))

const side = (changes: Partial<SideView> = {}): SideView => ({
  side: 'LEFT',
  rung: 1,
  streak: 0,
  need: 2,
  ready: false,
  stuck: false,
  paused: false,
  stopped: false,
  lowered: false,
  held: false,
  word: null,
  last: 'Up from 15 s to 20 s: it went well 2 times.',
  decidedOn: '2026-11-20',
  ...changes,
})
const ladder = (...sides: SideView[]): LadderView => ({
  exerciseId: 'halt',
  title: 'Fingers up, halt',
  kind: 'STRETCH',
  methodWord: 'steady hold',
  rungs: ['15 s', '20 s', '25 s', '30 s', '3 ×', '4 ×', '5 ×', '6 ×', '7 ×', '8 ×'],
  sides: sides.length ? sides : [side(), side({ side: 'RIGHT' })],
  dose: '20 s × 2 each side',
})
const stubs = {
  BButton: { props: ['disabled'], template: '<button :disabled="disabled"><slot /></button>' },
  BFormInput: {
    props: ['modelValue'],
    emits: ['update:modelValue'],
    template:
      '<input :value="modelValue" @input="$emit(\'update:modelValue\', $event.target.value)" />',
  },
}
const global = { stubs }

describe('how a ladder stands', () => {
  it('says the most pressing thing, and whose it is where only one side is meant', () => {
    const right = side({ side: 'RIGHT' })
    expect(standing(ladder(side({ stopped: true }), right))).toEqual({
      words: 'left stopped',
      tone: 'stop',
    })
    expect(standing(ladder(side({ paused: true }), right)).words).toBe('paused')
    expect(standing(ladder(side({ lowered: true, ready: true }), right)).tone).toBe('warn')
    expect(
      standing(ladder(side({ stuck: true }), side({ side: 'RIGHT', stuck: true }))).words,
    ).toBe('held for long')
    expect(standing(ladder(side({ word: 'PIN' }), right)).words).toBe('left pinned')
    expect(standing(ladder(side({ held: true }), right)).words).toBe('left held')
    expect(standing(ladder(side({ ready: true }), right)).tone).toBe('ready')
    expect(standing(ladder(side({ streak: 1 }), right)).words).toBe('1 of 2')
    expect(standing(ladder(side({ rung: 9 }), side({ side: 'RIGHT', rung: 9 }))).words).toBe(
      'at the top',
    )
  })
})

describe('the rungs', () => {
  it('show where each side stands, behind and ahead', () => {
    const line = mount(RungLine, {
      props: { ladder: ladder(side({ rung: 3 }), side({ side: 'RIGHT', rung: 4 })) },
    })
    const rungs = line.findAll('li')
    expect(rungs.map((r) => r.find('.words').text())).toEqual([
      '20 s',
      '25 s',
      '30 s',
      '3 ×',
      '4 ×',
      '5 ×',
      '6 ×',
    ])
    expect(rungs.filter((r) => r.classes('here')).map((r) => r.find('.whose').text())).toEqual([
      'left',
      'right',
    ])
    expect(rungs.filter((r) => r.classes('behind'))).toHaveLength(2)
  })

  it('say why a ladder stands where it needs a look, and nothing where it goes on', () => {
    const row = (one: LadderView) => mount(LadderRow, { props: { ladder: one, chosen: false } })
    expect(
      row(ladder(side({ stuck: true })))
        .find('.why')
        .text(),
    ).toContain('Up from 15 s')
    expect(row(ladder()).find('.why').exists()).toBe(false)
  })

  it('are drawn as steps, with what is to come and the goal', () => {
    const chart = mount(RungChart, {
      props: {
        rungs: ladder().rungs,
        today: '2026-11-28',
        curves: [
          {
            side: 'LEFT',
            points: [
              { date: '2026-11-01', rung: 0 },
              { date: '2026-11-10', rung: 1 },
            ],
          },
        ],
        forecast: {
          goal: 3,
          curve: [
            { date: '2026-11-28', rung: 1 },
            { date: '2026-12-08', rung: 3 },
          ],
        } as unknown as ForecastView,
      },
    })
    expect(chart.find('.left .line').attributes('d')).toMatch(/^M[\d.]+ [\d.]+H[\d.]+V[\d.]+H/)
    expect(chart.find('.ahead').attributes('d')).toContain('V')
    expect(chart.find('.goal').exists()).toBe(true)
    expect(chart.text()).toContain('8 Dec')
  })
})

describe('six weeks', () => {
  it('draw pain with the referral line and the numbers as a table', () => {
    const chart = mount(PainChart, {
      props: {
        from: '2026-10-18',
        to: '2026-11-28',
        curves: [
          {
            side: 'RIGHT',
            region: 'THUMB',
            words: 'right thumb',
            points: [
              { date: '2026-10-18', level: 2 },
              { date: '2026-10-20', level: 2 },
              { date: '2026-11-20', level: 5 },
            ],
          },
        ],
      },
    })
    expect(chart.find('h2').text()).toContain('Right thumb 2 → 5')
    expect(chart.find('.stop-words').text()).toContain('see a clinician')
    expect(chart.findAll('.dot')).toHaveLength(2)
    expect(chart.findAll('td').map((td) => td.text())).toEqual([
      'right thumb',
      '2026-10-18',
      '2',
      'right thumb',
      '2026-10-20',
      '2',
      'right thumb',
      '2026-11-20',
      '5',
    ])
    expect(
      mount(PainChart, { props: { from: '2026-10-18', to: '2026-11-28', curves: [] } }).text(),
    ).toContain('Nobody told of pain')
  })

  it('tell what was kept, missed and half kept', () => {
    const lanes = mount(KeptLanes, {
      props: {
        from: '2026-10-18',
        to: '2026-11-28',
        kept: [
          {
            purpose: 'WARM_UP',
            word: 'Warm-up',
            kept: 3,
            planned: 5,
            days: [
              { date: '2026-11-01', planned: 2, kept: 2 },
              { date: '2026-11-02', planned: 2, kept: 1 },
              { date: '2026-11-03', planned: 1, kept: 0 },
            ],
          },
        ],
      },
    })
    expect(lanes.find('.sum').text()).toBe('3 of 5')
    expect(
      ['done', 'half', 'missed'].map((state) => lanes.findAll(`rect.${state}[height="12"]`).length),
    ).toEqual([1, 1, 1])
  })
})

describe('decisions', () => {
  it('name the exercise and the side where only one is meant', () => {
    const list = mount(DecisionList, {
      props: {
        named: true,
        decisions: [
          {
            date: '2026-11-20',
            exerciseId: 'halt',
            title: 'Fingers up, halt',
            kind: 'STRETCH',
            sides: ['LEFT'],
            effect: 'DOWN',
            sentence: 'Down from 20 s to 15 s: pain 4 while it was done, 0 before.',
          },
        ],
      },
    })
    expect(list.text()).toContain('Fingers up, halt, left. Down from 20 s')
    expect(list.find('li').classes()).toContain('down')
  })

  it('may be made otherwise, with a reason', async () => {
    const said = vi.spyOn(api, 'sayOfRung').mockResolvedValue(undefined as never)
    const part = mount(OverrulePart, { props: { clientId: 'c', ladder: ladder() }, global })
    const choose = (word: string) =>
      part
        .findAll('[role=radio]')
        .find((b) => b.text() === word)
        ?.trigger('click')
    expect(part.text()).not.toContain('Allow again')
    await choose('Pin to a rung')
    await choose('Left')
    await part.find('select').setValue('3')
    await part.find('#reason').setValue('For the recital')
    await part.find('form').trigger('submit')
    await flushPromises()
    expect(said).toHaveBeenCalledWith('c', 'halt', {
      sides: ['LEFT'],
      word: 'PIN',
      rung: 3,
      reason: 'For the recital',
    })
    expect(part.emitted('said')).toHaveLength(1)
  })

  it('say what the server has against them', async () => {
    vi.spyOn(api, 'sayOfRung').mockRejectedValue(
      new ServerProblem(400, 'Bad', 'Please look again at: rung.'),
    )
    const part = mount(OverrulePart, {
      props: { clientId: 'c', ladder: ladder(side({ paused: true, word: 'HOLD' })) },
      global,
    })
    const words = part.findAll('[role=radio]').map((b) => b.text())
    expect(words).toContain('Allow again')
    expect(words).toContain('Leave it to the rules')
    await part.findAll('[role=radio]')[0]?.trigger('click')
    await part.find('#reason').setValue('x')
    await part.find('form').trigger('submit')
    await flushPromises()
    expect(part.find('[role=alert]').text()).toContain('rung')
  })
})

describe('the tab', () => {
  const view: ProgressView = {
    since: '2026-10-18',
    lookedOn: null,
    today: '2026-11-28',
    decided: [],
    kept: [],
    pains: [],
    ladders: [
      { ...ladder(), exerciseId: 'a', title: 'Goes on' },
      { ...ladder(side({ ready: true })), exerciseId: 'b', title: 'Is ready' },
      { ...ladder(side({ paused: true })), exerciseId: 'c', title: 'Is paused' },
    ],
  }

  it('puts what needs a look first and opens a ladder for its story', async () => {
    vi.spyOn(api, 'progress').mockResolvedValue(view)
    vi.spyOn(api, 'story').mockResolvedValue({
      ladder: { ...ladder(side({ rung: 9 })), exerciseId: 'c' },
      curves: [],
      decisions: [
        {
          date: '2026-11-20',
          exerciseId: 'c',
          title: 'Is paused',
          kind: 'STRETCH',
          sides: ['LEFT', 'RIGHT'],
          effect: 'PAUSED',
          sentence: 'Paused until your coach allows it again: pain 5.',
        },
      ],
    } satisfies StoryView)
    vi.spyOn(api, 'forecast').mockRejectedValue(new ServerProblem(400, 'Bad', 'At the top.'))
    const tab = mount(ProgressTab, { props: { clientId: 'x' }, global })
    await flushPromises()
    expect(tab.findAll('.ladder b').map((b) => b.text())).toEqual([
      'Is paused',
      'Is ready',
      'Goes on',
    ])
    await tab.find('.ladder').trigger('click')
    await flushPromises()
    expect(tab.text()).toContain('Paused until your coach allows it again')
    await tab.find('.ladder').trigger('click')
    expect(tab.find('.panel').exists()).toBe(false)
  })

  it('allows everything that stays out again, with one reason', async () => {
    vi.spyOn(api, 'progress').mockResolvedValue(view)
    const said = vi.spyOn(api, 'sayOfRung').mockResolvedValue(undefined as never)
    said.mockClear()
    const tab = mount(ProgressTab, { props: { clientId: 'z' }, global })
    await flushPromises()
    expect(tab.find('.allow').text()).toContain('1 exercise stays out')
    await tab.find('#allow-reason').setValue('Rested')
    await tab.find('.allow').trigger('submit')
    await flushPromises()
    expect(said).toHaveBeenCalledTimes(1)
    expect(said.mock.calls[0]?.slice(0, 2)).toEqual(['z', 'c'])
    expect(said.mock.calls[0]?.[2]).toMatchObject({ word: 'ALLOW', sides: ['LEFT'] })
  })

  it('says so while nothing was judged', async () => {
    vi.spyOn(api, 'progress').mockResolvedValue({ ...view, ladders: [] })
    const tab = mount(ProgressTab, { props: { clientId: 'y' }, global })
    await flushPromises()
    expect(tab.text()).toContain('Nothing has been judged yet')
  })
})

describe('what is to come', () => {
  const STORY = (rung: number): StoryView => ({
    ladder: ladder(side({ rung }), side({ side: 'RIGHT', rung })),
    curves: [],
    decisions: [],
  })
  const opened = async (rung: number) => {
    const asked = vi.spyOn(api, 'forecast').mockRejectedValue(new Error('not now'))
    const part = mount(ForecastPart, {
      props: { clientId: `c${rung}`, story: STORY(rung), today: '2026-11-20' },
      global: { stubs: { ...stubs, RungChart: true, DateInput: true } },
    })
    await flushPromises()
    const times = asked.mock.calls.length
    part.unmount()
    asked.mockRestore()
    return times
  }

  it('is asked of what climbs, and not of what is at its top', async () => {
    expect(await opened(1)).toBe(1)
    expect(await opened(9)).toBe(0)
  })

  it('counts a single day as one', async () => {
    vi.spyOn(api, 'forecast').mockRejectedValue(new Error('not now'))
    const part = mount(ForecastPart, {
      props: { clientId: 'one', story: STORY(1), today: '2026-11-20' },
      global: { stubs: { ...stubs, RungChart: true, DateInput: true } },
    })
    await part.get('#days').setValue('1')
    expect(part.get('label[for=days]').text()).toBe('on 1 day a week')
    await part.get('#days').setValue('2')
    expect(part.get('label[for=days]').text()).toBe('on 2 days a week')
  })
})
