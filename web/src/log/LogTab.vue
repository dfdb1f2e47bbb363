<script setup lang="ts">
import SessionLog from './SessionLog.vue'

defineProps<{ clientId: string }>()
</script>

<template>
  <SessionLog :client-id="clientId" />
</template>
