<script setup lang="ts">
import { computed } from 'vue'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import { useAttempt } from '@/api/useAttempt'
import PageState from '@/parts/PageState.vue'
import WorkshopFrame from './WorkshopFrame.vue'

/** What all clients tried, beside the difficulties that movements give; the coach decides. */
defineProps<{ clientId: string }>()

const asked = useAsked(() => queries.own(['workshop', 'difficulties'], () => api.difficulties()))
const view = computed(() => asked.data.value)
const { message, attempt } = useAttempt()
const decide = (act: () => Promise<unknown>) =>
  attempt(async () => {
    await act()
    await asked.reload()
  })

/** The scale runs as far as any pattern does; a start and an end as shares of it. */
const greatest = computed(() =>
  Math.max(1, ...(view.value?.lines.flatMap((line) => [line.from, line.to]) ?? [])),
)
const at = (difficulty: number) => `${(100 * Math.max(0, difficulty)) / greatest.value}%`
const bar = (line: { from: number; to: number }) => ({
  left: at(Math.min(line.from, line.to)),
  width: at(Math.abs(line.to - line.from)),
})
</script>

<template>
  <main id="main" class="page">
    <WorkshopFrame :client-id="clientId" on="difficulties" />
    <PageState
      :loading="asked.slow.value"
      :error="asked.error.value"
      :ready="Boolean(view)"
      @retry="asked.reload"
    >
      <template v-if="view">
        <h1>How hard patterns are</h1>
        <p class="lead">
          By their movements, and as your clients tried them: {{ view.tries }} tries.
          <template v-if="!view.lines.length"
            >From {{ view.leastTries }} on they say something.</template
          ><template v-else-if="view.taken">Rounds and the map go by what was tried.</template
          ><template v-else
            >Rounds and the map go by the movements, until you take this over.</template
          >
        </p>
        <p v-if="message" role="alert">{{ message }}</p>
        <p v-if="view.lines.length" class="acts">
          <BButton variant="primary" @click="decide(api.takeDifficulties)">{{
            view.taken ? 'Take over anew' : 'Take over'
          }}</BButton>
          <BButton
            v-if="view.taken"
            variant="outline-secondary"
            @click="decide(api.putBackDifficulties)"
            >Back to the movements</BButton
          >
        </p>
        <table v-if="view.lines.length">
          <caption class="visually-hidden">
            Patterns that were harder or easier than their movements, the greatest difference first
          </caption>
          <thead>
            <tr>
              <th scope="col">Pattern</th>
              <th scope="col">Tries</th>
              <th scope="col">Movements</th>
              <th scope="col">Tried</th>
              <td aria-hidden="true" />
            </tr>
          </thead>
          <tbody>
            <tr v-for="line in view.lines" :key="line.pattern">
              <th scope="row">
                {{ line.title }} <span class="quiet">{{ line.doing }}</span>
              </th>
              <td>{{ line.tries }}</td>
              <td>{{ line.from.toFixed(1) }}</td>
              <td>
                <b>{{ line.to.toFixed(1) }}</b> {{ line.to > line.from ? 'harder' : 'easier' }}
              </td>
              <td class="scale" aria-hidden="true">
                <i class="shift" :class="{ harder: line.to > line.from }" :style="bar(line)" />
                <i class="from" :style="{ left: at(line.from) }" />
              </td>
            </tr>
          </tbody>
        </table>
      </template>
    </PageState>
  </main>
</template>

<style scoped>
h1 {
  margin: 0;
  font-size: 1.75rem;
  line-height: 2.25rem;
}
.lead {
  margin: 4px 0 12px;
}
.acts {
  display: flex;
  gap: 12px;
  margin-bottom: 16px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
td,
th {
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--line);
  text-align: left;
}
thead th {
  color: var(--ink-2);
  font-weight: 400;
}
tbody th {
  font-weight: 600;
}
tbody th span {
  margin-left: 8px;
  font-weight: 400;
}
.scale {
  position: relative;
  width: 32%;
}
.scale i {
  position: absolute;
  top: 10px;
  height: 14px;
}
.shift {
  border: 1.5px solid var(--ink);
  background: var(--main-wash);
}
.shift.harder {
  background: var(--ink-2);
}
.from {
  top: 6px;
  width: 2px;
  background: var(--ink);
}
.scale .from {
  height: 22px;
}
</style>
