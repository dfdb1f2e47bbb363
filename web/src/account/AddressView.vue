<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api } from '@/api/calls'
import { account } from '@/stores/account'
import EntryFrame from './EntryFrame.vue'
import { useSending } from './useSending'

/** The link of a mail to a new address was opened. */
const props = defineProps<{ token: string }>()

const done = ref(false)
const { message, send } = useSending()
onMounted(async () => {
  done.value = await send(async () => {
    await account.refresh()
    await api.confirmAddress(props.token)
    await account.refresh()
  })
})
</script>

<template>
  <EntryFrame subtitle="Your new address">
    <p v-if="done" role="status">Your account has this address now. Sign in with it.</p>
    <p v-else-if="message" role="alert">
      This link is used up or too old. Ask for a new one under Your account.
    </p>
    <p v-else class="quiet">A moment…</p>
    <p><RouterLink to="/sign-in">Sign in</RouterLink></p>
  </EntryFrame>
</template>

<style scoped>
p {
  margin-bottom: 12px;
}
</style>
