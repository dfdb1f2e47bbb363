import { useEventListener } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'
import { useAttempt } from '@/api/useAttempt'
import type { PainForm, TestFrame } from '@/api/types'

/** A test as it runs, whatever is done in it. */
export interface TestRun {
  readonly state: Ref<string>
  readonly isOn: () => boolean
  readonly start: () => unknown
  readonly leave: () => void
  readonly times: () => { beganAt: string; endedAt: string }
}
export interface TestActs {
  /** Keeps it; answers whether something was measured. */
  readonly keep: (frame: TestFrame) => Promise<boolean>
  readonly measured: (test: string) => void
  readonly leave: () => void
}

/**
 * How a test begins, ends and is kept: as a session however it ends, so that nothing is lost that
 * was said of pain; measured only if it was done to its end.
 */
export function useTest(run: TestRun, acts: TestActs) {
  const testId = ref<string>(crypto.randomUUID())
  const before = ref<PainForm[] | null>(null)
  const hurts = ref<PainForm[]>([])
  const ending = ref<TestFrame['ending']>('DONE')
  const hurting = ref(false)
  const { message, attempt } = useAttempt()

  function keep(how: TestFrame['ending'] = ending.value): Promise<boolean> {
    ending.value = how
    const frame: TestFrame = {
      testId: testId.value,
      ...run.times(),
      ending: how,
      hurts: hurts.value,
      before: before.value,
    }
    return attempt(async () => {
      if (await acts.keep(frame)) acts.measured(frame.testId)
    })
  }
  watch(run.state, (to) => {
    if (to === 'done') void keep('DONE')
    else if (to === 'void') void keep('LEFT')
  })
  function begin(painBefore: PainForm[] | null) {
    before.value = painBefore
    run.start()
  }
  function again() {
    testId.value = crypto.randomUUID()
    hurts.value = []
    message.value = ''
    run.start()
  }
  function hurt() {
    if (!run.isOn()) return
    run.leave()
    hurting.value = true
  }
  /** What hurts was said, or nothing was after all: either way the test is over. */
  function end(pain: PainForm | null = null, forSafety = false) {
    hurting.value = false
    if (pain) hurts.value.push(pain)
    void keep(forSafety ? 'STOPPED' : 'LEFT')
  }
  async function leave() {
    if (run.isOn()) {
      run.leave()
      if (!(await keep('LEFT'))) return
    }
    acts.leave()
  }
  const KEYS: Readonly<Record<string, () => unknown>> = { ' ': hurt, Home: again, Escape: leave }
  useEventListener(document, 'keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || hurting.value) return
    if (run.state.value === 'ready' && event.key !== 'Escape') return
    const act = KEYS[event.key]
    if (!act) return
    event.preventDefault()
    void act()
  })
  return { state: run.state, message, ending, hurting, begin, again, hurt, end, leave, keep }
}
