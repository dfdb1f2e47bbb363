import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref, shallowRef } from 'vue'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import type { CheckView, CompareView, StepDraft, StoredRoutine } from '@/api/types'
import BenchHead from './BenchHead.vue'
import CompareTapes from './CompareTapes.vue'
import ComposeKeys from './ComposeKeys.vue'
import ReasonsList from './ReasonsList.vue'
import SaveForm from './SaveForm.vue'
import SignLine from './SignLine.vue'
import { emptyDraft } from '@/parts/emptyDraft'
import { emptyWork, type BenchState } from './useBench'
import { useKeeping } from './useKeeping'
import { useVersions } from './useVersions'

const stubs = {
  BButton: { props: ['disabled'], template: '<button :disabled="disabled"><slot /></button>' },
  RouterLink: { props: ['to'], template: '<a :href="to"><slot /></a>' },
  RoutineTape: true,
}
const draftOf = (key: string): StepDraft => ({
  key,
  exerciseId: key,
  exerciseVersion: 0,
  dose: '20 s',
  typed: null,
  position: 'SIT',
  firstSide: 'LEFT',
  released: true,
  pinned: false,
  circuit: null,
})
const check = (...keys: string[]): CheckView =>
  ({
    steps: keys.map((key, i) => ({
      draft: draftOf(key),
      title: key,
      kind: 'STRETCH',
      laterality: 'EACH',
      doseWords: '20 s',
      offsetMillis: i * 20_000,
      lengthMillis: 20_000,
    })),
    lengthMillis: keys.length * 20_000,
  }) as unknown as CheckView
const beside: CompareView = {
  a: check('rub', 'stretch'),
  b: check('stretch', 'shake', 'rub'),
  strands: [
    { a: 0, b: 2, sameDose: true },
    { a: 1, b: 0, sameDose: false },
  ],
  changes: ['Only in B: shake, 20 s', 'stretch: 20 s in A, 30 s in B'],
  coverage: [{ word: 'wrist', a: 30, b: 45, wanted: 40 }],
  cost: 'B serves nothing less than A, and more: wrist.',
}
beforeEach(() => {
  vi.restoreAllMocks()
})

describe('two routines beside each other', () => {
  it('are tied where the same exercise stands, and differ in words', () => {
    const wrapper = mount(CompareTapes, {
      props: { view: beside, nameA: 'yours', nameB: 'theirs' },
      global: { stubs },
    })
    expect(wrapper.findAll('.strand')).toHaveLength(2)
    expect(wrapper.findAll('.words li').map((li) => li.text())).toEqual([...beside.changes])
    expect(wrapper.find('tbody tr').text()).toContain('Wrist')
    expect(wrapper.findAll('tbody i').map((i) => i.attributes('style'))).toEqual([
      'width: 30%;',
      'width: 45%;',
    ])
    expect(wrapper.text()).toContain('40\u00a0s')
    expect(wrapper.text()).toContain('1\u00a0min')
  })

  it('say so when only the order differs', () => {
    const wrapper = mount(CompareTapes, {
      props: { view: { ...beside, changes: [] }, nameA: 'a', nameB: 'b' },
      global: { stubs },
    })
    expect(wrapper.text()).toContain('Nothing but the order.')
  })
})

/** A bench with one step on it, of which nothing is sent anywhere. */
function aBench() {
  const work = shallowRef({
    ...emptyWork(),
    draft: { ...emptyDraft(), clientId: 'c', steps: [draftOf('rub')] },
  })
  const bench = {
    work,
    draft: shallowRef(work.value.draft),
    view: shallowRef(check('rub')),
    steps: shallowRef(check('rub').steps),
    change: vi.fn(),
    replace: vi.fn(),
    stored: vi.fn((routineId: string, version: number, title: string) => {
      work.value = { ...work.value, routineId, version, title, owner: 'c' }
    }),
  }
  return bench as unknown as BenchState & typeof bench
}
const attempt = async <T>(what: () => Promise<T>): Promise<T | null> => what()

