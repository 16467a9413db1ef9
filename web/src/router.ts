import { t } from '@/lib/text'
import { createRouter, createWebHistory } from 'vue-router'
import { kept } from '@/lib/delivery/kept'
import { useSession } from '@/lib/session'

declare module 'vue-router' {
  interface RouteMeta {
    title: string
    /** Without the masthead: the whole screen. */
    bare?: boolean
    /** May be seen without signing in. */
    open?: boolean
    /** Stays as it is while the rest of its address changes. */
    stays?: boolean
  }
}

// The pages come in pieces. Once somebody is in and the first screen stands, all of
// them are fetched ahead, so that a server that goes away afterwards keeps nobody
// from the next screen.
const pages = {
  today: () => import('./pages/TodayPage.vue'),
  signIn: () => import('./pages/SignInPage.vue'),
  circuits: () => import('./pages/CircuitsPage.vue'),
  compare: () => import('./pages/ComparePage.vue'),
  useCircuit: () => import('./pages/UseCircuitPage.vue'),
  house: () => import('./pages/StandardsPage.vue'),
  movementForm: () => import('./pages/MovementFormPage.vue'),
  count: () => import('./pages/CountPage.vue'),
  board: () => import('./pages/BoardPage.vue'),
  movements: () => import('./pages/MovementsPage.vue'),
  floor: () => import('./pages/FloorPage.vue'),
  log: () => import('./pages/LogPage.vue'),
  logbook: () => import('./pages/LogbookPage.vue'),
  people: () => import('./pages/PeoplePage.vue'),
  person: () => import('./pages/PersonPage.vue'),
  personReach: () => import('./pages/PersonReachPage.vue'),
  benchmarks: () => import('./pages/BenchmarksPage.vue'),
  classes: () => import('./pages/ClassesPage.vue'),
  groupClass: () => import('./pages/ClassPage.vue'),
  fit: () => import('./pages/FitPage.vue'),
  hall: () => import('./pages/HallPage.vue'),
  remote: () => import('./pages/RemotePage.vue'),
  mine: () => import('./pages/InstructorViewPage.vue'),
  card: () => import('./pages/CardPage.vue'),
  run: () => import('./pages/RunPage.vue'),
  notFound: () => import('./pages/NotFoundPage.vue'),
  setup: () => import('./pages/SetupPage.vue'),
  forgotten: () => import('./pages/ForgottenPage.vue'),
  newPassword: () => import('./pages/NewPasswordPage.vue'),
  join: () => import('./pages/JoinPage.vue'),
  account: () => import('./pages/AccountPage.vue'),
  team: () => import('./pages/TeamPage.vue'),
  studio: () => import('./pages/StudioPage.vue'),
  mailbox: () => import('./pages/MailboxPage.vue'),
}

