<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import type { ActivityForm, BlockForm, BlockView, DayBlockView, PegView } from '@/api/types'
import FormField from '@/parts/FormField.vue'
import StateMark from '@/parts/StateMark.vue'
import { clock, longDate, toMinute } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import PartsField from './PartsField.vue'
import { blockForm } from './blockForm'
import { useClientPage } from '@/parts/clientPage'
import { WEEKDAYS, once, ruleOf, seriesWords, type Repeat } from './repeat'

/** The blocks of the day: each with its warm-up, moved and changed in place, each change undone. */
const props = defineProps<{ clientId: string; activities: readonly ActivityForm[] }>()

const { day, reloadAll, chosenBlock } = useClientPage()
const blocks = computed(() => day.data.value?.blocks ?? [])
const form = ref<BlockForm | null>(null)
const editing = ref<string | null>(null)
const problems = ref<readonly FieldProblem[]>([])
const message = ref('')
const busy = ref(false)
const notice = ref('')
const undo = ref<{ text: string; run: () => Promise<unknown> } | null>(null)
const conflict = ref<BlockView | null>(null)
const repeat = ref<Repeat>(once())
const repeats = computed(() => blocks.value.find((b) => b.id === editing.value)?.repeats ?? false)

const warmUpOf = (block: DayBlockView): PegView | undefined =>
  day.data.value?.pegs.find((peg) => peg.blockId === block.id && peg.purpose === 'WARM_UP')

const asForm = (block: DayBlockView) => blockForm(block, day.data.value?.date ?? '')

function edit(block: DayBlockView) {
  editing.value = block.id
  form.value = asForm(block)
  problems.value = []
  message.value = ''
  conflict.value = null
}
function add() {
  repeat.value = once()
  const first = props.activities[0]
  if (!first?.id) return
  editing.value = null
  problems.value = []
  message.value = ''
  conflict.value = null
  form.value = {
    version: 0,
    activityId: first.id,
    date: day.data.value?.date ?? '',
    startsAt: '18:00',
    endsAt: '19:00',
    title: first.title,
    performance: false,
    parts: [],
  }
}
function close() {
  form.value = null
  editing.value = null
  chosenBlock.value = null
}
watch(
  [chosenBlock, () => day.data.value?.date],
  () => {
    const block = blocks.value.find((b) => b.id === chosenBlock.value)
    if (block) edit(block)
  },
  { immediate: true },
)

async function attempt(work: () => Promise<void>) {
  busy.value = true
  problems.value = []
  message.value = ''
  notice.value = ''
  try {
    await work()
    await reloadAll()
  } catch (e) {
    if (e instanceof ServerProblem && e.status === 409 && e.current) {
      conflict.value = e.current as BlockView
      message.value = 'Somebody else changed this block meanwhile.'
    } else {
      if (e instanceof ServerProblem) problems.value = e.errors
      message.value = problems.value.length ? '' : (e as Error).message
    }
  } finally {
    busy.value = false
  }
}

const save = () =>
  attempt(async () => {
    const wanted = form.value
    if (!wanted) return
    const id = editing.value
    const before = blocks.value.find((b) => b.id === id)
    if (id && before) {
      const old = asForm(before)
      const now = await api.saveBlock(props.clientId, id, wanted)
      undo.value = {
        text: `${now.block.title} is ${toMinute(now.block.startsAt)} to ${toMinute(now.block.endsAt)} now.`,
        run: () => api.saveBlock(props.clientId, id, { ...old, version: now.block.version }),
      }
    } else if (repeat.value.days.length) {
      const made = await api.createSeries(props.clientId, wanted, ruleOf(repeat.value))
      undo.value = null
      notice.value = seriesWords(wanted.title, made)
    } else {
      const made = await api.createBlock(props.clientId, wanted)
      undo.value = {
        text: `${made.block.title} is in the day.`,
        run: () => api.deleteBlock(props.clientId, made.id),
      }
    }
    close()
  })

