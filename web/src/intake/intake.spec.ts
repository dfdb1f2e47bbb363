import { mount, type VueWrapper } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import type { HealthView, SetUpView, SignView, WeightView } from '@/api/types'
import BreathTap from './BreathTap.vue'
import MindedPart from './MindedPart.vue'
import PainPart from './PainPart.vue'
import SetUpPart from './SetUpPart.vue'
import SignsPart from './SignsPart.vue'
import WeightsMap from './WeightsMap.vue'

const sign = (changes: Partial<SignView>): SignView => ({
  sign: 'NIGHT_PAIN',
  word: 'pain that wakes at night',
  answer: 'NOT_ASKED',
  id: null,
  side: null,
  regions: [],
  place: '',
  since: '',
  askedOn: null,
  consequence: '',
  words: '',
  raisedBy: '',
  mayTakeBack: false,
  ...changes,
})
const health = (changes: Partial<HealthView> = {}): HealthView => ({
  pains: [],
  signs: [sign({}), sign({ sign: 'WEAKNESS', word: 'weakness or dropping things' })],
  history: [],
  minded: [],
  conditions: [
    {
      condition: 'ARTHRITIS',
      word: 'arthritis',
      adaptation: 'Small staged curls.',
      hasPlace: false,
    },
    {
      condition: 'OLD_INJURY',
      word: 'an old injury',
      adaptation: 'No load there.',
      hasPlace: true,
    },
  ],
  movements: [],
  endingPain: 7,
  steadyDays: 14,
  ...changes,
})
const stubs = {
  BButton: {
    props: ['disabled', 'type'],
    template: '<button :type="type ?? \'button\'" :disabled="disabled"><slot /></button>',
  },
  BFormCheckboxGroup: {
    props: ['modelValue', 'options'],
    template:
      '<span><label v-for="o in options" :key="o.value"><input type="checkbox" :value="o.value"' +
      ' @change="$emit(\'update:modelValue\', [...modelValue, o.value])" />{{ o.text }}</label></span>',
  },
}
const named = (wrapper: VueWrapper, text: string) =>
  wrapper.findAll('button').find((b) => b.text().startsWith(text))
const settle = async () => {
  await Promise.resolve()
  await nextTick()
  await nextTick()
}

describe('signs that belong to a clinician', () => {
  const panel = (view: HealthView) =>
    mount(SignsPart, { props: { clientId: 'c', health: view }, global: { stubs } })

  it('can be taken back as a mistake only while the server says so', async () => {
    const open = { answer: 'YES', id: 's1', side: 'LEFT', consequence: 'No load.' } as const
    const later = panel(health({ signs: [sign(open)] }))
    expect(named(later, 'It was touched by mistake')).toBeUndefined()
    const wrapper = panel(health({ signs: [sign({ ...open, mayTakeBack: true })] }))
    const after = health({ signs: [sign({ answer: 'MISTAKEN', askedOn: '2026-11-27' })] })
    const taken = vi.spyOn(api, 'takeBackSign').mockResolvedValue(after)
    await named(wrapper, 'It was touched by mistake')?.trigger('click')
    await settle()
    expect(taken).toHaveBeenCalledWith('c', 's1', '')
    expect(wrapper.emitted('told')).toEqual([[after]])
  })

  it('that were told in passing ask for an answer and can be answered with no', async () => {
    const raised = sign({ sign: 'PINS_AND_NEEDLES', answer: 'NO', raisedBy: 'tingling, 27 Nov' })
    const wrapper = panel(health({ signs: [raised] }))
    expect(wrapper.find('[role=status]').text()).toContain('Told in passing: tingling, 27 Nov')
    const screen = vi.spyOn(api, 'screen').mockResolvedValue(health())
    await named(wrapper, 'No')?.trigger('click')
    expect(screen).toHaveBeenCalledWith('c', [
      { sign: 'PINS_AND_NEEDLES', yes: false, side: null, regions: [], since: '' },
    ])
  })

  it('answers all that were not asked with one touch, and says when all are', async () => {
    const after = health({
      signs: [sign({ answer: 'NO' }), sign({ sign: 'WEAKNESS', answer: 'NO' })],
    })
    const screen = vi.spyOn(api, 'screen').mockResolvedValue(after)
    const wrapper = panel(health())
    expect(wrapper.text()).toContain('one touch answers 2')
    await named(wrapper, 'None of the others')?.trigger('click')
    await settle()
    expect(screen.mock.calls[0]?.[1].map((a) => [a.sign, a.yes])).toEqual([
      ['NIGHT_PAIN', false],
      ['WEAKNESS', false],
    ])
    expect(wrapper.emitted('told')).toEqual([[after]])
    expect(wrapper.emitted('answered')).toHaveLength(1)
  })

  it('asks where before a sign counts', async () => {
    const screen = vi.spyOn(api, 'screen').mockResolvedValue(health())
    const wrapper = panel(health())
    await named(wrapper, 'Yes')?.trigger('click')
    expect(named(wrapper, 'It is there')?.attributes('disabled')).toBeDefined()
    await wrapper.find('[role=radiogroup] [role=radio]').trigger('click')
    await wrapper.find('input[value=RING_FINGER]').trigger('change')
    await wrapper.find('input[placeholder]').setValue('some weeks')
    expect(named(wrapper, 'It is there')?.attributes('disabled')).toBeUndefined()
    await wrapper.find('form.open').trigger('submit')
    await settle()
    expect(screen).toHaveBeenCalledWith('c', [
      {
        sign: 'NIGHT_PAIN',
        yes: true,
        side: 'LEFT',
        regions: ['RING_FINGER'],
        since: 'some weeks',
      },
    ])
    expect(wrapper.emitted('answered')).toBeUndefined()
  })

  it('stands with its consequence until what the clinician said is recorded', async () => {
    const open = sign({
      answer: 'YES',
      id: 's1',
      side: 'LEFT',
      place: 'left palm',
      consequence: 'No strengthening.',
    })
    const clear = vi.spyOn(api, 'clearSign').mockResolvedValue(health({ signs: [] }))
    const wrapper = panel(health({ signs: [open] }))
    expect(wrapper.text()).toContain('No strengthening.')
    expect(wrapper.text()).toContain('please see a doctor')
    await named(wrapper, 'Record what the clinician said')?.trigger('click')
    expect(named(wrapper, 'This clears the sign')?.attributes('disabled')).toBeDefined()
    await wrapper.find('textarea').setValue('Seen, all clear.')
    await wrapper.find('form.clear').trigger('submit')
    await settle()
    expect(clear).toHaveBeenCalledWith('c', 's1', 'Seen, all clear.')
  })

  it('keeps what was written when the server refuses', async () => {
    vi.spyOn(api, 'screen').mockRejectedValue(new Error('A sign needs a place.'))
    const wrapper = panel(health())
    await named(wrapper, 'None of the others')?.trigger('click')
    await settle()
    expect(wrapper.find('[role=alert]').text()).toBe('A sign needs a place.')
    expect(wrapper.emitted('told')).toBeUndefined()
  })
})

