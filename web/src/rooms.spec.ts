import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'

/**
 * The rooms of the pages, drawing below and places above: a room may look only into those of the
 * floors beneath it, so that whoever opens one knows what it can touch.
 */
const FLOORS: readonly (readonly string[])[] = [
  ['api'],
  ['stores'],
  ['parts'],
  ['form', 'ribbon', 'tape'],
  ['hand'],
  ['week', 'library', 'bench', 'log', 'account', 'today', 'progress'],
  ['intake'],
  ['player', 'myday', 'client', 'clients', 'programme'],
  ['workshop'],
  ['measure'],
  ['app'],
]
const LONGEST_COMPONENT = 350
const SOURCE = import.meta.dirname

const floorOf = (room: string) => FLOORS.findIndex((floor) => floor.includes(room))
const files = (readdirSync(SOURCE, { recursive: true }) as string[]).filter(
  (file) => /\.(vue|ts)$/.test(file) && !file.endsWith('.spec.ts'),
)
const read = (file: string) => readFileSync(join(SOURCE, file), 'utf8')

describe('the rooms of the pages', () => {
  it('all have a floor', () => {
    const rooms = new Set(files.filter((f) => f.includes('/')).map((f) => f.split('/')[0] ?? ''))
    expect([...rooms].filter((room) => floorOf(room) < 0)).toEqual([])
    expect(rooms.size).toBeGreaterThan(10)
  })

  it('look only downward', () => {
    const upward = files
      .filter((file) => file.includes('/'))
      .flatMap((file) => {
        const room = file.split('/')[0] ?? ''
        const seen = [...read(file).matchAll(/from '@\/([a-z]+)\//g)].map((found) => found[1] ?? '')
        return seen
          .filter((other) => other !== room && floorOf(other) >= floorOf(room))
          .map((other) => `${file} looks into ${other}`)
      })
    expect(upward).toEqual([])
  })

  it('have components that one can see at once', () => {
    const long = files
      .filter((file) => file.endsWith('.vue'))
      .map((file) => ({ file, lines: read(file).split('\n').length - 1 }))
      .filter(({ lines }) => lines > LONGEST_COMPONENT)
    expect(long).toEqual([])
  })
})
