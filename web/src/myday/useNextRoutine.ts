import { computed, type Ref } from 'vue'
import { ServerAway, sentenceOf } from '@/api/client'
import { minutesOf, routineOf } from '@/api/planned'
import { queries } from '@/api/queries'
import type { MyDayView } from '@/api/types'
import { useAsked } from '@/api/useAsked'

/** The way to the player for a session of a day. */
export const playerOf = (
  clientId: string,
  session: {
    blockId: string | null
    lineId: string | null
    purpose: string
    start: string
    end: string
  },
): string =>
  session.purpose === 'WARM_UP' && session.blockId
    ? `/player/${clientId}/${session.blockId}`
    : `/player/${clientId}/now/${session.purpose}/${minutesOf(session)}` +
      (session.lineId ? `?line=${encodeURIComponent(session.lineId)}` : '')

/**
 * What would be played next, composed as things stand; asked again whenever something about the
 * person changes. What is on the screen stays good while the server is away.
 */
export function useNextRoutine(day: Readonly<Ref<MyDayView | undefined>>) {
  const next = computed(() => day.value?.next ?? null)
  const asked = useAsked(() => {
    const client = day.value?.clientId ?? ''
    const session = next.value
    return queries.own(
      ['client', client, 'next', session?.blockId, session?.purpose, session?.start],
      () => (session ? routineOf(client, session) : Promise.resolve({ routine: null, why: '' })),
    )
  })
  return {
    next,
    routine: computed(() => (next.value ? (asked.data.value?.routine ?? null) : null)),
    why: computed(() => {
      const error = asked.error.value
      return error && !(error instanceof ServerAway)
        ? sentenceOf(error)
        : (asked.data.value?.why ?? '')
    }),
  }
}
