<script setup lang="ts">
import StateMark from '@/parts/StateMark.vue'

/** Under which title, and as what, a routine is kept. */
defineProps<{
  word: string
  known: boolean
  busy: boolean
  /** Rules that it breaks as it is. */
  broken: readonly string[]
}>()
const emit = defineEmits<{ save: []; another: []; leave: [] }>()
const title = defineModel<string>({ required: true })
</script>

<template>
  <form class="save" @submit.prevent="emit('save')">
    <label class="form-label" for="bench-title">Title</label>
    <input id="bench-title" v-model="title" class="form-control" maxlength="60" />
    <BButton type="submit" variant="primary" :disabled="busy || !title.trim()">{{ word }}</BButton>
    <BButton v-if="known" variant="outline-secondary" :disabled="busy" @click="emit('another')"
      >Save as another</BButton
    >
    <BButton variant="link" @click="emit('leave')">Cancel</BButton>
    <p v-if="broken.length" class="broken" role="status">
      <StateMark state="WARN" />It is kept as it is, with what the rules say against it:
      {{ broken.join(', ') }}.
    </p>
  </form>
</template>

<style scoped>
.save {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-bottom: 8px;
  padding: 10px 14px;
  border: 2px solid var(--main);
  border-radius: var(--corner);
  background: var(--surface);
}
.broken {
  flex-basis: 100%;
  margin: 0;
  color: var(--warn);
}
.save .form-label {
  margin: 0;
}
.save .form-control {
  flex: 1;
  min-width: 220px;
}
</style>
