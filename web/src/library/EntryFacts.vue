<script setup lang="ts">
import type { ExerciseView } from '@/api/types'
import { DISCIPLINES, POSITIONS, THINGS } from '@/parts/labels'
import { duration } from '@/parts/words'

/** What is said of an exercise, in two columns. */
defineProps<{ exercise: ExerciseView }>()
</script>

<template>
  <div class="facts">
    <dl>
      <dt>Dose</dt>
      <dd>
        <p v-for="one in exercise.doses" :key="one.method">
          <b>{{ one.words }}</b><span class="quiet"
            >, {{ duration(one.seconds * 1000)
            }}<template v-if="exercise.doses.length > 1">: {{ one.methodWord }}</template></span
          >
        </p>
      </dd>
      <dt>Set-up</dt>
      <dd>{{ exercise.setUp }}</dd>
      <dt>Action</dt>
      <dd>
        <ol>
          <li v-for="line in exercise.action" :key="line">{{ line }}</li>
        </ol>
      </dd>
      <template v-if="exercise.ways.length">
        <dt>In turn</dt>
        <dd>
          <ol class="ways">
            <li v-for="way in exercise.ways" :key="way">{{ way }}</li>
          </ol>
        </dd>
      </template>
      <dt>Cue</dt>
      <dd>{{ exercise.cue }}</dd>
      <dt>Breath</dt>
      <dd>{{ exercise.breath }}</dd>
      <dt>Felt</dt>
      <dd>{{ exercise.feltAt }}</dd>
      <dt>Serves</dt>
      <dd>
        <span v-for="target in exercise.serves" :key="target.id" class="served"
          >{{ target.word }} <b>{{ target.points }}</b></span
        >
      </dd>
    </dl>
    <dl>
      <dt class="warn">Cautions</dt>
      <dd>
        <p v-for="line in exercise.cautions" :key="line">{{ line }}</p>
      </dd>
      <template v-if="exercise.stopRules.length">
        <dt class="stop">Stop</dt>
        <dd>
          <p v-for="line in exercise.stopRules" :key="line">{{ line }}</p>
        </dd>
      </template>
      <dt>Mistakes</dt>
      <dd>
        <p v-for="line in exercise.mistakes" :key="line">{{ line }}</p>
      </dd>
      <dt>Easier</dt>
      <dd>
        {{ exercise.easier.words }}
        <RouterLink
          v-if="exercise.easier.exercise"
          :to="`/library/${exercise.easier.exercise.id}`"
          >{{ exercise.easier.exercise.title }}</RouterLink
        >
      </dd>
      <dt>Harder</dt>
      <dd>
        {{ exercise.harder.words }}
        <RouterLink
          v-if="exercise.harder.exercise"
          :to="`/library/${exercise.harder.exercise.id}`"
          >{{ exercise.harder.exercise.title }}</RouterLink
        >
      </dd>
      <template v-if="exercise.muchLike.length">
        <dt>Much like</dt>
        <dd>
          <p v-for="other in exercise.muchLike" :key="other.id">
            <RouterLink :to="`/library/${other.id}`">{{ other.title }}</RouterLink>
          </p>
          <p class="quiet">One of them is enough.</p>
        </dd>
      </template>
      <template v-if="exercise.firstChoices.length">
        <dt>First choice</dt>
        <dd>
          <p v-for="line in exercise.firstChoices" :key="line">{{ line }}</p>
        </dd>
      </template>
      <dt>Where</dt>
      <dd>{{ exercise.positions.map((p) => POSITIONS[p].toLowerCase()).join(', ') }}</dd>
      <dt>Have ready</dt>
      <dd>
        {{ exercise.things.map((t) => THINGS[t].toLowerCase()).join(', ') || 'nothing' }}
        <p v-for="other in exercise.standIns" :key="other.standIn" class="quiet">
          or {{ other.standInWord }}<template v-if="other.changes">: {{ other.changes }}</template
          >. {{ other.words }}
        </p>
      </dd>
      <template v-if="exercise.disciplines.length">
        <dt>For</dt>
        <dd>
          {{ exercise.disciplines.map((d) => DISCIPLINES[d].toLowerCase()).join(', ') }}
        </dd>
      </template>
      <dt>Stands</dt>
      <dd>
        {{ exercise.beforePlay ? 'before play too' : 'not before play'
        }}{{ exercise.needsWarmth ? ', in warm hands only' : ''
        }}{{ exercise.tires ? ', tires what it works' : ''
        }}{{ exercise.recovery === 'REST_DAY' ? ', with a rest day after' : '' }}
      </dd>
    </dl>
  </div>
</template>

<style scoped>
.facts {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0 24px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
dl {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr);
  gap: 4px 12px;
  align-content: start;
  margin: 0;
}
dt {
  font-weight: 400;
}
dt:not(.warn, .stop) {
  color: var(--ink-2);
}
dd,
dd p {
  margin: 0;
}
ol {
  margin: 0;
  padding-left: 18px;
  list-style: decimal;
}
.served {
  display: inline-block;
  margin-right: 10px;
  white-space: nowrap;
}
.warn {
  color: var(--warn);
}
.stop {
  color: var(--stop);
}
@media (max-width: 1100px) {
  .facts {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
