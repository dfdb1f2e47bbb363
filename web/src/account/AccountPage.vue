<script setup lang="ts">
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import PageState from '@/parts/PageState.vue'
import { account } from '@/stores/account'
import AddressPart from './AddressPart.vue'
import InvitedPart from './InvitedPart.vue'
import LeavePart from './LeavePart.vue'
import PasswordPart from './PasswordPart.vue'
import SecondFactorPart from './SecondFactorPart.vue'
import SessionsPart from './SessionsPart.vue'
import TrailPart from './TrailPart.vue'

/** One's own account: who one is, where one is signed in, who was asked in, and the way out. */
const { data: own, error, slow, reload } = useAsked(() => queries.account())
</script>

<template>
  <main id="main" class="page">
    <header class="line-up">
      <h1>{{ own?.name ?? 'Your account' }}</h1>
      <span class="quiet large">{{ account.coach.value ? 'hand coach' : 'client' }}</span>
    </header>
    <PageState :loading="slow" :error="error" :ready="Boolean(own)" @retry="reload">
      <div v-if="own" class="columns">
        <div class="column">
          <AddressPart :own="own" />
          <PasswordPart :own="own" @changed="reload" />
          <SessionsPart :sessions="own.sessions" @changed="reload" />
        </div>
        <div class="column">
          <SecondFactorPart v-if="account.coach.value" :own="own" @changed="reload" />
          <InvitedPart v-if="account.coach.value" />
          <TrailPart v-if="account.me.value?.clientId" :client-id="account.me.value.clientId" />
          <LeavePart :own="own" :coach="account.coach.value" @changed="reload" />
        </div>
      </div>
    </PageState>
  </main>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 592px));
  gap: 24px 56px;
  margin-top: 16px;
}
.column {
  display: grid;
  gap: 32px;
  align-content: start;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
