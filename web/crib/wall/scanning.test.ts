import { afterEach, expect, it, vi } from 'vitest';
import { camera, canScan, detector, eachOnce } from './scanning';

afterEach(() => vi.unstubAllGlobals());

it('tells a code once while it stays before the camera, and again when it comes back', () => {
  const told: string[] = [];
  const see = eachOnce((code) => told.push(code));
  see(['A', 'A']);
  see(['A', 'B']);
  see([]);
  see(['A']);
  expect(told).toEqual(['A', 'B', 'A']);
});

it('scans only where there are a detector and a camera', () => {
  vi.stubGlobal('navigator', { mediaDevices: { getUserMedia: vi.fn() } });
  expect(canScan()).toBe(false);
  expect(() => detector()).toThrow('reads no codes');
  vi.stubGlobal('BarcodeDetector', vi.fn());
  expect(canScan()).toBe(true);
  vi.stubGlobal('navigator', {});
  expect(canScan()).toBe(false);
});

it('asks for codes of labels, by the camera at the back', async () => {
  const Made = vi.fn();
  const getUserMedia = vi.fn(() => Promise.resolve('stream'));
  vi.stubGlobal('BarcodeDetector', Made);
  vi.stubGlobal('navigator', { mediaDevices: { getUserMedia } });
  detector();
  expect(Made).toHaveBeenCalledExactlyOnceWith({ formats: ['qr_code'] });
  expect(await camera()).toBe('stream');
  expect(getUserMedia).toHaveBeenCalledExactlyOnceWith({ video: { facingMode: 'environment' } });
});
