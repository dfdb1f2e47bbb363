import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import type { ClientView, HealthView } from '@/api/types'
import { emptyClient } from '@/intake/clientForm'
import InviteLine from './InviteLine.vue'
import SaveBar from './SaveBar.vue'
import ScreeningHistory from './ScreeningHistory.vue'
import { useFactsForm } from './useFactsForm'

let leave: (() => boolean) | undefined
vi.mock('vue-router', () => ({
  onBeforeRouteLeave: (guard: () => boolean) => {
    leave = guard
  },
}))
const stubs = {
  BButton: { template: '<button type="button"><slot /></button>' },
  BFormInput: {
    props: ['modelValue'],
    emits: ['update:modelValue'],
    template:
      '<input :value="modelValue" @input="$emit(\'update:modelValue\', $event.target.value)" />',
  },
}
const client = (version: number, occupation: string): ClientView => ({
  id: 'c',
  intakeFinished: true,
  discipline: null,
  facts: { ...emptyClient(), version, name: 'Maren Quist', occupation },
})

beforeEach(() => {
  vi.restoreAllMocks()
  leave = undefined
})

describe('what is written about a client', () => {
  const begin = () => {
    const stored = ref(client(1, 'harp'))
    let form!: ReturnType<typeof useFactsForm>
    const reload = vi.fn(() => {
      stored.value = client(stored.value.facts.version + 1, form.form.value.occupation)
      return Promise.resolve()
    })
    mount({
      setup: () => {
        form = useFactsForm(() => 'c', stored, reload)
        return () => null
      },
    })
    return { stored, form, reload }
  }

  it('is unchanged at first, and again after it was saved', async () => {
    const { form, reload } = begin()
    const save = vi.spyOn(api, 'saveClient').mockResolvedValue(client(2, 'lever harp'))
    expect(form.dirty.value).toBe(false)
    form.form.value.occupation = 'lever harp'
    expect(form.dirty.value).toBe(true)
    await form.save()
    expect(save.mock.calls[0]?.[1]).toMatchObject({ version: 1, occupation: 'lever harp' })
    expect(reload).toHaveBeenCalledTimes(1)
    expect([form.dirty.value, form.saved.value]).toEqual([false, true])
    form.form.value.occupation = 'bass'
    await flushPromises()
    expect(form.saved.value).toBe(false)
  })

  it('follows a change from elsewhere while nothing is typed, and never over what is typed', async () => {
    const { stored, form } = begin()
    stored.value = client(2, 'concert harp')
    await flushPromises()
    expect(form.form.value.occupation).toBe('concert harp')
    form.form.value.occupation = 'mine'
    stored.value = client(3, 'theirs')
    await flushPromises()
    expect(form.form.value.occupation).toBe('mine')
    form.begin()
    expect(form.form.value.occupation).toBe('theirs')
  })

  it('asks whoever saves second, and loses nothing either way', async () => {
    const { form } = begin()
    const save = vi
      .spyOn(api, 'saveClient')
      .mockRejectedValueOnce(
        new ServerProblem(409, 'Meanwhile', '', [], client(5, 'theirs'), ['occupation']),
      )
    form.form.value.occupation = 'mine'
    await form.save()
    expect(form.conflict.value?.changed).toEqual(['occupation'])
    expect(form.form.value.occupation).toBe('mine')
    save.mockResolvedValue(client(6, 'mine'))
    form.keepMine()
    await flushPromises()
    expect(save.mock.calls[1]?.[1]).toMatchObject({ version: 5, occupation: 'mine' })
    expect(form.conflict.value).toBeNull()
  })

  it('can give way to the other change', async () => {
    const { form } = begin()
    vi.spyOn(api, 'saveClient').mockRejectedValue(
      new ServerProblem(409, 'Meanwhile', '', [], client(5, 'theirs'), ['occupation']),
    )
    form.form.value.occupation = 'mine'
    await form.save()
    form.takeTheirs()
    expect([form.form.value.occupation, form.dirty.value]).toEqual(['theirs', false])
  })

  it('keeps what was refused, with what was said of each field', async () => {
    const { form } = begin()
    vi.spyOn(api, 'saveClient').mockRejectedValue(
      new ServerProblem(400, 'Not yet', 'Look again.', [
        { field: 'warmUpMinutes', message: 'A warm-up takes 3 to 30 minutes.' },
      ]),
    )
    form.form.value.warmUpMinutes = 45
    await form.save()
    expect(form.problems.value.map((p) => p.field)).toEqual(['warmUpMinutes'])
    expect(form.form.value.warmUpMinutes).toBe(45)
    expect(form.busy.value).toBe(false)
    form.begin()
    expect(form.problems.value).toEqual([])
  })

  it('asks before the page is left with something changed', () => {
    const { form } = begin()
    const ask = vi.fn(() => false)
    vi.stubGlobal('confirm', ask)
    expect(leave?.()).toBe(true)
    form.form.value.occupation = 'bass'
    expect(leave?.()).toBe(false)
    expect(ask).toHaveBeenCalledTimes(1)
  })
})

