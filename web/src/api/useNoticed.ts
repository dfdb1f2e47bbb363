import { readonly, ref, watch, type Ref } from 'vue'

const NOTICED_AFTER = 300

/** True once something has lasted long enough to be noticed. */
export function useNoticed(lasting: Readonly<Ref<boolean>>): Readonly<Ref<boolean>> {
  const noticed = ref(false)
  watch(
    lasting,
    (still, _, onCleanup) => {
      const timer = setTimeout(() => (noticed.value = still), still ? NOTICED_AFTER : 0)
      onCleanup(() => clearTimeout(timer))
    },
    { immediate: true },
  )
  return readonly(noticed)
}
