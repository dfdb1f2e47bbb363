import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { api } from '@/api/calls'
import type { MorningView } from '@/api/types'
import MorningQuestion from './MorningQuestion.vue'

const asked: MorningView = {
  date: '2026-11-28',
  asked: true,
  answered: false,
  sessions: 'strength',
  yesterday: [{ side: 'LEFT', region: 'RING_FINGER', level: 3, sensation: 'ACHE' }],
  endingPain: 7,
}
const stubs = {
  BButton: {
    props: ['disabled'],
    template: '<button :disabled="disabled"><slot /></button>',
  },
}
async function open(morning: MorningView, client: string) {
  vi.spyOn(api, 'morning').mockResolvedValue(morning)
  vi.spyOn(api, 'morningConsequence').mockImplementation((_, pains) =>
    Promise.resolve(
      pains.length
        ? [
            {
              date: '2026-11-27',
              exerciseId: 'halt',
              title: 'Fingers up, halt',
              kind: 'STRETCH',
              sides: ['LEFT'],
              effect: 'DOWN',
              sentence: 'Down from 20 s to 15 s: pain 4 the next morning.',
            },
          ]
        : [],
    ),
  )
  const question = mount(MorningQuestion, { props: { clientId: client }, global: { stubs } })
  await flushPromises()
  return question
}

describe('the question of a morning', () => {
  it('is one touch when nothing hurts', async () => {
    const answer = vi.spyOn(api, 'answerMorning').mockResolvedValue(undefined as never)
    const question = await open(asked, 'a')
    expect(question.text()).toContain("after yesterday's strength")
    expect(question.find('.consequence').text()).toBe('With that, every dose stays as it is.')
    await question.findAll('.answers button')[0]?.trigger('click')
    await flushPromises()
    expect(answer).toHaveBeenCalledWith('a', [])
    expect(question.emitted('answered')).toHaveLength(1)
  })

  it('begins at what hurt yesterday where the same place is touched', async () => {
    const answer = vi.spyOn(api, 'answerMorning').mockResolvedValue(undefined as never)
    const question = await open(asked, 'b')
    await question.find('[aria-label^="Left ring finger"]').trigger('click')
    expect(question.text()).toContain('worst yesterday 3')
    await flushPromises()
    expect(question.find('.consequence').text()).toContain('Down from 20 s to 15 s')
    await question.findAll('[aria-label="Pain, 0 to 10"] [role=radio]')[2]?.trigger('click')
    await question.findAll('.answers button')[1]?.trigger('click')
    await flushPromises()
    expect(answer).toHaveBeenLastCalledWith('b', [
      { side: 'LEFT', region: 'RING_FINGER', level: 2, sensation: 'ACHE' },
    ])
  })

  it('is not there when there is nothing to ask', async () => {
    expect((await open({ ...asked, asked: false }, 'c')).find('section').exists()).toBe(false)
  })
})
