import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { useDone } from './useDone';

beforeEach(() => setActivePinia(createPinia()));

it('tells the last thing that was done, and takes it back once', async () => {
  const done = useDone();
  const undo = vi.fn(() => Promise.resolve());
  done.tell({ said: 'Twelve lines added' });
  done.tell({ said: 'Line removed', undo });
  await Promise.all([done.undo(), done.undo()]);
  expect(undo).toHaveBeenCalledOnce();
  expect(done.last).toEqual({ said: 'Taken back: Line removed' });
  await done.undo();
  expect(undo).toHaveBeenCalledOnce();
});

it('keeps what could not be taken back, and why', async () => {
  const done = useDone();
  const error = new Error('changed meanwhile');
  done.tell({ said: 'Line removed', undo: () => Promise.reject(error) });
  await done.undo();
  expect(done.last?.said).toBe('Line removed');
  expect(done.failed).toBe(error);
  done.tell({ said: 'Line added' });
  expect(done.failed).toBeNull();
});
