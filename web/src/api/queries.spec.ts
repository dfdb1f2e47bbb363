import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref, watch, type EffectScope } from 'vue'
import { api } from './calls'
import { keeper, queries } from './queries'
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
    await keeper.invalidateQueries({ queryKey: ['client', 'b'] })
    expect(health).toHaveBeenCalledTimes(1)
    await keeper.invalidateQueries({ queryKey: ['client', 'a'] })
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
