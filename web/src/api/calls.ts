import { call } from './client'
import type {
  Discipline,
  HandRoleView,
  AgreementView,
  BusyTimeForm,
  BusyTimeView,
  CalendarForm,
  CalendarPreview,
  CalendarTaken,
  CalendarView,
  FeedForm,
  FeedView,
  NoticeView,
  PracticeDayForm,
  PracticeDayView,
  ReminderForm,
  ReminderView,
  RoundForm,
  RoundView,
  SentenceView,
  TimelineView,
  AnswerForm,
  BlockForm,
  BlockView,
  CheckInForm,
  CheckView,
  Choices,
  ClientForm,
  ClientSummary,
  ClientView,
  ComposeView,
  DayView,
  Draft,
  ExerciseForm,
  ExerciseView,
  FormView,
  HealthView,
  ImportView,
  LibraryView,
  LogView,
  Me,
  MindedForm,
  MyDayView,
  OffersView,
  PainView,
  PointState,
  Removed,
  PinForm,
  PlanView,
  PreviewForm,
  ProgrammeForm,
  ProgrammeTemplateView,
  ProgrammeView,
  SeriesView,
  RoutineForm,
  RoutineSummary,
  RoutineView,
  SessionForm,
  SetUpMeasure,
  SetUpView,
  SidesChoice,
  StepDraft,
  StoredRoutine,
  TemplateView,
  TodayView,
  ToldPainForm,
  UnsuitedView,
  UseView,
  VersionView,
  WarmUpView,
  WeightView,
  WhyNotView,
} from './types'

const exercise = (id: string) => `/api/library/exercises/${encodeURIComponent(id)}`
const client = (id: string) => `/api/clients/${encodeURIComponent(id)}`

