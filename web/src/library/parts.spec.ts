import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick, reactive, ref } from 'vue'
import type { ExerciseForm, ExerciseView, JointChoice, LibraryRow } from '@/api/types'
import { handPose } from '@/hand/keyframes'
import EditorDose from './EditorDose.vue'
import EditorPreview from './EditorPreview.vue'
import { emptyExercise } from './exerciseForm'
import FilterBar from './FilterBar.vue'
import { filters, noFilters } from './filters'
import JointSliders from './JointSliders.vue'
import LibraryLine from './LibraryLine.vue'

const row = (changes: Partial<LibraryRow> = {}): LibraryRow => ({
  id: 'rub',
  version: 0,
  archived: false,
  title: 'Palm rub',
  kind: 'HEAT',
  purpose: '',
  dose: '25 s',
  seconds: 28,
  intensity: 1,
  beforePlay: true,
  positions: ['SIT', 'STAND'],
  things: [],
  nothingNeeded: true,
  digits: [],
  tissues: ['wrist'],
  disciplines: [],
  search: 'palm rub',
  figure: {
    view: 'PALM',
    poses: ['FLAT'],
    places: [],
    worked: [],
    arrow: 'NONE',
    prop: 'NONE',
    wrong: null,
  },
  ...changes,
})
const stubs = {
  BButton: { template: '<button type="button"><slot /></button>' },
  RouterLink: { props: ['to'], template: '<a :href="to"><slot /></a>' },
  LazyFigure: true,
  FilterMenu: {
    props: ['label', 'options'],
    template: '<span class="menu" :data-label="label">{{ options.length }}</span>',
  },
  BFormCheckboxGroup: true,
  FigurePlayer: true,
  BFormInput: {
    props: ['modelValue'],
    template:
      '<input :value="modelValue" @input="$emit(\'update:modelValue\', $event.target.value)" />',
  },
  BFormSelect: true,
  BFormTextarea: true,
}
beforeEach(() => {
  Object.assign(filters, noFilters())
})

describe('the joints of a hand', () => {
  const JOINTS: readonly JointChoice[] = [
    { joint: 'FINGER_KNUCKLE', word: 'knuckle flexion', least: -45, greatest: 90 },
    { joint: 'THUMB_OPPOSITION', word: 'opposition', least: -15, greatest: 112 },
    { joint: 'WRIST_DEVIATION', word: 'to the thumb side', least: -35, greatest: 20 },
  ]
  const sliders = () => {
    const pose = ref(handPose('FLAT'))
    const wrapper = mount({
      components: { JointSliders },
      setup: () => ({ pose, JOINTS }),
      template: '<JointSliders v-model="pose" :joints="JOINTS" />',
    })
    const part = (name: string) =>
      wrapper
        .findAll('[role=radio]')
        .find((radio) => radio.text() === name)
        ?.trigger('click')
    return { pose, wrapper, part }
  }

  it('go as far as the server says, one part of the hand at a time', async () => {
    const { wrapper, part } = sliders()
    const slider = () => wrapper.find('input[type=range]')
    expect(wrapper.text()).toContain('Knuckle flexion')
    expect([slider().attributes('min'), slider().attributes('max')]).toEqual(['-45', '90'])
    await part('Thumb')
    expect(slider().attributes('max')).toBe('112')
    await part('Wrist')
    expect(slider().attributes('min')).toBe('-35')
  })

  it('are bent one by one, and the others stay', async () => {
    const { pose, wrapper, part } = sliders()
    const before = pose.value
    await part('Ring')
    await wrapper.find('input').setValue('60')
    expect(pose.value.fingers.map((f) => f.knuckle)).toEqual([
      before.fingers[0].knuckle,
      before.fingers[1].knuckle,
      60,
      before.fingers[3].knuckle,
    ])
    await part('Thumb')
    await wrapper.find('input').setValue('90')
    await part('Wrist')
    await wrapper.find('input').setValue('-20')
    expect([pose.value.thumb.opposition, pose.value.wrist.deviation]).toEqual([90, -20])
    expect(wrapper.find('output').text()).toBe('-20°')
  })
})

