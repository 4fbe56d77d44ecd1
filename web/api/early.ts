/*
 * What the first sight of the page will want is asked for while the page itself still loads. Each answer is taken once; what
 * nobody takes is let go.
 */
const early = new Map<string, Promise<Response>>();

/** Milliseconds after which an answer is too old to be taken for a new one. */
const FRESH = 30_000;

/** Asks for an address of the API before anybody wants it. */
export function askEarly(address: string): void {
  const asked = fetch(address, { credentials: 'same-origin', headers: { Accept: 'application/json' } });
  // Whoever takes it hears of its failure; until then it is nobody's.
  asked.catch(() => undefined);
  const { href } = new URL(address, location.href);
  early.set(href, asked);
  setTimeout(() => early.delete(href), FRESH);
}

/** The answer that is already under way, if there is one. */
export function takeEarly(request: Request): Promise<Response> | undefined {
  const asked = request.method === 'GET' ? early.get(request.url) : undefined;
  early.delete(request.url);
  return asked;
}

/** Lets go of what was asked for somebody else, or for nobody. */
export function forgetEarly(): void {
  early.clear();
}

/** By the address of the page: who is signed in, and what Today and Cover are going to show. */
export function askForPage(page: URL, settings: (key: string) => string | null): void {
  askEarly('/api/v1/session');
  if (page.pathname === '/today') {
    askEarly('/api/v1/wall');
    askEarly('/api/v1/today');
  }
  if (page.pathname !== '/' && page.pathname !== '/cover') return;
  askEarly('/api/v1/kits');
  askEarly('/api/v1/scopes');
  const pair = JSON.parse(sessionStorage.getItem('gondrik.pair') ?? '{}') as {
    kit?: string;
    scope?: string;
    isTracked?: boolean;
  };
  const asked = { kit: page.searchParams.get('kit'), scope: page.searchParams.get('scope') };
  // Who asks for nothing may be shown something else.
  if (page.pathname === '/' && asked.kit === null && asked.scope === null) return;
  const kit = asked.kit ?? pair.kit;
  const scope = asked.scope ?? pair.scope;
  // What is supposed of a kit is asked by the page.
  const isSupposed = ['with', 'without', 'hand'].some((key) => page.searchParams.has(key));
  if (!kit || !scope || isSupposed) return;
  // Who comes without saying which sees a kit that is kept by its things as it is today (lines/usePair).
  const isOfToday = pair.isTracked && (asked.kit === null || asked.scope === null);
  const on = page.searchParams.get('on') ?? (isOfToday ? new Date().toLocaleDateString('sv-SE') : null);
  // As settings/useSettings has it: what was not chosen here is as the shop tells it.
  const shop = JSON.parse(settings('gondrik.shop') ?? '{}') as { length?: string; force?: string };
  const query = new URLSearchParams({
    kit,
    scope,
    ...(on ? { on } : {}),
    length: settings('gondrik.length') ?? shop.length ?? 'mm',
    force: settings('gondrik.force') ?? shop.force ?? 'N',
  });
  askEarly(`/api/v1/coverage?${query}`);
}
