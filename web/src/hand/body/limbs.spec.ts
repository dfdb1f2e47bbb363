import { describe, expect, it } from 'vitest'
import { norm, subtract, unit, type Vector } from '../vector'
import { viewFrom } from './field'
import { armTurn, handTurn, reachingArm, reachingLeg, shoulderOf } from './limbs'
import { BODY_POSES } from './poses'
import { SIDES, sign } from './pose'
import { NO_TURN, dot, rotate, turnX, turns } from './rotation'
import { framesOf, solved } from './skeleton'
import { shapeOf } from './smallHand'
import { scenery } from './surroundings'
import { FOREARM, SHIN, THIGH, UPPER_ARM, hipOf, trunkOf } from './trunk'

const UPRIGHT = solved(BODY_POSES.BODY_UPRIGHT)
const TRUNK = trunkOf(UPRIGHT)
const DOWN: Vector = [0, -1, 0]
const apart = (a: Vector, b: Vector) => norm(subtract(a, b))

describe('an arm by angles', () => {
  it.each([
    ['hangs', { elevation: 0, plane: 0, turn: 0 }, [0, -1, 0]],
    ['goes aside', { elevation: 90, plane: 0, turn: 0 }, [1, 0, 0]],
    ['goes forward', { elevation: 90, plane: 90, turn: 0 }, [0, 0, 1]],
    ['goes up', { elevation: 180, plane: 90, turn: 0 }, [0, 1, 0]],
  ] as const)('%s, on both sides alike', (_, angles, [x, y, z]) => {
    for (const side of SIDES) {
      const way = rotate(armTurn(angles, side), DOWN)
      expect(way[0]).toBeCloseTo(sign(side) * x)
      expect(way[1]).toBeCloseTo(y)
      expect(way[2]).toBeCloseTo(z)
    }
  })
})

/** Places in front of and beside the trunk that an arm can reach. */
const PLACES: readonly Vector[] = [
  [20, 230, 60],
  [50, 200, 50],
  [10, 170, 40],
  [70, 240, 20],
  [30, 290, 40],
]

describe('an arm that reaches', () => {
  it.each(PLACES.map((place) => [place]))('puts its wrist at %s', (place) => {
    for (const side of SIDES) {
      const goal: Vector = [sign(side) * place[0], place[1], place[2]]
      const aside: Vector = [sign(side), -1, 0]
      const arm = reachingArm(TRUNK, side, goal, aside, shapeOf('open'))
      const upper = turns(TRUNK.chest.turn, arm.turn)
      const shoulder = shoulderOf(TRUNK, side, arm.turn)
      const along = (turn: typeof upper, length: number) =>
        rotate(turn, DOWN).map((n) => n * length) as unknown as Vector
      const first = along(upper, UPPER_ARM)
      const second = along(turns(upper, turnX(-arm.elbow)), FOREARM)
      const wrist: Vector = [
        shoulder[0] + first[0] + second[0],
        shoulder[1] + first[1] + second[1],
        shoulder[2] + first[2] + second[2],
      ]
      expect(apart(wrist, goal)).toBeLessThan(1)
      expect(arm.elbow).toBeGreaterThanOrEqual(0)
    }
  })

  it('bends its elbow more, the nearer the place', () => {
    const elbow = (z: number) =>
      reachingArm(TRUNK, 'L', [27, 238, z], [0, -1, 0], shapeOf('open')).elbow
    expect(elbow(30)).toBeGreaterThan(elbow(60))
    expect(elbow(60)).toBeGreaterThan(elbow(90))
  })
})

describe('a leg that stands', () => {
  it.each([
    [70, 11.7, 40],
    [60, 40, 60],
    [20, 11.7, 0],
  ] as const)('keeps its bones as long as they are (%d %d %d)', (x, y, z) => {
    for (const side of SIDES) {
      const foot: Vector = [sign(side) * x * 0.3, y, z]
      const leg = reachingLeg(TRUNK, side, { foot, kneeToward: [0, 0, 1], world: NO_TURN }, 0)
      const hip = hipOf(TRUNK, side)
      const thigh = turns(TRUNK.pelvis.turn, leg.turn)
      const knee = rotate(thigh, DOWN).map(
        (n, i) => n * THIGH + (hip[i] as number),
      ) as unknown as Vector
      const shin = rotate(turns(thigh, turnX(leg.knee)), DOWN)
      const ankle = shin.map((n, i) => n * SHIN + (knee[i] as number)) as unknown as Vector
      const reach = Math.min(apart(hip, foot), (THIGH + SHIN) * 0.999)
      expect(apart(hip, ankle)).toBeCloseTo(reach, 1)
      expect(dot(unit(subtract(ankle, hip)), unit(subtract(foot, hip)))).toBeCloseTo(1, 4)
      expect(knee[2], 'the knee bends forward').toBeGreaterThanOrEqual(
        Math.min(hip[2], ankle[2]) - 0.01,
      )
    }
  })
})

describe('a hand in the world', () => {
  it('points its fingers and shows its palm where it should', () => {
    for (const side of SIDES) {
      const turn = handTurn(side, [0, 1, 0], [0, 0, 1])
      const fingers = rotate(turn, DOWN)
      const palm = rotate(turn, [-sign(side), 0, 0])
      expect(fingers[1]).toBeCloseTo(1)
      expect(palm[2]).toBeCloseTo(1)
    }
  })
})

describe('what stands around a body', () => {
  const frames = framesOf(UPRIGHT)
  const draw = (kind: 'floor' | 'seat' | 'panel' | 'keys' | 'towel' | 'post', yaw = 38) =>
    scenery([{ kind }], frames, viewFrom(yaw), yaw, [-60, -300, 60, 0])

  it.each(['floor', 'seat', 'panel', 'keys', 'towel', 'post'] as const)('%s is drawn', (kind) => {
    const drawn = draw(kind)
    expect(drawn.length).toBeGreaterThan(0)
    for (const thing of drawn) expect(thing.path).not.toMatch(/NaN|undefined/)
  })

  it('is wider than the body where it is the floor', () => {
    expect(draw('floor')[0]?.path).toBe('M-86 1H86')
  })

  it('is a wall at its depth, on the side from which it is seen', () => {
    const wall = (yaw: number) =>
      scenery([{ kind: 'wall', depth: -20 }], frames, viewFrom(yaw), yaw, [0, 0, 0, 0])
    expect(wall(90)[1]?.path).toBe('M-20 1V-300')
    expect(wall(-90)[1]?.path).toBe('M20 1V-300')
  })

  it('stands on fewer legs from the front, where they cover each other', () => {
    expect(draw('seat', 0).length).toBeLessThan(draw('seat', 38).length)
  })

  it('is nothing where nothing is', () => {
    expect(scenery([], frames, viewFrom(0), 0, [0, 0, 0, 0])).toEqual([])
  })
})
