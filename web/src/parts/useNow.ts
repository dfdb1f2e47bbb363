import { useIntervalFn } from '@vueuse/core'
import { ref, type Ref } from 'vue'

/** The present moment in milliseconds, renewed at an interval. */
export function useNow(interval = 1000): Readonly<Ref<number>> {
  const now = ref(Date.now())
  useIntervalFn(() => {
    now.value = Date.now()
  }, interval)
  return now
}
