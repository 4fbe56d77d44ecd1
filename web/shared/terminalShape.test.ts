import { expect, it } from 'vitest';
import { shapeOf } from './terminalShape';

it.each([
  [{ shape: 'Ring' }, 'ring'],
  [{ class: 'lug' }, 'ring'],
  [{ shape: 'fork' }, 'fork'],
  [{ shape: 'butt' }, 'butt'],
  [{ ends: 2 }, 'butt'],
  [{ shape: 'push-on female' }, 'blade'],
  [{ shape: 'bullet' }, 'pin'],
  [{ shape: null }, 'pin'],
])('draws %o as a %s', (terminal, shape) => {
  expect(shapeOf(terminal)).toBe(shape);
});
