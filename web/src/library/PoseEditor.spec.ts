import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import type { FigureForm, JointChoice, Pose } from '@/api/types'
import PoseEditor from './PoseEditor.vue'

const POSES: readonly Pose[] = [
  'FLAT',
  'FIST',
  'HOOK',
  'INTERLACED',
  'BODY_UPRIGHT',
  'BODY_ARMS_UP',
]

const JOINTS: readonly JointChoice[] = [
  { joint: 'FINGER_KNUCKLE', word: 'knuckle flexion', least: -45, greatest: 90 },
  { joint: 'WRIST_FLEXION', word: 'flexion', least: -70, greatest: 80 },
]

function editor(changes: Partial<FigureForm>, wayNames: readonly string[] = []) {
  const figure = ref<FigureForm>({
    view: 'PALM',
    ways: [['FLAT', 'FIST']],
    worked: [],
    places: [],
    arrow: 'NONE',
    prop: 'NONE',
    wrong: null,
    ...changes,
  })
  const wrapper = mount({
    components: { PoseEditor },
    setup: () => ({ figure, wayNames, poses: POSES, joints: JOINTS }),
    template:
      '<PoseEditor v-model="figure" :poses="poses" :joints="joints" :problems="[]" :way-names="wayNames" />',
  })
  const press = async (text: string) => {
    await wrapper
      .findAll('button')
      .find((b) => b.text() === text || b.attributes('aria-label') === text)
      ?.trigger('click')
  }
  return { figure, wrapper, press }
}
const framesOf = (wrapper: ReturnType<typeof editor>['wrapper']) =>
  wrapper.findAll('.frames button')

describe('the keyframes of a figure', () => {
  it('are added after the chosen one, moved and taken away, but never all', async () => {
    const { figure, wrapper, press } = editor({})
    await press('Add one after it')
    expect(figure.value.ways).toEqual([['FLAT', 'FLAT', 'FIST']])
    await press('Later')
    expect(figure.value.ways).toEqual([['FLAT', 'FIST', 'FLAT']])
    await press('Earlier')
    expect(figure.value.ways).toEqual([['FLAT', 'FLAT', 'FIST']])
    await press('Remove it')
    await press('Remove it')
    await press('Remove it')
    expect(framesOf(wrapper)).toHaveLength(1)
    expect(figure.value.ways[0]).toHaveLength(1)
  })

  it('are bent joint by joint, and keep the rest of the hand', async () => {
    const { figure, wrapper } = editor({})
    const knuckle = wrapper.find('input[type=range]')
    await knuckle.setValue(60)
    const [first, second] = figure.value.ways[0] as [string, string]
    expect(first).toMatch(/^angles -?\d+,60,/)
    expect(second).toBe('FIST')
  })

  it('have no joints to bend where two hands touch or a body stands', () => {
    expect(editor({}).wrapper.find('input[type=range]').exists()).toBe(true)
    for (const changes of [
      { view: 'PAIR', ways: [['INTERLACED']] },
      { view: 'BODY', ways: [['BODY_UPRIGHT']] },
      { view: 'PALM', ways: [['FLAT + FIST']] },
    ] as const)
      expect(
        editor({ view: changes.view, ways: changes.ways.map((way) => [...way]) })
          .wrapper.find('input[type=range]')
          .exists(),
      ).toBe(false)
  })

  it('change to a pose of the other kind with the view', async () => {
    const { figure } = editor({})
    figure.value = { ...figure.value, view: 'BODY' }
    await nextTick()
    expect(figure.value.ways).toEqual([['BODY_UPRIGHT']])
    figure.value = { ...figure.value, places: ['CHEST'], view: 'PAIR' }
    await nextTick()
    expect(figure.value.ways).toEqual([['INTERLACED']])
    expect(figure.value.places).toEqual([])
  })

  it('stay when the hand is only seen from another side', async () => {
    const { figure } = editor({})
    figure.value = { ...figure.value, view: 'SIDE' }
    await nextTick()
    expect(figure.value.ways).toEqual([['FLAT', 'FIST']])
  })
})

describe('the ways of a figure', () => {
  it('are drawn alike until each is given keyframes of its own', async () => {
    const { figure, wrapper } = editor({}, ['inward', 'outward', 'round'])
    expect(wrapper.find('[aria-label=Way]').exists()).toBe(false)
    await wrapper.find('input[type=checkbox]').setValue(true)
    expect(figure.value.ways).toEqual([
      ['FLAT', 'FIST'],
      ['FLAT', 'FIST'],
      ['FLAT', 'FIST'],
    ])
    const names = wrapper.findAll('[aria-label=Way] [role=radio]').map((way) => way.text())
    expect(names).toEqual(['inward', 'outward', 'round'])
  })

  it('are changed one by one', async () => {
    const { figure, press } = editor({ ways: [['FLAT'], ['FIST']] }, ['inward', 'outward'])
    await press('outward')
    await press('Add one after it')
    expect(figure.value.ways).toEqual([['FLAT'], ['FIST', 'FIST']])
  })

  it('become one again, the first', async () => {
    const { figure, wrapper } = editor({ ways: [['FLAT'], ['FIST']] }, ['inward', 'outward'])
    await wrapper.find('input[type=checkbox]').setValue(false)
    expect(figure.value.ways).toEqual([['FLAT']])
  })

  it('stand in a list where they are many', async () => {
    const names = ['one', 'two', 'three', 'four', 'five']
    const { figure, wrapper, press } = editor({ ways: names.map(() => ['FLAT']) }, names)
    const list = wrapper.find('select[aria-label=Way]')
    expect(list.findAll('option').map((option) => option.text())).toEqual(names)
    await list.setValue('4')
    await press('Add one after it')
    expect(figure.value.ways[4]).toEqual(['FLAT', 'FLAT'])
    expect(figure.value.ways[0]).toEqual(['FLAT'])
  })
})
