import type { CheckView } from '@/api/types'

/** How one step of A stands to one of B. */
export interface Strand {
  readonly a: number
  readonly b: number
  readonly sameDose: boolean
}

/** Ties the same exercise in both routines, each step once, in the order of A. */
export function strandsBetween(a: CheckView, b: CheckView): Strand[] {
  const free = b.steps.map((_, i) => i)
  return a.steps.flatMap((step, i) => {
    const at = free.findIndex((j) => b.steps[j]?.draft.exerciseId === step.draft.exerciseId)
    const j = free[at]
    if (j === undefined) return []
    free.splice(at, 1)
    return [{ a: i, b: j, sameDose: b.steps[j]?.doseWords === step.doseWords }]
  })
}

/** What changed from A to B, in words. */
export function changesBetween(a: CheckView, b: CheckView): string[] {
  const strands = strandsBetween(a, b)
  const gone = a.steps.filter((_, i) => !strands.some((s) => s.a === i))
  const come = b.steps.filter((_, j) => !strands.some((s) => s.b === j))
  const dosed = strands.filter((s) => !s.sameDose)
  return [
    ...gone.map((step) => `Only in A: ${step.title}, ${step.doseWords}`),
    ...come.map((step) => `Only in B: ${step.title}, ${step.doseWords}`),
    ...dosed.map((s) => {
      const [before, after] = [a.steps[s.a], b.steps[s.b]]
      return `${before?.title ?? ''}: ${before?.doseWords ?? ''} in A, ${after?.doseWords ?? ''} in B`
    }),
  ]
}

export interface CoverageRow {
  readonly word: string
  readonly a: number
  readonly b: number
  readonly wanted: number
}

/** Both sides of a target together, the mean of left and right, the most wanted first. */
export function coverageBetween(a: CheckView, b: CheckView, most: number): CoverageRow[] {
  const words = [...new Set(a.coverage.map((c) => c.word))]
  const mean = (view: CheckView, word: string, pick: 'given' | 'wanted') => {
    const own = view.coverage.filter((c) => c.word === word)
    return own.length ? Math.round(own.reduce((sum, c) => sum + c[pick], 0) / own.length) : 0
  }
  return words
    .map((word) => ({
      word,
      a: mean(a, word, 'given'),
      b: mean(b, word, 'given'),
      wanted: mean(a, word, 'wanted'),
    }))
    .sort((x, y) => y.wanted - x.wanted)
    .slice(0, most)
}
