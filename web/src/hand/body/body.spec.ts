import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import BodyShapes from '../BodyShapes.vue'
import type { BodyView } from '../figures'
import type { BodyPoseName } from '../poses'
import { norm, subtract, type Vector } from '../vector'
import { drawBody, silhouette, type BodyOptions } from './drawBody'
import { bodyBox, bodyFigure, stepsOf } from './figure'
import { leadingWays } from './motion'
import { BODY_POSES } from './poses'
import { SIDES, type BodySide } from './pose'
import { mirroredPoint } from './rotation'
import { bodyBetween, framesOf, mirrored, solved, type BodyFrames } from './skeleton'
import { FOREARM, SHIN, THIGH, UPPER_ARM } from './trunk'

const NAMES = Object.keys(BODY_POSES) as BodyPoseName[]
const framesFor = (name: BodyPoseName): BodyFrames => framesOf(solved(BODY_POSES[name]))
const length = (a: Vector, b: Vector) => norm(subtract(a, b))
const OPTIONS: BodyOptions = {
  yaw: 0,
  coarseness: 1.8,
  strokeWidth: 2.6,
  details: true,
  fingers: false,
  places: [],
  sides: SIDES,
}

describe('the skeleton of the body', () => {
  it('keeps the length of every bone in every pose and on the way', () => {
    const states = NAMES.map((name) => solved(BODY_POSES[name]))
    const between = states.map((state, i) =>
      bodyBetween(state, states[(i + 1) % states.length] ?? state, 0.5),
    )
    for (const state of [...states, ...between]) {
      const frames = framesOf(state)
      for (const side of SIDES) {
        const arm = frames.arm[side]
        const leg = frames.leg[side]
        expect(length(arm.shoulder, arm.elbow)).toBeCloseTo(UPPER_ARM, 6)
        expect(length(arm.elbow, arm.wrist)).toBeCloseTo(FOREARM, 6)
        expect(length(leg.hip, leg.knee)).toBeCloseTo(THIGH, 6)
        expect(length(leg.knee, leg.ankle)).toBeCloseTo(SHIN, 6)
      }
    }
  })

  it('keeps feet and hands where a pose puts them in the world', () => {
    for (const name of NAMES) {
      const pose = BODY_POSES[name]
      const frames = framesFor(name)
      for (const side of SIDES) {
        const foot = pose.legs?.[side]?.foot
        if (foot) expect(length(frames.leg[side].ankle, foot), `${name} foot`).toBeLessThan(3.5)
        const arm = pose.arms?.[side]
        if (arm?.reach && !arm.on)
          expect(length(frames.arm[side].wrist, arm.reach), `${name} hand`).toBeLessThan(6)
      }
    }
  })

  it('keeps a contact that two poses share all the way between them', () => {
    const a = solved(BODY_POSES.BODY_ALL_FOURS)
    const b = solved(BODY_POSES.BODY_ALL_FOURS_FORWARD)
    const start = framesOf(a)
    for (const t of [0.25, 0.5, 0.75]) {
      const frames = framesOf(bodyBetween(a, b, t))
      for (const side of SIDES)
        expect(length(frames.arm[side].wrist, start.arm[side].wrist)).toBeLessThan(0.5)
    }
  })

  it('is mirrored exactly', () => {
    const other: Record<BodySide, BodySide> = { L: 'R', R: 'L' }
    for (const name of NAMES) {
      const state = solved(BODY_POSES[name])
      const here = framesOf(state)
      const there = framesOf(mirrored(state))
      for (const side of SIDES) {
        expect(
          length(there.arm[side].wrist, mirroredPoint(here.arm[other[side]].wrist)),
          name,
        ).toBeLessThan(1e-6)
        expect(
          length(there.leg[side].ankle, mirroredPoint(here.leg[other[side]].ankle)),
          name,
        ).toBeLessThan(1e-6)
      }
    }
  })

  it('stands on the floor and sits on the seat', () => {
    for (const name of NAMES) {
      const frames = framesFor(name)
      for (const side of SIDES) expect(frames.leg[side].ankle[1], name).toBeGreaterThan(4)
    }
    expect(framesFor('BODY_SEATED').trunk.pelvis.place[1]).toBeCloseTo(90, 0)
  })
})

