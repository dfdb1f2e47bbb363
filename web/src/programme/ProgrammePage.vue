<script setup lang="ts">
import { computed, ref } from 'vue'
import { queries } from '@/api/queries'
import type { Purpose, ReadyProgrammeView } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { useClientPage } from '@/parts/clientPage'
import PageState from '@/parts/PageState.vue'
import StateMark from '@/parts/StateMark.vue'
import AheadList from '@/progress/AheadList.vue'
import MinutesAWeek from './MinutesAWeek.vue'
import ObligationPanel from './ObligationPanel.vue'
import ObligationRow from './ObligationRow.vue'
import ProgrammeHead from './ProgrammeHead.vue'
import ProgrammeShelf from './ProgrammeShelf.vue'
import ProgrammeWeeks from './ProgrammeWeeks.vue'
import { useProgramme } from './useProgramme'
import WaitingLines from './WaitingLines.vue'

/** What a client is on: its weeks, what it asks for, and when the next rungs come. */
const props = defineProps<{ clientId: string }>()
const { day } = useClientPage()
const today = computed(() => day.data.value?.date)
const programme = useProgramme(props.clientId)
const { current, choices, days, facts, lines, stored, open } = programme
const { busy, message, notice, problems, dirty } = programme

const choosing = ref(false)
function take(ready: ReadyProgrammeView) {
  programme.take(ready.programme)
  choosing.value = false
}
const opened = computed(() => lines.value.find((line) => line.key === open.value))
function toggle(key: string) {
  open.value = open.value === key ? null : key
}

const progress = useAsked(() => queries.progress(props.clientId))
const kept = (purpose: Purpose) =>
  progress.data.value?.kept.find((lane) => lane.purpose === purpose && lane.planned)
/** The first line of a purpose tells what was kept of it; the log does not tell them apart. */
const firstOf = (index: number) =>
  lines.value.findIndex(
    (line) => line.obligation.purpose === lines.value[index]?.obligation.purpose,
  ) === index
const longest = computed(() =>
  Math.max(1, ...(days.data.value?.obligations ?? []).map((one) => one.look.lengthMillis)),
)
</script>

<template>
  <PageState
    :loading="current.slow.value"
    :error="current.error.value ?? choices.error.value ?? days.error.value"
    :ready="Boolean(current.data.value && choices.data.value && today)"
    @retry="current.reload"
  >
    <template v-if="choices.data.value && today">
      <ProgrammeHead
        v-if="facts"
        v-model="facts"
        :client-id="clientId"
        :stored="Boolean(stored)"
        :choosing="choosing"
        :busy="busy"
        :problems="problems"
        @choose="choosing = !choosing"
        @end="programme.end"
      />
      <ProgrammeShelf
        v-if="!facts || choosing"
        :ready="choices.data.value.ready"
        :title="stored ? 'Another one' : 'Choose a programme'"
        :chosen="facts?.title"
        @take="take"
      />
      <p v-if="!facts" class="quiet large">
        A programme says what comes how often. The planner finds every session its place in the
        weeks, and says why it is there.
      </p>
      <ProgrammeWeeks
        v-if="stored"
        :client-id="clientId"
        :programme="stored.programme"
        :today="today"
      />
      <form
        v-if="facts"
        class="programme"
        :class="{ opened }"
        novalidate
        @submit.prevent="programme.save"
      >
        <section aria-labelledby="obligations-heading">
          <header class="line-up">
            <h2 id="obligations-heading">Obligations</h2>
            <span v-if="!opened" class="quiet small">how often, where in the day, with what</span>
            <BButton class="push" size="sm" variant="link" @click="programme.add">Add one</BButton>
            <RouterLink v-if="stored" class="btn btn-link btn-sm" :to="`/clients/${clientId}/week`"
              >See the week</RouterLink
            >
          </header>
          <ul class="obligations">
            <ObligationRow
              v-for="(line, i) in lines"
              :key="line.key"
              :obligation="line.obligation"
              :choices="choices.data.value"
              :day="programme.dayOf(line)"
              :kept="firstOf(i) ? kept(line.obligation.purpose) : undefined"
              :longest="longest"
              :wrong="programme.wrongOf(line)"
              :narrow="Boolean(opened)"
              :open="line.key === open"
              @open="toggle(line.key)"
            />
          </ul>
          <p v-if="lines.length === 0" class="quiet">Nothing is asked for yet.</p>
          <p v-if="stored?.painWords" class="pain">{{ stored.painWords }}</p>
          <WaitingLines :obligations="stored?.obligations ?? []" />
          <MinutesAWeek
            v-if="stored && days.data.value"
            :days="days.data.value"
            :lines="lines"
            :chosen="open"
          />
        </section>
        <ObligationPanel
          v-if="opened"
          id="opened-obligation"
          :key="opened.key"
          v-model="opened.obligation"
          :client-id="clientId"
          :choices="choices.data.value"
          :day="programme.dayOf(opened)"
          :wrong="programme.wrongOf(opened)"
          @out="programme.takeOut(opened.key)"
          @close="open = null"
        />
        <AheadList
          v-else-if="stored"
          :client-id="clientId"
          :today="today"
          :until="stored.programme.reviewsOn"
        />
        <p v-if="dirty || message || notice" class="act side-by-side" :class="{ floats: dirty }">
          <BButton v-if="dirty" type="submit" variant="primary" :disabled="busy"
            >Place in week</BButton
          >
          <BButton v-if="dirty" variant="link" :disabled="busy" @click="programme.putBack"
            >Put back</BButton
          >
          <span v-if="message" class="error" role="alert">{{ message }}</span>
          <span v-else-if="notice" class="good" role="status"
            ><StateMark state="GOOD" />{{ notice }}</span
          >
        </p>
      </form>
      <p v-else-if="notice" class="good" role="status"><StateMark state="GOOD" />{{ notice }}</p>
    </template>
  </PageState>
</template>

<style scoped>
.programme {
  display: grid;
  grid-template-columns: minmax(0, 684fr) minmax(0, 508fr);
  gap: 12px 40px;
  align-items: start;
}
.programme.opened {
  grid-template-columns: 380px minmax(0, 1fr);
  column-gap: 0;
}
.opened > :first-child > header,
.opened > :first-child > :not(ul) {
  padding-right: 16px;
}
h2 {
  font-size: 1.25rem;
}
.pain {
  margin-top: 12px;
  padding: 8px 14px;
  border-left: 3px solid var(--main);
  font-weight: 600;
}
.act {
  grid-column: 1 / -1;
  min-height: 44px;
  padding: 8px 0;
}
.floats {
  position: sticky;
  z-index: 4;
  bottom: 0;
  border-top: 1.5px solid var(--ink);
  background: var(--ground);
}
.error {
  color: var(--stop);
  font-weight: 600;
}
.good {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  color: var(--good);
  font-weight: 600;
}
@media (max-width: 1000px) {
  .programme,
  .programme.opened {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
