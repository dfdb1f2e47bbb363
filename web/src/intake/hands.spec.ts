import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import { api } from '@/api/calls'
import type { ActivityForm, ClientForm, DayView, HandRoleView, WeightView } from '@/api/types'
import ActivitiesPart from './ActivitiesPart.vue'
import ActivityLine from './ActivityLine.vue'
import AtHandPart from './AtHandPart.vue'
import { emptyActivity, emptyClient } from './clientForm'
import HowPart from './HowPart.vue'
import { PLACE_SHAPES, THING_SHAPES } from './shelf'
import WakeRibbon from './WakeRibbon.vue'
import { weightOf, withWeight } from './weights'
import WhoPart from './WhoPart.vue'

const stubs = {
  BButton: { template: '<button type="button"><slot /></button>' },
  BreathTap: true,
}
const weight = (target: string, side: 'LEFT' | 'RIGHT', usual: number): WeightView => ({
  target,
  word: target,
  side,
  usual,
})
const usual = [
  weight('index', 'LEFT', 2),
  weight('index', 'RIGHT', 8),
  weight('thumb', 'LEFT', 0),
  weight('thumb', 'RIGHT', 5),
]
const day: DayView = {
  date: '2026-11-27',
  timeZone: 'UTC',
  wakesHour: 7,
  sleepsHour: 23,
  nowHour: 12,
  today: true,
  blocks: [],
  busy: [],
  pegs: [],
  done: 0,
  missed: 0,
  planned: 0,
  notes: [],
}
beforeEach(() => {
  vi.restoreAllMocks()
  vi.spyOn(api, 'usualWeights').mockResolvedValue(usual)
  vi.spyOn(api, 'handRoles').mockResolvedValue({})
  vi.spyOn(api, 'day').mockResolvedValue(day)
})

describe('weights of an activity', () => {
  it('are the usual ones until one is set, and then all of them are its own', () => {
    expect(weightOf(null, usual, 'index', 'RIGHT')).toBe(8)
    const own = withWeight(null, usual, 'index', 'LEFT', 6)
    expect(own).toEqual([
      { target: 'index', side: 'LEFT', weight: 6 },
      { target: 'index', side: 'RIGHT', weight: 8 },
      { target: 'thumb', side: 'RIGHT', weight: 5 },
    ])
    expect(weightOf(own, usual, 'thumb', 'LEFT')).toBe(0)
    expect(withWeight(own, usual, 'index', 'RIGHT', 99)[1]?.weight).toBe(10)
    expect(withWeight(own, usual, 'index', 'RIGHT', -1).map((w) => w.target)).toEqual([
      'index',
      'thumb',
    ])
  })
})

