import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import DateInput from './DateInput.vue'
import FieldProblems from './FieldProblems.vue'
import TimeInput from './TimeInput.vue'
import WordChoice from './WordChoice.vue'
import WordNumber from './WordNumber.vue'
import WordSet from './WordSet.vue'
import WordText from './WordText.vue'

const labelled = (wrapper: ReturnType<typeof mount>, label: string) => {
  const found = wrapper.findAll('label').find((one) => one.text() === label)
  return wrapper.find(`#${found?.attributes('for') ?? 'none'}`)
}

describe('a number inside a sentence', () => {
  const minutes = (value: number) =>
    mount(WordNumber, {
      props: { modelValue: value, label: 'Warm-up, minutes', unit: 'min', min: 3, max: 30 },
    })

  it('is a field with a label, and says its number with its unit', () => {
    const wrapper = minutes(10)
    const field = labelled(wrapper, 'Warm-up, minutes')
    expect((field.element as HTMLInputElement).value).toBe('10')
    expect(field.attributes('aria-valuenow')).toBe('10')
    expect(wrapper.text()).toContain('\u00a0min')
  })

  it('is typed; what is out of range goes on to whoever may refuse it', async () => {
    const wrapper = minutes(10)
    await wrapper.find('input').setValue('45')
    expect(wrapper.emitted('update:modelValue')).toEqual([[45]])
    await wrapper.find('input').setValue('')
    await wrapper.find('input').setValue('soon')
    expect(wrapper.emitted('update:modelValue')).toHaveLength(1)
  })

  it('is what it was again when half a number is left', async () => {
    const wrapper = minutes(10)
    await wrapper.find('input').setValue('')
    await wrapper.find('input').trigger('blur')
    expect(wrapper.find('input').element.value).toBe('10')
  })

  it('goes up and down by keys and by touch, but not past its ends', async () => {
    const wrapper = minutes(29)
    const more = wrapper.find('[aria-label="Warm-up, minutes: more"]')
    await more.trigger('click')
    await wrapper.setProps({ modelValue: 30 })
    await wrapper.find('input').trigger('keydown', { key: 'ArrowUp' })
    await wrapper.find('input').trigger('keydown', { key: 'ArrowDown' })
    expect(wrapper.emitted('update:modelValue')).toEqual([[30], [29]])
  })

  it('can be said in hours where minutes are kept', async () => {
    const wrapper = mount(WordNumber, {
      props: {
        modelValue: 450,
        label: 'Hours a week',
        unit: 'h',
        per: 60,
        step: 30,
        min: 0,
        max: 6000,
      },
    })
    expect(wrapper.find('input').element.value).toBe('7.5')
    await wrapper.find('input').setValue('7,25')
    await wrapper.find('[aria-label="Hours a week: more"]').trigger('click')
    expect(wrapper.emitted('update:modelValue')).toEqual([[435], [480]])
  })
})

describe('words inside a sentence', () => {
  it('are chosen from a list that has a label', async () => {
    const wrapper = mount(WordChoice, {
      props: {
        modelValue: 'LEFT',
        label: 'Dominant hand',
        options: [
          { value: 'LEFT', text: 'left' },
          { value: 'RIGHT', text: 'right' },
        ],
      },
    })
    const list = labelled(wrapper, 'Dominant hand')
    await list.setValue('RIGHT')
    expect(wrapper.emitted('update:modelValue')).toEqual([['RIGHT']])
  })

  it('say that they are wrong to those who cannot see it', () => {
    const wrapper = mount(WordText, {
      props: { modelValue: '', label: 'Name', invalid: true },
    })
    expect(labelled(wrapper, 'Name').attributes('aria-invalid')).toBe('true')
    expect(wrapper.find('.word-box').classes()).toContain('invalid')
  })

  it('name what is chosen of a few, open to all of them, and close with Escape', async () => {
    const wrapper = mount(WordSet, {
      attachTo: document.body,
      props: {
        modelValue: ['RING', 'THUMB'],
        label: 'Digits',
        none: 'all alike',
        all: 'all digits',
        options: [
          { value: 'THUMB', text: 'thumb' },
          { value: 'INDEX', text: 'index' },
          { value: 'RING', text: 'ring' },
        ],
      },
    })
    const word = wrapper.find('button')
    expect(word.text()).toBe('thumb and ring')
    expect(wrapper.find('[role=group]').exists()).toBe(false)
    await word.trigger('click')
    expect(word.attributes('aria-expanded')).toBe('true')
    const boxes = wrapper.findAll('input[type=checkbox]')
    expect(boxes.map((box) => (box.element as HTMLInputElement).checked)).toEqual([
      true,
      false,
      true,
    ])
    await boxes[1]?.trigger('change')
    await boxes[0]?.trigger('change')
    expect(wrapper.emitted('update:modelValue')).toEqual([
      [['THUMB', 'INDEX', 'RING']],
      [['INDEX', 'RING']],
    ])
    await wrapper.find('.word-box').trigger('keydown', { key: 'Escape' })
    expect(wrapper.find('[role=group]').exists()).toBe(false)
    expect(document.activeElement).toBe(word.element)
    await wrapper.setProps({ modelValue: [] })
    expect(word.text()).toBe('all alike')
    await wrapper.setProps({ modelValue: ['THUMB', 'INDEX', 'RING'] })
    expect(word.text()).toBe('all digits')
    wrapper.unmount()
  })

  it('have what the server said of them below, each sentence once', () => {
    const wrapper = mount(FieldProblems, {
      props: {
        problems: [
          { field: 'wakesAt', message: 'A time such as 07:00.' },
          { field: 'sleepsAt', message: 'A time such as 07:00.' },
          { field: 'name', message: 'A name.' },
        ],
        fields: ['wakesAt', 'sleepsAt'],
      },
    })
    expect(wrapper.findAll('[role=alert]').map((p) => p.text())).toEqual(['A time such as 07:00.'])
  })
})

