import { computed, ref, watch, type Ref } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import type { ClientForm, ClientView } from '@/api/types'
import { copy, same } from '@/form/forms'

/**
 * What is being written about a client. A change made elsewhere never passes over what is typed here:
 * the form begins anew only while nothing is changed in it, and whoever saves second is asked.
 */
export function useFactsForm(
  clientId: () => string,
  stored: Ref<ClientView>,
  reload: () => Promise<void>,
) {
  const form = ref<ClientForm>(copy(stored.value.facts))
  const base = ref<ClientForm>(copy(stored.value.facts))
  const problems = ref<readonly FieldProblem[]>([])
  const message = ref('')
  const saved = ref(false)
  const busy = ref(false)
  const conflict = ref<{ current: ClientView; changed: readonly string[] } | null>(null)
  const dirty = computed(() => !same(form.value, base.value))

  function begin() {
    form.value = copy(stored.value.facts)
    base.value = copy(stored.value.facts)
    problems.value = []
    message.value = ''
  }
  watch(
    () => stored.value.facts.version,
    () => {
      if (!conflict.value && !dirty.value) begin()
    },
  )
  watch(dirty, (now) => {
    if (now) saved.value = false
  })
  onBeforeRouteLeave(() => !dirty.value || window.confirm('Leave without saving what you changed?'))

  async function save() {
    busy.value = true
    problems.value = []
    message.value = ''
    try {
      await api.saveClient(clientId(), form.value)
      conflict.value = null
      await reload()
      begin()
      saved.value = true
    } catch (e) {
      if (e instanceof ServerProblem && e.status === 409 && e.current) {
        conflict.value = { current: e.current as ClientView, changed: e.changed }
      } else {
        if (e instanceof ServerProblem) problems.value = e.errors
        message.value = (e as Error).message
      }
    } finally {
      busy.value = false
    }
  }
  function takeTheirs() {
    if (conflict.value) {
      form.value = copy(conflict.value.current.facts)
      base.value = copy(conflict.value.current.facts)
    }
    conflict.value = null
    void reload()
  }
  function keepMine() {
    if (conflict.value) form.value.version = conflict.value.current.facts.version
    void save()
  }
  return {
    form,
    problems,
    message,
    saved,
    busy,
    conflict,
    dirty,
    begin,
    save,
    takeTheirs,
    keepMine,
  }
}
