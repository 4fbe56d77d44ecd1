import { beforeEach, expect, it, vi } from 'vitest';
import { api } from './client';
import { askForPage, takeEarly } from './early';

const asked = vi.fn((address: string) => Promise.resolve(new Response(address)));
beforeEach(() => {
  asked.mockClear();
  vi.stubGlobal('fetch', asked);
  sessionStorage.clear();
});

const page = (address: string, settings: Record<string, string> = {}) => {
  askForPage(new URL(address, location.href), (key) => settings[key] ?? null);
  return asked.mock.calls.map(([one]) => one);
};

it.each([
  ['/shop', {}, ['/api/v1/session']],
  ['/today', {}, ['/api/v1/session', '/api/v1/wall', '/api/v1/today']],
  ['/cover', {}, ['/api/v1/session', '/api/v1/kits', '/api/v1/scopes']],
  [
    '/cover?kit=bag&scope=job',
    { 'gondrik.length': 'inch' },
    [
      '/api/v1/session',
      '/api/v1/kits',
      '/api/v1/scopes',
      '/api/v1/coverage?kit=bag&scope=job&length=inch&force=N',
    ],
  ],
  [
    '/cover?kit=bag&scope=job',
    { 'gondrik.shop': '{"length":"inch","force":"lbf"}', 'gondrik.force': 'N' },
    [
      '/api/v1/session',
      '/api/v1/kits',
      '/api/v1/scopes',
      '/api/v1/coverage?kit=bag&scope=job&length=inch&force=N',
    ],
  ],
  [
    '/cover?kit=bag&scope=job&on=2027-03-01',
    {},
    [
      '/api/v1/session',
      '/api/v1/kits',
      '/api/v1/scopes',
      '/api/v1/coverage?kit=bag&scope=job&on=2027-03-01&length=mm&force=N',
    ],
  ],
])('asks early for what %s is going to show', (address, settings, wanted) => {
  expect(page(address, settings)).toEqual(wanted);
});

it('asks for the kit and scope that were looked at last', () => {
  sessionStorage.setItem('gondrik.pair', JSON.stringify({ kit: 'van', scope: 'yard' }));
  const coverage = '/api/v1/coverage?kit=van&scope=yard&length=mm&force=N';
  expect(page('/cover')).toContain(coverage);
  asked.mockClear();
  expect(page('/')).not.toContain(coverage);
  expect(page('/?kit=van')).toContain(coverage);
});

it('asks of a kit that is kept by its things for today, but where the address says which', () => {
  vi.useFakeTimers({ now: new Date('2027-03-04T12:00:00') });
  sessionStorage.setItem('gondrik.pair', JSON.stringify({ kit: 'van', scope: 'yard', isTracked: true }));
  expect(page('/cover')).toContain('/api/v1/coverage?kit=van&scope=yard&on=2027-03-04&length=mm&force=N');
  asked.mockClear();
  expect(page('/cover?kit=van&scope=yard')).toContain(
    '/api/v1/coverage?kit=van&scope=yard&length=mm&force=N',
  );
  vi.useRealTimers();
});

it('gives an answer once, and to who asks the same', async () => {
  page('/shop');
  const session = new URL('/api/v1/session', location.href).href;
  expect(takeEarly(new Request(session, { method: 'DELETE' }))).toBeUndefined();
  page('/shop');
  expect(await (await takeEarly(new Request(session)))?.text()).toBe('/api/v1/session');
  expect(takeEarly(new Request(session))).toBeUndefined();
});

it('lets go of an answer that was asked for before something was written', async () => {
  page('/cover');
  const baseUrl = new URL('/api/v1', location.href).href;
  await api.PUT('/columns', { baseUrl, parseAs: 'text', body: { columns: [] } });
  expect(takeEarly(new Request(new URL('/api/v1/kits', location.href)))).toBeUndefined();
});

it('lets go of an answer that nobody takes in half a minute', () => {
  vi.useFakeTimers();
  const kits = () => takeEarly(new Request(new URL('/api/v1/kits', location.href)));
  page('/cover');
  vi.advanceTimersByTime(29_000);
  expect(kits()).toBeDefined();
  page('/cover');
  vi.advanceTimersByTime(30_000);
  expect(kits()).toBeUndefined();
  vi.useRealTimers();
});
