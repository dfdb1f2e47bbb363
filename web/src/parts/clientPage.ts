import { inject, type InjectionKey, type Ref } from 'vue'
import type { ClientView, DayView, PainView } from '@/api/types'
import type { Asked } from '@/api/useAsked'

/** What the page of a client shares with its tabs. */
export interface ClientPage {
  readonly client: Asked<ClientView>
  readonly day: Asked<DayView>
  readonly pains: Asked<PainView[]>
  readonly reloadAll: () => Promise<void>
  readonly chosenBlock: Ref<string | null>
}

export const CLIENT_PAGE: InjectionKey<ClientPage> = Symbol('client page')

export function useClientPage(): ClientPage {
  const page = inject(CLIENT_PAGE)
  if (!page) throw new Error('a tab stands inside the page of a client')
  return page
}
