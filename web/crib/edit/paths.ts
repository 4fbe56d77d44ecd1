import { omit } from '@/shared/omit';

/*
 * A draft is the thing as the workbook writes it. It is changed by paths ("capabilities/0/nests/1/size"), and never in place: what
 * was before can be gone back to. What says nothing is left out, as the workbook does.
 */

export type Draft = Record<string, unknown>;

const isObject = (value: unknown): value is Draft => typeof value === 'object' && value !== null;

export function valueAt(draft: unknown, path: string): unknown {
  return path.split('/').reduce<unknown>((value, key) => (isObject(value) ? value[key] : undefined), draft);
}

const isNothing = (value: unknown) =>
  value === undefined || (isObject(value) && !Array.isArray(value) && Object.keys(value).length === 0);

/** The same with another value at a path; undefined takes it away, and with it an object that then says nothing. */
export function withValue<Thing>(draft: Thing, path: string, value: unknown): Thing {
  const [key = '', ...rest] = path.split('/');
  if (Array.isArray(draft)) {
    const list = [...(draft as unknown[])];
    list[Number(key)] = rest.length ? withValue(list[Number(key)], rest.join('/'), value) : value;
    return list as Thing;
  }
  const from: Draft = isObject(draft) ? draft : {};
  const next = rest.length ? withValue(from[key] ?? {}, rest.join('/'), value) : value;
  if (!isNothing(next)) return { ...from, [key]: next } as Thing;
  return omit(from, key) as Thing;
}

/** The same with one more in a list, at its end or at a place. */
export function withMember<Thing>(draft: Thing, path: string, member: unknown, at?: number): Thing {
  const list = valueAt(draft, path);
  const members = Array.isArray(list) ? [...(list as unknown[])] : [];
  members.splice(at ?? members.length, 0, member);
  return withValue(draft, path, members);
}

/** The same without a member of a list: "capabilities/0/nests/1". */
export function withoutMember<Thing>(draft: Thing, path: string): Thing {
  const list = path.slice(0, path.lastIndexOf('/'));
  const index = Number(path.slice(path.lastIndexOf('/') + 1));
  const members = valueAt(draft, list);
  return Array.isArray(members)
    ? withValue(
        draft,
        list,
        (members as unknown[]).filter((_, at) => at !== index),
      )
    : draft;
}

/** What is wrong at a path or right below it, of problems whose paths begin with the name of the thing. */
export function problemAt(
  problems: { path: string; expected: string }[],
  path: string,
  isDeep = false,
): string | null {
  const found = problems.find((problem) => {
    const at = problem.path.replace(/^(?:changes\/\d+\/)?(?:wire|terminal|tool|kit)\/?/, '');
    return at === path || (isDeep && at.startsWith(`${path}/`));
  });
  return found?.expected ?? null;
}
