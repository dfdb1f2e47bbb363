<script setup lang="ts">
import type { ReadyProgrammeView } from '@/api/types'
import { counted } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'

/** The programmes that one can start from. */
defineProps<{ ready: readonly ReadyProgrammeView[]; title: string; chosen: string | undefined }>()
const emit = defineEmits<{ take: [ready: ReadyProgrammeView] }>()
</script>

<template>
  <section aria-label="Programmes to start from">
    <h2>{{ title }}</h2>
    <ul>
      <li v-for="one in ready" :key="one.id">
        <button
          type="button"
          :aria-pressed="chosen === one.programme.title"
          @click="emit('take', one)"
        >
          <b>{{ one.programme.title }}</b>
          <span class="quiet">{{ counted(one.weeks, 'week') }}</span>
          <span class="aim">{{ one.aim }}</span>
          <span class="pegs">
            <PegIcon v-for="(o, i) in one.programme.obligations" :key="i" :purpose="o.purpose" />
          </span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
button {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 12px;
  width: 100%;
  padding: 8px 12px;
  border: 1.5px solid transparent;
  border-bottom-color: var(--line);
  background: transparent;
  color: var(--ink);
  text-align: left;
}
button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--surface);
}
.aim,
.pegs {
  grid-column: 1 / -1;
  font-size: 0.8125rem;
}
</style>
