import { ref } from 'vue'
import type { PainForm, TestFrame } from '@/api/types'

/** How a test ended, and what hurt in it. */
export function useTestEnd(times: () => { beganAt: string; endedAt: string }) {
  const testId = ref(crypto.randomUUID() as string)
  const before = ref<PainForm[] | null>(null)
  const hurts = ref<PainForm[]>([])
  /** The test as a session is kept of it. */
  const frame = (ending: TestFrame['ending']): TestFrame => ({
    testId: testId.value,
    ...times(),
    ending,
    hurts: hurts.value,
    before: before.value,
  })
  /** Another test begins. */
  const anew = () => {
    testId.value = crypto.randomUUID()
    hurts.value = []
  }
  return { before, hurts, frame, anew }
}
