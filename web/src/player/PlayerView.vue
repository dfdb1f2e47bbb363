<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import { outbox } from '@/api/outbox'
import type { CheckInForm, Purpose, RoutineView, SessionForm } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import AwayStrip from '@/parts/AwayStrip.vue'
import PageState from '@/parts/PageState.vue'
import { account } from '@/stores/account'
import { countdown, duration } from '@/parts/words'
import CheckIn from './CheckIn.vue'
import { forgetRun, keptRun, type KeptRun } from './keptRun'
import PlayerStage from './PlayerStage.vue'

/** Loads a routine, plays it, and keeps what happened: the session first, then the check-in. */
const props = defineProps<{
  clientId: string
  blockId?: string
  routineId?: string
  purpose?: Purpose
  minutes?: string
  /** The line of the plan that it is a session of. */
  line?: string
  /** A moment as it was said. */
  said?: string
}>()

const router = useRouter()
const { data, error, slow, reload } = useAsked(() => queries.own(['played', { ...props }], asked))
async function asked(): Promise<{ reason: string; routine: RoutineView | null }> {
  if (props.blockId) return api.warmUp(props.clientId, props.blockId)
  let routine: RoutineView
  try {
    routine = props.said
      ? await api.playMoment(props.clientId, props.said)
      : props.purpose
        ? await api.playNow(props.clientId, props.purpose, Number(props.minutes), props.line)
        : await api.playRoutine(props.clientId, props.routineId ?? '')
  } catch (e) {
    if (!(e instanceof ServerProblem) || !e.errors.length) throw e
    // Nothing that may be done now is an answer, not a failure.
    return { reason: e.errors.map((problem) => problem.message).join(' '), routine: null }
  }
  return routine.steps.length
    ? { reason: '', routine }
    : { reason: routine.leftOut.map((out) => out.reason).join(' '), routine: null }
}
/** A session at this address that was cut off by a reload or a closed lid. */
const kept = keptRun(location.pathname + location.search)
const anew = ref(false)
const goingOn = shallowRef<KeptRun | null>(null)
function beginAnew() {
  forgetRun()
  anew.value = true
}
const played = computed(() => goingOn.value?.routine ?? data.value?.routine)
const record = shallowRef<SessionForm | null>(null)
// Made before anything is sent, so that whatever is sent twice is stored once.
const sessionId = crypto.randomUUID()
const coachName = computed(() => account.me.value?.coachName ?? 'your coach')
const home = () => (account.coach.value ? `/clients/${props.clientId}/log` : '/my-day')

async function finished(happened: SessionForm) {
  if (record.value) return
  record.value = happened
  await outbox.put(
    api.sessionPath(props.clientId, sessionId),
    happened,
    played.value?.title ?? 'Session',
  )
}
async function keep(checkIn: CheckInForm) {
  await outbox.put(api.checkInPath(props.clientId, sessionId), checkIn, 'Check-in')
  await router.push(home())
}
</script>

<template>
  <template v-if="record && played">
    <AwayStrip />
    <CheckIn :routine="played" :record="record" :coach-name="coachName" @keep="keep" />
  </template>
  <PlayerStage
    v-else-if="goingOn"
    :routine="goingOn.routine"
    :kept="goingOn"
    @finished="finished"
    @left="router.push(home())"
  />
  <main v-else-if="kept && !anew" id="main" class="page going-on">
    <h1>{{ kept.routine.title }} was not over</h1>
    <p class="large">
      It stands at {{ countdown(kept.position) }} of {{ duration(kept.routine.lengthMillis) }}.
    </p>
    <p class="side-by-side">
      <BButton variant="primary" size="lg" @click="goingOn = kept">Go on there</BButton>
      <BButton variant="outline-secondary" size="lg" @click="beginAnew">Begin anew</BButton>
    </p>
  </main>
  <PlayerStage
    v-else-if="data?.routine"
    :routine="data.routine"
    @finished="finished"
    @left="router.push(home())"
  />
  <main v-else id="main" class="page">
    <PageState :loading="slow" :error="error" :ready="Boolean(data)" @retry="reload">
      <h1>{{ blockId ? 'There is no warm-up before this block' : 'Not now' }}</h1>
      <p class="large">{{ data?.reason }}</p>
      <p class="large"><RouterLink :to="home()">Back</RouterLink></p>
    </PageState>
  </main>
</template>
