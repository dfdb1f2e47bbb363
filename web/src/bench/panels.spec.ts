import { nextTick } from 'vue'
import { mount, type VueWrapper } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { api } from '@/api/calls'
import type { BenchStep, CheckView, FindingView, OffersView, StepDraft } from '@/api/types'
import BenchSide from './BenchSide.vue'
import BenchTape from './BenchTape.vue'
import OffersDrawer from './OffersDrawer.vue'
import RulesPanel from './RulesPanel.vue'
import StepEditor from './StepEditor.vue'
import { emptyDraft } from '@/parts/emptyDraft'

const draft = (key: string): StepDraft => ({
  key,
  exerciseId: 'palm-up-fingers-back',
  exerciseVersion: 0,
  dose: '20 s each side',
  typed: null,
  position: 'SIT',
  firstSide: 'LEFT',
  released: true,
  pinned: false,
  circuit: null,
})
const step = (key: string, changes: Partial<BenchStep> = {}): BenchStep => ({
  draft: draft(key),
  title: `Step ${key}`,
  kind: 'STRETCH',
  intensity: 2,
  doseWords: '20 s each side',
  typedWrong: null,
  turn: null,
  laterality: 'EACH',
  usualLaterality: 'EACH',
  offsetMillis: 0,
  lengthMillis: 55_000,
  parts: [
    { kind: 'SET_UP', side: null, millis: 3_000 },
    { kind: 'WORK', side: 'LEFT', millis: 22_000 },
    { kind: 'CHANGE', side: null, millis: 4_000 },
    { kind: 'WORK', side: 'RIGHT', millis: 22_000 },
    { kind: 'RELEASE', side: null, millis: 4_000 },
  ],
  quantity: { name: 's', now: 20, least: 15, greatest: 30, less: '15 s', more: '25 s' },
  repetitions: 1,
  sets: 1,
  rungs: [
    { words: '15 s', dose: '15 s × 2', current: false },
    { words: '20 s', dose: '20 s × 2', current: true },
  ],
  positions: ['SIT', 'STAND'],
  mayRelease: true,
  setUp: 'Sit.',
  action: ['Draw the fingers back.'],
  cue: 'Soft elbow.',
  feltAt: 'Along the inner forearm.',
  cautions: ['Never pain.'],
  figure: {
    view: 'SIDE',
    poses: ['CLOSED', 'WRIST_EXTENDED'],
    places: [],
    worked: [],
    arrow: 'NONE',
    prop: 'NONE',
    wrong: null,
  },
  ...changes,
})
const finding = (changes: Partial<FindingView>): FindingView => ({
  rule: 'one-side-only',
  title: 'One side only',
  severity: 'WARN',
  sentence: 'The right is asked for as well.',
  steps: ['a'],
  ...changes,
})
const stubs = {
  BButton: {
    props: ['disabled'],
    template: '<button type="button" :disabled="disabled"><slot /></button>',
  },
}
const named = (wrapper: VueWrapper, text: string) =>
  wrapper.findAll('button').find((b) => b.text().startsWith(text))
const settle = async () => {
  await Promise.resolve()
  await nextTick()
  await nextTick()
}

