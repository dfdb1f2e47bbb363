import { answer, call, http, wouldBe } from './client'
import type {
  AcceptedInvitation,
  ActivityShape,
  AnswerForm,
  AtHandForm,
  BlockForm,
  BusyTimeForm,
  CalendarForm,
  ChangedAddress,
  ChangedPassword,
  CheckInForm,
  ClientForm,
  Draft,
  DrilledRoundForm,
  DrillRoundForm,
  ExerciseForm,
  FeedForm,
  MindedForm,
  NewCoach,
  NewSecondFactor,
  PinForm,
  PointState,
  PracticeDayForm,
  PreviewForm,
  ProgrammeForm,
  Purpose,
  ReminderForm,
  ReviewForm,
  RoundForm,
  RoutineForm,
  SessionForm,
  SetUpMeasure,
  SidesChoice,
  ToldPainForm,
  RowQuery,
  ContentsAsked,
  CorrectionForm,
  PainForm,
  Side,
  WordForm,
  SeriesView,
  Turn,
  FollowedForm,
  JudgementForm,
  TapTaskQuery,
  TapVoices,
  TapTestForm,
  LiftTestForm,
  PieceQuery,
  DeviceDemandForm,
  SimulatedDrill,
  SimulatedHands,
  SimulatedTap,
  SimulatedLift,
} from './types'

/** What a forecast is asked for: whose side, to which rung, on how many days a week. */
export interface ForecastAsked {
  readonly side: Side
  readonly goal: number
  readonly daysAWeek?: number
}

/** Where something is, by the names in its path. */
const at = <Path>(path: Path) => ({ params: { path } })

/** A browser goes on sending 64 KiB, of all requests together, for a page that is left. */
const SENT_IF_LEFT = 30_000

/** What was said of pain, or that somebody stopped, arrives even if the page is left at once. */
const evenIfLeft = <Body>(clientId: string, body: Body) => ({
  ...at({ clientId }),
  body,
  keepalive: new Blob([JSON.stringify(body)]).size < SENT_IF_LEFT,
})
const client = (id: string) => `/api/clients/${encodeURIComponent(id)}`

/** A file goes as it is. */
const asFile = (file: Blob) => ({
  body: file as unknown as string,
  bodySerializer: (body: unknown) => body as Blob,
  headers: { 'Content-Type': 'application/octet-stream' },
})
const asQuery = (values: Readonly<Record<string, unknown>>) =>
  new URLSearchParams(
    Object.entries(values).flatMap(([name, value]) =>
      value === undefined || value === null ? [] : [[name, String(value)]],
    ),
  ).toString()