describe('where it hurts', () => {
  const pain: HealthView['pains'][number] = {
    side: 'RIGHT',
    region: 'WRIST_THUMB_SIDE',
    regionWord: 'wrist, thumb side',
    level: 3,
    course: 'NEW',
    saidOn: '2026-11-20',
    since: null,
    dose: 'once a day',
    earlier: [{ date: '2026-11-10', level: 1 }],
  }
  const panel = (view: HealthView) =>
    mount(PainPart, {
      props: { clientId: 'c', health: view, today: '2026-11-25' },
      global: { stubs },
      attachTo: document.body,
    })
  const touch = (wrapper: VueWrapper, place: string) =>
    wrapper.findAll('button').find((b) => b.attributes('aria-label')?.startsWith(place))

  it('notes a place with its strength and since when', async () => {
    const tell = vi.spyOn(api, 'tellPains').mockResolvedValue(health())
    const wrapper = panel(health())
    await touch(wrapper, 'Right wrist, thumb side')?.trigger('click')
    expect(named(wrapper, 'Note it')?.attributes('disabled')).toBeDefined()
    await wrapper.findAll('[aria-label="Pain, 0 to 10"] [role=radio]')[3]?.trigger('click')
    await named(wrapper, 'Steady')?.trigger('click')
    await named(wrapper, 'Note it')?.trigger('click')
    await settle()
    expect(tell).toHaveBeenCalledWith('c', [
      {
        side: 'RIGHT',
        region: 'WRIST_THUMB_SIDE',
        level: 3,
        sensation: null,
        course: 'STEADY',
        since: null,
      },
    ])
    expect(wrapper.emitted('answered')).toHaveLength(1)
    wrapper.unmount()
  })

  it('takes the day it began instead, and shows that day when the place is touched again', async () => {
    const tell = vi.spyOn(api, 'tellPains').mockResolvedValue(health())
    const wrapper = panel(health({ pains: [{ ...pain, since: '2026-11-02' }] }))
    await touch(wrapper, 'Right wrist, thumb side')?.trigger('click')
    const day = wrapper.find<HTMLInputElement>('[aria-label="The day it began"]')
    expect(day.element.value).toBe('2 Nov 2026')
    expect(wrapper.find('input[type=date]').attributes('max')).toBe('2026-11-25')
    await day.setValue('30.10.2026')
    await day.trigger('change')
    await named(wrapper, 'Note it')?.trigger('click')
    await settle()
    expect(tell.mock.calls[0]?.[1][0]).toMatchObject({ course: null, since: '2026-10-30' })
    wrapper.unmount()
  })

  it('shows what was told with what it asks for and what was said before', () => {
    const wrapper = panel(health({ pains: [pain] }))
    const told = wrapper.find('.told').text()
    expect(told).toContain('right wrist, thumb side, new')
    expect(told).toContain('20 Nov')
    expect(told).toContain('strength work: once a day')
    expect(told).toContain('before: 1')
    expect(named(wrapper, 'Nothing hurts')).toBeUndefined()
    wrapper.unmount()
  })

  it('takes nothing hurts for an answer', async () => {
    const wrapper = panel(health())
    await named(wrapper, 'Nothing hurts')?.trigger('click')
    expect(wrapper.emitted('answered')).toHaveLength(1)
    wrapper.unmount()
  })
})

