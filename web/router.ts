import { ref } from 'vue';
import { createRouter, createWebHistory } from 'vue-router';
import type { Schemas } from './api/client';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: { name: 'cover' } },
    { path: '/cover', name: 'cover', component: () => import('./cover/CoverPlace.vue') },
    { path: '/crib', name: 'crib', component: () => import('./crib/CribPlace.vue') },
    { path: '/shop', name: 'shop', component: () => import('./shop/ShopPlace.vue') },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./frame/NowherePlace.vue') },
  ],
});

/** What to tell when a place could not be loaded; null when all is well. */
export const unloadable = ref<Schemas['Problem'] | null>(null);

const RELOADED = 'gondrik.reloaded';

router.afterEach(() => {
  unloadable.value = null;
  sessionStorage.removeItem(RELOADED);
});

// After an update the parts of the page that was are gone: once a fresh page is asked for, and when that does not help
// either, it is said.
router.onError((_error, to) => {
  if (navigator.onLine && sessionStorage.getItem(RELOADED) !== to.fullPath) {
    sessionStorage.setItem(RELOADED, to.fullPath);
    window.location.assign(to.fullPath);
    return;
  }
  unloadable.value = {
    type: 'about:blank',
    title: 'This part of the page cannot be loaded',
    status: 0,
    detail: 'The server does not give it out, or is out of reach. Nothing was lost; try again in a moment.',
  };
});
