<script setup lang="ts">
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import type { Digit, Side } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import { account } from '@/stores/account'
import type { Phrase } from './phrase'
import RoundStage from './RoundStage.vue'

/** A round of finger patterns, made when it is asked for. */
const props = defineProps<{
  clientId: string
  minutes?: number
  aMinute?: number
  phrase: Phrase
  /** The fingers of the transition that it is for, and whose; null for all that is learned. */
  from: Digit | null
  to: Digit | null
  hand: Side | null
}>()

const asked = useAsked(() =>
  queries.own(
    [
      'client',
      props.clientId,
      'workshop',
      'round',
      props.minutes,
      props.aMinute,
      props.phrase,
      props.from,
      props.to,
      props.hand,
    ],
    () =>
      api.drillRound(props.clientId, {
        minutes: props.minutes ?? null,
        aMinute: props.aMinute ?? null,
        bars: props.phrase.bars ?? null,
        beatsABar: props.phrase.beatsABar ?? null,
        from: props.from,
        to: props.to,
        hand: props.hand,
      }),
  ),
)
const router = useRouter()
const leave = () =>
  router.push(account.coach.value ? `/workshop/${props.clientId}/patterns` : '/my-day')
</script>

<template>
  <RoundStage
    v-if="asked.data.value"
    :key="asked.data.value.roundId"
    :client-id="clientId"
    :round="asked.data.value"
    :phrase="phrase"
    @leave="leave"
  />
  <main v-else id="main" class="page">
    <PageState
      :loading="asked.slow.value"
      :error="asked.error.value"
      :ready="false"
      @retry="asked.reload"
    />
    <BButton v-if="asked.error.value" variant="outline-secondary" @click="leave">Back</BButton>
  </main>
</template>
