import { QueryClient } from '@tanstack/vue-query'
import { api, type ForecastAsked } from './calls'
import { routineOf, type Playable } from './planned'
import type {
  ActivityShape,
  AtHandForm,
  PainForm,
  ReviewForm,
  Side,
  RowQuery,
  WeightView,
} from './types'

/** Asked once and again only when something changed; a refusal is shown and not asked again. */
export const keeper = new QueryClient({
  defaultOptions: {
    queries: {
      retry: false,
      refetchOnWindowFocus: false,
      refetchOnReconnect: false,
      networkMode: 'always',
    },
  },
})

/**
 * A question to the server.
 *
 * `key` says what it is about, first the client if it is about one; `keptFor` for how many
 * milliseconds an answer may be shown again without asking.
 */
export interface Query<T> {
  readonly key: readonly unknown[]
  readonly ask: () => Promise<T>
  readonly keptFor: number
  /** For how long the last answer is shown while a new one is asked for; not at all without it. */
  readonly heldFor?: number
}

/**
 * What is on its way, asked before now, is not taken as an answer. Left to itself the keeper would
 * wait for a first answer instead of asking again.
 */
export function forgetAsked(key: readonly unknown[], exact = false): void {
  void keeper.cancelQueries({ queryKey: key, exact }, { silent: true })
}

/** Whatever the pages know about this, and all below it, is asked for again. */
export function askAnew(key: readonly unknown[]): Promise<void> {
  forgetAsked(key)
  return keeper.invalidateQueries({ queryKey: key })
}

/** What may change at any time is asked for whenever it is shown. */
const query = <T>(key: readonly unknown[], ask: () => Promise<T>): Query<T> => ({
  key,
  ask,
  keptFor: 0,
})
/** What ships with the program is the same until it is started anew. */
const shipped = <T>(key: string, ask: () => Promise<T>): Query<T> => ({
  key: [key],
  ask,
  keptFor: Infinity,
})
const about = <T>(client: string, what: readonly unknown[], ask: () => Promise<T>) =>
  query(['client', client, ...what], ask)