/** Every call there is, with its path and its type in one place. */
export const api = {
  me: () => answer(http.GET('/api/me')),
  signOut: () => call<undefined>('POST', '/api/sign-out'),
  lookAround: (as: 'COACH' | 'CLIENT') => call<undefined>('POST', '/api/demo/sign-in', { as }),
  demoCalendar: () => call<{ address: string }>('GET', '/api/demo/calendar'),
  openCoach: (form: NewCoach) => answer(http.POST('/api/coaches', { body: form })),
  lookAtInvitation: (token: string) =>
    answer(http.POST('/api/invitations/look', { body: { token } })),
  acceptInvitation: (form: AcceptedInvitation) =>
    answer(http.POST('/api/invitations/accept', { body: form })),
  forgotPassword: (email: string) =>
    answer(http.POST('/api/passwords/forgotten', { body: { email } })),
  resetPassword: (token: string, password: string) =>
    answer(http.POST('/api/passwords/reset', { body: { token, password } })),
  confirmAddress: (token: string) => answer(http.POST('/api/addresses', { body: { token } })),
  account: () => answer(http.GET('/api/account')),
  changePassword: (form: ChangedPassword) =>
    answer(http.PUT('/api/account/password', { body: form })),
  changeAddress: (form: ChangedAddress) =>
    answer(http.POST('/api/account/address', { body: form })),
  endSession: (id: string) => answer(http.DELETE('/api/account/sessions/{id}', at({ id }))),
  endOtherSessions: () => answer(http.DELETE('/api/account/sessions')),
  proposeSecondFactor: () => answer(http.GET('/api/account/second-factor')),
  protect: (form: NewSecondFactor) =>
    answer(http.PUT('/api/account/second-factor', { body: form })),
  unprotect: (password: string) =>
    answer(http.POST('/api/account/second-factor/removal', { body: { password } })),
  leave: (password: string) => answer(http.POST('/api/account/leaving', { body: { password } })),
  stay: () => answer(http.DELETE('/api/account/leaving')),
  invitations: () => answer(http.GET('/api/account/invitations')),
  inviteCoach: (email: string) =>
    answer(http.POST('/api/account/invitations', { body: { email } })),
  inviteAgain: (id: string) => answer(http.POST('/api/account/invitations/{id}/again', at({ id }))),
  takeInvitationBack: (id: string) =>
    answer(http.DELETE('/api/account/invitations/{id}', at({ id }))),
  today: (date?: string) => answer(http.GET('/api/today', { params: { query: { date } } })),
  myDay: () => answer(http.GET('/api/my/day')),
  doLater: (lineId: string) => answer(http.POST('/api/my/day/later', { body: { lineId } })),
  clients: () => answer(http.GET('/api/clients')),
  archivedClients: () => answer(http.GET('/api/clients/archived')),
  client: (id: string) => answer(http.GET('/api/clients/{clientId}', at({ clientId: id }))),
  createClient: (form: ClientForm) => answer(http.POST('/api/clients', { body: form })),
  saveClient: (id: string, form: ClientForm) =>
    answer(http.PUT('/api/clients/{clientId}', { ...at({ clientId: id }), body: form })),
  handRoles: () => answer(http.GET('/api/clients/hand-roles')),
  invite: (id: string, email: string | null) =>
    answer(
      http.POST('/api/clients/{clientId}/invitation', { ...at({ clientId: id }), body: { email } }),
    ),
  healthTrail: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/health/trail', at({ clientId: id }))),
  archiveClient: (id: string) =>
    answer(http.POST('/api/clients/{clientId}/archive', at({ clientId: id }))),
  restoreClient: (id: string) =>
    answer(http.DELETE('/api/clients/{clientId}/archive', at({ clientId: id }))),
  deleteClient: (id: string, name: string) =>
    answer(
      http.POST('/api/clients/{clientId}/deletion', { ...at({ clientId: id }), body: { name } }),
    ),
  day: (clientId: string, date?: string) =>
    answer(
      http.GET('/api/clients/{clientId}/day', { params: { path: { clientId }, query: { date } } }),
    ),
  week: (clientId: string, date: string) =>
    answer(
      http.GET('/api/clients/{clientId}/week', { params: { path: { clientId }, query: { date } } }),
    ),
  previewWeek: (clientId: string, body: PreviewForm) =>
    answer(http.POST('/api/clients/{clientId}/week/preview', { ...at({ clientId }), body })),
  pinSessions: (clientId: string, date: string, pins: readonly PinForm[]) =>
    answer(
      http.POST('/api/clients/{clientId}/week/pins', {
        ...at({ clientId }),
        body: { date, pins: [...pins] },
      }),
    ),
  programmeChoices: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/programme/choices', at({ clientId: id }))),
  programmeDays: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/programme/days', at({ clientId: id }))),
  programme: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/programme', at({ clientId: id }))),
  saveProgramme: (id: string, form: ProgrammeForm) =>
    answer(http.PUT('/api/clients/{clientId}/programme', { ...at({ clientId: id }), body: form })),
  lookAtContents: (id: string, form: ContentsAsked) =>
    wouldBe(
      http.POST('/api/clients/{clientId}/programme/contents', {
        ...at({ clientId: id }),
        body: form,
      }),
    ),
  endProgramme: (id: string) =>
    answer(http.DELETE('/api/clients/{clientId}/programme', at({ clientId: id }))),
  progress: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/progress', at({ clientId: id }))),
  story: (id: string, exercise: string) =>
    answer(
      http.GET(
        '/api/clients/{clientId}/progress/{exerciseId}',
        at({ clientId: id, exerciseId: exercise }),
      ),
    ),
  forecast: (id: string, exercise: string, asked: ForecastAsked) =>
    answer(
      http.GET('/api/clients/{clientId}/progress/{exerciseId}/forecast', {
        params: { path: { clientId: id, exerciseId: exercise }, query: asked },
      }),
    ),
  often: (id: string, exercise: string, asked: { side: Side; goal: number; by: string }) =>
    answer(
      http.GET('/api/clients/{clientId}/progress/{exerciseId}/often', {
        params: { path: { clientId: id, exerciseId: exercise }, query: asked },
      }),
    ),
  sayOfRung: (id: string, exercise: string, form: WordForm) =>
    answer(
      http.POST('/api/clients/{clientId}/progress/{exerciseId}/words', {
        ...at({ clientId: id, exerciseId: exercise }),
        body: form,
      }),
    ),
  dealWith: (id: string, reason: string, until?: string) =>
    answer(
      http.PUT('/api/clients/{clientId}/attention/{reasonId}', {
        params: {
          path: { clientId: id, reasonId: reason },
          query: until === undefined ? {} : { until },
        },
      }),
    ),
  showAgain: (id: string, reason: string) =>
    answer(
      http.DELETE(
        '/api/clients/{clientId}/attention/{reasonId}',
        at({ clientId: id, reasonId: reason }),
      ),
    ),
  keepSession: (id: string, session: string, body: SessionForm) =>
    answer(
      http.PUT('/api/clients/{clientId}/sessions/{sessionId}', {
        ...at({ clientId: id, sessionId: session }),
        body,
      }),
    ),
  keepCheckIn: (id: string, session: string, body: CheckInForm) =>
    answer(
      http.PUT('/api/clients/{clientId}/sessions/{sessionId}/check-in', {
        ...at({ clientId: id, sessionId: session }),
        body,
      }),
    ),
  morning: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/morning', at({ clientId: id }))),
  answerMorning: (id: string, pains: readonly PainForm[]) =>
    answer(
      http.PUT('/api/clients/{clientId}/morning', {
        ...at({ clientId: id }),
        body: { pains: [...pains] },
      }),
    ),
  review: (id: string) => answer(http.GET('/api/clients/{clientId}/review', at({ clientId: id }))),
  nextWeeks: (id: string, form: ReviewForm) =>
    answer(
      http.POST('/api/clients/{clientId}/review/next', { ...at({ clientId: id }), body: form }),
    ),
  takeReviewOver: (id: string, form: ReviewForm) =>
    answer(http.POST('/api/clients/{clientId}/review', { ...at({ clientId: id }), body: form })),
  ahead: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/progress/ahead', at({ clientId: id }))),
  morningConsequence: (id: string, pains: readonly PainForm[]) =>
    answer(
      http.POST('/api/clients/{clientId}/morning/consequence', {
        ...at({ clientId: id }),
        body: { pains: [...pains] },
      }),
    ),
  correctSession: (id: string, session: string, body: CorrectionForm) =>
    answer(
      http.POST('/api/clients/{clientId}/sessions/{sessionId}/corrections', {
        ...at({ clientId: id, sessionId: session }),
        body,
      }),
    ),
  noteSession: (id: string, session: string, words: string) =>
    answer(
      http.PUT('/api/clients/{clientId}/sessions/{sessionId}/note', {
        ...at({ clientId: id, sessionId: session }),
        body: { words },
      }),
    ),
  logFile: (id: string) => `${client(id)}/log/sessions.csv`,
  readLogFile: (id: string, text: string, keep: boolean) =>
    answer(
      http.POST('/api/clients/{clientId}/log/file', {
        params: { path: { clientId: id }, query: { keep } },
        body: { text },
      }),
    ),
  pains: (id: string) => answer(http.GET('/api/clients/{clientId}/pains', at({ clientId: id }))),
  log: (id: string) => answer(http.GET('/api/clients/{clientId}/log', at({ clientId: id }))),
  createBlock: (id: string, form: BlockForm) =>
    answer(http.POST('/api/clients/{clientId}/blocks', { ...at({ clientId: id }), body: form })),
  createSeries: (id: string, block: BlockForm, rule: string) =>
    answer(
      http.POST('/api/clients/{clientId}/blocks/series', {
        ...at({ clientId: id }),
        body: { block, rule },
      }),
    ),
  saveFollowing: (id: string, block: string, form: BlockForm) =>
    answer(
      http.PUT('/api/clients/{clientId}/blocks/{blockId}/following', {
        ...at({ clientId: id, blockId: block }),
        body: form,
      }),
    ),
  deleteFollowing: (id: string, block: string) =>
    answer(
      http.DELETE(
        '/api/clients/{clientId}/blocks/{blockId}/following',
        at({ clientId: id, blockId: block }),
      ),
    ),
  repetition: (id: string, block: string) =>
    answer(
      http.GET(
        '/api/clients/{clientId}/blocks/{blockId}/repetition',
        at({ clientId: id, blockId: block }),
      ),
    ),
  changeDays: (id: string, block: string, form: BlockForm, rule: string) =>
    answer(
      http.PUT('/api/clients/{clientId}/blocks/{blockId}/following/days', {
        ...at({ clientId: id, blockId: block }),
        body: { block: form, rule },
      }),
    ),
  restoreBlocks: (id: string, { before, added }: SeriesView) =>
    answer(
      http.POST('/api/clients/{clientId}/blocks/restoration', {
        ...at({ clientId: id }),
        body: { blocks: before, out: added },
      }),
    ),
  readSentence: (id: string, text: string) =>
    wouldBe(
      http.POST('/api/clients/{clientId}/sentences/preview', {
        ...at({ clientId: id }),
        body: { text },
      }),
    ),
  writeSentence: (id: string, text: string) =>
    answer(
      http.POST('/api/clients/{clientId}/sentences', { ...at({ clientId: id }), body: { text } }),
    ),
  createBusyTime: (id: string, form: BusyTimeForm) =>
    answer(
      http.POST('/api/clients/{clientId}/busy-times', { ...at({ clientId: id }), body: form }),
    ),
  deleteBusyTime: (id: string, busy: string) =>
    answer(
      http.DELETE(
        '/api/clients/{clientId}/busy-times/{busyTimeId}',
        at({ clientId: id, busyTimeId: busy }),
      ),
    ),
  practiceProposal: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/practice-days/proposal', at({ clientId: id }))),
  previewPracticeDay: (id: string, form: PracticeDayForm) =>
    wouldBe(
      http.POST('/api/clients/{clientId}/practice-days/preview', {
        ...at({ clientId: id }),
        body: form,
      }),
    ),
  putPracticeDay: (id: string, form: PracticeDayForm) =>
    answer(
      http.POST('/api/clients/{clientId}/practice-days', { ...at({ clientId: id }), body: form }),
    ),
  timeline: (id: string, block: string) =>
    answer(
      http.GET(
        '/api/clients/{clientId}/blocks/{blockId}/timeline',
        at({ clientId: id, blockId: block }),
      ),
    ),
  roundOver: (id: string, block: string, form: RoundForm) =>
    answer(
      http.POST('/api/clients/{clientId}/blocks/{blockId}/rounds', {
        ...at({ clientId: id, blockId: block }),
        body: form,
      }),
    ),
  calendars: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/calendars', at({ clientId: id }))),
  previewCalendar: (id: string, form: CalendarForm) =>
    wouldBe(
      http.POST('/api/clients/{clientId}/calendars/preview', {
        ...at({ clientId: id }),
        body: form,
      }),
    ),
  takeCalendar: (id: string, form: CalendarForm) =>
    answer(http.POST('/api/clients/{clientId}/calendars', { ...at({ clientId: id }), body: form })),
  readCalendarAgain: (id: string, calendar: string) =>
    answer(
      http.POST(
        '/api/clients/{clientId}/calendars/{calendarId}/reading',
        at({ clientId: id, calendarId: calendar }),
      ),
    ),
  forgetCalendar: (id: string, calendar: string) =>
    answer(
      http.DELETE(
        '/api/clients/{clientId}/calendars/{calendarId}',
        at({ clientId: id, calendarId: calendar }),
      ),
    ),
  feed: (id: string) => answer(http.GET('/api/clients/{clientId}/feed', at({ clientId: id }))),
  renewFeed: (id: string, form: FeedForm) =>
    answer(http.POST('/api/clients/{clientId}/feed', { ...at({ clientId: id }), body: form })),
  removeFeed: (id: string) =>
    answer(http.DELETE('/api/clients/{clientId}/feed', at({ clientId: id }))),
  calendarFile: (id: string, form: FeedForm) =>
    `${client(id)}/calendar.ics?alarmMinutes=${form.alarmMinutes}&breaks=${form.breaks}`,
  reminders: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/reminders', at({ clientId: id }))),
  chooseReminders: (id: string, form: ReminderForm) =>
    answer(http.PUT('/api/clients/{clientId}/reminders', { ...at({ clientId: id }), body: form })),
  notices: () => answer(http.GET('/api/my/notices')),
  agreePlan: (id: string) =>
    answer(http.POST('/api/clients/{clientId}/plan', at({ clientId: id }))),
  saveBlock: (id: string, block: string, form: BlockForm) =>
    answer(
      http.PUT('/api/clients/{clientId}/blocks/{blockId}', {
        ...at({ clientId: id, blockId: block }),
        body: form,
      }),
    ),
  deleteBlock: (id: string, block: string) =>
    answer(
      http.DELETE('/api/clients/{clientId}/blocks/{blockId}', at({ clientId: id, blockId: block })),
    ),
  warmUp: (id: string, block: string) =>
    answer(
      http.GET(
        '/api/clients/{clientId}/blocks/{blockId}/warm-up',
        at({ clientId: id, blockId: block }),
      ),
    ),
  library: () => answer(http.GET('/api/library/exercises')),
  exercise: (exerciseId: string, query: { client?: string; version?: number } = {}) =>
    answer(
      http.GET('/api/library/exercises/{exerciseId}', { params: { path: { exerciseId }, query } }),
    ),
  exerciseForm: (id: string) =>
    answer(http.GET('/api/library/exercises/{exerciseId}/form', at({ exerciseId: id }))),
  exerciseVersions: (id: string) =>
    answer(http.GET('/api/library/exercises/{exerciseId}/versions', at({ exerciseId: id }))),
  exerciseUses: (id: string) =>
    answer(http.GET('/api/library/exercises/{exerciseId}/uses', at({ exerciseId: id }))),
  previewExercise: (form: ExerciseForm) =>
    wouldBe(http.POST('/api/library/preview', { body: form })),
  createExercise: (form: ExerciseForm) =>
    answer(http.POST('/api/library/exercises', { body: form })),
  changeExercise: (id: string, form: ExerciseForm) =>
    answer(
      http.PUT('/api/library/exercises/{exerciseId}', { ...at({ exerciseId: id }), body: form }),
    ),
  archiveExercise: (id: string) =>
    answer(http.POST('/api/library/exercises/{exerciseId}/archive', at({ exerciseId: id }))),
  restoreExercise: (id: string) =>
    answer(http.POST('/api/library/exercises/{exerciseId}/restore', at({ exerciseId: id }))),
  removeExercise: (id: string) =>
    answer(http.DELETE('/api/library/exercises/{exerciseId}', at({ exerciseId: id }))),
  importExercises: (text: string) => answer(http.POST('/api/library/import', { body: { text } })),
  exerciseChoices: () => answer(http.GET('/api/library/choices')),
  unsuited: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/unsuited-exercises', at({ clientId: id }))),
  usualWeights: (activity: ActivityShape) =>
    answer(http.POST('/api/clients/usual-weights', { body: activity })),
  atHand: (form: AtHandForm) => answer(http.POST('/api/library/at-hand', { body: form })),
  health: (id: string) => answer(http.GET('/api/clients/{clientId}/health', at({ clientId: id }))),
  tellPains: (id: string, pains: readonly ToldPainForm[]) =>
    answer(
      http.POST('/api/clients/{clientId}/health/pains', {
        ...at({ clientId: id }),
        body: { pains: [...pains] },
      }),
    ),
  screen: (id: string, answers: readonly AnswerForm[]) =>
    answer(
      http.POST('/api/clients/{clientId}/health/screenings', {
        ...at({ clientId: id }),
        body: { answers: [...answers] },
      }),
    ),
  takeBackSign: (id: string, screening: string, words: string) =>
    answer(
      http.POST('/api/clients/{clientId}/health/screenings/{screeningId}/mistake', {
        ...at({ clientId: id, screeningId: screening }),
        body: { words },
      }),
    ),
  clearSign: (id: string, screening: string, words: string) =>
    answer(
      http.POST('/api/clients/{clientId}/health/screenings/{screeningId}/clearance', {
        ...at({ clientId: id, screeningId: screening }),
        body: { words },
      }),
    ),
  mind: (id: string, form: MindedForm) =>
    answer(
      http.POST('/api/clients/{clientId}/health/minded', { ...at({ clientId: id }), body: form }),
    ),
  endMinded: (id: string, minded: string) =>
    answer(
      http.DELETE(
        '/api/clients/{clientId}/health/minded/{mindedId}',
        at({ clientId: id, mindedId: minded }),
      ),
    ),
  setUp: (id: string) => answer(http.GET('/api/clients/{clientId}/set-up', at({ clientId: id }))),
  lookAt: (
    id: string,
    look: { activityId: string; point: string; state: PointState; words: string },
  ) =>
    answer(
      http.POST('/api/clients/{clientId}/set-up/looks', { ...at({ clientId: id }), body: look }),
    ),
  ride: (id: string, activityId: string, point: string | null) =>
    answer(
      http.PUT('/api/clients/{clientId}/set-up/riding-point', {
        ...at({ clientId: id }),
        body: { activityId, point },
      }),
    ),
  compareSetUps: (
    id: string,
    comparison: {
      activityId: string
      measure: SetUpMeasure
      firstName: string
      firstValue: number
      secondName: string
      secondValue: number
    },
  ) =>
    answer(
      http.POST('/api/clients/{clientId}/set-up/comparisons', {
        ...at({ clientId: id }),
        body: comparison,
      }),
    ),
  /** What can be done about each finding of a draft, in words. */
  repairs: (draft: Draft) => answer(http.POST('/api/bench/repairs', { body: draft })),
  /** The steps after one finding is repaired; after all are, where none is named. */
  repair: (draft: Draft, finding: number | null = null) =>
    answer(http.POST('/api/bench/repair', { body: { draft, finding } })),
  compare: (a: Draft, b: Draft) => answer(http.POST('/api/bench/compare', { body: { a, b } })),
  check: (draft: Draft) => answer(http.POST('/api/bench/check', { body: draft })),
  compose: (
    draft: Draft,
    earlier: readonly (readonly string[])[],
    lengths: 'SHORTER' | 'LONGER' | null = null,
    said: string | null = null,
  ) =>
    answer(
      http.POST('/api/bench/compose', {
        body: { draft, earlier: earlier.map((one) => [...one]), lengths, said },
      }),
    ),
  makeTheme: (title: string, exercises: string[]) =>
    answer(http.POST('/api/themes', { body: { title, exercises } })),
  removeTheme: (id: string) => answer(http.DELETE('/api/themes/{themeId}', at({ themeId: id }))),
  hand: () => answer(http.GET('/api/hand')),
  switchHand: (on: boolean) => answer(http.PUT('/api/hand', { body: { on } })),
  setHand: (purpose: Purpose, exerciseId: string, percent: number | null) =>
    answer(
      http.PUT('/api/hand/{purpose}/{exerciseId}', {
        ...at({ purpose, exerciseId }),
        body: { percent },
      }),
    ),
  turnSteps: (draft: Draft, key: string, turn: Turn) =>
    answer(http.POST('/api/bench/turn', { body: { draft, key, turn } })),
  readLines: (draft: Draft, text: string) =>
    wouldBe(http.POST('/api/bench/lines', { body: { draft, text } })),
  linesOf: (draft: Draft) => answer(http.POST('/api/bench/lines/written', { body: draft })),
  offers: (draft: Draft) => answer(http.POST('/api/bench/offers', { body: draft })),
  whyNot: (draft: Draft, exerciseId: string) =>
    answer(http.POST('/api/bench/why-not', { body: { draft, exerciseId } })),
  shareSides: (draft: Draft, key: string, sides: SidesChoice) =>
    answer(http.POST('/api/bench/sides', { body: { draft, key, sides } })),
  playDraft: (draft: Draft) => answer(http.POST('/api/bench/play', { body: draft })),
  routines: () => answer(http.GET('/api/routines')),
  themes: () => answer(http.GET('/api/themes')),
  templates: () => answer(http.GET('/api/templates')),
  routine: (routineId: string, version?: number) =>
    version
      ? answer(
          http.GET(
            '/api/routines/{routineId}/versions/{number}',
            at({ routineId, number: version }),
          ),
        )
      : answer(http.GET('/api/routines/{routineId}', at({ routineId }))),
  createRoutine: (form: RoutineForm) => answer(http.POST('/api/routines', { body: form })),
  saveRoutine: (id: string, form: RoutineForm) =>
    answer(http.PUT('/api/routines/{routineId}', { ...at({ routineId: id }), body: form })),
  archiveRoutine: (id: string) =>
    answer(http.POST('/api/routines/{routineId}/archive', at({ routineId: id }))),
  restoreVersion: (id: string, version: number, newestVersion: number) =>
    answer(
      http.POST('/api/routines/{routineId}/versions/{number}/restoration', {
        ...at({ routineId: id, number: version }),
        body: {
          newestVersion,
        },
      }),
    ),
  restoreRoutine: (id: string) =>
    answer(http.POST('/api/routines/{routineId}/restore', at({ routineId: id }))),
  readMoment: (id: string, said: string) =>
    answer(
      http.GET('/api/clients/{clientId}/moments', {
        params: { path: { clientId: id }, query: { said } },
      }),
    ),
  playMoment: (id: string, said: string) =>
    answer(
      http.GET('/api/clients/{clientId}/moments/play', {
        params: { path: { clientId: id }, query: { said } },
      }),
    ),
  /** A planned session; of which line of the plan, where it stands free of blocks. */
  playNow: (id: string, purpose: Purpose, minutes: number, line?: string) =>
    wouldBe(
      http.GET('/api/clients/{clientId}/play/{purpose}/{minutes}', {
        params: { path: { clientId: id, purpose, minutes }, query: { line } },
      }),
    ),
  clientRoutines: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/routines', at({ clientId: id }))),
  playRoutine: (id: string, routine: string) =>
    answer(
      http.GET(
        '/api/clients/{clientId}/routines/{routineId}/play',
        at({ clientId: id, routineId: routine }),
      ),
    ),
  sessionPath: (id: string, session: string) => `${client(id)}/sessions/${session}`,
  checkInPath: (id: string, session: string) => `${client(id)}/sessions/${session}/check-in`,
  patterns: (id: string, hand: Side, aMinute?: number) =>
    answer(
      http.GET('/api/clients/{clientId}/workshop/patterns', {
        params: { path: { clientId: id }, query: { hand, aMinute } },
      }),
    ),
  pattern: (id: string, pattern: string, hand: Side, aMinute?: number) =>
    answer(
      http.GET('/api/clients/{clientId}/workshop/pattern', {
        params: { path: { clientId: id }, query: { pattern, hand, aMinute } },
      }),
    ),
  difficulties: () => answer(http.GET('/api/workshop/difficulties')),
  takeDifficulties: () => answer(http.POST('/api/workshop/difficulties')),
  putBackDifficulties: () => answer(http.DELETE('/api/workshop/difficulties')),
  drillRound: (id: string, body: DrillRoundForm) =>
    answer(http.POST('/api/clients/{clientId}/workshop/drills', { ...at({ clientId: id }), body })),
  keepRound: (id: string, body: DrilledRoundForm) =>
    answer(http.POST('/api/clients/{clientId}/workshop/rounds', evenIfLeft(id, body))),
  row: (id: string, query: RowQuery) =>
    answer(
      http.GET('/api/clients/{clientId}/workshop/row', {
        params: { path: { clientId: id }, query },
      }),
    ),
  followMe: (id: string, query: { thumb: boolean; seed: number }) =>
    answer(
      http.GET('/api/clients/{clientId}/workshop/follow-me', {
        params: { path: { clientId: id }, query },
      }),
    ),
  judgeFollowed: (id: string, body: FollowedForm) =>
    answer(
      http.POST('/api/clients/{clientId}/workshop/follow-me', { ...at({ clientId: id }), body }),
    ),
  judge: (id: string, body: JudgementForm) =>
    answer(
      http.POST('/api/clients/{clientId}/workshop/judgements', { ...at({ clientId: id }), body }),
    ),
  tapTests: (id: string) => answer(http.GET('/api/clients/{clientId}/taps', at({ clientId: id }))),
  tapTask: (id: string, query: TapTaskQuery) =>
    answer(
      http.GET('/api/clients/{clientId}/taps/task', { params: { path: { clientId: id }, query } }),
    ),
  keepTaps: (id: string, body: TapTestForm) =>
    answer(http.POST('/api/clients/{clientId}/taps', evenIfLeft(id, body))),
  tapResult: (id: string, test: string) =>
    answer(
      http.GET('/api/clients/{clientId}/taps/result', {
        params: { path: { clientId: id }, query: { test } },
      }),
    ),
  forgetTaps: (id: string, test: string) =>
    answer(
      http.DELETE('/api/clients/{clientId}/taps/result', {
        params: { path: { clientId: id }, query: { test } },
      }),
    ),
  tapFileVoices: (id: string, file: Blob) =>
    answer(
      http.POST('/api/clients/{clientId}/taps/file/voices', {
        ...at({ clientId: id }),
        ...asFile(file),
      }),
    ),
  tapFile: (id: string, query: TapTaskQuery, voices: TapVoices, file: Blob) =>
    answer(
      http.POST('/api/clients/{clientId}/taps/file', {
        params: { path: { clientId: id }, query: { ...query, ...voices } },
        ...asFile(file),
      }),
    ),
  tapsFile: (id: string, test: string) => `${client(id)}/taps/taps.csv?test=${test}`,
  liftTests: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/lifts', at({ clientId: id }))),
  liftTask: (id: string, query: { side?: Side; thumb: boolean; seed: number }) =>
    answer(
      http.GET('/api/clients/{clientId}/lifts/task', { params: { path: { clientId: id }, query } }),
    ),
  keepLifts: (id: string, body: LiftTestForm) =>
    answer(http.POST('/api/clients/{clientId}/lifts', evenIfLeft(id, body))),
  liftResult: (id: string, test: string) =>
    answer(
      http.GET('/api/clients/{clientId}/lifts/result', {
        params: { path: { clientId: id }, query: { test } },
      }),
    ),
  forgetLifts: (id: string, test: string) =>
    answer(
      http.DELETE('/api/clients/{clientId}/lifts/result', {
        params: { path: { clientId: id }, query: { test } },
      }),
    ),
  liftsFile: (id: string, test: string) => `${client(id)}/lifts/lifts.csv?test=${test}`,
  pieceDemand: (id: string, query: PieceQuery, file: Blob) =>
    answer(
      http.POST('/api/clients/{clientId}/demand/piece', {
        params: { path: { clientId: id }, query },
        ...asFile(file),
      }),
    ),
  deviceDemand: (id: string, body: DeviceDemandForm) =>
    answer(http.POST('/api/clients/{clientId}/demand/device', { ...at({ clientId: id }), body })),
  simulatedTaps: (id: string, task: TapTaskQuery, hands: SimulatedHands) =>
    call<SimulatedTap[]>('GET', `${client(id)}/stand-in/taps?${asQuery({ ...task, ...hands })}`),
  simulatedLifts: (
    id: string,
    query: { side?: Side; thumb: boolean; order: number },
    hands: SimulatedHands,
  ) =>
    call<SimulatedLift[]>('GET', `${client(id)}/stand-in/lifts?${asQuery({ ...query, ...hands })}`),
  simulatedDrill: (id: string, drill: SimulatedDrill, hands: SimulatedHands) =>
    call<SimulatedTap[]>('GET', `${client(id)}/stand-in/drill?${asQuery({ ...drill, ...hands })}`),
  orders: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/workshop/orders', at({ clientId: id }))),
  clasps: (id: string) =>
    answer(http.GET('/api/clients/{clientId}/workshop/clasps', at({ clientId: id }))),
}

/** What is put into the outbox instead of being sent at once. */
export type Outgoing = SessionForm | CheckInForm
