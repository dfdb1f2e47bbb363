import type { InjectionKey } from 'vue'

/** Loads the list anew after an exercise was written. */
export const RELOAD_LIBRARY: InjectionKey<() => Promise<void>> = Symbol('reload library')