describe('the drawn body', () => {
  it.each([0, 38, 90, 150])('is drawn in every pose, turned by %i, with numbers only', (yaw) => {
    for (const name of NAMES) {
      const drawn = drawBody(solved(BODY_POSES[name]), { ...OPTIONS, yaw })
      expect(JSON.stringify(drawn.parts), name).not.toMatch(/NaN|null,null/)
      expect(drawn.parts).toHaveLength(16)
      expect(drawn.box[2] - drawn.box[0]).toBeGreaterThan(20)
    }
  })

  it('has sixteen parts, and a part for each finger in a close view', () => {
    const state = solved(BODY_POSES.BODY_UPRIGHT)
    expect(drawBody(state, OPTIONS).parts).toHaveLength(16)
    expect(drawBody(state, { ...OPTIONS, fingers: true }).parts).toHaveLength(24)
  })

  it('hides nothing of the head and of the feet when it stands', () => {
    const { parts } = drawBody(solved(BODY_POSES.BODY_UPRIGHT), OPTIONS)
    expect(parts.every((part) => part.fill.path.endsWith('Z'))).toBe(true)
    expect(parts.filter((part) => part.hair)).toHaveLength(1)
    expect(parts.every((part) => part.outline.full || part.outline.thinning)).toBe(true)
  })

  it('tints the places at work, on one side only where only that works', () => {
    const tinted = (places: BodyOptions['places'], sides: readonly BodySide[]) =>
      drawBody(solved(BODY_POSES.BODY_UPRIGHT), { ...OPTIONS, places, sides }).parts.flatMap(
        (part) => part.tints,
      )
    expect(tinted([], SIDES)).toHaveLength(0)
    expect(tinted(['SHOULDERS'], SIDES).length).toBeGreaterThan(tinted(['SHOULDERS'], ['R']).length)
    expect(tinted(['CHEST'], SIDES).length).toBeGreaterThan(0)
  })

  it('shows the chest from the front and the back from behind', () => {
    const tinted = (yaw: number, place: 'CHEST' | 'BACK') =>
      drawBody(solved(BODY_POSES.BODY_UPRIGHT), {
        ...OPTIONS,
        yaw,
        places: [place],
      }).parts.some((part) => part.tints.length > 0)
    expect([tinted(0, 'CHEST'), tinted(180, 'CHEST')]).toEqual([true, false])
    expect([tinted(0, 'BACK'), tinted(180, 'BACK')]).toEqual([false, true])
  })

  it('has one dotted outline', () => {
    const outline = silhouette(solved(BODY_POSES.BODY_ARMS_UP), 0)
    expect(outline.fill).toContain('Z')
    expect(outline.line.length).toBeGreaterThan(100)
    expect(outline.box[1]).toBeLessThan(-300)
  })

  it('is drawn once and kept, and stays in its box while it moves', () => {
    const draw = (t: number) =>
      bodyFigure({
        from: 'BODY_UPRIGHT',
        to: 'BODY_ARMS_UP',
        t,
        view: 'BODY',
        left: false,
        places: [],
        height: 240,
        moving: true,
      })
    expect(draw(0.5)).toBe(draw(0.5))
    const box = bodyBox(['BODY_UPRIGHT', 'BODY_ARMS_UP'], 'BODY', false)
    for (const t of [0, 1]) {
      const own = draw(t).body.box
      expect(own[0]).toBeGreaterThan(box[0])
      expect(own[1]).toBeGreaterThan(box[1])
      expect(own[2]).toBeLessThan(box[2])
    }
  })

  it('moves finely once its steps were drawn', () => {
    const common = {
      view: 'BODY_SIDE',
      left: false,
      places: [],
      height: 200,
    } as const
    const poses = ['BODY_SEATED', 'BODY_SEATED_ROUND'] as const
    const moving = () =>
      bodyFigure({ ...common, from: poses[0], to: poses[1], t: 0.5, moving: true })
    const simple = moving()
    expect(simple.body.parts.every((part) => part.inner.length === 0)).toBe(true)
    const steps = stepsOf(poses, common)
    expect(steps).toHaveLength(2 * 25)
    const half = steps.find((step) => step.from === poses[0] && step.t === 0.5)
    expect(half).toBeDefined()
    if (half) bodyFigure(half)
    expect(moving().body.parts.some((part) => part.inner.length > 0)).toBe(true)
  })

  it('is painted with its surroundings', () => {
    const figure = bodyFigure({
      from: 'BODY_SEATED_TOWEL',
      to: 'BODY_SEATED_TOWEL',
      t: 0,
      view: 'BODY_SIDE',
      left: false,
      places: ['FOREARMS'],
      height: 480,
      moving: false,
    })
    const wrapper = mount(BodyShapes, { props: { figure, strokeWidth: 2.1 } })
    expect(wrapper.findAll('.cloth')).toHaveLength(1)
    expect(wrapper.findAll('radialGradient').length).toBeGreaterThan(0)
    expect(wrapper.html()).not.toContain('NaN')
  })
})

describe('what leads a movement of the body', () => {
  const count = (from: BodyPoseName, to: BodyPoseName, view: BodyView) =>
    leadingWays(from, to, view, false).length

  it('is shown on both sides from the front, once from the side', () => {
    expect(count('BODY_UPRIGHT', 'BODY_ARMS_UP', 'BODY')).toBe(2)
    expect(count('BODY_ALL_FOURS', 'BODY_ALL_FOURS_FORWARD', 'BODY_SIDE')).toBe(1)
    expect(count('BODY_UPRIGHT', 'BODY_UPRIGHT', 'BODY')).toBe(0)
  })

  it('goes up with the arms and forward with the hips', () => {
    const [first] = leadingWays('BODY_UPRIGHT', 'BODY_ARMS_UP', 'BODY', false)
    expect(first?.points[2][1]).toBeLessThan(first?.points[0][1] ?? 0)
    const [hips] = leadingWays('BODY_ALL_FOURS', 'BODY_ALL_FOURS_FORWARD', 'BODY_SIDE', false)
    expect(hips?.points[2][0]).toBeGreaterThan(hips?.points[0][0] ?? 0)
  })
})
