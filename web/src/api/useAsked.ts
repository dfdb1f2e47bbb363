import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, shallowRef, watch, type Ref } from 'vue'
import { surroundingPlace } from './place'
import { forgetAsked, keeper, type Query } from './queries'
import { useNoticed } from './useNoticed'

export interface Asked<T> {
  readonly data: Readonly<Ref<T | undefined>>
  readonly error: Readonly<Ref<Error | undefined>>
  /** True only once it takes long enough to be noticed. */
  readonly slow: Readonly<Ref<boolean>>
  readonly reload: () => Promise<void>
  /** What is known since, from an answer to something else. */
  readonly set: (answer: T) => void
}

/**
 * Asks the server something, again whenever the question changes or what it is about is said to
 * have changed. The newest answer wins; an old one stays until then.
 */
export function useAsked<T>(question: () => Query<T>): Asked<T> {
  const query = computed(question)
  const { data, error, isFetching, isPlaceholderData, refetch } = useQuery(
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
  surroundingPlace()?.waitFor(
    computed(() => isFetching.value && (heard.value === undefined || isPlaceholderData.value)),
  )
  const reload = async () => {
    forgetAsked(query.value.key, true)
    await refetch()
  }
  return {
    data: heard,
    error: computed(() => error.value ?? undefined),
    slow: useNoticed(isFetching),
    reload,
    set: (answer) => {
      const onItsWay = isFetching.value
      keeper.setQueryData<unknown>(query.value.key, answer)
      // It may have been asked before this answer, or know of something after it.
      if (onItsWay) void refetch()
    },
  }
}
