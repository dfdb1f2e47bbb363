<script setup lang="ts">
import type { FieldProblem } from '@/api/client'
import { computed, ref } from 'vue'
import { queries } from '@/api/queries'
import type { ClientForm, Discipline } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { DISCIPLINES, keys } from '@/parts/labels'
import ActivityLine from './ActivityLine.vue'
import { emptyActivity } from './clientForm'

/** What the hands do: a sentence for each activity. */
const props = defineProps<{
  problems: readonly FieldProblem[]
  /** What their hands are likely to do; null where nobody can tell. */
  discipline: Discipline | null
}>()
const form = defineModel<ClientForm>({ required: true })

const disciplines = keys(DISCIPLINES).map((value) => ({ value, label: DISCIPLINES[value] }))
/** Whether it is asked what another activity is done with. */
const asks = ref(false)
function add(discipline: Discipline | null) {
  asks.value = discipline === null
  if (discipline) form.value.activities.push(emptyActivity(discipline))
}
const another = computed<Discipline | null>({ get: () => null, set: add })
/** What they say they do is likely the first; of any more it is asked. */
const likely = computed(() => (form.value.activities.length ? null : props.discipline))

const handRoles = useAsked(() => queries.handRoles())
</script>

<template>
  <section class="activities" aria-label="What the hands do">
    <header class="line-up">
      <h2>What the hands do</h2>
      <span class="quiet">touch a word to change it, a digit to say it carries more</span>
    </header>
    <ActivityLine
      v-for="(activity, i) in form.activities"
      :key="activity.id ?? `new${i}`"
      v-model="form.activities[i]!"
      :index="i"
      :roles="handRoles.data.value?.[activity.discipline] ?? []"
      :problems="problems"
      @out="form.activities.splice(i, 1)"
    />
    <p v-if="form.activities.length === 0" class="quiet none">
      Nothing yet. Blocks in the day and warm-ups need at least one activity.
    </p>
    <p class="add">
      <BButton variant="link" size="sm" :aria-expanded="asks" @click="add(likely)"
        >Add an activity</BButton
      >
    </p>
    <ChoiceRow v-if="asks" v-model="another" label="With what?" :options="disciplines" />
  </section>
</template>

<style scoped>
header {
  min-height: 36px;
}
.none {
  padding: 12px 0;
  border-top: 1px solid var(--line);
}
.add {
  padding-top: 4px;
  border-top: 1px solid var(--line);
}
.add .btn {
  padding-left: 0;
}
</style>