describe('conditions and instructions', () => {
  const minded: HealthView['minded'][number] = {
    id: 'm1',
    kind: 'KEEP_OUT',
    sides: ['RIGHT'],
    condition: null,
    region: 'PALM',
    movement: null,
    exerciseId: null,
    name: 'palm, right',
    words: 'letter of the therapist.',
    saidOn: '2026-11-20',
    until: '2026-12-08',
    endedOn: null,
    holds: true,
  }
  beforeEach(() => {
    vi.spyOn(api, 'library').mockResolvedValue({ rows: [] } as never)
  })
  const panel = (view: HealthView) =>
    mount(MindedPart, { props: { clientId: 'c', health: view }, global: { stubs } })

  it('notes a condition with its adaptation', async () => {
    const mind = vi.spyOn(api, 'mind').mockResolvedValue(health())
    const wrapper = panel(health())
    await named(wrapper, 'Add one')?.trigger('click')
    expect(named(wrapper, 'Note it')?.attributes('disabled')).toBeDefined()
    await wrapper.find('#minded-what').setValue('ARTHRITIS')
    expect(wrapper.text()).toContain('Small staged curls.')
    await wrapper.find('form').trigger('submit')
    await settle()
    expect(mind).toHaveBeenCalledWith('c', {
      kind: 'CONDITION',
      sides: ['LEFT', 'RIGHT'],
      condition: 'ARTHRITIS',
      region: null,
      movement: null,
      exerciseId: null,
      words: '',
      until: null,
    })
  })

  it('keeps a direction of movement out until a day', async () => {
    const mind = vi.spyOn(api, 'mind').mockResolvedValue(health())
    const wrapper = panel(health())
    await named(wrapper, 'Add one')?.trigger('click')
    await wrapper.find('#minded-subject').setValue('MOVEMENT')
    await wrapper.find('#minded-what').setValue('WRIST_EXTENSION')
    await wrapper.find('#minded-until').setValue('2026-12-08')
    await wrapper.find('#minded-words').setValue('splint')
    await wrapper.find('form').trigger('submit')
    await settle()
    expect(mind.mock.calls[0]?.[1]).toMatchObject({
      kind: 'KEEP_OUT',
      movement: 'WRIST_EXTENSION',
      until: '2026-12-08',
      words: 'splint',
    })
  })

  it('ends what holds no longer, and keeps it to be read', async () => {
    const end = vi
      .spyOn(api, 'endMinded')
      .mockResolvedValue(health({ minded: [{ ...minded, holds: false, endedOn: '2026-11-25' }] }))
    const wrapper = panel(health({ minded: [minded] }))
    expect(wrapper.text()).toContain('20 Nov, until 8 Dec')
    await named(wrapper, 'No longer')?.trigger('click')
    await settle()
    expect(end).toHaveBeenCalledWith('c', 'm1')
    const after = wrapper.emitted('told')?.[0]?.[0] as HealthView
    await wrapper.setProps({ health: after })
    expect(wrapper.text()).toContain('1 that hold no longer')
    expect(wrapper.text()).toContain('ended 25 Nov')
  })

  it('shows the server’s word about each field', async () => {
    vi.spyOn(api, 'mind').mockRejectedValue(
      new ServerProblem(400, 'Wrong', 'wrong', [{ field: 'words', message: 'Say who said so.' }]),
    )
    const wrapper = panel(health())
    await named(wrapper, 'Add one')?.trigger('click')
    await wrapper.find('#minded-what').setValue('ARTHRITIS')
    await wrapper.find('form').trigger('submit')
    await settle()
    expect(wrapper.find('[role=alert]').text()).toBe('Say who said so.')
  })
})

