import { beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from './client';

const device = vi.hoisted(() => new Map<string, unknown>());
vi.mock('idb-keyval', () => ({
  createStore: () => ({}),
  get: (key: string) => Promise.resolve(device.get(key)),
  set: (key: string, value: unknown) => Promise.resolve(void device.set(key, value)),
  del: (key: string) => Promise.resolve(void device.delete(key)),
  clear: () => Promise.resolve(device.clear()),
}));

const person = (id: number, shopId = 7): Schemas['Person'] =>
  ({ id, shopId, name: 'Ivo', email: 'i@x', role: 'hand', shop: 'T', maySetUpTheShop: false }) as never;
const request = (path: string) => new Request(`http://localhost/api/v1/${path}`);
const says = (body: unknown, status = 200) => Promise.resolve(Response.json(body, { status }));
const nobody = () => Promise.reject(new TypeError('Failed to fetch'));

/** A page that is opened anew on the same device. */
async function opened() {
  vi.resetModules();
  return import('./kept');
}

beforeEach(() => device.clear());

it('gives what it kept where nobody answers', async () => {
  const page = await opened();
  await page.keepSession({ person: person(1), demo: [] });
  await page.askOrKept(request('kits'), () => says({ data: ['pylon'] }));
  await vi.waitFor(() => expect(device.has('/api/v1/kits')).toBe(true));
  const heard: string[] = [];
  page.whenKeptIsGiven((path) => heard.push(path));

  for (const ask of [nobody, () => says({}, 502), () => says({}, 503), () => says({}, 504)]) {
    const instead = await page.askOrKept(request('kits'), ask);
    expect(await instead.json()).toEqual({ data: ['pylon'] });
  }
  expect(heard).toHaveLength(4);
});

it('tells what a server refuses, and keeps nothing else', async () => {
  const page = await opened();
  await page.keepSession({ person: person(1), demo: [] });
  await page.askOrKept(request('kits'), () => says({ data: [] }));
  await page.askOrKept(request('tools'), () => says({ data: [] }));
  await page.askOrKept(request('scopes'), () => says({ title: 'No' }, 403));
  await vi.waitFor(() => expect([...device.keys()]).toEqual(['/api/v1/session', '/api/v1/kits']));
  expect((await page.askOrKept(request('kits'), () => says({}, 401))).status).toBe(401);
  await expect(page.askOrKept(request('scopes'), nobody)).rejects.toThrow('Failed to fetch');
  await expect(page.askOrKept(request('tools'), nobody)).rejects.toThrow('Failed to fetch');
});

it('lets who was signed in go on with a page that is opened without a server', async () => {
  const before = await opened();
  await before.askOrKept(request('session'), () => says({ person: person(1), demo: ['accounts'] }));
  await vi.waitFor(() => expect(device.size).toBe(1));
  await before.keeping()('cards', ['one']);

  const page = await opened();
  expect(await page.kept('cards')).toBeUndefined();
  const session = await page.askOrKept(request('session'), nobody);
  expect(await session.json()).toEqual({ person: person(1), demo: [] });
  expect((await page.kept('cards'))?.body).toEqual(['one']);
});

it.each([
  ['another person', person(2)],
  ['the same in another shop', person(1, 8)],
])('gives nothing of it to %s', async (_, other) => {
  const before = await opened();
  await before.keepSession({ person: person(1), demo: [] });
  await before.keeping()('cards', ['one']);

  const page = await opened();
  await page.keepSession({ person: other, demo: [] });
  expect(await page.kept('cards')).toBeUndefined();
  expect([...device.keys()]).toEqual(['/api/v1/session']);
});

it('keeps nothing under the name of one while another has signed in at the same device', async () => {
  const here = await opened();
  await here.keepSession({ person: person(1), demo: [] });
  const there = await opened();
  await there.keepSession({ person: person(2), demo: [] });
  await here.keeping()('cards', ['of the second']);
  await here.askOrKept(request('kits'), () => says({ data: ['of the second'] }));
  await new Promise((resolve) => setTimeout(resolve));
  expect([...device.keys()]).toEqual(['/api/v1/session']);
});

it('lets nobody in where a session has ended or somebody signed out', async () => {
  const page = await opened();
  await page.keepSession({ person: person(1), demo: [] });
  await page.keeping()('cards', ['one']);
  await page.keepSession({ person: null, demo: [] });
  await expect((await opened()).askOrKept(request('session'), nobody)).rejects.toThrow();
  // The same person finds it again.
  await page.keepSession({ person: person(1), demo: [] });
  expect((await page.kept('cards'))?.body).toEqual(['one']);

  await page.forgetKept();
  expect(device.size).toBe(0);
});

it('keeps nothing that was asked for before somebody else came to the page', async () => {
  const page = await opened();
  await page.keepSession({ person: person(1), demo: [] });
  const keep = page.keeping();
  expect(await keep('cards', ['mine'])).toBe(true);
  await page.keepSession({ person: person(2), demo: [] });
  expect(await keep('cards', ['of the first'])).toBe(false);
  expect(await page.kept('cards')).toBeUndefined();
});

it('keeps no answer that comes after somebody has left', async () => {
  const page = await opened();
  await page.keepSession({ person: person(1), demo: [] });
  let come: (answer: Response) => void = () => undefined;
  const asked = page.askOrKept(request('kits'), () => new Promise((resolve) => (come = resolve)));
  await page.forgetKept();
  await page.keepSession({ person: person(2), demo: [] });
  come(Response.json({ data: ['of the first'] }));
  await asked;
  await new Promise((resolve) => setTimeout(resolve));
  expect([...device.keys()]).toEqual(['/api/v1/session']);
});