describe('the chosen step', () => {
  const editor = (changes: Partial<BenchStep> = {}) =>
    mount(StepEditor, { props: { step: step('a', changes) }, global: { stubs } })

  it('takes a typed dose, and a dose by one step', async () => {
    const wrapper = editor()
    await wrapper.find('#bench-dose').setValue('25 s x 2')
    await wrapper.find('[aria-label=More]').trigger('click')
    expect(wrapper.emitted('put')).toEqual([
      [{ typed: '25 s x 2' }],
      [{ dose: '25 s', typed: null }],
    ])
  })

  it('keeps a dose that could not be read and says why', async () => {
    const wrapper = editor()
    await wrapper.find('#bench-dose').setValue('as you like')
    await wrapper.setProps({
      step: step('a', {
        draft: { ...draft('a'), typed: 'as you like' },
        typedWrong: 'dose (as you like) could not be read',
      }),
    })
    expect((wrapper.find('#bench-dose').element as HTMLInputElement).value).toBe('as you like')
    expect(wrapper.find('[role=alert]').text()).toContain('could not be read')
    await wrapper.setProps({ step: step('a', { doseWords: '25 s each side' }) })
    expect((wrapper.find('#bench-dose').element as HTMLInputElement).value).toBe('25 s each side')
  })

  it('offers no more than the bounds allow', () => {
    const wrapper = editor({
      quantity: { name: 's', now: 30, least: 15, greatest: 30, less: '25 s', more: null },
    })
    expect(wrapper.find('[aria-label=More]').attributes('disabled')).toBeDefined()
    expect(wrapper.text()).toContain('15 to 30 s are safe')
  })

  it('shares the sides, takes a rung, another position, a pin and no release', async () => {
    const wrapper = editor()
    await named(wrapper, 'Split')?.trigger('click')
    await named(wrapper, 'Left only')?.trigger('click')
    expect(wrapper.emitted('sides')).toEqual([['SPLIT'], ['LEFT']])
    await wrapper.findAll('.rungs button')[0]?.trigger('click')
    await named(wrapper, 'Stand')?.trigger('click')
    const boxes = wrapper.findAll('input[type=checkbox]')
    await boxes[0]?.setValue(true)
    await boxes[1]?.setValue(false)
    expect(wrapper.emitted('put')).toEqual([
      [{ dose: '15 s × 2', typed: null }],
      [{ position: 'STAND' }],
      [{ pinned: true }],
      [{ released: false }],
    ])
  })

  it('asks for one side only where there are two to choose from', () => {
    const wrapper = editor({ laterality: 'TOGETHER', usualLaterality: 'TOGETHER' })
    expect(named(wrapper, 'Split')).toBeUndefined()
    expect(named(wrapper, 'Together')).toBeDefined()
  })
})

describe('the tape on the bench', () => {
  const tape = (findings: FindingView[] = []) =>
    mount(BenchTape, {
      props: {
        steps: [step('a'), step('b'), step('c')],
        findings,
        spaceMillis: 300_000,
        chosen: 'a',
      },
      attachTo: document.body,
    })

  it('names each step with its place, dose and findings', () => {
    const wrapper = tape([finding({})])
    const names = wrapper.findAll('button').map((b) => b.attributes('aria-label'))
    expect(names[0]).toContain('1 of 3: Step a, Stretch, 20 s each side')
    expect(names[0]).toContain('One side only')
    expect(names[1]).not.toContain('One side only')
    wrapper.unmount()
  })

  it('takes hold of steps where they are drawn, however many lines their names need', async () => {
    const wrapper = mount(BenchTape, {
      props: {
        steps: [
          { ...step('a'), title: 'Open wide, close softly', lengthMillis: 15_000 },
          { ...step('b'), lengthMillis: 200_000 },
        ],
        findings: [],
        spaceMillis: 300_000,
        chosen: 'a',
      },
    })
    await nextTick()
    expect(wrapper.findAll('.name').length).toBeGreaterThan(3)
    const framed = Number(wrapper.find('rect.chosen').attributes('y'))
    expect(wrapper.find('button').element.style.top).toBe(`${framed + 5}px`)
  })

  it('moves, lengthens, shortens and removes by the keyboard', async () => {
    const wrapper = tape()
    const [first] = wrapper.findAll('button')
    await first?.trigger('keydown', { key: 'ArrowRight', altKey: true })
    await first?.trigger('keydown', { key: '+' })
    await first?.trigger('keydown', { key: '-' })
    await first?.trigger('keydown', { key: 'Delete' })
    expect(wrapper.emitted('move')).toEqual([['a', 1]])
    expect(wrapper.emitted('longer')).toEqual([
      ['a', true],
      ['a', false],
    ])
    expect(wrapper.emitted('remove')).toEqual([['a']])
    wrapper.unmount()
  })

  it('drops a step that is let go beside the tape, and leaves it on Escape', async () => {
    const wrapper = tape()
    const third = wrapper.findAll('button')[2]
    const press = () => third?.trigger('pointerdown', { button: 0, clientX: -100 })
    const pull = () => window.dispatchEvent(new PointerEvent('pointermove', { clientX: -300 }))
    await press()
    pull()
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }))
    window.dispatchEvent(new PointerEvent('pointerup'))
    expect(wrapper.emitted('move')).toBeUndefined()
    await press()
    pull()
    window.dispatchEvent(new PointerEvent('pointerup'))
    expect(wrapper.emitted('move')).toEqual([['c', 0]])
    wrapper.unmount()
  })

  it('keeps the focus on the tape when a step is taken out', async () => {
    const wrapper = tape()
    const pressed = wrapper.findAll('button')[1]?.trigger('keydown', { key: 'Delete' })
    await wrapper.setProps({ steps: [step('a'), step('c')] })
    await pressed
    expect(document.activeElement?.getAttribute('aria-label')).toContain('2 of 2')
    wrapper.unmount()
  })

  it('goes from step to step with the arrows', async () => {
    const wrapper = tape()
    await wrapper.findAll('button')[0]?.trigger('keydown', { key: 'ArrowRight' })
    expect(wrapper.emitted('choose')?.at(-1)).toEqual(['b'])
    await wrapper.findAll('button')[0]?.trigger('keydown', { key: 'ArrowLeft' })
    expect(wrapper.emitted('choose')?.at(-1)).toEqual(['c'])
    wrapper.unmount()
  })
})

