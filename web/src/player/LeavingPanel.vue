<script setup lang="ts">
import { nextTick, onMounted, useTemplateRef } from 'vue'
import type { Shortfall } from '@/api/types'
import { SHORTFALLS, keys } from '@/parts/labels'
import StageKey from './StageKey.vue'

/** Whether to leave a session that has begun, and why. */
const emit = defineEmits<{ stay: []; leave: [why: Shortfall] }>()

const goOn = useTemplateRef<InstanceType<typeof StageKey>>('goOn')
onMounted(() => void nextTick(() => (goOn.value?.$el as HTMLElement | undefined)?.focus()))
</script>

<template>
  <section class="leaving" role="dialog" aria-modal="true" aria-labelledby="leaving-heading">
    <h1 id="leaving-heading">Leave before the end?</h1>
    <p class="lead">What is done is kept. Leave, because</p>
    <p class="side-by-side reasons">
      <StageKey
        v-for="why in keys(SHORTFALLS)"
        :key="why"
        :word="SHORTFALLS[why]"
        @click="emit('leave', why)"
      />
    </p>
    <p class="side-by-side">
      <StageKey ref="goOn" on word="Go on" @click="emit('stay')" />
    </p>
  </section>
</template>

<style scoped>
.leaving {
  position: fixed;
  z-index: 20;
  inset: 0;
  display: grid;
  gap: 16px;
  align-content: center;
  justify-items: center;
  background: color-mix(in srgb, var(--ground) 94%, transparent);
}
.reasons {
  flex-wrap: wrap;
  justify-content: center;
}
.lead {
  font-size: 1.25rem;
  line-height: 1.75rem;
}
</style>
