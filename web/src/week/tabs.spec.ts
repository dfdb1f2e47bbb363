import { mount, type VueWrapper } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import { keeper } from '@/api/queries'
import type { PlanView, ProgrammeForm, ProgrammeView } from '@/api/types'
import { CLIENT_PAGE, type ClientPage } from '@/parts/clientPage'
import ProgrammeTab from './ProgrammeTab.vue'
import { aBlock, aDay, aPeg, aSession, aWeek } from './samples'
import WeekTab from './WeekTab.vue'

const changed = (id: string) => void keeper.invalidateQueries({ queryKey: ['client', id] })

const day = aDay({
  blocks: [aBlock({ endHour: 13, warmUpReason: 'As long as wanted, ends as the block starts.' })],
  pegs: [
    aPeg(),
    aPeg({
      blockId: 'b',
      lineId: null,
      why: 'After 50 min of Practice; 10 min off.',
      purpose: 'BREAK',
      startHour: 11,
      endHour: 11.05,
      label: 'Break, planned',
    }),
  ],
})
const week = (changes: Partial<PlanView> = {}) =>
  aWeek([day], {
    sessions: [aSession()],
    unmet: [{ lineId: 'care', date: '2026-12-01', sentence: 'No room for recovery on Tuesday.' }],
    counts: [{ lineId: 'care', title: 'recovery', purpose: 'RECOVERY', placed: 6, wanted: 7 }],
    ...changes,
  })
const form: ProgrammeForm = {
  version: 4,
  title: 'Conditioning',
  target: '',
  startsOn: '2026-11-25',
  reviewsOn: '2026-12-23',
  endsOn: '2027-01-20',
  sessionsADay: 4,
  minutesADay: 45,
  obligations: [
    {
      purpose: 'COOL_DOWN',
      minutes: 6,
      frequency: 'AFTER_BLOCKS',
      anchor: 'EVENING',
      heavy: false,
      notOn: [],
      contents: null,
    },
    {
      purpose: 'STRENGTH',
      minutes: 15,
      frequency: 'THREE_A_WEEK',
      anchor: 'EVENING',
      heavy: true,
      notOn: [],
      contents: null,
    },
  ],
}
const programme: ProgrammeView = {
  id: 'p',
  programme: form,
  obligations: [],
  painWords: 'Left palm 3, steady: morning and night.',
}
const stubs = {
  BButton: {
    props: ['disabled', 'type'],
    template: '<button :type="type ?? \'button\'" :disabled="disabled"><slot /></button>',
  },
}
const loaded = <T>(value: T) => ({
  data: ref(value),
  error: ref(undefined),
  slow: ref(false),
  reload: () => Promise.resolve(),
  set: () => undefined,
})
const open = async (tab: typeof WeekTab | typeof ProgrammeTab) => {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:rest(.*)*', component: { template: '<p />' } }],
  })
  await router.push('/clients/c/week?date=2026-11-30')
  const page = {
    client: loaded({ facts: { activities: [{ id: 'a', title: 'Practice' }] } }),
    day: loaded(day),
    pains: loaded([]),
    reloadAll: () => Promise.resolve(),
    chosenBlock: ref(null),
  } as unknown as ClientPage
  const wrapper = mount(tab, {
    props: { clientId: 'c' },
    global: { plugins: [router], stubs, provide: { [CLIENT_PAGE as symbol]: page } },
    attachTo: document.body,
  })
  await vi.waitFor(() => expect(wrapper.find('h2').exists()).toBe(true))
  return wrapper
}
const named = (wrapper: VueWrapper, text: string) =>
  wrapper.findAll('button').find((b) => b.text().includes(text))

beforeEach(() => {
  vi.spyOn(api, 'week').mockResolvedValue(week())
})
afterEach(() => {
  vi.restoreAllMocks()
  document.body.innerHTML = ''
})

