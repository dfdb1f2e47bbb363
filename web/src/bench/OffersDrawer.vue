<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { api } from '@/api/calls'
import type { Draft, OffersView, StepDraft, WhyNotView } from '@/api/types'
import StateMark from '@/parts/StateMark.vue'
import { duration } from '@/parts/words'
import KindLetter from '@/tape/KindLetter.vue'

/** What could be added, the most valuable first; and why the rest is not there. */
const props = defineProps<{ draft: Draft; swapping: boolean }>()
const emit = defineEmits<{ add: [step: StepDraft]; close: [] }>()

const offers = ref<OffersView | null>(null)
const asked = ref<WhyNotView | null>(null)
const sought = ref('')
const error = ref('')
const field = ref<HTMLInputElement | null>(null)
const SHOWN = 60

async function load() {
  try {
    offers.value = await api.offers(props.draft)
    error.value = ''
  } catch (e) {
    error.value = (e as Error).message
  }
}
watch(() => props.draft, load)
onMounted(async () => {
  await load()
  await nextTick()
  field.value?.focus()
})
const has = (title: string) => title.toLowerCase().includes(sought.value.trim().toLowerCase())
const fits = computed(() => (offers.value?.fits ?? []).filter((o) => has(o.title)).slice(0, SHOWN))
const groups = computed(() =>
  [
    { name: 'Fits now', offers: fits.value.filter((o) => o.fits) },
    { name: 'If something makes room', offers: fits.value.filter((o) => !o.fits) },
  ].filter((group) => group.offers.length),
)
const rest = computed(() =>
  (offers.value?.doesNot ?? []).filter((o) => has(o.title)).slice(0, SHOWN),
)
async function why(exerciseId: string) {
  try {
    asked.value = await api.whyNot(props.draft, exerciseId)
  } catch (e) {
    error.value = (e as Error).message
  }
}
</script>

<template>
  <section class="drawer" aria-label="Add a step" @keydown.esc.stop="emit('close')">
    <header class="line-up">
      <h2>{{ swapping ? 'Take instead' : 'Add a step' }}</h2>
      <BButton class="push" size="sm" variant="outline-secondary" @click="emit('close')"
        >Close</BButton
      >
    </header>
    <label class="form-label" for="bench-seek">Find</label>
    <input id="bench-seek" ref="field" v-model="sought" class="form-control" type="search" />
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <div class="halves">
      <div>
        <div class="offers scroll">
          <section v-for="group in groups" :key="group.name">
            <h3>{{ group.name }}</h3>
            <ul>
              <li v-for="offer in group.offers" :key="offer.step.exerciseId">
                <button type="button" class="add" @click="emit('add', offer.step)">
                  <KindLetter :kind="offer.kind" />
                  <span class="title"
                    >{{ offer.title }}<small class="quiet">{{ offer.why }}</small></span
                  >
                  <span class="quiet">{{ duration(offer.seconds * 1000) }}</span>
                  <span class="worth" aria-hidden="true"
                    ><i :style="{ width: `${offer.share}%` }"
                  /></span>
                </button>
              </li>
            </ul>
          </section>
        </div>
        <p v-if="offers && !fits.length" class="quiet">Nothing of that name is left.</p>
      </div>
      <div>
        <h3>Why not this exercise?</h3>
        <article v-if="asked" class="scroll">
          <p class="head">
            <KindLetter :kind="asked.kind" /><b>{{ asked.title }}</b>
            <BButton class="push" size="sm" variant="link" @click="asked = null">All</BButton>
          </p>
          <dl>
            <template v-for="gate in asked.gates" :key="gate.gate">
              <dt>
                <StateMark
                  :state="gate.closed ? (gate.gate === 'SIGN' ? 'STOP' : 'WARN') : 'GOOD'"
                />{{ gate.title }}
              </dt>
              <dd>{{ gate.closed || 'Nothing against it.' }}</dd>
            </template>
          </dl>
          <p v-if="asked.decided"><b>What decides:</b> {{ asked.decided }}</p>
          <p v-else>It would be chosen.</p>
        </article>
        <ul v-else class="scroll">
          <li v-for="out in rest" :key="out.exerciseId">
            <button type="button" class="add" @click="why(out.exerciseId)">
              <KindLetter :kind="out.kind" />
              <span class="title"
                >{{ out.title }}<small class="quiet">{{ out.reason }}</small></span
              >
            </button>
          </li>
        </ul>
      </div>
    </div>
  </section>
</template>

<style scoped>
.drawer {
  padding: 14px 20px 18px;
  border: 2px solid var(--main);
  border-radius: var(--corner);
  background: var(--surface);
}
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px;
  margin-top: 12px;
}
.scroll {
  max-height: 300px;
  overflow-y: auto;
}
li {
  border-bottom: 1px solid var(--line);
}
.add {
  display: flex;
  align-items: center;
  gap: 10px;
  width: 100%;
  min-height: 36px;
  padding: 4px 2px;
  border: 0;
  background: none;
  color: var(--ink);
  text-align: left;
}
.add:hover {
  background: var(--main-wash);
}
.title {
  flex: 1;
  font-weight: 600;
}
.title small {
  display: block;
  font-weight: 400;
  font-size: 0.8125rem;
}
.worth {
  flex: none;
  width: 48px;
  height: 6px;
  border-radius: 3px;
  background: var(--line);
}
.worth i {
  display: block;
  height: 100%;
  border-radius: 3px;
  background: var(--main);
}
.offers section + section {
  margin-top: 12px;
}
.add > .quiet {
  flex: none;
}
.head {
  display: flex;
  align-items: center;
  gap: 8px;
}
dl {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 6px 12px;
  margin: 8px 0;
}
dt {
  display: flex;
  gap: 8px;
  align-items: center;
  font-weight: 600;
}
.error {
  color: var(--stop);
  font-weight: 600;
}
</style>
