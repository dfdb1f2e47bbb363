import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { DifficultiesView } from '@/api/types'
import { keeper } from '@/api/queries'
import DifficultiesPage from './DifficultiesPage.vue'

const LINE = {
  pattern: 'p',
  title: 'Ring bent',
  doing: 'one hand',
  from: 2.3,
  to: 2.7,
  tries: 34,
}
let view: DifficultiesView
let asked: string[] = []

beforeEach(() => {
  asked = []
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(request.method)
    if (request.method !== 'GET') view = { ...view, taken: request.method === 'POST' }
    return Promise.resolve(Response.json(view))
  })
})
afterEach(() => {
  keeper.clear()
  vi.unstubAllGlobals()
})

async function open() {
  const page = mount(DifficultiesPage, {
    props: { clientId: 'c' },
    global: { stubs: { WorkshopFrame: true } },
  })
  await flushPromises()
  return page
}

describe('difficulties', () => {
  it('says how many tries are wanted while there are too few', async () => {
    view = { tries: 94, leastTries: 200, taken: false, lines: [] }
    const page = await open()
    expect(page.text()).toContain('94 tries')
    expect(page.text()).toContain('From 200 on they say something.')
    expect(page.find('table').exists()).toBe(false)
  })

  it('stand beside those of the movements until the coach takes them over, and go back', async () => {
    view = { tries: 240, leastTries: 200, taken: false, lines: [LINE] }
    const page = await open()
    expect(page.text()).toContain('until you take this over')
    expect(page.get('tbody tr').text()).toMatch(/Ring bent.*34.*2\.3.*2\.7 harder/s)
    await page
      .findAll('button')
      .find((b) => b.text() === 'Take over')
      ?.trigger('click')
    await flushPromises()
    expect(page.text()).toContain('go by what was tried')
    await page
      .findAll('button')
      .find((b) => b.text() === 'Back to the movements')
      ?.trigger('click')
    await flushPromises()
    expect(page.text()).toContain('until you take this over')
    expect(asked.filter((method) => method !== 'GET')).toEqual(['POST', 'DELETE'])
  })
})
