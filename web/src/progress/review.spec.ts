import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '@/api/calls'
import type { AheadView, AnsweredView, LadderView, NextView, ReviewView } from '@/api/types'
import AheadList from './AheadList.vue'
import ClimbList from './ClimbList.vue'
import ReviewPage from './ReviewPage.vue'
import SidesApart from './SidesApart.vue'

const push = vi.hoisted(() => vi.fn())
vi.mock('vue-router', () => ({ useRouter: () => ({ push }) }))
vi.mock('@/parts/clientPage', () => ({ useClientPage: () => ({ reloadAll: () => undefined }) }))
vi.mock('@/stores/account', () => ({
  account: { coach: { value: true }, me: { value: { markedPain: 2, endingPain: 7 } } },
}))
beforeEach(() => {
  vi.restoreAllMocks()
})

const global = {
  stubs: {
    BButton: { props: ['disabled'], template: '<button :disabled="disabled"><slot /></button>' },
  },
}
const finding = (question: AnsweredView['question'], words: string): AnsweredView => ({
  question,
  words,
  says: '138 of 162, 85 %',
  because: 'From 80 % on the number of sessions stays.',
  suggested: 'MAINTAIN',
  choices: [
    { verdict: 'MAINTAIN', word: 'maintain' },
    { verdict: 'STEP_ON', word: 'step on' },
    { verdict: 'BACK_OFF', word: 'back off' },
    { verdict: 'REFER', word: 'refer' },
  ],
})
const line = (changes: Partial<NextView['lines'][number]> = {}): NextView['lines'][number] => ({
  key: 'care',
  purpose: 'RECOVERY',
  kind: null,
  title: 'Recovery',
  words: 'stays, 6 min daily',
  change: 'SAME',
  byHand: false,
  frequencies: [
    { frequency: 'DAILY', words: 'daily' },
    { frequency: 'ONCE_A_WEEK', words: 'once a week' },
  ],
  ...changes,
})
const next = (changes: Partial<NextView> = {}): NextView => ({
  from: '2026-11-29',
  until: '2027-01-09',
  weeks: 6,
  changes: 0,
  lines: [line()],
  ...changes,
})
const ladder: LadderView = {
  exerciseId: 'halt',
  title: 'Fingers up, halt',
  kind: 'STRETCH',
  methodWord: 'steady hold',
  rungs: ['15 s', '20 s', '25 s', '30 s'],
  sides: [],
  dose: '20 s',
}
const review = (): ReviewView => ({
  due: true,
  since: '2026-10-18',
  today: '2026-11-28',
  version: 3,
  findings: [
    finding('KEPT', 'Kept?'),
    finding('PAIN', 'Pain?'),
    finding('STEPS', 'Steps?'),
    finding('SIDES', 'Sides?'),
  ],
  kept: [],
  pains: [],
  climbs: [],
  apart: [],
  usualDifferencePercent: 10,
  next: next(),
  past: [],
})

describe('the review', () => {
  async function open() {
    vi.spyOn(api, 'review').mockResolvedValue(review())
    const page = mount(ReviewPage, { props: { clientId: 'c' }, global })
    await flushPromises()
    return page
  }

  it('asks four questions, with what the rule suggests chosen', async () => {
    vi.spyOn(api, 'nextWeeks').mockResolvedValue(next())
    const page = await open()
    expect(page.find('h2').text()).toBe('6 weeks, looked at today')
    expect(page.findAll('h3').map((heading) => heading.text())).toEqual([
      'Kept?',
      'Pain?',
      'Steps?',
      'Sides?',
    ])
    expect(page.findAll('[aria-checked=true]')).toHaveLength(4)
    expect(page.findAll('.suggested')).toHaveLength(4)
  })

  it('makes the next weeks anew with every verdict, and takes them over', async () => {
    const asked = vi.spyOn(api, 'nextWeeks').mockImplementation((_, form) =>
      Promise.resolve(
        form.verdicts.KEPT === 'BACK_OFF'
          ? next({
              changes: 1,
              lines: [line({ words: 'every second day, was daily', change: 'DOWN' })],
            })
          : next(),
      ),
    )
    const take = vi.spyOn(api, 'takeReviewOver').mockResolvedValue(undefined as never)
    const page = await open()
    expect(page.text()).toContain('0 change, 1 stay')
    await page.find('[aria-label="Kept?"] [role=radio]:nth-child(3)').trigger('click')
    await flushPromises()
    expect(asked).toHaveBeenLastCalledWith('c', {
      version: 3,
      verdicts: expect.objectContaining({ KEPT: 'BACK_OFF' }) as unknown,
      frequencies: {},
      left: [],
    })
    expect(page.text()).toContain('every second day, was daily')
    expect(page.text()).toContain('1 change, 0 stay')
    await page.find('.take button').trigger('click')
    await flushPromises()
    expect(take).toHaveBeenCalledWith('c', expect.objectContaining({ frequencies: {}, left: [] }))
    expect(push).toHaveBeenCalledWith('/clients/c/programme')
  })
})

