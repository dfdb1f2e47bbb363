import { onScopeDispose } from 'vue'
import { keeper } from '@/api/queries'

/** Called with the client of whom something changed, or with nothing where it may be anybody. */
type Heard = (clientId: string) => void

const TOGETHER = 60
const heard = new Set<Heard>()
let source: EventSource | null = null
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

function listen() {
  if (source || typeof EventSource === 'undefined') return
  source = new EventSource('/api/changes')
  source.addEventListener('person', (event) => tell((event as MessageEvent<string>).data))
  source.addEventListener('error', () => {
    lost = true
  })
  source.addEventListener('open', () => {
    // What happened while nobody listened is not known.
    if (lost) tell('')
    lost = false
  })
}

/** Hears, as long as the page is open, of changes that were made elsewhere. */
export function useChanges(listener: Heard): void {
  heard.add(listener)
  listen()
  onScopeDispose(() => {
    heard.delete(listener)
    if (heard.size) return
    source?.close()
    source = null
    lost = false
  })
}

/** Whatever the pages know of somebody is asked for again when something about them changed. */
export function useFreshAnswers(): void {
  useChanges((clientId) => {
    void keeper.invalidateQueries({ queryKey: clientId ? ['client', clientId] : ['client'] })
    for (const list of ['today', 'my-day', 'clients']) {
      void keeper.invalidateQueries({ queryKey: [list] })
    }
  })
}
