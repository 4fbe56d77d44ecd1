import { createRouter, createWebHistory } from 'vue-router';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: { name: 'cover' } },
    { path: '/cover', name: 'cover', component: () => import('./cover/CoverPlace.vue') },
    { path: '/shop', name: 'shop', component: () => import('./shop/ShopPlace.vue') },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./frame/NowherePlace.vue') },
  ],
});