describe('another version', () => {
  it('differs from what lies there, and a third one from both', async () => {
    const bench = aBench()
    const compose = vi.spyOn(api, 'compose').mockResolvedValue({
      composed: true,
      reason: '',
      purpose: 'RECOVERY',
      budgetSeconds: 480,
      steps: [draftOf('shake')],
      choices: [],
      leftOut: [],
      shortPhases: [],
    })
    vi.spyOn(api, 'compare').mockResolvedValue(beside)
    const versions = useVersions(bench, ref(null), ref(''), attempt)
    await versions.another('OTHER')
    expect(compose.mock.calls[0]?.[1]).toEqual([['rub']])
    expect(versions.other.value?.name).toBe('other exercises')
    await versions.another('OTHER')
    expect(compose.mock.calls[1]?.[1]).toEqual([['rub'], ['shake']])
    expect(versions.other.value?.name).toBe('yet other exercises')
    await versions.another('SHORTER')
    expect(compose.mock.calls[2]?.slice(1)).toEqual([[], 'SHORTER'])
    expect(versions.other.value?.name).toBe('shorter steps, more of them')
    versions.takeOther()
    expect(versions.proposed.value).toEqual(['shake'])
    expect(bench.change).toHaveBeenCalledWith({ steps: [draftOf('shake')] })
    expect(versions.other.value).toBeNull()
  })

  it('fills a moment as it was said, with its purpose and minutes', async () => {
    const bench = aBench()
    const compose = vi.spyOn(api, 'compose').mockResolvedValue({
      composed: true,
      reason: '',
      purpose: 'BREAK',
      budgetSeconds: 240,
      steps: [draftOf('shake')],
      choices: [],
      leftOut: [],
      shortPhases: [],
    })
    const versions = useVersions(bench, ref(null), ref(''), attempt)
    await versions.compose('4 min, standing')
    expect(compose.mock.calls[0]?.[3]).toBe('4 min, standing')
    expect(bench.change).toHaveBeenCalledWith({
      purpose: 'BREAK',
      budgetSeconds: 240,
      steps: [draftOf('shake')],
    })
    expect(versions.proposed.value).toEqual(['shake'])
  })

  it('says why there is none', async () => {
    const message = ref('')
    vi.spyOn(api, 'compose').mockResolvedValue({
      composed: false,
      reason: 'There is no other routine.',
      purpose: 'RECOVERY',
      budgetSeconds: 480,
      steps: [],
      choices: [],
      leftOut: [],
      shortPhases: [],
    })
    const versions = useVersions(aBench(), ref(null), message, attempt)
    await versions.another('OTHER')
    expect(message.value).toBe('There is no other routine.')
    expect(versions.other.value).toBeNull()
  })
})

describe('keeping a routine', () => {
  const stored: StoredRoutine = {
    id: 'r',
    version: 7,
    clientId: 'c',
    title: 'Theirs',
    purpose: 'WARM_UP',
    budgetSeconds: 300,
    steps: [draftOf('shake')],
  } as unknown as StoredRoutine
  const begin = () => {
    const bench = aBench()
    const page = {
      chosen: ref<string | null>(null),
      title: ref('Warm-up for Maren'),
      message: ref(''),
      notice: ref(''),
      busy: ref(false),
      clientName: () => 'Maren',
      attempt,
      saved: vi.fn(),
      proposed: ref<readonly string[] | null>(['rub', 'shake']),
    }
    return { bench, page, keeping: useKeeping(bench, page) }
  }

  it('is kept for the client under a title, and then as a new version', async () => {
    const { page, keeping } = begin()
    const create = vi
      .spyOn(api, 'createRoutine')
      .mockResolvedValue({ ...stored, version: 1, title: 'Mine' })
    keeping.openSave()
    expect([keeping.saving.value, keeping.saveTitle.value]).toEqual([true, 'Warm-up for Maren'])
    expect(keeping.saveWord.value).toBe('Save for Maren')
    await keeping.save(true)
    expect(create.mock.calls[0]?.[0].composed).toEqual(['rub', 'shake'])
    expect(page.proposed.value).toBeNull()
    expect(page.notice.value).toBe('Saved as version 1')
    expect(page.saved).toHaveBeenCalledTimes(1)
    expect([keeping.saving.value, keeping.saveWord.value]).toEqual([false, 'Save version 2'])
  })

  it('shows both when somebody saved meanwhile, and can go on with either', async () => {
    const { bench, page, keeping } = begin()
    bench.stored('r', 3, 'Mine')
    const save = vi
      .spyOn(api, 'saveRoutine')
      .mockRejectedValueOnce(new ServerProblem(409, 'Meanwhile', '', [], stored))
    const compare = vi.spyOn(api, 'compare').mockResolvedValue(beside)
    await keeping.save(false)
    expect(keeping.conflict.value?.theirs.version).toBe(7)
    expect(compare.mock.calls[0]?.[1]).toMatchObject({ steps: stored.steps, budgetSeconds: 300 })
    save.mockResolvedValue({ ...stored, version: 8 })
    await keeping.keepMine()
    await flushPromises()
    expect(save.mock.calls[1]?.[1]).toMatchObject({ version: 7 })
    expect(keeping.conflict.value).toBeNull()
    expect(page.notice.value).toBe('Saved as version 8')
  })

  it('goes on with the other one when that is wanted', async () => {
    const { bench, page, keeping } = begin()
    bench.stored('r', 3, 'Mine')
    vi.spyOn(api, 'saveRoutine').mockRejectedValue(
      new ServerProblem(409, 'Meanwhile', '', [], stored),
    )
    vi.spyOn(api, 'compare').mockResolvedValue(beside)
    await keeping.save(false)
    keeping.takeTheirs()
    expect(bench.replace.mock.calls[0]?.[0]).toMatchObject({ title: 'Theirs', version: 7 })
    expect(page.chosen.value).toBe('shake')
  })

  it('says what was refused', async () => {
    const { page, keeping } = begin()
    vi.spyOn(api, 'createRoutine').mockRejectedValue(new Error('Give it a title.'))
    await keeping.save(true)
    expect([page.message.value, page.busy.value]).toEqual(['Give it a title.', false])
  })
})

