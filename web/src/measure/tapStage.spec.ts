import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { TapTaskView, TapTestForm } from '@/api/types'
import TapStage from './TapStage.vue'
import { QUERY } from './tapCases'

const TASK: TapTaskView = {
  pace: 'CLICK_THEN_ALONE',
  what: 'PAIR',
  digits: ['RING', 'LITTLE'],
  hands: 'LEFT',
  bpm: 120,
  notesABeat: 2,
  doing: 'ring, little, left hand, two taps a beat',
  left: ['RING', 'LITTLE'],
  right: [],
  withClick: 2,
  alone: 4,
  notCounted: 1,
  clickMillis: 250,
  seconds: null,
  closed: null,
  safety: {
    stopRules: ['Stop when it hurts.'],
    notes: [],
    asksBefore: false,
    endingPain: 7,
    easierUpToPain: 3,
    endingSensations: ['SHARP'],
    endingWithPain: [],
    endingStep: [],
    advice: 'Stop here for today.',
  },
}
let sent: TapTestForm[] = []
let fails = false

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'performance', 'Date'] })
  sent = []
  fails = false
  vi.stubGlobal('fetch', (request: Request) =>
    request.text().then((body) => {
      if (fails) return new Response('{"detail":"Try again."}', { status: 503 })
      const test = JSON.parse(body) as TapTestForm
      sent.push(test)
      return Response.json({ result: test.frame.ending === 'DONE' ? { testId: 'x' } : null })
    }),
  )
})
afterEach(() => vi.useRealTimers())

async function begun(
  task: Partial<TapTaskView> = {},
  first: (stage: VueWrapper) => Promise<void> = async () => undefined,
) {
  const stage = mount(TapStage, {
    attachTo: document.body,
    props: {
      clientId: 'c',
      query: QUERY,
      task: { ...TASK, ...task },
      standIn: false,
    },
    global: { stubs: { TapHands: true } },
  })
  await flushPromises()
  await first(stage)
  await stage.get('.start').trigger('click')
  await flushPromises()
  return stage
}
/** The lead is 600 ms and four clicks of 250. */
const BEFORE = 1600
function after(millis: number) {
  vi.advanceTimersByTime(millis)
}
function tap(code: string) {
  const event = new KeyboardEvent('keydown', { code, key: code, cancelable: true })
  Object.defineProperty(event, 'timeStamp', { value: performance.now() })
  document.dispatchEvent(event)
}