describe('what the hands do, in a sentence', () => {
  const line = async (changes: Partial<ActivityForm> = {}, roles: HandRoleView[] = []) => {
    const activity = ref<ActivityForm>({
      ...emptyActivity('PLUCKED_STRINGS'),
      title: 'Quintet',
      ...changes,
    })
    const wrapper = mount(
      {
        components: { ActivityLine },
        setup: () => ({ activity, roles }),
        template: `<ActivityLine v-model="activity" :index="0" :roles="roles"
          :problems="[{field: 'activities[0].title', message: 'A title.'}]" />`,
      },
      { global: { stubs } },
    )
    await flushPromises()
    const field = (label: string) => {
      const found = wrapper.findAll('label').find((one) => one.text() === label)
      return wrapper.find(`#${found?.attributes('for') ?? 'none'}`)
    }
    return { activity, wrapper, field }
  }

  it('has a field for each word, and asks for the hours of a week', async () => {
    const { activity, field } = await line()
    await field('Activity').setValue('Trio')
    await field('Kind').setValue('REHEARSAL')
    await field('Hours a week').setValue('7.5')
    await field('Working hand').setValue('LEFT')
    expect(activity.value).toMatchObject({
      title: 'Trio',
      kind: 'REHEARSAL',
      weeklyMinutes: 450,
      hands: ['LEFT'],
    })
    await field('Working hand').setValue('BOTH')
    expect(activity.value.hands).toEqual(['LEFT', 'RIGHT'])
  })

  it('forgets which hand does what when something else is played', async () => {
    const { activity, field, wrapper } = await line({ roles: { BOW_HAND: 'RIGHT' } }, [
      { role: 'BOW_HAND', word: 'the bow hand' },
    ])
    expect(wrapper.text()).toContain('the bow hand is')
    await field('the bow hand').setValue('LEFT')
    expect(activity.value.roles).toEqual({ BOW_HAND: 'LEFT' })
    await field('the bow hand').setValue('')
    expect(activity.value.roles).toEqual({})
    await field('With').setValue('WINDS')
    expect(activity.value.roles).toBeNull()
  })

  it('stands between two hands that show how much each digit carries', async () => {
    const { wrapper } = await line()
    const hands = wrapper.findAll('.digit-hand').map((hand) => hand.attributes('aria-label') ?? '')
    expect(hands[0]).toContain('Left index carries some')
    expect(hands[0]).not.toContain('Left thumb')
    expect(hands[1]).toContain('Right index carries most')
    expect(hands[1]).toContain('Right thumb carries more')
  })

  it('has a digit carry more with every touch, and nothing after the most', async () => {
    const { activity, wrapper } = await line()
    const index = wrapper.find('[title="Left index carries some"]')
    await index.trigger('click')
    const now = () => weightOf(activity.value.weights, usual, 'index', 'LEFT')
    expect(now()).toBe(6)
    await index.trigger('click')
    expect(now()).toBe(9)
    await index.trigger('click')
    expect(now()).toBe(0)
    expect(weightOf(activity.value.weights, usual, 'index', 'RIGHT')).toBe(8)
  })

  it('says below what is wrong', async () => {
    const { wrapper, field } = await line()
    expect(wrapper.find('[role=alert]').text()).toBe('A title.')
    expect(field('Activity').attributes('aria-invalid')).toBe('true')
  })

  it('is added and taken out', async () => {
    const form = ref<ClientForm>(emptyClient())
    const wrapper = mount(
      {
        components: { ActivitiesPart },
        setup: () => ({ form }),
        template: '<ActivitiesPart v-model="form" :problems="[]" discipline="WINDS" />',
      },
      { global: { stubs } },
    )
    await flushPromises()
    expect(wrapper.text()).toContain('Nothing yet.')
    await wrapper.findAll('button').at(-1)?.trigger('click')
    await flushPromises()
    expect(form.value.activities).toHaveLength(1)
    const out = wrapper.findAll('button').find((b) => b.text().startsWith('Take out'))
    await out?.trigger('click')
    expect(form.value.activities).toHaveLength(0)
  })
})

describe('what is at hand', () => {
  const reach = {
    all: 173,
    usable: 140,
    withStandIn: 4,
    waiting: [
      { word: 'a place on the floor', exercises: 10 },
      { word: 'the bow', exercises: 1 },
    ],
    standIns: { MAT: { thing: 'TOWEL' as const, words: 'Fold the towel.' } },
  }
  const part = async (changes: Partial<ClientForm> = {}) => {
    const ask = vi.spyOn(api, 'atHand').mockResolvedValue(reach)
    const form = ref<ClientForm>({
      ...emptyClient(),
      positions: ['SIT'],
      things: ['TOWEL'],
      ...changes,
    })
    const wrapper = mount({
      components: { AtHandPart },
      setup: () => ({ form }),
      template: '<AtHandPart v-model="form" :problems="[]" />',
    })
    await flushPromises()
    const thing = (name: string) =>
      wrapper.findAll('.shelf button').find((b) => b.find('.name').text() === name)
    return { ask, form, wrapper, thing }
  }

  it('stands on shelves, solid or dotted, with what stands in', async () => {
    const { thing } = await part()
    expect(thing('Towel')?.attributes('aria-pressed')).toBe('true')
    expect(thing('Mat')?.attributes('aria-pressed')).toBe('false')
    expect(thing('Mat')?.text()).toContain('Towel')
    expect(thing('Mat')?.attributes('title')).toBe('Fold the towel.')
    expect(thing('Chair')).toBeUndefined()
    expect(thing('Sit')?.attributes('aria-pressed')).toBe('true')
  })

  it('is changed by a touch, and says how far the library reaches then', async () => {
    const { ask, form, wrapper, thing } = await part()
    expect(wrapper.text()).toContain('That makes 140 of 173 exercises, 4 with a stand-in')
    expect(wrapper.text()).toContain('10 wait for a place on the floor, 1 waits for the bow.')
    await thing('Mat')?.trigger('click')
    await thing('Sit')?.trigger('click')
    await flushPromises()
    expect(form.value.things).toEqual(['TOWEL', 'MAT'])
    expect(form.value.positions).toEqual([])
    expect(ask).toHaveBeenLastCalledWith({ positions: [], things: ['MAT', 'TOWEL'] })
  })

  it('has a silhouette for every place and thing', () => {
    for (const shape of [...Object.values(PLACE_SHAPES), ...Object.values(THING_SHAPES)])
      expect(shape).toMatch(/^M[\d.]+ [\d.]+.*z$/i)
  })
})

