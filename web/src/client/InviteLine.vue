<script setup lang="ts">
import { ref } from 'vue'
import { api } from '@/api/calls'

/** A way into the program for the client themselves. */
const props = defineProps<{ clientId: string; name: string }>()

const invitation = ref('')
async function invite() {
  const { token } = await api.invite(props.clientId)
  invitation.value = `${window.location.origin}/invitation/${token}`
}
</script>

<template>
  <div class="invite">
    <BButton variant="outline-secondary" size="sm" @click="invite">Invite {{ name }}</BButton>
    <p v-if="invitation" class="small">
      Hand this address on; it works once, for two weeks:<br /><code>{{ invitation }}</code>
    </p>
  </div>
</template>

<style scoped>
code {
  color: var(--ink);
  word-break: break-all;
}
</style>
