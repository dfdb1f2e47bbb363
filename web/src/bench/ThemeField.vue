<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import { sentenceOf } from '@/api/client'
import type { Draft, ThemeView } from '@/api/types'

/** What is taken first when the minutes are filled; what lies on the bench can be kept as one. */
const props = defineProps<{ draft: Draft; themes: readonly ThemeView[] }>()
const emit = defineEmits<{ choose: [id: string | null]; changed: [] }>()

const naming = ref(false)
const title = ref('')
const error = ref('')
const chosen = computed(() => props.themes.find((theme) => theme.id === props.draft.theme))
async function attempt(what: () => Promise<unknown>) {
  error.value = ''
  try {
    await what()
    emit('changed')
  } catch (e) {
    error.value = sentenceOf(e)
  }
}
const keep = () =>
  attempt(async () => {
    const exercises = [...new Set(props.draft.steps.map((step) => step.exerciseId))]
    const made = await api.makeTheme(title.value, exercises)
    naming.value = false
    title.value = ''
    emit('choose', made.id)
  })
const takeOut = (theme: ThemeView) =>
  attempt(async () => {
    await api.removeTheme(theme.id)
    emit('choose', null)
  })
</script>

<template>
  <div class="theme">
    <label class="form-label" for="bench-theme">Theme</label>
    <select
      id="bench-theme"
      class="form-select"
      :value="draft.theme ?? ''"
      @change="emit('choose', ($event.target as HTMLSelectElement).value || null)"
    >
      <option value="">None</option>
      <option v-for="one in themes" :key="one.id" :value="one.id">{{ one.title }}</option>
    </select>
    <form v-if="naming" novalidate @submit.prevent="keep">
      <input v-model="title" class="form-control" maxlength="60" aria-label="Title of the theme" />
      <p class="side-by-side">
        <BButton type="submit" size="sm" variant="primary" :disabled="!title.trim()">Keep</BButton>
        <BButton size="sm" variant="link" @click="naming = false">Cancel</BButton>
      </p>
    </form>
    <BButton
      v-else-if="chosen?.own"
      size="sm"
      variant="link"
      :aria-label="`Take out the theme ${chosen.title}`"
      @click="takeOut(chosen)"
      >Take this theme out</BButton
    >
    <BButton v-else-if="draft.steps.length" size="sm" variant="link" @click="naming = true"
      >Keep these steps as a theme</BButton
    >
    <p v-if="error" class="error" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.theme {
  display: grid;
  gap: 4px;
  justify-items: start;
}
.theme .btn-link {
  padding-left: 0;
  text-align: left;
}
.error {
  color: var(--stop);
  font-weight: 600;
}
</style>
