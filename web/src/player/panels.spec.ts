import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { RoutineView, SafetyView, SessionForm } from '@/api/types'
import BeatRow from './BeatRow.vue'
import BreathFan from './BreathFan.vue'
import CheckIn from './CheckIn.vue'
import HurtsPanel from './HurtsPanel.vue'

const safety: SafetyView = {
  notes: [],
  asksBefore: false,
  stopRules: ['Stop with sharp or rising pain.'],
  endingPain: 7,
  easierUpToPain: 3,
  endingSensations: ['SHARP', 'TINGLE'],
  endingWithPain: ['CLICK'],
  endingStep: ['CRAMP'],
  advice: 'Stop here for today.',
}
const routine = {
  blockTitle: 'Rehearsal',
  steps: [],
  safety,
} as unknown as RoutineView
const record = (changes: Partial<SessionForm>): SessionForm => ({
  blockId: 'b',
  routineId: null,
  purpose: 'WARM_UP',
  beganAt: '2026-03-02T17:50:00Z',
  endedAt: '2026-03-02T17:59:30Z',
  plannedMillis: 570_000,
  state: 'DONE',
  steps: [],
  hurts: [],
  before: null,
  ...changes,
})
const stubs = {
  BButton: { template: '<button type="button"><slot /></button>' },
  BFormInput: {
    props: ['modelValue'],
    template:
      '<input :value="modelValue" @input="$emit(\'update:modelValue\', $event.target.value)" />',
  },
}

type Wrapper = ReturnType<typeof mount>
const radio = (wrapper: Wrapper, group: string, text: string) =>
  wrapper
    .find(`[role=radiogroup][aria-label="${group}"]`)
    .findAll('[role=radio]')
    .find((r) => r.text() === text)
const touch = (wrapper: Wrapper, place: string) =>
  wrapper.findAll('button').find((b) => b.attributes('aria-label')?.startsWith(place))
const named = (wrapper: Wrapper, text: string) =>
  wrapper.findAll('button').find((b) => b.text().startsWith(text))

describe('it hurts', () => {
  const panel = (changes: object = {}) =>
    mount(HurtsPanel, {
      props: {
        stepTitle: 'Curls of two',
        safety,
        loaded: false,
        mayEase: false,
        burnIsWanted: false,
        asksAfter: true,
        ...changes,
      },
      global: { stubs },
      attachTo: document.body,
    })

  it('goes on only once it knows where and how much', async () => {
    const wrapper = panel()
    expect(named(wrapper, 'Go on')?.attributes('disabled')).toBeDefined()
    await touch(wrapper, 'Left ring finger')?.trigger('click')
    await radio(wrapper, 'Pain, 0 to 10', '4')?.trigger('click')
    await named(wrapper, 'Go on')?.trigger('click')
    expect(wrapper.emitted('on')).toEqual([
      [{ side: 'LEFT', region: 'RING_FINGER', level: 4, sensation: null }],
    ])
  })

  it('ends at once, whatever was said so far', async () => {
    const wrapper = panel()
    await named(wrapper, 'End here')?.trigger('click')
    expect(wrapper.emitted('end')?.[0]).toEqual([null, false])
  })

  it('does not go on from the level at which work ends', async () => {
    const wrapper = panel()
    await touch(wrapper, 'Right thumb')?.trigger('click')
    await radio(wrapper, 'Pain, 0 to 10', '7')?.trigger('click')
    expect(wrapper.text()).toContain('Stop here for today.')
    expect(named(wrapper, 'Go on')).toBeUndefined()
    await named(wrapper, 'End here')?.trigger('click')
    expect(wrapper.emitted('end')?.[0]?.[1]).toBe(true)
  })

  it('does not go on with what tingles, however little', async () => {
    const wrapper = panel()
    await touch(wrapper, 'Right thumb')?.trigger('click')
    await radio(wrapper, 'Pain, 0 to 10', '1')?.trigger('click')
    await radio(wrapper, 'How it feels', 'tingle')?.trigger('click')
    expect(named(wrapper, 'Go on')).toBeUndefined()
  })

  it('goes on a rung easier where it hurts a little', async () => {
    const wrapper = panel({ mayEase: true })
    await touch(wrapper, 'Right thumb')?.trigger('click')
    await radio(wrapper, 'Pain, 0 to 10', '4')?.trigger('click')
    expect(named(wrapper, 'Easier')).toBeUndefined()
    await radio(wrapper, 'Pain, 0 to 10', '3')?.trigger('click')
    await named(wrapper, 'Easier')?.trigger('click')
    expect(wrapper.emitted('easier')).toEqual([
      [{ side: 'RIGHT', region: 'THUMB', level: 3, sensation: null }],
    ])
    await radio(wrapper, 'How it feels', 'cramp')?.trigger('click')
    expect(named(wrapper, 'Easier')).toBeUndefined()
  })

  it('goes on counting with the burn that is wanted, and with nothing else', async () => {
    const wrapper = panel({ burnIsWanted: true })
    await radio(wrapper, 'How it feels', 'ache')?.trigger('click')
    expect(named(wrapper, 'Go on counting')).toBeUndefined()
    await radio(wrapper, 'How it feels', 'burn')?.trigger('click')
    await named(wrapper, 'Go on counting')?.trigger('click')
    expect(wrapper.emitted('burns')).toHaveLength(1)
    expect(named(panel(), 'Go on counting')).toBeUndefined()
  })

  it('can be taken back', async () => {
    const wrapper = panel()
    await named(wrapper, 'Back')?.trigger('click')
    expect(wrapper.emitted('cancel')).toHaveLength(1)
  })

  it('also knows places above the hand', async () => {
    const wrapper = panel()
    await named(wrapper, 'Left shoulder')?.trigger('click')
    await radio(wrapper, 'Pain, 0 to 10', '3')?.trigger('click')
    await named(wrapper, 'End here')?.trigger('click')
    expect(wrapper.emitted('end')?.[0]).toEqual([
      { side: 'LEFT', region: 'SHOULDER', level: 3, sensation: null },
      false,
    ])
  })
})

