<script setup lang="ts">
/** What belongs to a week and has a page of its own. */
defineProps<{ clientId: string; date: string }>()
</script>

<template>
  <p class="side-by-side">
    <RouterLink :to="{ path: `/clients/${clientId}/week/six-weeks`, query: { date } }"
      >Six weeks at a glance</RouterLink
    >
    <RouterLink :to="`/clients/${clientId}/week/practice-day`">A day of practice</RouterLink>
    <RouterLink :to="`/clients/${clientId}/week/calendars`">Calendars and reminders</RouterLink>
  </p>
</template>

<style scoped>
p {
  gap: 20px;
  margin-top: 8px;
}
</style>
