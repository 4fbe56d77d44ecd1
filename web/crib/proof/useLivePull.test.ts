import { effectScope } from 'vue';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { useLivePull } from './useLivePull';

/** What the browser gives for a stream of events, without a server. */
class Source extends EventTarget {
  static readonly CLOSED = 2;
  static made: Source[] = [];
  readyState = 1;
  constructor(readonly address: string) {
    super();
    Source.made.push(this);
  }
  close(): void {
    this.readyState = 2;
  }
  tell(kind: string, data: object = {}): void {
    this.dispatchEvent(new MessageEvent(kind, { data: JSON.stringify({ kind, ...data }) }));
  }
}

let scope = effectScope();
const live = () => scope.run(() => useLivePull())!;
beforeEach(() => {
  Source.made = [];
  scope = effectScope();
  vi.stubGlobal('EventSource', Source);
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
});

it('asks for a pull of its own each time, and hears nothing more of the one before', () => {
  const { pull, arm } = live();
  arm('bench');
  const [first] = Source.made;
  first?.tell('ready');
  first?.tell('peak', { force: 83, text: '83 N' });
  expect(pull.value).toMatchObject({ phase: 'peak', force: 83 });
  expect(first?.readyState).toBe(2);
  arm('bench');
  const [, second] = Source.made;
  expect(second?.address).toMatch(/^\/api\/v1\/gauges\/bench\/pull\?test=[0-9a-f]{32}&by=[0-9a-f]{32}$/);
  const by = (source?: Source) => source?.address.split('by=')[1];
  expect(by(second)).toBe(by(first));
  expect(second?.address).not.toBe(first?.address);
  first?.tell('peak', { force: 99, text: '99 N' });
  expect(pull.value?.phase).toBe('arming');
});

it('bears a break or two, and says it when the connection is gone for good', () => {
  const { pull, arm } = live();
  arm('bench');
  const [source] = Source.made;
  source?.tell('reading', { at: 1, force: 71 });
  for (let times = 0; times < 3; times++) source?.dispatchEvent(new Event('error'));
  // Heard of again, it begins to count anew.
  source?.tell('reading', { at: 2, force: 70 });
  for (let times = 0; times < 3; times++) source?.dispatchEvent(new Event('error'));
  expect(pull.value?.phase).toBe('pulling');
  source?.dispatchEvent(new Event('error'));
  expect(pull.value).toMatchObject({ phase: 'fault', force: 71 });
  expect(source?.readyState).toBe(2);

  arm('bench');
  const [, refused] = Source.made;
  refused!.readyState = 2;
  refused!.dispatchEvent(new Event('error'));
  expect(pull.value).toMatchObject({ phase: 'fault', force: null });
});

it('takes no error for one after the peak, and lets go when the page does', () => {
  const { pull, arm } = live();
  arm('bench');
  Source.made[0]?.tell('peak', { force: 83, text: '83 N' });
  Source.made[0]?.dispatchEvent(new Event('error'));
  expect(pull.value?.phase).toBe('peak');
  arm('bench');
  scope.stop();
  expect(Source.made[1]?.readyState).toBe(2);
  expect(pull.value).toBeNull();
});
