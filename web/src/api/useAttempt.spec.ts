import { describe, expect, it } from 'vitest'
import { ServerProblem } from './client'
import { useAttempt } from './useAttempt'

describe('what the server is asked to do', () => {
  it('is done in turn where it is asked for quickly, and is at it until the last', async () => {
    const { busy, attempt } = useAttempt()
    const happened: string[] = []
    let finish: () => void = () => undefined
    const first = attempt(async () => {
      happened.push('first begins')
      await new Promise<void>((resolve) => (finish = resolve))
      happened.push('first ends')
    })
    const second = attempt(() => {
      happened.push('second')
      return Promise.resolve()
    })
    expect(happened).toEqual(['first begins'])
    finish()
    await first
    expect(busy.value).toBe(true)
    await second
    expect(happened).toEqual(['first begins', 'first ends', 'second'])
    expect(busy.value).toBe(false)
  })

  it('says what the server said against it, until the next', async () => {
    const { message, problems, attempt } = useAttempt()
    const wrong = [{ field: 'title', message: 'Up to 42 characters.' }]
    const refused = () => Promise.reject(new ServerProblem(400, 'Not accepted', 'Look.', wrong))
    const [well, after] = await Promise.all([attempt(refused), attempt(() => Promise.resolve())])
    expect([well, after]).toEqual([false, true])
    expect(message.value).toBe('')
    await attempt(refused)
    expect(message.value).toBe('Up to 42 characters.')
    expect(problems.value).toEqual(wrong)
  })
})
