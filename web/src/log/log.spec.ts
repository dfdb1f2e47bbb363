import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '@/api/calls'
import type { LogEntry, MissedEntry } from '@/api/types'
import { accountWords, beforeWords, hurt, stateWords, stepWords, tapeOf } from './entries'
import CoachNote from './CoachNote.vue'
import CorrectSession from './CorrectSession.vue'
import LogDetail from './LogDetail.vue'
import LogFile from './LogFile.vue'
import SessionLog from './SessionLog.vue'

vi.mock('@/stores/account', () => ({
  account: { coach: { value: true }, me: { value: { markedPain: 2, endingPain: 7 } } },
}))

const plain = {
  side: null,
  shortfall: null,
  complete: null,
  shift: null,
  account: null,
  result: null,
  resultUnit: null,
}
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
      ...plain,
      leftPercent: 100,
      rightPercent: 100,
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
      ...plain,
      leftPercent: 0,
      rightPercent: 0,
    },
  ],
  tighterSide: 'LEFT',
  title: 'Warm-up before Practice',
  words: '',
  corrections: [],
  note: '',
  alongside: false,
  clockAheadSeconds: 0,
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
    BFormInput: {
      props: ['modelValue'],
      template:
        '<input :value="modelValue" @input="$emit(\'update:modelValue\', $event.target.value)" />',
    },
    BFormTextarea: {
      props: ['modelValue'],
      template:
        '<textarea :value="modelValue" @input="$emit(\'update:modelValue\', $event.target.value)" />',
    },
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
      props: { clientId: 'c', entry: entry({ pains: [pain], words: 'Warm by the end.' }) },
      global,
    })
    expect(wrapper.text()).toContain('Friday 27 November, 17:50; done')
    expect(wrapper.text()).toContain('9\u00a0min of 10\u00a0min')
    expect(wrapper.find('dl').text()).toContain('Left thumb 3')
    expect(wrapper.find('blockquote').text()).toBe('Warm by the end.')
    const steps = wrapper.findAll('.steps li')
    expect(steps[0]?.find('a').attributes('href')).toBe('/library/rub?version=2')
    expect(steps.map((s) => s.find('.outcome').text())).toEqual(['done', 'skipped'])
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

describe('a step of the log', () => {
  const [rub] = entry().steps
  const step = (changes: object) => ({ ...(rub as LogEntry['steps'][number]), ...changes })

  it('says what became of it, and why less', () => {
    expect(stepWords(step({}))).toBe('done')
    const half = { outcome: 'SKIPPED', donePercent: 60, leftPercent: 20, rightPercent: 100 }
    expect(stepWords(step({ ...half, shortfall: 'COULD_NOT' }))).toBe(
      'left 20 %, right 100 %, too much',
    )
    expect(stepWords(step({ outcome: 'HURT', donePercent: 40 }))).toBe('hurt at 40 %')
  })

  it('says what was counted, held and felt', () => {
    const account = {
      leftRepetitions: null,
      rightRepetitions: null,
      leftHeldMillis: 30_000,
      rightHeldMillis: 28_400,
      paceMillis: 600,
      notesToBeat: null,
      repeats: 2,
      stayedMillis: 12_000,
      tighterSide: 'LEFT',
      feltSide: 'LEFT',
      feltRegion: 'PALM',
      feltAs: 'PULL',
    }
    expect(accountWords(step({ account, complete: 40, shift: 'EASIER' }))).toEqual([
      'made easier',
      '40 complete before it burned',
      '100 a minute',
      'held left 30 s, right 28 s',
      '2 × more',
      'stayed 12 s longer',
      'left tighter',
      'felt at the left palm, pull',
    ])
    expect(accountWords(step({ result: 12, resultUnit: 'SEMITONES' }))).toEqual([
      'reached 12 semitones',
    ])
  })
})

