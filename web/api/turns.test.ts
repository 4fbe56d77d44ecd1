import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { fetchInTurn, isWaitingForTurn } from './turns';

const waits = () =>
  new Response(JSON.stringify({ type: 'urn:gondrik:problem:waits', title: 'It waits for its turn' }), {
    status: 503,
    headers: { 'Retry-After': '2' },
  });
const asked = () => new Request('http://127.0.0.1/api/v1/plans', { method: 'POST', body: 'the body' });

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function answering(...answers: Response[]) {
  const bodies: string[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    bodies.push(await request.text());
    return answers.shift() ?? new Response('late');
  });
  return bodies;
}

test('what is answered at once does not wait', async () => {
  const bodies = answering(new Response('done', { status: 201 }));
  expect((await fetchInTurn(asked())).status).toBe(201);
  expect(bodies).toEqual(['the body']);
  expect(isWaitingForTurn.value).toBe(false);
});

test('what waits is sent again with all it brings, and that is told meanwhile', async () => {
  const bodies = answering(waits(), waits(), new Response('done'));
  const answer = fetchInTurn(asked());
  await vi.advanceTimersByTimeAsync(1900);
  expect(isWaitingForTurn.value).toBe(true);
  expect(bodies).toHaveLength(1);
  await vi.advanceTimersByTimeAsync(4000);
  expect(await (await answer).text()).toBe('done');
  expect(bodies).toEqual(['the body', 'the body', 'the body']);
  expect(isWaitingForTurn.value).toBe(false);
});

test('another refusal is told as it is', async () => {
  const busy = new Response(JSON.stringify({ type: 'about:blank' }), { status: 503 });
  const bodies = answering(busy);
  expect((await fetchInTurn(asked())).status).toBe(503);
  expect(bodies).toHaveLength(1);
});

test('whoever goes away waits no longer', async () => {
  const bodies = answering(waits());
  const gone = new AbortController();
  const answer = fetchInTurn(new Request(asked(), { signal: gone.signal }));
  const refused = expect(answer).rejects.toThrow();
  await vi.advanceTimersByTimeAsync(100);
  gone.abort();
  await refused;
  expect(bodies).toHaveLength(1);
  expect(isWaitingForTurn.value).toBe(false);
});

test('in the end the refusal is told', async () => {
  answering(...Array.from({ length: 70 }, waits));
  const answer = fetchInTurn(asked());
  await vi.advanceTimersByTimeAsync(130_000);
  expect((await answer).status).toBe(503);
});
