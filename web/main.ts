import { MutationCache, QueryCache, QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { ApiProblem } from '@/api/client';
import { whenKeptIsGiven } from '@/api/kept';
import { isOutOfReach, reachKey } from '@/api/useReach';
import App from './App.vue';
import { router } from './router';
import { vuetify } from './theme/vuetify';

/**
 * A session that has ended shows the sign-in over the page, a server out of reach a note above it; what stands on the page
 * stays.
 */
function notice(error: unknown): void {
  if (isOutOfReach(error)) {
    void client.invalidateQueries({ queryKey: reachKey });
  }
  if (error instanceof ApiProblem && (error.problem.status === 401 || error.problem.status === 419)) {
    void client.invalidateQueries({ queryKey: ['session'] });
  }
}

const client = new QueryClient({
  queryCache: new QueryCache({ onError: notice }),
  mutationCache: new MutationCache({ onError: notice }),
  defaultOptions: {
    // What a browser believes of its network is no reason to wait in silence: it is tried, and what comes of it is said.
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      staleTime: 30_000,
      retry: (count, error) => count < 2 && (!(error instanceof ApiProblem) || error.problem.status === 0),
    },
  },
});

// What is given for want of a server says so above the page.
whenKeptIsGiven(() => void client.invalidateQueries({ queryKey: reachKey }));

// The ruler measures its texts: the typefaces are wanted before it asks.
for (const face of ["14px 'Archivo Variable'", "500 11px 'IBM Plex Mono'", "11px 'IBM Plex Mono'"]) {
  void document.fonts.load(face);
}

createApp(App)
  .use(createPinia())
  .use(VueQueryPlugin, { queryClient: client })
  .use(vuetify)
  .use(router)
  .mount('#app');
