import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { api } from '@/api/calls'
import { askAnew } from '@/api/queries'
import TapPage from './TapPage.vue'

const TapResult = {
  name: 'TapResult',
  emits: ['forget'],
  template: '<button @click="$emit(\'forget\')">Forget</button>',
}

describe('the page of tap tests', () => {
  const tests = ['new', 'old'].map((testId) => ({ testId, at: '2026-03-02T09:00', words: '' }))
  async function open() {
    vi.spyOn(api, 'tapTests').mockResolvedValue({ tests } as never)
    const result = vi
      .spyOn(api, 'tapResult')
      .mockImplementation((_, testId) => Promise.resolve({ testId } as never))
    const router = createRouter({
      history: createMemoryHistory(),
      routes: [{ path: '/:all(.*)*', component: { template: '<p />' } }],
    })
    const page = mount(TapPage, {
      props: { clientId: 'a', test: 'new' },
      global: {
        plugins: [router],
        stubs: { TapResult, TapChooser: true, WorkshopFrame: true },
      },
    })
    await flushPromises()
    return { page, result }
  }

  it('never asks for a test again once it is being forgotten, whoever tells of it', async () => {
    const { page, result } = await open()
    expect(result.mock.lastCall?.[1]).toBe('new')
    result.mockClear()
    vi.spyOn(api, 'forgetTaps').mockImplementation(() => askAnew(['client', 'a']) as never)
    await page.get('button').trigger('click')
    await flushPromises()
    expect(result.mock.calls.map((call) => call[1])).not.toContain('new')
    expect(result.mock.lastCall?.[1]).toBe('old')
    page.unmount()
  })

  it('shows it again if it could not be forgotten', async () => {
    const { page, result } = await open()
    vi.spyOn(api, 'forgetTaps').mockRejectedValue(new Error('The server does not answer.'))
    await page.get('button').trigger('click')
    await flushPromises()
    expect(result.mock.lastCall?.[1]).toBe('new')
    expect(page.text()).toContain('The server does not answer.')
    page.unmount()
  })
})
