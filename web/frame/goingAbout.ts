import { ref } from 'vue';
import { START_LOCATION, type RouteLocationNormalized } from 'vue-router';

/** Whether somebody has gone from one place to another since the page was opened: before that the focus is the browser's. */
export const hasGoneAbout = ref(false);

/** To be told of every step of the router. */
export function goneTo(to: RouteLocationNormalized, from: RouteLocationNormalized): void {
  if (from !== START_LOCATION && to.name !== from.name) hasGoneAbout.value = true;
}
