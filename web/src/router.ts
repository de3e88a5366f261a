import { createRouter, createWebHistory } from 'vue-router'
import { loadSession, session } from './session/session'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', component: () => import('./calls/CallListView.vue') },
    { path: '/sign-in', component: () => import('./session/SignInView.vue') },
    { path: '/calls/new', component: () => import('./calls/OpenCallView.vue') },
    {
      path: '/calls/:id/:stage?',
      component: () => import('./call/CallView.vue'),
      props: true,
    },
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
    { path: '/practice', component: () => import('./practice/PracticeView.vue') },
    { path: '/shop', component: () => import('./shop/ShopView.vue') },
    { path: '/about', component: () => import('./about/AboutView.vue') },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
})

router.beforeEach(async (to) => {
  if (!session.loaded) await loadSession()
  if (!session.account && to.path !== '/sign-in') {
    return { path: '/sign-in', query: to.path === '/' ? {} : { to: to.fullPath } }
  }
})
