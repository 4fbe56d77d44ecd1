import { expect, it } from 'vitest';
import { again, enough, mean, PIECES, pressed, seconds, still, type Watch } from './timedPieces';

/** Presses at these moments, from one that stands still. */
const at = (...moments: number[]): Watch => moments.reduce(pressed, still());

it('times piece after piece, from the first press on', () => {
  expect(at(1000)).toEqual({ since: 1000, pieces: [] });
  expect(at(1000, 7000, 15000)).toEqual({ since: 15000, pieces: [6000, 8000] });
  expect([seconds(at(1000, 7000, 15000)), mean(at(1000, 7000, 15000))]).toEqual([14, 7]);
});

it('stands still after ten pieces, and counts no eleventh', () => {
  const ten = at(0, ...Array.from({ length: PIECES }, (_, piece) => (piece + 1) * 6340));
  expect([ten.since, ten.pieces.length, seconds(ten), mean(ten)]).toEqual([null, 10, 63.4, 6.3]);
  expect(pressed(ten, 99_000)).toEqual(ten);
});

it('begins a piece again that went wrong: what was lost on it counts for none', () => {
  const wrong = again(at(0, 5000), 30_000);
  expect(wrong).toEqual({ since: 30_000, pieces: [5000] });
  expect(pressed(wrong, 36_000).pieces).toEqual([5000, 6000]);
});

it('is enough before ten: the piece in hand does not count, and the last may be forgotten', () => {
  const four = enough(at(0, 4000, 8000));
  expect(four).toEqual({ since: null, pieces: [4000, 4000] });
  expect(again(four, 9000)).toEqual({ since: null, pieces: [4000] });
  expect(pressed(four, 20_000)).toEqual({ since: 20_000, pieces: [4000, 4000] });
});

it('has no mean of nothing, and never no time at all', () => {
  expect([mean(still()), seconds(still()), seconds(at(0, 10)), mean(at(0, 10))]).toEqual([
    null,
    0.1,
    0.1,
    0.1,
  ]);
});
