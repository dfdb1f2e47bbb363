import { computed } from 'vue'
import { bodySilhouette } from './body/figure'
import { handDrawing, qualityFor, wholly } from './figures'
import { isBody, isHand } from './keyframes'
import { HELPED_FROM, type ShownFigure } from './shown'
import type { Figure } from './useFigure'
import type { Point } from './vector'

/** What stands dotted behind a figure: where it began, and the common wrong form; where it holds, a pulse. */
export function useGhosts(props: ShownFigure, figure: Figure) {
  const { first, last, view, isSide, both, hands, bodyView, otherSide, body, pulled } = figure

  /** The dotted start pose behind a figure that has gone elsewhere. */
  const ghost = computed(() => {
    const hand = hands.value[0]
    const start = props.poses[0]
    const wanted = pulled.value || props.arrow === 'MOVE'
    const there = first.value === start && (last.value === start || props.progress === 0)
    if (!hand || both.value || !start || !isHand(start) || !wanted || props.height <= HELPED_FROM)
      return null
    if (there) return null
    return {
      path: handDrawing(
        start,
        start,
        0,
        view.value,
        hand.left,
        wholly([]),
        qualityFor(props.height, true),
      ).silhouette(),
      left: hand.left,
      fade: hand.drawing.fade,
    }
  })

  /** The dotted start pose behind a body that has gone elsewhere. */
  const bodyGhost = computed(() => {
    const start = props.poses.filter(isBody)[0]
    const there = first.value === start && (last.value === start || props.progress === 0)
    if (!body.value || !start || there || props.arrow !== 'MOVE' || props.height <= HELPED_FROM)
      return null
    return bodySilhouette(start, bodyView.value, otherSide.value)
  })

  /** The outline of the common wrong form. */
  const wrongForm = computed(() => {
    const hand = hands.value[0]
    if (!hand || !props.wrong || both.value || !isHand(props.wrong)) return null
    const q = qualityFor(props.height, true)
    return {
      path: handDrawing(
        props.wrong,
        props.wrong,
        0,
        view.value,
        hand.left,
        wholly([]),
        q,
      ).silhouette(),
      left: hand.left,
    }
  })

  const pulse = computed<Point | null>(() => {
    const hand = hands.value[0]
    if (!props.holding || !hand || both.value) return null
    const p = hand.drawing.placeOnHand(isSide.value ? [0, 6, 0] : [0, 60, 12])
    return [p[0] + hand.shift, p[1]]
  })
  return { ghost, bodyGhost, wrongForm, pulse }
}
