import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import type { CalendarPreview, TitleChoice } from '@/api/types'
import FeedPanel from './FeedPanel.vue'
import ImportPreview from './ImportPreview.vue'
import MeaningChoice from './MeaningChoice.vue'
import PracticeRibbon from './PracticeRibbon.vue'
import ReminderPanel from './ReminderPanel.vue'
import SentenceField from './SentenceField.vue'
import { aWeek } from './samples'

beforeEach(() => vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
})

describe('a block typed as a sentence', () => {
  const sentence = {
    words: 'Practice, Mon',
    first: '2026-11-30',
    made: 3,
    blockIds: [],
    busyIds: [],
  }

  it('shows what was understood while it is typed, and puts in what was read', async () => {
    const read = vi.spyOn(api, 'readSentence').mockResolvedValue(sentence)
    const field = mount(SentenceField, { props: { clientId: 'c', busy: false } })
    await field.find('input').setValue('mon 18')
    await field.find('input').setValue('mon 18-19 practice')
    vi.advanceTimersByTime(400)
    await flushPromises()
    expect(read).toHaveBeenCalledTimes(1)
    expect(field.text()).toContain('Practice, Mon · 3 times')
    await field.find('form').trigger('submit')
    await flushPromises()
    expect(field.emitted('write')).toEqual([['mon 18-19 practice']])
    expect(field.find('input').element.value).toBe('')
  })

  it('says what is missing and keeps what was typed', async () => {
    vi.spyOn(api, 'readSentence').mockRejectedValue(
      new ServerProblem(400, '', '', [{ field: 'text', message: 'Say which day.' }]),
    )
    const field = mount(SentenceField, { props: { clientId: 'c', busy: false } })
    await field.find('input').setValue('18-19 practice')
    await field.find('form').trigger('submit')
    await flushPromises()
    expect(field.text()).toContain('Say which day.')
    expect(field.emitted('write')).toBeUndefined()
    expect(field.find('input').element.value).toBe('18-19 practice')
  })
})

describe('what a title of a calendar is', () => {
  it('is one of four; what lasts all day is no block', async () => {
    const choice = mount(MeaningChoice, {
      props: { modelValue: null, label: 'Fair', allDay: true },
    })
    const buttons = choice.findAll('button')
    expect(buttons.map((b) => b.attributes('disabled') !== undefined)).toEqual([
      true,
      true,
      false,
      false,
    ])
    await buttons[2]?.trigger('click')
    expect(choice.emitted('update:modelValue')).toEqual([['BUSY']])
    await buttons[2]?.trigger('keydown', { key: 'ArrowRight' })
    await buttons[3]?.trigger('keydown', { key: 'ArrowRight' })
    expect(choice.emitted('update:modelValue')?.slice(1)).toEqual([['NOTHING'], ['BUSY']])
  })
})

describe('a calendar before it is taken over', () => {
  const title = (choice: TitleChoice) => ({ choice, times: 2, example: '', allDay: false })
  const preview: CalendarPreview = {
    name: 'Town',
    again: false,
    titles: [
      title({ title: 'Rehearsal', meaning: null, activityId: null }),
      title({ title: 'Fair', meaning: 'NOTHING', activityId: null }),
    ],
    changes: [
      {
        kind: 'NEW',
        title: 'Fair',
        before: null,
        after: {
          date: '2026-11-30',
          startsAt: '18:00:00',
          endsAt: '20:00:00',
          allDay: false,
          words: '',
        },
      },
    ],
    unchanged: 4,
    notes: ['Nobody knows the time zone “Sea”.'],
  }
  const open = () => {
    vi.spyOn(api, 'week').mockResolvedValue(aWeek([]))
    return mount(ImportPreview, {
      props: {
        clientId: 'c',
        preview,
        activities: [{ id: 'a', title: 'Practice' }] as never,
        today: '2026-11-25',
        busy: false,
      },
      global: { stubs: { RouterLink: true } },
    })
  }

  it('counts, names what is to know and offers to take over', async () => {
    const page = open()
    await flushPromises()
    expect(page.find('.counts').text()).toContain('1 new')
    expect(page.find('.counts').text()).toContain('4 as they were')
    expect(page.find('.notes').text()).toContain('Nobody knows the time zone')
    expect(api.week).toHaveBeenCalledWith('c', '2026-11-30')
  })

  it('makes a title the first activity, the others stay as they were', async () => {
    const page = open()
    await page.find('[aria-label="Block"]').trigger('click')
    expect(page.emitted('choose')).toEqual([
      [
        [
          { title: 'Rehearsal', meaning: 'ACTIVITY', activityId: 'a' },
          { title: 'Fair', meaning: 'NOTHING', activityId: null },
        ],
      ],
    ])
  })
})

describe('what is given out', () => {
  it('shows the address once, when it is made', async () => {
    const off = { active: false, alarmMinutes: 0, breaks: false, madeAt: null, address: null }
    const on = { ...off, active: true, alarmMinutes: 5, madeAt: '2026-11-25T10:00:00Z' }
    vi.spyOn(api, 'feed').mockResolvedValueOnce(off).mockResolvedValue(on)
    const renew = vi
      .spyOn(api, 'renewFeed')
      .mockResolvedValue({ ...on, address: 'http://here/feed/secret.ics' })
    const panel = mount(FeedPanel, { props: { clientId: 'c' } })
    await flushPromises()
    expect(panel.text()).toContain('Make an address')
    await panel.findAll('button').at(-1)?.trigger('click')
    await flushPromises()
    expect(renew).toHaveBeenCalledWith('c', { alarmMinutes: 5, breaks: false })
    expect(panel.find('[data-feed]').text()).toBe('http://here/feed/secret.ics')
    expect(panel.text()).toContain('Renew the address')
  })

  it('offers no mail where none can go', async () => {
    vi.spyOn(api, 'reminders').mockResolvedValue({
      choice: { inApp: false, mail: false, digest: false, digestAt: '08:00:00', minutesBefore: 10 },
      address: null,
      mails: [],
    })
    const panel = mount(ReminderPanel, { props: { clientId: 'c' } })
    await flushPromises()
    const boxes = panel.findAll('input[type="checkbox"]')
    expect(boxes.map((box) => box.attributes('disabled') !== undefined)).toEqual([
      false,
      true,
      true,
    ])
    expect(panel.text()).toContain('Mail needs an account')
  })
})

describe('a day of practice on its ribbon', () => {
  it('draws each part where it lies and letters the techniques', () => {
    const part = (
      kind: 'TECHNIQUE' | 'REST' | 'REPERTOIRE',
      title: string,
      minutes: number,
      startsAt: string,
    ) => ({ kind, title, minutes, startsAt, endsAt: '' })
    const ribbon = mount(PracticeRibbon, {
      props: {
        endIsSet: false,
        day: {
          parts: [
            part('TECHNIQUE', 'Scales', 60, '09:00:00'),
            part('REST', 'Break', 10, '10:00:00'),
            part('TECHNIQUE', 'Thirds', 50, '10:10:00'),
          ],
          endsAt: '11:00:00',
          playingMinutes: 110,
          spareMinutes: 0,
          blockIds: [],
        },
      },
    })
    const boxes = ribbon.findAll('.box')
    const [first, second] = boxes.map((box) => Number(box.attributes('width')))
    expect((first ?? 0) / (second ?? 1)).toBeCloseTo(60 / 50)
    expect(ribbon.findAll('.letter').map((l) => l.text())).toEqual(['A', 'B'])
    expect(ribbon.find('.found .tab-text').text()).toBe('11:00')
    expect(ribbon.find('.set .tab-text').text()).toBe('09:00')
  })
})
