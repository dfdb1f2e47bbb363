import type { Draft } from '@/api/types'

/** A routine of which nothing is said yet. */
export const emptyDraft = (): Draft => ({
  clientId: null,
  activityId: null,
  discipline: null,
  purpose: 'WARM_UP',
  budgetSeconds: 480,
  warmed: null,
  minutesToPlay: null,
  theme: null,
  steps: [],
})
