<script setup lang="ts">
import type { ClientView } from '@/api/types'
import StateMark from '@/parts/StateMark.vue'
import { words } from '@/parts/words'

/** What becomes of what was changed: saved, put back, or weighed against somebody else's change. */
defineProps<{
  dirty: boolean
  busy: boolean
  saved: boolean
  message: string
  conflict: { current: ClientView; changed: readonly string[] } | null
}>()
const emit = defineEmits<{ save: []; back: []; theirs: []; mine: [] }>()
</script>

<template>
  <div v-if="dirty || saved || conflict || message" class="save" :class="{ floats: dirty }">
    <div v-if="conflict" class="conflict" role="alert">
      <p class="word warn"><StateMark state="WARN" />Somebody else changed this client meanwhile</p>
      <p>
        Different from yours:
        {{
          conflict.changed.map((f) => words(f.replace(/([A-Z])/g, '_$1'))).join(', ') ||
          'nothing you can see'
        }}.
      </p>
      <p class="side-by-side">
        <BButton variant="outline-secondary" @click="emit('theirs')">Take theirs</BButton>
        <BButton variant="outline-secondary" @click="emit('mine')">Keep mine</BButton>
      </p>
    </div>
    <p class="side-by-side">
      <BButton v-if="dirty" variant="primary" :disabled="busy" @click="emit('save')">Save</BButton>
      <BButton v-if="dirty" variant="link" @click="emit('back')">Put back</BButton>
      <span v-if="saved && !dirty" class="word good" role="status"
        ><StateMark state="GOOD" />Saved; warm-ups are composed anew</span
      >
      <span v-if="message" class="word stop" role="alert">{{ message }}</span>
    </p>
  </div>
</template>

<style scoped>
.save {
  padding: 10px 0;
}
.floats {
  position: sticky;
  z-index: 4;
  bottom: 0;
  border-top: 1.5px solid var(--ink);
  background: var(--ground);
}
.word {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  font-weight: 600;
}
.stop {
  color: var(--stop);
}
.good {
  color: var(--good);
}
.warn {
  color: var(--warn);
}
.conflict {
  margin-bottom: 12px;
  padding: 12px 16px;
  border: 1.5px solid var(--warn);
  background: var(--warn-wash);
}
</style>
