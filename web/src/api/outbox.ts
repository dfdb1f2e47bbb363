import { openDB, type DBSchema } from 'idb'
import { readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { call, ServerAway, ServerProblem } from './client'

/** Something that happened on this device and is on its way to the server. */
export interface Letter {
  readonly number?: number
  /** Who was signed in when it happened; it is sent only for the same account. */
  readonly owner: string
  readonly path: string
  readonly body: unknown
  readonly label: string
  readonly at: string
  /** Why the server will not take it, if it said so. */
  readonly refused?: string
}

interface OutboxSchema extends DBSchema {
  letters: { key: number; value: Letter }
}

const FIRST_RETRY = 2_000
const LONGEST_RETRY = 20_000

const database = () =>
  openDB<OutboxSchema>('nimblet', 1, {
    upgrade: (db) => {
      db.createObjectStore('letters', { keyPath: 'number', autoIncrement: true })
    },
  })

const waiting = shallowRef<Letter[]>([])
const refused = shallowRef<Letter[]>([])
const nextTry = ref(0)
let owner = ''
let sending = false
let delay = FIRST_RETRY
let timer: ReturnType<typeof setTimeout> | undefined

async function look() {
  const db = await database()
  const own = (await db.getAll('letters')).filter((letter) => letter.owner === owner)
  waiting.value = own.filter((letter) => !letter.refused)
  refused.value = own.filter((letter) => letter.refused)
}

/** Whether the server will never take it, however often it is sent. */
const isFinal = (e: ServerProblem) =>
  e.status >= 400 && e.status < 500 && ![401, 403, 408, 429].includes(e.status)

/** Sends one thing; false if it waits for the next try. */
async function sent(letter: Letter): Promise<boolean> {
  const db = await database()
  try {
    await call('PUT', letter.path, letter.body)
    await db.delete('letters', letter.number as number)
    delay = FIRST_RETRY
  } catch (e) {
    if (e instanceof ServerProblem && isFinal(e)) {
      await db.put('letters', { ...letter, refused: e.detail })
    } else if (e instanceof ServerAway || e instanceof ServerProblem) return false
    else throw e
  }
  await look()
  return true
}

/** Sends what waits, in order, each thing once, and what is put meanwhile after it. */
async function flush() {
  if (sending || !owner) return
  sending = true
  clearTimeout(timer)
  try {
    await look()
    let next = waiting.value[0]
    while (next && (await sent(next))) next = waiting.value[0]
  } finally {
    sending = false
  }
  if (waiting.value.length > 0) {
    nextTry.value = Date.now() + delay
    timer = setTimeout(() => void flush(), delay)
    delay = Math.min(LONGEST_RETRY, delay * 2)
  } else nextTry.value = 0
}

/** What happened on this device and is not with the server yet. */
export const outbox = {
  waiting: shallowReadonly(waiting),
  refused: shallowReadonly(refused),
  nextTry: readonly(nextTry),

  /** Says who is signed in; what waits for them is sent. */
  async use(account: string) {
    owner = account
    if (account) await flush()
    else {
      waiting.value = []
      refused.value = []
    }
  },

  /** Keeps something on the device first, then tries to send it. */
  async put(path: string, body: unknown, label: string) {
    const db = await database()
    // A plain copy: reactive objects cannot be stored.
    const plain: unknown = JSON.parse(JSON.stringify(body))
    await db.add('letters', { owner, path, body: plain, label, at: new Date().toISOString() })
    await look()
    void flush()
  },

  async tryNow() {
    delay = FIRST_RETRY
    await flush()
  },

  /** Takes something that the server refused off the device. */
  async drop(letter: Letter) {
    const db = await database()
    await db.delete('letters', letter.number as number)
    await look()
  },
}

window.addEventListener('online', () => void outbox.tryNow())
