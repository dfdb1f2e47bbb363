import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { ClaspView } from '@/api/types'
import ClaspFree from './ClaspFree.vue'

const clasp = (changes: Partial<ClaspView> = {}): ClaspView => ({
  letter: 'c',
  words: 'ring pair',
  held: 'held by middle; index and little free',
  crossed: ['RING'],
  freeRow: ['THUMB', 'INDEX', 'LITTLE', 'INDEX'],
  grips: ['c'],
  forms: [],
  ...changes,
})

describe('free fingers in a clasp', () => {
  it('says which digits touch in turn', () => {
    const drill = mount(ClaspFree, { props: { clasp: clasp(), bpm: 60 } })
    expect(drill.text()).toContain('thumb, index, little, index.')
    expect(drill.text()).not.toContain('Two grips at once')
  })

  it('offers each grip of two by itself', async () => {
    const both = clasp({ letter: 'b', freeRow: ['THUMB'], grips: ['a', 'f'] })
    const drill = mount(ClaspFree, { props: { clasp: both, bpm: 60 } })
    const [first] = drill.findAll('p button')
    expect(first?.text()).toBe('Free fingers in a')
    await first?.trigger('click')
    expect(drill.emitted('grip')).toEqual([['a']])
  })
})
