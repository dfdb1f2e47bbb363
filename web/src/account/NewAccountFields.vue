<script setup lang="ts">
import type { FieldProblem } from '@/api/client'
import TextField from '@/form/TextField.vue'
import PasswordField from './PasswordField.vue'

/** What a new account is made of. */
defineProps<{ problems: readonly FieldProblem[] }>()
const form = defineModel<{ name: string; email: string; password: string }>({ required: true })
</script>

<template>
  <TextField
    v-model="form.name"
    label="Name"
    field="name"
    :problems="problems"
    autocomplete="name"
  />
  <TextField
    v-model="form.email"
    label="Email"
    field="email"
    :problems="problems"
    autocomplete="username"
    inputmode="email"
  />
  <PasswordField
    v-model="form.password"
    label="Password"
    field="password"
    :problems="problems"
    kind="new-password"
  />
</template>