describe('a tap test', () => {
  it('counts four clicks, hears each tap at its own time, and is kept when all are made', async () => {
    const stage = await begun()
    expect(stage.attributes('data-state')).toBe('counting')
    after(BEFORE + 200)
    await flushPromises()
    expect(stage.attributes('data-state')).toBe('running')
    for (let i = 0; i < 6; i++) {
      tap(i % 2 ? 'KeyA' : 'KeyS')
      after(250)
    }
    await flushPromises()
    expect(sent).toHaveLength(1)
    const [test] = sent
    expect(test?.frame.ending).toBe('DONE')
    expect(test?.taps.map((one) => one.digit)).toEqual([
      'RING',
      'LITTLE',
      'RING',
      'LITTLE',
      'RING',
      'LITTLE',
    ])
    expect(test?.taps.map((one) => Math.round(one.at))).toEqual([200, 450, 700, 950, 1200, 1450])
    expect(stage.emitted('measured')).toHaveLength(1)
    stage.unmount()
  })

  it('is void once the window is left, and nothing of it is measured', async () => {
    const stage = await begun()
    after(BEFORE + 200)
    tap('KeyS')
    window.dispatchEvent(new Event('blur'))
    await flushPromises()
    expect(stage.text()).toContain('so the test says nothing')
    expect(sent.map((test) => test.frame.ending)).toEqual(['LEFT'])
    expect(stage.emitted('measured')).toBeUndefined()
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Home' }))
    await flushPromises()
    expect(stage.attributes('data-state')).toBe('counting')
    stage.unmount()
  })

  it('stops when it hurts: nothing is measured, what hurts is told', async () => {
    const stage = await begun()
    after(BEFORE + 200)
    tap('KeyS')
    document.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', cancelable: true }))
    await flushPromises()
    const panel = stage.getComponent({ name: 'HurtsPanel' })
    panel.vm.$emit('end', { side: 'LEFT', region: 'RING_FINGER', level: 7, sensation: null }, true)
    await flushPromises()
    expect(sent[0]?.frame.ending).toBe('STOPPED')
    expect(sent[0]?.frame.hurts).toHaveLength(1)
    expect(stage.text()).toContain('Stop here for today.')
    stage.unmount()
  })

  it('loses nothing that was said of pain before, when it is left or nothing hurts after all', async () => {
    const stage = await begun({ safety: { ...TASK.safety, asksBefore: true } }, async (page) => {
      await page
        .findAll('button')
        .find((b) => b.text() === 'Nothing hurts')
        ?.trigger('click')
    })
    after(BEFORE + 200)
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', cancelable: true }))
    await flushPromises()
    expect(sent[0]?.frame).toMatchObject({ ending: 'LEFT', before: [] })
    expect(stage.emitted('leave')).toHaveLength(1)
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Home', cancelable: true }))
    await flushPromises()
    after(BEFORE + 200)
    document.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', cancelable: true }))
    await flushPromises()
    stage.getComponent({ name: 'HurtsPanel' }).vm.$emit('cancel')
    await flushPromises()
    expect(sent[1]?.frame).toMatchObject({ ending: 'LEFT', hurts: [], before: [] })
    expect(sent[1]?.frame.testId).not.toBe(sent[0]?.frame.testId)
    stage.unmount()
  })

  it('that nobody goes on with is void, and no test done to its end', async () => {
    const stage = await begun()
    after(BEFORE + 200)
    tap('KeyS')
    after(12_000)
    await flushPromises()
    expect(stage.attributes('data-state')).toBe('void')
    expect(sent.map((test) => test.frame.ending)).toEqual(['LEFT'])
    stage.unmount()
  })

  it('says why it may not be done', async () => {
    const stage = mount(TapStage, {
      props: {
        clientId: 'c',
        query: { pace: 'OWN', what: 'PAIR', hands: 'LEFT', thumb: false, notesABeat: 2 },
        task: { ...TASK, closed: 'A session was stopped today.' },
        standIn: false,
      },
      global: { stubs: { TapHands: true } },
    })
    expect(stage.get('[role=alert]').text()).toBe('A session was stopped today.')
    expect(stage.find('.start').exists()).toBe(false)
  })

  it('loses nothing when the server is away: it is kept again', async () => {
    fails = true
    const stage = await begun({ withClick: 0, alone: 2, clickMillis: null, bpm: null, pace: 'OWN' })
    expect(stage.attributes('data-state')).toBe('waiting')
    tap('KeyS')
    after(300)
    tap('KeyA')
    await flushPromises()
    expect(stage.text()).toContain('Try again.')
    fails = false
    await stage
      .findAll('button')
      .find((b) => b.text() === 'Try to keep it again')
      ?.trigger('click')
    await flushPromises()
    expect(sent[0]?.taps.map((one) => one.at)).toEqual([0, 300])
    stage.unmount()
  })

  it('starts with no other hands than those that were chosen last', async () => {
    let refused = false
    vi.stubGlobal('fetch', async () =>
      refused
        ? Response.json({ detail: 'Spread: 0 to 50 %.' }, { status: 400 })
        : Response.json([{ side: 'LEFT', digit: 'RING', at: 0, velocity: 70 }]),
    )
    const stage = mount(TapStage, {
      props: { clientId: 'c', query: QUERY, task: TASK, standIn: true },
      global: { stubs: { TapHands: true } },
    })
    await flushPromises()
    await stage.findAll('[role=radio]')[2]?.trigger('click')
    await flushPromises()
    const start = () => stage.get('.start').attributes('disabled')
    expect(start()).toBeUndefined()
    refused = true
    await stage.get('.hands input').setValue('90')
    await flushPromises()
    expect(stage.text()).toContain('0 to 50 %')
    expect(start()).toBeDefined()
    stage.unmount()
  })
})
