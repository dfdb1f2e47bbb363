import { mount, type VueWrapper } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import { askAnew, keeper } from '@/api/queries'
import type { ProgrammeDaysView } from '@/api/types'
import { CLIENT_PAGE, type ClientPage } from '@/parts/clientPage'
import { addDays } from '@/parts/words'
import { aBlock, aDay, aPeg, aWeek } from '@/week/samples'
import HandoutPage from './HandoutPage.vue'
import ProgrammePage from './ProgrammePage.vue'
import { choices, programme } from './samples'
import WaitingLines from './WaitingLines.vue'

const changed = (id: string) => void askAnew(['client', id])
const stubs = {
  BButton: {
    props: ['disabled', 'type'],
    template: '<button :type="type ?? \'button\'" :disabled="disabled"><slot /></button>',
  },
  AheadList: true,
}
const loaded = <T>(value: T) => ({
  data: ref(value),
  error: ref(undefined),
  slow: ref(false),
  reload: () => Promise.resolve(),
  set: () => undefined,
})
const look = { steps: [], missing: [], lengthMillis: 0, refused: '' }
const days: ProgrammeDaysView = {
  minutesAllowed: 315,
  stopRules: ['Stop with sharp or rising pain.'],
  endingPain: 7,
  obligations: [
    {
      obligationId: 'cool',
      day: aDay({
        blocks: [aBlock()],
        pegs: [aPeg({ purpose: 'COOL_DOWN', blockId: 'b', lineId: null })],
      }),
      look: {
        ...look,
        lengthMillis: 330_000,
        steps: [
          {
            fixed: false,
            doseWords: '20 s',
            feltAt: 'in the palms',
            figure: {
              poses: ['FLAT'],
              view: 'PALM',
              worked: [],
              places: [],
              arrow: 'NONE',
              prop: 'NONE',
              wrong: null,
            },
            tape: {
              title: 'Palm rub',
              kind: 'HEAT',
              lengthMillis: 330_000,
              laterality: 'TOGETHER',
              side: 'LEFT',
              circuit: 0,
            },
          },
        ],
      },
      sessions: 5,
      minutes: 30,
      attached: false,
    },
    {
      obligationId: 'strong',
      day: null,
      look: { ...look, refused: 'A clinician first.' },
      sessions: 0,
      minutes: 0,
      attached: false,
    },
  ],
}
const open = async (shown: typeof ProgrammePage | typeof HandoutPage = ProgrammePage) => {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:rest(.*)*', component: { template: '<p />' } }],
  })
  const page = {
    client: loaded({ facts: { activities: [{ id: 'a', title: 'Practice' }] } }),
    day: loaded(aDay()),
    pains: loaded([]),
    reloadAll: () => Promise.resolve(),
    chosenBlock: ref(null),
  } as unknown as ClientPage
  const wrapper = mount(shown, {
    props: { clientId: 'c' },
    global: { plugins: [router], stubs, provide: { [CLIENT_PAGE as symbol]: page } },
    attachTo: document.body,
  })
  await vi.waitFor(() => expect(wrapper.find('h2').exists()).toBe(true))
  return wrapper
}
const named = (wrapper: VueWrapper, text: string) =>
  wrapper.findAll('button').find((b) => b.text().includes(text))
const rows = (wrapper: VueWrapper) => wrapper.findAll('.obligations > li > button')

beforeEach(() => {
  keeper.clear()
  vi.spyOn(api, 'progress').mockResolvedValue({
    since: '2026-10-18',
    today: '2026-11-28',
    lookedOn: null,
    ladders: [],
    decided: [],
    pains: [],
    kept: [{ purpose: 'COOL_DOWN', word: 'Cool-down', kept: 21, planned: 24, days: [] }],
  })
  vi.spyOn(api, 'programmeChoices').mockResolvedValue(choices)
  vi.spyOn(api, 'programmeDays').mockResolvedValue(days)
  vi.spyOn(api, 'themes').mockResolvedValue([])
  vi.spyOn(api, 'clientRoutines').mockResolvedValue([])
  vi.spyOn(api, 'offers').mockResolvedValue({ fits: [], doesNot: [] })
  vi.spyOn(api, 'lookAtContents').mockResolvedValue({
    look,
    minutes: 6,
    newestVersion: 0,
    pain: [],
  })
  vi.spyOn(api, 'programme').mockResolvedValue([programme])
})
afterEach(() => {
  vi.restoreAllMocks()
  vi.unstubAllGlobals()
  document.body.innerHTML = ''
})

