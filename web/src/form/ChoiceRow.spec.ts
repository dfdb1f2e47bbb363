import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import ChoiceRow from './ChoiceRow.vue'

const options = [
  { value: 'LEFT', label: 'Left' },
  { value: 'SAME', label: 'the same' },
  { value: 'RIGHT', label: 'Right' },
]

const row = (modelValue: string | null) =>
  mount(ChoiceRow, { props: { label: 'Side', options, modelValue }, attachTo: document.body })

describe('a row of choices', () => {
  it('is a radio group of which one can be reached by Tab', () => {
    const wrapper = row('SAME')
    expect(wrapper.attributes('role')).toBe('radiogroup')
    const radios = wrapper.findAll('[role=radio]')
    expect(radios.map((r) => r.attributes('aria-checked'))).toEqual(['false', 'true', 'false'])
    expect(radios.map((r) => r.attributes('tabindex'))).toEqual(['-1', '0', '-1'])
  })

  it('can be reached when nothing is chosen yet', () => {
    expect(
      row(null)
        .findAll('[role=radio]')
        .map((r) => r.attributes('tabindex')),
    ).toEqual(['0', '-1', '-1'])
  })

  it('moves with the arrow keys, round the ends', async () => {
    const wrapper = row('RIGHT')
    await wrapper.findAll('[role=radio]')[2]?.trigger('keydown', { key: 'ArrowRight' })
    expect(wrapper.emitted('update:modelValue')).toEqual([['LEFT']])
    await wrapper.findAll('[role=radio]')[0]?.trigger('keydown', { key: 'ArrowLeft' })
    expect(wrapper.emitted('update:modelValue')?.[1]).toEqual(['RIGHT'])
  })
})
