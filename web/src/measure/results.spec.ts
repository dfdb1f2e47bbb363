import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import type { LiftedHandView, TapResultView } from '@/api/types'
import LiftMatrix from './LiftMatrix.vue'
import LiftSigns from './LiftSigns.vue'
import PieceDemand from './PieceDemand.vue'
import { againOf, asRoute, fromRoute } from './tapQuery'
import TapResult from './TapResult.vue'

const value = (side: 'LEFT' | 'RIGHT', more: object = {}) => ({
  side,
  now: 5.6,
  before: 7.3,
  counts: 1.4,
  verdict: 'BETTER' as const,
  words: 'better',
  ...more,
})
const hand = (side: 'LEFT' | 'RIGHT') => ({
  side,
  meanMillis: 357,
  right: 80,
  wrong: 1,
  missing: 0,
  additional: 0,
  taps: [
    { place: 0, wanted: 'RING' as const, tapped: 'RING' as const, late: -4, counted: false },
    { place: 1, wanted: 'LITTLE' as const, tapped: 'INDEX' as const, late: 33, counted: true },
  ],
  transitions: [{ from: 'RING' as const, to: 'LITTLE' as const, times: 5, late: 33 }],
  fingers: [{ digit: 'LITTLE' as const, taps: 5, late: 33, spread: 4, velocity: 64 }],
  loudness: 8.2,
  clock: { why: null, clock: 54, hand: 47, device: 5.3, intervals: 55 },
})
const RESULT: TapResultView = {
  testId: 't',
  at: '2026-11-24T14:20:00',
  title: 'Even at 84 bpm',
  doing: 'ring, little, both hands mirrored',
  conditions: '14:20, not warmed up',
  pace: 'CLICK_THEN_ALONE',
  what: 'PAIR',
  digits: ['RING', 'LITTLE'],
  hands: 'MIRRORED',
  bpm: 84,
  notesABeat: 2,
  withClick: 20,
  washPercent: 6,
  lateCounts: 11,
  even: true,
  verdict: 'Spread 5.6 and 4.4 %, wanted 6 or less.',
  nextBpm: 87,
  between: 'The left hand came 8 ms before the right on average.',
  late: { from: 'RING', to: 'LITTLE', hand: 'LEFT', words: 'Ring to little is late.' },
  last: { testId: 's', at: '2026-11-20T14:00:00', bpm: 81, unlike: [] },
  measures: [
    {
      id: 'spread',
      words: 'Spread',
      unit: '% of the interval',
      values: [value('LEFT'), value('RIGHT', { verdict: 'NO_CHANGE', words: 'no change' })],
    },
  ],
  byHand: [hand('LEFT'), hand('RIGHT')],
}
const shown = (result: Partial<TapResultView> = {}) =>
  mount(TapResult, {
    props: { clientId: 'c', result: { ...RESULT, ...result } },
    global: {
      stubs: {
        RouterLink: { props: ['to'], template: '<a :data-to="JSON.stringify(to)"><slot /></a>' },
        BButton: { template: '<button><slot /></button>' },
      },
    },
  })

describe('what a tap test says', () => {
  it('stands with what it is compared with, and offers a round and the next tempo', async () => {
    const page = shown()
    expect(page.text()).toContain('20 Nov, 14:00, 81 bpm')
    expect(page.get('.word.better').text()).toBe('better')
    expect(page.text()).toContain('tap 2, index for little')
    expect(page.text()).toContain('clock 54')
    expect(page.text()).toContain('loudness 64')
    const round = page.findAll('a').find((a) => a.text() === 'Round for ring to little')
    expect(JSON.parse(round?.attributes('data-to') ?? '')).toMatchObject({
      path: '/workshop/c/round',
      query: { from: 'RING', to: 'LITTLE', hand: 'LEFT' },
    })
    await page
      .findAll('button')
      .find((b) => b.text() === 'Step up to 87 bpm')
      ?.trigger('click')
    expect(page.emitted('again')?.[0]?.[0]).toMatchObject({ what: 'PAIR', from: 'RING', bpm: 87 })
  })

  it('says what was unequal, and asks for another test', () => {
    const page = shown({
      last: {
        testId: 's',
        at: '2026-11-20T08:00:00',
        bpm: 81,
        unlike: ['It was 08:00, now 14:20.'],
      },
      nextBpm: null,
      late: null,
    })
    expect(page.get('[role=note]').text()).toContain('It was 08:00, now 14:20.')
    expect(page.text()).toContain('Test again when they are')
    expect(page.text()).not.toContain('Step up')
    expect(page.text()).toContain('No finger is late.')
  })

  it('is asked for again as it was', () => {
    const again = againOf(RESULT)
    expect(fromRoute(asRoute(again))).toEqual(again)
  })
})

describe('what lifts say', () => {
  const lifted: LiftedHandView = {
    side: 'LEFT',
    dominant: false,
    fingers: [
      {
        digit: 'RING',
        times: 2,
        along: [{ digit: 'LITTLE', times: 1 }],
        independence: 63,
        still: 70,
        alone: 1,
        leakage: 3,
        value: null,
      },
      {
        digit: 'LITTLE',
        times: 0,
        along: [{ digit: 'RING', times: 0 }],
        independence: null,
        still: null,
        alone: 0,
        leakage: 0,
        value: null,
      },
    ],
    lifts: [
      { asked: 'RING', cameUp: ['RING'], alone: true },
      { asked: 'RING', cameUp: ['RING', 'LITTLE'], alone: false },
    ],
  }

  it('is a matrix with numbers, and a dash where nothing was lifted', () => {
    const text = mount(LiftMatrix, { props: { hand: lifted } }).text()
    expect(text).toContain('63 %')
    expect(text).toContain('–')
  })

  it('is a sign each, on a foot where it was alone', () => {
    const signs = mount(LiftSigns, { props: { hand: lifted } })
    expect(signs.findAll('li.alone')).toHaveLength(1)
    expect(signs.findAll('li')[1]?.attributes('aria-label')).toBe('with little')
    expect(signs.text()).toContain('1 of 2 alone')
  })
})

describe('a piece', () => {
  it('that cannot be read says why, and what was chosen stays', async () => {
    vi.stubGlobal('fetch', () =>
      Promise.resolve(
        Response.json(
          { detail: 'x', errors: [{ field: 'file', message: 'It holds no notes.' }] },
          { status: 400 },
        ),
      ),
    )
    const page = mount(PieceDemand, { props: { clientId: 'c' } })
    const field = page.get('input[type=file]')
    Object.defineProperty(field.element, 'files', { value: [new File(['x'], 'a.mid')] })
    await field.trigger('change')
    await flushPromises()
    expect(page.get('[role=alert]').text()).toBe('It holds no notes.')
  })
})
