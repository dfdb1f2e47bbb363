import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { SafetyView, StepView } from '@/api/types'
import FeltElsewhere from './FeltElsewhere.vue'
import { isPress } from './useCountingDevices'

const step = {
  title: 'Palm up, fingers drawn back',
  cue: 'Draw the palm back, not the fingertips.',
  mistakes: ['the elbow locked'],
  feltAt: 'inner forearm',
  feeling: {
    meant: ['FOREARM_PALM_SIDE'],
    asksWhere: true,
    asksTighter: true,
    burnIsWanted: false,
    stayMillis: 0,
    instead: 'Fingers up, halt',
  },
} as unknown as StepView
const safety = {
  endingPain: 7,
  easierUpToPain: 3,
  endingSensations: ['SHARP', 'TINGLE'],
  endingWithPain: ['CLICK'],
  endingStep: ['CRAMP'],
} as unknown as SafetyView
const panel = () => mount(FeltElsewhere, { props: { step, safety, felt: null } })
type Panel = ReturnType<typeof panel>
const touch = (wrapper: Panel, place: string) =>
  wrapper.find(`button[aria-label^="${place}"]`).trigger('click')
const feels = (wrapper: Panel, word: string) =>
  wrapper
    .findAll('[role=radio]')
    .find((radio) => radio.text() === word)
    ?.trigger('click')

describe('felt elsewhere', () => {
  it('marks where it is meant, and says so where it is felt there', async () => {
    const wrapper = panel()
    expect(wrapper.text()).toContain('Meant: forearm, palm side')
    await touch(wrapper, 'Left forearm, palm side')
    expect(wrapper.text()).toContain('Just where it is meant.')
    expect(wrapper.emitted('say')).toBeUndefined()
  })

  it('gives the correcting cue for another place, and keeps what it is like', async () => {
    const wrapper = panel()
    await touch(wrapper, 'Left wrist, thumb side')
    expect(wrapper.text()).toContain('Draw the palm back, not the fingertips. Mind: the elbow')
    expect(wrapper.text()).toContain('Fingers up, halt takes its place')
    await feels(wrapper, 'pull')
    expect(wrapper.emitted('say')?.at(-1)).toEqual([
      { side: 'LEFT', region: 'WRIST_THUMB_SIDE', sensation: 'PULL' },
    ])
  })

  it('is no stretch where it is sharp: then it hurts', async () => {
    const wrapper = panel()
    await touch(wrapper, 'Left wrist, thumb side')
    await feels(wrapper, 'sharp')
    expect(wrapper.emitted('hurts')).toHaveLength(1)
  })
})

describe('a press on MIDI', () => {
  it('is a key that goes down or the pedal, on any channel', () => {
    expect(isPress([0x90, 60, 64])).toBe(true)
    expect(isPress([0x9f, 60, 1])).toBe(true)
    expect(isPress([0x90, 60, 0])).toBe(false)
    expect(isPress([0x80, 60, 64])).toBe(false)
    expect(isPress([0xb0, 64, 127])).toBe(true)
    expect(isPress([0xb0, 64, 0])).toBe(false)
    expect(isPress([0xb0, 7, 127])).toBe(false)
    expect(isPress([0xf8])).toBe(false)
  })
})
