import { describe, expect, it } from 'vitest'
import type { PlanSessionView } from '@/api/types'
import { aDay, aPeg, aPlan, aSession } from './samples'
import { clockOf, hourOf, snapped, withBlockAt, withPlan } from './shown'

const day = aDay
const session = aSession
const peg = (changes: Parameters<typeof aPeg>[0]) => aPeg({ lineId: null, ...changes })
const plan = (sessions: PlanSessionView[]) => aPlan({ sessions })

describe('hours', () => {
  it('go past midnight where the day does', () => {
    expect(hourOf('19:30:00', 7)).toBe(19.5)
    expect(hourOf('00:45', 7)).toBe(24.75)
    expect(clockOf(24.75)).toBe('00:45')
    expect(clockOf(9)).toBe('09:00')
  })

  it('snap to five minutes', () => {
    expect(clockOf(snapped(10 + 7 / 60))).toBe('10:05')
    expect(clockOf(snapped(10 + 8 / 60))).toBe('10:10')
    expect(clockOf(snapped(9.999))).toBe('10:00')
  })
})

describe('a week with a plan', () => {
  it('puts free-standing sessions where the plan has them and leaves the others', () => {
    const warmUp = peg({ purpose: 'WARM_UP', blockId: 'b', startHour: 9.8 })
    const before = peg({ lineId: 'care', startHour: 12, label: 'Recovery, due now' })
    const [shown] = withPlan([day({ pegs: [warmUp, before] })], plan([session({})]))
    expect(shown?.pegs.map((p) => [p.purpose, p.startHour])).toEqual([
      ['WARM_UP', 9.8],
      ['RECOVERY', 19],
    ])
    expect(shown?.pegs[1]?.label).toBe('Recovery, due now')
    expect(shown?.pegs[1]?.why).toBe('At its time: evening (19:00).')
  })

  it('drops what has no place any more and shows what is new', () => {
    const before = peg({ lineId: 'care' })
    const [gone] = withPlan([day({ pegs: [before] })], plan([]))
    expect(gone?.pegs).toEqual([])
    const [made] = withPlan([day()], plan([session({ lineId: 'new', startsAt: '00:15:00' })]))
    expect(made?.pegs[0]?.startHour).toBe(24.25)
  })

  it('does not show twice what was done already', () => {
    const done = peg({ state: 'DONE' })
    const [shown] = withPlan([day({ pegs: [done] })], plan([session({ fixed: true })]))
    expect(shown?.pegs).toEqual([done])
  })
})

describe('a block that is moved', () => {
  it('takes along what belongs to it', () => {
    const pegs = [
      peg({ purpose: 'WARM_UP', blockId: 'b', startHour: 9.8, endHour: 10 }),
      peg({ lineId: 'care' }),
      peg({ purpose: 'WARM_UP', blockId: 'b', state: 'DONE', startHour: 9.7, endHour: 9.9 }),
    ]
    const [shown] = withBlockAt([day({ pegs })], 'b', 12)
    expect(shown?.blocks[0]).toMatchObject({ startHour: 12, endHour: 13.5, startsAt: '12:00' })
    expect(shown?.pegs.map((p) => p.startHour)).toEqual([9.7, 11.8, 19])
  })

  it('leaves days without it alone', () => {
    const other = day({ blocks: [] })
    expect(withBlockAt([other], 'b', 12)[0]).toBe(other)
  })
})
