import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { HandRoleView } from '@/api/types'
import HandRoles from './HandRoles.vue'

const roles = [
  { role: 'FRETTING_HAND', word: 'the hand on the strings' },
  { role: 'BOW_HAND', word: 'the bow hand' },
] as unknown as HandRoleView[]

describe('which hand does what', () => {
  it('is as usual until somebody says otherwise', async () => {
    const wrapper = mount(HandRoles, { props: { roles, title: 'Viola', modelValue: null } })
    const bow = wrapper.find('select[aria-label="The bow hand in Viola"]')
    expect((bow.element as HTMLSelectElement).selectedOptions[0]?.text).toBe('as is usual')
    await bow.setValue('LEFT')
    expect(wrapper.emitted('update:modelValue')).toEqual([[{ BOW_HAND: 'LEFT' }]])
  })

  it('can be neither hand, and shows what is wrong', async () => {
    const wrapper = mount(HandRoles, {
      props: {
        roles,
        title: 'Viola',
        modelValue: { BOW_HAND: 'RIGHT', FRETTING_HAND: 'LEFT' },
        problem: 'The bow hand is no hand of typing.',
      },
    })
    await wrapper.find('select[aria-label="The bow hand in Viola"]').setValue('')
    expect(wrapper.emitted('update:modelValue')).toEqual([[{ FRETTING_HAND: 'LEFT' }]])
    expect(wrapper.find('[role=alert]').text()).toContain('no hand of typing')
  })
})
