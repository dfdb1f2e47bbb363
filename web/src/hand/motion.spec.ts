import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { cueForTests as cue } from '@/player/cueForTests'
import FigurePlayer from './FigurePlayer.vue'
import { handPose, isAngles, isBody, isHand, isNamed, isPair, keyframeOf } from './keyframes'
import { loopOf, motionAt } from './motion'
import { drawPair, tiltOf } from './pairs'
import { HAND_POSES } from './poses'
import { propShapes } from './props'
import { handDrawing, qualityFor, wholly } from './figures'

describe('a keyframe', () => {
  const bent = 'angles 3,70,20,10 0,0,0,0 3,0,0,0 4,0,0,0 42,10,5,5,28 -20,5'

  it('is read from its text and written back', () => {
    const pose = handPose(bent)
    expect(pose.fingers[0]).toEqual({ spread: 3, knuckle: 70, middle: 20, end: 10 })
    expect(pose.wrist).toEqual({ flexion: -20, deviation: 5, turn: 0 })
    expect(keyframeOf(pose)).toBe(bent)
    expect(handPose('FIST')).toBe(HAND_POSES.FIST)
    expect(handPose('nonsense')).toBe(HAND_POSES.FLAT)
  })

  it('says of which figure it is', () => {
    expect([isHand(bent), isAngles(bent), isNamed(bent)]).toEqual([true, true, false])
    expect([isPair('INTERLACED_RAISED'), isBody('BODY_ALL_FOURS')]).toEqual([true, true])
    expect(isHand('BODY_ALL_FOURS')).toBe(false)
  })
})

describe('a figure in motion', () => {
  it('follows its cue', () => {
    const c = cue({ from: 'FLAT', to: 'FIST', durationMillis: 1000, beat: 1, beats: 2 })
    expect(motionAt(c, 0, ['FLAT', 'FIST'])).toMatchObject({ from: 'FLAT', to: 'FIST', t: 0 })
    expect(motionAt(c, 500, ['FLAT', 'FIST']).t).toBeCloseTo(0.5)
    expect(motionAt(c, 1000, ['FLAT', 'FIST'])).toMatchObject({ t: 1, moving: false })
  })

  it('goes to and fro by itself where work is free', () => {
    const free = cue({ from: 'FLAT', to: 'FIST', durationMillis: 30_000 })
    const seen = new Set(
      Array.from({ length: 40 }, (_, i) => motionAt(free, i * 100, ['FLAT', 'FIST']).from),
    )
    expect(seen).toEqual(new Set(['FLAT', 'FIST']))
  })

  it('repeats one side of the dose, without getting ready or resting', () => {
    const all = [
      cue({ phase: 'SET_UP', repetition: 0 }),
      cue({ sides: 'LEFT', repetition: 1 }),
      cue({ sides: 'LEFT', repetition: 2, phase: 'HOLD' }),
      cue({ sides: 'RIGHT', repetition: 1 }),
    ]
    expect(loopOf(all)).toEqual(all.slice(1, 3))
    expect(loopOf([all[0] as never])).toHaveLength(1)
  })
})

describe('what is held', () => {
  const drawing = handDrawing('GRIP', 'GRIP', 0, 'SIDE', false, wholly([]), qualityFor(200, true))
  it.each(['BALL', 'WEIGHT', 'STICK', 'BAND', 'TABLE'] as const)('%s is drawn', (prop) => {
    const held = propShapes(prop, drawing, true, [-100, -100, 100, 100])
    const paths = [...held.behind, ...held.before]
    expect(paths.length).toBeGreaterThan(0)
    expect(paths.join()).not.toMatch(/NaN/)
  })
  it('nothing is drawn where nothing is held', () => {
    expect(propShapes('NONE', drawing, true, [0, 0, 0, 0])).toEqual({ behind: [], before: [] })
  })
})

describe('two hands', () => {
  it('lean over together', () => {
    const options = { id: 'p', step: 4, strokeWidth: 2, details: false }
    expect(tiltOf('PALMS_PUSHED_RIGHT')).toBe(20)
    const half = drawPair('PALMS_PUSHED_LEFT', 'PALMS_PUSHED_RIGHT', 0.5, options)
    expect(half.tilt).toBeCloseTo(0)
    expect(drawPair('INTERLACED', 'INTERLACED_TURNED_LEFT', 1, options).tilt).toBe(-24)
  })
})

describe('the figure player', () => {
  beforeEach(() => {
    vi.stubGlobal('matchMedia', () => ({ matches: true }))
  })
  const figure = {
    view: 'PALM' as const,
    poses: ['FLAT', 'FIST'],
    places: [],
    worked: [],
    arrow: 'NONE' as const,
    prop: 'NONE' as const,
    wrong: 'HOOK',
  }
  const cues = [
    cue({ text: 'Go into it', from: 'FLAT', to: 'FIST', sides: 'LEFT' }),
    cue({ text: 'Keep it', phase: 'HOLD', from: 'FIST', to: 'FIST', sides: 'LEFT' }),
    cue({ text: 'Let go', phase: 'RETURN', from: 'FIST', to: 'FLAT', sides: 'LEFT' }),
  ]
  const player = () =>
    mount(FigurePlayer, {
      props: { figure, cues, height: 200, label: 'Fist' },
      global: { stubs: { BButton: { template: '<button><slot /></button>' } } },
    })

  it('stands still where motion is not wanted, and goes step by step', async () => {
    const wrapper = player()
    await wrapper.vm.$nextTick()
    const words = () => wrapper.get('[data-figure-words]').text()
    expect(words()).toContain('Keep it')
    const step = (label: string) => wrapper.get(`[aria-label="${label}"]`).trigger('click')
    await step('One step on')
    expect(words()).toContain('Let go')
    await step('One step on')
    expect(words()).toContain('Go into it')
    await step('One step back')
    expect(words()).toContain('Let go')
  })

  it('shows the wrong form when asked, and the other face to one who stands opposite', async () => {
    const wrapper = player()
    expect(wrapper.find('.wrong').exists()).toBe(false)
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'Wrong form')
      ?.trigger('click')
    expect(wrapper.find('.wrong').exists()).toBe(true)
    const before = wrapper.find('svg').html()
    await wrapper
      .findAll('[role=radio]')
      .find((b) => b.text() === 'Facing')
      ?.trigger('click')
    expect(wrapper.find('svg').html()).not.toBe(before)
  })
})
