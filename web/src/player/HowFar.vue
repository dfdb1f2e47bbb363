<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ResultForm } from '@/api/types'
import { RESULT_UNITS, keys } from '@/parts/labels'

/** What a step came to: an interval, a fret or a distance. */
const props = defineProps<{ titles: readonly string[]; usual: number }>()
const result = defineModel<ResultForm | null>({ required: true })

const place = ref(props.usual)
const unit = ref<ResultForm['unit']>('SEMITONES')
const value = ref('')
const UNITS = keys(RESULT_UNITS)
const MOST = 1000
const number = computed(() => Number(value.value))
const wrong = computed(
  () =>
    value.value !== '' &&
    (!Number.isInteger(number.value) || number.value < 0 || number.value > MOST),
)
watch([place, unit, value], () => {
  result.value =
    value.value === '' || wrong.value
      ? null
      : { place: place.value, unit: unit.value, value: number.value }
})
</script>

<template>
  <div class="far">
    <select v-model.number="place" class="form-select" aria-label="Of which step">
      <option v-for="(title, i) in titles" :key="i" :value="i">{{ title }}</option>
    </select>
    <input
      v-model="value"
      class="form-control"
      inputmode="numeric"
      aria-label="How far"
      :aria-invalid="wrong"
    />
    <select v-model="unit" class="form-select" aria-label="Unit">
      <option v-for="one in UNITS" :key="one" :value="one">{{ RESULT_UNITS[one] }}</option>
    </select>
    <p v-if="wrong" class="error" role="alert">How far must be a whole number from 0 to 1000.</p>
  </div>
</template>

<style scoped>
.far {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 88px 132px;
  gap: 8px;
}
.far .error {
  grid-column: 1 / -1;
}
</style>
