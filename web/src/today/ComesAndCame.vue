<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, onBeforeUnmount } from 'vue'
import type { RosterRow } from '@/api/types'
import { toMinute } from '@/parts/words'
import { PURPOSES } from '@/parts/labels'
import PegIcon from '@/ribbon/PegIcon.vue'

/** What comes in the next hours, and what came in; new is what came since the last look. */
const props = defineProps<{ rows: readonly RosterRow[] }>()

const HOURS = 4
const SHOWN = 8
const coming = computed(() =>
  props.rows
    .flatMap((row) =>
      row.day.today
        ? row.day.pegs
            .filter((peg) => peg.open && peg.purpose !== 'BREAK')
            .filter((peg) => peg.endHour > row.day.nowHour)
            .filter((peg) => peg.startHour < row.day.nowHour + HOURS)
            .map((peg) => ({ row, peg }))
        : [],
    )
    .sort((a, b) => a.peg.start.localeCompare(b.peg.start))
    .slice(0, SHOWN),
)
const came = computed(() =>
  props.rows
    .flatMap((row) => row.came.map((one) => ({ row, one })))
    .sort((a, b) => b.one.at.localeCompare(a.one.at))
    .slice(0, SHOWN),
)
/** A moment on the client's own clock: "Fri 21:59". */
const momentOf = (at: string, timeZone: string) =>
  new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    hour: '2-digit',
    minute: '2-digit',
    timeZone,
  })
    .format(new Date(at))
    .replace(',', '')
const looked = useLocalStorage('nimblet-looked', '')
/** The look before this one: what came since then is new until the page is left. */
const before = looked.value
onBeforeUnmount(() => (looked.value = new Date().toISOString()))
const isNew = (at: string) => before !== '' && at > before
</script>

<template>
  <div class="both">
    <section aria-labelledby="coming">
      <h2 id="coming">In the next {{ HOURS }} hours</h2>
      <p v-if="coming.length === 0" class="quiet">Nothing is planned in them.</p>
      <ol>
        <li v-for="{ row, peg } in coming" :key="`${row.clientId} ${peg.start} ${peg.purpose}`">
          <span class="mono quiet">{{ toMinute(peg.startsAt) }}</span>
          <PegIcon :purpose="peg.purpose" :state="peg.state" />
          <span
            ><RouterLink :to="`/clients/${row.clientId}/week`">{{ row.name }}</RouterLink
            >, {{ PURPOSES[peg.purpose].toLowerCase() }}</span
          >
        </li>
      </ol>
    </section>
    <section aria-labelledby="came">
      <h2 id="came">Came in <span class="quiet small">since yesterday</span></h2>
      <p v-if="came.length === 0" class="quiet">Nothing since yesterday.</p>
      <ol>
        <li
          v-for="{ row, one } in came"
          :key="`${row.clientId} ${one.at}`"
          :class="{ fresh: isNew(one.at) }"
        >
          <span class="mono quiet">{{ momentOf(one.at, row.day.timeZone) }}</span>
          <PegIcon :purpose="one.purpose" :state="one.state" />
          <span
            ><RouterLink :to="`/clients/${row.clientId}/log`">{{ row.name }}</RouterLink
            >, {{ one.words.charAt(0).toLowerCase() + one.words.slice(1)
            }}<b v-if="isNew(one.at)"> new</b></span
          >
        </li>
      </ol>
    </section>
  </div>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
  gap: 40px;
  align-items: start;
  margin-top: 24px;
}
h2 {
  margin-bottom: 4px;
  font-size: 1.125rem;
}
li {
  display: grid;
  grid-template-columns: 88px 24px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  padding: 5px 0;
  white-space: nowrap;
  border-top: 1px solid var(--line);
}
li > :last-child {
  white-space: normal;
}
.fresh {
  background: var(--main-wash);
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
  }
}
</style>
