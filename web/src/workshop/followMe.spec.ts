import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Digit, FollowedForm } from '@/api/types'
import FollowMe from './FollowMe.vue'

const ROW: readonly Digit[] = ['RING', 'INDEX', 'INDEX', 'LITTLE']
const BEAT = 1000

let clean = true
let judged: FollowedForm[] = []

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  clean = true
  judged = []
  vi.stubGlobal('fetch', (request: Request) =>
    request.method === 'GET'
      ? Promise.resolve(Response.json(ROW))
      : request.text().then((body) => {
          judged.push(JSON.parse(body) as FollowedForm)
          return Response.json({ clean, even: clean, words: clean ? 'all' : '1 of 2 on time' })
        }),
  )
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function begun() {
  const game = mount(FollowMe, {
    props: { clientId: 'c', digits: ['INDEX', 'MIDDLE', 'RING', 'LITTLE'], bpm: 60 },
  })
  await game.get('.acts button').trigger('click')
  // A device without sound is not waited for.
  await flushPromises()
  await vi.advanceTimersByTimeAsync(400)
  await flushPromises()
  return game
}
const press = async (code: string) => {
  document.dispatchEvent(new KeyboardEvent('keydown', { code, key: code }))
  await flushPromises()
}
const wait = async (millis: number) => {
  await vi.advanceTimersByTimeAsync(millis)
  await flushPromises()
}

describe('follow me', () => {
  it('shows one tap, hears it by the key under the finger, and grows by one', async () => {
    const game = await begun()
    await wait(2 * BEAT)
    expect(game.get('.said').text()).toBe('Now you: 0 of 1')
    await press('KeyL')
    await wait(900)
    expect(game.get('.said').text()).toBe('Look: 2 taps')
    await wait(2 * BEAT)
    expect(game.get('.said').text()).toBe('Now you: 0 of 2')
    game.unmount()
  })

  it('ends at a wrong finger and says what it was', async () => {
    const game = await begun()
    await wait(2 * BEAT)
    await press('KeyL')
    await wait(900 + 2 * BEAT)
    await press('KeyL')
    await press('KeyK')
    expect(game.get('section').attributes('data-state')).toBe('over')
    expect(game.get('.said').text()).toBe('1 in a row. It was ring, index.')
    game.unmount()
  })

  it('hears nothing while it shows', async () => {
    const game = await begun()
    await press('KeyK')
    expect(game.get('section').attributes('data-state')).toBe('showing')
    game.unmount()
  })

  /** The row's first two are answered by keys. */
  async function two() {
    const game = await begun()
    await wait(2 * BEAT)
    await press('KeyL')
    await wait(900 + 2 * BEAT)
    await press('KeyL')
    await press('KeyJ')
    return game
  }

  it('grows only by what keys call on time', async () => {
    clean = false
    const game = await two()
    expect(judged[0]).toMatchObject({ row: ['RING', 'INDEX'], hand: 'RIGHT', bpm: 60 })
    expect(judged[0]?.presses.map((one) => one.digit)).toEqual(['RING', 'INDEX'])
    await wait(900)
    expect(game.get('.said').text()).toBe('Once more: 1 of 2 on time. Look: 2 taps')
    game.unmount()
    clean = true
    const other = await two()
    await wait(900)
    expect(other.get('.said').text()).toBe('Clean: all. Look: 3 taps')
    other.unmount()
  })

  it('is judged by its order alone where it is touched', async () => {
    const game = await begun()
    await wait(2 * BEAT)
    await game.findAll('.fingers button')[2]?.trigger('click')
    await wait(900 + 2 * BEAT)
    await game.findAll('.fingers button')[2]?.trigger('click')
    await game.findAll('.fingers button')[0]?.trigger('click')
    await wait(900)
    expect(judged).toHaveLength(0)
    expect(game.get('.said').text()).toBe('Look: 3 taps')
    game.unmount()
  })
})