describe('the week tab', () => {
  it('counts what has a place and names what has none', async () => {
    const wrapper = await open(WeekTab)
    expect(wrapper.find('h2').text()).toBe('30 Nov to 6 Dec')
    expect(wrapper.find('.counts .short').text()).toBe('6 of 7')
    expect(wrapper.find('.reason').text()).toContain('No room for recovery on Tuesday.')
  })

  it('says why a session or a block is where it is', async () => {
    const wrapper = await open(WeekTab)
    await wrapper.find('.peg[role=button]').trigger('click')
    expect(wrapper.find('.reason').text()).toContain('At its time: evening (19:00).')
    expect(wrapper.find('.reason .time').text()).toBe('19:00–19:06')
    await wrapper.find('.block').trigger('click')
    expect(wrapper.find('.reason').text()).toContain('ends as the block starts')
  })

  it('draws breaks as notches of their block, not as pegs', async () => {
    const wrapper = await open(WeekTab)
    expect(wrapper.findAll('.notch')).toHaveLength(1)
    expect(wrapper.findAll('.peg[role=button]')).toHaveLength(1)
  })

  it('is moved by the keyboard: arrows ask, Enter keeps, Escape leaves', async () => {
    const ask = vi.spyOn(api, 'previewWeek').mockResolvedValue(week({ moves: ['Strength moves.'] }))
    const pin = vi.spyOn(api, 'pinSessions').mockResolvedValue(week())
    const wrapper = await open(WeekTab)
    const peg = wrapper.find('.peg[role=button]')
    await peg.trigger('keydown', { key: 'ArrowRight' })
    await vi.waitFor(() => expect(wrapper.find('.reason').text()).toContain('Strength moves.'))
    expect(ask.mock.calls[0]?.[1].pin?.startsAt).toBe('19:05')
    await peg.trigger('keydown', { key: 'Escape' })
    expect(wrapper.find('.reason').text()).not.toContain('Let go or press Enter')
    await peg.trigger('keydown', { key: 'ArrowLeft' })
    await peg.trigger('keydown', { key: 'Enter' })
    await vi.waitFor(() => expect(pin).toHaveBeenCalledTimes(1))
    expect(pin.mock.calls[0]?.[2]).toMatchObject([{ startsAt: '18:55', pinned: true }])
  })

  it('leaves a session out on Delete and pins it on P', async () => {
    const pin = vi.spyOn(api, 'pinSessions').mockResolvedValue(week())
    const wrapper = await open(WeekTab)
    await wrapper.find('.peg[role=button]').trigger('keydown', { key: 'Delete' })
    await vi.waitFor(() => expect(pin.mock.calls[0]?.[2]).toMatchObject([{ skipped: true }]))
    await wrapper.find('.peg[role=button]').trigger('keydown', { key: 'p' })
    await vi.waitFor(() =>
      expect(pin.mock.calls[1]?.[2]).toMatchObject([{ startsAt: '19:00', pinned: true }]),
    )
  })
})