describe('the rules', () => {
  const view = (findings: FindingView[]): CheckView => ({
    steps: [step('a')],
    lengthMillis: 55_000,
    freeSeconds: 5,
    warmed: false,
    haveReady: [],
    findings,
    rulesKept: 21 - findings.length,
    coverage: [
      { target: 'wrist', word: 'wrist', side: 'LEFT', given: 20, wanted: 40 },
      { target: 'wrist', word: 'wrist', side: 'RIGHT', given: 60, wanted: 50 },
    ],
    signs: [],
  })

  it('repairs one, repairs all, and leads to the step', async () => {
    const two = [finding({}), finding({ rule: 'cold-stretch', title: 'Too cold' })]
    const wrapper = mount(RulesPanel, {
      props: { view: view(two), repairs: [] },
      global: { stubs },
    })
    const repairs = () => wrapper.findAll('li button').filter((b) => b.text() === 'Repair')
    await repairs()[0]?.trigger('click')
    await wrapper.setProps({ repairs: ['add the right', 'after Wrist circles'] })
    expect(wrapper.text()).toContain('19 kept, 2 findings')
    const would = wrapper.find(`#${repairs()[1]?.attributes('aria-describedby')}`)
    expect(would.text()).toContain('after Wrist circles')
    await repairs()[1]?.trigger('click')
    await named(wrapper, 'Repair all')?.trigger('click')
    await named(wrapper, 'One side only')?.trigger('click')
    expect(wrapper.emitted('repair')).toEqual([[0], [1], [null]])
    expect(wrapper.emitted('choose')).toEqual([['a']])
  })

  it('says that there is nothing to repair, and how far both sides are served', () => {
    const wrapper = mount(RulesPanel, { props: { view: view([]), repairs: [] }, global: { stubs } })
    expect(wrapper.text()).toContain('Nothing to repair')
    expect(wrapper.find('table').text()).toContain('left 20 %, right 60 %, wanted 50 %')
  })
})

