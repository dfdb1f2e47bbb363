<script setup lang="ts">
import StateMark from '@/parts/StateMark.vue'

/** A referral sign that closes work: before anything else on the bench. */
defineProps<{ signs: readonly string[]; clientId: string | null }>()
</script>

<template>
  <div class="sign" role="alert">
    <StateMark state="STOP" />
    <div>
      <p v-for="sign in signs" :key="sign">{{ sign }}</p>
    </div>
    <RouterLink v-if="clientId" class="push" :to="`/clients/${clientId}/hands`"
      >Record what the clinician said</RouterLink
    >
  </div>
</template>

<style scoped>
.sign {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-bottom: 12px;
  padding: 10px 14px;
  border: 1.5px solid var(--stop);
  background: var(--stop-wash);
  color: var(--stop);
  font-weight: 600;
}
.sign a {
  flex: none;
}
</style>
