import { askForPage } from './api/early';

askForPage(new URL(location.href), (key) => localStorage.getItem(key));
// The place itself comes along, not after.
if (['/', '/cover'].includes(location.pathname)) void import('./cover/CoverPlace.vue');
