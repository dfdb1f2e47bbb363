import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { RoutineView, StepView } from '@/api/types'
import { cueForTests } from './cueForTests'
import LeavingPanel from './LeavingPanel.vue'
import StageKey from './StageKey.vue'
import StageKeys from './StageKeys.vue'
import StageQuestion from './StageQuestion.vue'
import StageReady from './StageReady.vue'
import { TIGHTER, WHY } from './stageQuestions'
import StageWords from './StageWords.vue'

const step = {
  title: 'Curl',
  kind: 'STRENGTHEN',
  setUp: 'Forearm on the table.',
  lengthMillis: 90_000,
  figure: { view: 'SIDE', poses: ['FLAT'], places: [], worked: [], prop: 'NONE' },
} as unknown as StepView
const words = (cue: Parameters<typeof cueForTests>[0], more: object = {}) =>
  mount(StageWords, {
    props: {
      step,
      following: { ...step, title: 'Shake out', lengthMillis: 20_000 },
      lastWords: 'Last step, then practice',
      number: 2,
      total: 5,
      cue: cueForTests({ text: 'Slowly down', ...cue }),
      sideWord: 'Right hand',
      count: { number: 12, word: 's' },
      progress: 0.25,
      counting: false,
      ...more,
    },
  })

describe('the words of the stage', () => {
  it('say what, which side, how much is left and what comes next', () => {
    const stage = words({})
    expect(stage.find('.kind').text()).toContain('step 2 of 5')
    expect(stage.find('h1').text()).toBe('Curl')
    expect(stage.find('.cue').text()).toBe('Slowly down')
    expect(stage.find('.side').text()).toBe('Right hand')
    expect(stage.find('[data-count]').text()).toBe('12')
    expect(stage.find('.next').text()).toContain('Next Shake out, 20\u00a0s')
  })

  it('say how to set up before the first cue of a step', () => {
    expect(words({ phase: 'SET_UP' }).find('.cue').text()).toBe('Forearm on the table.')
  })

  it('count sets where there is more than one, and name the unit at work', () => {
    const stage = words({ set: 2, sets: 3, unit: 'index' })
    expect(stage.find('.count').text()).toContain('set 2 of 3')
    expect(stage.find('.unit').text()).toBe('index')
    expect(words({}).find('.count').text()).not.toContain('set')
  })

  it('show the breath as a fan that opens and closes', () => {
    expect(words({ breath: 'IN' }).findComponent({ name: 'BreathFan' }).props('open')).toBe(0.25)
    expect(words({ breath: 'OUT' }).findComponent({ name: 'BreathFan' }).props('open')).toBe(0.75)
    expect(words({ breath: 'FREE' }).findComponent({ name: 'BreathFan' }).exists()).toBe(false)
  })

  it('show notes within a beat, else the beats', () => {
    const notes = words({ notes: 4, beat: 2, beats: 8 }).findComponent({ name: 'BeatRow' })
    expect([notes.props('beat'), notes.props('beats'), notes.props('what')]).toEqual([2, 4, 'Note'])
    const beats = words({ beat: 2, beats: 8 }).findComponent({ name: 'BeatRow' })
    expect([beats.props('beat'), beats.props('beats')]).toEqual([2, 8])
    expect(words({ beats: 1 }).findComponent({ name: 'BeatRow' }).exists()).toBe(false)
  })

  it('say what follows the last step', () => {
    expect(words({}, { following: undefined }).find('.next').text()).toBe(
      'Last step, then practice',
    )
  })
})

