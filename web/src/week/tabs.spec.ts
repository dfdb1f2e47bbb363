import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { api } from '@/api/calls'
import type { PlanView } from '@/api/types'
import { CLIENT_PAGE, type ClientPage } from '@/parts/clientPage'
import { aBlock, aDay, aPeg, aSession, aWeek } from './samples'
import WeekTab from './WeekTab.vue'

const day = aDay({
  blocks: [aBlock({ endHour: 13, warmUpReason: 'As long as wanted, ends as the block starts.' })],
  pegs: [
    aPeg(),
    aPeg({
      blockId: 'b',
      lineId: null,
      why: 'After 50 min of Practice; 10 min off.',
      purpose: 'BREAK',
      startHour: 11,
      endHour: 11.05,
      label: 'Break, planned',
    }),
  ],
})
const week = (changes: Partial<PlanView> = {}) =>
  aWeek([day], {
    sessions: [aSession()],
    unmet: [{ lineId: 'care', date: '2026-12-01', sentence: 'No room for recovery on Tuesday.' }],
    counts: [{ lineId: 'care', title: 'recovery', purpose: 'RECOVERY', placed: 6, wanted: 7 }],
    ...changes,
  })
const stubs = {
  BButton: {
    props: ['disabled', 'type'],
    template: '<button :type="type ?? \'button\'" :disabled="disabled"><slot /></button>',
  },
}
const loaded = <T>(value: T) => ({
  data: ref(value),
  error: ref(undefined),
  slow: ref(false),
  reload: () => Promise.resolve(),
  set: () => undefined,
})
const open = async (tab: typeof WeekTab) => {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:rest(.*)*', component: { template: '<p />' } }],
  })
  await router.push('/clients/c/week?date=2026-11-30')
  const page = {
    client: loaded({ facts: { activities: [{ id: 'a', title: 'Practice' }] } }),
    day: loaded(day),
    pains: loaded([]),
    reloadAll: () => Promise.resolve(),
    chosenBlock: ref(null),
  } as unknown as ClientPage
  const wrapper = mount(tab, {
    props: { clientId: 'c' },
    global: { plugins: [router], stubs, provide: { [CLIENT_PAGE as symbol]: page } },
    attachTo: document.body,
  })
  await vi.waitFor(() => expect(wrapper.find('h2').exists()).toBe(true))
  return wrapper
}

beforeEach(() => {
  vi.spyOn(api, 'week').mockResolvedValue(week())
  vi.spyOn(api, 'playNow').mockRejectedValue(new Error('nothing to look into'))
})
afterEach(() => {
  vi.restoreAllMocks()
  document.body.innerHTML = ''
})

describe('the week tab', () => {
  it('counts what has a place and names what has none', async () => {
    const wrapper = await open(WeekTab)
    expect(wrapper.find('h2').text()).toBe('30 Nov to 6 Dec')
    expect(wrapper.find('.counts .short').text()).toBe('6 of 7')
    expect(wrapper.find('.reason').text()).toContain('No room for recovery on Tuesday.')
  })

  it('says why a session or a block is where it is', async () => {
    const wrapper = await open(WeekTab)
    await wrapper.find('.peg[role=button]').trigger('click')
    expect(wrapper.find('.reason').text()).toContain('At its time: evening (19:00).')
    expect(wrapper.find('.reason .time').text()).toBe('19:00–19:06')
    await wrapper.find('.block').trigger('click')
    expect(wrapper.find('.reason').text()).toContain('ends as the block starts')
  })

  it('draws breaks as notches of their block, not as pegs', async () => {
    const wrapper = await open(WeekTab)
    expect(wrapper.findAll('.notch')).toHaveLength(1)
    expect(wrapper.findAll('.peg[role=button]')).toHaveLength(1)
  })

  it('is moved by the keyboard: arrows ask, Enter keeps, Escape leaves', async () => {
    const ask = vi.spyOn(api, 'previewWeek').mockResolvedValue(week({ moves: ['Strength moves.'] }))
    const pin = vi.spyOn(api, 'pinSessions').mockResolvedValue(week())
    const wrapper = await open(WeekTab)
    const peg = wrapper.find('.peg[role=button]')
    await peg.trigger('keydown', { key: 'ArrowRight' })
    await vi.waitFor(() => expect(wrapper.find('.reason').text()).toContain('Strength moves.'))
    expect(ask.mock.calls[0]?.[1].pin?.startsAt).toBe('19:05')
    await peg.trigger('keydown', { key: 'Escape' })
    expect(wrapper.find('.reason').text()).not.toContain('Let go or press Enter')
    await peg.trigger('keydown', { key: 'ArrowLeft' })
    await peg.trigger('keydown', { key: 'Enter' })
    await vi.waitFor(() => expect(pin).toHaveBeenCalledTimes(1))
    expect(pin.mock.calls[0]?.[2]).toMatchObject([{ startsAt: '18:55', pinned: true }])
  })

  it('leaves a session out on Delete and pins it on P', async () => {
    const pin = vi.spyOn(api, 'pinSessions').mockResolvedValue(week())
    const wrapper = await open(WeekTab)
    await wrapper.find('.peg[role=button]').trigger('keydown', { key: 'Delete' })
    await vi.waitFor(() => expect(pin.mock.calls[0]?.[2]).toMatchObject([{ skipped: true }]))
    await wrapper.find('.peg[role=button]').trigger('keydown', { key: 'p' })
    await vi.waitFor(() =>
      expect(pin.mock.calls[1]?.[2]).toMatchObject([{ startsAt: '19:00', pinned: true }]),
    )
  })
})
