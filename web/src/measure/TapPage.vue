<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { TapTaskQuery } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { useAttempt } from '@/api/useAttempt'
import PageState from '@/parts/PageState.vue'
import { ownMoment } from '@/parts/words'
import { account } from '@/stores/account'
import WorkshopFrame from '@/workshop/WorkshopFrame.vue'
import TapChooser from './TapChooser.vue'
import TapResult from './TapResult.vue'
import { asRoute } from './tapQuery'

/** Tap tests of a client: what can be tested, and what the tests said. */
const props = defineProps<{ clientId: string; test?: string }>()

const tests = useAsked(() => queries.tapTests(props.clientId))
const mine = computed(() =>
  tests.data.value?.client === props.clientId ? tests.data.value : undefined,
)
/** Whoever hears that it is gone must not be asked for it again. */
const forgotten = ref<string>()
const chosen = computed(() =>
  [props.test, ...(mine.value?.tests ?? []).map((one) => one.testId)].find(
    (id) => id && id !== forgotten.value,
  ),
)
const asked = useAsked(() => queries.tapResult(props.clientId, chosen.value))
const result = computed(() => (asked.data.value?.testId === chosen.value ? asked.data.value : null))
const router = useRouter()
const start = (query: TapTaskQuery) =>
  router.push({ path: `/workshop/${props.clientId}/tap-test/run`, query: asRoute(query) })
const { message, attempt } = useAttempt()
async function forget() {
  const id = chosen.value
  if (!id) return
  forgotten.value = id
  await attempt(async () => {
    await api.forgetTaps(props.clientId, id).catch((problem: unknown) => {
      forgotten.value = undefined
      throw problem
    })
    await router.push(`/workshop/${props.clientId}/tap-test`)
    await tests.reload()
  })
}
</script>

<template>
  <main id="main" class="page">
    <WorkshopFrame v-if="account.coach.value" :client-id="clientId" on="tap-test" />
    <p v-else><RouterLink to="/my-day">Back to your day</RouterLink></p>
    <PageState
      :loading="tests.slow.value"
      :error="tests.error.value"
      :ready="Boolean(mine)"
      @retry="tests.reload"
    >
      <div v-if="mine" class="columns">
        <aside>
          <TapChooser :key="clientId" :client-id="clientId" :tests="mine" @start="start" />
          <template v-if="mine.tests.length">
            <h2>Tests</h2>
            <ol class="tests">
              <li v-for="one in mine.tests" :key="one.testId">
                <RouterLink
                  :to="{ path: `/workshop/${clientId}/tap-test`, query: { test: one.testId } }"
                  :class="{ on: one.testId === chosen }"
                  :aria-current="one.testId === chosen ? 'true' : undefined"
                >
                  <b>{{ ownMoment(one.at) }}</b>
                  <span v-if="one.bpm" class="quiet">{{ one.bpm }} bpm</span>
                  <span class="words">{{ one.doing }}</span>
                  <span class="quiet"
                    >{{ one.words }}<template v-if="one.even">, even</template></span
                  >
                </RouterLink>
              </li>
            </ol>
          </template>
        </aside>
        <section v-if="!mine.tests.length" class="none">
          <h1>No test yet</h1>
          <p class="large">
            Keys tell how even somebody taps, which finger comes late after which, and whether that
            has changed. A computer keyboard is enough; choose a row and start.
          </p>
        </section>
        <PageState
          v-else
          :loading="asked.slow.value"
          :error="asked.error.value"
          :ready="Boolean(result)"
          @retry="asked.reload"
        >
          <TapResult
            v-if="result"
            :client-id="clientId"
            :result="result"
            @again="start"
            @forget="forget"
          />
        </PageState>
      </div>
      <p v-if="message" role="alert">{{ message }}</p>
    </PageState>
  </main>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 224px minmax(0, 1fr);
  gap: 0 32px;
}
h2 {
  margin: 20px 0 4px;
  font-size: 1rem;
}
.tests {
  margin: 0;
  padding: 0;
  list-style: none;
}
.tests a {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  padding: 6px 10px;
  border: 1.5px solid transparent;
  color: var(--ink);
  font-size: 0.8125rem;
  line-height: 1.125rem;
  text-decoration: none;
}
.tests a.on {
  border-color: var(--ink);
  background: var(--surface);
}
.words {
  flex-basis: 100%;
}
.none {
  max-width: 560px;
}
@media (max-width: 1100px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  aside {
    order: 1;
    margin-top: 24px;
  }
  .none {
    order: 0;
  }
}
</style>