describe('around the tape', () => {
  it('nothing can be saved or tried while the bench is empty', async () => {
    const head = mount(BenchHead, {
      props: {
        title: 'Warm-up',
        lengthMillis: 0,
        budgetSeconds: 480,
        canUndo: false,
        canRedo: true,
        empty: true,
      },
      global: { stubs },
    })
    const disabled = head.findAll('button').map((b) => [b.text(), b.attributes('disabled')])
    expect(disabled).toEqual([
      ['Undo', ''],
      ['Redo', undefined],
      ['Try it', ''],
      ['Save', ''],
    ])
    await head.findAll('button')[1]?.trigger('click')
    expect(head.emitted('redo')).toHaveLength(1)
  })

  it('the minutes are filled, and another version is offered once there is one', async () => {
    const keys = mount(ComposeKeys, {
      props: { busy: false, empty: true, pinned: false },
      global: { stubs },
    })
    expect(keys.findAll('button').map((b) => b.text())).toEqual(['Fill the minutes'])
    await keys.setProps({ empty: false, pinned: true })
    expect(keys.findAll('button').map((b) => b.text())).toEqual([
      'Fill the minutes again',
      'Other exercises',
      'Shorter steps, more of them',
      'Fewer and longer steps',
    ])
    expect(keys.text()).toContain('Pinned steps stay.')
    await keys.find('form').trigger('submit')
    expect(keys.emitted('said')).toBeUndefined()
    await keys.find('input').setValue(' 4 min, standing ')
    await keys.find('form').trigger('submit')
    expect(keys.emitted('said')).toEqual([['4 min, standing']])
    await keys.findAll('button')[2]?.trigger('click')
    expect(keys.emitted('another')).toEqual([['SHORTER']])
  })

  it('a title is needed to save', async () => {
    const form = mount(SaveForm, {
      props: {
        modelValue: ' ',
        word: 'Save for Maren',
        known: false,
        busy: false,
        broken: ['Cold stretch'],
      },
      global: { stubs },
    })
    expect(form.find('button').attributes('disabled')).toBe('')
    expect(form.text()).toContain('what the rules say against it: Cold stretch.')
    await form.setProps({ modelValue: 'Mine', known: true })
    expect(form.findAll('button').map((b) => b.text())).toContain('Save as another')
    await form.trigger('submit')
    expect(form.emitted('save')).toHaveLength(1)
  })

  it('a sign stands before everything, with the way to what a clinician said', () => {
    const line = mount(SignLine, {
      props: { signs: ['Weakness, left hand.'], clientId: 'c' },
      global: { stubs },
    })
    expect(line.attributes('role')).toBe('alert')
    expect(line.find('a').attributes('href')).toBe('/clients/c/hands')
  })

  it('each step has its reason', () => {
    const list = mount(ReasonsList, {
      props: {
        composed: {
          composed: true,
          reason: '',
          purpose: 'RECOVERY',
          budgetSeconds: 480,
          steps: [draftOf('rub')],
          choices: ['for the wrist; not done yet.'],
          leftOut: [],
          shortPhases: [],
        },
        titleOf: (key?: string) => `Step ${key ?? ''}`,
      },
    })
    expect(list.find('li').text()).toContain('Step rub')
    expect(list.find('li').text()).toContain('For the wrist; not done yet.')
  })
})
