<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import type { ClientForm, ClientView, Digit, Side } from '@/api/types'
import HandMap from '@/hand/HandMap.vue'
import StateMark from '@/parts/StateMark.vue'
import { capital, shortDate, words } from '@/parts/words'
import BlockEditor from './BlockEditor.vue'
import ClientFactsForm from './ClientFactsForm.vue'
import { useClientPage } from './clientPage'
import { copy, same } from './clientForm'

const props = defineProps<{ clientId: string }>()

const { client, pains, reloadAll } = useClientPage()
const stored = computed(() => client.data.value as ClientView)
const form = ref<ClientForm>(copy(stored.value.facts))
const problems = ref<readonly FieldProblem[]>([])
const message = ref('')
const saved = ref(false)
const busy = ref(false)
const conflict = ref<{ current: ClientView; changed: readonly string[] } | null>(null)

const dirty = computed(() => !same(form.value, stored.value.facts))
watch(
  () => stored.value.facts.version,
  () => {
    if (!conflict.value) form.value = copy(stored.value.facts)
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

const worked = computed(() => {
  const of = (side: Side): Digit[] => [
    ...new Set(
      form.value.activities.filter((a) => a.hands.includes(side)).flatMap((a) => a.digits),
    ),
  ]
  return { LEFT: of('LEFT'), RIGHT: of('RIGHT') }
})
const told = computed(() => pains.data.value ?? [])

async function save() {
  busy.value = true
  problems.value = []
  message.value = ''
  try {
    await api.saveClient(props.clientId, form.value)
    conflict.value = null
    await reloadAll()
    form.value = copy(stored.value.facts)
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

const invitation = ref('')
async function invite() {
  const { token } = await api.invite(props.clientId)
  invitation.value = `${window.location.origin}/invitation/${token}`
}
</script>

<template>
  <div class="columns">
    <section class="left" aria-label="Hands">
      <h2>Pain and load</h2>
      <p class="quiet">Digits that carry an activity are tinted; numbers are pain from 0 to 10.</p>
      <HandMap :pains="told" :worked="worked" :height="400" :dominant="form.dominantHand" />
      <ul v-if="told.length" class="told">
        <li v-for="pain in told" :key="pain.side + pain.region">
          <b>{{ pain.level }}</b> {{ pain.side.toLowerCase() }} {{ pain.regionWord }}
          <span class="quiet">{{ shortDate(pain.date) }}</span>
        </li>
      </ul>
      <p v-else class="quiet">No pain told of. It comes with the check-in after a session.</p>
      <div v-for="out in stored.exclusions" :key="out.side + out.region" class="kept-out">
        <p class="word">
          <StateMark state="STOP" />{{ capital(out.side.toLowerCase()) }} {{ out.regionWord }} stays
          out
        </p>
        <p>{{ capital(out.reason) }}{{ out.until ? ` Until ${shortDate(out.until)}.` : '' }}</p>
      </div>
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
      <ClientFactsForm v-model="form" :problems="problems" />
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
        <BButton v-if="dirty" variant="link" @click="form = copy(stored.facts)">Put back</BButton>
        <span v-if="saved && !dirty" class="word good" role="status"
          ><StateMark state="GOOD" />Saved; warm-ups are composed anew</span
        >
        <span v-if="message" class="word stop" role="alert">{{ message }}</span>
      </div>
    </form>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
  gap: 40px;
}
.told {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
}
.kept-out {
  margin-top: 12px;
  padding: 10px 14px;
  border-left: 3px solid var(--stop);
  background: var(--stop-wash);
}
.word {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  font-weight: 600;
}
.kept-out .word,
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
  }
}
</style>
