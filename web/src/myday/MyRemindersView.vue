<script setup lang="ts">
import { account } from '@/stores/account'
import FeedPanel from '@/week/FeedPanel.vue'
import ReminderPanel from '@/week/ReminderPanel.vue'

/** How a client is told of their sessions, and how they come into a calendar of their own. */
</script>

<template>
  <main id="main" class="page">
    <h1>Reminders and calendar</h1>
    <div v-if="account.me.value?.clientId" class="panels">
      <ReminderPanel :client-id="account.me.value.clientId" />
      <FeedPanel :client-id="account.me.value.clientId" />
    </div>
  </main>
</template>

<style scoped>
.panels {
  display: grid;
  gap: 32px 48px;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 340px), 1fr));
  margin-top: 20px;
}
</style>
