import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { api } from '@/api/calls'
import SaidMoment from './SaidMoment.vue'

const push = vi.hoisted(() => vi.fn())
vi.mock('vue-router', () => ({ useRouter: () => ({ push }) }))

const line = () =>
  mount(SaidMoment, {
    props: { clientId: 'c' },
    global: { stubs: { BButton: { template: '<button><slot /></button>' } } },
  })

describe('a moment in between', () => {
  it('says what it understood and begins with what was said', async () => {
    vi.spyOn(api, 'readMoment').mockResolvedValue({
      understood: true,
      words: 'Break of 4 min, standing',
    })
    const wrapper = line()
    await wrapper.find('input').setValue(' four minutes, standing ')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(wrapper.text()).toContain('Break of 4 min, standing')
    expect(push).toHaveBeenCalledWith({
      path: '/player/c/moment',
      query: { said: 'four minutes, standing' },
    })
  })

  it('says what it did not understand, keeps it, and stays', async () => {
    push.mockClear()
    vi.spyOn(api, 'readMoment').mockResolvedValue({
      understood: false,
      words: 'Say how long: four minutes.',
    })
    const wrapper = line()
    await wrapper.find('input').setValue('standing')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(wrapper.find('[role=status]').text()).toBe('Say how long: four minutes.')
    expect(wrapper.find('input').element.value).toBe('standing')
    expect(push).not.toHaveBeenCalled()
  })
})
