<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/calls'
import type { HealthView, ReferralSign, Region, Side, SignView } from '@/api/types'
import ChoiceRow from '@/form/ChoiceRow.vue'
import { REGIONS, keys } from '@/parts/labels'
import StateMark from '@/parts/StateMark.vue'
import { capital, dayMonth } from '@/parts/words'

/** Signs that belong to a clinician: asked one by one, with their consequence, until one is cleared. */
const props = defineProps<{ clientId: string; health: HealthView }>()
const emit = defineEmits<{ told: [health: HealthView]; answered: [] }>()

const SIDES: readonly { value: Side; label: string }[] = [
  { value: 'LEFT', label: 'Left' },
  { value: 'RIGHT', label: 'Right' },
]
const asking = ref<ReferralSign | null>(null)
const side = ref<Side | null>(null)
const regions = ref<Region[]>([])
const since = ref('')
const clearing = ref<string | null>(null)
const told = ref('')
const error = ref('')
const busy = ref(false)
const options = keys(REGIONS).map((value) => ({ value, text: capital(REGIONS[value]) }))
const unanswered = computed(() => props.health.signs.filter((s) => s.answer === 'NOT_ASKED'))

async function attempt(what: () => Promise<HealthView>) {
  busy.value = true
  error.value = ''
  try {
    const health = await what()
    asking.value = null
    clearing.value = null
    told.value = ''
    emit('told', health)
    if (health.signs.every((s) => s.answer !== 'NOT_ASKED')) emit('answered')
  } catch (e) {
    error.value = (e as Error).message
  } finally {
    busy.value = false
  }
}
const said = (sign: SignView) => (sign.askedOn ? dayMonth(sign.askedOn) : '')
function ask(sign: SignView) {
  asking.value = asking.value === sign.sign ? null : sign.sign
  side.value = sign.side
  regions.value = [...sign.regions]
  since.value = sign.since
}
const no = (sign: ReferralSign) => ({ sign, yes: false, side: null, regions: [], since: '' })
const answerNo = (sign: ReferralSign) => attempt(() => api.screen(props.clientId, [no(sign)]))
const noneOfTheOthers = () =>
  attempt(() =>
    api.screen(
      props.clientId,
      unanswered.value.map((s) => no(s.sign)),
    ),
  )
const yes = (sign: ReferralSign) =>
  attempt(() =>
    api.screen(props.clientId, [
      { sign, yes: true, side: side.value, regions: regions.value, since: since.value },
    ]),
  )
const takeBack = (id: string) => attempt(() => api.takeBackSign(props.clientId, id, ''))
const clear = (id: string) => attempt(() => api.clearSign(props.clientId, id, told.value))
</script>

