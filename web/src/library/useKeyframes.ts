import { computed, ref, watch, type Ref } from 'vue'
import type { FigureForm, FigureView, Pose } from '@/api/types'
import { isBodyView } from '@/hand/figures'
import { isBody, isHand, isPair, type Keyframe } from '@/hand/keyframes'
import { capital, words } from '@/parts/words'

/** The keyframes of a figure as they are made: for every way alike, or for each its own. */
export function useKeyframes(
  model: Ref<FigureForm>,
  poses: () => readonly Pose[],
  wayNames: () => readonly string[],
) {
  /** The way whose keyframes are shown; the only one where all are drawn alike. */
  const way = ref(0)
  const keyframes = computed<readonly Keyframe[]>({
    get: () => model.value.ways[way.value] ?? model.value.ways[0] ?? [],
    set: (changed) => {
      model.value = {
        ...model.value,
        ways: model.value.ways.map((old, i) => (i === way.value ? [...changed] : old)),
      }
    },
  })
  const wayOptions = computed(() =>
    model.value.ways.map((_, value) => ({
      value,
      label: wayNames()[value] ?? `Way ${value + 1}`,
    })),
  )
  const apart = computed({
    get: () => model.value.ways.length > 1,
    set: (wanted: boolean) => {
      const first = [...(model.value.ways[0] ?? ['FLAT'])]
      model.value = {
        ...model.value,
        ways: wanted ? wayNames().map(() => [...first]) : [first],
      }
      way.value = 0
    },
  })

  const at = ref(0)
  watch([() => keyframes.value.length, way], ([count]) => {
    at.value = Math.max(0, Math.min(at.value, count - 1))
  })
  const chosen = computed<Keyframe>(() => keyframes.value[at.value] ?? 'FLAT')
  /** A figure is of one kind; the view says which. */
  const fits = (pose: Keyframe, view: FigureView) =>
    isBodyView(view) ? isBody(pose) : view === 'PAIR' ? isPair(pose) : isHand(pose)
  const presets = computed(() =>
    poses()
      .filter((pose) => fits(pose, model.value.view))
      .map((value) => ({
        value: value as string,
        text: capital(words(value).replace(/^body /, '')),
      })),
  )
  const preset = computed({
    get: () => (presets.value.some((p) => p.value === chosen.value) ? chosen.value : ''),
    set: (value: string) => {
      if (value) replace(value)
    },
  })
  watch(
    () => model.value.view,
    (view) => {
      if (model.value.ways.flat().every((pose) => fits(pose, view))) return
      const first = presets.value[0]?.value
      if (first) model.value = { ...model.value, ways: [[first]], places: [], wrong: null }
      way.value = 0
      at.value = 0
    },
  )

  function replace(keyframe: Keyframe) {
    keyframes.value = keyframes.value.map((pose, i) => (i === at.value ? keyframe : pose))
  }
  function add() {
    const next = [...keyframes.value]
    next.splice(at.value + 1, 0, chosen.value)
    keyframes.value = next
    at.value += 1
  }
  function remove() {
    if (keyframes.value.length === 1) return
    keyframes.value = keyframes.value.filter((_, i) => i !== at.value)
  }
  function shift(by: 1 | -1) {
    const to = at.value + by
    const next = [...keyframes.value]
    const moved = next[at.value]
    const other = next[to]
    if (moved === undefined || other === undefined) return
    next[at.value] = other
    next[to] = moved
    keyframes.value = next
    at.value = to
  }
  return {
    way,
    wayOptions,
    apart,
    keyframes,
    at,
    chosen,
    presets,
    preset,
    replace,
    add,
    remove,
    shift,
  }
}
