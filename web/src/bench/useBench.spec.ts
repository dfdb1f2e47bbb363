import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { api } from '@/api/calls'
import { outbox } from '@/api/outbox'
import type { BenchStep, CheckView, Draft, FindingView, Me, StepDraft } from '@/api/types'
import { account } from '@/stores/account'
import { keptDraft, useBench, type BenchState } from './useBench'

const step = (key: string): StepDraft => ({
  key,
  exerciseId: `exercise-${key}`,
  exerciseVersion: 0,
  dose: '20 s',
  typed: null,
  position: 'SIT',
  firstSide: 'LEFT',
  released: true,
  pinned: false,
  circuit: null,
})
const viewOf = (draft: Draft): CheckView =>
  ({
    steps: draft.steps.map((s) => ({ draft: s, title: s.exerciseId }) as unknown as BenchStep),
    findings: [],
  }) as unknown as CheckView

describe('the bench', () => {
  let bench: BenchState
  beforeEach(() => {
    keptDraft()
    sessionStorage.clear()
    vi.spyOn(api, 'check').mockImplementation((draft) => Promise.resolve(viewOf(draft)))
    bench = effectScope().run(useBench) as BenchState
    bench.change({ steps: ['a', 'b', 'c'].map(step) })
  })
  const keys = () => bench.draft.value.steps.map((s) => s.key)

  it('moves, copies and removes steps, and takes each of it back', () => {
    bench.move('a', 2)
    expect(keys()).toEqual(['b', 'c', 'a'])
    bench.duplicate('c')
    expect(keys()).toHaveLength(4)
    expect(new Set(keys()).size).toBe(4)
    bench.remove('b')
    expect(keys()[0]).toBe('c')
    bench.undo()
    bench.undo()
    bench.undo()
    expect(keys()).toEqual(['a', 'b', 'c'])
    bench.redo()
    expect(keys()).toEqual(['b', 'c', 'a'])
  })

  it('does nothing where a step falls back into its own place', () => {
    bench.move('b', 1)
    bench.undo()
    expect(keys()).toEqual([])
  })

  it('forgets what was undone once something new is done', () => {
    bench.remove('a')
    bench.undo()
    bench.remove('b')
    expect(bench.canRedo.value).toBe(false)
    expect(keys()).toEqual(['a', 'c'])
  })

  it('writes it down when the page is hidden, and before', async () => {
    const written = () => sessionStorage.getItem(sessionStorage.key(0) ?? '') ?? ''
    expect(written()).toBe('')
    window.dispatchEvent(new Event('pagehide'))
    expect(written()).toContain('exercise-c')
    bench.remove('a')
    await vi.waitFor(() => expect(written()).toContain('"past":[{'))
  })

  it('shows nobody what another account left on it', async () => {
    vi.spyOn(outbox, 'use').mockResolvedValue(undefined)
    vi.spyOn(api, 'me').mockResolvedValue({ signedIn: true, accountId: 'another' } as Me)
    await account.refresh()
    expect(keptDraft().steps).toEqual([])
    vi.spyOn(api, 'me').mockResolvedValue({ signedIn: false, accountId: null } as Me)
    await account.refresh()
    expect(keptDraft().steps).toHaveLength(3)
  })

  it('keeps the draft while one looks elsewhere', () => {
    expect(keptDraft().steps.map((s) => s.key)).toEqual(['a', 'b', 'c'])
    const later = effectScope().run(useBench) as BenchState
    expect(later.draft.value.steps).toHaveLength(3)
  })

  it('asks what repairs would do once nothing changes any more, and forgets it with a change', async () => {
    vi.useFakeTimers()
    const found = { rule: 'cold-stretch', steps: ['a'] } as FindingView
    vi.spyOn(api, 'check').mockImplementation((draft) =>
      Promise.resolve({ ...viewOf(draft), findings: [found] }),
    )
    const asked = vi.spyOn(api, 'repairs').mockResolvedValue(['after b'])
    bench.move('c', 0)
    await vi.advanceTimersByTimeAsync(100)
    bench.move('b', 0)
    await vi.advanceTimersByTimeAsync(200)
    expect(asked).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(100)
    expect(asked).toHaveBeenCalledExactlyOnceWith(bench.draft.value)
    expect(bench.repairs.value).toEqual(['after b'])
    bench.remove('b')
    await vi.advanceTimersByTimeAsync(0)
    expect(bench.repairs.value).toEqual([])
    vi.useRealTimers()
  })

  it('shows a moved step at once, before the server has answered', async () => {
    await vi.waitFor(() => expect(bench.steps.value).toHaveLength(3))
    vi.spyOn(api, 'check').mockImplementation(() => new Promise(() => undefined))
    bench.move('c', 0)
    expect(bench.steps.value.map((s) => s.title)).toEqual([
      'exercise-c',
      'exercise-a',
      'exercise-b',
    ])
  })

  it('lets the newest answer win', async () => {
    const answers: (() => void)[] = []
    vi.spyOn(api, 'check').mockImplementation(
      (draft) => new Promise((resolve) => answers.push(() => resolve(viewOf(draft)))),
    )
    bench.change({ steps: [step('old')] })
    bench.change({ steps: [step('new')] })
    answers[1]?.()
    answers[0]?.()
    await vi.waitFor(() => expect(bench.view.value?.steps[0]?.title).toBe('exercise-new'))
    await Promise.resolve()
    expect(bench.view.value?.steps[0]?.title).toBe('exercise-new')
  })

  it('says what went wrong and keeps what was there', async () => {
    vi.spyOn(api, 'check').mockRejectedValue(new Error('The server does not answer.'))
    bench.put('a', { typed: '3 x 12' })
    await vi.waitFor(() => expect(bench.error.value).toBe('The server does not answer.'))
    expect(bench.draft.value.steps[0]?.typed).toBe('3 x 12')
  })
})
