import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it, vi } from 'vitest'

const fetched = vi.fn<(request: Request) => Promise<Response>>()

const answer = (status: number, body?: object) =>
  Promise.resolve(new Response(body ? JSON.stringify(body) : null, { status }))
const away = () => Promise.reject(new TypeError('Failed to fetch'))
const paths = () => fetched.mock.calls.map(([request]) => new URL(request.url).pathname)

/** Each test is a device of its own: the module is loaded anew and the database emptied. */
async function device() {
  vi.resetModules()
  return (await import('./outbox')).outbox
}

describe('the outbox', () => {
  beforeEach(async () => {
    vi.stubGlobal('fetch', fetched)
    fetched.mockReset()
    const { outbox } = await import('./outbox')
    fetched.mockImplementation(() => answer(204))
    for (const owner of ['client a', 'client b']) await outbox.use(owner)
    fetched.mockClear()
  })

  it('sends at once when the server is there', async () => {
    const outbox = await device()
    fetched.mockImplementation(() => answer(204))
    await outbox.use('client a')
    await outbox.put('/api/x/1', { n: 1 }, 'one')
    await vi.waitFor(() => expect(outbox.waiting.value).toHaveLength(0))
    expect(paths()).toEqual(['/api/x/1'])
  })

  it('keeps what happened while the server is away and sends it in order, once', async () => {
    const outbox = await device()
    fetched.mockImplementation(away)
    await outbox.use('client a')
    await outbox.put('/api/x/session', { n: 1 }, 'session')
    await outbox.put('/api/x/check-in', { n: 2 }, 'check-in')
    await vi.waitFor(() => expect(outbox.waiting.value).toHaveLength(2))
    fetched.mockClear()
    fetched.mockImplementation(() => answer(204))
    await vi.waitFor(async () => {
      await outbox.tryNow()
      expect(outbox.waiting.value).toHaveLength(0)
    })
    expect(paths()).toEqual(['/api/x/session', '/api/x/check-in'])
  })

  it('sends at once what is put while something else is on its way', async () => {
    const outbox = await device()
    await outbox.use('client a')
    let arrive: (response: Response) => void = () => undefined
    fetched.mockImplementationOnce(() => new Promise((resolve) => (arrive = resolve)))
    await outbox.put('/api/x/session', { n: 1 }, 'session')
    await vi.waitFor(() => expect(paths()).toEqual(['/api/x/session']))
    await outbox.put('/api/x/check-in', { n: 2 }, 'check-in')
    arrive(new Response(null, { status: 204 }))
    await vi.waitFor(() => expect(outbox.waiting.value).toHaveLength(0))
    expect(paths()).toEqual(['/api/x/session', '/api/x/check-in'])
  })

  it('still has it after the page was closed', async () => {
    const first = await device()
    fetched.mockImplementation(away)
    await first.use('client a')
    await first.put('/api/x/kept', { n: 1 }, 'kept')
    await vi.waitFor(() => expect(first.waiting.value).toHaveLength(1))
    const second = await device()
    fetched.mockClear()
    fetched.mockImplementation(() => answer(204))
    await second.use('client a')
    await vi.waitFor(() => expect(paths()).toContain('/api/x/kept'))
  })

  it('sends only what the signed-in person did', async () => {
    const outbox = await device()
    fetched.mockImplementation(away)
    await outbox.use('client a')
    await outbox.put('/api/x/of-a', { n: 1 }, 'of a')
    fetched.mockClear()
    fetched.mockImplementation(() => answer(204))
    await outbox.use('client b')
    expect(paths()).toEqual([])
    await outbox.use('client a')
    await vi.waitFor(() => expect(paths()).toEqual(['/api/x/of-a']))
  })

  it('says what the server refuses and goes on with the rest', async () => {
    const outbox = await device()
    fetched.mockImplementation((request) =>
      request.url.endsWith('bad')
        ? answer(400, { detail: 'Please look again at: steps.' })
        : answer(204),
    )
    await outbox.use('client a')
    await outbox.put('/api/x/bad', {}, 'bad')
    await outbox.put('/api/x/good', {}, 'good')
    await vi.waitFor(() => expect(paths()).toContain('/api/x/good'))
    await vi.waitFor(() =>
      expect(outbox.refused.value.map((l) => l.refused)).toEqual(['Please look again at: steps.']),
    )
    const letter = outbox.refused.value[0]
    if (letter) await outbox.drop(letter)
    expect(outbox.refused.value).toEqual([])
  })
})