/** This block and those after it in its series, saved or taken out. */
const saveFollowing = () =>
  attempt(async () => {
    const id = editing.value
    if (!id || !form.value) return
    const made = await api.saveFollowing(props.clientId, id, form.value)
    undo.value = {
      text: seriesWords(form.value.title, made),
      run: () => restore(made.before),
    }
    close()
  })
const removeFollowing = () =>
  attempt(async () => {
    if (!editing.value) return
    const removed = await api.deleteFollowing(props.clientId, editing.value)
    undo.value = {
      text: 'This one and those after it are out.',
      run: () => restore(removed.before),
    }
    close()
  })
const restore = (before: readonly BlockView[]) => api.restoreBlocks(props.clientId, before)

const remove = () =>
  attempt(async () => {
    const before = blocks.value.find((b) => b.id === editing.value)
    if (!before) return
    const old = asForm(before)
    await api.deleteBlock(props.clientId, before.id)
    undo.value = {
      text: `${before.title} is out of the day.`,
      run: () => api.createBlock(props.clientId, { ...old, version: 0 }),
    }
    close()
  })

const takeBack = () =>
  attempt(async () => {
    await undo.value?.run()
    undo.value = null
  })

function keepMine() {
  if (form.value && conflict.value) form.value.version = conflict.value.block.version
  conflict.value = null
  void save()
}
function takeTheirs() {
  close()
  conflict.value = null
  void reloadAll()
}
</script>

