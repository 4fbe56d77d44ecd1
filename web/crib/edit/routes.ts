import type { RouteLocationRaw } from 'vue-router';
import type { DraftList } from './useThing';

/** Where the things of a list stand. */
export const listRoute = (list: DraftList): RouteLocationRaw =>
  list === 'kits' ? { name: 'kits' } : { name: 'crib', params: { list } };

/** Where one of them is looked at and changed. */
export const thingRoute = (list: DraftList, id: string): RouteLocationRaw =>
  list === 'kits' ? { name: 'kit', params: { id } } : { name: 'thing', params: { list, id } };

/** Where a new one is made. */
export const makeRoute = (list: DraftList): RouteLocationRaw =>
  list === 'kits' ? { name: 'make-kit' } : { name: 'make', params: { list } };
