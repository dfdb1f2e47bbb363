import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { api } from '@/api/calls'
import type { RoutineView } from '@/api/types'
import BlockFields from './BlockFields.vue'
import BlockReason from './BlockReason.vue'
import BusyReason from './BusyReason.vue'
import { movable, useChosen } from './chosen'
import CountsList from './CountsList.vue'
import DrawnForm from './DrawnForm.vue'
import PegReason from './PegReason.vue'
import { once } from './repeat'
import { aBlock, aDay, aPeg } from './samples'
import { useFollowed } from '@/parts/useFollowed'
import WeekHead from './WeekHead.vue'
import WhatIsIn from './WhatIsIn.vue'

const stubs = {
  BButton: { template: '<button type="button"><slot /></button>' },
  BFormSelect: {
    props: ['modelValue', 'options'],
    template: `<select :value="modelValue" @change="$emit('update:modelValue', $event.target.value)">
      <option v-for="o in options" :key="o.value" :value="o.value">{{ o.text }}</option></select>`,
  },
  BFormCheckbox: true,
  BFormCheckboxGroup: true,
  PartsField: true,
  RouterLink: { props: ['to'], template: '<a><slot /></a>' },
}
const named = (wrapper: ReturnType<typeof mount>, text: string) =>
  wrapper.findAll('button').find((b) => b.text() === text)

describe('what is chosen in a week', () => {
  it('is found again in the days as they are now', () => {
    const days = ref([aDay({ pegs: [aPeg()], blocks: [aBlock({ id: 'b', startHour: 10 })] })])
    const date = ref('2026-11-30')
    let chosen!: ReturnType<typeof useChosen>
    mount({
      setup: () => {
        chosen = useChosen(days, date)
        return () => null
      },
    })
    chosen.choose(days.value[0] ?? aDay(), 'b')
    expect(chosen.chosenBlock.value?.id).toBe('b')
    expect(chosen.chosenHour.value).toBe(10)
    days.value = [aDay({ blocks: [aBlock({ id: 'b', startHour: 12 })] })]
    expect(chosen.chosenHour.value).toBe(12)
    days.value = []
    expect(chosen.chosenBlock.value).toBeNull()
  })

  it('can be moved while it belongs to a line and was not done', () => {
    expect(movable(aPeg())).toBe(true)
    expect(movable(aPeg({ state: 'DONE' }))).toBe(false)
    expect(movable(aPeg({ lineId: null }))).toBe(false)
  })
})

describe('why something is where it is', () => {
  it('a session says when, how long and why, and is pinned, let go or left out', async () => {
    const reason = mount(PegReason, {
      props: { clientId: 'c', day: aDay(), peg: aPeg() },
      global: { stubs: { ...stubs, WhatIsIn: true } },
    })
    expect(reason.text()).toContain('19:00–19:06')
    expect(reason.text()).toContain('6\u00a0min')
    expect(reason.text()).toContain('At its time: evening (19:00).')
    await named(reason, 'Pin here')?.trigger('click')
    await named(reason, 'Leave out')?.trigger('click')
    await reason.setProps({ peg: aPeg({ pinned: true }) })
    expect(reason.text()).toContain('pinned')
    await named(reason, 'Let it move')?.trigger('click')
    expect(['pin', 'skip', 'release'].map((name) => reason.emitted(name)?.length)).toEqual([
      1, 1, 1,
    ])
    await reason.setProps({ peg: aPeg({ lineId: null, why: '' }) })
    expect(reason.findAll('button')).toHaveLength(0)
    expect(reason.text()).toContain('Recovery, planned.')
  })

  it('a block says what becomes of its warm-up, and what stands at the same time', () => {
    const reason = mount(BlockReason, {
      props: {
        clientId: 'c',
        day: aDay(),
        block: aBlock({ warmUpReason: 'Too short before.', overlaps: ['Duo'] }),
      },
      global: { stubs },
    })
    expect(reason.text()).toContain('Too short before.')
    expect(reason.text()).toContain('At the same time as Duo.')
  })

  it('a busy time can be taken out', async () => {
    const reason = mount(BusyReason, {
      props: {
        day: aDay(),
        busy: {
          id: 'x',
          startHour: 12,
          endHour: 13,
          startsAt: '12:00:00',
          endsAt: '13:00:00',
        },
      },
      global: { stubs },
    })
    expect(reason.text()).toContain('12:00–13:00')
    await named(reason, 'Take out')?.trigger('click')
    expect(reason.emitted('out')).toHaveLength(1)
  })

  it('how many found a place stands below, and where there is no programme the way to one', async () => {
    const counts = mount(CountsList, {
      props: {
        clientId: 'c',
        counts: [{ lineId: 'a', title: 'strength', purpose: 'STRENGTH', placed: 2, wanted: 3 }],
      },
      global: { stubs },
    })
    expect(counts.text()).toContain('2 of 3')
    expect(counts.find('.short').exists()).toBe(true)
    await counts.setProps({ counts: [] })
    expect(counts.text()).toContain('Choose a programme')
  })
})

