import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerAway, ServerProblem } from '@/api/client'
import type { MyDayView, PegView, RoutineView } from '@/api/types'
import { aBlock, aDay, aPeg } from '@/week/samples'
import MyDayPage from './MyDayPage.vue'

const warmUp = aPeg({
  blockId: 'b',
  lineId: null,
  purpose: 'WARM_UP',
  startHour: 9.9,
  endHour: 10,
  start: '2026-11-30T09:50:02Z',
  end: '2026-11-30T10:00:00Z',
  startsAt: '09:50:02',
  endsAt: '10:00:00',
})
const recovery = aPeg()
const routine = {
  clientId: 'c',
  blockTitle: '',
  lengthMillis: 360_000,
  haveReady: ['a towel'],
  steps: [],
  leftOut: [],
  shortPhases: [],
} as unknown as RoutineView
const myDay = (next: PegView | null, pegs: PegView[]): MyDayView => {
  const today = aDay({ today: true, nowHour: 9, pegs, done: 1, planned: pegs.length })
  return { clientId: 'c', coachName: 'Ines Valdemar', today, next, week: [today] }
}
const stubs = {
  BButton: { template: '<button type="button"><slot /></button>' },
  RoutineTape: true,
  ExerciseFigure: true,
}

describe('a client’s day', () => {
  const open = async (day: MyDayView) => {
    vi.spyOn(api, 'myDay').mockResolvedValue(day)
    vi.spyOn(api, 'clientRoutines').mockResolvedValue([])
    const router = createRouter({
      history: createMemoryHistory(),
      routes: [{ path: '/:all(.*)*', component: { template: '<p />' } }],
    })
    const wrapper = mount(MyDayPage, { global: { plugins: [router], stubs } })
    await flushPromises()
    await flushPromises()
    return wrapper
  }

  it('starts the warm-up of a block, which ends as the block starts', async () => {
    vi.spyOn(api, 'warmUp').mockResolvedValue({
      reason: '',
      routine: { ...routine, blockTitle: 'Practice', lengthMillis: 598_000 },
    })
    const wrapper = await open(myDay(warmUp, [warmUp, recovery]))
    expect(wrapper.find('.next h2').text()).toBe('Warm-up')
    expect(wrapper.find('.next p').text()).toBe(
      '09:50 to 10:00, ends as practice starts; have ready: a towel',
    )
    expect(wrapper.find('a.start').attributes('href')).toBe('/player/c/b')
    expect(wrapper.find('.next').text()).not.toContain('Later today')
  })

  it('composes what stands free as it would be now, and can put it later', async () => {
    const compose = vi.spyOn(api, 'playNow').mockResolvedValue(routine)
    const later = { ...recovery, startsAt: '21:00:00', startHour: 21 }
    const put = vi.spyOn(api, 'doLater').mockResolvedValue(myDay(later, [later]))
    const wrapper = await open(myDay(recovery, [recovery]))
    expect(compose).toHaveBeenCalledWith('c', 'RECOVERY', 6, 'care')
    expect(wrapper.find('a.start').attributes('href')).toBe('/player/c/now/RECOVERY/6?line=care')
    await wrapper.find('button').trigger('click')
    await flushPromises()
    expect(put).toHaveBeenCalledWith('care')
    expect(wrapper.find('.next p').text()).toContain('21:00')
  })

  it('says why a session cannot be put later', async () => {
    vi.spyOn(api, 'playNow').mockResolvedValue(routine)
    vi.spyOn(api, 'doLater').mockRejectedValue(
      new ServerProblem(400, 'Not possible', 'Look again.', [
        { field: 'lineId', message: 'There is no room for it later today.' },
      ]),
    )
    const wrapper = await open(myDay(recovery, [recovery]))
    await wrapper.find('button').trigger('click')
    await flushPromises()
    expect(wrapper.find('[role=alert]').text()).toBe('There is no room for it later today.')
  })

  it('tells the rest in the order of the clock, blocks among it', async () => {
    vi.spyOn(api, 'warmUp').mockResolvedValue({ reason: '', routine })
    const wrapper = await open(myDay(warmUp, [warmUp, recovery]))
    const rows = wrapper.findAll('[aria-label="The rest of today"] li')
    expect(rows.map((row) => row.find('b').text())).toEqual([aBlock().title, 'Recovery'])
    expect(rows[1]?.find('a').attributes('href')).toBe('/player/c/now/RECOVERY/6?line=care')
  })

  it('says what keeps the next session from being done', async () => {
    vi.spyOn(api, 'playNow').mockRejectedValue(
      new ServerProblem(400, 'Not possible', 'Look again.', [
        { field: 'purpose', message: 'Everything waits for a clinician.' },
      ]),
    )
    const wrapper = await open(myDay(recovery, [recovery]))
    expect(wrapper.text()).toContain('Recovery waits')
    expect(wrapper.text()).toContain('Everything waits for a clinician.')
  })

  it('does not blame the session while the server is away', async () => {
    vi.spyOn(api, 'playNow').mockRejectedValue(new ServerAway())
    const wrapper = await open(myDay(recovery, [recovery]))
    expect(wrapper.text()).not.toContain('The server does not answer')
  })

  it('says that nothing is left, or that nothing is there', async () => {
    const over = await open(myDay(null, [{ ...recovery, open: false, state: 'DONE' }]))
    expect(over.text()).toContain('What there was is behind you.')
    const empty = await open(myDay(null, []))
    expect(empty.text()).toContain('your coach puts them there with you')
  })
})
