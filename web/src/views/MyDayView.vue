<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { api } from '@/api/calls'
import { ServerAway } from '@/api/client'
import type { PegView, RoutineSummary, RoutineView } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import ExerciseFigure from '@/hand/ExerciseFigure.vue'
import { PURPOSES } from '@/parts/labels'
import PageState from '@/parts/PageState.vue'
import SafetyNotes from '@/parts/SafetyNotes.vue'
import { useNow } from '@/parts/useNow'
import { useWidth } from '@/parts/useWidth'
import { clock, counted, duration, longDate, toMinute, weekday } from '@/parts/words'
import DayRibbon from '@/ribbon/DayRibbon.vue'
import PegIcon from '@/ribbon/PegIcon.vue'
import TimeAxis from '@/ribbon/TimeAxis.vue'
import KindLetter from '@/tape/KindLetter.vue'
import RoutineTape from '@/tape/RoutineTape.vue'
import MomentPicture from './MomentPicture.vue'

const { data, error, slow, reload } = useAsked(() => queries.myDay())
const routine = shallowRef<RoutineView | null>(null)
const why = ref('')
const now = useNow()
watch(useNow(60_000), () => void reload())

/** What the coach saved for this person, to be done at any time. */
const own = shallowRef<readonly RoutineSummary[]>([])
watch(data, async (day, before) => {
  if (day && !before) own.value = await api.clientRoutines(day.clientId).catch(() => [])
})
watch(data, async (day) => {
  if (!day?.nextBlockId) {
    routine.value = null
    return
  }
  try {
    const answer = await api.warmUp(day.clientId, day.nextBlockId)
    routine.value = answer.routine
    why.value = answer.reason
  } catch (e) {
    // The routine that is on the screen stays good while the server is away.
    if (!(e instanceof ServerAway)) why.value = (e as Error).message
  }
})

const start = computed(() => (routine.value ? Date.parse(routine.value.start) : 0))
const end = computed(() => (routine.value ? Date.parse(routine.value.end) : 0))
const wait = computed(() => start.value - now.value)
const waitWords = computed(() => (wait.value > 0 ? `in ${duration(wait.value)}` : 'it is time'))
const today = computed(() => data.value?.today)
const next = computed(() => today.value?.blocks.find((b) => b.id === data.value?.nextBlockId))

const frame = ref<HTMLElement | null>(null)
const width = useWidth(frame, 744)
const weekFrame = ref<HTMLElement | null>(null)
const weekWidth = useWidth(weekFrame, 448)
const fromHour = computed(
  () => Math.floor(Math.min(...(data.value?.week ?? []).map((d) => d.wakesHour), 7)) - 1,
)
const toHour = computed(() =>
  Math.max(24, ...(data.value?.week ?? []).map((d) => Math.ceil(d.sleepsHour))),
)
const INSET = 8
const DAY_NAME = 44
const WEEK_ROW = 28
const weekSums = computed(() => {
  const week = data.value?.week ?? []
  const sum = (pick: 'done' | 'missed' | 'planned') => week.reduce((n, d) => n + d[pick], 0)
  return `${sum('done')} done, ${sum('missed')} missed, ${sum('planned')} to come`
})
const shown = ref(false)
/** What else is still to come today; a warm-up has its own place above, a break needs no start. */
const alsoToday = computed(() =>
  (today.value?.pegs ?? []).filter(
    (peg) => peg.open && peg.purpose !== 'WARM_UP' && peg.purpose !== 'BREAK',
  ),
)
const minutesOf = (peg: PegView) =>
  Math.round((new Date(peg.end).getTime() - new Date(peg.start).getTime()) / 60_000)
</script>

