<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import FormField from '@/form/FormField.vue'
import TextField from '@/form/TextField.vue'
import { account } from '@/stores/account'
import EntryForm from './EntryForm.vue'
import EntryFrame from './EntryFrame.vue'
import NewAccountFields from './NewAccountFields.vue'
import { useSending } from './useSending'

/** Whoever was invited sees by whom and for what, consents, and comes in. */
const props = defineProps<{ token: string }>()

const router = useRouter()
const { data, error } = useAsked(() => queries.invitation(props.token))
const opened = computed(() => data.value?.[0])
const form = ref({ name: '', email: '', password: '' })
const consent = ref(false)
const guardian = ref('')
watch(opened, (now) => {
  if (now && !form.value.name) form.value.name = now.name
})
const client = computed(() => opened.value?.kind === 'CLIENT')
const subtitle = computed(() =>
  !opened.value
    ? 'Your invitation'
    : opened.value.from
      ? `${opened.value.from} invites you`
      : 'Set up the practice',
)
const { busy, message, problems, send } = useSending()

async function accept() {
  const taken = await send(async () => {
    await api.acceptInvitation({
      ...form.value,
      token: props.token,
      consent: consent.value,
      guardian: guardian.value || null,
    })
    await account.refresh()
  })
  if (taken) await router.push(account.home())
}
</script>

<template>
  <EntryFrame v-if="error || (data && !opened)" subtitle="Your invitation">
    <p role="alert">
      {{
        error
          ? error.message
          : 'This invitation is used up or too old. Ask whoever invited you for a new one.'
      }}
    </p>
    <p><RouterLink to="/sign-in">Sign in</RouterLink></p>
  </EntryFrame>
  <EntryForm
    v-else
    :subtitle="subtitle"
    button="Open the account"
    v-bind="{ busy, message }"
    @send="accept"
  >
    <NewAccountFields v-model="form" :problems="problems" />
    <template v-if="client && opened">
      <TextField
        v-if="opened.guardian"
        v-model="guardian"
        label="Parent or guardian"
        field="guardian"
        :problems="problems"
        hint="Under 16 they read this with you and consent"
      />
      <FormField v-slot="{ id, state, described }" label="Consent" field="consent" :problems>
        <BFormCheckbox :id="id" v-model="consent" :state="state" :aria-describedby="described"
          >{{ opened.from }} and I see what I tell of pain, signs and sessions; it is kept here
          until I or they delete it.</BFormCheckbox
        >
      </FormField>
    </template>
  </EntryForm>
</template>
