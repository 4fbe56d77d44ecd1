import { createRouter, createWebHistory } from 'vue-router';
import { arrived, missed } from './frame/unloadable';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: { name: 'cover' } },
    { path: '/work', name: 'work', component: () => import('./work/WorkPlace.vue') },
    { path: '/work/table', name: 'table', component: () => import('./table/TablePlace.vue') },
    { path: '/cover', name: 'cover', component: () => import('./cover/CoverPlace.vue') },
    { path: '/crib', name: 'crib', component: () => import('./crib/CribPlace.vue') },
    { path: '/shop/history', name: 'history', component: () => import('./history/HistoryPlace.vue') },
    { path: '/shop', name: 'shop', component: () => import('./shop/ShopPlace.vue') },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./frame/NowherePlace.vue') },
  ],
});

router.afterEach(arrived);

let isTold = false;
router.onError((_error, to) => {
  isTold = true;
  missed(to.fullPath);
});

// What is no place (a panel, a menu) is told by the loader itself, a little before the router would be.
window.addEventListener('vite:preloadError', () => {
  isTold = false;
  setTimeout(() => isTold || missed(location.pathname + location.search));
});