describe('putting a session right', () => {
  const open = () =>
    mount(CorrectSession, {
      props: { clientId: 'c', entry: entry({ pains: [{ ...pain, moment: 'DURING' }] }) },
      global,
    })
  const keep = (wrapper: ReturnType<typeof open>) =>
    wrapper.findAll('button').find((b) => b.text() === 'Keep')

  it('needs a reason, and sends all it said with what is changed', async () => {
    const correct = vi.spyOn(api, 'correctSession').mockResolvedValue({ changed: [] })
    const wrapper = open()
    expect(keep(wrapper)?.attributes('disabled')).toBeDefined()
    await wrapper.find('[aria-label="Curl, left, per cent"]').setValue(50)
    await wrapper.find('[aria-label="Curl, why less"]').setValue('NO_TIME')
    await wrapper.find('#correct-why').setValue('On the bus')
    await keep(wrapper)?.trigger('click')
    await flushPromises()
    expect(correct).toHaveBeenCalledWith(
      'c',
      'a',
      expect.objectContaining({
        reason: 'On the bus',
        effort: 4,
        during: [{ side: 'LEFT', region: 'THUMB', level: 3, sensation: 'ACHE' }],
        steps: [
          { leftPercent: 100, rightPercent: 100, shortfall: null, complete: null },
          { leftPercent: 50, rightPercent: 0, shortfall: 'NO_TIME', complete: null },
        ],
      }),
    )
    expect(wrapper.emitted('kept')).toHaveLength(1)
  })

  it('shows what is decided otherwise because of it', async () => {
    vi.spyOn(api, 'correctSession').mockResolvedValue({
      changed: [
        {
          exerciseId: 'curl',
          title: 'Curl',
          side: 'LEFT',
          date: '2026-11-27',
          was: 'Up from 8 to 10.',
          now: 'Stays at 8.',
        },
      ],
    })
    const wrapper = open()
    await wrapper.find('#correct-why').setValue('Less')
    await keep(wrapper)?.trigger('click')
    await flushPromises()
    expect(wrapper.emitted('kept')).toBeUndefined()
    expect(wrapper.find('.changed').text()).toContain('Curl, left, 27 Nov')
    expect(wrapper.find('.was').text()).toBe('Up from 8 to 10.')
  })

  it('says where two went on at once, and where a clock was wrong', () => {
    const odd = entry({ alongside: true, clockAheadSeconds: 7200 })
    const text = mount(LogDetail, { props: { clientId: 'c', entry: odd }, global }).text()
    expect(text).toContain('Both are kept; the day counts once.')
    expect(text).toContain("The device's clock was 2\u00a0h ahead")
  })

  it('is told with what it said before', () => {
    const corrected = entry({
      corrections: [
        {
          at: '2026-11-27T18:00:00Z',
          byCoach: false,
          reason: 'On the bus',
          before: {
            ending: 'LEFT',
            donePercent: 40,
            effort: null,
            tighterSide: null,
            steps: [],
            during: [],
            after: [{ side: 'LEFT', region: 'PALM', level: 2, sensation: null }],
          },
        },
      ],
    })
    expect(corrected.corrections.map(beforeWords)).toEqual([
      '40 % done, effort not told, left palm 2',
    ])
    const detail = mount(LogDetail, { props: { clientId: 'c', entry: corrected }, global })
    expect(detail.text()).toContain('by the client: On the bus')
  })
})

describe('the note of a coach', () => {
  it('is written, kept, and let go', async () => {
    const note = vi.spyOn(api, 'noteSession').mockResolvedValue(undefined as never)
    const wrapper = mount(CoachNote, {
      props: { clientId: 'c', sessionId: 's', note: '' },
      global,
    })
    await wrapper.find('.plain').trigger('click')
    await wrapper.find('#coach-note').setValue(' Ask about the chair. ')
    await wrapper.findAll('button')[0]?.trigger('click')
    await flushPromises()
    expect(note).toHaveBeenCalledWith('c', 's', 'Ask about the chair.')
    expect(wrapper.emitted('kept')).toHaveLength(1)
  })
})

describe('the log as a file', () => {
  const choose = async (wrapper: ReturnType<typeof mount>) => {
    const input = wrapper.find('#log-file')
    Object.defineProperty(input.element, 'files', {
      value: [{ name: 'sessions.csv', text: () => Promise.resolve('session,began') }],
    })
    await input.trigger('change')
    await flushPromises()
  }

  it('is looked at before it is kept', async () => {
    const read = vi
      .spyOn(api, 'readLogFile')
      .mockResolvedValueOnce({ fresh: 2, known: 1, kept: false, problems: [] })
      .mockResolvedValueOnce({ fresh: 2, known: 1, kept: true, problems: [] })
    const wrapper = mount(LogFile, { props: { clientId: 'c' }, global })
    expect(wrapper.find('a').attributes('href')).toBe('/api/clients/c/log/sessions.csv')
    await choose(wrapper)
    expect(wrapper.text()).toContain('2 new sessions, 1 known already')
    await wrapper.find('button').trigger('click')
    await flushPromises()
    expect(read).toHaveBeenLastCalledWith('c', 'session,began', true)
    expect(wrapper.text()).toContain('2 sessions kept.')
    expect(wrapper.emitted('kept')).toHaveLength(1)
  })

  it('names what cannot be read by line and column', async () => {
    vi.spyOn(api, 'readLogFile').mockResolvedValue({
      fresh: 0,
      known: 0,
      kept: false,
      problems: [{ line: 3, column: 'effort', message: '(11) must be a whole number.' }],
    })
    const wrapper = mount(LogFile, { props: { clientId: 'c' }, global })
    await choose(wrapper)
    expect(wrapper.text()).toContain('1 piece cannot be read, so nothing is kept')
    expect(wrapper.text()).toContain('Line 3, effort (11) must be a whole number.')
  })
})
