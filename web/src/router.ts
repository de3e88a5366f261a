import { ref } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import { NoAnswer, Refusal } from './api/client'
import { openSession, session } from './session/session'
// Here from the start: whoever signs out without a connection gets there.
import SignInView from './session/SignInView.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', component: () => import('./calls/CallListView.vue') },
    { path: '/sign-in', component: SignInView },
    { path: '/join', component: () => import('./session/JoinView.vue') },
    { path: '/calls/new', component: () => import('./calls/OpenCallView.vue') },
    {
      path: '/calls/:id/:stage?',
      component: () => import('./stages/CallView.vue'),
      props: true,
    },
    {
      path: '/units/:id',
      component: () => import('./units/UnitView.vue'),
      props: true,
    },
    { path: '/sites/:id', component: () => import('./units/SiteView.vue'), props: true },
    { path: '/codes', component: () => import('./codes/CodeBooksView.vue') },
    {
      path: '/codes/:id',
      component: () => import('./codes/CodeBookView.vue'),
      props: true,
    },
    {
      path: '/count/:call?',
      component: () => import('./codes/CounterView.vue'),
      props: true,
    },
    { path: '/ear/:call?', component: () => import('./senses/EarView.vue'), props: true },
    { path: '/stock', component: () => import('./stock/StockView.vue') },
    { path: '/stock/out', component: () => import('./stock/OutView.vue') },
    { path: '/stock/supply', component: () => import('./stock/SupplyView.vue') },
    {
      path: '/stock/parts/:id',
      component: () => import('./stock/PartView.vue'),
      props: true,
    },
    { path: '/motors/van', component: () => import('./motors/VanView.vue') },
    { path: '/motors', component: () => import('./motors/MotorsView.vue') },
    { path: '/practice/wiring', component: () => import('./wire/WiringPractice.vue') },
    { path: '/practice/senses', component: () => import('./senses/SensesPractice.vue') },
    { path: '/practice', component: () => import('./practice/PracticeView.vue') },
    { path: '/week', component: () => import('./week/WeekView.vue') },
    { path: '/learnt', component: () => import('./learnt/LearntView.vue') },
    { path: '/shop/audit', component: () => import('./shop/AuditView.vue') },
    { path: '/shop', component: () => import('./shop/ShopView.vue') },
    { path: '/about', component: () => import('./about/AboutView.vue') },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
})

router.beforeEach(async (to) => {
  if (!session.loaded) await openSession()
  if (!session.account && !['/sign-in', '/join'].includes(to.path)) {
    return { path: '/sign-in', query: to.path === '/' ? {} : { to: to.fullPath } }
  }
})

/** Where a link leads that could not be followed: its room is not on this device. */
export const unreached = ref('')

/** So that a page that cannot be loaded at all is not loaded for ever. */
const LOADED_ANEW = 'rotor.loaded-anew'

/**
 * A room that was never loaded here, or is another since the shop's server was updated: the page is
 * loaded anew where the server answers, and otherwise says so and stays as it is.
 */
router.onError(async (fault, to) => {
  // What the server itself says, or does not, is told elsewhere.
  if (fault instanceof NoAnswer || fault instanceof Refusal) return
  // Of the server itself: files of the page may lie on this device.
  const answers = await fetch('/api/session', { cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  )
  if (answers && sessionStorage.getItem(LOADED_ANEW) !== to.fullPath) {
    sessionStorage.setItem(LOADED_ANEW, to.fullPath)
    location.assign(to.fullPath)
  } else unreached.value = to.fullPath
})

router.afterEach((to, _from, failed) => {
  if (failed) return
  unreached.value = ''
  if (sessionStorage.getItem(LOADED_ANEW) === to.fullPath) sessionStorage.removeItem(LOADED_ANEW)
})
