import { expect, it } from 'vitest';
import { placeAt } from './places';

it.each([
  ['/work', 'Work'],
  ['/work/table', 'Work'],
  ['/shop/history', 'Shop'],
  ['/workshop', undefined],
  ['/', undefined],
])('%s is in %s', (path, title) => expect(placeAt(path)?.title).toBe(title));
