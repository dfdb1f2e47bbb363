import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { api } from '@/api/calls'
import { CLIENT_PAGE, type ClientPage } from '@/parts/clientPage'
import { addDays } from '@/parts/words'
import { aDay, aPeg, aWeek } from './samples'
import SixWeeksPage from './SixWeeksPage.vue'

const stubs = { BButton: { template: '<button type="button"><slot /></button>' } }
const weekFrom = (monday: string) => {
  const days = Array.from({ length: 7 }, (_, i) =>
    aDay({ date: addDays(monday, i), today: false, pegs: i ? [] : [aPeg()] }),
  )
  const unmet =
    monday === '2026-12-07'
      ? [{ lineId: 'care', date: monday, sentence: 'No room for recovery.' }]
      : []
  const week = aWeek(days, { unmet })
  return { ...week, plan: { ...week.plan, monday } }
}

describe('six weeks at a glance', () => {
  it('are 42 ribbons, each week the way to itself, and say where there is no room', async () => {
    const asked = vi
      .spyOn(api, 'week')
      .mockImplementation((_, date) => Promise.resolve(weekFrom(date)))
    const router = createRouter({
      history: createMemoryHistory(),
      routes: [{ path: '/:rest(.*)*', component: { template: '<p />' } }],
    })
    await router.push('/clients/c/week/six-weeks?date=2026-11-30')
    const page = { day: { data: ref(aDay()) } } as unknown as ClientPage
    const weeks = mount(SixWeeksPage, {
      props: { clientId: 'c' },
      global: { plugins: [router], stubs, provide: { [CLIENT_PAGE as symbol]: page } },
    })
    await vi.waitFor(() => expect(weeks.findAll('[data-date]')).toHaveLength(42))
    expect(asked).toHaveBeenCalledTimes(6)
    const links = weeks.findAll('li a')
    expect(links.map((link) => link.attributes('href'))[1]).toBe('/clients/c/week?date=2026-12-07')
    expect(links[0]?.text()).toContain('1 session')
    expect(weeks.findAll('.short').map((word) => word.text())).toEqual([
      '1 session, 1 without a place',
    ])
    await weeks.find('[aria-label="The six weeks after"]').trigger('click')
    await vi.waitFor(() => expect(asked).toHaveBeenCalledWith('c', '2027-01-11'))
  })
})
