<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import type { ClientSummary } from '@/api/types'

const router = useRouter()
const route = useRoute()
/** In the library the slash finds exercises. */
const slashIsOurs = computed(() => !route.path.startsWith('/library'))
const id = useId()
const input = ref<HTMLInputElement | null>(null)
const text = ref('')
const open = ref(false)
const active = ref(0)
const clients = ref<ClientSummary[]>([])

const plain = (s: string) => s.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()
const found = computed(() => {
  const wanted = plain(text.value.trim())
  return clients.value
    .filter((c) => plain(`${c.name} ${c.occupation}`).includes(wanted))
    .slice(0, 8)
})

let loading: Promise<void> = Promise.resolve()
function load() {
  open.value = true
  active.value = 0
  loading = api
    .clients()
    .then((all) => {
      clients.value = all
    })
    .catch(() => undefined)
}
/** Someone who types fast may press Enter before the names have come. */
async function chooseActive() {
  await loading
  choose(found.value[active.value])
}
function choose(client: ClientSummary | undefined) {
  if (!client) return
  open.value = false
  text.value = ''
  input.value?.blur()
  void router.push(`/clients/${client.id}/hands`)
}
function key(event: KeyboardEvent) {
  if (event.key === 'Escape') {
    open.value = false
    input.value?.blur()
  } else if (event.key === 'Enter') {
    event.preventDefault()
    void chooseActive()
  } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault()
    const n = found.value.length || 1
    active.value = (active.value + (event.key === 'ArrowDown' ? 1 : n - 1)) % n
  } else active.value = 0
}
function slash(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  if (!slashIsOurs.value || event.key !== '/' || /INPUT|TEXTAREA|SELECT/.test(target.tagName))
    return
  event.preventDefault()
  input.value?.focus()
}
useEventListener(document, 'keydown', slash)
</script>

<template>
  <div class="finder" role="search">
    <label class="visually-hidden" :for="id">Find a client</label>
    <input
      :id="id"
      ref="input"
      v-model="text"
      class="form-control"
      type="text"
      role="combobox"
      autocomplete="off"
      placeholder="Find a client"
      aria-autocomplete="list"
      :aria-expanded="open"
      :aria-controls="`${id}list`"
      :aria-activedescendant="open && found[active] ? `${id}option${active}` : undefined"
      @focus="load"
      @blur="open = false"
      @keydown="key"
    />
    <kbd v-if="slashIsOurs" aria-hidden="true">/</kbd>
    <ul v-show="open" :id="`${id}list`" role="listbox" aria-label="Clients">
      <li
        v-for="(client, i) in found"
        :id="`${id}option${i}`"
        :key="client.id"
        role="option"
        :aria-selected="i === active"
        :class="{ active: i === active }"
        @mousedown.prevent="choose(client)"
      >
        <b>{{ client.name }}</b>
        <span class="quiet small">{{ client.occupation }}</span>
      </li>
      <li v-if="found.length === 0" role="option" aria-selected="false" class="quiet">
        Nobody by that name
      </li>
    </ul>
  </div>
</template>

<style scoped>
.finder {
  position: relative;
  align-self: center;
  width: 232px;
}
.form-control {
  padding-right: 36px;
}
kbd {
  position: absolute;
  top: 8px;
  right: 8px;
}
ul {
  position: absolute;
  z-index: 8;
  top: 40px;
  right: 0;
  width: 300px;
  border: 1.5px solid var(--ink);
  background: var(--surface);
}
li {
  display: grid;
  padding: 8px 12px;
  cursor: pointer;
}
li.active {
  background: var(--main-wash);
}
@media (max-width: 900px) {
  .finder {
    width: 140px;
  }
}
</style>
