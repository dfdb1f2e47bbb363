import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref, type Ref } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import PlaceView from './PlaceView.vue'

/** Answers when it is told to. */
function anAnswer() {
  let give: (word: string) => void = () => undefined
  let fail: (problem: Error) => void = () => undefined
  const promise = new Promise<string>((resolve, reject) => {
    give = resolve
    fail = reject
  })
  return { promise, give, fail }
}

describe('a place', () => {
  beforeEach(() => vi.useFakeTimers())
  afterEach(() => vi.useRealTimers())

  const settle = async () => {
    await flushPromises()
    await vi.advanceTimersByTimeAsync(1)
    await flushPromises()
    await vi.advanceTimersByTimeAsync(1)
  }

  const open = async () => {
    const own = anAnswer()
    const part = anAnswer()
    const later = anAnswer()
    const more: Ref<boolean> = ref(false)
    const Asking = (key: string, promise: Promise<string>) => ({
      setup: () => useAsked(() => queries.own([key], () => promise)),
      template: '<p>{{ data }}</p>',
    })
    const page = {
      components: {
        PartOfIt: Asking('part', part.promise),
        LaterOn: Asking('later', later.promise),
      },
      setup: () => ({ ...useAsked(() => queries.own(['own'], () => own.promise)), more }),
      template: '<main><PartOfIt v-if="data" /><LaterOn v-if="more" /></main>',
    }
    const router = createRouter({
      history: createMemoryHistory(),
      routes: [{ path: '/', component: page }],
    })
    await router.push('/')
    const wrapper = mount(PlaceView, { global: { plugins: [router] } })
    await settle()
    const main = () => wrapper.get('main')
    const whole = () => !main().classes('in-pieces')
    return { own, part, later, more, whole, main, wrapper }
  }

  it('shows once what it asks and what its parts ask is known', async () => {
    const { own, part, whole, main } = await open()
    expect(whole()).toBe(false)
    expect(main().attributes('aria-busy')).toBe('true')
    own.give('day')
    await settle()
    expect(whole()).toBe(false)
    part.give('routine')
    await settle()
    expect(whole()).toBe(true)
    expect(main().attributes('aria-busy')).toBeUndefined()
    expect(main().text()).toBe('routine')
  })

  it('says after a while that something is to come', async () => {
    const { wrapper, own, part } = await open()
    expect(wrapper.find('[role=status]').exists()).toBe(false)
    await vi.advanceTimersByTimeAsync(400)
    expect(wrapper.find('[role=status]').exists()).toBe(true)
    own.give('day')
    part.give('routine')
    await settle()
    expect(wrapper.find('[role=status]').exists()).toBe(false)
  })

  it('shows what went wrong at once', async () => {
    const { own, whole } = await open()
    own.fail(new Error('The server does not answer.'))
    await settle()
    expect(whole()).toBe(true)
  })

  it('does not wait for ever for one of its parts', async () => {
    const { own, whole } = await open()
    own.give('day')
    await vi.advanceTimersByTimeAsync(2400)
    expect(whole()).toBe(false)
    await vi.advanceTimersByTimeAsync(200)
    expect(whole()).toBe(true)
  })

  it('is not hidden again by what is asked for later', async () => {
    const { own, part, more, whole } = await open()
    own.give('day')
    part.give('routine')
    await settle()
    more.value = true
    await settle()
    expect(whole()).toBe(true)
  })
})
