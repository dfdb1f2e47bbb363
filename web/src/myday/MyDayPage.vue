<script setup lang="ts">
import { computed, watch } from 'vue'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import { useAttempt } from '@/api/useAttempt'
import { PURPOSES } from '@/parts/labels'
import PageState from '@/parts/PageState.vue'
import SafetyNotes from '@/parts/SafetyNotes.vue'
import { useNow } from '@/parts/useNow'
import { longDate, overBy, toMinute } from '@/parts/words'
import DecidedLately from './DecidedLately.vue'
import MorningQuestion from './MorningQuestion.vue'
import NextSession from './NextSession.vue'
import OwnRoutines from './OwnRoutines.vue'
import RestOfToday from './RestOfToday.vue'
import SaidMoment from './SaidMoment.vue'
import StepsAndReasons from './StepsAndReasons.vue'
import TheMoment from './TheMoment.vue'
import WeekRibbons from './WeekRibbons.vue'
import { useNextRoutine } from './useNextRoutine'

/** A client's day: what is next, at its true length, then the rest, then the week. */
const day = useAsked(() => queries.myDay())
const data = day.data
const today = computed(() => data.value?.today)
const now = useNow()
watch(useNow(60_000), () => void day.reload())
const { next, routine, why } = useNextRoutine(data)

const start = computed(() => (next.value ? Date.parse(next.value.start) : 0))
const end = computed(() => start.value + (routine.value?.lengthMillis ?? 0))
const endsAt = computed(() => overBy(next.value?.startsAt ?? '', routine.value?.lengthMillis ?? 0))
const after = computed(() => {
  const hour = Math.max(next.value?.endHour ?? 0, today.value?.nowHour ?? 0)
  const following = today.value?.pegs.find(
    (peg) => peg.open && peg.purpose !== 'BREAK' && peg.startHour > hour,
  )
  return following
    ? `free until the ${PURPOSES[following.purpose].toLowerCase()} at ${toMinute(following.startsAt)}`
    : 'nothing else after it today'
})

const { busy, message, attempt } = useAttempt()
const later = () =>
  attempt(async () => {
    if (next.value?.lineId) day.set(await api.doLater(next.value.lineId))
  })
</script>

<template>
  <main id="main" class="my-day">
    <PageState
      :loading="day.slow.value"
      :error="day.error.value"
      :ready="Boolean(data)"
      @retry="day.reload"
    >
      <template v-if="data && today">
        <header class="line-up top">
          <h1>{{ longDate(today.date) }}</h1>
          <span class="quiet large push coach">with {{ data.coachName }}</span>
        </header>
        <SafetyNotes :notes="today.notes" />
        <MorningQuestion class="inset morning" :client-id="data.clientId" @answered="day.reload" />
        <template v-if="next && routine">
          <TheMoment
            :now="now"
            :start="start"
            :end="end"
            :now-hour="today.nowHour"
            :purpose="next.purpose"
            :starts-at="toMinute(next.startsAt)"
            :block-title="routine.blockTitle"
            :after="after"
          />
          <NextSession
            class="inset"
            :client-id="data.clientId"
            :session="next"
            :routine="routine"
            :ends-at="endsAt"
            :busy="busy"
            @later="later"
          />
          <p v-if="message" class="inset error" role="alert">{{ message }}</p>
        </template>
        <section v-else class="inset none" :class="{ awaited: next && !why }">
          <h2>{{ next ? `${PURPOSES[next.purpose]} waits` : 'Nothing more today' }}</h2>
          <p class="large quiet">
            {{
              why ||
              (next
                ? 'It is being put together.'
                : today.pegs.length
                  ? 'What there was is behind you.'
                  : 'No block is in this day; your coach puts them there with you.')
            }}
          </p>
        </section>
        <SaidMoment class="inset" :client-id="data.clientId" />
        <p class="inset">
          <RouterLink :to="`/workshop/${data.clientId}/round`"
            >A round of finger patterns</RouterLink
          >
          · <RouterLink :to="`/workshop/${data.clientId}/tap-test`">Test your fingers</RouterLink>
        </p>
        <div class="inset columns">
          <RestOfToday :client-id="data.clientId" :day="today" :next="next" />
          <WeekRibbons :days="data.week" />
        </div>
        <DecidedLately class="inset" :client-id="data.clientId" />
        <OwnRoutines class="inset" :client-id="data.clientId" />
        <StepsAndReasons v-if="next && routine" class="inset" :routine="routine" />
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.my-day {
  padding-bottom: 40px;
}
.top,
.inset {
  margin-inline: var(--page);
}
.top {
  padding-top: 16px;
}
.inset + .inset {
  margin-top: 28px;
}
.none {
  padding: 40px 0 12px;
}
/* As high as what will stand here, so that nothing moves when it comes. */
.awaited {
  min-height: 442px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 48px;
  margin-top: 28px;
}
@media (max-width: 640px) {
  .my-day {
    padding-bottom: 80px;
  }
  h1 {
    font-size: 1.25rem;
    line-height: 1.75rem;
  }
  .coach {
    display: none;
  }
  .awaited {
    min-height: 334px;
  }
  .columns {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
    margin-top: 18px;
  }
}
</style>
