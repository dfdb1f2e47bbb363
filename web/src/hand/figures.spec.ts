import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { curvedArrow, straightArrow } from './arrows'
import ExerciseFigure from './ExerciseFigure.vue'
import { digitNumbers, handDrawing, qualityFor, snap, wholly } from './figures'
import { isBody, isHand, isPair } from './keyframes'
import HandMap from './HandMap.vue'

// The server says from where on pain is marked and ends work.
vi.mock('@/stores/account', () => ({
  account: { me: { value: { markedPain: 2, endingPain: 7 } } },
}))

const quality = qualityFor(200, false)

describe('figures', () => {
  it('know which figure strikes a pose', () => {
    expect([isHand('FIST'), isPair('FIST'), isBody('FIST')]).toEqual([true, false, false])
    expect([isHand('INTERLACED'), isPair('INTERLACED')]).toEqual([false, true])
    expect([isHand('BODY_UPRIGHT'), isBody('BODY_UPRIGHT')]).toEqual([false, true])
  })

  it('number the digits as the drawing does', () => {
    expect(digitNumbers(['THUMB', 'INDEX', 'LITTLE'])).toEqual([4, 0, 3])
  })

  it('are drawn once and kept', () => {
    const draw = () => handDrawing('FLAT', 'FIST', 0.5, 'PALM', false, wholly(['MIDDLE']), quality)
    expect(draw()).toBe(draw())
    expect(handDrawing('FLAT', 'FIST', 0.5, 'PALM', true, wholly(['MIDDLE']), quality)).not.toBe(
      draw(),
    )
  })

  it('go through a fixed number of steps between two poses', () => {
    const all = new Set(Array.from({ length: 1000 }, (_, i) => snap(i / 999)))
    expect(all.size).toBe(25)
    expect(snap(0)).toBe(0)
    expect(snap(1)).toBe(1)
  })

  it('are simpler when small or moving', () => {
    expect(qualityFor(100, false).details).toBe(false)
    expect(qualityFor(480, false).details).toBe(true)
    expect(qualityFor(480, true).details).toBe(false)
    expect(qualityFor(480, true).step).toBeGreaterThan(qualityFor(480, false).step)
    expect(qualityFor(100, false).strokeWidth).toBeGreaterThan(qualityFor(480, false).strokeWidth)
  })

  it('show both hands where both work, one where one works', () => {
    const hands = (sides: 'LEFT' | 'RIGHT' | 'BOTH') =>
      mount(ExerciseFigure, {
        props: { poses: ['FLAT'], view: 'PALM', sides, label: 'Hand' },
      }).findAll('mask').length
    expect(hands('BOTH')).toBe(2)
    expect(hands('LEFT')).toBe(1)
  })

  it('mirror the left hand', () => {
    const mirrored = (sides: 'LEFT' | 'RIGHT') =>
      mount(ExerciseFigure, { props: { poses: ['FLAT'], view: 'PALM', sides, label: 'Hand' } })
        .html()
        .includes('scale(-1 1)')
    expect(mirrored('LEFT')).toBe(true)
    expect(mirrored('RIGHT')).toBe(false)
  })

  it('stay where they are while they move', () => {
    const box = (progress: number) =>
      mount(ExerciseFigure, {
        props: {
          poses: ['SPREAD', 'FIST'],
          from: 'SPREAD',
          to: 'FIST',
          progress,
          view: 'PALM',
          label: 'Hand',
        },
      }).attributes('viewBox')
    expect(box(0)).toBe(box(0.5))
    expect(box(0)).toBe(box(1))
  })

  it('carry an arrow and a ghost for a pull, and none when small', () => {
    const figure = (height: number, from = 'WRIST_EXTENDED') =>
      mount(ExerciseFigure, {
        props: {
          poses: ['CLOSED', 'WRIST_EXTENDED'],
          from,
          view: 'SIDE',
          arrow: 'PULL',
          height,
          label: 'Wrist',
        },
      })
    expect(figure(480).findAll('.arrow')).toHaveLength(1)
    expect(figure(480).findAll('.ghost')).toHaveLength(1)
    expect(figure(480, 'CLOSED').findAll('.ghost'), 'it is where it began').toHaveLength(0)
    expect(figure(100).findAll('.arrow')).toHaveLength(0)
  })

  it('put a thing of its own into each of two hands', () => {
    const things = (sides: 'BOTH' | 'RIGHT') =>
      mount(ExerciseFigure, {
        props: { poses: ['GRIP'], view: 'PALM', prop: 'WEIGHT', sides, height: 300, label: 'Grip' },
      }).findAll('.thing').length
    expect(things('RIGHT')).toBeGreaterThan(0)
    expect(things('BOTH')).toBe(2 * things('RIGHT'))
  })

  it('circle round the wrists where the arms have carried them', () => {
    const figure = mount(ExerciseFigure, {
      props: {
        poses: ['BODY_ARMS_LOW', 'BODY_ARMS_AT_EYES'],
        view: 'BODY_SIDE',
        places: ['WRISTS', 'SHOULDERS'],
        arrow: 'CIRCLE',
        height: 300,
        label: 'Arms',
      },
    })
    const start =
      figure
        .find('.arrow path')
        .attributes('d')
        ?.match(/-?[\d.]+/g) ?? []
    expect(Number(start[1]), 'above the shoulders, which are 238 up').toBeLessThan(-220)
  })

  it('show the hand that helps, at the fingertips or at the knuckles of a fist', () => {
    const figure = (poses: string[], height: number) =>
      mount(ExerciseFigure, {
        props: { poses, from: poses[1], view: 'SIDE', arrow: 'PULL', height, label: 'Wrist' },
      })
    const long = figure(['CLOSED', 'WRIST_FLEXED'], 480)
    const fist = figure(['LOOSE_FIST', 'LOOSE_FIST_FLEXED'], 480)
    for (const wrapper of [long, fist]) {
      expect(wrapper.findAll('.helper path').length).toBe(6)
      expect(wrapper.find('.helper').html()).not.toMatch(/NaN/)
    }
    expect(figure(['CLOSED', 'WRIST_FLEXED'], 100).find('.helper').exists()).toBe(false)
  })

  it('press against a single part from where it goes', () => {
    const figure = mount(ExerciseFigure, {
      props: {
        poses: ['CLOSED', 'THUMB_OUT'],
        view: 'PALM',
        worked: ['THUMB'],
        arrow: 'PRESS',
        height: 300,
        label: 'Thumb',
      },
    })
    expect(figure.findAll('.arrow')).toHaveLength(1)
  })

  it('press from both sides', () => {
    const figure = mount(ExerciseFigure, {
      props: {
        poses: ['PALMS_TOGETHER'],
        view: 'PAIR',
        arrow: 'PRESS',
        height: 300,
        label: 'Palms',
      },
    })
    expect(figure.findAll('.arrow')).toHaveLength(2)
    expect(figure.findAll('.seam')).toHaveLength(1)
  })

  it('pulse while a position is held', () => {
    const pulses = (holding: boolean) =>
      mount(ExerciseFigure, {
        props: { poses: ['CLOSED'], view: 'SIDE', holding, label: 'Hold' },
      }).findAll('.pulse').length
    expect(pulses(true)).toBe(1)
    expect(pulses(false)).toBe(0)
  })

  it('draw the body too', () => {
    const figure = mount(ExerciseFigure, {
      props: {
        poses: ['BODY_UPRIGHT', 'BODY_ARMS_UP'],
        from: 'BODY_UPRIGHT',
        to: 'BODY_ARMS_UP',
        progress: 0.5,
        view: 'BODY',
        label: 'Reach',
      },
    })
    expect(figure.findAll('.hair')).toHaveLength(1)
    expect(figure.html()).not.toContain('NaN')
  })
})

