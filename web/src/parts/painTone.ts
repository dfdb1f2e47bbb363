import { account } from '@/stores/account'

/** How a pain disc is coloured; from where on is the server's word. */
export function painTone(level: number | null): 'none' | 'mild' | 'felt' | 'hot' {
  if (level === null) return 'none'
  const me = account.me.value
  if (me && level >= me.endingPain) return 'hot'
  return me && level >= me.markedPain ? 'felt' : 'mild'
}
