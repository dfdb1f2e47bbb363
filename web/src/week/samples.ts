import type {
  DayBlockView,
  DayView,
  PegView,
  PlanSessionView,
  PlanView,
  WeekView,
} from '@/api/types'

/** A Monday with one block and one session, for the tests of this folder. */
export const aPeg = (changes: Partial<PegView> = {}): PegView => ({
  blockId: null,
  lineId: 'care',
  pinned: false,
  why: 'At its time: evening (19:00).',
  purpose: 'RECOVERY',
  state: 'PLANNED',
  open: true,
  startHour: 19,
  endHour: 19.1,
  start: '2026-11-30T19:00:00Z',
  end: '2026-11-30T19:06:00Z',
  startsAt: '19:00:00',
  endsAt: '19:06:00',
  label: 'Recovery, planned',
  ...changes,
})

export const aBlock = (changes: Partial<DayBlockView> = {}): DayBlockView => ({
  id: 'b',
  activityId: 'a',
  version: 3,
  title: 'Practice',
  performance: false,
  repeats: false,
  startHour: 10,
  endHour: 11.5,
  startsAt: '10:00:00',
  endsAt: '11:30:00',
  warmUpReason: '',
  parts: [],
  overlaps: [],
  ...changes,
})

export const aDay = (changes: Partial<DayView> = {}): DayView => ({
  date: '2026-11-30',
  timeZone: 'UTC',
  wakesHour: 7,
  sleepsHour: 25,
  nowHour: -100,
  today: false,
  blocks: [aBlock()],
  busy: [],
  pegs: [],
  done: 0,
  missed: 0,
  planned: 0,
  notes: [],
  ...changes,
})

export const aSession = (changes: Partial<PlanSessionView> = {}): PlanSessionView => ({
  lineId: 'care',
  title: 'recovery',
  purpose: 'RECOVERY',
  date: '2026-11-30',
  start: '2026-11-30T19:00:00Z',
  end: '2026-11-30T19:06:00Z',
  startsAt: '19:00:00',
  endsAt: '19:06:00',
  fixed: false,
  pinned: false,
  why: 'At its time: evening (19:00).',
  ...changes,
})

/** A week with its plan. */
export const aWeek = (days: DayView[], plan: Partial<PlanView> = {}): WeekView => ({
  days,
  plan: aPlan(plan),
})

export const aPlan = (changes: Partial<PlanView> = {}): PlanView => ({
  monday: '2026-11-30',
  sessions: [],
  unmet: [],
  counts: [],
  moves: [],
  ...changes,
})
