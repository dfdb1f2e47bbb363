import type { Cue } from '@/api/types'
import type { Keyframe } from './keyframes'

/** What a figure shows at a moment. */
export interface Motion {
  readonly from: Keyframe
  readonly to: Keyframe
  readonly t: number
  readonly moving: boolean
}

/** Free work goes to and fro at a quiet pace of its own. */
const LOOP = 2600

const ease = (t: number) => t * t * (3 - 2 * t)

/** Work without poses of its own in the cue moves through the keyframes; all else follows the cue. */
export function motionAt(cue: Cue, sinceStart: number, poses: readonly Keyframe[]): Motion {
  const free =
    cue.repetition > 0 &&
    cue.beats === 0 &&
    cue.breath === 'FREE' &&
    (cue.phase === 'MOVE' || cue.phase === 'PLAY') &&
    cue.durationMillis > 2000
  const pausing = free || (cue.phase === 'MOVE' && cue.from === cue.to && cue.durationMillis > 2000)
  if (pausing && poses.length > 1) {
    const at = ((sinceStart % LOOP) / LOOP) * poses.length
    const i = Math.floor(at) % poses.length
    const from = poses[i] as Keyframe
    const to = poses[(i + 1) % poses.length] as Keyframe
    return { from, to, t: ease(at - Math.floor(at)), moving: true }
  }
  const progress = Math.min(1, Math.max(0, sinceStart / cue.durationMillis))
  return {
    from: cue.from,
    to: cue.to,
    t: ease(progress),
    moving: cue.from !== cue.to && progress < 1,
  }
}

/** The part of a dose that is worth looking at over and over: one side, at most so long. */
const LONGEST = 60_000
export function loopOf(cues: readonly Cue[]): readonly Cue[] {
  const worked = cues.filter((c) => c.repetition > 0 && c.phase !== 'REST')
  const first = worked[0]
  if (!first) return cues
  let length = 0
  const loop: Cue[] = []
  for (const cue of worked) {
    if (cue.sides !== first.sides || cue.set > 1 || length > LONGEST) break
    loop.push(cue)
    length += cue.durationMillis
  }
  return loop
}
