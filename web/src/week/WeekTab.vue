<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { DayView, PegView } from '@/api/types'
import { useClientPage } from '@/parts/clientPage'
import PageState from '@/parts/PageState.vue'
import StateMark from '@/parts/StateMark.vue'
import { useUndoKeys } from '@/parts/useUndoKeys'
import { useWidth } from '@/parts/useWidth'
import { addDays, dayMonth, longDate, weekday } from '@/parts/words'
import DayRibbon from '@/ribbon/DayRibbon.vue'
import TimeAxis from '@/ribbon/TimeAxis.vue'
import { pegKey } from '@/ribbon/pegs'
import BlockReason from './BlockReason.vue'
import { useChosen } from './chosen'
import BusyReason from './BusyReason.vue'
import CountsList from './CountsList.vue'
import DrawnForm from './DrawnForm.vue'
import PegReason from './PegReason.vue'
import SentenceField from './SentenceField.vue'
import { clockOf } from './shown'
import { useDrawn } from './useDrawn'
import { useMoving } from './useMoving'
import { useWeek } from './useWeek'
import WeekHead from './WeekHead.vue'
import WeekLinks from './WeekLinks.vue'

/** Seven ribbons on one axis: everything can be moved, and says why it is where it is. */
const props = defineProps<{ clientId: string }>()
const route = useRoute()
const router = useRouter()
const { day: clientDay, client } = useClientPage()
const date = computed(() =>
  typeof route.query.date === 'string'
    ? route.query.date
    : (clientDay.data.value?.date ?? new Date().toISOString().slice(0, 10)),
)
const week = useWeek(props.clientId, date)

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 912)
const NAMES = 62
const INSET = 14
const ROW = 62
const AXIS = 36
const FIRST = 66
const BAND = 32
const days = computed(() => week.shown.value)
const fromHour = computed(() => Math.min(6, ...days.value.map((d) => Math.floor(d.wakesHour))))
const toHour = computed(() => Math.max(24, ...days.value.map((d) => Math.ceil(d.sleepsHour))))
const zoom = ref(1)
const ribbonWidth = computed(() => Math.max(280, width.value - NAMES - 2 * INSET) * zoom.value)
const height = computed(() => FIRST + days.value.length * ROW - 12)
const y = (i: number) => FIRST + i * ROW
/** The day under a point of the screen; the nearest one above or below all. */
function dayAt(clientY: number): DayView | undefined {
  const top = drawing.value?.getBoundingClientRect().top ?? 0
  const row = Math.floor((clientY - top - FIRST + (ROW - BAND) / 2) / ROW)
  return days.value[Math.max(0, Math.min(days.value.length - 1, row))]
}
const hourAt = (clientX: number) =>
  fromHour.value +
  (clientX - INSET - (drawing.value?.getBoundingClientRect().left ?? 0)) * hoursPerPixel.value
const drawing = ref<SVGSVGElement | null>(null)
const scroller = ref<HTMLElement | null>(null)
async function zoomTo(factor: number) {
  const middle = chosenHour.value ?? (fromHour.value + toHour.value) / 2
  zoom.value = factor
  await nextTick()
  const view = scroller.value
  if (!view) return
  view.scrollLeft = (middle - fromHour.value) / hoursPerPixel.value - view.clientWidth / 2
}
const hoursPerPixel = computed(() => (toHour.value - fromHour.value) / ribbonWidth.value)
const title = computed(() => {
  const first = week.plan.value?.monday
  if (!first) return 'Week'
  return `${dayMonth(first)} to ${dayMonth(addDays(first, 6))}`
})
const show = (by: number) =>
  router.replace({ query: { ...route.query, date: addDays(date.value, by) } })

