<script setup lang="ts">
import type { ComposeView } from '@/api/types'
import { capital } from '@/parts/words'

/** Why each step of what was composed stands there. */
defineProps<{ composed: ComposeView; titleOf: (key?: string) => string | undefined }>()
</script>

<template>
  <section class="reasons">
    <details>
      <summary>Why these: the reason for each step</summary>
      <ol>
        <li v-for="(reason, i) in composed.choices" :key="i">
          <b>{{ titleOf(composed.steps[i]?.key) }}</b>
          {{ capital(reason) }}
        </li>
      </ol>
    </details>
  </section>
</template>

<style scoped>
.reasons {
  margin-top: 16px;
}
.reasons li {
  padding: 2px 0;
}
</style>