describe('a field for a time', () => {
  const field = (time: string) => {
    const model = ref(time)
    const wrapper = mount({
      components: { TimeInput },
      setup: () => ({ model }),
      template: '<TimeInput v-model="model" />',
    })
    const input = wrapper.find('input')
    /** As it is while somebody types: nothing is left yet. */
    const type = async (text: string) => {
      input.element.value = text
      await input.trigger('input')
    }
    return { model, input, type }
  }

  it('shows 24 hours to the minute, whatever the server wrote', () => {
    expect(field('07:30:00').input.element.value).toBe('07:30')
    expect(field('').input.element.value).toBe('')
  })

  it('takes what people type when they leave it, and writes it as it is kept', async () => {
    const { model, input, type } = field('07:00')
    await type('6 pm')
    expect(model.value).toBe('07:00')
    await input.trigger('change')
    expect([model.value, input.element.value]).toEqual(['18:00', '18:00'])
  })

  it('takes a whole time at once, so that a preview follows the typing', async () => {
    const { model, type } = field('07:00')
    await type('18:3')
    expect(model.value).toBe('07:00')
    await type('18:30')
    expect(model.value).toBe('18:30')
  })

  it('keeps and hands on what it cannot read', async () => {
    const { model, input } = field('07:00')
    await input.setValue('soon')
    await input.trigger('change')
    expect([model.value, input.element.value]).toEqual(['soon', 'soon'])
  })

  it('goes by quarters of an hour with the arrows, round midnight', async () => {
    const { model, input } = field('23:50')
    await input.trigger('keydown', { key: 'ArrowUp' })
    expect(model.value).toBe('00:00')
    await input.trigger('keydown', { key: 'ArrowDown' })
    expect(model.value).toBe('23:45')
  })

  it('follows a change that comes from elsewhere', async () => {
    const { model, input } = field('07:00')
    model.value = '09:15'
    await nextTick()
    expect(input.element.value).toBe('09:15')
  })
})

describe('a field for a date', () => {
  const field = (date: string) => {
    const model = ref(date)
    const wrapper = mount({
      components: { DateInput },
      setup: () => ({ model }),
      template: '<DateInput v-model="model" aria-label="Until" />',
    })
    return {
      model,
      wrapper,
      input: wrapper.find<HTMLInputElement>('[aria-label=Until]'),
      calendar: wrapper.find<HTMLInputElement>('input[type=date]'),
    }
  }

  it('shows the day first and the month as a word', () => {
    expect(field('2026-11-27').input.element.value).toBe('27 Nov 2026')
    expect(field('').input.element.value).toBe('')
  })

  it('is typed with the day first, stepped by arrows, or taken from the calendar', async () => {
    const { model, input, calendar } = field('2026-11-27')
    await input.setValue('1.12.2026')
    await input.trigger('change')
    expect(model.value).toBe('2026-12-01')
    await input.trigger('keydown', { key: 'ArrowDown' })
    expect(model.value).toBe('2026-11-30')
    await calendar.setValue('2027-01-05')
    expect([model.value, input.element.value]).toEqual(['2027-01-05', '5 Jan 2027'])
  })

  it('keeps and hands on what it cannot read', async () => {
    const { model, input } = field('2026-11-27')
    await input.setValue('31 Feb')
    await input.trigger('change')
    expect([model.value, input.element.value]).toEqual(['31 Feb', '31 Feb'])
    await input.trigger('keydown', { key: 'ArrowUp' })
    expect(model.value).toBe('31 Feb')
  })
})