describe('the check-in', () => {
  const checkIn = (changes: Partial<SessionForm> = {}) =>
    mount(CheckIn, {
      props: { routine, record: record(changes), coachName: 'Ines' },
      global: { stubs },
      attachTo: document.body,
    })

  it('waits until what follows is over, and names nothing where nothing follows', () => {
    expect(checkIn().text()).toContain('It can wait until rehearsal is over: the session itself')
    const alone = mount(CheckIn, {
      props: { routine: { ...routine, blockTitle: '' }, record: record({}), coachName: 'Ines' },
      global: { stubs },
    })
    expect(alone.text()).toContain('It can wait: the session itself')
  })

  it('can be kept without a word', async () => {
    const wrapper = checkIn()
    await named(wrapper, 'Keep')?.trigger('click')
    expect(wrapper.emitted('keep')).toEqual([
      [{ effort: null, pains: [], tighterSide: null, words: '', results: null }],
    ])
  })

  it('keeps effort, pain by place, the tighter side and one line', async () => {
    const wrapper = checkIn()
    await radio(wrapper, 'Effort, 0 to 10', '5')?.trigger('click')
    await touch(wrapper, 'Left ring finger')?.trigger('click')
    await radio(wrapper, 'Pain, 0 to 10', '2')?.trigger('click')
    await radio(wrapper, 'How it feels', 'burn')?.trigger('click')
    await radio(wrapper, 'Tighter side', 'Left')?.trigger('click')
    await wrapper.find('#one-line').setValue('  Warm by the end ')
    await named(wrapper, 'Keep')?.trigger('click')
    expect(wrapper.emitted('keep')).toEqual([
      [
        {
          effort: 5,
          pains: [{ side: 'LEFT', region: 'RING_FINGER', level: 2, sensation: 'BURN' }],
          tighterSide: 'LEFT',
          words: 'Warm by the end',
          results: null,
        },
      ],
    ])
  })

  it('asks how far it was where that is what it was for', async () => {
    expect(checkIn().text()).not.toContain('How far')
    const step = { plannedMillis: 1000, outcome: 'DONE', donePercent: 100 }
    const wrapper = mount(CheckIn, {
      props: {
        routine: { ...routine, purpose: 'REACH', steps: [{ title: 'Wide' }, { title: 'Far' }] },
        record: record({
          steps: [step, { ...step, plannedMillis: 2000, account: { tighterSide: 'RIGHT' } }],
        } as unknown as Partial<SessionForm>),
        coachName: 'Ines',
      } as unknown as InstanceType<typeof CheckIn>['$props'],
      global: { stubs: { ...stubs, RoutineTape: true } },
    })
    const far = wrapper.find('[aria-label="How far"]')
    await far.setValue('1200')
    expect(wrapper.text()).toContain('How far must be a whole number from 0 to 1000.')
    await far.setValue('12')
    await named(wrapper, 'Keep')?.trigger('click')
    expect(wrapper.emitted('keep')?.[0]?.[0]).toMatchObject({
      results: [{ place: 1, unit: 'SEMITONES', value: 12 }],
      tighterSide: 'RIGHT',
    })
  })

  it('begins with what hurt during the session, the last word about each place', async () => {
    const wrapper = checkIn({
      state: 'STOPPED',
      hurts: [
        { side: 'RIGHT', region: 'PALM', level: 4, sensation: null },
        { side: 'RIGHT', region: 'PALM', level: 7, sensation: 'ACHE' },
      ],
    })
    expect(wrapper.text()).toContain('Stopped')
    expect(wrapper.text()).toContain('Stop here for today.')
    await named(wrapper, 'Keep')?.trigger('click')
    const kept = wrapper.emitted('keep')?.[0]?.[0] as { pains: unknown[] }
    expect(kept.pains).toEqual([{ side: 'RIGHT', region: 'PALM', level: 7, sensation: 'ACHE' }])
  })

  it('lets a place be taken back', async () => {
    const wrapper = checkIn()
    await touch(wrapper, 'Left thumb')?.trigger('click')
    await named(wrapper, 'It is nothing')?.trigger('click')
    await named(wrapper, 'Keep')?.trigger('click')
    const kept = wrapper.emitted('keep')?.[0]?.[0] as { pains: unknown[] }
    expect(kept.pains).toEqual([])
  })
})

describe('beat and breath', () => {
  it('make the sounding beat the larger one', () => {
    const wrapper = mount(BeatRow, { props: { beat: 2, beats: 4 } })
    expect(wrapper.findAll('span').map((s) => s.classes().join(' '))).toEqual([
      'gone',
      'on',
      '',
      '',
    ])
    expect(wrapper.attributes('aria-label')).toBe('Beat 2 of 4')
  })

  it('open the fan as the breath goes in', () => {
    const width = (open: number) => {
      const ribs = mount(BreathFan, { props: { open, word: 'in' } }).findAll('.rib')
      const tip = (d: string | undefined) => Number(d?.split('L')[1]?.split(' ')[0])
      return tip(ribs[4]?.attributes('d')) - tip(ribs[0]?.attributes('d'))
    }
    expect(width(1)).toBeGreaterThan(width(0.5))
    expect(width(0.5)).toBeGreaterThan(width(0))
  })
})
