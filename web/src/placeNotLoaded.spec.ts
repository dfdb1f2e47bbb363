import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from './api/calls'
import { ServerAway, ServerProblem } from './api/client'
import { placeNotLoaded } from './placeNotLoaded'

const GONE = new TypeError(
  'Failed to fetch dynamically imported module: http://127.0.0.1/assets/LibraryPage-a1.js',
)

describe('a place whose script does not come', () => {
  const load = vi.fn()
  beforeEach(() => {
    sessionStorage.clear()
    load.mockClear()
    vi.useFakeTimers({ now: new Date('2026-03-02T09:00:00Z') })
  })
  afterEach(() => vi.useRealTimers())
  const answers = () => vi.spyOn(api, 'me').mockResolvedValue({} as never)

  it('is loaded with its page, for the server was updated', async () => {
    answers()
    await placeNotLoaded(GONE, '/library?for=reach', load)
    expect(load).toHaveBeenCalledWith('/library?for=reach')
  })

  it('is loaded by whoever is signed out, too', async () => {
    vi.spyOn(api, 'me').mockRejectedValue(new ServerProblem(401, '', 'You are signed out.'))
    await placeNotLoaded(GONE, '/sign-in', load)
    expect(load).toHaveBeenCalledTimes(1)
  })

  it('is not loaded again and again', async () => {
    answers()
    await placeNotLoaded(GONE, '/library', load)
    vi.advanceTimersByTime(3000)
    await placeNotLoaded(GONE, '/library', load)
    expect(load).toHaveBeenCalledTimes(1)
    vi.advanceTimersByTime(60_000)
    await placeNotLoaded(GONE, '/library', load)
    expect(load).toHaveBeenCalledTimes(2)
  })

  it('stays where it is while the server is away', async () => {
    vi.spyOn(api, 'me').mockRejectedValue(new ServerAway())
    await placeNotLoaded(GONE, '/library', load)
    expect(load).not.toHaveBeenCalled()
  })

  it('is no other mistake', async () => {
    answers()
    await placeNotLoaded(new TypeError('x is undefined'), '/library', load)
    expect(load).not.toHaveBeenCalled()
  })
})
