<script setup lang="ts">
import { ref } from 'vue'
import type { ExerciseView } from '@/api/types'
import StateMark from '@/parts/StateMark.vue'
import KindLetter from '@/tape/KindLetter.vue'

/** What an exercise is called and for, what can be done with it, and what to know before. */
defineProps<{
  exercise: ExerciseView
  own: boolean
  /** Whether it is not the version of today. */
  old: boolean
  message: string
  /** Why it does not suit the chosen client. */
  reason: string | undefined
}>()
const emit = defineEmits<{ restore: []; archive: []; remove: [] }>()

/** It cannot be brought back, so it is asked once more. */
const deleting = ref(false)
const print = () => window.print()
</script>

<template>
  <header>
    <h2><KindLetter :kind="exercise.kind" /> {{ exercise.title }}</h2>
    <div class="head">
      <p>{{ exercise.purpose }}</p>
      <div class="buttons">
        <RouterLink class="btn btn-primary btn-sm" :to="`/library/${exercise.id}/copy`"
          >Make a variant</RouterLink
        >
        <RouterLink
          class="btn btn-outline-secondary btn-sm"
          :to="{
            path: '/bench',
            query: { exercise: exercise.id, version: String(exercise.version) },
          }"
          >Put on the bench</RouterLink
        >
        <RouterLink
          v-if="own"
          class="btn btn-outline-secondary btn-sm"
          :to="`/library/${exercise.id}/edit`"
          >Change it</RouterLink
        >
        <BButton size="sm" variant="outline-secondary" @click="print">Print</BButton>
        <template v-if="own">
          <BButton
            v-if="exercise.archived"
            size="sm"
            variant="outline-secondary"
            @click="emit('restore')"
            >Offer it again</BButton
          >
          <BButton v-else size="sm" variant="outline-secondary" @click="emit('archive')"
            >Put away</BButton
          >
          <template v-if="deleting">
            <BButton size="sm" variant="outline-danger" @click="emit('remove')"
              >Delete it for good</BButton
            >
            <BButton size="sm" variant="link" @click="deleting = false">Cancel</BButton>
          </template>
          <BButton v-else size="sm" variant="link" @click="deleting = true">Delete</BButton>
        </template>
      </div>
    </div>
    <p v-if="message" role="status" class="word">{{ message }}</p>
    <p v-if="old" class="word warn">
      <StateMark state="WARN" />Version {{ exercise.version }}, as it was then.
      <RouterLink :to="`/library/${exercise.id}`">To the words of today</RouterLink>
    </p>
    <p v-if="exercise.archived" class="word warn">
      <StateMark state="WARN" />Put away: it is no longer offered.
    </p>
    <p v-if="reason" class="word warn"><StateMark state="WARN" />{{ reason }}</p>
  </header>
</template>

<style scoped>
h2 {
  display: flex;
  gap: 10px;
  align-items: center;
  font-size: 1.5rem;
  line-height: 2rem;
}
.word {
  display: flex;
  gap: 6px;
  align-items: center;
  font-weight: 600;
}
.warn {
  color: var(--warn);
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
  margin-top: 4px;
}
.head p {
  flex: 1 1 280px;
  margin: 0;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-left: auto;
}
</style>