describe('the programme tab', () => {
  beforeEach(() => {
    vi.spyOn(api, 'progress').mockResolvedValue({
      since: '2026-10-18',
      today: '2026-11-28',
      lookedOn: null,
      ladders: [],
      decided: [],
      pains: [],
      kept: [{ purpose: 'RECOVERY', word: 'Recovery', kept: 21, planned: 24, days: [] }],
    })
    vi.spyOn(api, 'programmeChoices').mockResolvedValue({
      frequencies: [
        {
          frequency: 'BEFORE_BLOCKS',
          words: 'before every block',
          place: 'with the block',
          attached: true,
          ofTheBlock: true,
        },
        {
          frequency: 'AFTER_BLOCKS',
          words: 'after every block',
          place: 'with the block',
          attached: true,
          ofTheBlock: false,
        },
        {
          frequency: 'BY_PAIN',
          words: 'as often as pain allows',
          place: null,
          attached: false,
          ofTheBlock: false,
        },
      ],
      anchors: [
        { anchor: 'EVENING', words: 'evening' },
        { anchor: 'after:a', words: 'the end of practice' },
      ],
      another: {
        purpose: 'RECOVERY',
        minutes: 6,
        frequency: 'DAILY',
        anchor: 'EVENING',
        heavy: false,
        notOn: [],
        contents: null,
      },
      ready: [
        {
          id: 'reach',
          aim: 'Every day, then a look.',
          weeks: 2,
          programme: {
            ...form,
            version: 4,
            title: 'Reach, two weeks',
            startsOn: '2026-11-30',
            reviewsOn: '2026-12-06',
            endsOn: '2026-12-13',
            obligations: form.obligations.slice(1).map((o) => ({ ...o, heavy: false })),
          },
        },
      ],
    })
  })

  it('shows the programme with what pain makes of it', async () => {
    vi.spyOn(api, 'programme').mockResolvedValue([programme])
    const wrapper = await open(ProgrammeTab)
    await vi.waitFor(() => expect(wrapper.findAll('.obligations li')).toHaveLength(2))
    expect(wrapper.find('.pain').text()).toContain('morning and night')
    expect(wrapper.text()).toContain('with the block')
    expect(wrapper.find('[aria-label="Where in the day 1"]').exists()).toBe(false)
    expect(wrapper.find('[aria-label="Where in the day 2"]').text()).toContain(
      'the end of practice',
    )
  })

  it('says what waits because of the hands, and hears of it when it changes elsewhere', async () => {
    vi.spyOn(api, 'programme').mockResolvedValue([programme])
    const wrapper = await open(ProgrammeTab)
    expect(wrapper.find('.waits').exists()).toBe(false)
    await wrapper.find('input[maxlength="60"]').setValue('Typed and not saved')
    vi.spyOn(api, 'programme').mockResolvedValue([
      {
        ...programme,
        obligations: [
          {
            id: 'o',
            purpose: 'STRENGTH',
            minutes: 15,
            frequency: 'THREE_A_WEEK',
            byPain: false,
            contents: 'composed anew',
            heavy: true,
            words: '',
            limits: ['Not placed: left thumb 8 of 10.'],
          },
        ],
      },
    ])
    changed('c')
    await vi.waitFor(() =>
      expect(wrapper.find('.waits').text()).toContain('Not placed: left thumb 8 of 10.'),
    )
    const title = wrapper.find('input[maxlength="60"]').element as HTMLInputElement
    expect(title.value).toBe('Typed and not saved')
  })

  it('takes a ready one from today on and places it over the one there is', async () => {
    vi.spyOn(api, 'programme').mockResolvedValue([programme])
    const save = vi.spyOn(api, 'saveProgramme').mockResolvedValue(programme)
    const wrapper = await open(ProgrammeTab)
    await vi.waitFor(() => expect(wrapper.find('.obligations').exists()).toBe(true))
    await named(wrapper, 'Reach')?.trigger('click')
    await wrapper.find('form').trigger('submit')
    await vi.waitFor(() => expect(wrapper.text()).toContain('Placed in the weeks.'))
    expect(save.mock.calls[0]?.[1]).toMatchObject({
      version: 4,
      startsOn: '2026-11-30',
      reviewsOn: '2026-12-06',
      endsOn: '2026-12-13',
    })
  })

  it('shows the server’s word beside the obligation', async () => {
    vi.spyOn(api, 'programme').mockResolvedValue([programme])
    vi.spyOn(api, 'saveProgramme').mockRejectedValue(
      new ServerProblem(400, 'Not yet', 'Look again.', [
        { field: 'obligations[1].frequency', message: 'Heavy work cannot be daily.' },
      ]),
    )
    const wrapper = await open(ProgrammeTab)
    await vi.waitFor(() => expect(wrapper.find('.obligations').exists()).toBe(true))
    await wrapper.find('form').trigger('submit')
    await vi.waitFor(() =>
      expect(wrapper.find('.wrong').text()).toBe('Heavy work cannot be daily.'),
    )
  })

  it('begins with a choice where there is none yet', async () => {
    vi.spyOn(api, 'programme').mockResolvedValue([])
    const wrapper = await open(ProgrammeTab)
    expect(wrapper.text()).toContain('Choose a programme')
    expect(wrapper.find('form').exists()).toBe(false)
  })
})
