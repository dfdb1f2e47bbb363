import { ref } from 'vue'
import { ServerProblem, type FieldProblem } from '@/api/client'

/** Sends a form once at a time and keeps what the server said of it. */
export function useSending() {
  const busy = ref(false)
  const message = ref('')
  const problems = ref<readonly FieldProblem[]>([])

  /** Whether it was taken. */
  async function send(what: () => Promise<unknown>): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    message.value = ''
    problems.value = []
    try {
      await what()
      return true
    } catch (e) {
      problems.value = e instanceof ServerProblem ? e.errors : []
      // What is wrong with a field stands beside it; a link has no field.
      message.value = problems.value.length
        ? (problems.value.find((problem) => problem.field === 'token')?.message ?? '')
        : (e as Error).message
      return false
    } finally {
      busy.value = false
    }
  }
  return { busy, message, problems, send }
}
