<script setup lang="ts">
import { computed } from 'vue'
import type { LadderView } from '@/api/types'
import KindLetter from '@/tape/KindLetter.vue'
import RungLine from './RungLine.vue'
import StandingWords from './StandingWords.vue'
import { standing } from './standing'

/** One ladder in the list: what it is, how it stands, and its rungs. */
const props = defineProps<{ ladder: LadderView; chosen: boolean }>()
const emit = defineEmits<{ choose: [] }>()

const state = computed(() => standing(props.ladder))
/** Why it stands there, where that is worth a look. */
const why = computed(() =>
  state.value.tone === 'quiet' ? '' : (props.ladder.sides.find((s) => s.last)?.last ?? ''),
)
</script>

<template>
  <button
    type="button"
    class="ladder"
    :class="{ chosen }"
    :aria-expanded="chosen"
    @click="emit('choose')"
  >
    <span class="line-up">
      <KindLetter :kind="ladder.kind" />
      <b>{{ ladder.title }}</b>
      <span class="quiet small dose">{{ ladder.dose }}</span>
      <StandingWords class="push" :ladder="ladder" />
    </span>
    <RungLine :ladder="ladder" />
    <span v-if="why" class="small why">{{ why }}</span>
  </button>
</template>

<style scoped>
.ladder {
  display: grid;
  gap: 6px;
  width: 100%;
  padding: 10px 8px;
  border: 0;
  border-top: 1px solid var(--line);
  background: transparent;
  color: var(--ink);
  text-align: left;
}
.ladder.chosen {
  outline: 2px solid var(--ink);
  background: var(--surface);
}
.why {
  color: var(--ink-2);
}
.dose {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