describe('the waking day', () => {
  const ribbon = (wakesAt: string, sleepsAt: string) => {
    const wakes = ref(wakesAt)
    const sleeps = ref(sleepsAt)
    const wrapper = mount({
      components: { WakeRibbon },
      setup: () => ({ wakes, sleeps, day }),
      template: '<WakeRibbon v-model:wakes="wakes" v-model:sleeps="sleeps" :day="day" />',
    })
    const grip = (label: string) => wrapper.find(`[role=slider][aria-label=${label}]`)
    return { wakes, sleeps, grip }
  }

  it('lies between two grips that say their time', () => {
    const { grip } = ribbon('07:00', '00:30')
    expect(grip('Wakes').attributes('aria-valuetext')).toBe('07:00')
    expect(grip('Sleeps').attributes('aria-valuetext')).toBe('00:30')
    expect(grip('Sleeps').attributes('aria-valuenow')).toBe('24.5')
  })

  it('is changed by quarters of an hour with the arrows', async () => {
    const { wakes, sleeps, grip } = ribbon('07:00', '23:50')
    await grip('Wakes').trigger('keydown', { key: 'ArrowLeft' })
    expect(wakes.value).toBe('06:45')
    await grip('Sleeps').trigger('keydown', { key: 'ArrowRight' })
    await nextTick()
    expect(sleeps.value).toBe('00:00')
    await grip('Sleeps').trigger('keydown', { key: 'Home' })
    expect(sleeps.value).toBe('00:00')
  })

  it('never gets shorter than four hours, nor longer than a day', async () => {
    const { wakes, sleeps, grip } = ribbon('08:00', '12:00')
    await grip('Wakes').trigger('keydown', { key: 'ArrowRight' })
    expect(wakes.value).toBe('08:00')
    await grip('Sleeps').trigger('keydown', { key: 'ArrowLeft' })
    expect(sleeps.value).toBe('12:00')
    const long = ribbon('08:00', '07:45')
    await long.grip('Sleeps').trigger('keydown', { key: 'ArrowRight' })
    expect(long.sleeps.value).toBe('07:45')
  })
})

describe('who somebody is and how they work', () => {
  it('are sentences whose words are fields of the form', async () => {
    const form = ref<ClientForm>(emptyClient())
    const wrapper = mount(
      {
        components: { WhoPart, HowPart },
        setup: () => ({ form, problems: [{ field: 'warmUpMinutes', message: '3 to 30.' }] }),
        template: `<WhoPart v-model="form" :problems="[]" />
          <HowPart v-model="form" client-id="c" :problems="problems" />`,
      },
      { global: { stubs } },
    )
    await flushPromises()
    const field = (label: string) => {
      const found = wrapper.findAll('label').find((one) => one.text() === label)
      return wrapper.find(`#${found?.attributes('for') ?? 'none'}`)
    }
    await field('Name').setValue('Wiebke Tjaden')
    await field('Dominant hand').setValue('LEFT')
    await field('Warm-up, minutes').setValue('12')
    await field('Fingers are written').setValue('STRINGS')
    await field('Wakes').setValue('06:30')
    expect(form.value).toMatchObject({
      name: 'Wiebke Tjaden',
      dominantHand: 'LEFT',
      warmUpMinutes: 12,
      notation: 'STRINGS',
      wakesAt: '06:30',
    })
    expect(wrapper.find('[role=alert]').text()).toBe('3 to 30.')
    expect(wrapper.find('[role=slider][aria-label=Wakes]').attributes('aria-valuetext')).toBe(
      '06:30',
    )
  })
})
