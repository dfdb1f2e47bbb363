<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { Side } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { useAttempt } from '@/api/useAttempt'
import PageState from '@/parts/PageState.vue'
import { ownMoment } from '@/parts/words'
import WorkshopFrame from '@/workshop/WorkshopFrame.vue'
import LiftResult from './LiftResult.vue'

/** Holding and lifting: what was tested, and the next test. */
const props = defineProps<{ clientId: string; test?: string }>()

const tests = useAsked(() => queries.liftTests(props.clientId))
const mine = computed(() =>
  tests.data.value?.client === props.clientId ? tests.data.value : undefined,
)
const chosen = computed(() => props.test ?? mine.value?.tests[0]?.testId)
const asked = useAsked(() => queries.liftResult(props.clientId, chosen.value))
const result = computed(() => (asked.data.value?.testId === chosen.value ? asked.data.value : null))
const side = ref<Side | 'BOTH'>('BOTH')
const thumb = ref(false)
const router = useRouter()
const start = () =>
  router.push({
    path: `/workshop/${props.clientId}/hold-and-lift/run`,
    query: {
      ...(side.value === 'BOTH' ? {} : { side: side.value }),
      ...(thumb.value ? { thumb: 'true' } : {}),
    },
  })
const { message, attempt } = useAttempt()
async function forget() {
  const id = chosen.value
  if (!id) return
  await attempt(async () => {
    await api.forgetLifts(props.clientId, id)
    await router.push(`/workshop/${props.clientId}/hold-and-lift`)
    await tests.reload()
  })
}
</script>

<template>
  <main id="main" class="page">
    <WorkshopFrame :client-id="clientId" on="hold-and-lift" />
    <PageState
      :loading="tests.slow.value"
      :error="tests.error.value"
      :ready="Boolean(mine)"
      @retry="tests.reload"
    >
      <template v-if="mine">
        <form class="next" @submit.prevent="start">
          <label
            >Hands
            <select v-model="side" class="form-select">
              <option value="BOTH">Both, left first</option>
              <option value="LEFT">Left</option>
              <option value="RIGHT">Right</option>
            </select>
          </label>
          <label class="check"
            ><input v-model="thumb" type="checkbox" class="form-check-input" /> with the
            thumb</label
          >
          <BButton type="submit" variant="primary">{{
            mine.tests.length ? 'Test again' : 'Start the test'
          }}</BButton>
          <label v-if="mine.tests.length" class="of"
            >Test of
            <select
              class="form-select"
              :value="chosen"
              @change="
                router.push({
                  query: { test: ($event.target as HTMLSelectElement).value },
                })
              "
            >
              <option v-for="one in mine.tests" :key="one.testId" :value="one.testId">
                {{ ownMoment(one.at) }}
              </option>
            </select>
          </label>
        </form>
        <section v-if="!mine.tests.length" class="none">
          <h1>No test yet</h1>
          <p class="large">
            All keys of a hand are held and one finger is lifted on request, {{ mine.times }} times
            each. What comes up besides is counted: how independent each finger is, and what goes
            with it.
          </p>
        </section>
        <PageState
          v-else
          :loading="asked.slow.value"
          :error="asked.error.value"
          :ready="Boolean(result)"
          @retry="asked.reload"
        >
          <LiftResult v-if="result" :client-id="clientId" :result="result" @forget="forget" />
        </PageState>
        <p v-if="message" role="alert">{{ message }}</p>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
.next {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin-bottom: 8px;
}
.next label {
  display: flex;
  gap: 8px;
  align-items: center;
  color: var(--ink-2);
}
.next select {
  width: auto;
}
.of {
  margin-left: auto;
}
.none {
  max-width: 560px;
}
</style>
