import { ref, shallowRef } from 'vue'
import { ServerProblem, type FieldProblem } from './client'

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
      message.value = problems.value[0]?.message ?? (e as Error).message
      return false
    } finally {
      busy.value = false
    }
  }
  return { busy, message, problems, attempt }
}
