import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { VoiceView } from '@/api/types'
import TapFile from './TapFile.vue'
import { QUERY } from './tapCases'

const push = vi.fn()
vi.mock('vue-router', () => ({ useRouter: () => ({ push }) }))
let voices: VoiceView[] = []
let read: string[] = []

beforeEach(() => {
  read = []
  push.mockClear()
  vi.stubGlobal('fetch', async (request: Request) => {
    if (request.url.endsWith('/voices')) return Response.json(voices)
    read.push(request.url)
    return Response.json({ testId: 'x' })
  })
})

const voice = (number: number): VoiceView => ({
  number,
  name: `Track ${number}`,
  notes: 80,
  hand: null,
})
async function chosen() {
  const page = mount(TapFile, { props: { clientId: 'c', query: QUERY } })
  const field = page.get<HTMLInputElement>('input[type=file]')
  Object.defineProperty(field.element, 'files', { value: [new File(['MThd'], 'taps.mid')] })
  await field.trigger('change')
  await vi.waitFor(() => expect(page.find('button').exists()).toBe(true))
  return page
}

describe('a test that was played elsewhere', () => {
  it('asks which voice the tested hand played, and no other', async () => {
    voices = [voice(1), voice(2)]
    const page = await chosen()
    expect(page.findAll('select')).toHaveLength(1)
    await page.findAll('option')[2]?.setValue()
    await page.get('form').trigger('submit')
    await vi.waitFor(() => expect(push).toHaveBeenCalled())
    expect(read[0]).toContain('left=2')
    expect(read[0]).not.toContain('right=')
    // What was played elsewhere had no click of ours.
    expect(read[0]).toContain('pace=OWN')
    expect(push).toHaveBeenCalledWith({ path: '/workshop/c/tap-test', query: { test: 'x' } })
    page.unmount()
  })

  it('asks nothing of a file with one voice', async () => {
    voices = [voice(1)]
    const page = await chosen()
    expect(page.findAll('select')).toHaveLength(0)
    await page.get('form').trigger('submit')
    await vi.waitFor(() => expect(push).toHaveBeenCalled())
    expect(read[0]).not.toContain('left=')
    page.unmount()
  })
})
