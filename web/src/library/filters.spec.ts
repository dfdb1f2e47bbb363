import { describe, expect, it } from 'vitest'
import type { LibraryRow } from '@/api/types'
import { counts, narrowed, noFilters } from './filters'
import { asked, lost } from './search'

const row = (changes: Partial<LibraryRow>): LibraryRow => ({
  id: 'a',
  version: 0,
  archived: false,
  title: 'Palm rub',
  kind: 'HEAT',
  purpose: '',
  dose: '25 s',
  seconds: 28,
  intensity: 1,
  beforePlay: true,
  positions: ['SIT'],
  things: [],
  nothingNeeded: true,
  digits: [],
  tissues: [],
  disciplines: [],
  search: 'palm rub | heat | sitting | nothing needed',
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

const thumb = row({
  id: 'thumb',
  title: 'Thumb drawn to the forearm',
  kind: 'STRETCH',
  seconds: 33,
  intensity: 2,
  tissues: ['thumb-muscles'],
  digits: ['THUMB'],
  search: 'thumb drawn to the forearm | stretch | phone | sitting | nothing needed',
})
const floor = row({
  id: 'floor',
  title: 'On hands and knees',
  kind: 'STRETCH',
  seconds: 200,
  intensity: 4,
  beforePlay: false,
  positions: ['FLOOR'],
  things: ['MAT'],
  nothingNeeded: false,
  tissues: ['wrist'],
  search: 'on hands and knees | stretch | wrist | thumb | on the floor | a mat',
})
const away = row({ id: 'away', archived: true, version: 2 })
const own = row({ id: 'own', version: 1, title: 'My own rub', search: 'my own rub | heat' })
const all = [row({}), thumb, floor, away, own]
const ids = (rows: readonly LibraryRow[]) => rows.map((r) => r.id)

describe('the search', () => {
  it('takes a whole sentence as it is spoken', () => {
    const text = 'thumb after phone use, sitting, nothing at hand, 1 minute'
    expect(asked(text)).toMatchObject({
      words: ['thumb', 'phone', 'sitting', 'nothing'],
      seconds: 60,
    })
    expect(ids(narrowed(all, { ...noFilters(), text }, null))).toEqual(['thumb'])
  })

  it('understands seconds, forms of words, and how something feels', () => {
    const found = (text: string) => ids(narrowed(all, { ...noFilters(), text }, null))
    expect(found('30 seconds')).toEqual(['a', 'thumb', 'own'])
    expect(found('thumbs')).toEqual(['thumb', 'floor'])
    expect(found('stretching')).toEqual(['thumb', 'floor'])
    expect(found('my thumb hurts after phone')).toEqual(['thumb'])
    expect(found('thumb without anything')).toEqual(['thumb'])
    expect(asked('numb thumb')).toMatchObject({ words: ['thumb'], signs: ['numb'] })
  })

  it('says which word nothing has, and what is near', () => {
    expect(lost(all, 'thumb on the floor')).toEqual([])
    expect(lost(all, 'thumb seagull')).toEqual([{ word: 'seagull', near: null }])
    expect(lost(all, 'foream sitting')).toEqual([{ word: 'foream', near: 'forearm' }])
  })

  it('finds words by their beginning only', () => {
    const found = (text: string) => ids(narrowed(all, { ...noFilters(), text }, null))
    expect(found('fore')).toEqual(['thumb'])
    expect(found('orearm')).toEqual([])
    expect(found('hone')).toEqual([])
  })

  it('puts first what has the word in its title', () => {
    expect(ids(narrowed(all, { ...noFilters(), text: 'thumb' }, null))).toEqual(['thumb', 'floor'])
    expect(ids(narrowed([floor, thumb], { ...noFilters(), text: 'thumb' }, null))).toEqual([
      'thumb',
      'floor',
    ])
  })
})

describe('the filters', () => {
  it('combine', () => {
    const f = { ...noFilters(), kind: 'STRETCH' as const }
    expect(ids(narrowed(all, f, null))).toEqual(['thumb', 'floor'])
    expect(ids(narrowed(all, { ...f, position: 'SIT' }, null))).toEqual(['thumb'])
    expect(ids(narrowed(all, { ...f, thing: 'MAT' }, null))).toEqual(['floor'])
    expect(ids(narrowed(all, { ...f, thing: 'NOTHING' }, null))).toEqual(['thumb'])
    expect(ids(narrowed(all, { ...f, intensity: 2 }, null))).toEqual(['thumb'])
    expect(ids(narrowed(all, { ...f, minutes: 1 }, null))).toEqual(['thumb'])
    expect(ids(narrowed(all, { ...f, beforePlay: true }, null))).toEqual(['thumb'])
    expect(ids(narrowed(all, { ...f, digit: 'THUMB', tissue: 'wrist' }, null))).toEqual([])
  })

  it('leave out what was put away unless it is asked for', () => {
    expect(ids(narrowed(all, noFilters(), null))).not.toContain('away')
    expect(ids(narrowed(all, { ...noFilters(), whose: 'ARCHIVED' }, null))).toEqual(['away'])
    expect(ids(narrowed(all, { ...noFilters(), whose: 'OWN' }, null))).toEqual(['own'])
  })

  it('leave out what does not suit a client, once that is known', () => {
    const f = { ...noFilters(), client: 'c' }
    expect(ids(narrowed(all, f, null))).toContain('floor')
    expect(ids(narrowed(all, f, new Map([['floor', 'Needs a mat.']])))).not.toContain('floor')
  })

  it('count what each choice would leave, all other filters as they are', () => {
    const f = { ...noFilters(), kind: 'STRETCH' as const, position: 'SIT' as const }
    const kinds = counts(
      all,
      f,
      null,
      'kind',
      ['HEAT', 'STRETCH', 'BRIDGE'],
      (r, k) => r.kind === k,
    )
    expect([...kinds.values()]).toEqual([2, 1, 0])
  })
})
