import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from './calls'
import { ServerAway, ServerProblem, call, onReach, signIn } from './client'

const fetched = vi.fn<(request: Request) => Promise<Response>>()

const json = (status: number, body: object) =>
  Promise.resolve(new Response(JSON.stringify(body), { status }))

describe('calls to the server', () => {
  beforeEach(() => {
    vi.stubGlobal('fetch', fetched)
    fetched.mockReset()
    document.cookie = 'XSRF-TOKEN=a%20token'
  })

  it('send JSON with the token against forged requests and read JSON', async () => {
    fetched.mockImplementation(() => json(200, { answer: 42 }))
    await expect(call('POST', '/api/x', { question: true })).resolves.toEqual({ answer: 42 })
    const request = fetched.mock.calls[0]?.[0]
    expect(await request?.text()).toBe('{"question":true}')
    expect(request?.headers.get('Content-Type')).toBe('application/json')
    expect(request?.headers.get('X-XSRF-TOKEN')).toBe('a token')
  })

  const keyOf = (call: number) => fetched.mock.calls[call]?.[0].headers.get('Idempotency-Key')

  it('go under the same key until they are answered', async () => {
    const send = () => call('POST', '/api/x', { made: true })
    fetched.mockImplementation(() => Promise.reject(new TypeError('away')))
    await expect(send()).rejects.toThrow(ServerAway)
    fetched.mockImplementation(() => json(200, {}))
    await Promise.all([send(), send()])
    await send()
    expect(keyOf(0)).toBeTruthy()
    expect([keyOf(1), keyOf(2)]).toEqual([keyOf(0), keyOf(0)])
    expect(keyOf(3)).not.toBe(keyOf(0))
  })

  it.each([
    ['x', 1, true],
    ['x', 30_000, false],
    ['ö', 16_000, false],
  ])(
    'go on when the page of a test is left, if a browser sends as much: %s, %i times',
    async (letter, times, goesOn) => {
      fetched.mockImplementation(() => json(200, {}))
      const body = { title: letter.repeat(times) } as never
      await Promise.all([
        api.keepTaps('c', body),
        api.keepLifts('c', body),
        api.keepRound('c', body),
      ])
      expect(fetched.mock.calls.map(([request]) => request.keepalive)).toEqual([
        goesOn,
        goesOn,
        goesOn,
      ])
    },
  )

  it('go without a key when something is only worked out', async () => {
    fetched.mockImplementation(() => json(200, {}))
    await call('POST', '/api/bench/check', {})
    expect(keyOf(0)).toBeNull()
  })

  it('send no token when only reading', async () => {
    fetched.mockImplementation(() => json(200, {}))
    await call('GET', '/api/x')
    expect(fetched.mock.calls[0]?.[0].headers.has('X-XSRF-TOKEN')).toBe(false)
  })

  it('read nothing where there is nothing', async () => {
    fetched.mockImplementation(() => Promise.resolve(new Response(null, { status: 204 })))
    await expect(call('DELETE', '/api/x')).resolves.toBeUndefined()
  })

  it('carry every field that is wrong', async () => {
    fetched.mockImplementation(() =>
      json(400, {
        title: 'Not accepted',
        detail: 'Please look again at: name.',
        errors: [{ field: 'name', message: 'A name has 1 to 80 characters.' }],
      }),
    )
    const problem = await call('POST', '/api/x', {}).catch((e: unknown) => e)
    expect(problem).toBeInstanceOf(ServerProblem)
    expect((problem as ServerProblem).errors[0]?.field).toBe('name')
  })

  it('carry what changed meanwhile', async () => {
    fetched.mockImplementation(() =>
      json(409, { detail: 'Changed.', current: { version: 3 }, changed: ['name'] }),
    )
    const problem = (await call('PUT', '/api/x', {}).catch((e: unknown) => e)) as ServerProblem
    expect(problem.current).toEqual({ version: 3 })
    expect(problem.changed).toEqual(['name'])
  })

  it('find words where the server had none', async () => {
    const detail = async (status: number) => {
      fetched.mockImplementation(() => Promise.resolve(new Response('<html>', { status })))
      return ((await call('GET', '/api/x').catch((e: unknown) => e)) as ServerProblem).detail
    }
    expect(await detail(401)).toContain('Sign in again')
    expect(await detail(403)).toContain('not yours')
    expect(await detail(502)).toContain('Try again')
  })

  it('tell when the server is away and when it is back', async () => {
    const heard: boolean[] = []
    const stop = onReach((reached) => heard.push(reached))
    fetched.mockImplementation(() => Promise.reject(new TypeError('Failed to fetch')))
    await expect(call('GET', '/api/x')).rejects.toBeInstanceOf(ServerAway)
    fetched.mockImplementation(() => json(200, {}))
    await call('GET', '/api/x')
    stop()
    await call('GET', '/api/x')
    expect(heard).toEqual([false, true])
  })

  it('say what something would be, or what keeps it from being', async () => {
    const shown = { words: 'Practice' }
    fetched.mockImplementation(() => json(200, { shown, problems: [] }))
    await expect(api.readSentence('c', 'Mon 18-20')).resolves.toEqual(shown)
    const problems = [{ field: 'text', message: 'Say from when to when.' }]
    fetched.mockImplementation(() => json(200, { shown: null, problems }))
    await expect(api.readSentence('c', 'Mon')).rejects.toMatchObject({ errors: problems })
  })

  it('sign in with the form that the server expects', async () => {
    fetched.mockImplementation(() => Promise.resolve(new Response(null, { status: 204 })))
    await signIn('ines@harbourhands.example', 'a & b', '287 082')
    expect(await fetched.mock.calls[0]?.[0].text()).toBe(
      'email=ines%40harbourhands.example&password=a+%26+b&code=287+082',
    )
  })
})
