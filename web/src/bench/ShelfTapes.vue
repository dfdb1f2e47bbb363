<script setup lang="ts">
import { computed } from 'vue'
import type { Purpose, TemplateView } from '@/api/types'
import { PURPOSES } from '@/parts/labels'
import { duration } from '@/parts/words'
import RoutineTape from '@/tape/RoutineTape.vue'

/** What there is to start from while nothing lies on the bench, drawn small. */
const props = defineProps<{ purpose: Purpose; templates: readonly TemplateView[] }>()
const emit = defineEmits<{ open: [template: TemplateView] }>()

const fitting = computed(() => props.templates.filter((one) => one.purpose === props.purpose))
</script>

<template>
  <section v-if="fitting.length" aria-labelledby="shelf-tapes">
    <h2 id="shelf-tapes">Ready to start from: {{ PURPOSES[purpose].toLowerCase() }}</h2>
    <ul>
      <li v-for="one in fitting" :key="one.id">
        <button type="button" @click="emit('open', one)">
          <span class="line-up">
            <b>{{ one.title }}</b>
            <span class="quiet push">{{ duration(one.seconds * 1000) }}</span>
          </span>
          <RoutineTape :steps="one.tape" :height="26" aria-hidden="true" />
          <span class="quiet small">{{ one.aim }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  margin: 20px 0 8px;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 12px;
}
button {
  display: grid;
  gap: 8px;
  width: 100%;
  height: 100%;
  padding: 12px 14px;
  border: 1px solid var(--line);
  border-radius: var(--corner);
  background: var(--surface);
  color: var(--ink);
  text-align: left;
}
button:hover {
  border-color: var(--main);
}
</style>
