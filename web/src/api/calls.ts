import { call } from './client'
import type {
  BlockForm,
  BlockView,
  CheckInForm,
  ClientForm,
  ClientSummary,
  ClientView,
  DayView,
  LogView,
  Me,
  MyDayView,
  PainView,
  SessionForm,
  TodayView,
  WarmUpView,
} from './types'

const client = (id: string) => `/api/clients/${encodeURIComponent(id)}`

/** Every call there is, with its path and its type in one place. */
export const api = {
  me: () => call<Me>('GET', '/api/me'),
  signOut: () => call<undefined>('POST', '/api/sign-out'),
  lookAround: (as: 'COACH' | 'CLIENT') => call<undefined>('POST', '/api/demo/sign-in', { as }),
  openCoach: (form: { name: string; email: string; password: string }) =>
    call<undefined>('POST', '/api/coaches', form),
  acceptInvitation: (form: { token: string; name: string; email: string; password: string }) =>
    call<undefined>('POST', '/api/invitations/accept', form),
  today: (date?: string) => call<TodayView>('GET', `/api/today${date ? `?date=${date}` : ''}`),
  myDay: () => call<MyDayView>('GET', '/api/my/day'),
  clients: () => call<ClientSummary[]>('GET', '/api/clients'),
  client: (id: string) => call<ClientView>('GET', client(id)),
  createClient: (form: ClientForm) => call<ClientView>('POST', '/api/clients', form),
  saveClient: (id: string, form: ClientForm) => call<ClientView>('PUT', client(id), form),
  invite: (id: string) =>
    call<{ token: string; expiresAt: string }>('POST', `${client(id)}/invitation`),
  day: (id: string, date?: string) =>
    call<DayView>('GET', `${client(id)}/day${date ? `?date=${date}` : ''}`),
  pains: (id: string) => call<PainView[]>('GET', `${client(id)}/pains`),
  log: (id: string) => call<LogView>('GET', `${client(id)}/log`),
  createBlock: (id: string, form: BlockForm) =>
    call<BlockView>('POST', `${client(id)}/blocks`, form),
  saveBlock: (id: string, block: string, form: BlockForm) =>
    call<BlockView>('PUT', `${client(id)}/blocks/${block}`, form),
  deleteBlock: (id: string, block: string) =>
    call<undefined>('DELETE', `${client(id)}/blocks/${block}`),
  warmUp: (id: string, block: string) =>
    call<WarmUpView>('GET', `${client(id)}/blocks/${block}/warm-up`),
  sessionPath: (id: string, session: string) => `${client(id)}/sessions/${session}`,
  checkInPath: (id: string, session: string) => `${client(id)}/sessions/${session}/check-in`,
}

/** What is put into the outbox instead of being sent at once. */
export type Outgoing = SessionForm | CheckInForm
