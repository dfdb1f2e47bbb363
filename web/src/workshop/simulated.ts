import type { SimulatedHands } from '@/api/types'

/** What simulated hands are called. */
export const SIMULATED_NAME = 'simulated'
const SEEDS = 1_000_000

/** Hands as they usually are, another pair each time. */
export const usualHands = (): SimulatedHands => ({
  evenness: 4,
  tapsAMinute: 300,
  leak: 45,
  seed: Math.floor(Math.random() * SEEDS),
})
