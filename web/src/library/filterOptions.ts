import { computed } from 'vue'
import type { ClientSummary, LibraryRow, TargetView } from '@/api/types'
import { DIGITS, DISCIPLINES, POSITIONS, THINGS, keys } from '@/parts/labels'
import { capital } from '@/parts/words'
import { KINDS } from '@/tape/kinds'
import { counts, filters, type Filters } from './filters'
import { takesAtMost } from './search'

/** What the list can be narrowed by, each with how many would be left. */
export function useFilterOptions(
  rows: () => readonly LibraryRow[],
  unsuited: () => ReadonlyMap<string, string> | null,
  tissueWords: () => readonly TargetView[],
  people: () => readonly ClientSummary[],
) {
  type Part = keyof Filters
  function options<V extends string | number>(
    part: Part,
    values: readonly V[],
    text: (value: V) => string,
    has: (row: LibraryRow, value: V) => boolean,
  ) {
    const left = counts(rows(), filters, unsuited(), part, values, has)
    return values.map((value) => ({ value, text: text(value), count: left.get(value) ?? 0 }))
  }
  const kinds = computed(() =>
    options(
      'kind',
      keys(KINDS),
      (k) => KINDS[k].word,
      (r, k) => r.kind === k,
    ),
  )
  const tissues = computed(() => {
    const words = new Map(tissueWords().map((t) => [t.id, t.word]))
    return options(
      'tissue',
      [...words.keys()],
      (id) => capital(words.get(id) ?? id),
      (r, id) => r.tissues.includes(id),
    )
  })
  const digits = computed(() =>
    options(
      'digit',
      keys(DIGITS),
      (d) => DIGITS[d],
      (r, d) => r.digits.includes(d),
    ),
  )
  const positions = computed(() =>
    options(
      'position',
      keys(POSITIONS),
      (p) => POSITIONS[p],
      (r, p) => r.positions.includes(p),
    ),
  )
  const things = computed(() => [
    ...options(
      'thing',
      ['NOTHING' as const],
      () => 'Nothing needed',
      (r) => r.nothingNeeded,
    ),
    ...options(
      'thing',
      keys(THINGS),
      (t) => THINGS[t],
      (r, t) => r.things.includes(t),
    ).filter((o) => rows().some((r) => r.things.includes(o.value))),
  ])
  const intensities = computed(() =>
    options(
      'intensity',
      [1, 2, 3, 4],
      (n) => (n === 1 ? 'Only 1' : `Up to ${n}`),
      (r, n) => r.intensity <= n,
    ),
  )
  const minutes = computed(() =>
    options(
      'minutes',
      [1, 2, 3, 5],
      (n) => `Up to ${n}\u00a0min`,
      (row, n) => takesAtMost(row, n * 60),
    ),
  )
  const disciplines = computed(() =>
    options(
      'discipline',
      keys(DISCIPLINES),
      (d) => DISCIPLINES[d],
      (r, d) => r.disciplines.length === 0 || r.disciplines.includes(d),
    ),
  )
  const clients = computed(() => people().map((c) => ({ value: c.id, text: c.name })))
  const whose = [
    { value: 'OWN' as const, text: 'My own' },
    { value: 'ARCHIVED' as const, text: 'Put away' },
  ]
  const beforePlay = computed({
    get: () => (filters.beforePlay ? ('YES' as const) : null),
    set: (value: 'YES' | null) => {
      filters.beforePlay = value !== null
    },
  })
  return {
    kinds,
    tissues,
    digits,
    positions,
    things,
    intensities,
    minutes,
    disciplines,
    clients,
    whose,
    beforePlay,
  }
}
