import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { api } from '@/api/calls'
import type { RoutineSummary, TemplateView } from '@/api/types'
import BenchShelf from './BenchShelf.vue'

const routine = (id: string, clientId: string | null): RoutineSummary => ({
  id,
  clientId,
  clientName: clientId ? 'Wiebke' : '',
  title: `Routine ${id}`,
  purpose: 'COOL_DOWN',
  version: id === 'b' ? 3 : 1,
  changedAt: '2026-11-25T10:00:00Z',
})
const template: TemplateView = {
  id: 't',
  title: 'Desk reset',
  aim: 'Between two hours at the desk.',
  discipline: 'TYPING',
  purpose: 'BREAK',
  seconds: 90,
  warmed: false,
  steps: [],
  tape: [],
}
const stubs = {
  BButton: { template: '<button type="button"><slot /></button>' },
  RouterLink: { props: ['to'], template: '<a :href="to"><slot /></a>' },
}
const shelf = (clientId: string | null) =>
  mount(BenchShelf, {
    props: {
      clientId,
      routines: [routine('a', 'c'), routine('b', 'c'), routine('d', 'other'), routine('m', null)],
      templates: [template],
    },
    global: { stubs },
  })
const settle = async () => {
  await nextTick()
  await nextTick()
}

describe('the shelf', () => {
  afterEach(() => {
    vi.restoreAllMocks()
  })

  it('shows the client their own routines and nobody else’s', () => {
    const text = shelf('c').text()
    expect(text).toContain('Theirs')
    expect(text).toContain('Routine a')
    expect(text).toContain('3 versions')
    expect(text).not.toContain('Routine d')
    expect(shelf(null).text()).not.toContain('Theirs')
    expect(shelf(null).text()).toContain('Routine m')
  })

  it('opens what is pressed', async () => {
    const wrapper = shelf('c')
    await wrapper.findAll('li button')[0]?.trigger('click')
    await wrapper.find('[title="Between two hours at the desk."]').trigger('click')
    expect(wrapper.emitted('open')?.[0]).toEqual([routine('a', 'c')])
    expect(wrapper.emitted('openTemplate')).toEqual([[template]])
  })

  it('puts a routine away and brings it back', async () => {
    const away = vi.spyOn(api, 'archiveRoutine').mockResolvedValue(undefined)
    const back = vi.spyOn(api, 'restoreRoutine').mockResolvedValue(undefined)
    const wrapper = shelf('c')
    await wrapper.find('[aria-label="Put away Routine b"]').trigger('click')
    await settle()
    expect(away).toHaveBeenCalledWith('b')
    expect(wrapper.text()).toContain('Routine b is put away.')
    await wrapper.find('[role=status] button').trigger('click')
    await settle()
    expect(back).toHaveBeenCalledWith('b')
    expect(wrapper.find('[role=status]').exists()).toBe(false)
    expect(wrapper.emitted('changed')).toHaveLength(2)
  })

  it('says why it could not be put away', async () => {
    vi.spyOn(api, 'archiveRoutine').mockRejectedValue(new Error('The server is away.'))
    const wrapper = shelf('c')
    await wrapper.find('[aria-label="Put away Routine a"]').trigger('click')
    await settle()
    expect(wrapper.find('[role=alert]').text()).toBe('The server is away.')
    expect(wrapper.emitted('changed')).toBeUndefined()
  })
})
