<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import type { ClientForm, ClientView, Digit, HealthView, Side } from '@/api/types'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import MindedPart from '@/intake/MindedPart.vue'
import PainPart from '@/intake/PainPart.vue'
import SetUpPart from '@/intake/SetUpPart.vue'
import SignsPart from '@/intake/SignsPart.vue'
import StateMark from '@/parts/StateMark.vue'
import { capital, counted, dayMonth, words } from '@/parts/words'
import BlockEditor from '@/week/BlockEditor.vue'
import ClientFactsForm from '@/intake/ClientFactsForm.vue'
import { useClientPage } from '@/parts/clientPage'
import { copy, same } from '@/parts/forms'

const props = defineProps<{ clientId: string }>()

const { client, day, pains, reloadAll } = useClientPage()
const stored = computed(() => client.data.value as ClientView)
const form = ref<ClientForm>(copy(stored.value.facts))
const problems = ref<readonly FieldProblem[]>([])
const message = ref('')
const saved = ref(false)
const busy = ref(false)
const conflict = ref<{ current: ClientView; changed: readonly string[] } | null>(null)

/** What the form was begun from: a change made elsewhere never passes over what is typed here. */
const base = ref<ClientForm>(copy(stored.value.facts))
const dirty = computed(() => !same(form.value, base.value))
function begin() {
  form.value = copy(stored.value.facts)
  base.value = copy(stored.value.facts)
}
watch(
  () => stored.value.facts.version,
  () => {
    if (!conflict.value && !dirty.value) begin()
  },
)
watch(
  form,
  () => {
    if (dirty.value) saved.value = false
  },
  { deep: true },
)
onBeforeRouteLeave(() => !dirty.value || window.confirm('Leave without saving what you changed?'))

const loadedHealth = useAsked(() => queries.health(props.clientId))
const health = shallowRef<HealthView | null>(null)
watch(loadedHealth.data, (found) => {
  if (found) health.value = found
})
const today = computed(() => day.data.value?.date ?? new Date().toISOString().slice(0, 10))
const worked = computed(() => {
  const of = (side: Side): Digit[] => [
    ...new Set(
      form.value.activities.filter((a) => a.hands.includes(side)).flatMap((a) => a.digits),
    ),
  ]
  return { LEFT: of('LEFT'), RIGHT: of('RIGHT') }
})
const ANSWERS = {
  NOT_ASKED: 'not asked',
  NO: 'no',
  YES: 'yes',
  MISTAKEN: 'touched by mistake',
  CLEARED: 'cleared',
} as const
/** Warm-ups and the header follow what was told. */
async function told(found: HealthView) {
  health.value = found
  await Promise.all([pains.reload(), day.reload()])
}

async function save() {
  busy.value = true
  problems.value = []
  message.value = ''
  try {
    await api.saveClient(props.clientId, form.value)
    conflict.value = null
    await reloadAll()
    begin()
    saved.value = true
  } catch (e) {
    if (e instanceof ServerProblem && e.status === 409 && e.current) {
      conflict.value = { current: e.current as ClientView, changed: e.changed }
    } else {
      if (e instanceof ServerProblem) problems.value = e.errors
      message.value = (e as Error).message
    }
  } finally {
    busy.value = false
  }
}
function takeTheirs() {
  if (conflict.value) form.value = copy(conflict.value.current.facts)
  conflict.value = null
  void reloadAll()
}
function keepMine() {
  if (conflict.value) form.value.version = conflict.value.current.facts.version
  void save()
}

const ASKED = 16
const taken = computed(() => stored.value.facts.intakeAnswered.length >= ASKED)
const invitation = ref('')
async function invite() {
  const { token } = await api.invite(props.clientId)
  invitation.value = `${window.location.origin}/invitation/${token}`
}
</script>

