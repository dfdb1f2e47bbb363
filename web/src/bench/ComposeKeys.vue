<script setup lang="ts">
import { ref } from 'vue'
/** Filling the minutes, and another version beside what is there. */
import { keys } from '@/parts/labels'
import { capital } from '@/parts/words'
import { VERSION_KINDS, type VersionKind } from './useVersions'

defineProps<{ busy: boolean; empty: boolean; pinned: boolean }>()
const emit = defineEmits<{
  compose: []
  another: [kind: VersionKind]
  said: [moment: string]
}>()

const moment = ref('')
const say = () => {
  if (moment.value.trim()) emit('said', moment.value.trim())
}
</script>

<template>
  <div class="compose">
    <BButton variant="primary" :disabled="busy" @click="emit('compose')">{{
      empty ? 'Fill the minutes' : 'Fill the minutes again'
    }}</BButton>
    <form novalidate @submit.prevent="say">
      <label class="form-label" for="bench-moment">Or say the moment</label>
      <input
        id="bench-moment"
        v-model="moment"
        class="form-control"
        maxlength="200"
        placeholder="4 min, standing"
      />
    </form>
    <div v-if="!empty" class="versions" role="group" aria-label="Another version beside it">
      <h3>Another version beside it</h3>
      <BButton
        v-for="kind in keys(VERSION_KINDS)"
        :key="kind"
        size="sm"
        variant="link"
        :disabled="busy"
        @click="emit('another', kind)"
        >{{ capital(VERSION_KINDS[kind]) }}</BButton
      >
    </div>
    <p v-if="pinned" class="quiet small">Pinned steps stay.</p>
  </div>
</template>

<style scoped>
.compose {
  display: grid;
  gap: 8px;
  margin: 16px 0;
}
.versions {
  display: grid;
  justify-items: start;
}
h3 {
  margin: 4px 0 0;
  font-size: 0.875rem;
}
.versions .btn {
  padding-left: 0;
  text-align: left;
}
</style>
