import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, readonly, ref, shallowRef, watch, type Ref } from 'vue'
import { forgetAsked, keeper, type Query } from './queries'

export interface Asked<T> {
  readonly data: Readonly<Ref<T | undefined>>
  readonly error: Readonly<Ref<Error | undefined>>
  /** True only once it takes long enough to be noticed. */
  readonly slow: Readonly<Ref<boolean>>
  readonly reload: () => Promise<void>
  /** What is known since, from an answer to something else. */
  readonly set: (answer: T) => void
}

const NOTICED_AFTER = 300

/**
 * Asks the server something, again whenever the question changes or what it is about is said to
 * have changed. The newest answer wins; an old one stays until then.
 */
export function useAsked<T>(question: () => Query<T>): Asked<T> {
  const query = computed(question)
  const { data, error, isFetching, refetch } = useQuery(
    computed(() => ({
      queryKey: query.value.key,
      queryFn: () => query.value.ask(),
      gcTime: query.value.heldFor ?? query.value.keptFor,
      staleTime: query.value.keptFor,
      placeholderData: keepPreviousData,
      // An answer is replaced, never changed: nothing has to watch each of its parts.
      shallow: true,
    })),
    keeper,
  )
  // What is known already comes like any other answer: after whoever asks is ready to hear it.
  const heard = shallowRef<T>()
  const hear = () => {
    heard.value = data.value as T | undefined
  }
  watch(data, hear, { flush: 'sync' })
  void Promise.resolve().then(hear)
  const slow = ref(false)
  watch(
    isFetching,
    (fetching, _, onCleanup) => {
      const timer = setTimeout(() => (slow.value = fetching), fetching ? NOTICED_AFTER : 0)
      onCleanup(() => clearTimeout(timer))
    },
    { immediate: true },
  )
  const reload = async () => {
    forgetAsked(query.value.key, true)
    await refetch()
  }
  return {
    data: heard,
    error: computed(() => error.value ?? undefined),
    slow: readonly(slow),
    reload,
    set: (answer) => {
      const onItsWay = isFetching.value
      keeper.setQueryData<unknown>(query.value.key, answer)
      // It may have been asked before this answer, or know of something after it.
      if (onItsWay) void refetch()
    },
  }
}