<template>
  <main id="main" class="my-day">
    <PageState :loading="slow" :error="error" :ready="Boolean(data)" @retry="reload">
      <header class="line-up top">
        <h1>{{ today ? longDate(today.date) : '' }}</h1>
        <span class="quiet large push coach">with {{ data?.coachName }}</span>
      </header>
      <SafetyNotes :notes="today?.notes ?? []" />

      <template v-if="routine && next && today">
        <MomentPicture
          :now="now"
          :start="start"
          :end="end"
          :now-hour="today.nowHour"
          :block-title="routine.blockTitle"
          :block-time="toMinute(routine.endsAt)"
          :length-millis="routine.lengthMillis"
        />
        <section class="next" aria-label="The next routine">
          <div class="title">
            <h2>Warm-up</h2>
            <p class="large">
              <span class="mono">{{ clock(routine.startsAt) }}</span> to
              <span class="mono">{{ toMinute(routine.endsAt) }}</span>, ends as
              {{ routine.blockTitle.toLowerCase() }} starts
            </p>
          </div>
          <p class="wait large">{{ waitWords }}</p>
          <RouterLink
            class="btn btn-primary start"
            :to="`/player/${routine.clientId}/${routine.blockId}`"
            >Start</RouterLink
          >
        </section>
        <div class="woven wide">
          <RoutineTape :steps="routine.steps" :height="64" names ruler />
        </div>
        <div class="woven narrow">
          <RoutineTape
            :steps="routine.steps"
            :height="32"
            :letters="false"
            patterns="mini"
            :gap="0.5"
            :stroke-width="1.2"
          />
        </div>
      </template>
      <section v-else-if="data" class="none">
        <h2>No warm-up ahead today</h2>
        <p class="large quiet">
          {{
            why ||
            (today?.blocks.length
              ? 'What there was is behind you.'
              : 'No block is in this day; your coach puts them there with you.')
          }}
        </p>
      </section>

      <section v-if="alsoToday.length" class="own" aria-label="Also today">
        <h3>Also today</h3>
        <ul>
          <li v-for="peg in alsoToday" :key="peg.start + peg.purpose">
            <PegIcon :purpose="peg.purpose" :state="peg.state" />
            <span
              >{{ PURPOSES[peg.purpose] }} <span class="mono">{{ clock(peg.startsAt) }}</span></span
            >
            <RouterLink
              class="btn btn-outline-secondary"
              :to="`/player/${data?.clientId ?? ''}/now/${peg.purpose}/${minutesOf(peg)}`"
              >Start
              <span class="visually-hidden"
                >{{ PURPOSES[peg.purpose] }} {{ clock(peg.startsAt) }}</span
              ></RouterLink
            >
          </li>
        </ul>
      </section>
      <section v-if="own.length" class="own" aria-label="Your routines">
        <h3>Your routines</h3>
        <ul>
          <li v-for="one in own" :key="one.id">
            <PegIcon :purpose="one.purpose" />
            <span>{{ one.title }}</span>
            <RouterLink
              class="btn btn-outline-secondary"
              :to="`/player/${one.clientId ?? ''}/routine/${one.id}`"
              >Start <span class="visually-hidden">{{ one.title }}</span></RouterLink
            >
          </li>
        </ul>
      </section>
      <div class="halves">
        <section>
          <header class="line-up">
            <h3>Today</h3>
            <span v-if="today" class="quiet push"
              >{{ today.done }} done, {{ today.planned }} to come</span
            >
          </header>
          <div ref="frame">
            <svg
              v-if="today"
              :width="width"
              height="100"
              :viewBox="`0 0 ${width} 100`"
              role="group"
              aria-label="Today"
            >
              <TimeAxis
                :left="INSET"
                :width="width - 2 * INSET"
                :from-hour="fromHour"
                :to-hour="toHour"
                :top="30"
                :bottom="96"
                :now-hour="today.nowHour"
                :tab="false"
                :every="width < 500 ? 4 : 3"
              />
              <DayRibbon
                :day="today"
                :left="INSET"
                :width="width - 2 * INSET"
                :top="52"
                :from-hour="fromHour"
                :to-hour="toHour"
                :band="32"
                :peg="20"
                :peg-factor="1.15"
              />
              <path
                class="now"
                :d="`M${INSET + ((today.nowHour - fromHour) / (toHour - fromHour)) * (width - 2 * INSET)} 24V96`"
              />
            </svg>
          </div>
          <p v-if="today?.blocks.length" class="small clocks">
            A quiet clock beside
            <RouterLink
              v-for="block in today.blocks"
              :key="block.id"
              :to="`/clock/${data?.clientId ?? ''}/${block.id}`"
              >{{ block.title }} {{ toMinute(block.startsAt) }}</RouterLink
            >
          </p>
        </section>
        <section>
          <header class="line-up">
            <h3>This week</h3>
            <span class="quiet push">{{ weekSums }}</span>
          </header>
          <div ref="weekFrame">
            <svg
              :width="weekWidth"
              :height="(data?.week.length ?? 0) * WEEK_ROW + 10"
              role="group"
              aria-label="This week"
            >
              <g v-for="(day, i) in data?.week" :key="day.date">
                <text class="day-name" :class="{ today: day.today }" x="0" :y="i * WEEK_ROW + 27">
                  {{ weekday(day.date) }}
                </text>
                <DayRibbon
                  :day="day"
                  :left="DAY_NAME"
                  :width="weekWidth - DAY_NAME - 4"
                  :top="i * WEEK_ROW + 17"
                  :from-hour="fromHour"
                  :to-hour="toHour"
                  :band="10"
                  :peg="11"
                  :foot="3"
                  :peg-factor="0.72"
                  :labels="false"
                />
              </g>
            </svg>
          </div>
        </section>
      </div>

      <section v-if="routine" class="steps" aria-labelledby="steps-heading">
        <h3 id="steps-heading">What is in it, and why</h3>
        <p v-for="phase in routine.shortPhases" :key="phase" class="quiet">{{ phase }}</p>
        <ol>
          <li v-for="step in routine.steps" :key="step.exerciseId">
            <div class="figure">
              <ExerciseFigure
                :poses="step.figure.poses"
                :from="step.figure.poses[step.figure.poses.length - 1]"
                :view="step.figure.view"
                :worked="step.figure.worked"
                :places="step.figure.places"
                :height="110"
                :label="step.title"
                sides="RIGHT"
              />
            </div>
            <div>
              <p>
                <KindLetter :kind="step.kind" />
                <b>{{ step.title }}</b>
              </p>
              <p>
                {{ step.dose }}, <span class="mono">{{ duration(step.lengthMillis) }}</span>
              </p>
              <p class="quiet small">{{ step.reason }}</p>
            </div>
          </li>
        </ol>
        <BButton variant="link" @click="shown = !shown">
          {{ shown ? 'Hide' : 'Show' }} {{ counted(routine.leftOut.length, 'exercise') }} left out
        </BButton>
        <ul v-if="shown" class="left-out">
          <li v-for="out in routine.leftOut" :key="out.title">
            <b>{{ out.title }}</b> <span class="quiet">{{ out.reason }}</span>
          </li>
        </ul>
      </section>
    </PageState>
  </main>
