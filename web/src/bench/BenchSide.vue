<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ClientSummary, ClientView, Draft, Purpose, ThemeView } from '@/api/types'
import { PURPOSES, keys } from '@/parts/labels'
import PegIcon from '@/ribbon/PegIcon.vue'
import ThemeField from './ThemeField.vue'

/** For whom, for what, how long, and what lies around it. */
const props = defineProps<{
  draft: Draft
  clients: readonly ClientSummary[]
  themes: readonly ThemeView[]
  client: ClientView | null
  /** Whether the hands count as warm where the draft leaves it open. */
  warmed: boolean
}>()
const emit = defineEmits<{ change: [changed: Partial<Draft>]; themes: [] }>()

const LEAST = 1
const GREATEST = 30
const minutes = computed(() => props.draft.budgetSeconds / 60)
const STRIDE = 1
const bounded = ref(false)
function setMinutes(value: number) {
  if (!Number.isFinite(value)) return
  bounded.value = value < LEAST || value > GREATEST
  const seconds = Math.round(Math.min(GREATEST, Math.max(LEAST, value)) * 60)
  if (seconds !== props.draft.budgetSeconds) emit('change', { budgetSeconds: seconds })
}
function setClient(id: string) {
  emit('change', { clientId: id || null, activityId: null })
}
const usualMinutes = (purpose: Purpose) => {
  const facts = props.client?.facts
  return purpose === 'WARM_UP'
    ? facts?.warmUpMinutes
    : purpose === 'BREAK'
      ? facts?.breakMinutes
      : facts?.careMinutes
}
function setPurpose(purpose: Purpose) {
  const usual = usualMinutes(purpose)
  emit('change', {
    purpose,
    warmed: null,
    ...(usual && !props.draft.steps.length ? { budgetSeconds: usual * 60 } : {}),
  })
}
/** Whoever comes to an empty bench brings the minutes they like. */
watch(
  () => props.client?.id,
  () => {
    const usual = usualMinutes(props.draft.purpose)
    if (usual && !props.draft.steps.length && usual * 60 !== props.draft.budgetSeconds)
      emit('change', { budgetSeconds: usual * 60 })
  },
)
function move(event: KeyboardEvent, index: number) {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  if (!by) return
  event.preventDefault()
  const all = keys(PURPOSES)
  const next = (index + by + all.length) % all.length
  const purpose = all[next]
  if (!purpose) return
  setPurpose(purpose)
  const group = (event.currentTarget as HTMLElement).parentElement
  ;(group?.children[next] as HTMLElement | undefined)?.focus()
}
const playNear = computed({
  get: () => (props.draft.minutesToPlay === null ? '' : String(props.draft.minutesToPlay)),
  set: (text: string) => {
    const value = Number.parseInt(text, 10)
    emit('change', {
      minutesToPlay: Number.isNaN(value) ? null : Math.min(1440, Math.max(0, value)),
    })
  },
})
</script>

<template>
  <div class="bench-side">
    <div>
      <label class="form-label" for="bench-client">Client</label>
      <select
        id="bench-client"
        class="form-select"
        :value="draft.clientId ?? ''"
        @change="setClient(($event.target as HTMLSelectElement).value)"
      >
        <option value="">Nobody: a template</option>
        <option v-for="one in clients" :key="one.id" :value="one.id">{{ one.name }}</option>
      </select>
    </div>
    <div>
      <p id="bench-purpose" class="form-label">Purpose</p>
      <div class="purposes" role="radiogroup" aria-labelledby="bench-purpose">
        <button
          v-for="(purpose, i) in keys(PURPOSES)"
          :key="purpose"
          type="button"
          role="radio"
          :aria-checked="draft.purpose === purpose"
          :tabindex="draft.purpose === purpose ? 0 : -1"
          @click="setPurpose(purpose)"
          @keydown="move($event, i)"
        >
          <PegIcon :purpose="purpose" />{{ PURPOSES[purpose] }}
        </button>
      </div>
    </div>
    <div>
      <label class="form-label" for="bench-minutes">Minutes</label>
      <div class="stepper">
        <button type="button" aria-label="A minute less" @click="setMinutes(minutes - STRIDE)">
          −
        </button>
        <input
          id="bench-minutes"
          type="number"
          min="1"
          max="30"
          step="0.5"
          :value="minutes"
          @change="setMinutes(Number(($event.target as HTMLInputElement).value))"
        />
        <button type="button" aria-label="A minute more" @click="setMinutes(minutes + STRIDE)">
          +
        </button>
      </div>
      <p v-if="bounded" class="quiet small" role="status">1 to 30 minutes.</p>
    </div>
    <div>
      <ThemeField
        :draft="draft"
        :themes="themes"
        @choose="emit('change', { theme: $event })"
        @changed="emit('themes')"
      />
    </div>
    <div v-if="client && client.facts.activities.length > 1">
      <label class="form-label" for="bench-activity">Around</label>
      <select
        id="bench-activity"
        class="form-select"
        :value="draft.activityId ?? ''"
        @change="emit('change', { activityId: ($event.target as HTMLSelectElement).value || null })"
      >
        <option value="">All they do</option>
        <option v-for="a in client.facts.activities" :key="a.id ?? a.title" :value="a.id">
          {{ a.title }}
        </option>
      </select>
    </div>
    <div class="near">
      <label class="check">
        <input
          type="checkbox"
          class="form-check-input"
          :checked="draft.warmed ?? warmed"
          @change="emit('change', { warmed: ($event.target as HTMLInputElement).checked })"
        />
        Hands are warm already
      </label>
      <label class="check">
        Play follows after
        <input v-model.lazy="playNear" type="number" min="0" max="1440" class="form-control" />
        min
      </label>
    </div>
  </div>
</template>

<style scoped>
.form-label {
  display: block;
}
.bench-side {
  display: grid;
  gap: 16px;
}
.purposes {
  display: grid;
}
.purposes button {
  display: flex;
  align-items: center;
  gap: 10px;
  height: 32px;
  padding: 0 8px;
  border: 1.5px solid transparent;
  background: transparent;
  color: var(--ink-2);
  font: 500 0.875rem/1.25rem var(--font);
  text-align: left;
}
.purposes button[aria-checked='true'] {
  border-color: var(--ink);
  background: var(--surface);
  color: var(--ink);
  font-weight: 700;
}
.near {
  display: grid;
  gap: 8px;
}
.check .form-control {
  width: 56px;
  padding: 2px 6px;
  appearance: textfield;
}
</style>
