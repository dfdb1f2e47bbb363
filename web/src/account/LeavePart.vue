<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import type { OwnAccount } from '@/api/types'
import { localDay } from '@/parts/words'
import { account } from '@/stores/account'
import PartForm from './PartForm.vue'
import PartFrame from './PartFrame.vue'
import PasswordField from './PasswordField.vue'
import { useSending } from './useSending'

/** The end of an account: a client's at once, a practice after two weeks in which it can stay. */
const props = defineProps<{ own: OwnAccount; coach: boolean }>()
const emit = defineEmits<{ changed: [] }>()

const router = useRouter()
const open = ref(false)
const password = ref('')
const { busy, message, problems, send } = useSending()

async function leave() {
  if (!(await send(() => api.leave(password.value)))) return
  password.value = ''
  open.value = false
  if (props.coach) emit('changed')
  else {
    await account.refresh()
    await router.push('/sign-in')
  }
}
async function stay() {
  await send(api.stay)
  emit('changed')
}
</script>

<template>
  <PartFrame title="Leave for good">
    <div v-if="own.leavesAt" class="leaving" role="status">
      <p>
        <b>The practice and everything in it goes on {{ localDay(own.leavesAt) }}.</b> Until then
        one touch keeps it; afterwards nothing brings it back.
      </p>
      <BButton variant="primary" :disabled="busy" @click="stay">Keep the practice</BButton>
    </div>
    <template v-else>
      <p v-if="coach">
        The practice and everything in it goes after 14 days. Until then one touch keeps it;
        afterwards nothing does.
      </p>
      <p v-else>
        Your account goes at once, and with it your way in. What you told stays with your coach; ask
        there to have it deleted as well.
      </p>
      <BButton v-if="!open" class="stop" variant="outline-danger" @click="open = true">{{
        coach ? 'Delete the practice' : 'Delete my account'
      }}</BButton>
      <PartForm
        v-else
        :button="coach ? 'Delete the practice' : 'Delete my account'"
        for-good
        :busy="busy"
        :message="message"
        @send="leave"
        @leave="open = false"
      >
        <PasswordField
          v-model="password"
          label="To be sure, your password"
          field="password"
          :problems="problems"
          kind="current-password"
        />
      </PartForm>
    </template>
  </PartFrame>
</template>

<style scoped>
.stop {
  margin-top: 12px;
}
.leaving {
  display: grid;
  gap: 12px;
  justify-items: start;
  padding: 10px 14px;
  border: 1.5px solid var(--stop);
}
</style>
