<script setup lang="ts">
import { computed } from 'vue'
import type { CheckView } from '@/api/types'
import StateMark from '@/parts/StateMark.vue'
import { capital, counted } from '@/parts/words'

/** What the rules say, each with its repair, and how far the client's targets are served. */
const props = defineProps<{
  view: CheckView
  /** What each repair would do; not known yet right after a change. */
  repairs: readonly string[]
}>()
/** One finding is repaired, by its place; all of them where none is named. */
const emit = defineEmits<{ repair: [finding: number | null]; choose: [key: string] }>()

const SHOWN_TARGETS = 8
/** Left and right of a target stand in one bar where they are alike. */
const targets = computed(() => {
  const rows: {
    word: string
    left: number | null
    right: number | null
    wanted: number
  }[] = []
  for (const c of props.view.coverage) {
    let row = rows.find((r) => r.word === c.word)
    if (!row) {
      row = { word: c.word, left: null, right: null, wanted: c.wanted }
      rows.push(row)
    }
    if (c.side === 'LEFT') row.left = c.given
    else row.right = c.given
    row.wanted = Math.max(row.wanted, c.wanted)
  }
  return rows.sort((a, b) => b.wanted - a.wanted).slice(0, SHOWN_TARGETS)
})
</script>

<template>
  <section aria-label="Rules" class="rules">
    <header class="line-up">
      <h2>Rules</h2>
      <span class="quiet" role="status"
        >{{ view.rulesKept }} kept{{
          view.findings.length ? `, ${counted(view.findings.length, 'finding')}` : ''
        }}</span
      >
      <BButton
        v-if="view.findings.length > 1"
        class="push"
        size="sm"
        variant="outline-secondary"
        @click="emit('repair', null)"
        >Repair all</BButton
      >
    </header>
    <p v-if="!view.findings.length && view.steps.length" class="sound">
      <StateMark state="GOOD" />Nothing to repair
    </p>
    <ul>
      <li v-for="(finding, i) in view.findings" :key="finding.rule + i">
        <p class="title">
          <StateMark :state="finding.severity" />
          <button
            v-if="finding.steps[0]"
            type="button"
            class="name"
            @click="emit('choose', finding.steps[0] ?? '')"
          >
            {{ finding.title }}
          </button>
          <span v-else class="name">{{ finding.title }}</span>
          <BButton
            class="push"
            size="sm"
            variant="outline-secondary"
            :aria-describedby="`repair-${i}`"
            @click="emit('repair', i)"
            >Repair</BButton
          >
        </p>
        <p class="sentence">{{ finding.sentence }}</p>
        <p :id="`repair-${i}`" class="sentence would">
          <template v-if="repairs[i]"><span aria-hidden="true">→ </span>{{ repairs[i] }}</template>
        </p>
      </li>
    </ul>
    <header class="line-up cover">
      <h2>Coverage</h2>
      <span class="quiet push">mark: wanted</span>
    </header>
    <table>
      <caption class="visually-hidden">
        How far the routine serves what is wanted, per cent
      </caption>
      <tbody>
        <tr v-for="target in targets" :key="target.word">
          <th scope="row">{{ capital(target.word) }}</th>
          <td>
            <div class="bar" :style="{ '--wanted': `${target.wanted}%` }">
              <i class="left" :style="{ width: `${target.left ?? 0}%` }" />
              <i class="right" :style="{ width: `${target.right ?? 0}%` }" />
              <b />
            </div>
            <span class="visually-hidden"
              >left {{ target.left ?? 0 }} %, right {{ target.right ?? 0 }} %, wanted
              {{ target.wanted }} %</span
            >
          </td>
        </tr>
      </tbody>
    </table>
    <p class="quiet small key">left open, right solid</p>
  </section>
</template>

<style scoped>
.rules header {
  min-height: 34px;
}
ul {
  border-top: 1px solid var(--line);
}
li {
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.title {
  display: flex;
  align-items: center;
  gap: 8px;
}
.name {
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
  font-weight: 700;
  text-align: left;
}
.title .btn {
  flex: none;
  padding: 3px 10px;
}
.sentence {
  margin: 2px 0 0 20px;
  font-size: 0.8125rem;
  line-height: 1.125rem;
}
.would {
  min-height: 1.125rem;
  color: var(--ink-2);
}
.sound {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 8px 0;
  color: var(--good);
  font-weight: 600;
}
.cover {
  margin-top: 12px;
}
table {
  width: 100%;
}
th {
  padding: 3px 8px 3px 0;
  font-weight: 400;
  font-size: 0.8125rem;
}
td {
  width: 128px;
  padding: 3px 0;
}
.bar {
  position: relative;
  display: grid;
  height: 13px;
  border: 1px solid var(--edge);
  background: var(--surface);
}
.bar i {
  height: 5px;
}
.bar .left {
  margin-top: 0.5px;
  box-shadow: inset 0 0 0 1.2px var(--main);
}
.bar .right {
  background: var(--main);
}
.bar b {
  position: absolute;
  top: -3px;
  bottom: -3px;
  left: var(--wanted);
  width: 2px;
  background: var(--ink);
}
.key {
  text-align: right;
}
</style>
