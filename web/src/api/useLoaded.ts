import { onScopeDispose, readonly, ref, shallowRef, type Ref } from 'vue'

export interface Loaded<T> {
  readonly data: Readonly<Ref<T | undefined>>
  readonly error: Readonly<Ref<Error | undefined>>
  /** True only once it takes long enough to be noticed. */
  readonly slow: Readonly<Ref<boolean>>
  readonly reload: () => Promise<void>
}

const NOTICED_AFTER = 300

/** Loads something now and again on demand; the newest answer wins, an old one stays until then. */
export function useLoaded<T>(load: () => Promise<T>): Loaded<T> {
  const data = shallowRef<T>()
  const error = shallowRef<Error>()
  const slow = ref(false)
  let latest = 0
  let gone = false

  async function reload() {
    const mine = ++latest
    const timer = setTimeout(() => {
      if (mine === latest) slow.value = true
    }, NOTICED_AFTER)
    try {
      const answer = await load()
      if (mine === latest && !gone) {
        data.value = answer
        error.value = undefined
      }
    } catch (e) {
      if (mine === latest && !gone) error.value = e as Error
    } finally {
      clearTimeout(timer)
      if (mine === latest) slow.value = false
    }
  }

  onScopeDispose(() => {
    gone = true
  })
  void reload()
  return { data, error, slow: readonly(slow), reload }
}
