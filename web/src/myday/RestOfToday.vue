<script setup lang="ts">
import { computed } from 'vue'
import type { DayView, PegView } from '@/api/types'
import { PURPOSES } from '@/parts/labels'
import { duration, toMinute } from '@/parts/words'
import PegIcon from '@/ribbon/PegIcon.vue'
import { pegKey } from '@/ribbon/pegs'
import { playerOf } from './useNextRoutine'

/** What is still to come after the next session: sessions and blocks in the order of the clock. */
const props = defineProps<{ clientId: string; day: DayView; next: PegView | null }>()

interface Row {
  readonly key: string
  readonly at: string
  readonly hour: number
  readonly title: string
  readonly words: string
  readonly peg?: PegView
  readonly to: string
}
const rows = computed<Row[]>(() =>
  [
    ...props.day.pegs
      .filter((peg) => peg.open && peg.purpose !== 'BREAK')
      .filter((peg) => !props.next || pegKey(peg) !== pegKey(props.next))
      .map((peg) => ({
        key: pegKey(peg),
        at: toMinute(peg.startsAt),
        hour: peg.startHour,
        title: PURPOSES[peg.purpose],
        words: duration(Date.parse(peg.end) - Date.parse(peg.start)),
        peg,
        to: playerOf(props.clientId, peg),
      })),
    ...props.day.blocks
      .filter((block) => block.endHour > props.day.nowHour)
      .map((block) => ({
        key: block.id,
        at: toMinute(block.startsAt),
        hour: block.startHour,
        title: block.title,
        words: `to ${toMinute(block.endsAt)}`,
        to: `/clock/${props.clientId}/${block.id}`,
      })),
  ].sort((a, b) => a.hour - b.hour),
)
</script>

<template>
  <section aria-label="The rest of today">
    <header class="line-up">
      <h3>The rest of today</h3>
      <span class="quiet push">{{ day.done }} done, {{ day.planned }} to come</span>
    </header>
    <ol v-if="rows.length">
      <li v-for="row in rows" :key="row.key">
        <time class="mono">{{ row.at }}</time>
        <PegIcon v-if="row.peg" :purpose="row.peg.purpose" :state="row.peg.state" />
        <svg v-else class="block" width="20" height="22" viewBox="0 0 20 22" aria-hidden="true">
          <rect x="2" y="6" width="16" height="11" />
        </svg>
        <span>
          <b>{{ row.title }}</b> <span class="quiet">{{ row.words }}</span>
        </span>
        <RouterLink :to="row.to">
          {{ row.peg ? 'Start' : 'Quiet clock'
          }}<span class="visually-hidden">: {{ row.title }} {{ row.at }}</span>
        </RouterLink>
      </li>
    </ol>
    <p v-else class="quiet">Nothing else is planned today.</p>
    <p v-if="rows.length" class="quiet small">They move by themselves if a block moves.</p>
  </section>
</template>

<style scoped>
ol {
  margin: 8px 0 10px;
}
li {
  display: grid;
  grid-template-columns: 76px 24px 1fr auto;
  gap: 8px;
  align-items: center;
  min-height: 44px;
  border-top: 1px solid var(--line);
}
li:last-child {
  border-bottom: 1px solid var(--line);
}
time {
  color: var(--ink-2);
  font-size: 14px;
}
a {
  display: flex;
  align-items: center;
  min-height: 44px;
}
.block rect {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
