import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '@/api/calls'
import type { HandLine, HandView, LinesView, StepDraft } from '@/api/types'
import HandPage from './HandPage.vue'
import LinesPanel from './LinesPanel.vue'
import { emptyDraft } from '@/parts/emptyDraft'

const stubs = {
  BButton: { template: '<button type="button"><slot /></button>' },
  RouterLink: { props: ['to'], template: '<a><slot /></a>' },
}
const step = (exerciseId: string): StepDraft => ({
  key: exerciseId,
  exerciseId,
  exerciseVersion: 0,
  dose: '30 s',
  typed: null,
  position: 'SIT',
  firstSide: 'LEFT',
  released: true,
  pinned: false,
  circuit: null,
})
const rubRead: LinesView['lines'][number] = {
  title: 'Palm rub',
  kind: 'HEAT',
  doseWords: '30 s',
  millis: 33_000,
  wrong: null,
  near: [],
}

describe('a routine in lines', () => {
  let read: ReturnType<typeof vi.spyOn>
  beforeEach(() => {
    sessionStorage.clear()
    vi.spyOn(api, 'linesOf').mockResolvedValue({ text: 'Palm rub: 30 s\n' })
    read = vi.spyOn(api, 'readLines').mockResolvedValue({
      lines: [rubRead],
      steps: [step('palm-rub')],
      lengthMillis: 33_000,
    })
  })
  const open = (steps: StepDraft[]) =>
    mount(LinesPanel, {
      props: { draft: { ...emptyDraft(), steps } },
      global: { stubs },
    })

  it('begins with what lies on the bench and changes nothing by being opened', async () => {
    const panel = open([step('palm-rub')])
    await vi.waitFor(() => expect(panel.text()).toContain('Palm rub'))
    expect(panel.find('textarea').element.value).toBe('Palm rub: 30 s\n')
    expect(panel.emitted('say')).toBeUndefined()
  })

  it('says what is read, keeps what is not, and takes a name that is offered', async () => {
    const panel = open([step('palm-rub')])
    await vi.waitFor(() => expect(panel.text()).toContain('Palm rub'))
    read.mockResolvedValue({
      lines: [
        rubRead,
        {
          title: '',
          kind: null,
          doseWords: '',
          millis: 40_000,
          wrong: 'not in the library',
          near: [{ title: 'Wrist circles', line: 'Wrist circles: 40 s' }],
        },
      ],
      steps: [step('palm-rub'), step('shake-out')],
      lengthMillis: 73_000,
    })
    await panel.find('textarea').setValue('Palm rub: 30 s\nwrist waves 40 s')
    await vi.waitFor(() => expect(panel.text()).toContain('not in the library'))
    expect(panel.text()).toContain('1 line not read yet')
    expect(panel.get('[role=status]').text()).toContain('Line 2: not in the library.')
    expect(panel.emitted('say')?.at(-1)).toEqual([[step('palm-rub'), step('shake-out')]])
    await panel
      .findAll('button')
      .find((b) => b.text() === 'Wrist circles')
      ?.trigger('click')
    expect(panel.find('textarea').element.value).toBe('Palm rub: 30 s\nWrist circles: 40 s\n')
    const again = open([step('palm-rub'), step('shake-out')])
    await vi.waitFor(() => expect(again.find('textarea').element.value).toContain('wrist waves'))
  })
})

describe('the hand of a coach', () => {
  const line: HandView['lines'][number] = {
    purpose: 'RECOVERY',
    exerciseId: 'palm-rub',
    title: 'Palm rub',
    kind: 'HEAT',
    percent: 170,
    words: 'kept in 6 routines',
    byHand: false,
  }
  const hand = (changes: Partial<HandView> = {}): HandView => ({
    on: true,
    least: 60,
    greatest: 170,
    lines: [line],
    ...changes,
  })
  const key = (page: ReturnType<typeof mount>, label: string) =>
    page.find(`[aria-label="${label}"]`)

  it('shows each number with what it came from, sets it and leaves it again', async () => {
    vi.spyOn(api, 'hand').mockResolvedValue(hand())
    const set = vi
      .spyOn(api, 'setHand')
      .mockResolvedValue(hand({ lines: [{ ...line, percent: 160, byHand: true }] }))
    const page = mount(HandPage, { global: { stubs } })
    await vi.waitFor(() => expect(page.text()).toContain('kept in 6 routines'))
    await key(page, 'Less of Palm rub').trigger('click')
    expect(set).toHaveBeenLastCalledWith('RECOVERY', 'palm-rub', 160)
    await vi.waitFor(() => expect(page.text()).toContain('160 %'))
    await key(page, 'Leave Palm rub to what is seen').trigger('click')
    expect(set).toHaveBeenLastCalledWith('RECOVERY', 'palm-rub', null)
  })

  it('moves the same line again when its key is pressed again before an answer', async () => {
    const other: HandLine = { ...line, exerciseId: 'sweep', title: 'Sweep', percent: 110 }
    const answers = [100, 110].map((percent) => ({ ...other, percent: percent + 20 }))
    vi.spyOn(api, 'hand').mockResolvedValue(hand({ lines: [{ ...line, percent: 120 }, other] }))
    const set = vi.spyOn(api, 'setHand')
    // What counts more comes first in each answer.
    for (const answer of answers)
      set.mockResolvedValueOnce(hand({ lines: [answer, { ...line, percent: 120 }] }))
    const page = mount(HandPage, { global: { stubs } })
    await vi.waitFor(() => expect(page.text()).toContain('Sweep'))
    const titles = () => page.findAll('li b').map((title) => title.text())
    await key(page, 'More of Sweep').trigger('click')
    await key(page, 'More of Sweep').trigger('click')
    await vi.waitFor(() => expect(page.text()).toContain('130 %'))
    expect(set.mock.calls.slice(-2).map((call) => call[2])).toEqual([120, 130])
    expect(titles()).toEqual(['Palm rub', 'Sweep'])
  })

  it('is switched off', async () => {
    vi.spyOn(api, 'hand').mockResolvedValue(hand({ lines: [] }))
    const off = vi.spyOn(api, 'switchHand').mockResolvedValue(hand({ on: false, lines: [] }))
    const page = mount(HandPage, { global: { stubs } })
    await vi.waitFor(() => expect(page.text()).toContain('Nothing is seen yet'))
    await page.find('input[type=checkbox]').trigger('change')
    expect(off).toHaveBeenCalledWith(false)
    await vi.waitFor(() => expect(page.text()).toContain('switched off'))
  })
})