/** Every call there is, with its path and its type in one place. */
export const api = {
  me: () => call<Me>('GET', '/api/me'),
  signOut: () => call<undefined>('POST', '/api/sign-out'),
  lookAround: (as: 'COACH' | 'CLIENT') => call<undefined>('POST', '/api/demo/sign-in', { as }),
  demoCalendar: () => call<{ address: string }>('GET', '/api/demo/calendar'),
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
  handRoles: () => call<Record<Discipline, HandRoleView[]>>('GET', '/api/clients/hand-roles'),
  invite: (id: string) =>
    call<{ token: string; expiresAt: string }>('POST', `${client(id)}/invitation`),
  day: (id: string, date?: string) =>
    call<DayView>('GET', `${client(id)}/day${date ? `?date=${date}` : ''}`),
  week: (id: string, date: string) => call<DayView[]>('GET', `${client(id)}/week?date=${date}`),
  plan: (id: string, date: string) => call<PlanView>('GET', `${client(id)}/plan?date=${date}`),
  previewPlan: (id: string, form: PreviewForm) =>
    call<PlanView>('POST', `${client(id)}/plan/preview`, form),
  pinSession: (id: string, form: PinForm) =>
    call<PlanView>('POST', `${client(id)}/plan/pins`, form),
  programmes: () => call<ProgrammeTemplateView[]>('GET', '/api/programmes'),
  programme: (id: string) => call<ProgrammeView[]>('GET', `${client(id)}/programme`),
  saveProgramme: (id: string, form: ProgrammeForm) =>
    call<ProgrammeView>('PUT', `${client(id)}/programme`, form),
  endProgramme: (id: string) => call<undefined>('DELETE', `${client(id)}/programme`),
  pains: (id: string) => call<PainView[]>('GET', `${client(id)}/pains`),
  log: (id: string) => call<LogView>('GET', `${client(id)}/log`),
  createBlock: (id: string, form: BlockForm) =>
    call<BlockView>('POST', `${client(id)}/blocks`, form),
  createSeries: (id: string, block: BlockForm, rule: string) =>
    call<SeriesView>('POST', `${client(id)}/blocks/series`, { block, rule }),
  saveFollowing: (id: string, block: string, form: BlockForm) =>
    call<SeriesView>('PUT', `${client(id)}/blocks/${block}/following`, form),
  deleteFollowing: (id: string, block: string) =>
    call<SeriesView>('DELETE', `${client(id)}/blocks/${block}/following`),
  restoreBlocks: (id: string, blocks: readonly BlockView[]) =>
    call<SeriesView>('POST', `${client(id)}/blocks/restoration`, { blocks }),
  readSentence: (id: string, text: string) =>
    call<SentenceView>('POST', `${client(id)}/sentences/preview`, { text }),
  writeSentence: (id: string, text: string) =>
    call<SentenceView>('POST', `${client(id)}/sentences`, { text }),
  createBusyTime: (id: string, form: BusyTimeForm) =>
    call<BusyTimeView>('POST', `${client(id)}/busy-times`, form),
  deleteBusyTime: (id: string, busy: string) =>
    call<undefined>('DELETE', `${client(id)}/busy-times/${busy}`),
  previewPracticeDay: (id: string, form: PracticeDayForm) =>
    call<PracticeDayView>('POST', `${client(id)}/practice-days/preview`, form),
  putPracticeDay: (id: string, form: PracticeDayForm) =>
    call<PracticeDayView>('POST', `${client(id)}/practice-days`, form),
  timeline: (id: string, block: string) =>
    call<TimelineView>('GET', `${client(id)}/blocks/${block}/timeline`),
  roundOver: (id: string, block: string, form: RoundForm) =>
    call<RoundView>('POST', `${client(id)}/blocks/${block}/rounds`, form),
  calendars: (id: string) => call<CalendarView[]>('GET', `${client(id)}/calendars`),
  previewCalendar: (id: string, form: CalendarForm) =>
    call<CalendarPreview>('POST', `${client(id)}/calendars/preview`, form),
  takeCalendar: (id: string, form: CalendarForm) =>
    call<CalendarTaken>('POST', `${client(id)}/calendars`, form),
  readCalendarAgain: (id: string, calendar: string) =>
    call<CalendarView>('POST', `${client(id)}/calendars/${calendar}/reading`),
  forgetCalendar: (id: string, calendar: string) =>
    call<undefined>('DELETE', `${client(id)}/calendars/${calendar}`),
  feed: (id: string) => call<FeedView>('GET', `${client(id)}/feed`),
  renewFeed: (id: string, form: FeedForm) => call<FeedView>('POST', `${client(id)}/feed`, form),
  removeFeed: (id: string) => call<undefined>('DELETE', `${client(id)}/feed`),
  calendarFile: (id: string, form: FeedForm) =>
    `${client(id)}/calendar.ics?alarmMinutes=${form.alarmMinutes}&breaks=${form.breaks}`,
  reminders: (id: string) => call<ReminderView>('GET', `${client(id)}/reminders`),
  chooseReminders: (id: string, form: ReminderForm) =>
    call<ReminderView>('PUT', `${client(id)}/reminders`, form),
  notices: () => call<NoticeView[]>('GET', '/api/my/notices'),
  agreePlan: (id: string) => call<AgreementView>('POST', `${client(id)}/plan`),
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
  weights: (id: string, activity: string) =>
    call<WeightView[]>('GET', `${client(id)}/activities/${activity}/weights`),
  health: (id: string) => call<HealthView>('GET', `${client(id)}/health`),
  tellPains: (id: string, pains: readonly ToldPainForm[]) =>
    call<HealthView>('POST', `${client(id)}/health/pains`, { pains }),
  screen: (id: string, answers: readonly AnswerForm[]) =>
    call<HealthView>('POST', `${client(id)}/health/screenings`, { answers }),
  takeBackSign: (id: string, screening: string, words: string) =>
    call<HealthView>('POST', `${client(id)}/health/screenings/${screening}/mistake`, { words }),
  clearSign: (id: string, screening: string, words: string) =>
    call<HealthView>('POST', `${client(id)}/health/screenings/${screening}/clearance`, { words }),
  mind: (id: string, form: MindedForm) =>
    call<HealthView>('POST', `${client(id)}/health/minded`, form),
  endMinded: (id: string, minded: string) =>
    call<HealthView>('DELETE', `${client(id)}/health/minded/${minded}`),
  setUp: (id: string) => call<SetUpView>('GET', `${client(id)}/set-up`),
  lookAt: (
    id: string,
    look: { activityId: string; point: string; state: PointState; words: string },
  ) => call<SetUpView>('POST', `${client(id)}/set-up/looks`, look),
  ride: (id: string, activityId: string, point: string | null) =>
    call<SetUpView>('PUT', `${client(id)}/set-up/riding-point`, { activityId, point }),
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
  ) => call<SetUpView>('POST', `${client(id)}/set-up/comparisons`, comparison),
  repair: (draft: Draft) => call<StepDraft[]>('POST', '/api/bench/repair', draft),
  check: (draft: Draft) => call<CheckView>('POST', '/api/bench/check', draft),
  compose: (draft: Draft, earlier: readonly (readonly string[])[]) =>
    call<ComposeView>('POST', '/api/bench/compose', { draft, earlier }),
  offers: (draft: Draft) => call<OffersView>('POST', '/api/bench/offers', draft),
  whyNot: (draft: Draft, exerciseId: string) =>
    call<WhyNotView>('POST', '/api/bench/why-not', { draft, exerciseId }),
  shareSides: (draft: Draft, key: string, sides: SidesChoice) =>
    call<StepDraft[]>('POST', '/api/bench/sides', { draft, key, sides }),
  playDraft: (draft: Draft) => call<RoutineView>('POST', '/api/bench/play', draft),
  routines: () => call<RoutineSummary[]>('GET', '/api/routines'),
  templates: () => call<TemplateView[]>('GET', '/api/templates'),
  routine: (id: string, version?: number) =>
    call<StoredRoutine>('GET', `/api/routines/${id}${version ? `/versions/${version}` : ''}`),
  createRoutine: (form: RoutineForm) => call<StoredRoutine>('POST', '/api/routines', form),
  saveRoutine: (id: string, form: RoutineForm) =>
    call<StoredRoutine>('PUT', `/api/routines/${id}`, form),
  archiveRoutine: (id: string) => call<undefined>('POST', `/api/routines/${id}/archive`),
  restoreVersion: (id: string, version: number, newestVersion: number) =>
    call<StoredRoutine>('POST', `/api/routines/${id}/versions/${version}/restoration`, {
      newestVersion,
    }),
  restoreRoutine: (id: string) => call<undefined>('POST', `/api/routines/${id}/restore`),
  playNow: (id: string, purpose: string, minutes: number) =>
    call<RoutineView>('GET', `${client(id)}/play/${purpose}/${minutes}`),
  clientRoutines: (id: string) => call<RoutineSummary[]>('GET', `${client(id)}/routines`),
  playRoutine: (id: string, routine: string) =>
    call<RoutineView>('GET', `${client(id)}/routines/${routine}/play`),
  sessionPath: (id: string, session: string) => `${client(id)}/sessions/${session}`,
  checkInPath: (id: string, session: string) => `${client(id)}/sessions/${session}/check-in`,
}

/** What is put into the outbox instead of being sent at once. */
export type Outgoing = SessionForm | CheckInForm
