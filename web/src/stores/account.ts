import { computed, readonly, ref } from 'vue'
import { api } from '@/api/calls'
import { outbox } from '@/api/outbox'
import type { Me } from '@/api/types'

const me = ref<Me>()

/** Who is signed in. The one thing that every place shares. */
export const account = {
  me: readonly(me),
  signedIn: computed(() => me.value?.signedIn ?? false),
  coach: computed(() => me.value?.role === 'COACH'),

  async refresh() {
    me.value = await api.me()
    await outbox.use(me.value.accountId ?? '')
  },

  async signOut() {
    await api.signOut()
    await account.refresh()
  },

  /** The place where this account begins. */
  home(): string {
    if (!me.value?.signedIn) return '/sign-in'
    return me.value.role === 'CLIENT' ? '/my-day' : '/today'
  },
}