/** Every page, for a browser that keeps none of them. */
export const loadPages = () => Promise.allSettled(Object.values(pages).map((load) => load()))

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    { path: '/', name: 'today', component: pages.today, meta: { title: t('common.today') } },
    {
      path: '/sign-in',
      name: 'sign-in',
      component: pages.signIn,
      meta: { title: t('common.sign_in'), bare: true, open: true },
    },
    { path: '/setup', name: 'setup', component: pages.setup, meta: { title: t('app.set_up'), bare: true, open: true } },
    {
      path: '/forgotten',
      name: 'forgotten',
      component: pages.forgotten,
      meta: { title: t('app.forgotten_password'), bare: true, open: true },
    },
    {
      path: '/new-password/:token',
      props: true,
      name: 'new-password',
      component: pages.newPassword,
      meta: { title: t('common.new_password'), bare: true, open: true },
    },
    {
      path: '/join/:token',
      props: true,
      name: 'join',
      component: pages.join,
      meta: { title: t('app.join'), bare: true, open: true },
    },
    { path: '/account', name: 'account', component: pages.account, meta: { title: t('app.your_account') } },
    { path: '/team', name: 'team', component: pages.team, meta: { title: t('app.team') } },
    { path: '/studio', name: 'studio', component: pages.studio, meta: { title: t('common.studio') } },
    { path: '/dev/mail', name: 'mailbox', component: pages.mailbox, meta: { title: t('app.mailbox'), open: true } },
    { path: '/circuits', name: 'circuits', component: pages.circuits, meta: { title: t('common.circuits') } },
    { path: '/circuits/compare', name: 'compare', component: pages.compare, meta: { title: t('app.two_circuits') } },
    { path: '/house', name: 'house', component: pages.house, meta: { title: t('app.studio_standards') } },
    {
      path: '/movements/:id/edit',
      props: true,
      name: 'movement-form',
      component: pages.movementForm,
      meta: { title: t('app.your_movement') },
    },
    { path: '/runs/:id/count', props: true, name: 'count', component: pages.count, meta: { title: t('app.count') } },
    {
      path: '/circuits/:id/use',
      props: true,
      name: 'use-circuit',
      component: pages.useCircuit,
      meta: { title: t('app.a_circuit_to_use') },
    },
    {
      path: '/circuits/:id',
      props: true,
      name: 'board',
      component: pages.board,
      meta: { title: t('app.circuit_board') },
    },
    {
      path: '/movements/:id?',
      name: 'movements',
      component: pages.movements,
      // One page for all movements: what is typed in the search and the place in the list stay.
      meta: { title: t('common.movements'), stays: true },
    },
    {
      path: '/runs/:id/floor',
      props: true,
      name: 'floor',
      component: pages.floor,
      meta: { title: t('app.floor'), bare: true },
    },
    { path: '/runs/:id/log', props: true, name: 'log', component: pages.log, meta: { title: t('app.log') } },
    { path: '/logbook', name: 'logbook', component: pages.logbook, meta: { title: t('common.logbook') } },
    {
      path: '/hall/:code',
      props: true,
      name: 'hall',
      component: pages.hall,
      meta: { title: t('app.hall'), bare: true, open: true },
    },
    {
      path: '/runs/:id/remote',
      props: true,
      name: 'remote',
      component: pages.remote,
      meta: { title: t('app.remote'), bare: true },
    },
    { path: '/logbook/:id', props: true, name: 'run', component: pages.run, meta: { title: t('app.run') } },
    { path: '/people', name: 'people', component: pages.people, meta: { title: t('common.people') } },
    {
      path: '/people/benchmarks',
      name: 'benchmarks',
      component: pages.benchmarks,
      meta: { title: t('app.benchmarks') },
    },
    { path: '/people/:id', props: true, name: 'person', component: pages.person, meta: { title: t('app.person') } },
    {
      path: '/people/:id/reach',
      props: true,
      name: 'person-reach',
      component: pages.personReach,
      meta: { title: t('people.what_they_get_instead') },
    },
    { path: '/classes', name: 'classes', component: pages.classes, meta: { title: t('common.classes') } },
    {
      path: '/classes/:id',
      props: true,
      name: 'class',
      component: pages.groupClass,
      meta: { title: t('common.class') },
    },
    {
      path: '/classes/:id/fit',
      props: true,
      name: 'fit',
      component: pages.fit,
      meta: { title: t('common.fit_sheet') },
    },
    {
      path: '/classes/:id/run/:run',
      props: true,
      name: 'mine',
      component: pages.mine,
      meta: { title: t('common.instructors_view') },
    },
    {
      path: '/card/:token',
      props: true,
      name: 'card',
      component: pages.card,
      meta: { title: t('app.card'), bare: true, open: true },
    },
    { path: '/:rest(.*)*', name: 'not-found', component: pages.notFound, meta: { title: t('app.not_found') } },
  ],
})

router.beforeEach(async (to) => {
  const session = useSession()
  await kept.ready()
  try {
    await session.restore()
  } catch {
    return true // The server is away: the page itself says so.
  }
  if (!session.signedIn && !to.meta.open)
    return { name: 'sign-in', query: to.path === '/' ? {} : { next: to.fullPath } }
  if (session.signedIn && to.name === 'sign-in') return { name: 'today' }
  return true
})

router.afterEach((to) => {
  document.title = t('app.title_willing_sparrow', { title: to.meta.title })
})
