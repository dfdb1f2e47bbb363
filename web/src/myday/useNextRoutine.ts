import { computed, type Ref } from 'vue'
import { api } from '@/api/calls'
import { ServerAway, sentenceOf } from '@/api/client'
import { queries } from '@/api/queries'
import type { MyDayView, RoutineView } from '@/api/types'
import { useAsked } from '@/api/useAsked'

const MINUTE = 60_000

/** How long a session was planned to be, in whole minutes. */
export const minutesOf = (session: { start: string; end: string }): number =>
  Math.max(1, Math.round((Date.parse(session.end) - Date.parse(session.start)) / MINUTE))

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
      async (): Promise<{ routine: RoutineView | null; why: string }> => {
        if (!session) return { routine: null, why: '' }
        if (session.purpose === 'WARM_UP' && session.blockId) {
          const { routine, reason } = await api.warmUp(client, session.blockId)
          return { routine, why: reason }
        }
        return {
          routine: await api.playNow(
            client,
            session.purpose,
            minutesOf(session),
            session.lineId ?? undefined,
          ),
          why: session.why,
        }
      },
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
