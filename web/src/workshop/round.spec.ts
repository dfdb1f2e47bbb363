import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { DrilledRoundForm, DrillRoundView } from '@/api/types'
import HurtsPanel from '@/player/HurtsPanel.vue'
import RoundStage from './RoundStage.vue'

const ROUND: DrillRoundView = {
  roundId: '00000000-0000-4000-8000-000000000001',
  minutes: 1,
  beatsABar: null,
  keysTogether: 2,
  standIn: false,
  tempo: { least: 20, greatest: 240, step: 4, first: 60 },
  safety: {
    stopRules: ['Stop with sharp pain.'],
    notes: [],
    asksBefore: true,
    endingPain: 7,
    easierUpToPain: 3,
    endingSensations: ['SHARP'],
    endingWithPain: [],
    endingStep: [],
    advice: 'Stop here for today.',
  },
  drills: ['Ring bent', 'Index bent'].map((title, i) => ({
    aMinute: 60,
    readMillis: 5000,
    changes: 20,
    keysAtOnce: i ? null : 1,
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
      tempo: 60,
      nextTempo: null,
      closed: null,
    },
  })),
}
let sent: DrilledRoundForm[] = []

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'performance', 'Date'] })
  sent = []
  vi.stubGlobal('fetch', (request: Request) =>
    request.text().then((body) => {
      sent.push(JSON.parse(body) as DrilledRoundForm)
      return new Response(null, { status: 204 })
    }),
  )
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function begun(
  round: Partial<DrillRoundView> = {},
  first: (stage: VueWrapper) => Promise<void> = async () => undefined,
) {
  const stage = mount(RoundStage, {
    props: { clientId: 'c', round: { ...ROUND, ...round } },
    global: { stubs: { ExerciseFigure: true } },
  })
  await flushPromises()
  await first(stage)
  await stage.get('.start').trigger('click')
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
    expect(stage.get('.stage-count').text()).toContain('Look')
    await after(4)
    expect(stage.get('.stage-count').text()).toMatch(/^[12]\s*of 20 changes/)
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
    expect(sent[0]?.ending).toBe('DONE')
    expect(sent[0]?.drills.map((one) => [one.pattern, one.outcome])).toEqual([
      ['p0', 'CLEAN'],
      ['p1', 'NOT_CLEAN'],
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

  it('says when to stop before it starts, and asks what hurts already', () => {
    const stage = mount(RoundStage, {
      props: { clientId: 'c', round: ROUND },
      global: { stubs: { ExerciseFigure: true } },
    })
    expect(stage.text()).toContain('Stop with sharp pain.')
    expect(stage.text()).toContain('Does anything hurt now?')
    expect(stage.text()).not.toContain('Not clean')
    stage.unmount()
  })

  const PAIN = { side: 'LEFT', region: 'RING_FINGER', level: 3, sensation: null } as const
  async function hurting() {
    const stage = await begun()
    await after(7)
    press('ArrowRight')
    await after(8)
    press('h')
    await flushPromises()
    return { stage, panel: stage.getComponent(HurtsPanel) }
  }

  it('waits while somebody says what hurts, and stops for safety with what was said', async () => {
    const { stage, panel } = await hurting()
    expect(stage.attributes('data-state')).toBe('paused')
    press('ArrowRight')
    panel.vm.$emit('end', { ...PAIN, sensation: 'SHARP' }, true)
    await flushPromises()
    expect(stage.get('h1').text()).toBe('Stop here')
    expect(stage.text()).toContain('Stop here for today.')
    expect(stage.text()).toContain('your coach sees it')
    expect(sent[0]?.ending).toBe('STOPPED')
    expect(sent[0]?.hurts).toEqual([{ ...PAIN, sensation: 'SHARP' }])
    expect(sent[0]?.drills.map((one) => one.outcome)).toEqual(['CLEAN', 'HURT'])
    expect(sent[0]?.drills[1]?.changes).toBeGreaterThan(0)
    stage.unmount()
  })

  it('goes on with the next where little hurts, and tells of it at the end', async () => {
    const stage = await begun()
    await after(7)
    press('h')
    await flushPromises()
    stage.getComponent(HurtsPanel).vm.$emit('on', PAIN)
    await flushPromises()
    expect(stage.get('h1').text()).toBe('Index bent')
    await after(7)
    press('ArrowRight')
    await flushPromises()
    expect(sent[0]?.drills.map((one) => one.outcome)).toEqual(['HURT', 'CLEAN'])
    expect(sent[0]?.hurts).toEqual([PAIN])
    stage.unmount()
  })

  it('goes on where it was nothing', async () => {
    const { stage } = await hurting()
    press('Escape')
    await flushPromises()
    expect(stage.attributes('data-state')).toBe('running')
    stage.unmount()
  })

  it('is kept when it is left, with what was not come to', async () => {
    const stage = await begun()
    await after(7)
    press('ArrowRight')
    press('Escape')
    await flushPromises()
    expect(sent[0]?.ending).toBe('LEFT')
    expect(sent[0]?.drills.map((one) => one.outcome)).toEqual(['CLEAN', 'SKIPPED'])
    stage.unmount()
  })

  it('stays as much faster from one drill to the next, each at its own tempo', async () => {
    const drills = ROUND.drills.map((drill, i) => ({ ...drill, aMinute: 60 + 20 * i }))
    const stage = await begun({ drills }, async (ready) => {
      expect(ready.text()).toContain('60 to 80 a minute')
    })
    press('r')
    await after(7)
    expect(stage.get('.stage-count').text()).toContain('64 a minute')
    press('ArrowRight')
    await after(7)
    expect(stage.get('.stage-count').text()).toContain('84 a minute')
    press('ArrowRight')
    await flushPromises()
    expect(sent[0]?.drills.map((one) => one.aMinute)).toEqual([64, 84])
    stage.unmount()
  })

  it('counts in bars where it is set to a phrase, and says so when it is kept', async () => {
    const stage = mount(RoundStage, {
      props: {
        clientId: 'c',
        round: { ...ROUND, beatsABar: 4 },
        phrase: { bars: 4, beatsABar: 4 },
      },
      global: { stubs: { ExerciseFigure: true } },
    })
    await flushPromises()
    expect(stage.text()).toContain('in bars of 4')
    await stage.get('.start').trigger('click')
    await after(7)
    expect(stage.findAll('.beats .bar')).toHaveLength(5)
    press('Escape')
    await flushPromises()
    expect([sent[0]?.bars, sent[0]?.beatsABar]).toEqual([4, 4])
    stage.unmount()
  })

  /** What the server is asked to judge, and says not clean to. */
  function judging() {
    const asked: { presses: { digit: string; at: number }[] }[] = []
    vi.stubGlobal('fetch', (request: Request | string) => {
      if (typeof request === 'string' || request.url.includes('/stand-in/'))
        return Promise.resolve(
          Response.json([{ side: 'LEFT', digit: 'RING', at: 1003, velocity: 70 }]),
        )
      return request.text().then((body) => {
        if (!request.url.endsWith('/judgements')) return new Response(null, { status: 204 })
        asked.push(JSON.parse(body) as (typeof asked)[0])
        return Response.json({ clean: false, even: false, words: '1 of 10 on time, 9 missing' })
      })
    })
    return asked
  }
  function key(code: string, type = 'keydown') {
    const event = new KeyboardEvent(type, { code, key: code, cancelable: true })
    Object.defineProperty(event, 'timeStamp', { value: performance.now() })
    document.dispatchEvent(event)
  }

  it('is judged by the keys where it is drilled on them', async () => {
    const asked = judging()
    const stage = await begun()
    await after(6)
    key('KeyS')
    await after(20)
    await flushPromises()
    expect(asked[0]?.presses).toHaveLength(1)
    expect(asked[0]?.presses[0]?.at).toBeCloseTo(1000, -2)
    expect(stage.attributes('data-place')).toBe('1')
    expect(stage.text()).toContain('Not clean by the keys: 1 of 10 on time, 9 missing')
    stage.unmount()
  })

  it('is judged by a MIDI keyboard whose keys were learned', async () => {
    const asked = judging()
    const midi = new EventTarget()
    vi.stubGlobal('navigator', {
      requestMIDIAccess: async () => ({ inputs: new Map([['a', midi]]) }),
    })
    const play = (note: number) =>
      midi.dispatchEvent(
        Object.assign(new Event('midimessage'), { data: Uint8Array.of(0x90, note, 80) }),
      )
    const stage = await begun({}, async (ready) => {
      await ready.findAll('[role=radio]')[1]?.trigger('click')
      await flushPromises()
      expect(ready.get('.start').attributes('disabled')).toBeDefined()
      play(48)
      await flushPromises()
      expect(ready.get('.start').attributes('disabled')).toBeUndefined()
    })
    await after(6)
    play(50)
    play(48)
    await after(20)
    await flushPromises()
    expect(asked[0]?.presses.map((one) => one.digit)).toEqual(['RING'])
    stage.unmount()
  })

  const FIST: DrillRoundView['drills'] = ROUND.drills.map((drill) => ({
    ...drill,
    keysAtOnce: 3,
    drill: { ...drill.drill, first: [{ bent: ['INDEX', 'MIDDLE', 'RING'], open: [] }] },
  }))

  it('judges by no more keys than the keyboard was found to report', async () => {
    const asked = judging()
    const stage = await begun({ drills: FIST }, async (ready) => {
      expect(ready.text()).toContain('The keys judge 0 of the 2.')
    })
    await after(6)
    key('KeyS')
    await after(20)
    expect(asked).toHaveLength(0)
    expect(stage.get('.ask').text()).toBe('Was it clean?')
    stage.unmount()
  })

  it('judges all once they were held together', async () => {
    const asked = judging()
    const stage = await begun({ drills: FIST }, async (ready) => {
      ;['KeyS', 'KeyD', 'KeyF'].forEach((code) => key(code))
      await flushPromises()
      expect(ready.text()).toContain('The keys judge all of them.')
    })
    await after(6)
    key('KeyS')
    await after(20)
    expect(asked).toHaveLength(1)
    stage.unmount()
  })

  it('is done by simulated hands, each drill from its first change on', async () => {
    vi.useFakeTimers({
      toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval', 'performance', 'Date'],
    })
    const asked = judging()
    const stage = await begun({ standIn: true }, async (ready) => {
      await ready.findAll('[role=radio]')[2]?.trigger('click')
      expect(ready.findAll('.hands input').length).toBe(2)
    })
    await after(1)
    await after(25)
    await flushPromises()
    expect(asked[0]?.presses.map((one) => Math.round(one.at))).toEqual([1003])
    stage.unmount()
  })
})
