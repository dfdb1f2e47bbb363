<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ActivityForm, CalendarPreview, TitleChoice, TitleMeaning } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import StateMark from '@/parts/StateMark.vue'
import { counted } from '@/parts/words'
import ImportRibbons from './ImportRibbons.vue'
import MeaningChoice from './MeaningChoice.vue'
import { countsOf, weeksOf } from './imported'

/** A calendar before anything is taken over: what would come where, and what each title is. */
const props = defineProps<{
  clientId: string
  preview: CalendarPreview
  activities: readonly ActivityForm[]
  today: string
  busy: boolean
}>()
const emit = defineEmits<{ choose: [choices: TitleChoice[]]; take: []; leave: [] }>()

const counts = computed(() => countsOf(props.preview.changes))
const weeks = computed(() => weeksOf(props.preview, props.today))
const page = ref(0)
watch(weeks, (list) => {
  page.value = Math.min(page.value, list.length - 1)
})
const monday = computed(() => weeks.value[page.value] ?? props.today)
const days = useAsked(() => queries.week(props.clientId, monday.value))

const usable = computed(() => props.activities.filter((activity) => activity.id))
function choose(choice: TitleChoice, change: Partial<TitleChoice>) {
  const next = { ...choice, ...change }
  const block = next.meaning === 'ACTIVITY' || next.meaning === 'STAGE'
  next.activityId = block ? (next.activityId ?? usable.value[0]?.id ?? null) : null
  emit(
    'choose',
    props.preview.titles.map((title) =>
      title.choice.title === choice.title ? next : title.choice,
    ),
  )
}
const isBlock = (meaning: TitleMeaning | null) => meaning === 'ACTIVITY' || meaning === 'STAGE'
const OUT: Record<string, string> = { BUSY: 'Busy', NOTHING: 'Left out' }
</script>

<template>
  <div class="import">
    <section aria-label="Before anything is taken over">
      <header class="line-up">
        <h2>Before anything is taken over</h2>
        <span class="quiet">{{ preview.name }}{{ preview.again ? ', read again' : '' }}</span>
      </header>
      <p class="counts" role="status">
        <span
          ><b>{{ counts.NEW }}</b> new</span
        >
        <span
          ><b>{{ counts.CHANGED }}</b> changed</span
        >
        <span
          ><b>{{ counts.GONE }}</b> gone</span
        >
        <span
          ><b>{{ preview.unchanged }}</b> as they were</span
        >
        <span class="push small quiet">week {{ page + 1 }} of {{ weeks.length }}</span>
        <BButton
          size="sm"
          variant="outline-secondary"
          aria-label="The week before"
          :disabled="page === 0"
          @click="page--"
          >‹</BButton
        >
        <BButton
          size="sm"
          variant="outline-secondary"
          aria-label="The week after"
          :disabled="page >= weeks.length - 1"
          @click="page++"
          >›</BButton
        >
      </p>
      <ImportRibbons :shown="days.data.value?.days ?? []" :changes="preview.changes" />
    </section>
    <section aria-label="What each title is">
      <header class="line-up">
        <h2>What each title is</h2>
        <span class="push quiet small">kept for the next time</span>
      </header>
      <div class="head quiet small">
        <span>Title, times</span><span>block · stage · busy · out</span>
      </div>
      <ul class="titles">
        <li v-for="title in preview.titles" :key="title.choice.title">
          <span class="title">
            <b>{{ title.choice.title ? `“${title.choice.title}”` : 'Everything else' }}</b>
            <span v-if="title.times" class="quiet times">{{ title.times }}</span>
            <span v-if="title.example" class="quiet small next">{{ title.example }}</span>
          </span>
          <MeaningChoice
            :model-value="title.choice.meaning"
            :label="title.choice.title || 'Everything else'"
            :all-day="title.allDay"
            @update:model-value="choose(title.choice, { meaning: $event })"
          />
          <BFormSelect
            v-if="isBlock(title.choice.meaning)"
            size="sm"
            class="activity"
            :model-value="title.choice.activityId"
            :options="usable.map((a) => ({ value: a.id, text: a.title }))"
            :aria-label="`Activity for ${title.choice.title || 'everything else'}`"
            @update:model-value="choose(title.choice, { activityId: String($event) })"
          />
          <span v-else class="activity">{{ OUT[title.choice.meaning ?? ''] ?? 'Not said' }}</span>
        </li>
      </ul>
      <div v-if="preview.notes.length" class="notes">
        <h3><StateMark state="WARN" />{{ counted(preview.notes.length, 'thing') }} to know</h3>
        <ul>
          <li v-for="note in preview.notes" :key="note">{{ note }}</li>
        </ul>
      </div>
      <p v-if="!usable.length">
        This client has no activity yet; add one under Hands, so that a title can be it.
      </p>
      <p class="side-by-side do">
        <BButton variant="primary" :disabled="busy" @click="emit('take')"
          >Take over {{ preview.changes.length }}</BButton
        >
        <BButton variant="outline-secondary" :disabled="busy" @click="emit('leave')"
          >Not now</BButton
        >
      </p>
    </section>
  </div>
</template>

<style scoped>
.import {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(360px, 1fr);
  gap: 36px;
}
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
  margin-top: 8px;
  font-size: 1rem;
}
.head {
  display: grid;
  grid-template-columns: 1fr 250px;
  margin-top: 8px;
}
.titles li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 136px 114px;
  align-items: center;
  min-height: 44px;
  border-top: 1px solid var(--line);
}
.title {
  min-width: 0;
  overflow-wrap: anywhere;
}
.times {
  margin-left: 8px;
}
.next {
  display: block;
}
.activity {
  justify-self: end;
  font-weight: 600;
}
.notes {
  display: grid;
  gap: 4px;
  margin-top: 12px;
  padding: 10px 14px;
  border: 1px solid var(--warn);
  background: var(--warn-wash);
}
.notes h3 {
  display: flex;
  gap: 6px;
  align-items: center;
  color: var(--warn);
  font-size: 0.875rem;
}
.do {
  margin-top: 14px;
}
@media (max-width: 1000px) {
  .import {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
