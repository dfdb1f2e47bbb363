import { onMounted, type Ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import type { StoredRoutine } from '@/api/types'
import { emptyDraft } from '@/parts/emptyDraft'
import { emptyWork, type BenchState } from './useBench'

/** The address says what is brought along to the bench: a client, a routine or an exercise. */
export function useArrival(
  bench: BenchState,
  chosen: Ref<string | null>,
  open: (stored: StoredRoutine) => void,
  attempt: <T>(what: () => Promise<T>) => Promise<T | null>,
) {
  const route = useRoute()
  const router = useRouter()
  const { draft } = bench

  onMounted(async () => {
    const { client: clientId, routine, exercise } = route.query
    if (typeof routine === 'string') {
      const stored = await attempt(() => api.routine(routine))
      if (stored) open(stored)
    } else if (typeof clientId === 'string' && clientId !== draft.value.clientId) {
      bench.replace({ ...emptyWork(), draft: { ...emptyDraft(), clientId } })
    }
    if (typeof exercise === 'string') {
      chosen.value = bench.add({
        key: '',
        exerciseId: exercise,
        exerciseVersion: Number(route.query.version ?? 0),
        dose: '',
        typed: null,
        position: 'SIT',
        firstSide: 'LEFT',
        released: true,
        pinned: false,
        circuit: null,
      })
    }
    if (Object.keys(route.query).length) await router.replace('/bench')
  })
}