/** Every question that pages ask, with its key and its call in one place. */
export const queries = {
  today: (date?: string) => query(['today', date], () => api.today(date)),
  /** Its last answer is better than nothing while the server is away. */
  myDay: () => ({ ...query(['my-day'], api.myDay), heldFor: Infinity }),
  account: () => query(['account'], api.account),
  healthTrail: (client: string) => about(client, ['trail'], () => api.healthTrail(client)),
  invitations: () => query(['account', 'invitations'], api.invitations),
  invitation: (token: string) => query(['invitation', token], () => api.lookAtInvitation(token)),
  clients: () => query(['clients'], api.clients),
  archivedClients: () => query(['clients', 'archived'], api.archivedClients),
  handRoles: () => shipped('hand-roles', api.handRoles),
  /** The same for the same kind of activity, until the program is started anew. */
  usualWeights: (activity: ActivityShape): Query<WeightView[]> => ({
    key: ['usual-weights', activity],
    ask: () => api.usualWeights(activity),
    keptFor: Infinity,
  }),
  atHand: (form: AtHandForm) => query(['library', 'at-hand', form], () => api.atHand(form)),
  exerciseChoices: () => query(['library', 'choices'], api.exerciseChoices),
  library: () => query(['library'], api.library),
  exerciseUses: (id: string) => query(['library', id, 'uses'], () => api.exerciseUses(id)),
  exercise: (id: string, seen: { client?: string; version?: number }) =>
    query(['library', id, seen], () => api.exercise(id, seen)),
  routines: () => query(['routines'], api.routines),
  routine: (id: string) => query(['routines', id], () => api.routine(id)),
  hand: () => query(['hand'], api.hand),
  themes: () => query(['themes'], api.themes),
  templates: () => query(['templates'], api.templates),
  client: (id: string) => about(id, ['facts'], () => api.client(id)),
  day: (id: string, date?: string) => about(id, ['day', date], () => api.day(id, date)),
  week: (id: string, date: string) => about(id, ['week', date], () => api.week(id, date)),
  pains: (id: string) => about(id, ['pains'], () => api.pains(id)),
  health: (id: string) => about(id, ['health'], () => api.health(id)),
  setUp: (id: string) => about(id, ['set-up'], () => api.setUp(id)),
  progress: (id: string) => about(id, ['progress'], () => api.progress(id)),
  story: (id: string, exercise: string) =>
    about(id, ['progress', exercise], () => api.story(id, exercise)),
  /** The last answer stays while a slider moves. */
  /** At the top nothing is to come, and nothing is asked. */
  forecast: (id: string, exercise: string, asked: ForecastAsked | null) =>
    about(id, ['progress', exercise, 'forecast', asked], async () =>
      asked ? api.forecast(id, exercise, asked) : null,
    ),
  ahead: (id: string) => about(id, ['progress', 'ahead'], () => api.ahead(id)),
  review: (id: string) => about(id, ['review'], () => api.review(id)),
  nextWeeks: (id: string, form: ReviewForm) =>
    about(id, ['review', 'next', form], () => api.nextWeeks(id, form)),
  morning: (id: string) => about(id, ['morning'], () => api.morning(id)),
  morningConsequence: (id: string, pains: readonly PainForm[]) =>
    about(id, ['morning', 'consequence', pains], () => api.morningConsequence(id, pains)),
  log: (id: string) => about(id, ['log'], () => api.log(id)),
  programme: (id: string) => about(id, ['programme'], () => api.programme(id)),
  programmeDays: (id: string) => about(id, ['programme', 'days'], () => api.programmeDays(id)),
  practiceProposal: (id: string) =>
    query(['form', 'practice-day', id], () => api.practiceProposal(id)),
  programmeChoices: (id: string) =>
    about(id, ['programme-choices'], () => api.programmeChoices(id)),
  calendars: (id: string) => about(id, ['calendars'], () => api.calendars(id)),
  feed: (id: string) => about(id, ['feed'], () => api.feed(id)),
  reminders: (id: string) => query(['form', 'reminders', id], () => api.reminders(id)),
  planned: (id: string, session: Playable) =>
    about(id, ['planned', session.blockId, session.lineId, session.purpose, session.start], () =>
      routineOf(id, session),
    ),
  timeline: (id: string, block: string) =>
    about(id, ['timeline', block], () => api.timeline(id, block)),
  clientRoutines: (id: string) => about(id, ['routines'], () => api.clientRoutines(id)),
  unsuited: (id: string) => about(id, ['unsuited'], () => api.unsuited(id)),
  /** What is being written is not asked for again meanwhile, whatever changes elsewhere. */
  clientForm: (id: string) => query(['form', 'client', id], () => api.client(id)),
  /** Whose answer it is stands in it: the last one of somebody else is not shown meanwhile. */
  patterns: (id: string, hand: Side, aMinute?: number) =>
    about(id, ['workshop', 'patterns', hand, aMinute], async () => ({
      client: id,
      ...(await api.patterns(id, hand, aMinute)),
    })),
  /** Nothing is asked where nothing is chosen. */
  pattern: (id: string, pattern: string | null, hand: Side, aMinute?: number) =>
    about(id, ['workshop', 'pattern', pattern, hand, aMinute], async () =>
      pattern ? { client: id, ...(await api.pattern(id, pattern, hand, aMinute)) } : null,
    ),
  row: (id: string, asked: RowQuery) =>
    about(id, ['workshop', 'row', asked], () => api.row(id, asked)),
  orders: (id: string) => about(id, ['workshop', 'orders'], () => api.orders(id)),
  clasps: (id: string) => about(id, ['workshop', 'clasps'], () => api.clasps(id)),
  tapTests: (id: string) =>
    about(id, ['taps'], async () => ({ client: id, ...(await api.tapTests(id)) })),
  tapResult: (id: string, test: string | undefined) =>
    about(id, ['taps', test], async () => (test ? api.tapResult(id, test) : null)),
  liftTests: (id: string) =>
    about(id, ['lifts'], async () => ({ client: id, ...(await api.liftTests(id)) })),
  liftResult: (id: string, test: string | undefined) =>
    about(id, ['lifts', test], async () => (test ? api.liftResult(id, test) : null)),
  /** What a page puts together for itself, once. */
  own: query,
}