describe('the set-up', () => {
  const view = (state: 'FINE' | 'NOT_YET' | 'NOT_LOOKED_AT', riding: string | null): SetUpView => ({
    activities: [
      {
        activityId: 'a',
        title: 'Practice',
        points: [
          {
            id: 'wrist-in-line',
            says: 'Wrist in line.',
            why: 'Room for the tendons.',
            state,
            lookedOn: state === 'NOT_LOOKED_AT' ? null : '2026-11-20',
            words: '',
          },
        ],
        ridingPoint: riding,
        comparisons: [],
      },
    ],
    measures: [{ measure: 'WRIST_ANGLE', word: 'wrist out of line', unit: '°' }],
  })

  it('notes a look, lets a point ride, and compares two set-ups', async () => {
    vi.spyOn(api, 'setUp').mockResolvedValue(view('NOT_LOOKED_AT', null))
    const look = vi.spyOn(api, 'lookAt').mockResolvedValue(view('FINE', null))
    const ride = vi.spyOn(api, 'ride').mockResolvedValue(view('FINE', 'wrist-in-line'))
    const compare = vi.spyOn(api, 'compareSetUps').mockResolvedValue(view('FINE', null))
    const wrapper = mount(SetUpPart, { props: { clientId: 'c' }, global: { stubs } })
    await settle()
    expect(wrapper.text()).toContain('1 not looked')
    await wrapper.find('[role=radio]').trigger('click')
    await settle()
    expect(look).toHaveBeenCalledWith('c', {
      activityId: 'a',
      point: 'wrist-in-line',
      state: 'FINE',
      words: '',
    })
    expect(wrapper.text()).toContain('1 fine')
    await named(wrapper, 'Let it ride')?.trigger('click')
    await settle()
    expect(ride).toHaveBeenCalledWith('c', 'a', 'wrist-in-line')
    await named(wrapper, 'Rides along')?.trigger('click')
    expect(ride).toHaveBeenLastCalledWith('c', 'a', null)
    await settle()
    await named(wrapper, 'Compare two')?.trigger('click')
    const inputs = wrapper.findAll('form.compare input')
    await inputs[0]?.setValue('low stool')
    await inputs[1]?.setValue('25')
    await inputs[2]?.setValue('high stool')
    await inputs[3]?.setValue('10')
    await wrapper.find('form.compare').trigger('submit')
    await settle()
    expect(compare).toHaveBeenCalledWith('c', {
      activityId: 'a',
      measure: 'WRIST_ANGLE',
      firstName: 'low stool',
      firstValue: 25,
      secondName: 'high stool',
      secondValue: 10,
    })
  })
})

describe('counting breaths', () => {
  it('gives whole breaths a minute after half a minute', async () => {
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'performance'] })
    const wrapper = mount(BreathTap)
    const button = wrapper.find('button')
    for (let i = 0; i < 6; i++) {
      await button.trigger('click')
      vi.advanceTimersByTime(5_000)
    }
    vi.advanceTimersByTime(1_000)
    expect(wrapper.emitted('counted')).toEqual([[12]])
    vi.useRealTimers()
  })

  it('says nothing after too few touches', async () => {
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'performance'] })
    const wrapper = mount(BreathTap)
    await wrapper.find('button').trigger('click')
    vi.advanceTimersByTime(32_000)
    expect(wrapper.emitted('counted')).toBeUndefined()
    vi.useRealTimers()
  })
})

describe('what an activity asks for', () => {
  const weight = (side: 'LEFT' | 'RIGHT', usual: number): WeightView => ({
    target: 'wrist',
    word: 'wrist',
    side,
    usual,
  })

  it('is changed by one on one side, and put back to what is usual', async () => {
    const wrapper = mount(WeightsMap, {
      props: {
        usual: [weight('LEFT', 5), weight('RIGHT', 5)],
        title: 'Practice',
        modelValue: null,
      },
      global: { stubs },
    })
    const more = wrapper
      .findAll('button')
      .find((b) => b.attributes('aria-label') === 'wrist, left: more')
    await more?.trigger('click')
    expect(wrapper.emitted('update:modelValue')).toEqual([
      [
        [
          { target: 'wrist', side: 'LEFT', weight: 6 },
          { target: 'wrist', side: 'RIGHT', weight: 5 },
        ],
      ],
    ])
    await wrapper.setProps({ modelValue: [{ target: 'wrist', side: 'LEFT', weight: 6 }] })
    expect(wrapper.text()).toContain('changed by you')
    await named(wrapper, 'As usual')?.trigger('click')
    expect(wrapper.emitted('update:modelValue')?.at(-1)).toEqual([null])
  })
})
