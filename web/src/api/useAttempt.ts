import { ref, shallowRef } from 'vue'
import { sentenceOf, ServerProblem, type FieldProblem } from './client'

/**
 * Something the server is asked to do: whether it is at it, and what it said against it. What is
 * asked for quickly after another is done after it, on what that left.
 */
export function useAttempt() {
  const busy = ref(false)
  const message = ref('')
  const problems = shallowRef<readonly FieldProblem[]>([])
  let last: Promise<unknown> | undefined

  async function run(work: () => Promise<void>): Promise<boolean> {
    message.value = ''
    problems.value = []
    try {
      await work()
      return true
    } catch (e) {
      if (e instanceof ServerProblem) problems.value = e.errors
      message.value = sentenceOf(e)
      return false
    }
  }
  async function attempt(work: () => Promise<void>): Promise<boolean> {
    busy.value = true
    const mine = last ? last.then(() => run(work)) : run(work)
    last = mine
    const well = await mine
    if (last === mine) {
      last = undefined
      busy.value = false
    }
    return well
  }
  return { busy, message, problems, attempt }
}
