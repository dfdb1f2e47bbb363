import { useEventListener } from '@vueuse/core'
import type { Shift } from '@/api/types'
import { TIGHTER, WHY } from './stageQuestions'
import type { usePlayer } from './usePlayer'

/** What the stage itself does by key, beside what the player does. */
interface Acts {
  readonly toggle: () => void
  readonly hurts: () => void
  readonly turn: () => void
  readonly leave: () => void
}

/**
 * The keys of the stage.
 *
 * @param cover what Escape does while something covers the stage; null if nothing does
 */
export function useStageKeys(
  player: ReturnType<typeof usePlayer>,
  acts: Acts,
  cover: () => (() => void) | null,
) {
  const shift = (to: Shift) => () => void player.shift(to)
  /** What is asked is answered by 1, 2 and 3: why less was done, else which side was tighter. */
  const say = (place: number) => () => {
    const why = WHY[place]?.value
    const tighter = TIGHTER[place]?.value
    if (player.unsaid.value !== null) {
      if (why) player.say(why)
    } else if (tighter) player.questions.sayTighter(tighter)
  }
  const volume = (by: number) => () => player.turnVolume(player.volume.value + by)
  const KEYS: Readonly<Record<string, () => void>> = {
    ' ': acts.toggle,
    arrowright: player.next,
    pagedown: player.next,
    arrowleft: player.back,
    pageup: player.back,
    h: acts.hurts,
    m: player.toggleMute,
    e: shift('EASIER'),
    r: shift('HARDER'),
    d: player.fewer,
    1: say(0),
    2: say(1),
    3: say(2),
    v: acts.turn,
    a: player.again,
    s: player.stay,
    f: player.questions.askFelt,
    '+': volume(0.2),
    '=': volume(0.2),
    '-': volume(-0.2),
    o: player.eased,
    escape: acts.leave,
  }
  /** While one counts, the space bar and a pedal are one more. */
  const COUNTING: Readonly<Record<string, () => void>> = {
    ' ': player.countOne,
    pagedown: player.countOne,
    n: player.notComplete,
    b: player.ownPace.burns,
    p: acts.toggle,
    enter: player.eased,
  }

  useEventListener(document, 'keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const uncover = cover()
    if (uncover) {
      if (event.key === 'Escape') uncover()
      return
    }
    const name = event.key.toLowerCase()
    const counting = player.ownPace.counting.value && player.state.value === 'running'
    const act = (counting ? COUNTING[name] : undefined) ?? KEYS[name]
    if (!act) return
    if (player.state.value === 'ready' && name !== 'escape') return
    event.preventDefault()
    // A key that is held down says that it burns from here.
    if (counting && event.repeat) player.ownPace.burns()
    else act()
  })
}
