import { createRouter, createWebHistory } from 'vue-router'
import { useSession } from './state/session'

declare module 'vue-router' {
  interface RouteMeta {
    title: string
    /** Without the masthead: the whole screen. */
    bare?: boolean
    /** May be seen without signing in. */
    open?: boolean
  }
}

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    { path: '/', name: 'today', component: () => import('./pages/TodayPage.vue'), meta: { title: 'Today' } },
    {
      path: '/sign-in',
      name: 'sign-in',
      component: () => import('./pages/SignInPage.vue'),
      meta: { title: 'Sign in', bare: true, open: true },
    },
    {
      path: '/circuits',
      name: 'circuits',
      component: () => import('./pages/CircuitsPage.vue'),
      meta: { title: 'Circuits' },
    },
    {
      path: '/circuits/:id',
      name: 'board',
      component: () => import('./pages/BoardPage.vue'),
      meta: { title: 'Circuit board' },
    },
    {
      path: '/movements/:id?',
      name: 'movements',
      component: () => import('./pages/MovementsPage.vue'),
      meta: { title: 'Movements' },
    },
    {
      path: '/runs/:id/floor',
      name: 'floor',
      component: () => import('./pages/FloorPage.vue'),
      meta: { title: 'Floor', bare: true },
    },
    { path: '/runs/:id/log', name: 'log', component: () => import('./pages/LogPage.vue'), meta: { title: 'Log' } },
    {
      path: '/logbook',
      name: 'logbook',
      component: () => import('./pages/LogbookPage.vue'),
      meta: { title: 'Logbook' },
    },
    { path: '/logbook/:id', name: 'run', component: () => import('./pages/RunPage.vue'), meta: { title: 'Run' } },
    {
      path: '/:rest(.*)*',
      name: 'nowhere',
      component: () => import('./pages/NowherePage.vue'),
      meta: { title: 'Not found' },
    },
  ],
})

router.beforeEach(async (to) => {
  const session = useSession()
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
  document.title = `${to.meta.title} · Willing Sparrow`
})