describe('search and filters of the library', () => {
  const bar = () =>
    mount(FilterBar, {
      attachTo: document.body,
      props: {
        rows: [row(), row({ id: 'curl', kind: 'STRENGTHEN', things: ['SOFT_BALL'] })],
        unsuited: null,
        tissueWords: [{ id: 'wrist', word: 'wrist' }],
        people: [{ id: 'c', name: 'Maren', occupation: '' }],
      },
      global: { stubs },
    })

  it('choose a kind and let it go again, and say how many each would leave', async () => {
    const wrapper = bar()
    const kinds = wrapper.findAll('.kinds button')
    const heat = kinds[0]
    expect(heat?.text()).toContain('1')
    expect(kinds.filter((k) => k.attributes('disabled') === undefined)).toHaveLength(2)
    await heat?.trigger('click')
    expect(filters.kind).toBe('HEAT')
    expect(heat?.attributes('aria-pressed')).toBe('true')
    await heat?.trigger('click')
    expect(filters.kind).toBeNull()
    wrapper.unmount()
  })

  it('offer only things that some exercise needs, and nothing at all', () => {
    const wrapper = bar()
    expect(wrapper.find('[data-label="At hand"]').text()).toBe('2')
    expect(wrapper.find('[data-label="Suits"]').text()).toBe('1')
    wrapper.unmount()
  })

  it('are cleared at once, and searched by the slash', async () => {
    const wrapper = bar()
    const search = wrapper.find('input')
    expect(wrapper.findAll('button').some((b) => b.text() === 'Clear')).toBe(false)
    await search.setValue('palm')
    expect(filters.text).toBe('palm')
    ;(document.activeElement as HTMLElement).blur()
    document.dispatchEvent(new KeyboardEvent('keydown', { key: '/' }))
    expect(document.activeElement).toBe(search.element)
    await search.trigger('keydown', { key: 'ArrowDown' })
    expect(wrapper.emitted('key')).toHaveLength(1)
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'Clear')
      ?.trigger('click')
    expect(filters.text).toBe('')
    wrapper.unmount()
  })
})

describe('an exercise in the list', () => {
  it('says its dose, where and with what, and whose it is', () => {
    const line = mount(LibraryLine, {
      props: { row: row({ version: 2, things: ['TOWEL'] }), chosen: true },
      global: { stubs },
    })
    expect(line.text()).toContain('Palm rub')
    expect(line.text()).toContain('sit, stand · towel')
    expect(line.text()).toContain('own')
    expect(line.find('a').attributes('href')).toBe('/library/rub')
    expect(line.find('a').attributes('aria-current')).toBe('true')
  })
})

describe('writing an exercise', () => {
  it('adds a method that is not there yet, and says what each dose takes', async () => {
    const form = reactive<ExerciseForm>(emptyExercise())
    const wrapper = mount(
      {
        components: { EditorDose },
        setup: () => ({
          form,
          preview: { doses: [{ method: 'STEADY_HOLD', seconds: 95 }] } as unknown as ExerciseView,
        }),
        template: '<EditorDose v-model="form" :problems="[]" :preview="preview" />',
      },
      { global: { stubs } },
    )
    const methods = () => form.doses.map((d) => d.method)
    expect(methods()).toEqual(['STEADY_HOLD'])
    expect(wrapper.find('[data-takes]').text()).toBe('1\u00a0min 35\u00a0s')
    await wrapper.find('.another').trigger('click')
    expect(methods()).toEqual(['STEADY_HOLD', 'SHORT_PULSES'])
    await wrapper.find('[aria-label="Without this dose"]').trigger('click')
    expect(methods()).toEqual(['STEADY_HOLD'])
    form.ladder.kind = 'TEMPO'
    await nextTick()
    expect(form.ladder.upper).toBe(120)
  })

  it('shows nothing but what is open until there is enough to draw', async () => {
    const preview = mount(EditorPreview, {
      props: {
        preview: null,
        problems: [{ field: 'title', message: 'Up to 42 characters.' }],
      },
      global: { stubs },
    })
    expect(preview.text()).toContain('as soon as there is enough to draw')
    expect(preview.find('.open').text()).toContain('title: Up to 42 characters.')
    await preview.setProps({
      problems: [],
      preview: {
        kind: 'STRETCH',
        figure: row().figure,
        cues: [],
        lengthMillis: 61_000,
        beforePlay: false,
        closedWithConditions: ['arthritis'],
        closedWithSigns: [],
        doses: [{ words: '20 s each side', rungs: [] }],
      } as unknown as ExerciseView,
    })
    expect(preview.find('[data-total]').text()).toBe('1\u00a0min 1\u00a0s')
    expect(preview.text()).toContain('Does not stand before play.')
    expect(preview.text()).toContain('Closed with: arthritis.')
  })
})
