import { MutationCache, QueryCache, QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { ApiProblem } from '@/api/client';
import App from './App.vue';
import { router } from './router';
import { vuetify } from './theme/vuetify';

/** A session that has ended shows the sign-in over the page; what stands on the page stays. */
function noticeEndedSession(error: unknown): void {
  if (error instanceof ApiProblem && (error.problem.status === 401 || error.problem.status === 419)) {
    void client.invalidateQueries({ queryKey: ['session'] });
  }
}

const client = new QueryClient({
  queryCache: new QueryCache({ onError: noticeEndedSession }),
  mutationCache: new MutationCache({ onError: noticeEndedSession }),
  defaultOptions: {
    queries: {
      staleTime: 30_000,
      retry: (count, error) => count < 2 && (!(error instanceof ApiProblem) || error.problem.status === 0),
    },
  },
});

createApp(App)
  .use(createPinia())
  .use(VueQueryPlugin, { queryClient: client })
  .use(vuetify)
  .use(router)
  .mount('#app');
