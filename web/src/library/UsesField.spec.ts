import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import type { Region } from '@/api/types'
import UsesField from './UsesField.vue'

const stubs = { BButton: { template: '<button type="button"><slot /></button>' } }

function field() {
  const uses = ref<Partial<Record<Region, number>>>({})
  const helper = ref<Partial<Record<Region, number>>>({})
  const wrapper = mount(
    {
      components: { UsesField },
      setup: () => ({ uses, helper }),
      template:
        '<UsesField v-model:uses="uses" v-model:helper="helper"' +
        " :problems=\"[{ field: 'uses', message: 'Say what it uses.' }]\" />",
    },
    { global: { stubs } },
  )
  return { uses, helper, wrapper }
}

describe('what an exercise uses', () => {
  it('is said by touching: each touch a level more, then none', async () => {
    const { uses, wrapper } = field()
    const palm = wrapper.find('button[aria-label^="Acts palm"]')
    const seen = []
    for (let i = 0; i < 4; i++) {
      await palm.trigger('click')
      seen.push(uses.value.PALM)
    }
    expect(seen).toEqual([1, 2, 3, undefined])
  })

  it('knows the hand that helps apart from the one that acts', async () => {
    const { uses, helper, wrapper } = field()
    await wrapper.find('button[aria-label^="Helps thumb"]').trigger('click')
    await wrapper.find('button[aria-label^="Helps thumb"]').trigger('click')
    expect(uses.value).toEqual({})
    expect(helper.value).toEqual({ THUMB: 2 })
    expect(wrapper.text()).toContain('The hand that helps works or goes to its end: thumb')
  })

  it('has shoulder, neck and back beside the hands, and shows what is wrong', async () => {
    const { uses, wrapper } = field()
    await wrapper
      .findAll('.further button')
      .find((b) => b.text().startsWith('Shoulder'))
      ?.trigger('click')
    expect(uses.value).toEqual({ SHOULDER: 1 })
    expect(wrapper.find('[role=alert]').text()).toBe('Say what it uses.')
  })
})
