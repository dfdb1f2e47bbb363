import { describe, expect, it } from 'vitest'
import type { Digit } from '@/api/types'
import { draw } from './drawing'
import { wholly } from './figures'
import { VIEWS, extent, mixPoses, type HandView } from './views'
import { area, capsule, distance, outline, type Flesh } from './outline'
import { drawPair } from './pairs'
import { HAND_POSES, type HandPoseName, type PairPoseName } from './poses'
import { build, type HandPose } from './skeleton'
import { norm, subtract } from './vector'

const NAMES = Object.keys(HAND_POSES) as HandPoseName[]
const HAND_VIEWS = Object.keys(VIEWS) as HandView[]
const pose = (name: HandPoseName): HandPose => HAND_POSES[name]

describe('the skeleton', () => {
  it('keeps the length of every bone in every pose', () => {
    for (const name of NAMES)
      for (const chain of build(pose(name)).chains)
        for (const bone of chain.phalanges)
          expect(norm(subtract(bone.to, bone.from))).toBeCloseTo(bone.length, 6)
  })

  it('joins each phalanx to the one before', () => {
    for (const name of NAMES)
      for (const chain of build(pose(name)).chains)
        chain.phalanges.slice(1).forEach((bone, i) => {
          expect(norm(subtract(bone.from, chain.phalanges[i]?.to ?? [0, 0, 0]))).toBeLessThan(1e-9)
        })
  })

  /** Limits of the drawing (from memory): see the table of joint limits in docs/hand.md. */
  it('stays within the limits of the joints in every pose', () => {
    for (const name of NAMES) {
      const { fingers, thumb, wrist } = pose(name)
      for (const f of fingers) {
        expect(f.knuckle, name).toBeGreaterThanOrEqual(-45)
        expect(f.knuckle, name).toBeLessThanOrEqual(90)
        expect(f.middle, name).toBeGreaterThanOrEqual(0)
        expect(f.middle, name).toBeLessThanOrEqual(105)
        expect(f.end, name).toBeGreaterThanOrEqual(-10)
        expect(f.end, name).toBeLessThanOrEqual(80)
      }
      expect(thumb.radial, name).toBeGreaterThanOrEqual(5)
      expect(thumb.opposition, name).toBeLessThanOrEqual(112)
      expect(Math.abs(wrist.flexion), name).toBeLessThanOrEqual(80)
      expect(wrist.deviation, name).toBeGreaterThanOrEqual(-35)
    }
  })

  it('brings a bent fingertip toward the palm', () => {
    const open = build(pose('FLAT')).chains[0]?.phalanges[2]?.to ?? [0, 0, 0]
    const bent = build(pose('CURL_INDEX')).chains[0]?.phalanges[2]?.to ?? [0, 0, 0]
    expect(bent[1]).toBeLessThan(open[1])
    expect(bent[2]).toBeGreaterThan(open[2])
  })

  it('brings the opposed thumb to the fingertip it is named after', () => {
    const targets: [HandPoseName, number][] = [
      ['THUMB_TO_INDEX', 0],
      ['THUMB_TO_MIDDLE', 1],
      ['THUMB_TO_RING', 2],
      ['THUMB_TO_LITTLE', 3],
    ]
    for (const [name, finger] of targets) {
      const { chains } = build(pose(name))
      const tip = chains[4]?.phalanges[2]?.to ?? [0, 0, 0]
      const distances = [0, 1, 2, 3].map((i) =>
        norm(subtract(tip, chains[i]?.phalanges[2]?.to ?? [0, 0, 0])),
      )
      expect(distances.indexOf(Math.min(...distances)), name).toBe(finger)
      expect(distances[finger], name).toBeLessThan(30)
    }
  })

  it('bends the wrist without moving the forearm', () => {
    const { wrist } = build(pose('WRIST_FLEXED'))
    expect(norm(wrist([0, 0, 0]))).toBe(0)
    expect(wrist([0, 100, 0])[2]).toBeGreaterThan(80)
  })
})

describe('the outline', () => {
  const ball: Flesh[] = [{ blend: 0, capsules: [capsule([0, 0, 0], [0, 0, 0], 20, 20)] }]

  it('knows inside from outside', () => {
    expect(distance(ball, 0, 0)).toBe(-20)
    expect(distance(ball, 30, 0)).toBe(10)
  })

  it('goes once round a ball with the right area', () => {
    const loops = outline(ball, 1)
    expect(loops).toHaveLength(1)
    expect(area(loops[0] ?? [])).toBeCloseTo(Math.PI * 400, -1)
  })

  it('goes separately round what does not touch', () => {
    const two = [...ball, { blend: 2, capsules: [capsule([80, 0, 0], [90, 0, 0], 8, 8)] }]
    expect(outline(two, 1)).toHaveLength(2)
  })
})

