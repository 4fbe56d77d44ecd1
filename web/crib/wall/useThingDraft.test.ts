import { expect, it } from 'vitest';
import { tagAfter } from './useThingDraft';

it.each([
  ['CR-09', 'CR-10'],
  ['CR-99', 'CR-100'],
  ['press7', 'press8'],
  ['12', '13'],
  ['press', ''],
  ['', ''],
])('after %j comes %j', (tag, next) => expect(tagAfter(tag)).toBe(next));
