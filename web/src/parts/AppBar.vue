<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { account } from '@/stores/account'
import { chooseTheme, theme, type Theme } from '@/stores/theme'
import BrandMark from './BrandMark.vue'
import ClientFinder from './ClientFinder.vue'

const route = useRoute()
const router = useRouter()

const places = computed(() =>
  account.coach.value
    ? [
        { to: '/today', word: 'Today' },
        { to: '/clients', word: 'Clients' },
        { to: '/library', word: 'Library' },
        { to: '/bench', word: 'Bench' },
        { to: '/workshop', word: 'Workshop' },
      ]
    : [
        { to: '/my-day', word: 'My day' },
        { to: '/my-log', word: 'Log' },
      ],
)
const on = (to: string) => route.path === to || route.path.startsWith(`${to}/`)

const THEMES: readonly { value: Theme; word: string }[] = [
  { value: 'system', word: 'Light or dark as the device' },
  { value: 'light', word: 'Light' },
  { value: 'dark', word: 'Dark' },
]

async function signOut() {
  await account.signOut()
  await router.push('/sign-in')
}
</script>

<template>
  <header class="bar" :class="{ client: !account.coach.value }">
    <RouterLink class="brand" to="/"><BrandMark />Nimblet</RouterLink>
    <nav aria-label="Places">
      <RouterLink
        v-for="place in places"
        :key="place.to"
        :to="place.to"
        :class="{ on: on(place.to) }"
        :aria-current="on(place.to) ? 'page' : undefined"
      >
        {{ place.word }}
      </RouterLink>
    </nav>
    <span class="push" />
    <ClientFinder v-if="account.coach.value" />
    <BDropdown
      class="who"
      :class="{ on: on('/account') }"
      variant="link"
      no-caret
      :text="account.me.value?.name ?? ''"
      placement="bottom-end"
    >
      <BDropdownItemButton
        v-for="choice in THEMES"
        :key="choice.value"
        :active="theme === choice.value"
        @click="chooseTheme(choice.value)"
      >
        {{ choice.word }}
      </BDropdownItemButton>
      <BDropdownDivider />
      <BDropdownItem to="/account">Your account</BDropdownItem>
      <BDropdownItem v-if="!account.coach.value" to="/my-reminders"
        >Reminders and calendar</BDropdownItem
      >
      <BDropdownItemButton @click="signOut">Sign out</BDropdownItemButton>
    </BDropdown>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: flex-end;
  height: 56px;
  padding: 0 var(--page);
  border-bottom: 1.5px solid var(--ink);
  background: var(--surface);
}
.brand {
  display: flex;
  align-items: center;
  gap: 12px;
  height: 56px;
  margin-right: 40px;
  color: var(--ink);
  font: 700 1.25rem/1.75rem var(--font);
  text-decoration: none;
}
nav {
  display: flex;
  gap: 4px;
}
nav a {
  position: relative;
  display: flex;
  align-items: center;
  height: 40px;
  padding: 0 16px;
  border: 1.5px solid transparent;
  border-bottom: 0;
  color: var(--ink-2);
  font: 500 1rem/1.5rem var(--font);
  text-decoration: none;
}
nav a.on {
  border-color: var(--ink);
  background: var(--ground);
  color: var(--ink);
  font-weight: 700;
}
nav a.on::after {
  position: absolute;
  right: 0;
  bottom: -1.5px;
  left: 0;
  height: 2px;
  background: var(--ground);
  content: '';
}
.who {
  align-self: center;
  margin-left: 12px;
}
.who.on {
  align-self: flex-end;
  margin-bottom: -1.5px;
  padding: 2px 8px;
  border: 1.5px solid var(--ink);
  border-bottom: 0;
  background: var(--ground);
}
.who :deep(.btn) {
  padding-inline: 8px;
  color: var(--ink);
  font-weight: 500;
  text-decoration: none;
}
@media (max-width: 640px) {
  .brand {
    margin-right: 12px;
  }
  .client nav {
    position: fixed;
    z-index: 5;
    right: 0;
    bottom: 0;
    left: 0;
    gap: 0;
    height: 56px;
    border-top: 1.5px solid var(--ink);
    background: var(--surface);
  }
  .client nav a {
    flex: 1;
    justify-content: center;
    height: 56px;
    margin-top: -1.5px;
    border-width: 0 1.5px;
  }
  .client nav a.on::after {
    display: none;
  }
}
</style>
