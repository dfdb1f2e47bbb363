import { api } from './calls'
import type { PegView, RoutineView } from './types'

const MINUTE = 60_000

/** What is needed of a session of a day to play it. */
export type Playable = Pick<PegView, 'blockId' | 'lineId' | 'purpose' | 'start' | 'end' | 'why'>

/** How long a session was planned to be, in whole minutes. */
export const minutesOf = (session: { start: string; end: string }): number =>
  Math.max(1, Math.round((Date.parse(session.end) - Date.parse(session.start)) / MINUTE))

/** A session as it would be played, composed as things stand; or why there is none. */
export async function routineOf(
  client: string,
  session: Playable,
): Promise<{ routine: RoutineView | null; why: string }> {
  if (session.purpose === 'WARM_UP' && session.blockId) {
    const { routine, reason } = await api.warmUp(client, session.blockId)
    return { routine, why: reason }
  }
  const { purpose, lineId, why } = session
  return {
    routine: await api.playNow(client, purpose, minutesOf(session), lineId ?? undefined),
    why,
  }
}