describe('what it is for', () => {
  const side = (changes: Partial<ReturnType<typeof emptyDraft>> = {}) =>
    mount(BenchSide, {
      props: {
        draft: { ...emptyDraft(), ...changes },
        clients: [{ id: 'c', name: 'Wiebke', occupation: '' }],
        themes: [
          { id: 'clasps', title: 'Clasps', own: false },
          { id: 'mine', title: 'My evening', own: true },
        ],
        client: null,
        warmed: true,
      },
      global: { stubs: { BButton: { template: '<button type="button"><slot /></button>' } } },
    })

  it('keeps what lies there as a theme, and takes one out again', async () => {
    const make = vi
      .spyOn(api, 'makeTheme')
      .mockResolvedValue({ id: 'new', title: 'Wrists', own: true })
    const remove = vi.spyOn(api, 'removeTheme').mockResolvedValue(undefined)
    const wrapper = side({ steps: [draft('a'), draft('b')] })
    const press = (text: string) =>
      wrapper
        .findAll('button')
        .find((b) => b.text() === text)
        ?.trigger('click')
    await press('Keep these steps as a theme')
    await wrapper.find('[aria-label="Title of the theme"]').setValue('Wrists')
    await wrapper.find('.theme form').trigger('submit')
    await vi.waitFor(() => expect(wrapper.emitted('themes')).toHaveLength(1))
    expect(make).toHaveBeenCalledWith('Wrists', ['palm-up-fingers-back'])
    expect(wrapper.emitted('change')?.at(-1)).toEqual([{ theme: 'new' }])
    await wrapper.setProps({ draft: { ...emptyDraft(), theme: 'mine' } })
    await press('Take this theme out')
    await vi.waitFor(() => expect(remove).toHaveBeenCalledWith('mine'))
    expect(wrapper.emitted('change')?.at(-1)).toEqual([{ theme: null }])
  })

  it('shows what the server takes for warm until somebody says otherwise', async () => {
    const box = (wrapper: VueWrapper) =>
      wrapper.find<HTMLInputElement>('input[type=checkbox]').element.checked
    expect(box(side())).toBe(true)
    expect(box(side({ warmed: false }))).toBe(false)
  })

  it('leaves to the server whether the hands are warm for another purpose', async () => {
    const wrapper = side()
    await named(wrapper, 'Cool-down')?.trigger('click')
    await named(wrapper, 'Strength')?.trigger('click')
    expect(wrapper.emitted('change')).toEqual([
      [{ purpose: 'COOL_DOWN', warmed: null }],
      [{ purpose: 'STRENGTH', warmed: null }],
    ])
  })

  it('keeps the minutes between one and thirty', async () => {
    const wrapper = side({ budgetSeconds: 60 })
    await wrapper.find('[aria-label="A minute less"]').trigger('click')
    expect(wrapper.emitted('change')).toBeUndefined()
    await wrapper.find('#bench-minutes').setValue('45')
    expect(wrapper.emitted('change')).toEqual([[{ budgetSeconds: 1800 }]])
  })

  it('chooses a client, or nobody', async () => {
    const wrapper = side()
    await wrapper.find('#bench-client').setValue('c')
    await wrapper.find('#bench-client').setValue('')
    expect(wrapper.emitted('change')).toEqual([
      [{ clientId: 'c', activityId: null }],
      [{ clientId: null, activityId: null }],
    ])
  })

  it('says how long it may be when somebody asks for more', async () => {
    const wrapper = side()
    await wrapper.find('#bench-minutes').setValue('45')
    expect(wrapper.text()).toContain('1 to 30 minutes.')
    expect(wrapper.emitted('change')?.at(-1)).toEqual([{ budgetSeconds: 1800 }])
  })

  it('takes a theme, or none', async () => {
    const wrapper = side()
    await wrapper.find('#bench-theme').setValue('clasps')
    expect(wrapper.emitted('change')?.at(-1)).toEqual([{ theme: 'clasps' }])
    await wrapper.find('#bench-theme').setValue('')
    expect(wrapper.emitted('change')?.at(-1)).toEqual([{ theme: null }])
  })

  it('takes the minutes to play, or none', async () => {
    const wrapper = side()
    const field = wrapper.findAll('input[type=number]').at(-1)
    await field?.setValue('45')
    expect(wrapper.emitted('change')?.[0]).toEqual([{ minutesToPlay: 45 }])
  })
})

describe('what could be added', () => {
  const offers: OffersView = {
    fits: [
      {
        step: draft('x'),
        title: 'Palm rub',
        kind: 'HEAT',
        seconds: 28,
        share: 100,
        why: 'For warmth.',
        fits: true,
      },
      {
        step: draft('y'),
        title: 'Long roll',
        kind: 'RELEASE',
        seconds: 90,
        share: 40,
        why: 'For ease.',
        fits: false,
      },
    ],
    doesNot: [{ exerciseId: 'curl', title: 'Wrist curl', kind: 'STRENGTHEN', reason: 'It tires.' }],
  }

  it('lists by value, filters by name, adds, and explains what is not there', async () => {
    vi.spyOn(api, 'offers').mockResolvedValue(offers)
    const why = vi.spyOn(api, 'whyNot').mockResolvedValue({
      title: 'Wrist curl',
      kind: 'STRENGTHEN',
      gates: [
        { gate: 'SIGN', title: 'Referral sign', closed: '' },
        { gate: 'PLAY', title: 'Play near by', closed: 'It tires.' },
      ],
      decided: 'It tires.',
    })
    const wrapper = mount(OffersDrawer, {
      props: { draft: emptyDraft(), swapping: false },
      global: { stubs },
      attachTo: document.body,
    })
    await settle()
    await settle()
    expect(wrapper.findAll('.add').map((b) => b.find('.title').text())).toEqual([
      'Palm rubFor warmth.',
      'Long rollFor ease.',
      'Wrist curlIt tires.',
    ])
    await wrapper.findAll('.add')[2]?.trigger('click')
    await settle()
    expect(why.mock.calls[0]?.[1]).toBe('curl')
    expect(wrapper.find('dl').text()).toContain('Nothing against it.')
    expect(wrapper.text()).toContain('What decides: It tires.')
    await wrapper.find('#bench-seek').setValue('rub')
    expect(wrapper.findAll('.add')).toHaveLength(1)
    await wrapper.find('.add').trigger('click')
    expect(wrapper.emitted('add')).toEqual([[draft('x')]])
    wrapper.unmount()
  })
})
