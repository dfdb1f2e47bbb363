<script setup lang="ts">
/** Under which title, and as what, a routine is kept. */
defineProps<{ word: string; known: boolean; busy: boolean }>()
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
    <BButton variant="link" @click="emit('leave')">Leave it</BButton>
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
.save .form-label {
  margin: 0;
}
.save .form-control {
  flex: 1;
  min-width: 220px;
}
</style>
