import { onScopeDispose, ref, type Ref } from 'vue'

/** The present moment in milliseconds, renewed at an interval. */
export function useNow(interval = 1000): Readonly<Ref<number>> {
  const now = ref(Date.now())
  const timer = setInterval(() => {
    now.value = Date.now()
  }, interval)
  onScopeDispose(() => clearInterval(timer))
  return now
}
