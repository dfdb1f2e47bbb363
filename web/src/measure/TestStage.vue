<script setup lang="ts">
import type { SafetyView } from '@/api/types'
import HurtsPanel from '@/player/HurtsPanel.vue'
import StageFrame from '@/player/StageFrame.vue'
import StageKey from '@/player/StageKey.vue'
import TestOver from './TestOver.vue'
import type { useTest } from './useTest'

/** The stage of a test: before it, while it runs, and when it ended early. */
const props = defineProps<{
  test: ReturnType<typeof useTest>
  title: string
  doing: string
  /** How much is left, or done. */
  left: string
  safety: SafetyView
}>()
const { state, message, ending, hurting } = props.test
</script>

<template>
  <StageFrame :data-state="state">
    <div class="under" :inert="hurting">
      <header class="stage-top">
        <strong>{{ title }}</strong>
        <span class="quiet">{{ doing }}</span>
        <span class="stage-left">{{ left }}</span>
      </header>
      <slot v-if="state === 'ready'" name="ready" />
      <TestOver
        v-else-if="state === 'void' || state === 'left' || message"
        :stopped="ending === 'STOPPED'"
        :lost="state === 'void'"
        :message="message"
        :advice="safety.advice"
        @keep="test.keep()"
        @again="test.again"
        @leave="test.leave"
      />
      <template v-else>
        <slot />
        <nav class="stage-keys" aria-label="Test">
          <StageKey word="Start again" key-name="Home" @click="test.again" />
          <StageKey hurt word="It hurts" key-name="Space" @click="test.hurt" />
          <span class="stage-push quiet">Leaving this window makes the test void.</span>
          <StageKey word="Leave" key-name="Esc" @click="test.leave" />
        </nav>
        <slot name="foot" />
      </template>
    </div>
    <HurtsPanel
      v-if="hurting"
      :step-title="title"
      :safety="safety"
      @on="(pain) => test.end(pain)"
      @end="test.end"
      @cancel="test.end()"
    />
  </StageFrame>
</template>

<style scoped>
.under {
  display: contents;
}
</style>
