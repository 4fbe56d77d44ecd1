import { useRoute, useRouter } from 'vue-router';

type Query = Record<string, string | number | null>;

/** What is on the screen stands in the address, so that it can be sent to somebody. */
export function useAddress(): {
  /** What the address says under a key, null where nothing. */
  asked: (key: string) => string | null;
  /** Changes it by a step that Back takes back; what is said while somebody types, or filled in by itself, replaces the one before. */
  show: (query: Query, how?: 'push' | 'replace') => void;
} {
  const route = useRoute();
  const router = useRouter();

  return {
    asked: (key) => (typeof route.query[key] === 'string' ? route.query[key] : null),
    show(query, how = 'push') {
      const stated = Object.entries({ ...route.query, ...query }).filter(([, value]) => value !== null);
      void router[how]({ query: Object.fromEntries(stated.map(([key, value]) => [key, String(value)])) });
    },
  };
}