describe('the programme', () => {
  it('shows each obligation with its place in the day, its tape and what was kept', async () => {
    const wrapper = await open()
    await vi.waitFor(() => expect(rows(wrapper)).toHaveLength(2))
    await vi.waitFor(() => expect(wrapper.find('.short').text()).toBe('21 of 24'))
    const [cool, strong] = rows(wrapper)
    expect(cool?.attributes('aria-label')).toBe('Cool-down, after every block, 21 of 24')
    expect(cool?.findAll('.where g.peg')).toHaveLength(1)
    expect(cool?.text()).toContain('5\u00a0min 30\u00a0s')
    expect(strong?.text()).toContain('Strength, heavy')
    expect(strong?.text()).toContain('as often as pain allows, evening')
    expect(strong?.text()).toContain('waits')
    expect(wrapper.find('.pain').text()).toContain('morning and night')
    expect(wrapper.find('section.minutes > svg').attributes('aria-label')).toBe(
      '30 of 315 minutes: Cool-down 30 min',
    )
  })

  it('opens one beside the list, and Escape closes it', async () => {
    const wrapper = await open()
    await vi.waitFor(() => expect(rows(wrapper)).toHaveLength(2))
    await rows(wrapper)[0]?.trigger('click')
    const panel = wrapper.find('section.panel')
    expect(panel.text()).toContain('5 in seven days, 30 min')
    expect(panel.text()).toContain('as it is placed on Monday 30 November')
    expect(wrapper.find('section.minutes').text()).toContain('of them cool-down 30, 5 times')
    await panel.trigger('keydown', { key: 'Escape' })
    expect(wrapper.find('section.panel').exists()).toBe(false)
  })

  it('says what waits because of the hands, and hears of it when it changes elsewhere', async () => {
    const wrapper = await open()
    expect(wrapper.find('.waits').exists()).toBe(false)
    await named(wrapper, 'Title, dates')?.trigger('click')
    await wrapper.find('input[maxlength="60"]').setValue('Typed and not saved')
    const waiting = programme.obligations.map((one) => ({
      ...one,
      limits: ['Not placed: left thumb 8 of 10.'],
    }))
    vi.spyOn(api, 'programme').mockResolvedValue([{ ...programme, obligations: waiting }])
    changed('c')
    await vi.waitFor(() =>
      expect(wrapper.find('.waits').text()).toContain('Not placed: left thumb 8 of 10.'),
    )
    const title = wrapper.find('input[maxlength="60"]').element as HTMLInputElement
    expect(title.value).toBe('Typed and not saved')
    await named(wrapper, 'Put back')?.trigger('click')
    expect(wrapper.find('h2').text()).toBe('Conditioning')
  })

  it('takes a ready one from today on and places it over the one there is', async () => {
    const save = vi.spyOn(api, 'saveProgramme').mockResolvedValue(programme)
    const wrapper = await open()
    expect(named(wrapper, 'Place in week')).toBeUndefined()
    await named(wrapper, 'Another programme')?.trigger('click')
    await named(wrapper, 'Reach')?.trigger('click')
    expect(rows(wrapper)[0]?.attributes('aria-label')).toBe('Reach, daily, evening, not placed yet')
    await wrapper.find('form').trigger('submit')
    await vi.waitFor(() => expect(wrapper.text()).toContain('Placed in the weeks.'))
    expect(save.mock.calls[0]?.[1]).toMatchObject({
      version: 4,
      startsOn: '2026-11-30',
      reviewsOn: '2026-12-06',
      endsOn: '2026-12-13',
    })
  })

  it('adds one opened, and takes it out again', async () => {
    const wrapper = await open()
    await vi.waitFor(() => expect(rows(wrapper)).toHaveLength(2))
    await named(wrapper, 'Add one')?.trigger('click')
    expect(rows(wrapper)).toHaveLength(3)
    expect(wrapper.find('section.panel').attributes('aria-label')).toBe('Recovery')
    await wrapper.find('[aria-label="Take out Recovery"]').trigger('click')
    expect(rows(wrapper)).toHaveLength(2)
    expect(named(wrapper, 'Place in week')).toBeUndefined()
  })

  it('opens the obligation that the server refused, with its word', async () => {
    vi.spyOn(api, 'saveProgramme').mockRejectedValue(
      new ServerProblem(400, 'Not yet', 'Look again.', [
        { field: 'obligations[1].frequency', message: 'Heavy work cannot be daily.' },
      ]),
    )
    const wrapper = await open()
    await vi.waitFor(() => expect(rows(wrapper)).toHaveLength(2))
    await wrapper.find('form').trigger('submit')
    await vi.waitFor(() =>
      expect(wrapper.find('section.panel .wrong').text()).toBe('Heavy work cannot be daily.'),
    )
  })

  it('begins with a choice where there is none yet', async () => {
    vi.spyOn(api, 'programme').mockResolvedValue([])
    const wrapper = await open()
    expect(wrapper.text()).toContain('Choose a programme')
    expect(wrapper.find('form').exists()).toBe(false)
  })

  it('says together what waits for the same reason', () => {
    const [one] = programme.obligations
    if (!one) throw new Error('no obligation')
    const wrapper = mount(WaitingLines, {
      props: {
        obligations: [
          { ...one, purpose: 'STRENGTH', limits: ['Pain 8 of 10.'] },
          { ...one, purpose: 'REACH', limits: ['Pain 8 of 10.'] },
          { ...one, purpose: 'RECOVERY', limits: [] },
        ],
      },
    })
    expect(wrapper.findAll('li')).toHaveLength(1)
    expect(wrapper.find('li').text()).toContain('Strength')
    expect(wrapper.find('li').text()).toContain('Reach')
  })

  it('goes onto paper: the days from tomorrow on, what is in it, and when to stop', async () => {
    vi.spyOn(api, 'week').mockImplementation((_, date) =>
      Promise.resolve(
        aWeek(Array.from({ length: 7 }, (_, i) => aDay({ date: addDays(date, i), today: false }))),
      ),
    )
    const print = vi.fn()
    vi.stubGlobal('print', print)
    const wrapper = await open(HandoutPage)
    expect(wrapper.findAll('[data-date]').map((one) => one.attributes('data-date'))).toEqual(
      Array.from({ length: 7 }, (_, i) => addDays('2026-11-30', i + 1)),
    )
    expect(wrapper.findAll('.session'), 'what waits is not on it').toHaveLength(1)
    expect(wrapper.find('.session').text()).toContain('Palm rub, 20 s')
    expect(wrapper.find('footer').text()).toContain('Stop with sharp or rising pain.')
    expect(wrapper.find('footer').text()).toContain('Pain of 7 and more')
    await named(wrapper, 'Print')?.trigger('click')
    expect(print).toHaveBeenCalledTimes(1)
  })
})