<template>
  <section class="day" aria-labelledby="day-heading">
    <header class="line-up">
      <h2 id="day-heading">{{ day.data.value ? longDate(day.data.value.date) : 'The day' }}</h2>
      <BButton
        class="push"
        size="sm"
        variant="outline-secondary"
        :disabled="!activities.some((a) => a.id)"
        @click="add"
        >Add a block</BButton
      >
    </header>
    <ul>
      <li v-for="block in blocks" :key="block.id" :class="{ on: block.id === editing }">
        <span class="mono">{{ toMinute(block.startsAt) }}–{{ toMinute(block.endsAt) }}</span>
        <div>
          <b>{{ block.title }}</b>
          <p v-if="block.overlaps.length" class="small overlap">
            <StateMark state="WARN" />At the same time as {{ block.overlaps.join(', ') }}
          </p>
          <p class="small warm-up">
            <template v-if="warmUpOf(block)">
              <PegIcon
                :purpose="warmUpOf(block)?.purpose ?? 'WARM_UP'"
                :state="warmUpOf(block)?.state"
              />
              {{ warmUpOf(block)?.label }},
              <span class="mono">{{ clock(warmUpOf(block)?.startsAt ?? '') }}</span>
              to <span class="mono">{{ clock(warmUpOf(block)?.endsAt ?? '') }}</span>
            </template>
            <span v-else class="quiet">{{ block.warmUpReason }}</span>
          </p>
        </div>
        <RouterLink class="btn btn-sm btn-link" :to="`/clock/${clientId}/${block.id}`"
          >Clock<span class="visually-hidden"> for {{ block.title }}</span></RouterLink
        >
        <BButton size="sm" variant="link" @click="edit(block)"
          >Change<span class="visually-hidden">
            {{ block.title }} at {{ toMinute(block.startsAt) }}</span
          ></BButton
        >
      </li>
    </ul>
    <p v-if="day.data.value && blocks.length === 0 && !form" class="quiet">
      No block on this day. Add one or type one in the week, and its warm-up is placed before it.
    </p>
    <p v-if="notice" class="undo" role="status"><StateMark state="GOOD" />{{ notice }}</p>
    <p v-if="undo" class="undo" role="status">
      <StateMark state="GOOD" />{{ undo.text }}
      <BButton variant="link" size="sm" :disabled="busy" @click="takeBack">Undo</BButton>
    </p>
    <form
      v-if="form"
      novalidate
      class="edit"
      :aria-label="editing ? 'Change the block' : 'New block'"
      @submit.prevent="save"
    >
      <FormField
        v-slot="{ id, state, described }"
        label="Starts"
        field="startsAt"
        :problems="problems"
      >
        <BFormInput
          :id="id"
          v-model="form.startsAt"
          type="time"
          required
          :state="state"
          :aria-describedby="described"
        />
      </FormField>
      <FormField v-slot="{ id, state, described }" label="Ends" field="endsAt" :problems="problems">
        <BFormInput
          :id="id"
          v-model="form.endsAt"
          type="time"
          required
          :state="state"
          :aria-describedby="described"
        />
      </FormField>
      <FormField v-slot="{ id }" label="Activity" field="activityId" :problems="problems">
        <BFormSelect
          :id="id"
          v-model="form.activityId"
          :options="activities.filter((a) => a.id).map((a) => ({ value: a.id, text: a.title }))"
        />
      </FormField>
      <FormField
        v-slot="{ id, state, described }"
        label="Called"
        field="title"
        :problems="problems"
      >
        <BFormInput :id="id" v-model="form.title" :state="state" :aria-describedby="described" />
      </FormField>
      <BFormCheckbox v-model="form.performance" class="wide"
        >Performance, always warmed up for</BFormCheckbox
      >
      <PartsField v-model="form.parts" class="wide" :problems="problems" />
      <fieldset v-if="!editing" class="wide repeat">
        <legend class="form-label">Repeats on</legend>
        <BFormCheckboxGroup v-model="repeat.days" :options="WEEKDAYS" aria-label="Repeats on" />
        <template v-if="repeat.days.length">
          <label
            >every
            <input
              v-model.number="repeat.every"
              type="number"
              min="1"
              max="12"
              class="form-control"
            />
            weeks</label
          >
          <label>until <input v-model="repeat.until" type="date" class="form-control" /></label>
          <p v-for="problem in problems.filter((p) => p.field === 'rule')" :key="problem.message">
            {{ problem.message }}
          </p>
        </template>
      </fieldset>
      <p v-if="message" class="wide message" role="alert">{{ message }}</p>
      <p v-if="conflict" class="wide side-by-side">
        <span
          >Now {{ toMinute(conflict.block.startsAt) }} to
          {{ toMinute(conflict.block.endsAt) }}.</span
        >
        <BButton size="sm" variant="outline-secondary" @click="takeTheirs">Take theirs</BButton>
        <BButton size="sm" variant="outline-secondary" @click="keepMine">Keep mine</BButton>
      </p>
      <p class="wide side-by-side">
        <BButton type="submit" variant="primary" :disabled="busy">{{
          editing ? 'Save the block' : repeat.days.length ? 'Put in these days' : 'Put in the day'
        }}</BButton>
        <BButton v-if="repeats" variant="outline-secondary" :disabled="busy" @click="saveFollowing"
          >Save this and following</BButton
        >
        <BButton variant="link" @click="close">Leave it</BButton>
        <BButton
          v-if="editing"
          class="push"
          variant="outline-secondary"
          :disabled="busy"
          @click="remove"
          >Take out</BButton
        >
        <BButton v-if="repeats" variant="link" :disabled="busy" @click="removeFollowing"
          >Take out this and following</BButton
        >
      </p>
    </form>
  </section>
</template>

<style scoped>
.day {
  margin-top: 24px;
}
li {
  display: grid;
  grid-template-columns: 104px 1fr auto auto;
  align-items: center;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
li.on {
  padding-inline: 8px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
.warm-up {
  color: var(--ink);
}
.overlap {
  color: var(--warn);
}
.edit {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin-top: 12px;
  padding: 14px 16px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
.wide {
  grid-column: 1 / -1;
}
.repeat {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
}
.repeat label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.repeat input[type='number'] {
  width: 64px;
}
.message {
  color: var(--stop);
  font-weight: 600;
}
.undo {
  display: flex;
  align-items: center;
  gap: 6px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
</style>
