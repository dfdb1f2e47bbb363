<script setup lang="ts">
import { account } from '@/stores/account'
import SessionLog from './SessionLog.vue'
</script>

<template>
  <main id="main" class="page mine">
    <h1>Log</h1>
    <SessionLog v-if="account.me.value?.clientId" :client-id="account.me.value.clientId" />
  </main>
</template>

<style scoped>
.mine {
  display: grid;
  gap: 16px;
}
@media (max-width: 640px) {
  .mine {
    padding-bottom: 80px;
  }
}
</style>
