import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref, watch, type EffectScope } from 'vue'
import { api } from './calls'
import { askAnew, queries } from './queries'
import { useAsked } from './useAsked'

describe('questions to the server', () => {
  const scopes: EffectScope[] = []
  const asked = <T>(question: Parameters<typeof useAsked<T>>[0]) => {
    const scope = effectScope()
    scopes.push(scope)
    const answer = scope.run(() => useAsked(question))
    if (!answer) throw new Error('the scope runs')
    return answer
  }
  afterEach(() => {
    scopes.splice(0).forEach((scope) => scope.stop())
    vi.restoreAllMocks()
  })

  it('are asked once for all who ask at the same time', async () => {
    const call = vi.spyOn(api, 'clients').mockResolvedValue([])
    const one = asked(() => queries.clients())
    const other = asked(() => queries.clients())
    await flushPromises()
    expect(one.data.value).toEqual([])
    expect(other.data.value).toEqual([])
    expect(call).toHaveBeenCalledTimes(1)
  })

  it('are heard by who asks later, though the answer is there', async () => {
    vi.spyOn(api, 'clients').mockResolvedValue([])
    asked(() => queries.clients())
    await flushPromises()
    const later = asked(() => queries.clients())
    const heard = vi.fn()
    scopes.at(-1)?.run(() => watch(later.data, heard))
    await flushPromises()
    expect(heard).toHaveBeenCalledTimes(1)
  })

  it('are asked again when what they ask about is another', async () => {
    const call = vi.spyOn(api, 'unsuited').mockResolvedValue([])
    const client = ref('a')
    asked(() => queries.unsuited(client.value))
    await flushPromises()
    client.value = 'b'
    await flushPromises()
    expect(call.mock.calls).toEqual([['a'], ['b']])
  })

  it('about a client are asked again when something about that client changed', async () => {
    const health = vi.spyOn(api, 'health').mockResolvedValue({} as never)
    const form = vi.spyOn(api, 'client').mockResolvedValue({} as never)
    asked(() => queries.health('a'))
    asked(() => queries.clientForm('a'))
    await flushPromises()
    await askAnew(['client', 'b'])
    expect(health).toHaveBeenCalledTimes(1)
    await askAnew(['client', 'a'])
    expect(health).toHaveBeenCalledTimes(2)
    expect(form, 'what is being written stays').toHaveBeenCalledTimes(1)
  })

  it('take an answer to something else for their own', async () => {
    vi.spyOn(api, 'pains').mockResolvedValue([])
    const pains = asked(() => queries.pains('a'))
    await flushPromises()
    pains.set([{ level: 3 } as never])
    expect(pains.data.value).toEqual([{ level: 3 }])
  })

  describe('take no answer that was begun before', () => {
    /** The first question is answered late, the next at once. */
    const slowFirst = () => {
      let late = () => {}
      const call = vi
        .spyOn(api, 'feed')
        .mockReturnValueOnce(
          new Promise((answer) => (late = () => answer({ active: false, madeAt: null } as never))),
        )
        .mockResolvedValue({ active: true, madeAt: null } as never)
      return { call, answerFirst: () => late() }
    }

    it('when they are asked again, though it is the first', async () => {
      const { call, answerFirst } = slowFirst()
      const feed = asked(() => queries.feed('a'))
      await flushPromises()
      const reloaded = feed.reload()
      answerFirst()
      await reloaded
      await flushPromises()
      expect(call).toHaveBeenCalledTimes(2)
      expect(feed.data.value).toMatchObject({ active: true })
    })

    it('when something about the client changed', async () => {
      const { answerFirst } = slowFirst()
      const feed = asked(() => queries.feed('a'))
      await flushPromises()
      const anew = askAnew(['client', 'a'])
      answerFirst()
      await anew
      await flushPromises()
      expect(feed.data.value).toMatchObject({ active: true })
    })

    it('when the page was left meanwhile and is opened again', async () => {
      const { answerFirst } = slowFirst()
      asked(() => queries.feed('a'))
      await flushPromises()
      scopes.splice(0).forEach((scope) => scope.stop())
      await askAnew(['client', 'a'])
      const feed = asked(() => queries.feed('a'))
      answerFirst()
      await flushPromises()
      expect(feed.data.value).toMatchObject({ active: true })
    })

    it('when an answer to something else is taken', async () => {
      const { call, answerFirst } = slowFirst()
      const feed = asked(() => queries.feed('a'))
      await flushPromises()
      feed.set({ active: true, madeAt: null } as never)
      answerFirst()
      await flushPromises()
      expect(feed.data.value).toMatchObject({ active: true })
      expect(call, 'what ran may have known more').toHaveBeenCalledTimes(2)
    })
  })

  it('about what ships are asked once for ever', async () => {
    const call = vi.spyOn(api, 'handRoles').mockResolvedValue({})
    for (let i = 0; i < 2; i++) {
      asked(() => queries.handRoles())
      await flushPromises()
      scopes.splice(0).forEach((scope) => scope.stop())
    }
    expect(call).toHaveBeenCalledTimes(1)
  })

  it('about everything else are asked whenever they are shown', async () => {
    const call = vi.spyOn(api, 'routines').mockResolvedValue([])
    for (let i = 0; i < 2; i++) {
      asked(() => queries.routines())
      await flushPromises()
      scopes.splice(0).forEach((scope) => scope.stop())
    }
    expect(call).toHaveBeenCalledTimes(2)
  })
})