describe('the keys of the stage', () => {
  const keys = (changes: object = {}) =>
    mount(StageKeys, {
      props: {
        running: true,
        muted: false,
        facing: false,
        mayEase: false,
        counting: false,
        volume: 1,
        asksFelt: false,
        felt: false,
        stayed: null,
        stays: false,
        speaks: null,
        cue: cueForTests({ phase: 'HOLD' }),
        ...changes,
      },
    })

  it('name what each does now, with its key', () => {
    expect(
      keys()
        .findAll('button')
        .map((b) => b.text()),
    ).toEqual([
      'Pause Space',
      'Back ←',
      'Next →',
      'Again A',
      'It hurts H',
      'Mute M',
      'Facing V',
      'Leave Esc',
    ])
    expect(
      keys({ running: false, muted: true, facing: true, mayEase: true })
        .findAll('button')
        .map((b) => b.find('kbd').exists() && b.text().split(' ').slice(0, -1).join(' ')),
    ).toEqual([
      'Go on',
      'Back',
      'Next',
      'Again',
      'It has eased',
      'It hurts',
      'Sound',
      'Own eyes',
      'Leave',
    ])
  })

  it('say what they stand for', async () => {
    const wrapper = keys({ mayEase: true, asksFelt: true, stayed: 5000, stays: true })
    expect(wrapper.text()).toContain('Staying 0:05')
    for (const button of wrapper.findAll('button')) await button.trigger('click')
    await wrapper.find('[type=range]').setValue('0.4')
    expect(wrapper.emitted('volume')).toEqual([[0.4]])
    expect(
      Object.keys(wrapper.emitted()).filter(
        (name) => !['click', 'input', 'change', 'volume'].includes(name),
      ),
    ).toEqual([
      'toggle',
      'back',
      'next',
      'again',
      'stay',
      'felt',
      'eased',
      'hurts',
      'mute',
      'turn',
      'leave',
    ])
  })

  it('have no key beside them where none does it', () => {
    expect(
      mount(StageKey, { props: { word: 'Leave' } })
        .find('kbd')
        .exists(),
    ).toBe(false)
  })
})

describe('before the first cue', () => {
  const routine = (changes: object = {}): RoutineView =>
    ({
      title: 'Warm-up before practice',
      blockId: null,
      lengthMillis: 540_000,
      steps: [step, step],
      cues: [cueForTests({})],
      haveReady: ['a towel', 'a pencil'],
      reminder: '',
      leftOut: [{ exerciseId: 'x', reason: 'Waits for a clinician.' }],
      safety: { stopRules: ['Stop with sharp pain.'], notes: [] },
      ...changes,
    }) as unknown as RoutineView
  const ready = (view: RoutineView) =>
    mount(StageReady, { props: { routine: view }, global: { stubs: { ExerciseFigure: true } } })

  it('it says how long, what to have ready, and when to stop', async () => {
    const stage = ready(routine())
    expect(stage.text()).toContain('9\u00a0min, 2 steps.')
    expect(stage.text()).toContain('A towel, a pencil')
    expect(stage.text()).toContain('Stop with sharp pain.')
    for (const button of stage.findAll('button')) await button.trigger('click')
    expect([stage.emitted('start')?.length, stage.emitted('leave')?.length]).toEqual([1, 1])
  })

  it('what safety took out of a stored routine is named, of a composed one it is not', () => {
    expect(ready(routine()).text()).toContain('Waits for a clinician.')
    expect(ready(routine({ blockId: 'b' })).text()).not.toContain('Left out for safety')
  })

  it('the point of the set-up that rides along stands there', () => {
    expect(ready(routine({ reminder: 'Elbow free.' })).text()).toContain('Elbow free.')
    expect(ready(routine({ haveReady: [] })).text()).toContain('Nothing but your hands')
  })
})

describe('what is asked by the way', () => {
  it('is answered by one touch, each answer with its key', async () => {
    const asked = mount(StageQuestion, {
      props: { label: 'Why less of Curl', asks: 'Less of Curl, because', choices: WHY },
    })
    expect(asked.findAll('button').map((b) => b.text())).toEqual([
      'no time 1',
      'too much 2',
      'it hurt 3',
    ])
    await asked.findAll('button')[1]?.trigger('click')
    expect(asked.emitted('say')).toEqual([['COULD_NOT']])
    expect(TIGHTER.map((choice) => choice.value)).toEqual(['LEFT', 'SAME', 'RIGHT'])
  })
})

describe('leaving in the middle', () => {
  it('is asked, and what is done is kept', async () => {
    const panel = mount(LeavingPanel)
    expect(panel.attributes('aria-modal')).toBe('true')
    expect(panel.text()).toContain('What is done is kept.')
    for (const button of panel.findAll('button')) await button.trigger('click')
    expect(panel.emitted('stay')).toHaveLength(1)
    expect(panel.emitted('leave')).toEqual([['NO_TIME'], ['COULD_NOT'], ['HURT']])
  })

  it('takes the focus from whatever has it, to go on', async () => {
    const key = document.createElement('button')
    document.body.append(key)
    key.focus()
    const panel = mount(LeavingPanel, { attachTo: document.body })
    await flushPromises()
    expect(document.activeElement?.textContent).toContain('Go on')
    panel.unmount()
    key.remove()
  })
})