<template>
  <section aria-label="Signs that belong to a clinician">
    <h2>Signs that belong to a clinician</h2>
    <p v-if="error" class="error" role="alert">{{ error }}</p>
    <ul class="signs">
      <li
        v-for="sign in health.signs"
        :key="sign.sign + sign.side"
        :class="sign.answer.toLowerCase()"
      >
        <div class="line">
          <StateMark v-if="sign.answer === 'YES'" state="STOP" />
          <StateMark v-else-if="sign.answer === 'CLEARED'" state="GOOD" />
          <span v-else class="dash" :class="{ no: sign.answer === 'NO' }" aria-hidden="true" />
          <b>{{ capital(sign.word) }}</b>
          <span class="answer quiet push">
            {{
              sign.answer === 'NOT_ASKED'
                ? 'not asked'
                : sign.answer === 'NO'
                  ? `no, ${said(sign)}`
                  : sign.answer === 'MISTAKEN'
                    ? `taken back, ${said(sign)}`
                    : sign.answer === 'CLEARED'
                      ? `cleared, ${said(sign)}`
                      : `since ${sign.since || 'not said'}`
            }}
          </span>
          <BButton
            v-if="sign.answer !== 'YES'"
            size="sm"
            variant="outline-secondary"
            :aria-expanded="asking === sign.sign"
            @click="ask(sign)"
            >Yes<span class="visually-hidden">, {{ sign.word }}</span></BButton
          >
          <BButton
            v-if="sign.answer === 'NOT_ASKED' || (sign.raisedBy && sign.answer !== 'YES')"
            size="sm"
            variant="outline-secondary"
            :disabled="busy"
            @click="answerNo(sign.sign)"
            >No<span class="visually-hidden">, {{ sign.word }}</span></BButton
          >
        </div>
        <p v-if="sign.raisedBy && sign.answer !== 'YES'" class="open stop" role="status">
          Told in passing: {{ sign.raisedBy }}. Ask about it now; until it is answered, it counts as
          a yes.
        </p>
        <div v-if="sign.answer === 'YES'" class="open">
          <p>Where: {{ sign.place }}</p>
          <p class="stop">{{ sign.consequence }}</p>
          <p>Tell them: please see a doctor, hand therapist or physiotherapist first.</p>
          <p class="quiet">
            Heat, gentle mobilising and settling stay; the other side stays in full.
          </p>
          <p v-if="clearing !== sign.id" class="side-by-side">
            <BButton size="sm" variant="outline-secondary" @click="clearing = sign.id"
              >Record what the clinician said</BButton
            >
            <BButton
              v-if="sign.mayTakeBack"
              size="sm"
              variant="link"
              :disabled="busy"
              @click="takeBack(sign.id ?? '')"
              >It was touched by mistake</BButton
            >
          </p>
          <form v-else class="clear" @submit.prevent="clear(sign.id ?? '')">
            <label class="form-label" :for="`said-${sign.id}`">The clinician said</label>
            <textarea
              :id="`said-${sign.id}`"
              v-model="told"
              class="form-control"
              rows="2"
              maxlength="280"
            />
            <p class="side-by-side">
              <BButton type="submit" size="sm" variant="primary" :disabled="busy || !told.trim()"
                >This clears the sign</BButton
              >
              <BButton size="sm" variant="link" @click="clearing = null">Cancel</BButton>
            </p>
          </form>
        </div>
        <p v-else-if="sign.answer === 'CLEARED'" class="quiet said">{{ sign.words }}</p>
        <form v-if="asking === sign.sign" class="open" @submit.prevent="yes(sign.sign)">
          <p class="line-up">
            <span class="form-label">Which side</span>
            <ChoiceRow v-model="side" label="Which side" :options="SIDES" />
          </p>
          <BFormCheckboxGroup v-model="regions" :options="options" aria-label="Where" />
          <label class="form-label" :for="`since-${sign.sign}`">Since</label>
          <input
            :id="`since-${sign.sign}`"
            v-model="since"
            class="form-control"
            maxlength="60"
            placeholder="about 10 November"
          />
          <p class="side-by-side">
            <BButton
              type="submit"
              size="sm"
              variant="primary"
              :disabled="busy || !side || !regions.length"
              >It is there</BButton
            >
            <BButton size="sm" variant="link" @click="asking = null">Cancel</BButton>
          </p>
        </form>
      </li>
    </ul>
    <p v-if="unanswered.length" class="side-by-side">
      <BButton variant="outline-secondary" :disabled="busy" @click="noneOfTheOthers"
        >None of the others</BButton
      >
      <span class="quiet">one touch answers {{ unanswered.length }}</span>
    </p>
  </section>
</template>

<style scoped>
.signs {
  margin: 8px 0;
  border-top: 1px solid var(--line);
}
li {
  padding: 6px 4px;
  border-bottom: 1px solid var(--line);
}
li.yes {
  padding: 10px 12px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
.line {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 30px;
}
.dash {
  width: 12px;
}
.dash.no {
  border-top: 2px solid var(--edge);
}
.answer {
  font-size: 0.8125rem;
  white-space: nowrap;
}
.open {
  display: grid;
  gap: 6px;
  margin: 6px 0 6px 22px;
  padding-left: 12px;
  border-left: 3px solid var(--stop);
}
.stop,
.error {
  color: var(--stop);
  font-weight: 600;
}
.said {
  margin-left: 22px;
}
.clear {
  display: grid;
  gap: 6px;
}
</style>
