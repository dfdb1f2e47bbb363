<script setup lang="ts">
import { computed } from 'vue'
import type { FieldProblem } from '@/api/client'
import { queries } from '@/api/queries'
import type { ClientForm } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import FieldProblems from '@/form/FieldProblems.vue'
import WordText from '@/form/WordText.vue'
import { POSITIONS, THINGS, keys } from '@/parts/labels'
import { counted } from '@/parts/words'
import { PLACE_SHAPES, THING_SHAPES } from './shelf'
import ShelfLine from './ShelfLine.vue'

/** What somebody can use: places and things on shelves, and how far the library reaches with them. */
const props = defineProps<{ problems: readonly FieldProblem[] }>()
const form = defineModel<ClientForm>({ required: true })

const reach = useAsked(() =>
  queries.atHand({
    positions: [...form.value.positions].sort(),
    things: [...form.value.things].sort(),
  }),
)
const places = computed(() =>
  keys(PLACE_SHAPES).map((value) => ({
    value,
    name: POSITIONS[value],
    shape: PLACE_SHAPES[value],
  })),
)
const things = computed(() =>
  keys(THING_SHAPES).map((value) => {
    const standIn = reach.data.value?.standIns[value]
    return {
      value,
      name: THINGS[value],
      shape: THING_SHAPES[value],
      beneath: standIn && !form.value.things.includes(value) ? THINGS[standIn.thing] : undefined,
      hint: standIn?.words,
    }
  }),
)
const weights = computed({
  get: () => form.value.weightsGrams.join(', '),
  set: (text: string) => {
    form.value.weightsGrams = text
      .split(/[^0-9]+/)
      .filter((part) => part !== '')
      .map(Number)
  },
})
const NAMED = 3
const waiting = computed(() => (reach.data.value?.waiting ?? []).slice(0, NAMED))
const wrong = (field: string) => props.problems.some((p) => p.field.startsWith(field))
</script>

<template>
  <section class="at-hand" aria-label="At hand">
    <header class="line-up">
      <h2>At hand</h2>
      <span class="quiet">touch what is there; dotted: not there, with what stands in</span>
    </header>
    <ShelfLine v-model="form.positions" label="Positions" :items="places" />
    <FieldProblems :problems="problems" :fields="['positions']" />
    <ShelfLine v-model="form.things" label="Things at hand" :items="things" />
    <p class="sentence">
      Weights at hand, in grams:
      <WordText
        v-model.lazy="weights"
        label="Weights at hand, in grams"
        placeholder="none, or 500, 750, 1000"
        :invalid="wrong('weightsGrams')"
      />.
      <template v-if="reach.data.value">
        That makes <b>{{ reach.data.value.usable }}</b> of {{ reach.data.value.all }} exercises<!--
     --><template v-if="reach.data.value.withStandIn"
          >, {{ reach.data.value.withStandIn }} with a stand-in</template
        ><template v-for="(one, i) in waiting" :key="one.word"
          >{{ i ? ', ' : '; ' }}{{ counted(one.exercises, 'waits', 'wait') }} for
          {{ one.word }}</template
        >.
      </template>
    </p>
    <FieldProblems
      :problems="problems"
      :fields="['weightsGrams', ...form.weightsGrams.map((_, i) => `weightsGrams[${i}]`)]"
    />
  </section>
</template>

<style scoped>
.at-hand {
  display: grid;
  gap: 12px;
}
</style>