<template>
  <div class="columns">
    <section class="left" aria-label="Hands">
      <PainPart
        v-if="health"
        :client-id="clientId"
        :health="health"
        :dominant="form.dominantHand"
        :today="today"
        :worked="worked"
        :height="400"
        @told="told"
      />
      <SignsPart v-if="health" :client-id="clientId" :health="health" @told="told" />
      <section v-if="health?.history.length" aria-label="Screening">
        <h2>Screening</h2>
        <details>
          <summary class="quiet">
            {{ counted(health.history.length, 'dated answer') }}, the latest
            {{ dayMonth(health.history[0]?.date ?? '') }}
          </summary>
          <ul class="history">
            <li v-for="(entry, i) in health.history" :key="i">
              <span class="quiet">{{ dayMonth(entry.date) }}</span>
              <span
                >{{ capital(entry.word) }}: {{ ANSWERS[entry.answer] }}
                <span class="quiet">{{
                  [entry.place, entry.words].filter(Boolean).join(', ')
                }}</span>
              </span>
            </li>
          </ul>
        </details>
      </section>
      <MindedPart v-if="health" :client-id="clientId" :health="health" @told="told" />
      <BlockEditor :client-id="clientId" :activities="stored.facts.activities" />
      <div class="invite">
        <BButton variant="outline-secondary" size="sm" @click="invite"
          >Invite {{ stored.facts.name }}</BButton
        >
        <p v-if="invitation" class="small">
          Hand this address on; it works once, for two weeks:<br /><code>{{ invitation }}</code>
        </p>
      </div>
    </section>
    <form novalidate class="right" @submit.prevent="save">
      <p v-if="!taken" class="intake">
        The intake is not finished.
        <RouterLink :to="`/clients/${clientId}/intake`">Go on with it</RouterLink>
      </p>
      <ClientFactsForm v-model="form" :problems="problems" :client-id="clientId" />
      <div v-if="conflict" class="conflict" role="alert">
        <p class="word"><StateMark state="WARN" />Somebody else changed this client meanwhile</p>
        <p>
          Different from yours:
          {{
            conflict.changed.map((f) => words(f.replace(/([A-Z])/g, '_$1'))).join(', ') ||
            'nothing you can see'
          }}.
        </p>
        <p class="side-by-side">
          <BButton variant="outline-secondary" @click="takeTheirs">Take theirs</BButton>
          <BButton variant="outline-secondary" @click="keepMine">Keep mine</BButton>
        </p>
      </div>
      <div class="save">
        <BButton type="submit" variant="primary" :disabled="busy || !dirty">Save</BButton>
        <BButton v-if="dirty" variant="link" @click="begin">Put back</BButton>
        <span v-if="saved && !dirty" class="word good" role="status"
          ><StateMark state="GOOD" />Saved; warm-ups are composed anew</span
        >
        <span v-if="message" class="word stop" role="alert">{{ message }}</span>
      </div>
    </form>
    <SetUpPart class="set-up" :client-id="clientId" />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
  grid-template-rows: auto 1fr;
  gap: 32px 40px;
}
.set-up {
  grid-column: 2;
}
.left {
  display: grid;
  grid-row: 1 / span 2;
  gap: 24px;
  align-content: start;
}
.history li {
  display: grid;
  grid-template-columns: 64px 1fr;
  padding: 3px 0;
  border-bottom: 1px solid var(--line);
}
.intake {
  margin-bottom: 16px;
  padding: 10px 14px;
  border: 1.5px solid var(--main);
  background: var(--main-wash);
}
.word {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  font-weight: 600;
}
.word.stop {
  color: var(--stop);
}
.word.good {
  color: var(--good);
}
.conflict {
  margin-top: 16px;
  padding: 12px 16px;
  border: 1.5px solid var(--warn);
  background: var(--warn-wash);
}
.conflict .word {
  color: var(--warn);
}
.save {
  position: sticky;
  bottom: 0;
  display: flex;
  align-items: center;
  gap: 16px;
  margin-top: 20px;
  padding: 12px 0;
  border-top: 1px solid var(--line);
  background: var(--ground);
}
.invite {
  margin-top: 24px;
}
code {
  color: var(--ink);
  word-break: break-all;
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: none;
  }
  .left {
    grid-row: auto;
  }
  .set-up {
    grid-column: 1;
  }
}
</style>
