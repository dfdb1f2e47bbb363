<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { Side } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import { account } from '@/stores/account'
import LiftStage from './LiftStage.vue'

/** A test of holding and lifting, made when it is asked for. */
const props = defineProps<{ clientId: string; side: Side | null; thumb: boolean }>()

const SEEDS = 1_000_000
const seed = Math.floor(Math.random() * SEEDS)
const wish = computed(() => ({
  ...(props.side ? { side: props.side } : {}),
  thumb: props.thumb,
  seed,
}))
const asked = useAsked(() =>
  queries.own(['client', props.clientId, 'lifts', 'task', wish.value], () =>
    api.liftTask(props.clientId, wish.value),
  ),
)
const tests = useAsked(() => queries.liftTests(props.clientId))
const router = useRouter()
const page = () => (account.coach.value ? `/workshop/${props.clientId}/hold-and-lift` : '/my-day')
const leave = () => router.push(page())
const measured = (test: string) =>
  account.coach.value ? router.push({ path: page(), query: { test } }) : leave()
</script>

<template>
  <LiftStage
    v-if="asked.data.value && tests.data.value"
    :client-id="clientId"
    :wish="wish"
    :task="asked.data.value"
    :needed="tests.data.value.needed"
    :stand-in="tests.data.value.standIn"
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
