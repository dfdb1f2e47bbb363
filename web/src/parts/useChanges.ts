import { onScopeDispose } from 'vue'
import { askAnew } from '@/api/queries'

/** Called with the client of whom something changed, or with nothing where it may be anybody. */
type Heard = (clientId: string) => void

const TOGETHER = 60
const heard = new Set<Heard>()
let lost = false
const waiting = new Set<string>()
let timer: ReturnType<typeof setTimeout> | undefined

/** Several changes of one moment are told once. */
function tell(clientId: string) {
  waiting.add(clientId)
  clearTimeout(timer)
  timer = setTimeout(() => {
    const told = waiting.has('') ? [''] : [...waiting]
    waiting.clear()
    told.forEach((id) => heard.forEach((listener) => listener(id)))
  }, TOGETHER)
}

/**
 * One line to the server for all pages of a browser: it gives a site six at most, and each page that
 * held one of its own would leave less for asking. Whoever has the lock listens and tells the others.
 */
const NAME = 'nimblet changes'
let others: BroadcastChannel | null = null
let leave: (() => void) | null = null

function listen() {
  if (leave || typeof EventSource === 'undefined') return
  const began = performance.now()
  const locks = navigator.locks as LockManager | null | undefined
  if (!locks || typeof BroadcastChannel === 'undefined') {
    leave = open(began, tell)
    return
  }
  const channel = new BroadcastChannel(NAME)
  const waiting = new AbortController()
  others = channel
  channel.addEventListener('message', (event: MessageEvent<string>) => tell(event.data))
  let stop: (() => void) | null = null
  locks
    .request(NAME, { signal: waiting.signal }, () => {
      return new Promise<void>((resolve) => {
        const close = open(began, (clientId) => {
          tell(clientId)
          others?.postMessage(clientId)
        })
        stop = () => {
          close()
          resolve()
        }
      })
    })
    .catch(() => undefined) // Given up while it waited.
  leave = () => {
    waiting.abort()
    stop?.()
    channel.close()
    others = null
  }
}

/**
 * The line itself; gives the way to close it. What happened since the page began, before its line is
 * open, is told first: nobody else may have told it.
 */
function open(began: number, say: (clientId: string) => void): () => void {
  const source = new EventSource(
    `/api/changes?silentMillis=${Math.round(performance.now() - began)}`,
  )
  source.addEventListener('person', (event) => say((event as MessageEvent<string>).data))
  source.addEventListener('error', () => {
    lost = true
  })
  source.addEventListener('open', () => {
    // What happened since the line broke is not known.
    if (lost) say('')
    lost = false
  })
  return () => source.close()
}

function hangUp() {
  leave?.()
  leave = null
  lost = false
}
// A page that is kept for going back holds no line.
window.addEventListener('pagehide', hangUp)
window.addEventListener('pageshow', (event) => {
  if (event.persisted && heard.size) {
    listen()
    tell('')
  }
})

/** Hears, as long as the page is open, of changes that were made elsewhere. */
export function useChanges(listener: Heard): void {
  heard.add(listener)
  listen()
  onScopeDispose(() => {
    heard.delete(listener)
    if (!heard.size) hangUp()
  })
}

/** Whatever the pages know of somebody is asked for again when something about them changed. */
export function useFreshAnswers(): void {
  useChanges((clientId) => {
    const about = clientId ? ['client', clientId] : ['client']
    for (const key of [about, ['today'], ['my-day'], ['clients']]) void askAnew(key)
  })
}
