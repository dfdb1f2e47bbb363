import { watch, type Ref } from 'vue'
import type { RoundDrillView, SimulatedDrill, SimulatedHands, SimulatedTap } from '@/api/types'
import { SIMULATED_NAME } from './simulated'
import { simulatedInput } from './tapInput'
import type { RoundKeys, useRound } from './useRound'

/** Simulated hands do the drills of a round, each as it comes. */
export function useSimulatedRound(
  round: ReturnType<typeof useRound>,
  hands: Ref<SimulatedHands | null>,
  can: RoundKeys['can'],
  played: (drill: SimulatedDrill, hands: SimulatedHands) => Promise<readonly SimulatedTap[]>,
) {
  const as = (drill: RoundDrillView): SimulatedDrill => ({
    pattern: drill.drill.pattern,
    hand: drill.drill.hand,
    aMinute: round.aMinute.value,
    changes: drill.changes,
  })
  watch([hands, round.state, round.place, round.aMinute], async (_now, _before, clean) => {
    let over = false
    let stop = () => {
      over = true
    }
    clean(() => stop())
    const drill = round.now.value
    if (!hands.value || round.state.value !== 'running' || !drill || !can(drill)) return
    const taps = await played(as(drill), hands.value)
    if (over) return
    const input = simulatedInput(taps, SIMULATED_NAME)
    stop = input.listen({ press: round.press, release: () => undefined })
    input.begin?.(round.firstChangeAt())
  })
}
