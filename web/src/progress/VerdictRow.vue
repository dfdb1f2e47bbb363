<script setup lang="ts">
import type { AnsweredView, Verdict } from '@/api/types'
import { useRadioKeys } from '@/form/useRadioKeys'

/** What is decided about a question: boxed what is chosen, a foot under what the rule suggests. */
const props = defineProps<{ finding: AnsweredView }>()
const verdict = defineModel<Verdict | null>({ required: true })
const { focusable, move } = useRadioKeys(
  () => props.finding.choices.map((choice) => choice.verdict),
  verdict,
)
</script>

<template>
  <div class="verdicts" role="radiogroup" :aria-label="finding.words">
    <button
      v-for="(choice, i) in finding.choices"
      :key="choice.verdict"
      type="button"
      role="radio"
      :aria-checked="verdict === choice.verdict"
      :tabindex="focusable(i)"
      :class="{
        suggested: choice.verdict === finding.suggested,
        refer: choice.verdict === 'REFER',
      }"
      @click="verdict = choice.verdict"
      @keydown="move($event, i)"
    >
      {{ choice.word
      }}<span v-if="choice.verdict === finding.suggested" class="visually-hidden"
        >, what the rule suggests</span
      >
    </button>
  </div>
</template>

<style scoped>
.verdicts {
  display: flex;
  flex-wrap: wrap;
}
button {
  position: relative;
  height: 32px;
  padding: 0 10px;
  border: 1.5px solid transparent;
  background: transparent;
  color: var(--ink);
  font-weight: 500;
}
button[aria-checked='true'] {
  border-color: var(--ink);
  background: var(--surface);
  font-weight: 700;
}
.refer {
  color: var(--stop);
}
.suggested::after {
  position: absolute;
  right: 0;
  bottom: -8px;
  left: 0;
  width: 18px;
  height: 5px;
  margin: 0 auto;
  background: var(--main);
  content: '';
}
</style>
