import { computed, readonly, ref } from 'vue'
import { api } from '@/api/calls'
import { outbox } from '@/api/outbox'
import { keeper } from '@/api/queries'
import type { Me } from '@/api/types'

const me = ref<Me>()

/** Who is signed in. The one thing that every place shares. */
export const account = {
  me: readonly(me),
  signedIn: computed(() => me.value?.signedIn ?? false),
  coach: computed(() => me.value?.role === 'COACH'),

  async refresh() {
    const before = me.value?.accountId
    me.value = await api.me()
    // What one account was told is nothing for the next one at the same screen.
    if (before && before !== me.value.accountId) keeper.clear()
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
