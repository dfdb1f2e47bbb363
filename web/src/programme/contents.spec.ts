import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { api } from '@/api/calls'
import type {
  ContentsForm,
  ContentsView,
  ObligationForm,
  ProgressView,
  RoutineSummary,
} from '@/api/types'
import ObligationPanel from './ObligationPanel.vue'
import { choices } from './samples'

const stubs = {
  BButton: { template: '<button type="button"><slot /></button>' },
  RouterLink: { props: ['to'], template: '<a><slot /></a>' },
}
const step = (title: string, fixed: boolean): ContentsView['look']['steps'][number] => ({
  fixed,
  doseWords: '20 s each side',
  feltAt: 'along the inner forearm',
  figure: {
    poses: ['FLAT'],
    view: 'PALM',
    worked: [],
    places: [],
    arrow: 'NONE',
    prop: 'NONE',
    wrong: null,
  },
  tape: {
    title,
    kind: 'STRETCH',
    lengthMillis: 60_000,
    laterality: 'EACH',
    side: 'LEFT',
    circuit: 0,
  },
})
const look = (changes: Partial<ContentsView> = {}): ContentsView => ({
  look: {
    steps: [step('The ten pairs opened', true), step('Thumb eased outward', false)],
    missing: ['Squeeze: pain is 5.'],
    lengthMillis: 120_000,
    refused: '',
  },
  minutes: 9,
  newestVersion: 0,
  pain: [
    { from: 0, to: 1, words: 'three times a week', present: true, forbids: false },
    { from: 2, to: 10, words: 'not at all', present: false, forbids: true },
  ],
  ...changes,
})
const shelf: RoutineSummary = {
  id: 'r1',
  clientId: 'c',
  clientName: 'Sunniva',
  title: 'Evening care',
  purpose: 'REACH',
  version: 4,
  changedAt: '2026-11-20T10:00:00Z',
}

describe('what is in an obligation', () => {
  const wrong = ref<string[]>([])
  const out = vi.fn()
  const obligation = ref<ObligationForm>({
    purpose: 'REACH',
    minutes: 9,
    frequency: 'DAILY',
    anchor: 'NOON',
    heavy: false,
    notOn: [],
    contents: null,
  })
  let asked: ReturnType<typeof vi.spyOn>
  beforeEach(() => {
    obligation.value = {
      ...obligation.value,
      minutes: 9,
      frequency: 'DAILY',
      notOn: [],
      contents: null,
    }
    wrong.value = []
    asked = vi.spyOn(api, 'lookAtContents').mockResolvedValue(look())
    vi.spyOn(api, 'themes').mockResolvedValue([{ id: 'clasps', title: 'Clasps', own: false }])
    vi.spyOn(api, 'clientRoutines').mockResolvedValue([
      shelf,
      { ...shelf, id: 'r2', title: 'Strong', purpose: 'STRENGTH' },
    ])
    vi.spyOn(api, 'progress').mockResolvedValue({ ladders: [] } as unknown as ProgressView)
    vi.spyOn(api, 'offers').mockResolvedValue({
      fits: [],
      doesNot: [
        { exerciseId: 'pairs', title: 'The ten pairs opened', kind: 'STRETCH', reason: 'Late.' },
        { exerciseId: 'other', title: 'Something else', kind: 'STRETCH', reason: 'No.' },
      ],
    })
  })
  const open = () =>
    mount(
      {
        components: { ObligationPanel },
        setup: () => ({ obligation, choices, wrong, out }),
        template:
          '<ObligationPanel v-model="obligation" client-id="c" :choices="choices" :day="undefined" :wrong="wrong" @out="out" />',
      },
      { global: { stubs } },
    )
  const way = (panel: ReturnType<typeof open>, text: string) =>
    panel.findAll('[role=radio]').find((b) => b.text() === text)
  const contents = (): ContentsForm | null => obligation.value.contents

  it('requires an exercise that is found by its name, and lets it go again', async () => {
    const panel = open()
    await way(panel, 'Composed, but must contain')?.trigger('click')
    await vi.waitFor(() => expect(api.offers).toHaveBeenCalled())
    await panel.find('input[type=search]').setValue('pairs')
    await vi.waitFor(() => expect(panel.findAll('.found button')).toHaveLength(1))
    await panel.find('.found button').trigger('click')
    expect(contents()?.required).toEqual(['pairs'])
    await vi.waitFor(() => expect(panel.text()).toContain('20 s each side today'))
    expect(panel.text()).toContain('1\u00a0min fixed, 1\u00a0min open')
    expect(panel.text()).toContain('Squeeze: pain is 5.')
    await panel.find('[aria-label="No longer require The ten pairs opened"]').trigger('click')
    expect(contents()).toBeNull()
  })

  it('takes a routine of its purpose, as long as that is, and its newest version', async () => {
    asked.mockResolvedValue(look({ minutes: 7, newestVersion: 4 }))
    obligation.value = {
      ...obligation.value,
      contents: { required: [], theme: null, routineId: 'r1', routineVersion: 3 },
    }
    const panel = open()
    await vi.waitFor(() => expect(panel.text()).toContain('version 3'))
    expect(panel.findAll('[aria-label="Routine"] option').map((o) => o.text())).toEqual([
      'Choose a routine',
      'Evening care',
    ])
    expect(obligation.value.minutes).toBe(7)
    await panel
      .findAll('button')
      .find((b) => b.text() === 'Take version 4')
      ?.trigger('click')
    expect(contents()?.routineVersion).toBeNull()
    expect(contents()?.routineId).toBe('r1')
  })

  it('is composed around a theme, or for nothing in particular', async () => {
    const panel = open()
    await vi.waitFor(() => expect(panel.findAll('[aria-label="Around"] option')).toHaveLength(2))
    await panel.find('[aria-label="Around"]').setValue('clasps')
    expect(contents()).toEqual({
      required: [],
      theme: 'clasps',
      routineId: null,
      routineVersion: null,
    })
    await panel.find('[aria-label="Around"]').setValue('')
    expect(contents()).toBeNull()
  })

  it('says where it stands where that is not for anybody to choose', async () => {
    wrong.value = ['1 to 60.']
    const panel = open()
    expect(panel.find('[role=radiogroup][aria-label="Where in the day"]').exists()).toBe(true)
    await panel.find('[aria-label="How often"]').setValue('BEFORE_BLOCKS')
    expect(panel.find('[role=radiogroup][aria-label="Where in the day"]').exists()).toBe(false)
    expect(panel.text()).toContain('with the block')
    expect(panel.text()).toContain('Composed for the block')
    expect(panel.findAll('.wrong').map((w) => w.text())).toEqual(['1 to 60.'])
    await panel.find('[aria-label="Take out Reach"]').trigger('click')
    expect(out).toHaveBeenCalledTimes(1)
  })

  it('leaves days out, and shows what pain makes of it where it follows pain', async () => {
    const panel = open()
    await panel.find('[aria-label="Saturday"]').trigger('click')
    expect(obligation.value.notOn).toEqual(['SATURDAY'])
    await panel.find('[aria-label="Saturday"]').trigger('click')
    expect(obligation.value.notOn).toEqual([])
    expect(panel.find('.zones').exists()).toBe(false)
    await panel.find('[aria-label="How often"]').setValue('BY_PAIN')
    await vi.waitFor(() => expect(panel.findAll('.zones li')).toHaveLength(2))
    expect(panel.find('.zones .present').text()).toContain('0–1')
    expect(panel.find('.zones .forbids').text()).toContain('2–10')
  })
})