describe('the bar that saves', () => {
  const bar = (changes: object) =>
    mount(SaveBar, {
      props: { dirty: false, busy: false, saved: false, message: '', conflict: null, ...changes },
      global: { stubs },
    })

  it('is there only when there is something to say or to do', async () => {
    expect(bar({}).find('.save').exists()).toBe(false)
    expect(bar({ saved: true }).text()).toContain('Saved')
    const changed = bar({ dirty: true })
    expect(changed.find('.save').classes()).toContain('floats')
    const [save, back] = changed.findAll('button')
    await save?.trigger('click')
    await back?.trigger('click')
    expect([changed.emitted('save')?.length, changed.emitted('back')?.length]).toEqual([1, 1])
  })

  it('names in plain words what somebody else changed', async () => {
    const wrapper = bar({
      dirty: true,
      conflict: { current: client(2, ''), changed: ['warmUpMinutes', 'occupation'] },
    })
    expect(wrapper.find('[role=alert]').text()).toContain('warm up minutes, occupation')
    const named = (text: string) => wrapper.findAll('button').find((b) => b.text() === text)
    await named('Take theirs')?.trigger('click')
    await named('Keep mine')?.trigger('click')
    expect(wrapper.emitted('theirs')).toHaveLength(1)
    expect(wrapper.emitted('mine')).toHaveLength(1)
  })
})

describe('beside the form', () => {
  it('an invitation can be handed on, or goes out by mail', async () => {
    const invite = vi.spyOn(api, 'invite').mockResolvedValue({
      link: 'http://127.0.0.1:8480/invitation/secret',
      expiresAt: '2026-12-11T00:00:00Z',
      sent: true,
    })
    const wrapper = mount(InviteLine, {
      props: { clientId: 'c', name: 'Maren' },
      global: { stubs },
    })
    await wrapper.find('button').trigger('click')
    await wrapper.find('input').setValue('maren@harbourhands.example')
    await wrapper.find('form').trigger('submit')
    await flushPromises()
    expect(invite).toHaveBeenCalledWith('c', 'maren@harbourhands.example')
    expect(wrapper.find('.invite code').text()).toContain('/invitation/secret')
    expect(wrapper.text()).toContain('on its way by mail')
  })

  it('every answer about signs has its day and its place', () => {
    const history: HealthView['history'] = [
      {
        date: '2026-11-20',
        sign: 'NIGHT_PAIN',
        word: 'pain that wakes at night',
        answer: 'CLEARED',
        place: 'left wrist',
        words: 'seen by a hand therapist',
      },
      {
        date: '2026-10-16',
        sign: 'NIGHT_PAIN',
        word: 'pain that wakes at night',
        answer: 'NO',
        place: '',
        words: '',
      },
    ]
    const wrapper = mount(ScreeningHistory, { props: { history } })
    expect(wrapper.find('summary').text()).toContain('2 dated answers, the latest')
    const lines = wrapper.findAll('li').map((line) => line.text())
    expect(lines[0]).toContain('Pain that wakes at night: cleared')
    expect(lines[0]).toContain('left wrist, seen by a hand therapist')
    expect(lines[1]).toContain('16 Oct')
  })
})