describe('the drawing', () => {
  const options = (view: HandView, left = false) => ({ id: 'x', see: VIEWS[view], left, step: 4 })

  it('has no broken number in any pose, view and side', { timeout: 60_000 }, () => {
    for (const name of NAMES)
      for (const view of HAND_VIEWS)
        for (const left of [false, true]) {
          const drawing = draw(pose(name), {
            ...options(view, left),
            step: 6,
            worked: wholly(['INDEX', 'RING', 'THUMB']),
          })
          expect(drawing.shapes.length, `${name} ${view}`).toBeGreaterThan(8)
          const paths = drawing.shapes.map((shape) => shape.path).join(' ')
          expect(paths, `${name} ${view}`).not.toMatch(/NaN|Infinity/)
          expect(drawing.box.every(Number.isFinite), `${name} ${view}`).toBe(true)
        }
  })

  it('is the same every time', () => {
    expect(draw(pose('FIST'), options('PALM')).shapes).toEqual(
      draw(pose('FIST'), options('PALM')).shapes,
    )
  })

  it('mirrors the left hand', () => {
    const right = extent(pose('SPREAD'), VIEWS.BACK, false)
    const left = extent(pose('SPREAD'), VIEWS.BACK, true)
    expect(left[0]).toBeCloseTo(-right[2])
    expect(left[2]).toBeCloseTo(-right[0])
    const tip = (l: boolean) => draw(pose('SPREAD'), options('BACK', l)).place(3, 2, 1)
    expect(tip(true)[0]).toBeCloseTo(-tip(false)[0])
    expect(tip(true)[1]).toBeCloseTo(tip(false)[1])
  })

  it('shows a right hand from its back with the thumb on the left, as its owner sees it', () => {
    const drawing = draw(pose('FLAT'), options('BACK'))
    expect(drawing.place(4, 2, 1)[0]).toBeLessThan(drawing.place(3, 2, 1)[0])
  })

  it('tints the digits at work and no other', () => {
    const tinted = (...worked: Digit[]) =>
      draw(pose('FLAT'), { ...options('PALM'), worked: wholly(worked) }).shapes.filter(
        (s) => s.fill === 'var(--hand-work)',
      ).length
    expect(tinted()).toBe(0)
    expect(tinted('MIDDLE')).toBeGreaterThan(0)
    expect(tinted('INDEX', 'MIDDLE', 'RING', 'LITTLE')).toBe(4 * tinted('MIDDLE'))
  })

  it('tints a digit that is meant a little with a share of the colour', () => {
    const fills = draw(pose('FLAT'), { ...options('PALM'), worked: new Map([[1, 1]]) }).shapes.map(
      (s) => s.fill,
    )
    expect(fills).toContain('color-mix(in srgb, var(--hand-work) 32%, var(--hand-fill))')
    expect(fills).not.toContain('var(--hand-work)')
  })

  it('puts nails on the back only', () => {
    const nails = (view: HandView) =>
      draw(pose('FLAT'), options(view)).shapes.filter((s) => s.fill === 'var(--hand-nail)').length
    expect(nails('BACK')).toBe(5)
    expect(nails('PALM')).toBe(0)
  })

  it('mixes two poses at their ends to themselves', () => {
    expect(mixPoses(pose('FLAT'), pose('FIST'), 0)).toEqual(pose('FLAT'))
    expect(mixPoses(pose('FLAT'), pose('FIST'), 1)).toEqual(pose('FIST'))
    expect(mixPoses(pose('FLAT'), pose('FIST'), 0.5).fingers[0].knuckle).toBe(40)
  })

  it('draws every pair without a broken number, and palms that meet in the middle', () => {
    const pairs: PairPoseName[] = [
      'PALMS_TOGETHER',
      'PALMS_LOWERED',
      'FINGERTIPS_TOGETHER',
      'INTERLACED',
    ]
    for (const name of pairs) {
      const pair = drawPair(name, name, 0, { id: 'p', step: 4, strokeWidth: 2, details: true })
      for (const hand of pair.hands)
        for (const shape of hand.drawing.shapes)
          expect(shape.path, name).not.toMatch(/NaN|Infinity/)
    }
    const palms = drawPair('PALMS_TOGETHER', 'PALMS_TOGETHER', 0, {
      id: 'p',
      step: 4,
      strokeWidth: 2,
      details: false,
    })
    expect(palms.seam).not.toBeNull()
  })
})
