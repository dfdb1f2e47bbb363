import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import { useChanges } from './useChanges'

class Source extends EventTarget {
  static all: Source[] = []
  closed = false
  constructor(readonly address: string) {
    super()
    Source.all.push(this)
  }
  close() {
    this.closed = true
  }
  person(clientId: string) {
    this.dispatchEvent(new MessageEvent('person', { data: clientId }))
  }
}

const page = (listener: (id: string) => void, use = useChanges) =>
  mount(
    defineComponent({
      setup() {
        use(listener)
        return () => h('p')
      },
    }),
  )

describe('changes that were made elsewhere', () => {
  beforeEach(() => {
    Source.all = []
    vi.useFakeTimers()
    vi.stubGlobal('EventSource', Source)
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('are told once for what comes together, over one line for all that listen', () => {
    const first = vi.fn()
    const second = vi.fn()
    const pages = [page(first), page(second)]
    expect(Source.all.map((s) => s.address)).toEqual(['/api/changes?silentMillis=0'])
    Source.all[0]?.person('a')
    Source.all[0]?.person('a')
    Source.all[0]?.person('b')
    vi.runAllTimers()
    expect(first.mock.calls).toEqual([['a'], ['b']])
    expect(second.mock.calls).toEqual([['a'], ['b']])
    pages[0]?.unmount()
    expect(Source.all[0]?.closed).toBe(false)
    pages[1]?.unmount()
    expect(Source.all[0]?.closed).toBe(true)
  })

  it('may be anybody’s after the line was lost', () => {
    const heard = vi.fn()
    const wrapper = page(heard)
    Source.all[0]?.dispatchEvent(new Event('open'))
    vi.runAllTimers()
    expect(heard).not.toHaveBeenCalled()
    Source.all[0]?.dispatchEvent(new Event('error'))
    Source.all[0]?.dispatchEvent(new Event('open'))
    vi.runAllTimers()
    expect(heard.mock.calls).toEqual([['']])
    wrapper.unmount()
  })
})

describe('several pages of one browser', () => {
  class Locks {
    held = false
    readonly queue: (() => void)[] = []
    async request(_: string, options: { signal: AbortSignal }, work: () => Promise<void>) {
      if (this.held) {
        await new Promise<void>((resolve, reject) => {
          this.queue.push(resolve)
          options.signal.addEventListener('abort', () => reject(new Error('given up')))
        })
      }
      this.held = true
      await work()
      this.held = false
      this.queue.shift()?.()
    }
  }
  class Channel extends EventTarget {
    static all: Channel[] = []
    constructor() {
      super()
      Channel.all.push(this)
    }
    postMessage(data: string) {
      Channel.all
        .filter((other) => other !== this)
        .forEach((other) => other.dispatchEvent(new MessageEvent('message', { data })))
    }
    close() {
      Channel.all = Channel.all.filter((other) => other !== this)
    }
  }

  /** A page is a module of its own. */
  async function pageOf(listener: (id: string) => void) {
    vi.resetModules()
    return page(listener, (await import('./useChanges')).useChanges)
  }

  it('share one line, and the next takes it over', async () => {
    Source.all = []
    vi.stubGlobal('EventSource', Source)
    vi.stubGlobal('BroadcastChannel', Channel)
    vi.stubGlobal('navigator', { locks: new Locks() })
    const [first, second] = [vi.fn(), vi.fn()]
    const pages = [await pageOf(first), await pageOf(second)]
    expect(Source.all).toHaveLength(1)
    Source.all[0]?.person('a')
    await vi.waitFor(() => expect(second).toHaveBeenCalledWith('a'))
    expect(first).toHaveBeenCalledWith('a')
    await new Promise((resolve) => setTimeout(resolve, 20))
    pages[0]?.unmount()
    await vi.waitFor(() => expect(Source.all).toHaveLength(2))
    const silent = Number(Source.all[1]?.address.replace('/api/changes?silentMillis=', ''))
    expect(silent, 'what was said meanwhile is asked for').toBeGreaterThanOrEqual(19)
    expect(Source.all[0]?.closed).toBe(true)
    Source.all[1]?.person('b')
    await vi.waitFor(() => expect(second).toHaveBeenCalledWith('b'))
    pages[1]?.unmount()
    expect(Source.all[1]?.closed).toBe(true)
    vi.unstubAllGlobals()
  })
})
