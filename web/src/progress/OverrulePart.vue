<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import type { LadderView, Side, WordForm } from '@/api/types'
import { useAttempt } from '@/api/useAttempt'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { capital } from '@/parts/words'

/** The coach decides otherwise, with a reason; it stands in the same story as every decision. */
const props = defineProps<{ clientId: string; ladder: LadderView }>()
const emit = defineEmits<{ said: [] }>()

type Word = WordForm['word']
const free = computed(() => props.ladder.sides.every((side) => side.word === null))
const closed = computed(() =>
  props.ladder.sides.some((side) => side.paused || side.stopped || side.lowered),
)
const words = computed(() =>
  (
    [
      { value: 'RESET', label: 'Set to a rung' },
      { value: 'PIN', label: 'Pin to a rung' },
      { value: 'HOLD', label: 'No steps up' },
      { value: 'ALLOW', label: 'Allow again' },
      { value: 'LET_GO', label: 'Leave it to the rules' },
    ] as const
  ).filter(
    ({ value }) => (value !== 'ALLOW' || closed.value) && (value !== 'LET_GO' || !free.value),
  ),
)
const word = ref<Word | null>(null)
const rung = ref(props.ladder.sides[0]?.rung ?? 0)
const whose = ref<'BOTH' | Side>('BOTH')
const WHOSE = computed(() =>
  props.ladder.sides.length > 1
    ? [
        { value: 'BOTH' as const, label: 'Both sides' },
        ...props.ladder.sides.map((s) => ({ value: s.side, label: capital(s.side.toLowerCase()) })),
      ]
    : [],
)
const reason = ref('')
const named = computed(() => word.value === 'PIN' || word.value === 'RESET')
const { busy, message, attempt } = useAttempt()

const say = () =>
  attempt(async () => {
    if (!word.value) return
    await api.sayOfRung(props.clientId, props.ladder.exerciseId, {
      sides: whose.value === 'BOTH' ? props.ladder.sides.map((s) => s.side) : [whose.value],
      word: word.value,
      rung: named.value ? rung.value : null,
      reason: reason.value,
    })
    word.value = null
    reason.value = ''
    emit('said')
  })
</script>

<template>
  <form class="overrule" @submit.prevent="say">
    <h3>Decide otherwise</h3>
    <ChoiceRow v-model="word" label="What you decide" :options="words" />
    <template v-if="word">
      <ChoiceRow v-if="WHOSE.length" v-model="whose" label="Which side" :options="WHOSE" />
      <p v-if="named" class="line-up">
        <label for="rung">Rung</label>
        <select id="rung" v-model.number="rung">
          <option v-for="(words_, i) in ladder.rungs" :key="i" :value="i">{{ words_ }}</option>
        </select>
        <span class="quiet small">Only pain and signs lower it then.</span>
      </p>
      <p class="line-up">
        <label for="reason">Because</label>
        <BFormInput id="reason" v-model="reason" maxlength="200" required />
        <BButton type="submit" variant="primary" :disabled="busy || !reason.trim()">Decide</BButton>
      </p>
      <p v-if="message" class="error" role="alert">{{ message }}</p>
    </template>
  </form>
</template>

<style scoped>
.overrule {
  display: grid;
  gap: 8px;
}
.line-up :deep(.form-control) {
  flex: 1;
}
select {
  min-height: 36px;
  padding: 0 8px;
  border: 1.5px solid var(--edge);
  border-radius: var(--corner);
  background: var(--surface);
  color: var(--ink);
}
</style>
