<script setup lang="ts">
import { computed } from 'vue'
import type { PegView, RoutineView } from '@/api/types'
import { PURPOSES } from '@/parts/labels'
import { toMinute } from '@/parts/words'
import RoutineTape from '@/tape/RoutineTape.vue'
import { playerOf } from './useNextRoutine'

/** The next session: when, with what, its tape, and the way into it. */
const props = defineProps<{
  clientId: string
  session: PegView
  routine: RoutineView
  /** When it ends at its true length, as the clock shows it. */
  endsAt: string
  busy: boolean
}>()
defineEmits<{ later: [] }>()

const times = computed(() => {
  const from = `${toMinute(props.session.startsAt)} to ${props.endsAt}`
  return props.routine.blockTitle
    ? `${from}, ends as ${props.routine.blockTitle.toLowerCase()} starts`
    : from
})
const haveReady = computed(() =>
  props.routine.haveReady.length
    ? `have ready: ${props.routine.haveReady.join(', ')}`
    : 'nothing is needed',
)
</script>

<template>
  <section class="next" aria-label="The next session">
    <div class="line">
      <div>
        <h2>{{ PURPOSES[session.purpose] }}</h2>
        <p class="large">{{ times }}; {{ haveReady }}</p>
      </div>
      <div class="ways">
        <BButton
          v-if="session.lineId"
          class="later"
          variant="outline-secondary"
          :disabled="busy"
          @click="$emit('later')"
          >Later today</BButton
        >
        <RouterLink class="btn btn-primary start" :to="playerOf(clientId, session)"
          >{{ session.blockId ? 'Start' : 'Start now' }}
          <span class="visually-hidden"
            >{{ PURPOSES[session.purpose] }} {{ toMinute(session.startsAt) }}</span
          ></RouterLink
        >
      </div>
    </div>
    <div class="wide">
      <RoutineTape :steps="routine.steps" :height="56" names ruler />
    </div>
    <div class="narrow">
      <RoutineTape
        :steps="routine.steps"
        :height="28"
        :letters="false"
        patterns="mini"
        :gap="0.5"
        :stroke-width="1.2"
      />
    </div>
  </section>
</template>

<style scoped>
.line {
  display: flex;
  gap: 24px;
  align-items: center;
  margin: 12px 0 20px;
}
h2 {
  font-size: 2.75rem;
  line-height: 3rem;
}
.ways {
  display: flex;
  gap: 12px;
  margin-left: auto;
}
.later,
.start {
  display: flex;
  align-items: center;
  justify-content: center;
  height: 60px;
  font-weight: 600;
}
.later {
  padding-inline: 20px;
}
.start {
  width: 232px;
  font: 700 1.25rem/1.75rem var(--font);
}
.narrow {
  display: none;
}
@media (max-width: 640px) {
  .line {
    display: block;
    margin: 8px 0 0;
  }
  h2 {
    font-size: 1.75rem;
    line-height: 2.25rem;
  }
  .ways {
    margin: 12px 0 0;
  }
  .start {
    flex: 1;
    height: 56px;
  }
  .later {
    height: 56px;
  }
  .wide {
    display: none;
  }
  .narrow {
    display: block;
    margin-top: 14px;
  }
}
</style>
