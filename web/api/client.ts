import createClient, { type Middleware } from 'openapi-fetch';
import { forgetEarly, takeEarly } from './early';
import { askOrKept } from './kept';
import type { components, paths } from './schema';
import { tellOwnChange } from './ownChange';
import { fetchInTurn } from './turns';

export type Schemas = components['schemas'];

/** An answer of the API that is no success: problem+json, or what stands for it when nobody answered. */
export class ApiProblem extends Error {
  constructor(readonly problem: Schemas['Problem']) {
    super(problem.title);
  }
}

const unreachable: Schemas['Problem'] = {
  type: 'about:blank',
  title: 'The server does not answer',
  status: 0,
  detail: 'Check that it runs, then try again. Nothing was lost.',
};

function token(): string | null {
  const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));
  return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : null;
}

const session: Middleware = {
  async onRequest({ request }) {
    if (request.method !== 'GET') {
      // What was asked before a write and taken after it would be old.
      forgetEarly();
      if (token() === null) await fetch('/sanctum/csrf-cookie', { credentials: 'same-origin' });
    }
    const value = token();
    if (value) request.headers.set('X-XSRF-TOKEN', value);
    request.headers.set('Accept', 'application/json');
    return request;
  },
  onResponse({ response }) {
    tellOwnChange(response);
  },
  onError() {
    return new ApiProblem(unreachable);
  },
};

export const api = createClient<paths>({
  baseUrl: '/api/v1',
  credentials: 'same-origin',
  // An early answer that is none (nobody was signed in yet) is asked for again.
  fetch: (request) =>
    askOrKept(request, async () => {
      const early = await takeEarly(request)?.catch(() => undefined);
      return early?.ok ? early : fetchInTurn(request);
    }),
});
api.use(session);

/** Whether somebody else has changed what was to be written: then both are shown, and nothing is lost. */
export function isChangedMeanwhile(error: unknown): error is ApiProblem {
  return error instanceof ApiProblem && error.problem.type === 'urn:gondrik:problem:changed';
}

function isRefusal(data: unknown): data is Schemas['Problem'] {
  const { type, status } = (typeof data === 'object' && data !== null ? data : {}) as Record<string, unknown>;
  return typeof type === 'string' && typeof status === 'number' && status >= 400;
}

/** The data of an answer; throws its problem where it is none. */
export async function answer<Data>(
  call: Promise<{ data?: Data; error?: unknown; response: Response }>,
): Promise<Data> {
  const { data, error, response } = await call;
  // An answer that was begun while it was computed keeps its status, whatever became of it.
  if (response.ok && isRefusal(data)) throw new ApiProblem(data);
  if (response.ok) return data as Data;
  const isProblem = typeof error === 'object' && error !== null && 'title' in error;
  throw new ApiProblem(
    isProblem ? (error as Schemas['Problem']) : { ...unreachable, status: response.status },
  );
}

/** Under which number the history has what was written; 0 where nothing was. */
export const changeOf = (response: Response): number => Number(response.headers.get('Gondrik-Change'));

/** What to tell somebody of any error. */
export function problemOf(error: unknown): Schemas['Problem'] {
  return error instanceof ApiProblem ? error.problem : unreachable;
}
