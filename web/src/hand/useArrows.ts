import { computed } from 'vue'
import {
  circlingArrow,
  curvedArrow,
  straightArrow,
  turningArrow,
  wayArrow,
  type Arrow,
} from './arrows'
import { leadingWays } from './body/motion'
import { handDrawing, qualityFor, wholly } from './figures'
import { handPose, isBody, isHand, ofHand, type Keyframe } from './keyframes'
import { SMALL, type ShownFigure } from './shown'
import { MIDDLE, THUMB, type Figure } from './useFigure'
import type { Point } from './vector'

/** Which way a figure goes, as arrows. */
export function useArrows(props: ShownFigure, figure: Figure) {
  const { view, both, hands, pair, bodyView, otherSide, body, leading, fist, pulled, box } = figure

  /** An arc shorter than this is no arrow that one could read. */
  const SHORTEST_ARC = 34

  /** Where the part that moves goes between the first and the last keyframe, and about what it turns. */
  function sweep(): Arrow | null {
    const hand = hands.value[0]
    const start = props.poses[0]
    const end = props.poses[props.poses.length - 1]
    if (!hand || both.value || !start || !end || !isHand(start) || !isHand(end)) return null
    const q = qualityFor(props.height, true)
    const seen = (pose: Keyframe) =>
      handDrawing(pose, pose, 0, view.value, hand.left, wholly([]), q)
    const a = seen(start)
    const b = seen(end)
    const from = handPose(start)
    const to = handPose(end)
    const atWrist =
      Math.abs(from.wrist.flexion - to.wrist.flexion) > 15 ||
      Math.abs(from.wrist.deviation - to.wrist.deviation) > 10
    const digit = atWrist ? MIDDLE : leading.value
    const lead = (d: typeof a): Point =>
      fist.value ? d.place(digit, 0, 1) : d.place(digit, 2, 0.7)
    const centre: Point = atWrist ? a.placeOnHand([0, 0, 0]) : a.place(digit, 0, 0)
    const p = lead(a)
    const angle = (at: Point) => Math.atan2(at[1] - centre[1], at[0] - centre[0])
    let turn = angle(lead(b)) - angle(p)
    if (turn > Math.PI) turn -= 2 * Math.PI
    if (turn < -Math.PI) turn += 2 * Math.PI
    const radius = Math.hypot(p[0] - centre[0], p[1] - centre[1]) * (fist.value ? 0.95 : 0.82)
    const margin = Math.min(0.22, Math.abs(turn) / 5) * Math.sign(turn)
    if (Math.abs(turn - 2 * margin) * radius < SHORTEST_ARC) return null
    return curvedArrow(centre, radius, angle(p) + margin, angle(p) + turn - margin)
  }

  /** Against a single hand: toward the part that works, from where it goes. */
  function pressed(): Arrow[] {
    const hand = hands.value[0]
    const start = props.poses[0]
    const end = props.poses[props.poses.length - 1]
    if (!hand || both.value || !start || !end || !isHand(start) || !isHand(end)) return []
    const q = qualityFor(props.height, true)
    const lead = (pose: Keyframe) =>
      handDrawing(pose, pose, 0, view.value, hand.left, wholly([]), q).place(leading.value, 1, 0.5)
    const a = lead(start)
    const b = lead(end)
    const way = Math.hypot(b[0] - a[0], b[1] - a[1])
    if (way < 8) return []
    const out: Point = [(b[0] - a[0]) / way, (b[1] - a[1]) / way]
    const at = (p: Point, d: number): Point => [p[0] + out[0] * d, p[1] + out[1] * d]
    return [straightArrow(at(b, 74), at(b, 22))]
  }

  /** The other hand that strokes or rolls along the forearm. */
  const STROKE_FROM = [0, -96, 24] as const
  const STROKE_TO = [0, 34, 24] as const
  function stroking(): Arrow[] {
    const hand = hands.value[0]
    if (!hand || both.value) return []
    const elbow = hand.drawing.placeOnHand([...STROKE_FROM])
    const palm = hand.drawing.placeOnHand([...STROKE_TO])
    return [
      props.arrow === 'ALONG_TO_HAND' ? straightArrow(elbow, palm) : straightArrow(palm, elbow),
    ]
  }

  /** Round the middle of what the part that leads goes through; about the forearm where that turns. */
  function circling(): Arrow[] {
    const hand = hands.value[0]
    if (!hand || both.value) return []
    const q = qualityFor(props.height, true)
    const angles = props.poses.filter(isHand).map((pose) => handPose(ofHand(pose, hand.left)).wrist)
    const changes = (of: (wrist: (typeof angles)[number]) => number) =>
      Math.max(...angles.map(of)) - Math.min(...angles.map(of)) > 12
    if (changes((wrist) => wrist.turn)) return [turningArrow(hand.drawing.placeOnHand([0, -6, 0]))]
    const still = !changes((wrist) => wrist.flexion) && !changes((wrist) => wrist.deviation)
    if (still && !props.worked.length)
      return [circlingArrow([hand.drawing.placeOnHand([0, 46, 12])])]
    if (still && props.worked.length === 1 && leading.value === THUMB)
      return [circlingArrow([hand.drawing.place(THUMB, 0, 0.6)])]
    const way = props.poses.filter(isHand).map((pose) => {
      const drawn = handDrawing(pose, pose, 0, view.value, hand.left, wholly([]), q)
      return drawn.place(leading.value, fist.value ? 0 : 2, 0.9)
    })
    return [circlingArrow(way)]
  }

  /** What is carried farther than this goes round at the end of its way, not round the middle of it. */
  const CARRIED = 40
  function carried(points: readonly Point[]): boolean {
    const [x = 0, y = 0] = points[0] ?? []
    const [toX = 0, toY = 0] = points[points.length - 1] ?? []
    return Math.hypot(toX - x, toY - y) > CARRIED
  }
  /** From the first keyframe of a body to the one that is farthest from it. */
  function bodyArrows(): Arrow[] {
    const poses = props.poses.filter(isBody)
    const start = poses[0]
    if (!start || (props.arrow !== 'MOVE' && props.arrow !== 'CIRCLE')) return []
    const end = poses.find((pose) => pose !== start) ?? start
    const ways = leadingWays(start, end, bodyView.value, otherSide.value, props.places)
    return props.arrow === 'CIRCLE'
      ? ways.map(({ points }) => circlingArrow(carried(points) ? points.slice(-1) : points))
      : ways.map(({ points }) => wayArrow(points, middleOfBody.value))
  }
  const middleOfBody = computed<Point>(() => [(box.value[0] + box.value[2]) / 2, -150])

  const arrows = computed<Arrow[]>(() => {
    if (props.height <= SMALL || props.arrow === 'NONE') return []
    if (body.value) return bodyArrows()
    if (props.arrow === 'CIRCLE') return circling()
    if (pair.value && props.arrow === 'PRESS') {
      const y = pair.value.box[1] * 0.52
      const x = pair.value.seam ? 46 : 92
      return [straightArrow([-x - 56, y], [-x, y]), straightArrow([x + 56, y], [x, y])]
    }
    if (props.arrow === 'PRESS') return pressed()
    if (props.arrow === 'ALONG_TO_HAND' || props.arrow === 'ALONG_TO_ELBOW') return stroking()
    if (pulled.value || props.arrow === 'MOVE') {
      const arrow = sweep()
      return arrow ? [arrow] : []
    }
    return []
  })
  return arrows
}