describe('what is drawn', () => {
  it('becomes an activity or a busy time', async () => {
    const form = mount(DrawnForm, {
      props: {
        drawn: { date: '2026-11-30', from: 17.5, to: 18.25 },
        activities: [],
        busy: '',
        modelValue: '',
      },
      global: { stubs },
    })
    expect(form.text()).toContain('17:30–18:15')
    expect(form.findAll('option').map((o) => o.text())).toEqual(['Busy'])
    await form.trigger('submit')
    await named(form, 'Cancel')?.trigger('click')
    expect([form.emitted('put')?.length, form.emitted('leave')?.length]).toEqual([1, 1])
  })

  it('follows the pointer until it is let go, and Escape leaves everything as it was', () => {
    const seen: string[] = []
    let follow!: ReturnType<typeof useFollowed>
    const page = mount({
      setup: () => {
        follow = useFollowed()
        return () => null
      },
    })
    const begin = () =>
      follow(
        () => seen.push('move'),
        () => seen.push('release'),
        () => seen.push('leave'),
      )
    const event = (name: string) => window.dispatchEvent(new Event(name))
    event('pointermove')
    begin()
    event('pointermove')
    event('pointerup')
    event('pointermove')
    begin()
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }))
    event('pointerup')
    begin()
    event('pointercancel')
    begin()
    page.unmount()
    event('pointermove')
    expect(seen).toEqual(['move', 'release', 'leave', 'leave'])
  })
})

describe('what is in a session', () => {
  const routine = {
    lengthMillis: 360_000,
    steps: [{ title: 'Palm rub', dose: '25 s', kind: 'HEAT' }],
  }
  const open = (peg: ReturnType<typeof aPeg>) =>
    mount(WhatIsIn, { props: { clientId: 'c', peg }, global: { stubs: { RoutineTape: true } } })

  it('is told as it would be now, by the line it was planned for', async () => {
    const play = vi.spyOn(api, 'playNow').mockResolvedValue(routine as unknown as RoutineView)
    const look = open(aPeg())
    await vi.waitFor(() => expect(look.text()).toContain('Palm rub 25 s'))
    expect(play).toHaveBeenCalledWith('c', 'RECOVERY', 6, 'care')
    expect(look.text()).toContain('6\u00a0min')
  })

  it('says why there is none', async () => {
    vi.spyOn(api, 'warmUp').mockResolvedValue({ routine: null, reason: 'A clinician first.' })
    const look = open(aPeg({ purpose: 'WARM_UP', blockId: 'b', lineId: null }))
    await vi.waitFor(() => expect(look.text()).toContain('A clinician first.'))
  })
})

describe('the fields of a block', () => {
  it('repeat only where it is new', () => {
    const fields = (comesRound: boolean) =>
      mount(BlockFields, {
        props: {
          modelValue: {
            version: 0,
            activityId: 'a',
            date: '2026-11-30',
            startsAt: '18:00',
            endsAt: '19:00',
            title: 'Practice',
            performance: false,
            parts: [],
          },
          repeat: { ...once(), days: ['MO'] },
          activities: [],
          problems: [{ field: 'rule', message: 'Until when.' }],
          comesRound,
        },
        global: { stubs: { ...stubs, BFormInput: true } },
      })
    expect(fields(true).text()).toContain('Until when.')
    expect(fields(true).find('fieldset.repeat').exists()).toBe(true)
    expect(fields(false).find('fieldset.repeat').exists()).toBe(false)
  })
})

describe('the head of a week', () => {
  it('goes to the next week, draws larger, and takes back', async () => {
    const head = mount(WeekHead, {
      props: {
        title: '30 Nov to 6 Dec',
        notice: 'Pinned.',
        canUndo: true,
        canRedo: true,
        thisWeek: false,
        zoom: 2,
      },
      global: { stubs },
    })
    expect(head.find('[role=status]').text()).toBe('Pinned.')
    await named(head, 'Undo')?.trigger('click')
    await named(head, '4×')?.trigger('click')
    await named(head, '›')?.trigger('click')
    await named(head, '‹')?.trigger('click')
    await named(head, 'Redo')?.trigger('click')
    await named(head, 'This week')?.trigger('click')
    expect(head.emitted('undo')).toHaveLength(1)
    expect(head.emitted('redo')).toHaveLength(1)
    expect(head.emitted('today')).toHaveLength(1)
    expect(head.emitted('zoom')).toEqual([[4]])
    expect(head.emitted('show')).toEqual([[7], [-7]])
  })
})
