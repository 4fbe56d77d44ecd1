import { createRouter, createWebHistory } from 'vue-router';
import { goneTo } from './frame/goingAbout';
import { arrived, missed } from './frame/unloadable';
import StartPlace from './today/StartPlace.vue';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'start', component: StartPlace },
    { path: '/today', name: 'today', component: () => import('./today/TodayPlace.vue') },
    { path: '/work', name: 'work', component: () => import('./work/WorkPlace.vue') },
    { path: '/work/table', name: 'table', component: () => import('./table/TablePlace.vue') },
    { path: '/cover', name: 'cover', component: () => import('./cover/CoverPlace.vue') },
    { path: '/cover/all', name: 'matrix', component: () => import('./cover/MatrixPlace.vue') },
    { path: '/cover/beside', name: 'beside', component: () => import('./cover/BesidePlace.vue') },
    { path: '/cover/bag', name: 'bag', component: () => import('./cover/BagPlace.vue') },
    { path: '/cover/time', name: 'time', component: () => import('./labour/TimePlace.vue') },
    { path: '/plan', name: 'plan', component: () => import('./plan/PlanPlace.vue') },
    { path: '/bench', name: 'bench', component: () => import('./bench/BenchPlace.vue') },
    { path: '/bench/reckon', name: 'reckon', component: () => import('./bench/ReckonPlace.vue') },
    { path: '/tables/:table([a-z-]+)?', name: 'tables', component: () => import('./tables/TablesPlace.vue') },
    {
      path: '/crib/:list(wires|terminals|tools)?',
      name: 'crib',
      component: () => import('./crib/CribPlace.vue'),
    },
    {
      path: '/crib/shelf/:list(wires|terminals|tools)',
      name: 'shelf',
      component: () => import('./crib/ShelfPlace.vue'),
    },
    {
      path: '/crib/table/:list(wires|terminals|tools|kits|people|assets)',
      name: 'things',
      component: () => import('./crib/ThingsTable.vue'),
    },
    {
      path: '/crib/make/:list(wires|terminals|tools)',
      name: 'make',
      component: () => import('./crib/edit/ThingPlace.vue'),
    },
    { path: '/crib/wall', name: 'wall', component: () => import('./crib/wall/WallPlace.vue') },
    { path: '/crib/due', name: 'due', component: () => import('./crib/due/DuePlace.vue') },
    { path: '/crib/kits', name: 'kits', component: () => import('./crib/kits/KitsPlace.vue') },
    { path: '/crib/make/kits', name: 'make-kit', component: () => import('./crib/kits/KitPlace.vue') },
    { path: '/crib/kits/:id/inlay', name: 'inlay', component: () => import('./crib/kits/InlayPlace.vue') },
    { path: '/crib/kits/:id', name: 'kit', component: () => import('./crib/kits/KitPlace.vue') },
    {
      path: '/crib/:list(wires|terminals|tools)/:id',
      name: 'thing',
      component: () => import('./crib/edit/ThingPlace.vue'),
    },
    { path: '/supplies', name: 'supplies', component: () => import('./supplies/SuppliesPlace.vue') },
    { path: '/train', name: 'train', component: () => import('./train/TrainPlace.vue') },
    { path: '/train/classes', name: 'classes', component: () => import('./classes/ClassesPlace.vue') },
    { path: '/train/classes/:id', name: 'class', component: () => import('./classes/ClassPlace.vue') },
    { path: '/train/people/:id', name: 'person', component: () => import('./train/PersonPlace.vue') },
    { path: '/shop/history', name: 'history', component: () => import('./history/HistoryPlace.vue') },
    { path: '/shop/people', name: 'accounts', component: () => import('./shop/AccountsPlace.vue') },
    { path: '/shop/you', name: 'own', component: () => import('./shop/OwnPlace.vue') },
    { path: '/shop/rules', name: 'rules', component: () => import('./shop/RulesPlace.vue') },
    { path: '/shop/settings', name: 'settings', component: () => import('./shop/SettingsPlace.vue') },
    { path: '/shop', name: 'shop', component: () => import('./shop/ShopPlace.vue') },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./frame/NowherePlace.vue') },
  ],
});

router.afterEach(arrived);
router.afterEach(goneTo);

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
