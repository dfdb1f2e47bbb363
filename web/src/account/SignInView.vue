<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem, signIn } from '@/api/client'
import { account } from '@/stores/account'
import EntryFrame from './EntryFrame.vue'

const route = useRoute()
const router = useRouter()
const email = ref('')
const password = ref('')
const code = ref('')
const codeAsked = ref(false)
const message = ref('')
const busy = ref(false)

async function enter(how: () => Promise<void>) {
  busy.value = true
  message.value = ''
  try {
    if (!account.me.value) await account.refresh()
    await how()
    await account.refresh()
    const to = typeof route.query.to === 'string' ? route.query.to : account.home()
    await router.push(to)
  } catch (e) {
    codeAsked.value = e instanceof ServerProblem && e.asksFor === 'code'
    message.value = (e as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <EntryFrame subtitle="Hands, before and after">
    <p v-if="route.query.done" class="done" role="status">Your new password is kept.</p>
    <form novalidate @submit.prevent="enter(() => signIn(email, password, code))">
      <label class="form-label" for="email">Email</label>
      <BFormInput
        id="email"
        v-model="email"
        type="email"
        size="lg"
        required
        autocomplete="username"
        :aria-describedby="message ? 'entry-problem' : undefined"
      />
      <label class="form-label" for="password">Password</label>
      <BFormInput
        id="password"
        v-model="password"
        type="password"
        size="lg"
        required
        autocomplete="current-password"
        :aria-describedby="message ? 'entry-problem' : undefined"
      />
      <template v-if="codeAsked">
        <label class="form-label" for="code">Code</label>
        <BFormInput
          id="code"
          v-model="code"
          size="lg"
          inputmode="numeric"
          autocomplete="one-time-code"
          aria-describedby="entry-problem"
          autofocus
        />
      </template>
      <p v-if="message" id="entry-problem" class="message" role="alert">{{ message }}</p>
      <BButton type="submit" variant="primary" :disabled="busy">Sign in</BButton>
    </form>
    <div v-if="account.me.value?.demo" class="demo">
      <BButton
        variant="outline-secondary"
        :disabled="busy"
        @click="enter(() => api.lookAround('COACH'))"
      >
        Look around as the coach
      </BButton>
      <BButton
        variant="outline-secondary"
        :disabled="busy"
        @click="enter(() => api.lookAround('CLIENT'))"
      >
        as a client
      </BButton>
    </div>
    <p class="links">
      <RouterLink to="/forgotten">I forgot my password</RouterLink>
      <RouterLink v-if="account.me.value?.signUpOpen" to="/begin">Begin as a coach</RouterLink>
    </p>
    <p v-if="account.me.value?.firstStart && !account.me.value.demo" class="quiet">
      Nobody has an account yet. The server printed an address when it started; open that one.
    </p>
  </EntryFrame>
</template>

<style scoped>
form {
  display: grid;
}
.form-control {
  height: 44px;
  margin-bottom: 16px;
  font-size: 1rem;
}
form .btn {
  margin-top: 4px;
  padding-block: 10px;
  font-size: 1rem;
}
.message {
  margin-bottom: 8px;
  color: var(--stop);
  font-weight: 600;
}
.demo {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  margin-top: 12px;
}
.demo .btn {
  padding-inline: 8px;
  white-space: nowrap;
}
.links {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  justify-content: space-between;
  margin-top: 14px;
}
.done {
  margin-bottom: 12px;
  color: var(--main);
  font-weight: 600;
}
@media (max-width: 640px) {
  .demo {
    grid-template-columns: 1fr;
  }
}
</style>