describe('arrows', () => {
  it('end at their tip', () => {
    const arrow = straightArrow([0, 0], [100, 0])
    expect(arrow.shaft).toBe('M0 0L95 0')
    expect(arrow.head.startsWith('M105.3')).toBe(true)
  })

  it('bend the way they go', () => {
    expect(curvedArrow([0, 0], 50, 0, 1).shaft).toContain(' 0 0 1 ')
    expect(curvedArrow([0, 0], 50, 1, 0).shaft).toContain(' 0 0 0 ')
    expect(curvedArrow([0, 0], 50, 0, 4).shaft).toContain(' 0 1 1 ')
  })
})

describe('the map of both hands', () => {
  it('tells pain in words and numbers', () => {
    const wrapper = mount(HandMap, {
      props: { pains: [{ side: 'RIGHT', region: 'WRIST_LITTLE_FINGER_SIDE', level: 5 }] },
    })
    expect(wrapper.find('svg').attributes('aria-label')).toBe(
      'Both hands; pain: right wrist, little-finger side 5 of 10',
    )
    expect(wrapper.findAll('.place').map((p) => p.text())).toEqual(['5'])
    expect(wrapper.find('.place').classes()).toContain('felt')
  })

  it('marks pain from where the server says', () => {
    const tone = (level: number) =>
      mount(HandMap, { props: { pains: [{ side: 'LEFT', region: 'PALM', level }] } })
        .find('.place')
        .classes()
    expect(tone(1)).toContain('mild')
    expect(tone(2)).toContain('felt')
    expect(tone(6)).toContain('felt')
    expect(tone(7)).toContain('hot')
  })

  it('can be touched at every place of both hands', async () => {
    const wrapper = mount(HandMap, { props: { touchable: true } })
    const places = wrapper.findAll('button')
    expect(places).toHaveLength(24)
    const names = places.map((p) => p.attributes('aria-label'))
    expect(new Set(names).size).toBe(24)
    await places.find((p) => p.attributes('aria-label') === 'Right thumb')?.trigger('click')
    expect(wrapper.emitted('choose')).toEqual([['RIGHT', 'THUMB']])
  })

  it('has the left hand on the left, thumbs inward', () => {
    const wrapper = mount(HandMap, { props: { touchable: true } })
    const left = (name: string) =>
      Number.parseFloat(
        wrapper
          .find(`[aria-label="${name}"]`)
          .attributes('style')
          ?.match(/left: ([\d.]+)%/)?.[1] ?? '',
      )
    expect(left('Left little finger')).toBeLessThan(left('Left thumb'))
    expect(left('Left thumb')).toBeLessThan(left('Right thumb'))
    expect(left('Right thumb')).toBeLessThan(left('Right little finger'))
  })
})
