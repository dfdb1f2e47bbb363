<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { TapTaskQuery } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import TapStage from './TapStage.vue'
import TouchStage from './TouchStage.vue'

/** A tap test, made when it is asked for. */
const props = defineProps<{ clientId: string; query: TapTaskQuery; touch: boolean }>()

const asked = useAsked(() =>
  queries.own(['client', props.clientId, 'taps', 'task', props.query], () =>
    api.tapTask(props.clientId, props.query),
  ),
)
const tests = useAsked(() => queries.tapTests(props.clientId))
const standIn = computed(() => tests.data.value?.standIn ?? false)
const router = useRouter()
const page = () => `/workshop/${props.clientId}/tap-test`
const leave = () => router.push(page())
const measured = (test: string) => router.push({ path: page(), query: { test } })
</script>

<template>
  <component
    :is="touch ? TouchStage : TapStage"
    v-if="asked.data.value && tests.data.value"
    :client-id="clientId"
    :query="query"
    :task="asked.data.value"
    :stand-in="standIn"
    @leave="leave"
    @measured="measured"
  />
  <main v-else id="main" class="page">
    <PageState
      :loading="asked.slow.value"
      :error="asked.error.value ?? tests.error.value"
      :ready="false"
      @retry="asked.reload"
    />
    <BButton v-if="asked.error.value" variant="outline-secondary" @click="leave">Back</BButton>
  </main>
</template>
