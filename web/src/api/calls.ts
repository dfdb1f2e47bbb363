import { call } from './client'
import type {
  BlockForm,
  BlockView,
  CheckInForm,
  Choices,
  ClientForm,
  ClientSummary,
  ClientView,
  DayView,
  ExerciseForm,
  ExerciseView,
  FormView,
  ImportView,
  LibraryView,
  LogView,
  Me,
  MyDayView,
  PainView,
  Removed,
  SessionForm,
  TodayView,
  UnsuitedView,
  UseView,
  VersionView,
  WarmUpView,
} from './types'

const exercise = (id: string) => `/api/library/exercises/${encodeURIComponent(id)}`
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
  library: () => call<LibraryView>('GET', '/api/library/exercises'),
  exercise: (id: string, options: { client?: string; version?: number } = {}) => {
    const query = new URLSearchParams()
    if (options.client) query.set('client', options.client)
    if (options.version !== undefined) query.set('version', String(options.version))
    const asked = query.toString()
    return call<ExerciseView>('GET', exercise(id) + (asked ? `?${asked}` : ''))
  },
  exerciseForm: (id: string) => call<FormView>('GET', `${exercise(id)}/form`),
  exerciseVersions: (id: string) => call<VersionView[]>('GET', `${exercise(id)}/versions`),
  exerciseUses: (id: string) => call<UseView[]>('GET', `${exercise(id)}/uses`),
  previewExercise: (form: ExerciseForm) => call<ExerciseView>('POST', '/api/library/preview', form),
  createExercise: (form: ExerciseForm) =>
    call<ExerciseView>('POST', '/api/library/exercises', form),
  changeExercise: (id: string, form: ExerciseForm) => call<ExerciseView>('PUT', exercise(id), form),
  archiveExercise: (id: string) => call<ExerciseView>('POST', `${exercise(id)}/archive`),
  restoreExercise: (id: string) => call<ExerciseView>('POST', `${exercise(id)}/restore`),
  removeExercise: (id: string) => call<Removed>('DELETE', exercise(id)),
  importExercises: (text: string) => call<ImportView>('POST', '/api/library/import', { text }),
  exerciseChoices: () => call<Choices>('GET', '/api/library/choices'),
  unsuited: (id: string) => call<UnsuitedView[]>('GET', `${client(id)}/unsuited-exercises`),
  sessionPath: (id: string, session: string) => `${client(id)}/sessions/${session}`,
  checkInPath: (id: string, session: string) => `${client(id)}/sessions/${session}/check-in`,
}

/** What is put into the outbox instead of being sent at once. */
export type Outgoing = SessionForm | CheckInForm
