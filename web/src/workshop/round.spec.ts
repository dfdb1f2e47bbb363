import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { DrillRoundView, TriesForm } from '@/api/types'
import RoundStage from './RoundStage.vue'

const ROUND: DrillRoundView = {
  roundId: '00000000-0000-4000-8000-000000000001',
  aMinute: 60,
  minutes: 1,
  readSeconds: 5,
  drills: ['Ring bent', 'Index bent'].map((title, i) => ({
    changes: 20,
    seconds: 20,
    drill: {
      pattern: `p${i}`,
      hand: 'LEFT',
      title,
      doing: 'left hand',
      first: [
        { bent: [i ? 'INDEX' : 'RING'], open: [] },
        { bent: [], open: [] },
      ],
      second: [],
      difficulty: 1,
      expected: 0.8,
      rude: false,
      tries: 0,
      clean: 0,
      weak: false,
      next: true,
      closed: null,
    },
  })),
}
let sent: TriesForm[] = []

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'performance', 'Date'] })
  sent = []
  vi.stubGlobal('fetch', (request: Request) =>
    request.text().then((body) => {
      sent.push(JSON.parse(body) as TriesForm)
      return new Response(null, { status: 204 })
    }),
  )
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function begun() {
  const stage = mount(RoundStage, {
    props: { clientId: 'c', round: ROUND },
    global: { stubs: { ExerciseFigure: true } },
  })
  await stage.get('.keys .key').trigger('click')
  await flushPromises()
  return stage
}
async function after(seconds: number) {
  vi.advanceTimersByTime(seconds * 1000)
  await flushPromises()
}
const press = (key: string) => document.dispatchEvent(new KeyboardEvent('keydown', { key }))

describe('a round', () => {
  it('is read first, then counted change by change', async () => {
    const stage = await begun()
    await after(2)
    expect(stage.get('.count').text()).toContain('Look')
    await after(4)
    expect(stage.get('.count').text()).toMatch(/^[12]\s*of 20 changes/)
    stage.unmount()
  })

  it('asks who says nothing, and goes on by an arrow as a pedal sends it', async () => {
    const stage = await begun()
    await after(26)
    expect(stage.get('.ask').text()).toBe('Was it clean?')
    press('ArrowRight')
    await flushPromises()
    expect(stage.get('h1').text()).toBe('Index bent')
    stage.unmount()
  })

  it('keeps what was tried when it ends, each try once', async () => {
    const stage = await begun()
    await after(7)
    press('ArrowRight')
    await flushPromises()
    await after(7)
    press('ArrowLeft')
    await flushPromises()
    expect(stage.get('h1').text()).toBe('Done')
    expect(sent).toHaveLength(1)
    expect(sent[0]?.tries.map((one) => [one.pattern, one.clean])).toEqual([
      ['p0', true],
      ['p1', false],
    ])
    stage.unmount()
  })

  it('does not judge what was not begun', async () => {
    const stage = await begun()
    await after(1)
    press('ArrowRight')
    await flushPromises()
    expect(stage.get('h1').text()).toBe('Ring bent')
    stage.unmount()
  })

  it('stops when it hurts, and says what then', async () => {
    const stage = await begun()
    await after(7)
    press('ArrowRight')
    press('h')
    await flushPromises()
    expect(stage.get('h1').text()).toBe('Stop here')
    expect(stage.text()).toContain('numbness or tingling')
    expect(sent[0]?.tries).toHaveLength(1)
    stage.unmount()
  })
})
