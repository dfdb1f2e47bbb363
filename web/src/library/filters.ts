import { reactive } from 'vue'
import type { Digit, Discipline, Kind, LibraryRow, Position, Thing } from '@/api/types'
import { asked, found, takesAtMost } from './search'

/** What the list is narrowed down by; everything set has to hold. */
export interface Filters {
  text: string
  kind: Kind | null
  tissue: string | null
  digit: Digit | null
  position: Position | null
  /** A thing that is used, or that nothing has to be at hand. */
  thing: Thing | 'NOTHING' | null
  intensity: number | null
  minutes: number | null
  beforePlay: boolean
  discipline: Discipline | null
  /** Only what suits this client. */
  client: string | null
  /** Own exercises only, or those put away. */
  whose: 'OWN' | 'ARCHIVED' | null
}

export const noFilters = (): Filters => ({
  text: '',
  kind: null,
  tissue: null,
  digit: null,
  position: null,
  thing: null,
  intensity: null,
  minutes: null,
  beforePlay: false,
  discipline: null,
  client: null,
  whose: null,
})

/** What is set stays while one looks at entries. */
export const filters = reactive<Filters>(noFilters())

type Test = (row: LibraryRow) => boolean
type Part = Exclude<keyof Filters, 'text'> | 'text'

/** One test for each part of the filters that is set. */
function tests(f: Filters, unsuited: ReadonlyMap<string, string> | null): Map<Part, Test> {
  const all = new Map<Part, Test>()
  const { words, seconds } = asked(f.text)
  if (words.length || seconds !== null)
    all.set(
      'text',
      (row) =>
        words.every((word) => found(word, row.search)) &&
        (seconds === null || takesAtMost(row, seconds)),
    )
  if (f.kind) all.set('kind', (row) => row.kind === f.kind)
  if (f.tissue) all.set('tissue', (row) => row.tissues.includes(f.tissue as string))
  if (f.digit) all.set('digit', (row) => row.digits.includes(f.digit as Digit))
  if (f.position) all.set('position', (row) => row.positions.includes(f.position as Position))
  if (f.thing)
    all.set('thing', (row) =>
      f.thing === 'NOTHING' ? row.nothingNeeded : row.things.includes(f.thing as Thing),
    )
  if (f.intensity) all.set('intensity', (row) => row.intensity <= (f.intensity as number))
  if (f.minutes) all.set('minutes', (row) => takesAtMost(row, (f.minutes as number) * 60))
  if (f.beforePlay) all.set('beforePlay', (row) => row.beforePlay)
  if (f.discipline)
    all.set(
      'discipline',
      (row) => row.disciplines.length === 0 || row.disciplines.includes(f.discipline as Discipline),
    )
  if (f.client && unsuited) all.set('client', (row) => !unsuited.has(row.id))
  all.set('whose', (row) =>
    f.whose === 'ARCHIVED' ? row.archived : !row.archived && (f.whose === null || row.version > 0),
  )
  return all
}

/** The rows that pass everything, those whose title has the words first. */
export function narrowed(
  rows: readonly LibraryRow[],
  f: Filters,
  unsuited: ReadonlyMap<string, string> | null,
): LibraryRow[] {
  const all = [...tests(f, unsuited).values()]
  const { words } = asked(f.text)
  const passed = rows.filter((row) => all.every((test) => test(row)))
  if (!words.length) return passed
  const inTitle = (row: LibraryRow) => {
    const title = row.title.toLowerCase()
    return words.filter((word) => found(word, title)).length
  }
  return passed
    .map((row, i) => ({ row, i, score: inTitle(row) }))
    .sort((a, b) => b.score - a.score || a.i - b.i)
    .map(({ row }) => row)
}

/** How many rows each value of one part would leave, all other parts as they are. */
export function counts<V>(
  rows: readonly LibraryRow[],
  f: Filters,
  unsuited: ReadonlyMap<string, string> | null,
  part: Part,
  values: readonly V[],
  has: (row: LibraryRow, value: V) => boolean,
): Map<V, number> {
  const others = [...tests(f, unsuited)].filter(([p]) => p !== part).map(([, test]) => test)
  const left = rows.filter((row) => others.every((test) => test(row)))
  return new Map(values.map((value) => [value, left.filter((row) => has(row, value)).length]))
}
