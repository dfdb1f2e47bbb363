<script setup lang="ts">
import { computed, ref } from 'vue'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import { localMoment } from '@/parts/words'
import PartFrame from './PartFrame.vue'

/** Who read or changed what a client told of their health. */
const props = defineProps<{ clientId: string }>()
const FEW = 8

const { data } = useAsked(() => queries.healthTrail(props.clientId))
const all = ref(false)
const shown = computed(() => (all.value ? data.value : data.value?.slice(0, FEW)) ?? [])
</script>

<template>
  <PartFrame title="Who read what you told">
    <ul v-if="shown.length">
      <li v-for="line in shown" :key="line.at + line.who + line.words">
        <span>
          <b>{{ line.who }}</b> {{ line.words }}
        </span>
        <span class="quiet small">{{ localMoment(line.at) }}</span>
      </li>
    </ul>
    <p v-else class="quiet">
      Nobody yet. Whoever reads or changes your pains, signs or log stands here, once a day.
    </p>
    <BButton
      v-if="!all && (data?.length ?? 0) > FEW"
      variant="link"
      class="more"
      @click="all = true"
      >All {{ data?.length }}</BButton
    >
  </PartFrame>
</template>

<style scoped>
li {
  display: flex;
  gap: 16px;
  align-items: baseline;
  justify-content: space-between;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
li .small {
  white-space: nowrap;
}
.more {
  padding: 0;
}
</style>