</template>

<style scoped>
.clocks {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin-top: 6px;
}
.own {
  margin-top: 20px;
}
.own li {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 48px;
  border-bottom: 1px solid var(--line);
}
.own span {
  flex: 1;
}
.own .btn {
  min-width: 88px;
}
.my-day {
  padding-bottom: 40px;
}
.top,
.next,
.own,
.woven,
.none,
.halves,
.steps {
  margin-inline: var(--page);
}
.top {
  padding: 16px 0 0;
}
.next {
  display: flex;
  align-items: center;
  gap: 24px;
  margin-top: 20px;
}
.next h2 {
  font-size: 2.75rem;
  line-height: 3rem;
}
.wait {
  display: none;
  font-weight: 600;
}
.start {
  display: grid;
  width: 232px;
  height: 60px;
  margin-left: auto;
  font: 700 1.25rem/1.75rem var(--font);
  place-items: center;
}
.woven {
  margin-top: 24px;
}
.woven.narrow {
  display: none;
}
.none {
  padding: 40px 0;
}
.halves {
  display: grid;
  grid-template-columns: minmax(0, 736fr) minmax(0, 448fr);
  gap: 48px;
  margin-top: 24px;
}
svg {
  display: block;
}
.now {
  stroke: var(--ink);
  stroke-width: 2;
}
.day-name {
  font-size: 14px;
  font-weight: 500;
}
.day-name.today {
  font-weight: 700;
}
.steps {
  margin-top: 28px;
}
ol {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(380px, 1fr));
  gap: 0 32px;
  margin: 8px 0;
}
ol li {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 16px;
  align-items: center;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.figure {
  height: 84px;
}
.left-out li {
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
@media (max-width: 640px) {
  .my-day {
    padding-bottom: 80px;
  }
  .top h1 {
    font-size: 1.25rem;
    line-height: 1.75rem;
  }
  .coach {
    display: none;
  }
  .next {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 4px 12px;
    align-items: baseline;
  }
  .next h2 {
    font-size: 1.75rem;
    line-height: 2.25rem;
  }
  .wait {
    display: block;
  }
  .start {
    grid-row: 3;
    grid-column: 1 / -1;
    width: 100%;
    height: 56px;
    margin: 12px 0 0;
  }
  .woven.wide {
    display: none;
  }
  .woven.narrow {
    display: block;
    margin-top: 12px;
  }
  .halves {
    grid-template-columns: minmax(0, 1fr);
    gap: 16px;
    margin-top: 16px;
  }
  ol {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
