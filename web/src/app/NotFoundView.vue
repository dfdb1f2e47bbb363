<script setup lang="ts">
import { account } from '@/stores/account'
</script>

<template>
  <main id="main" class="page">
    <h1>There is nothing here</h1>
    <p class="large">The address may be mistyped, or what stood here is gone.</p>
    <p class="large"><RouterLink :to="account.home()">Go to the beginning</RouterLink></p>
  </main>
</template>
