import { createRouter, createWebHistory } from 'vue-router'
import { fromRoute } from '@/measure/tapQuery'
import { account } from '@/stores/account'
import { placeNotLoaded } from './placeNotLoaded'

declare module 'vue-router' {
  interface RouteMeta {
    /** Who may be here; without it everybody. */
    who?: 'coach' | 'client' | 'signed in'
    /** The player has the screen for itself. */
    bare?: boolean
    /** Takes the whole page of its place, without the list beside it. */
    wide?: boolean
    title?: string
  }
}

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: () => ({ top: 0 }),
  routes: [
    { path: '/', redirect: () => account.home() },
    {
      path: '/sign-in',
      component: () => import('@/account/SignInView.vue'),
      meta: { bare: true, title: 'Sign in' },
    },
    {
      path: '/begin',
      component: () => import('@/account/BeginView.vue'),
      meta: { bare: true, title: 'Begin as a coach' },
    },
    {
      path: '/begin/:token',
      component: () => import('@/account/InvitationView.vue'),
      props: true,
      meta: { bare: true, title: 'Your practice' },
    },
    {
      path: '/invitation/:token',
      component: () => import('@/account/InvitationView.vue'),
      props: true,
      meta: { bare: true, title: 'Your invitation' },
    },
    {
      path: '/forgotten',
      component: () => import('@/account/ForgottenView.vue'),
      meta: { bare: true, title: 'A new password' },
    },
    {
      path: '/reset/:token',
      component: () => import('@/account/ResetView.vue'),
      props: true,
      meta: { bare: true, title: 'A new password' },
    },
    {
      path: '/address/:token',
      component: () => import('@/account/AddressView.vue'),
      props: true,
      meta: { bare: true, title: 'Your new address' },
    },
    {
      path: '/account',
      component: () => import('@/account/AccountPage.vue'),
      meta: { who: 'signed in', title: 'Your account' },
    },
    {
      path: '/today',
      component: () => import('@/today/TodayView.vue'),
      meta: { who: 'coach', title: 'Today' },
    },
    {
      path: '/library',
      component: () => import('@/library/LibraryPage.vue'),
      meta: { who: 'coach', title: 'Library' },
      children: [
        { path: '', component: () => import('@/library/NothingChosen.vue') },
        {
          path: 'new',
          component: () => import('@/library/ExerciseEditor.vue'),
          meta: { wide: true, title: 'Write an exercise' },
        },
        {
          path: 'import',
          component: () => import('@/library/ImportPanel.vue'),
          meta: { title: 'Bring in exercises' },
        },
        {
          path: ':exerciseId',
          component: () => import('@/library/ExerciseEntry.vue'),
          props: true,
        },
        {
          path: ':exerciseId/edit',
          component: () => import('@/library/ExerciseEditor.vue'),
          props: true,
          meta: { wide: true, title: 'Change an exercise' },
        },
        {
          path: ':exerciseId/copy',
          component: () => import('@/library/ExerciseEditor.vue'),
          props: (to) => ({ exerciseId: to.params.exerciseId, copying: true }),
          meta: { wide: true, title: 'Make a variant' },
        },
      ],
    },
    {
      path: '/bench',
      component: () => import('@/bench/BenchPage.vue'),
      meta: { who: 'coach', title: 'Bench' },
    },
    {
      path: '/bench/hand',
      component: () => import('@/bench/HandPage.vue'),
      meta: { who: 'coach', title: 'Your hand' },
    },
    {
      path: '/bench/versions/:routineId',
      component: () => import('@/bench/VersionsPage.vue'),
      props: true,
      meta: { who: 'coach', title: 'Versions' },
    },
    {
      path: '/workshop',
      component: () => import('@/workshop/WorkshopStart.vue'),
      meta: { who: 'coach', title: 'Workshop' },
    },
    {
      path: '/workshop/:clientId/patterns',
      component: () => import('@/workshop/PatternsPage.vue'),
      props: true,
      meta: { who: 'coach', title: 'Patterns' },
    },
    {
      path: '/workshop/:clientId/sequences',
      component: () => import('@/workshop/SequencesPage.vue'),
      props: true,
      meta: { who: 'coach', title: 'Sequences' },
    },
    {
      path: '/workshop/:clientId/clasps',
      component: () => import('@/workshop/ClaspsPage.vue'),
      props: true,
      meta: { who: 'coach', title: 'Clasps' },
    },
    {
      path: '/workshop/:clientId/tap-test',
      component: () => import('@/measure/TapPage.vue'),
      props: (route) => ({
        clientId: route.params.clientId,
        test: typeof route.query.test === 'string' ? route.query.test : undefined,
      }),
      meta: { who: 'signed in', title: 'Tap test' },
    },
    {
      path: '/workshop/:clientId/tap-test/run',
      component: () => import('@/measure/TapView.vue'),
      props: (route) => ({
        clientId: route.params.clientId,
        query: fromRoute(route.query),
        touch: route.query.pace === 'SPEED' && matchMedia('(pointer: coarse)').matches,
      }),
      meta: { who: 'signed in', bare: true, title: 'Tap test' },
    },
    {
      path: '/workshop/:clientId/hold-and-lift',
      component: () => import('@/measure/LiftPage.vue'),
      props: (route) => ({
        clientId: route.params.clientId,
        test: typeof route.query.test === 'string' ? route.query.test : undefined,
      }),
      meta: { who: 'coach', title: 'Hold and lift' },
    },
    {
      path: '/workshop/:clientId/hold-and-lift/run',
      component: () => import('@/measure/LiftView.vue'),
      props: (route) => ({
        clientId: route.params.clientId,
        side: route.query.side === 'LEFT' || route.query.side === 'RIGHT' ? route.query.side : null,
        thumb: route.query.thumb === 'true',
      }),
      meta: { who: 'signed in', bare: true, title: 'Hold and lift' },
    },
    {
      path: '/workshop/:clientId/demand',
      component: () => import('@/measure/DemandPage.vue'),
      props: true,
      meta: { who: 'coach', title: 'Demand' },
    },
    {
      path: '/workshop/:clientId/difficulties',
      component: () => import('@/workshop/DifficultiesPage.vue'),
      props: true,
      meta: { who: 'coach', title: 'Difficulties' },
    },
    {
      path: '/workshop/:clientId/card',
      component: () => import('@/workshop/CardPage.vue'),
      props: (route) => ({
        clientId: route.params.clientId,
        pattern: String(route.query.pattern ?? ''),
        hand: route.query.hand ?? null,
      }),
      meta: { who: 'coach', paper: true, title: 'Card' },
    },
    {
      path: '/workshop/:clientId/round',
      component: () => import('@/workshop/RoundView.vue'),
      props: (route) => ({
        clientId: route.params.clientId,
        minutes: route.query.minutes ? Number(route.query.minutes) : undefined,
        aMinute: route.query.aMinute ? Number(route.query.aMinute) : undefined,
        phrase: route.query.bars
          ? { bars: Number(route.query.bars), beatsABar: Number(route.query.beatsABar) }
          : {},
        from: route.query.from ?? null,
        to: route.query.to ?? null,
        hand: route.query.hand ?? null,
      }),
      meta: { who: 'signed in', bare: true, title: 'Round' },
    },
    {
      path: '/player/try',
      component: () => import('@/player/TryView.vue'),
      meta: { who: 'coach', bare: true, title: 'Player' },
    },
    {
      path: '/player/:clientId/moment',
      component: () => import('@/player/PlayerView.vue'),
      props: (route) => ({ clientId: route.params.clientId, said: String(route.query.said ?? '') }),
      meta: { who: 'signed in', bare: true, title: 'Player' },
    },
    {
      path: '/player/:clientId/now/:purpose/:minutes',
      component: () => import('@/player/PlayerView.vue'),
      props: (route) => ({
        ...route.params,
        line: typeof route.query.line === 'string' ? route.query.line : undefined,
      }),
      meta: { who: 'signed in', bare: true, title: 'Player' },
    },
    {
      path: '/player/:clientId/routine/:routineId',
      component: () => import('@/player/PlayerView.vue'),
      props: true,
      meta: { who: 'signed in', bare: true, title: 'Player' },
    },
    {
      path: '/clients',
      component: () => import('@/clients/ClientsView.vue'),
      meta: { who: 'coach', title: 'Clients' },
    },
    {
      path: '/clients/new',
      component: () => import('@/clients/NewClientView.vue'),
      meta: { who: 'coach', title: 'Take in a client' },
    },
    {
      path: '/clients/:clientId/intake',
      component: () => import('@/intake/IntakePage.vue'),
      props: true,
      meta: { who: 'coach', title: 'Intake' },
    },
    {
      path: '/clients/:clientId',
      component: () => import('@/client/ClientView.vue'),
      props: true,
      meta: { who: 'coach' },
      children: [
        { path: '', redirect: (to) => `${to.path.replace(/\/$/, '')}/hands` },
        {
          path: 'hands',
          component: () => import('@/client/HandsTab.vue'),
          props: true,
          meta: { title: 'Hands' },
        },
        {
          path: 'programme',
          component: () => import('@/programme/ProgrammePage.vue'),
          props: true,
          meta: { title: 'Programme' },
        },
        {
          path: 'programme/handout',
          component: () => import('@/programme/HandoutPage.vue'),
          props: true,
          meta: { title: 'Handout', paper: true },
        },
        {
          path: 'programme/review',
          component: () => import('@/progress/ReviewPage.vue'),
          props: true,
          meta: { title: 'Review' },
        },
        {
          path: 'week',
          component: () => import('@/week/WeekTab.vue'),
          props: true,
          meta: { title: 'Week' },
        },
        {
          path: 'week/calendars',
          component: () => import('@/week/CalendarsPage.vue'),
          props: true,
          meta: { title: 'Calendars and reminders' },
        },
        {
          path: 'week/six-weeks',
          component: () => import('@/week/SixWeeksPage.vue'),
          props: true,
          meta: { title: 'Six weeks' },
        },
        {
          path: 'week/practice-day',
          component: () => import('@/week/PracticeDayPage.vue'),
          props: true,
          meta: { title: 'A day of practice' },
        },
        {
          path: 'log',
          component: () => import('@/log/LogTab.vue'),
          props: true,
          meta: { title: 'Log' },
        },
        {
          path: 'progress',
          component: () => import('@/progress/ProgressTab.vue'),
          props: true,
          meta: { title: 'Progress' },
        },
      ],
    },
    {
      path: '/my-day',
      component: () => import('@/myday/MyDayPage.vue'),
      meta: { who: 'client', title: 'My day' },
    },
    {
      path: '/my-log',
      component: () => import('@/log/MyLogView.vue'),
      meta: { who: 'client', title: 'My log' },
    },
    {
      path: '/my-reminders',
      component: () => import('@/myday/MyRemindersView.vue'),
      meta: { who: 'client', title: 'Reminders and calendar' },
    },
    {
      path: '/clock/:clientId/:blockId',
      component: () => import('@/player/ClockView.vue'),
      props: true,
      meta: { who: 'signed in', bare: true, title: 'Clock' },
    },
    {
      path: '/player/:clientId/:blockId',
      component: () => import('@/player/PlayerView.vue'),
      props: true,
      meta: { who: 'signed in', bare: true, title: 'Player' },
    },
    {
      path: '/:rest(.*)*',
      component: () => import('@/app/NotFoundView.vue'),
      meta: { title: 'Not found' },
    },
  ],
})

router.beforeEach(async (to) => {
  if (!account.me.value) await account.refresh().catch(() => undefined)
  const who = to.meta.who
  if (!who) return true
  if (!account.signedIn.value) return { path: '/sign-in', query: { to: to.fullPath } }
  const coach = account.coach.value
  if ((who === 'coach' && !coach) || (who === 'client' && coach)) return account.home()
  return true
})

router.afterEach((to) => {
  document.title = to.meta.title ? `${to.meta.title} · Nimblet` : 'Nimblet'
})

router.onError((error, to) => void placeNotLoaded(error, to.fullPath))
