<script setup lang="ts">
import type { FieldProblem } from '@/api/client'
import { queries } from '@/api/queries'
import type { ClientForm } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import ActivityLine from './ActivityLine.vue'
import { emptyActivity } from './clientForm'

/** What the hands do: a sentence for each activity. */
defineProps<{ problems: readonly FieldProblem[] }>()
const form = defineModel<ClientForm>({ required: true })

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
      <BButton variant="link" size="sm" @click="form.activities.push(emptyActivity())"
        >Add an activity</BButton
      >
    </p>
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
