import { expect, it } from 'vitest';
import { tools } from '../crib.fixture';
import { lanesOf } from './capabilities';
import { problemAt, valueAt, withMember, withoutMember, withValue, type Draft } from './paths';

/** Every path of a thing, down to its values. */
function pathsOf(value: unknown, path = ''): string[] {
  if (typeof value !== 'object' || value === null) return [path];
  return Object.entries(value).flatMap(([key, member]) =>
    pathsOf(member, path === '' ? key : `${path}/${key}`),
  );
}

it('leaves every tool as it is where the same is put where it stood', () => {
  expect(tools.length).toBeGreaterThan(200);
  for (const tool of tools as unknown as Draft[]) {
    for (const path of pathsOf(tool)) expect(withValue(tool, path, valueAt(tool, path))).toEqual(tool);
  }
});

it('changes one value and nothing else, and back again', () => {
  for (const tool of tools as unknown as Draft[]) {
    const before = JSON.stringify(tool);
    for (const path of pathsOf(tool)) {
      const changed = withValue(tool, path, 'other');
      expect(valueAt(changed, path)).toBe('other');
      expect(withValue(changed, path, valueAt(tool, path))).toEqual(tool);
    }
    expect(JSON.stringify(tool)).toBe(before);
  }
});

it('draws every range of every tool with the text that the tool has', () => {
  let drawn = 0;
  for (const tool of tools as unknown as Draft[]) {
    ((tool.capabilities as Draft[] | undefined) ?? []).forEach((capability, at) => {
      for (const { ranges } of lanesOf(capability, `capabilities/${at}`)) {
        for (const { path, text, proven } of ranges) {
          expect(valueAt(tool, path)).toBe(text);
          expect(proven ? valueAt(tool, proven.path) : undefined).toBe(proven?.text);
          drawn++;
        }
      }
    });
  }
  expect(drawn).toBeGreaterThan(400);
});

it('takes away what says nothing, and the object that then is empty', () => {
  const tool: Draft = { name: 'A', stop: { min: 5, max: 18 }, list: [1, 2, 3] };
  expect(withValue(tool, 'stop/min', undefined)).toEqual({ name: 'A', stop: { max: 18 }, list: [1, 2, 3] });
  expect(withValue(withValue(tool, 'stop/min', undefined), 'stop/max', undefined)).toEqual({
    name: 'A',
    list: [1, 2, 3],
  });
  expect(withValue(tool, 'sheath/od', 9)).toEqual({ ...tool, sheath: { od: 9 } });
  expect(withoutMember(tool, 'list/1')).toEqual({ ...tool, list: [1, 3] });
  expect(withMember(tool, 'list', 9, 1)).toEqual({ ...tool, list: [1, 9, 2, 3] });
  expect(withMember(tool, 'more', 9)).toEqual({ ...tool, more: [9] });
});

it('finds what is wrong at its place, whatever the thing is called', () => {
  const problems = [
    { path: 'tool/capabilities/0/size', expected: 'a range' },
    { path: 'changes/2/wire/size', expected: 'a size' },
  ];
  expect(problemAt(problems, 'capabilities/0/size')).toBe('a range');
  expect(problemAt(problems, 'size')).toBe('a size');
  expect(problemAt(problems, 'capabilities/0')).toBeNull();
  expect(problemAt(problems, 'capabilities/0', true)).toBe('a range');
});
