import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { elements, MusicXML } from '@stringsync/musicxml'
import { parseMidi } from 'midi-file'
import { describe, expect, it } from 'vitest'

/** The files that the server writes, byte for byte (RowMusicTest); read by libraries of others. */
const WRITTEN = join(
  import.meta.dirname,
  '../../../server/src/test/resources/org/nimblet/server/workshop',
)
const ROW = [62, 64, 62, 65, 62, 67]

describe('a row taken away as music', () => {
  it('is read from MIDI by midi-file 1.2: click and hands on tracks of their own', () => {
    const midi = parseMidi(readFileSync(join(WRITTEN, 'row.mid')))
    expect(midi.header.format).toBe(1)
    expect(midi.header.ticksPerBeat).toBe(480)
    const named = midi.tracks.map(
      (track) => track.flatMap((event) => (event.type === 'trackName' ? [event.text] : []))[0],
    )
    expect(named).toEqual(['Click', 'Left hand', 'Right hand'])
    const tempo = midi.tracks[0]?.find((event) => event.type === 'setTempo')
    expect(tempo?.type === 'setTempo' && tempo.microsecondsPerBeat).toBe(714285)
    const keys = midi.tracks[2]?.flatMap((event) =>
      event.type === 'noteOn' && event.velocity ? [event.noteNumber] : [],
    )
    expect(keys).toHaveLength(24)
    expect(new Set(keys)).toEqual(new Set(ROW))
  })

  it('is read from MusicXML by @stringsync/musicxml 0.3: a part a hand, fingers above', () => {
    const text = readFileSync(join(WRITTEN, 'row.musicxml'), 'utf8')
    const score = MusicXML.parse(text)
    const root = score.getRoot()
    expect(root).toBeInstanceOf(elements.ScorePartwise)
    expect((root as InstanceType<typeof elements.ScorePartwise>).getParts()).toHaveLength(2)
    // What it does not understand it would have replaced by defaults of its own.
    const again = score.serialize()
    for (const what of ['fingering', 'step', 'octave', 'duration', 'type']) {
      const all = (xml: string) =>
        [...xml.matchAll(new RegExp(`<${what}>([^<]+)<`, 'g'))].map((m) => m[1])
      expect(all(again)).toEqual(all(text))
    }
    expect(text.match(/<fingering>/g)).toHaveLength(24)
  })
})
