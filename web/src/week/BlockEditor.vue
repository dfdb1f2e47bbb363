<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import type { ActivityForm, DayBlockView, PegView } from '@/api/types'
import StateMark from '@/parts/StateMark.vue'
import { useClientPage } from '@/parts/clientPage'
import { clock, longDate, toMinute } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import BlockFields from './BlockFields.vue'
import { useBlockChanges } from './useBlockChanges'

/** The blocks of the day: each with its warm-up, moved and changed in place, each change undone. */
const props = defineProps<{ clientId: string; activities: readonly ActivityForm[] }>()
const { chosenBlock } = useClientPage()

const {
  day,
  blocks,
  form,
  editing,
  problems,
  message,
  busy,
  notice,
  undo,
  conflict,
  repeat,
  repeats,
  otherDays,
  edit,
  add,
  close,
  save,
  saveFollowing,
  remove,
  removeFollowing,
  takeBack,
  keepMine,
  takeTheirs,
} = useBlockChanges(
  () => props.clientId,
  () => props.activities,
)
/** Whoever came for one block sees it, wherever on the page it stands. */
const place = ref<HTMLElement | null>(null)
watch(
  editing,
  async (id) => {
    if (!id || id !== chosenBlock.value) return
    await nextTick()
    place.value?.scrollIntoView({ block: 'center' })
    place.value?.querySelector<HTMLElement>('input, select')?.focus({ preventScroll: true })
  },
  { immediate: true },
)
const warmUpOf = (block: DayBlockView): PegView | undefined =>
  day.data.value?.pegs.find((peg) => peg.blockId === block.id && peg.purpose === 'WARM_UP')
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
      ref="place"
      novalidate
      class="edit"
      :aria-label="editing ? 'Change the block' : 'New block'"
      @submit.prevent="save"
    >
      <BlockFields
        v-model="form"
        v-model:repeat="repeat"
        :activities="activities"
        :problems="problems"
        :comes-round="!editing || (repeats && repeat.days.length > 0)"
      />
      <p v-if="message" class="message" role="alert">{{ message }}</p>
      <p v-if="conflict" class="side-by-side">
        <span
          >Now {{ toMinute(conflict.block.startsAt) }} to
          {{ toMinute(conflict.block.endsAt) }}.</span
        >
        <BButton size="sm" variant="outline-secondary" @click="takeTheirs">Take theirs</BButton>
        <BButton size="sm" variant="outline-secondary" @click="keepMine">Keep mine</BButton>
      </p>
      <p class="side-by-side">
        <BButton v-if="!otherDays" type="submit" variant="primary" :disabled="busy">{{
          editing ? 'Save the block' : repeat.days.length ? 'Put in these days' : 'Put in the day'
        }}</BButton>
        <BButton
          v-if="repeats"
          :variant="otherDays ? 'primary' : 'outline-secondary'"
          :disabled="busy"
          @click="saveFollowing"
          >Save this and following</BButton
        >
        <BButton variant="link" @click="close">Cancel</BButton>
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
  gap: 12px;
  margin-top: 12px;
  padding: 14px 16px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
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
