import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { TemplateView } from '@/api/types'
import ShelfTapes from './ShelfTapes.vue'

const template = (id: string, purpose: TemplateView['purpose']): TemplateView => ({
  id,
  title: `Ready ${id}`,
  aim: 'Arms and hands.',
  discipline: 'TYPING',
  purpose,
  seconds: 90,
  warmed: false,
  steps: [],
  tape: [
    {
      title: 'Palm rub',
      kind: 'HEAT',
      lengthMillis: 28000,
      laterality: 'TOGETHER',
      side: 'LEFT',
      circuit: 0,
    },
  ],
})

describe('an empty bench', () => {
  it('shows what is ready for the purpose, and opens it', async () => {
    const templates = [template('a', 'BREAK'), template('b', 'WARM_UP')]
    const wrapper = mount(ShelfTapes, { props: { purpose: 'BREAK', templates } })
    expect(wrapper.findAll('button').map((b) => b.find('b').text())).toEqual(['Ready a'])
    await wrapper.find('button').trigger('click')
    expect(wrapper.emitted('open')?.[0]).toEqual([templates[0]])
    await wrapper.setProps({ purpose: 'REACH' })
    expect(wrapper.find('section').exists()).toBe(false)
  })
})
