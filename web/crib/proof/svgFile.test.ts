import { expect, it } from 'vitest';
import { standalone } from './svgFile';

it('writes a drawing that needs no page: its looks are in it, its classes are not', () => {
  document.body.innerHTML =
    '<style>.run { stroke: rgb(1, 2, 3); fill: none }</style>' +
    '<svg data-v-1 aria-hidden="true" viewBox="0 0 9 9"><path class="run" d="M0 0L9 9"/></svg>';
  const text = standalone(document.querySelector('svg')!, 'CR-01 <red>');
  const read = new DOMParser().parseFromString(text, 'image/svg+xml');
  const path = read.querySelector('path')!;
  expect(read.querySelector('parsererror')).toBeNull();
  expect(read.documentElement.namespaceURI).toBe('http://www.w3.org/2000/svg');
  expect(read.querySelector('title')?.textContent).toBe('CR-01 <red>');
  expect([path.getAttribute('stroke'), path.getAttribute('fill')]).toEqual(['rgb(1, 2, 3)', 'none']);
  expect(text).not.toMatch(/class=|data-v|aria-hidden/);
  // The page's own stays as it was.
  expect(document.querySelector('path')?.getAttribute('class')).toBe('run');
});
