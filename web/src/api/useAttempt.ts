import { ref, shallowRef } from 'vue'
import { sentenceOf, ServerProblem, type FieldProblem } from './client'

/** Something the server is asked to do: whether it is at it, and what it said against it. */
export function useAttempt() {
  const busy = ref(false)
  const message = ref('')
  const problems = shallowRef<readonly FieldProblem[]>([])

  async function attempt(work: () => Promise<void>): Promise<boolean> {
    busy.value = true
    message.value = ''
    problems.value = []
    try {
      await work()
      return true
    } catch (e) {
      if (e instanceof ServerProblem) problems.value = e.errors
      message.value = sentenceOf(e)
      return false
    } finally {
      busy.value = false
    }
  }
  return { busy, message, problems, attempt }
}
