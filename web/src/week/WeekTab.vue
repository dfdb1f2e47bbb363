<script setup lang="ts">
import { computed, nextTick, onMounted, onUnmounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { DayBlockView, DayView, PegView } from '@/api/types'
import PageState from '@/parts/PageState.vue'
import StateMark from '@/parts/StateMark.vue'
import { useWidth } from '@/parts/useWidth'
import { addDays, clock, dayMonth, duration, longDate, weekday } from '@/parts/words'
import DayRibbon from '@/ribbon/DayRibbon.vue'
import PegIcon from '@/ribbon/PegIcon.vue'
import TimeAxis from '@/ribbon/TimeAxis.vue'
import { pegKey } from '@/ribbon/pegs'
import { PURPOSES } from '@/parts/labels'
import { useClientPage } from '@/parts/clientPage'
import SentenceField from './SentenceField.vue'
import { STEP_MINUTES, clockOf, snapped } from './shown'
import { useWeek, type Move } from './useWeek'

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
const ZOOMS = [1, 2, 4]
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

// ---- choosing

const chosen = ref<{ date: string; key: string } | null>(null)
const chosenDay = computed(() => days.value.find((d) => d.date === chosen.value?.date) ?? null)
const chosenPeg = computed(
  () => chosenDay.value?.pegs.find((p) => pegKey(p) === chosen.value?.key) ?? null,
)
const chosenBlock = computed(
  () => chosenDay.value?.blocks.find((b) => b.id === chosen.value?.key) ?? null,
)
watch(date, () => {
  chosen.value = null
})
const choosePeg = (d: DayView, peg: PegView) => {
  drawn.value = null
  chosen.value = { date: d.date, key: pegKey(peg) }
}
const chooseBlock = (d: DayView, id: string) => {
  drawn.value = null
  chosen.value = { date: d.date, key: id }
}
const chosenBusy = computed(
  () => chosenDay.value?.busy.find((b) => b.id === chosen.value?.key) ?? null,
)
const chosenHour = computed(
  () => chosenPeg.value?.startHour ?? chosenBlock.value?.startHour ?? chosenBusy.value?.startHour,
)
const movable = (peg: PegView) => peg.lineId !== null && peg.state !== 'DONE'
const unmetThen = computed(() =>
  (week.plan.value?.unmet ?? []).filter(
    (u) => !chosenDay.value || u.date === null || u.date === chosenDay.value.date,
  ),
)
const lengthOf = (peg: PegView) =>
  duration(new Date(peg.end).getTime() - new Date(peg.start).getTime())

// ---- moving by hand

let stop: (() => void) | null = null
/** Follows the pointer until it is let go; Escape leaves everything as it was. */
function followed(move: (moved: PointerEvent) => void, release: () => void, leave: () => void) {
  const up = () => {
    stop?.()
    release()
  }
  const cancelled = () => {
    stop?.()
    leave()
  }
  const cancel = (pressed: KeyboardEvent) => {
    if (pressed.key === 'Escape') cancelled()
  }
  stop?.()
  stop = () => {
    window.removeEventListener('pointermove', move)
    window.removeEventListener('pointerup', up)
    window.removeEventListener('pointercancel', cancelled)
    window.removeEventListener('keydown', cancel)
    stop = null
  }
  window.addEventListener('pointermove', move)
  window.addEventListener('pointerup', up)
  // The finger was taken for scrolling.
  window.addEventListener('pointercancel', cancelled)
  window.addEventListener('keydown', cancel)
}
function grab(move: Move, startHour: number, event: PointerEvent) {
  if (event.button !== 0) return
  const from = event.clientX
  let hour = startHour
  let date = move.day.date
  followed(
    (moved) => {
      const next = snapped(startHour + (moved.clientX - from) * hoursPerPixel.value)
      const within = Math.min(move.day.sleepsHour, Math.max(move.day.wakesHour, next))
      const on = dayAt(moved.clientY)?.date ?? date
      if (within === hour && on === date) return
      hour = within
      date = on
      void week.hold(move, hour, date)
    },
    () => {
      if (week.held.value && (hour !== startHour || date !== move.day.date)) void week.keep()
      else week.letGo()
    },
    week.letGo,
  )
}
function grabPeg(d: DayView, peg: PegView, event: PointerEvent) {
  choosePeg(d, peg)
  if (movable(peg)) grab({ kind: 'session', day: d, peg }, peg.startHour, event)
}
function grabBlock(d: DayView, id: string, event: PointerEvent) {
  chooseBlock(d, id)
  const block = d.blocks.find((b) => b.id === id)
  if (block) grab({ kind: 'block', day: d, block }, block.startHour, event)
}

// ---- drawing a new one

const drawn = ref<{ date: string; from: number; to: number; done: boolean } | null>(null)
const SHORTEST_DRAWN = 0.25
function grabFree(d: DayView, event: PointerEvent) {
  if (event.button !== 0) return
  const start = snapped(hourAt(event.clientX))
  chosen.value = null
  drawn.value = null
  followed(
    (moved) => {
      const end = snapped(hourAt(moved.clientX))
      drawn.value = {
        date: d.date,
        from: Math.min(start, end),
        to: Math.max(start, end),
        done: false,
      }
    },
    () => {
      if (drawn.value && drawn.value.to - drawn.value.from >= SHORTEST_DRAWN)
        drawn.value = { ...drawn.value, done: true }
      else drawn.value = null
    },
    () => {
      drawn.value = null
    },
  )
}
const activities = computed(() => client.data.value?.facts.activities ?? [])
const drawnAs = ref('')
const BUSY = ''
watch(
  activities,
  (list) => {
    drawnAs.value = list[0]?.id ?? BUSY
  },
  { immediate: true },
)
async function putDrawn() {
  const now = drawn.value
  if (!now) return
  const activity = activities.value.find((a) => a.id === drawnAs.value)
  await week.draw(
    { date: now.date, startsAt: clockOf(now.from), endsAt: clockOf(now.to) },
    activity?.id ? { id: activity.id, title: activity.title } : null,
  )
  drawn.value = null
}

// ---- moving by keyboard

/** On another day it is another element of the page, which the keys have to go to. */
async function holdOn(date: string, move: Move, hour: number) {
  await week.hold(move, hour, date)
  await nextTick()
  const id = move.kind === 'block' ? move.block.id : move.peg.lineId
  drawing.value
    ?.querySelector<SVGGElement>(`[data-date="${date}"] [data-id="${CSS.escape(id ?? '')}"]`)
    ?.focus()
}
function arrows(move: Move, at: number, event: KeyboardEvent) {
  const held = week.held.value
  const by = { ArrowLeft: -STEP_MINUTES, ArrowRight: STEP_MINUTES }[event.key]
  const down = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (by) {
    event.preventDefault()
    void week.hold(held?.move ?? move, snapped((held?.hour ?? at) + by / 60), held?.date)
  } else if (down) {
    event.preventDefault()
    const now = days.value.findIndex((d) => d.date === (held?.date ?? move.day.date))
    const date = days.value[now + down]?.date
    if (date) void holdOn(date, held?.move ?? move, held?.hour ?? at)
  } else if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault()
    if (held) void week.keep()
  } else if (event.key === 'Escape') week.letGo()
}
function keyPeg(d: DayView, peg: PegView, event: KeyboardEvent) {
  choosePeg(d, peg)
  if (!movable(peg)) return
  if (event.key === 'Delete') void week.skip(d.date, peg)
  else if (event.key === 'p') void week.pin(d.date, peg, clockOf(peg.startHour))
  else arrows({ kind: 'session', day: d, peg }, peg.startHour, event)
}
function keyBlock(d: DayView, id: string, event: KeyboardEvent) {
  chooseBlock(d, id)
  const block: DayBlockView | undefined = d.blocks.find((b) => b.id === id)
  if (block) arrows({ kind: 'block', day: d, block }, block.startHour, event)
}
function shortcuts(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  if (!(event.ctrlKey || event.metaKey) || target.matches('input, textarea, select')) return
  if (event.key.toLowerCase() !== 'z') return
  event.preventDefault()
  void week.undo()
}
onMounted(() => window.addEventListener('keydown', shortcuts))
onUnmounted(() => {
  window.removeEventListener('keydown', shortcuts)
  stop?.()
})
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
        <header class="line-up">
          <h2>{{ title }}</h2>
          <span v-if="week.notice.value" class="quiet" role="status">{{ week.notice.value }}</span>
          <span class="push" />
          <BButton
            v-if="week.canUndo.value"
            size="sm"
            variant="outline-secondary"
            @click="week.undo"
            >Undo</BButton
          >
          <span class="zooms" role="group" aria-label="Zoom">
            <BButton
              v-for="factor in ZOOMS"
              :key="factor"
              size="sm"
              variant="link"
              :aria-pressed="zoom === factor"
              :class="{ on: zoom === factor }"
              @click="zoomTo(factor)"
              >{{ factor }}×</BButton
            >
          </span>
          <BButton variant="outline-secondary" aria-label="The week before" @click="show(-7)"
            >‹</BButton
          >
          <BButton variant="outline-secondary" aria-label="The week after" @click="show(7)"
            >›</BButton
          >
        </header>
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
        <p class="side-by-side links">
          <RouterLink :to="`/clients/${clientId}/week/practice-day`">A day of practice</RouterLink>
          <RouterLink :to="`/clients/${clientId}/week/calendars`"
            >Calendars and reminders</RouterLink
          >
        </p>
        <ul v-if="week.plan.value?.counts.length" class="counts">
          <li v-for="count in week.plan.value.counts" :key="count.lineId">
            <PegIcon :purpose="count.purpose" />
            {{ PURPOSES[count.purpose] }}
            <b :class="{ short: count.placed < count.wanted }"
              >{{ count.placed }} of {{ count.wanted }}</b
            >
          </li>
        </ul>
        <p v-else class="quiet">
          Only warm-ups are in this week.
          <RouterLink :to="`/clients/${clientId}/programme`">Choose a programme</RouterLink>
        </p>
      </section>
      <aside class="reason" aria-label="Why here" aria-live="polite">
        <template v-if="week.held.value">
          <h3>
            <template v-if="week.held.value.date !== week.held.value.move.day.date"
              >{{ longDate(week.held.value.date) }},
            </template>
            {{ clockOf(week.held.value.hour) }}
          </h3>
          <p class="quiet">Let go to keep it, Escape to leave it.</p>
          <ul v-if="week.plan.value?.moves.length" class="list">
            <li v-for="move in week.plan.value.moves" :key="move">{{ move }}</li>
          </ul>
          <p v-else-if="week.preview.value">Nothing else moves.</p>
        </template>
        <form v-else-if="drawn?.done" class="new" @submit.prevent="putDrawn">
          <h3>{{ longDate(drawn.date) }}</h3>
          <p class="time">{{ clockOf(drawn.from) }}–{{ clockOf(drawn.to) }}</p>
          <label class="form-label" for="drawn-as">It is</label>
          <BFormSelect
            id="drawn-as"
            v-model="drawnAs"
            :options="[
              ...activities.filter((a) => a.id).map((a) => ({ value: a.id, text: a.title })),
              { value: BUSY, text: 'Busy' },
            ]"
          />
          <p class="side-by-side">
            <BButton type="submit" variant="primary">Put in the day</BButton>
            <BButton variant="link" @click="drawn = null">Leave it</BButton>
          </p>
        </form>
        <template v-else-if="chosenBusy && chosenDay">
          <b class="large">Busy</b>
          <p class="quiet">{{ longDate(chosenDay.date) }}</p>
          <p class="time">{{ clock(chosenBusy.startsAt) }}–{{ clock(chosenBusy.endsAt) }}</p>
          <p>
            <BButton
              variant="outline-secondary"
              @click="week.takeOutBusy(chosenDay.date, chosenBusy)"
              >Take out</BButton
            >
          </p>
        </template>
        <template v-else-if="chosenPeg && chosenDay">
          <p class="line-up">
            <PegIcon :purpose="chosenPeg.purpose" :state="chosenPeg.state" />
            <b class="large">{{ PURPOSES[chosenPeg.purpose] }}</b>
          </p>
          <p class="quiet">{{ longDate(chosenDay.date) }}</p>
          <p class="time">{{ clock(chosenPeg.startsAt) }}–{{ clock(chosenPeg.endsAt) }}</p>
          <p>{{ lengthOf(chosenPeg) }}{{ chosenPeg.pinned ? ', pinned' : '' }}</p>
          <h3>Why here</h3>
          <p>{{ chosenPeg.why || `${chosenPeg.label}.` }}</p>
          <p v-if="movable(chosenPeg)" class="side-by-side">
            <BButton
              v-if="!chosenPeg.pinned"
              variant="primary"
              @click="week.pin(chosenDay.date, chosenPeg, clockOf(chosenPeg.startHour))"
              >Pin here</BButton
            >
            <BButton
              v-else
              variant="outline-secondary"
              @click="week.release(chosenDay.date, chosenPeg)"
              >Let it move</BButton
            >
            <BButton variant="outline-secondary" @click="week.skip(chosenDay.date, chosenPeg)"
              >Leave out</BButton
            >
          </p>
        </template>
        <template v-else-if="chosenBlock && chosenDay">
          <p class="line-up">
            <b class="large">{{ chosenBlock.title }}</b>
          </p>
          <p class="quiet">{{ longDate(chosenDay.date) }}</p>
          <p class="time">{{ clock(chosenBlock.startsAt) }}–{{ clock(chosenBlock.endsAt) }}</p>
          <p v-if="chosenBlock.overlaps.length" class="warn-head">
            <StateMark state="WARN" />At the same time as {{ chosenBlock.overlaps.join(', ') }}.
          </p>
          <h3>Its warm-up</h3>
          <p>{{ chosenBlock.warmUpReason }}</p>
          <p>
            <RouterLink
              :to="{
                path: `/clients/${clientId}/hands`,
                query: { date: chosenDay.date, block: chosenBlock.id },
              }"
              >Change the block</RouterLink
            >
            · <RouterLink :to="`/clock/${clientId}/${chosenBlock.id}`">Clock</RouterLink>
          </p>
        </template>
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
.zooms {
  display: inline-flex;
}
.zooms .on {
  font-weight: 700;
  text-decoration: none;
}
.links {
  gap: 20px;
  margin-top: 8px;
}
.new {
  display: grid;
  gap: 8px;
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
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 24px;
  margin-top: 12px;
}
.counts .short {
  color: var(--warn);
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
.time {
  font: 600 1.625rem/2rem var(--mono);
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
