import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import RoutineTape from './RoutineTape.vue'
import type { TapeStep } from './tape'

const steps: TapeStep[] = [
  { title: 'Palm rub', kind: 'HEAT', lengthMillis: 30_000, laterality: 'TOGETHER' },
  { title: 'Wrist circles', kind: 'MOBILISE', lengthMillis: 60_000, laterality: 'EACH' },
  { title: 'Curls of two', kind: 'INDEPENDENCE', lengthMillis: 30_000, laterality: 'EACH' },
]
const tape = (props: Partial<InstanceType<typeof RoutineTape>['$props']> = {}) =>
  mount(RoutineTape, { props: { steps, width: 800, ...props } })

describe('the tape of a routine', () => {
  it('tells the routine in words', () => {
    expect(tape().find('svg').attributes('aria-label')?.replaceAll('\u00a0', ' ')).toBe(
      'Tape, 2 min: Palm rub, Heat, 30 s; Wrist circles, Mobilise, 1 min; Curls of two, Independence, 30 s',
    )
  })

  it('tells kinds by letter as well as by pattern and colour', () => {
    expect(
      tape()
        .findAll('.letter')
        .map((l) => l.text()),
    ).toEqual(['H', 'M', 'I'])
    const fills = tape()
      .findAll('path')
      .map((p) => p.attributes('style') ?? '')
      .filter((s) => s.includes('kind-'))
    expect(fills[1]).toContain('kind-MOBILISE')
  })

  it('holds steps in turn together with a bracket and a plate each', () => {
    const turned = steps.map((step, i) => ({ ...step, circuit: i ? 1 : 0 }))
    const drawn = tape({ steps: turned })
    expect(drawn.findAll('.plate-letter').map((l) => l.text())).toEqual(['A', 'B'])
    expect(drawn.find('.bracket-words').text().replaceAll('\u00a0', ' ')).toBe(
      'circuit, 1 round, 1 min 30 s',
    )
    expect(tape().find('.bracket').exists()).toBe(false)
  })

  it('draws only the outline of what is chosen anew', () => {
    const drawn = tape({ steps: steps.map((step) => ({ ...step, open: true })) })
    expect(drawn.findAll('path.open')).toHaveLength(3)
    expect(drawn.html()).not.toContain('kind-MOBILISE')
  })

  it('leaves the letter out where it does not fit', () => {
    expect(
      tape({ width: 50 })
        .findAll('.letter')
        .map((l) => l.text()),
    ).toEqual(['M'])
  })

  it('dims what is behind and frames what is now', () => {
    const wrapper = tape({ at: 45_000, ruler: true })
    expect(wrapper.findAll('.gone')).toHaveLength(1)
    expect(wrapper.findAll('.chosen')).toHaveLength(1)
    expect(wrapper.find('.pointer').attributes('d')?.startsWith('M300 ')).toBe(true)
  })

  it('shows what was skipped, left in the middle and hurt', () => {
    const wrapper = tape({
      steps: [
        { ...(steps[0] as TapeStep), donePercent: 100 },
        { ...(steps[1] as TapeStep), donePercent: 40, hurt: true },
        { ...(steps[2] as TapeStep), donePercent: 0 },
      ],
    })
    expect(wrapper.findAll('.skipped')).toHaveLength(1)
    expect(wrapper.findAll('.stop')).toHaveLength(1)
    expect(wrapper.findAll('.hurt')).toHaveLength(1)
  })

  it('numbers the minutes on its ruler', () => {
    expect(
      tape({ ruler: true })
        .findAll('.number')
        .map((n) => n.text()),
    ).toEqual(['0', '1 min', '2 min'])
    expect(tape({ ruler: true, numbers: false }).findAll('.number')).toHaveLength(0)
  })
})
