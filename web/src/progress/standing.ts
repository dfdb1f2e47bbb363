import type { LadderView, SideView } from '@/api/types'

/** How a ladder stands, in a few words and a tone. */
export interface Standing {
  readonly words: string
  readonly tone: 'ready' | 'warn' | 'stop' | 'quiet'
}

const sideWords = (ladder: LadderView, sides: readonly SideView[]) =>
  sides.length === ladder.sides.length
    ? ''
    : `${sides.map((s) => s.side.toLowerCase()).join(', ')} `

/** The most pressing thing about a ladder; what the server has said, only put in order. */
export function standing(ladder: LadderView): Standing {
  const of = (test: (side: SideView) => boolean) => ladder.sides.filter(test)
  const say = (sides: readonly SideView[], words: string) => `${sideWords(ladder, sides)}${words}`
  const stopped = of((s) => s.stopped)
  if (stopped.length) return { words: say(stopped, 'stopped'), tone: 'stop' }
  if (ladder.sides.some((s) => s.paused)) return { words: 'paused', tone: 'stop' }
  const lowered = of((s) => s.lowered)
  if (lowered.length) return { words: say(lowered, 'at a share of the easiest'), tone: 'warn' }
  const stuck = of((s) => s.stuck)
  if (stuck.length) return { words: say(stuck, 'held for long'), tone: 'warn' }
  const told = of((s) => s.word === 'PIN' || s.word === 'HOLD')
  if (told.length)
    return { words: say(told, told[0]?.word === 'PIN' ? 'pinned' : 'held by you'), tone: 'quiet' }
  const held = of((s) => s.held)
  if (held.length) return { words: say(held, 'held'), tone: 'warn' }
  const ready = of((s) => s.ready)
  if (ready.length) return { words: say(ready, 'ready to step up'), tone: 'ready' }
  const side = ladder.sides[0]
  return side && side.rung < ladder.rungs.length - 1
    ? { words: `${Math.min(side.streak, side.need)} of ${side.need}`, tone: 'quiet' }
    : { words: 'at the top', tone: 'quiet' }
}
