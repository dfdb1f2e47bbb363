import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { keeper } from '@/api/queries'
import PatternsPage from './PatternsPage.vue'

const view = (title: string) => ({
  exercise: 'one-finger-curls',
  drill: drill(title),
  parts: [{ words: 'the ring moves', amount: 0.9 }],
  faster: [],
})
const drill = (title: string) => ({
  pattern: 'p',
  hand: 'LEFT',
  title,
  doing: 'left hand',
  first: [
    { bent: ['RING'], open: [] },
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
})
const map = (title: string) => ({
  aMinute: 60,
  tempo: { least: 20, greatest: 240, step: 4, first: 60 },
  minutes: { choices: [2, 3, 5], usual: 5 },
  phrases: { bars: [1, 2, 4, 8], beatsABar: [2, 3, 4], usualBeatsABar: 4 },
  offeredAt: 1,
  easyAt: 0.5,
  hardAt: 1.5,
  tries: 0,
  clean: 0,
  forecast: `Next for ${title}.`,
  families: [{ id: 'ONE', words: '', open: true, drills: [drill(title)] }],
})

afterEach(() => {
  keeper.clear()
  vi.unstubAllGlobals()
})

describe('the patterns of somebody', () => {
  it('are never those of who was looked at before', async () => {
    let answers: (() => void)[] = []
    vi.stubGlobal(
      'fetch',
      (request: Request) =>
        new Promise<Response>((resolve) => {
          const { pathname } = new URL(request.url)
          const who = pathname.includes('/anna/') ? 'Anna' : 'Bela'
          const body = pathname.endsWith('/patterns')
            ? map(who)
            : pathname.endsWith('/pattern')
              ? view(who)
              : []
          answers.push(() => resolve(Response.json(body)))
        }),
    )
    const answerAll = async () => {
      for (let i = 0; i < 3; i++) {
        answers.forEach((answer) => answer())
        answers = []
        await flushPromises()
      }
    }
    const page = mount(PatternsPage, {
      props: { clientId: 'anna' },
      global: { stubs: { ExerciseFigure: true, RouterLink: true } },
    })
    await flushPromises()
    await answerAll()
    expect(page.text()).toContain('Next for Anna.')
    expect(page.get('.panel h2').text()).toBe('Anna')
    await page.setProps({ clientId: 'bela' })
    await flushPromises()
    expect(page.text()).not.toContain('Anna')
    await answerAll()
    expect(page.get('.panel h2').text()).toBe('Bela')
    page.unmount()
  })
})
