import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { api } from '@/api/calls'
import type { ClientForm, Discipline, SentenceView } from '@/api/types'
import ActivitiesPart from './ActivitiesPart.vue'
import { emptyClient } from './clientForm'
import WeeklyTimes from './WeeklyTimes.vue'

const stubs = {
  BButton: { props: ['disabled'], template: '<button type="button"><slot /></button>' },
  SentenceField: {
    template: '<button class="write" @click="$emit(\'write\', \'Mon 18-20 practice\')" />',
  },
  ActivityLine: {
    props: ['modelValue'],
    template: '<i class="line">{{ modelValue.discipline }}</i>',
  },
}

describe('the weekly times', () => {
  const read: SentenceView = {
    words: 'Practice, Mon, 18:00–20:00',
    first: '2026-11-30',
    made: 26,
    blockIds: ['a', 'b'],
    busyIds: [],
  }

  it('are put in as they are said, and taken out again as a whole', async () => {
    const write = vi.spyOn(api, 'writeSentence').mockResolvedValue(read)
    const out = vi
      .spyOn(api, 'deleteFollowing')
      .mockResolvedValue({ made: 2, before: [], added: [] })
    const times = mount(WeeklyTimes, { props: { clientId: 'c', ready: true }, global: { stubs } })
    await times.find('.write').trigger('click')
    await vi.waitFor(() => expect(times.text()).toContain('Practice, Mon, 18:00–20:00'))
    expect(times.text()).toContain('2 times')
    expect(write).toHaveBeenCalledWith('c', 'Mon 18-20 practice')
    await times.find('[aria-label="Take out: Practice, Mon, 18:00–20:00"]').trigger('click')
    await vi.waitFor(() => expect(times.find('li').exists()).toBe(false))
    expect(out).toHaveBeenCalledWith('c', 'a')
  })

  it('wait until it is known what the hands do', () => {
    const times = mount(WeeklyTimes, { props: { clientId: 'c', ready: false }, global: { stubs } })
    expect(times.text()).toContain('Say first what the hands do')
    expect(times.find('.write').exists()).toBe(false)
  })
})

describe('another activity', () => {
  const open = (discipline: Discipline | null) => {
    vi.spyOn(api, 'handRoles').mockResolvedValue({})
    const form = ref<ClientForm>(emptyClient())
    return mount(
      {
        components: { ActivitiesPart },
        setup: () => ({ form, discipline }),
        template: '<ActivitiesPart v-model="form" :problems="[]" :discipline="discipline" />',
      },
      { global: { stubs } },
    )
  }
  const add = (part: ReturnType<typeof open>) =>
    part.findAll('button').find((b) => b.text() === 'Add an activity')
  const lines = (part: ReturnType<typeof open>) => part.findAll('.line').map((l) => l.text())

  it('is what they say they do; of any more it is asked', async () => {
    const part = open('WINDS')
    await add(part)?.trigger('click')
    expect(lines(part)).toEqual(['WINDS'])
    await add(part)?.trigger('click')
    expect(lines(part)).toEqual(['WINDS'])
    await part
      .findAll('[role=radio]')
      .find((r) => r.text() === 'Mouse')
      ?.trigger('click')
    expect(lines(part)).toEqual(['WINDS', 'MOUSE'])
    expect(part.find('[role=radio]').exists()).toBe(false)
  })

  it('is asked for where nobody can tell', async () => {
    const part = open(null)
    await add(part)?.trigger('click')
    expect(lines(part)).toEqual([])
    expect(part.find('[role=radiogroup]').attributes('aria-label')).toBe('With what?')
  })
})
