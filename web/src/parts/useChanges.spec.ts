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

const page = (listener: (id: string) => void) =>
  mount(
    defineComponent({
      setup() {
        useChanges(listener)
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
    expect(Source.all.map((s) => s.address)).toEqual(['/api/changes'])
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
