<script setup lang="ts">
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import PegIcon from '@/ribbon/PegIcon.vue'

/** What the coach saved for this person, to be done at any time. */
const props = defineProps<{ clientId: string }>()
const own = useAsked(() => queries.clientRoutines(props.clientId))
</script>

<template>
  <section v-if="own.data.value?.length" aria-label="Your routines">
    <h3>Your routines</h3>
    <ul>
      <li v-for="one in own.data.value" :key="one.id">
        <PegIcon :purpose="one.purpose" />
        <span>{{ one.title }}</span>
        <RouterLink
          class="btn btn-outline-secondary"
          :to="`/player/${one.clientId ?? ''}/routine/${one.id}`"
          >Start <span class="visually-hidden">{{ one.title }}</span></RouterLink
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 48px;
  border-top: 1px solid var(--line);
}
span {
  flex: 1;
}
.btn {
  min-width: 88px;
}
</style>