const { chosen, chosenDay, chosenPeg, chosenBlock, chosenBusy, chosenHour, choose } = useChosen(
  days,
  date,
)
const activities = computed(() => client.data.value?.facts.activities ?? [])
const { drawn, drawnAs, BUSY, grabFree, putDrawn } = useDrawn(week, activities, hourAt, () => {
  chosen.value = null
})
function choosePeg(d: DayView, peg: PegView) {
  drawn.value = null
  choose(d, pegKey(peg))
}
function chooseBlock(d: DayView, id: string) {
  drawn.value = null
  choose(d, id)
}
const { grabPeg, grabBlock, keyPeg, keyBlock } = useMoving(week, {
  days,
  drawing,
  hoursPerPixel,
  dayAt,
  choosePeg,
  chooseBlock,
})
const unmetThen = computed(() =>
  (week.plan.value?.unmet ?? []).filter(
    (u) => !chosenDay.value || u.date === null || u.date === chosenDay.value.date,
  ),
)
useUndoKeys(week.undo, week.redo)
</script>

<template>
  <PageState
    :loading="week.loaded.slow.value"
    :error="week.loaded.error.value"
    :ready="Boolean(week.plan.value)"
    @retry="week.reload"
  >
    <div class="week">
      <section aria-label="The week">
        <WeekHead
          :title="title"
          :notice="week.notice.value"
          :can-undo="week.canUndo.value"
          :can-redo="week.canRedo.value"
          :this-week="days.length === 0 || days.some((d) => d.today)"
          :zoom="zoom"
          @undo="week.undo"
          @redo="week.redo"
          @today="router.replace({ query: { ...route.query, date: undefined } })"
          @zoom="zoomTo"
          @show="show"
        />
        <p v-if="week.error.value" class="error" role="alert">{{ week.error.value }}</p>
        <SentenceField :client-id="clientId" :busy="Boolean(week.held.value)" @write="week.write" />
        <div ref="frame" class="frame">
          <svg :width="NAMES" :height="height" aria-hidden="true">
            <g v-for="(d, i) in days" :key="d.date">
              <text class="name" :class="{ today: d.today }" x="0" :y="y(i) + 13">
                {{ weekday(d.date) }}
              </text>
              <text class="when" x="0" :y="y(i) + 29">{{ dayMonth(d.date) }}</text>
            </g>
          </svg>
          <div ref="scroller" class="scroller" :tabindex="zoom > 1 ? 0 : undefined">
            <svg
              ref="drawing"
              :width="ribbonWidth + 2 * INSET"
              :height="height"
              role="group"
              :aria-label="title"
            >
              <TimeAxis
                :left="INSET"
                :width="ribbonWidth"
                :from-hour="fromHour"
                :to-hour="toHour"
                :top="AXIS"
                :bottom="height"
                :every="zoom === 1 ? 3 : 1"
              />
              <g v-for="(d, i) in days" :key="d.date">
                <DayRibbon
                  :day="d"
                  :left="INSET"
                  :width="ribbonWidth"
                  :top="y(i)"
                  :from-hour="fromHour"
                  :to-hour="toHour"
                  :band="BAND"
                  :peg="20"
                  handles
                  :chosen-block="chosen?.date === d.date ? chosen.key : null"
                  :chosen-peg="chosen?.date === d.date ? chosen.key : null"
                  @block="chooseBlock(d, $event)"
                  @peg="choosePeg(d, $event)"
                  @busy="chooseBlock(d, $event.id)"
                  @grab-free="grabFree(d, $event)"
                  @grab-block="(id, event) => grabBlock(d, id, event)"
                  @grab-peg="(peg, event) => grabPeg(d, peg, event)"
                  @key-block="(id, event) => keyBlock(d, id, event)"
                  @key-peg="(peg, event) => keyPeg(d, peg, event)"
                />
                <rect
                  v-if="drawn?.date === d.date"
                  class="drawn"
                  :x="INSET + (drawn.from - fromHour) / hoursPerPixel"
                  :y="y(i)"
                  :width="Math.max(2, (drawn.to - drawn.from) / hoursPerPixel)"
                  :height="BAND"
                />
                <path
                  v-if="d.today"
                  class="now"
                  :d="`M${INSET + (d.nowHour - fromHour) / hoursPerPixel} ${y(i) - 22}v${BAND + 30}`"
                />
              </g>
            </svg>
          </div>
        </div>
        <WeekLinks :client-id="clientId" :date="date" />
        <CountsList :counts="week.plan.value?.counts ?? []" :client-id="clientId" />
      </section>
      <aside class="reason" aria-label="Why here" aria-live="polite">
        <template v-if="week.held.value">
          <h3>
            <template v-if="week.held.value.date !== week.held.value.move.day.date"
              >{{ longDate(week.held.value.date) }},
            </template>
            {{ clockOf(week.held.value.hour) }}
          </h3>
          <p class="quiet">Let go or press Enter to keep it; Escape leaves it as it was.</p>
          <ul v-if="week.plan.value?.moves.length" class="list">
            <li v-for="move in week.plan.value.moves" :key="move">{{ move }}</li>
          </ul>
          <p v-else-if="week.preview.value">Nothing else moves.</p>
        </template>
        <DrawnForm
          v-else-if="drawn?.done"
          v-model="drawnAs"
          :drawn="drawn"
          :activities="activities"
          :busy="BUSY"
          @put="putDrawn"
          @leave="drawn = null"
        />
        <BusyReason
          v-else-if="chosenBusy && chosenDay"
          :day="chosenDay"
          :busy="chosenBusy"
          @out="week.takeOutBusy(chosenDay.date, chosenBusy)"
        />
        <PegReason
          v-else-if="chosenPeg && chosenDay"
          :client-id="clientId"
          :day="chosenDay"
          :peg="chosenPeg"
          @pin="week.pin(chosenDay.date, chosenPeg, clockOf(chosenPeg.startHour))"
          @release="week.release(chosenDay.date, chosenPeg)"
          @skip="week.skip(chosenDay.date, chosenPeg)"
        />
        <BlockReason
          v-else-if="chosenBlock && chosenDay"
          :client-id="clientId"
          :day="chosenDay"
          :block="chosenBlock"
        />
        <p v-else class="quiet">
          Touch a session or a block: it says why it is there. Drag it, also to another day, or move
          it with the arrow keys, and see what gives way before you let go. Draw on a free stretch
          to put something new there.
        </p>
        <template v-if="unmetThen.length">
          <h3 class="warn-head"><StateMark state="WARN" />Not placed</h3>
          <ul class="list">
            <li v-for="(unmet, i) in unmetThen" :key="i">{{ unmet.sentence }}</li>
          </ul>
        </template>
        <template v-if="!week.held.value && week.plan.value?.moves.length">
          <h3>Otherwise than agreed</h3>
          <ul class="list">
            <li v-for="move in week.plan.value.moves" :key="move">{{ move }}</li>
          </ul>
        </template>
      </aside>
    </div>
  </PageState>
</template>

<style scoped>
.week {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 292px;
  gap: 28px;
  align-items: start;
}
.frame {
  display: grid;
  grid-template-columns: 62px minmax(0, 1fr);
}
.scroller {
  overflow: auto hidden;
}
.drawn {
  fill: var(--main);
  opacity: 0.25;
  pointer-events: none;
}
svg {
  display: block;
  user-select: none;
}
.name {
  font-size: 16px;
  font-weight: 500;
}
.name.today {
  font-weight: 700;
}
.when {
  fill: var(--ink-2);
  font-size: 13px;
}
.now {
  stroke: var(--ink);
  stroke-width: 2;
  pointer-events: none;
}
.reason {
  display: grid;
  gap: 10px;
  padding: 16px 20px;
  border: 2px solid var(--main);
  border-radius: var(--corner);
  background: var(--surface);
}
.reason h3 {
  margin-top: 6px;
  font-size: 0.875rem;
}
.list li {
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.warn-head {
  color: var(--warn);
}
.error {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 900px) {
  .week {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