describe('the next weeks', () => {
  it('are changed by hand, line by line, and put back', async () => {
    vi.spyOn(api, 'review').mockResolvedValue(review())
    const asked = vi.spyOn(api, 'nextWeeks').mockImplementation((_, form) =>
      Promise.resolve(
        next({
          lines: [
            line({
              byHand: 'care' in form.frequencies,
              words: 'care' in form.frequencies ? 'once a week, was daily' : 'stays',
            }),
            line({
              key: 'halt LEFT',
              purpose: null,
              kind: 'STRETCH',
              title: 'Fingers up, left',
              words: form.left.length ? 'stays at 20 s' : 'back to 15 s, was 20 s',
              byHand: form.left.length > 0,
              change: form.left.length ? 'SAME' : 'DOWN',
              frequencies: [],
            }),
          ],
        }),
      ),
    )
    const page = mount(ReviewPage, { props: { clientId: 'hand' }, global })
    await flushPromises()
    await page.find('[aria-label="Change Recovery"]').trigger('click')
    await page.find('[aria-label="How often: Recovery"]').setValue('ONCE_A_WEEK')
    await flushPromises()
    expect(asked.mock.lastCall?.[1].frequencies).toEqual({ care: 'ONCE_A_WEEK' })
    expect(page.text()).toContain('once a week, was daily, by hand')
    await page.find('[aria-label="Change Recovery"]').trigger('click')
    await page.find('[aria-label="How often: Recovery"]').setValue('')
    await flushPromises()
    expect(asked.mock.lastCall?.[1].frequencies).toEqual({})
    await page.find('[aria-label="Leave it where it is: Fingers up, left"]').trigger('click')
    await flushPromises()
    expect(asked.mock.lastCall?.[1].left).toEqual(['halt LEFT'])
    expect(page.text()).toContain('stays at 20 s, by hand')
    await page.find('[aria-label="Back a rung after all: Fingers up, left"]').trigger('click')
    await flushPromises()
    expect(asked.mock.lastCall?.[1].left).toEqual([])
  })
})

describe('how the ladders went', () => {
  it('shows what held or fell before what climbed', () => {
    const list = mount(ClimbList, {
      props: {
        climbs: [
          { ladder, climbed: 2, stuck: false },
          { ladder: { ...ladder, exerciseId: 'b', title: 'Curl' }, climbed: 0, stuck: true },
          { ladder: { ...ladder, exerciseId: 'c', title: 'Pinch' }, climbed: -1, stuck: false },
        ],
      },
    })
    expect(list.findAll('li').map((li) => li.find('b').text())).toEqual(['held long', '−1', '+2'])
    expect(mount(ClimbList, { props: { climbs: [] } }).text()).toContain('Nothing was judged')
  })

  it('shows how far the sides are apart', () => {
    const sides = mount(SidesApart, {
      props: {
        usualPercent: 10,
        apart: [
          { exerciseId: 'a', title: 'Curl', kind: 'STRENGTHEN', percent: 25 },
          { exerciseId: 'b', title: 'Pinch', kind: 'STRENGTHEN', percent: 0 },
          { exerciseId: 'c', title: 'Halt', kind: 'STRETCH', percent: -12 },
        ],
      },
    })
    expect(sides.findAll('b').map((b) => b.text())).toEqual(['−25 %', '0', '+12 %'])
  })
})

describe('the progressions', () => {
  const ahead = (changes: Partial<AheadView['forecast']> = {}): AheadView => ({
    ladder: {
      ...ladder,
      sides: [
        {
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
          last: '',
          decidedOn: null,
        },
      ],
    },
    forecast: {
      exerciseId: 'halt',
      side: 'LEFT',
      goal: 3,
      goalWords: '30 s',
      daysAWeek: 4,
      full: '2026-12-01',
      early: '2026-12-03',
      middle: '2026-12-09',
      late: '2027-01-03',
      curve: [],
      attendancePercent: 85,
      successPercent: 78,
      sentence: 'Not at this rate.',
      ...changes,
    },
  })
  async function open(all: AheadView[]) {
    vi.spyOn(api, 'ahead').mockResolvedValue(all)
    const list = mount(AheadList, {
      props: {
        clientId: `c${all.length}${all[0]?.forecast.early ?? ''}`,
        today: '2026-11-28',
        until: '2027-01-09',
      },
      global,
    })
    await flushPromises()
    return list
  }

  it('have a bar from ten to ninety per cent and its three dates', async () => {
    const list = await open([ahead()])
    expect(list.find('.dates').text()).toContain('50 % 9 Dec')
    const span = list.find('rect.span')
    expect(Number(span.attributes('x'))).toBeCloseTo((5 / 42) * 236, 0)
    expect(list.find('[aria-current=step]').text()).toContain('20 s')
  })

  it('say so where it is not reached at this rate', async () => {
    const list = await open([ahead({ early: null, middle: null, late: null })])
    expect(list.text()).toContain('Not at this rate.')
    expect(list.find('rect').exists()).toBe(false)
    expect((await open([])).text()).toContain('Nothing is climbed yet.')
  })
})
