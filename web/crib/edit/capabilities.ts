import bandTable from '../../../core/data/colour-bands.csv?raw';
import type { Schemas } from '@/api/client';
import type { EditLane, RulerRange } from '../draw/SizeRuler.vue';
import type { Measure } from '@/shared/measures';
import { withoutMember, withValue, type Draft } from './paths';

/*
 * What of a capability is set, by its operation, and how its sizes lie in lanes. The keys are the workbook's; closed lists come
 * with its schema.
 */

type Operation = Schemas['Operation'];

export interface FieldSpec {
  key: string;
  title: string;
  kind: 'number' | 'limits' | 'pick' | 'toggles' | 'check' | 'words' | 'range';
  measure?: Measure;
  /** Of the schema: the closed list. */
  list?: string;
  /** Holds what of the toggles is done only badly. */
  makeshift?: string;
  /** What is asked where nothing is marked: it cannot be left out, and nothing is guessed. */
  asks?: string;
  /** What a pick says where nothing is stated. */
  nothing?: string;
  hint?: string;
}

const range = (key: string, title: string, hint = '22-16 AWG / 0.5-1.5 mm²'): FieldSpec => ({
  key,
  title,
  kind: 'range',
  hint,
});
const length = (key: string, title: string): FieldSpec => ({ key, title, kind: 'number', measure: 'length' });

/** What every capability has besides, whatever it does. */
const ofAny: FieldSpec[] = [
  { key: 'skill', title: 'Hands', kind: 'pick', list: 'skill', nothing: 'any' },
  { key: 'grade', title: 'Done', kind: 'pick', list: 'grade', nothing: 'properly' },
];

const own: Record<Operation, FieldSpec[]> = {
  cut: [
    range('single', 'Single wire'),
    range('multi', 'Multi-core, size of a core'),
    length('maxOd', 'Widest'),
    { key: 'bites', title: 'Bites', kind: 'number', measure: 'count' },
  ],
  strip: [
    { key: 'method', title: 'Method', kind: 'pick', list: 'stripMethod' },
    range('size', 'Sizes'),
    {
      key: 'insulation',
      title: 'Insulation it strips',
      kind: 'toggles',
      list: 'material',
      makeshift: 'insulationMakeshift',
      asks: 'Which insulation does it strip? Mark each, once for cleanly, twice for only just.',
    },
    length('maxOd', 'Widest'),
    { key: 'stop', title: 'Stop', kind: 'limits', measure: 'length' },
    { key: 'gang', title: 'Wires at once', kind: 'number', measure: 'count' },
    { key: 'small', title: 'Blade for small wire', kind: 'check' },
    { key: 'midSpan', title: 'Opens in mid-span', kind: 'check' },
  ],
  'strip-sheath': [
    { key: 'method', title: 'Method', kind: 'pick', list: 'sheathMethod', nothing: 'pull' },
    range('size', 'Size of a core'),
    { key: 'shapes', title: 'Shape of cable', kind: 'toggles', list: 'sheathShape' },
    {
      key: 'materials',
      title: 'Sheaths it takes off',
      kind: 'toggles',
      list: 'material',
      asks: 'Which sheaths does it take off? Mark each.',
    },
    { key: 'od', title: 'Outside diameter', kind: 'limits', measure: 'length' },
    length('section', 'In one pull'),
    length('cold', 'In one pull, cold'),
    { key: 'coldBelow', title: 'Cold is at and below', kind: 'number', measure: 'celsius' },
  ],
  crimp: [
    { key: 'profile', title: 'Profile', kind: 'pick', list: 'profile' },
    { key: 'control', title: 'Stroke', kind: 'pick', list: 'control' },
    {
      key: 'classes',
      title: 'Only for these terminals (none marked: all of its profile)',
      kind: 'toggles',
      list: 'class',
    },
  ],
  sleeve: [{ key: 'heat', title: 'Heat', kind: 'pick', list: 'heat' }, length('maxOd', 'Widest')],
  solder: [{ key: 'temperature', title: 'Temperature', kind: 'limits', measure: 'celsius' }],
  torque: [
    { key: 'range', title: 'Torque', kind: 'limits', measure: 'torque' },
    { key: 'powered', title: 'Powered', kind: 'check' },
  ],
  'pull-test': [{ key: 'capacity', title: 'Pulls up to', kind: 'number', measure: 'force' }],
  extract: [{ key: 'codes', title: 'Codes', kind: 'words', hint: 'size 20; size 16' }],
  'shear-screw': [{ key: 'threads', title: 'Threads', kind: 'words', hint: '6-32; 8-32' }],
};

/** What is easily taken for another method is told beside it. */
const methodWords: Record<string, string> = {
  knife: 'Skins at a flat angle, like a pencil, led by the hand; no blade that is set to a depth.',
  score: 'Rings the insulation by hand and pulls it off; no blade that is set to a depth.',
  'set-depth':
    'A blade set to the depth of the insulation: spun round once, drawn lengthwise, a square end. A solid conductor breaks where it ran.',
};
export const methodWord = (capability: Draft): string | null =>
  capability.op === 'strip' ? (methodWords[String(capability.method)] ?? null) : null;
/** Knives with a set depth were once written down as knives: they stay so until somebody says what they are. */
export const couldBeSet = ({ op, method }: Draft): boolean =>
  op === 'strip' && (method === 'knife' || method === 'score');

const hasHoles = (capability: Draft) => capability.method === 'notch' || capability.method === 'die';

export const fieldsOf = (capability: Draft): FieldSpec[] => [
  ...((own as Partial<typeof own>)[capability.op as Operation] ?? []).filter(
    ({ key }) => !(capability.op === 'strip' && key === 'size' && hasHoles(capability)),
  ),
  ...ofAny,
];

/** The least of a capability of this operation: what somebody goes on from. What it strips is asked, for nobody can guess it. */
export function begun(op: Operation): Draft {
  const least: Record<Operation, Draft> = {
    cut: { single: '22-10 AWG' },
    strip: { method: 'notch', insulation: [], positions: [] },
    'strip-sheath': { shapes: ['round'], materials: [], od: { min: 4, max: 12 } },
    crimp: { profile: 'oval', control: 'full-cycle', nests: [] },
    sleeve: { heat: 'gun' },
    solder: {},
    torque: { range: { min: 0.5, max: 5 } },
    'pull-test': { capacity: 500 },
    extract: { codes: [] },
    'shear-screw': { threads: [] },
  };
  return { op, ...least[op] };
}

/** Changing the method of a stripper changes whether it has holes or a range. */
export function withMethod(capability: Draft, method: string): Draft {
  const next: Draft = { ...capability, method };
  if (capability.op !== 'strip') return next;
  const { size, positions, ...rest } = next;
  return hasHoles(next) ? { ...rest, positions: positions ?? [] } : { ...rest, size: size ?? '20-10 AWG' };
}

type Position = { label: string; solid?: string; stranded?: string; hole?: number };
type Nest = { label: string; code?: string; size?: string; proven?: string };

/** Lanes of the ruler of one capability, by what is printed on it and what is proven. */
export function lanesOf(capability: Draft, base: string): EditLane[] {
  const text = (key: string) => capability[key] as string | undefined;
  const note = text('note');
  const remark = note === undefined ? {} : { remark: note };
  const inside = { path: `${base}/proven`, text: text('proven'), ...remark };
  const one = (key: string, title: string, proven?: RulerRange['proven'], adds?: string): EditLane => ({
    key: `${base}/${key}`,
    title,
    ranges:
      text(key) === undefined
        ? []
        : [
            {
              path: `${base}/${key}`,
              label: title,
              text: text(key),
              ...(proven ? { proven } : {}),
              ...(adds ? { isOneOfMany: true } : {}),
            },
          ],
    ...(adds && text(key) === undefined ? { adds } : {}),
  });
  const proven = one('proven', 'Proven', undefined, 'Add what is proven');

  switch (capability.op) {
    case 'cut':
      return [one('single', 'Single wire', inside), one('multi', 'Multi-core', undefined, 'Add multi-core')];
    case 'strip':
      if (!hasHoles(capability)) return [one('size', 'Strips', inside)];
      return [
        ...(['solid', 'stranded'] as const).map((which) => ({
          key: `${base}/positions/${which}`,
          title: which === 'solid' ? 'Solid' : 'Stranded',
          adds: `Add a ${capability.method === 'die' ? 'die' : 'notch'} for ${which} wire`,
          ranges: ((capability.positions ?? []) as Position[]).flatMap((position, at) =>
            position[which] === undefined
              ? []
              : [
                  {
                    path: `${base}/positions/${at}/${which}`,
                    label: position.label,
                    text: position[which],
                    isOneOfMany: true,
                  },
                ],
          ),
        })),
        ...(text('proven') === undefined ? [] : [proven]),
      ];
    case 'strip-sheath':
      return [one('size', 'Size of a core', inside, 'Add the size of a core')];
    case 'crimp':
      return [
        ...((capability.nests ?? []) as Nest[]).map((nest, at) => ({
          key: `${base}/nests/${at}`,
          title: `Nest ${nest.label}`,
          ranges: [
            {
              path: `${base}/nests/${at}/size`,
              label: nest.label,
              code: nest.code ?? null,
              text: nest.size,
              proven: { path: `${base}/nests/${at}/proven`, text: nest.proven, ...remark },
              isOneOfMany: true,
            },
          ],
          ...(nest.size === undefined ? { adds: `Give nest ${nest.label} a size` } : {}),
        })),
        ...(text('proven') === undefined ? [] : [proven]),
      ];
    default:
      return [];
  }
}

const plain = (text: string) => text.replace(/ (AWG|mm2)$/, '');

/** One more where the empty lane was clicked. */
export function withAdded<Thing extends object>(tool: Thing, lane: string, text: string): Thing {
  const [, base = '', which] = /^(.*)\/positions\/(solid|stranded)$/.exec(lane) ?? [];
  if (which) {
    const list = `${base}/positions`;
    const positions = (listAt(tool, list) as Position[] | undefined) ?? [];
    return withValue(tool, list, [...positions, { label: plain(text), [which]: text }]);
  }
  return withValue(tool, /\/nests\/\d+$/.test(lane) ? `${lane}/size` : lane, text);
}

/** A size of a hole or nest; its label follows, as long as it is that of the size and nobody has written another. */
export function withSizeAt<Thing extends object>(tool: Thing, path: string, text: unknown): Thing {
  const next = withValue(tool, path, text);
  const [, place, key] = /^((?:.*\/)?(?:positions|nests)\/\d+)\/(solid|stranded|size)$/.exec(path) ?? [];
  if (!place || !key || typeof text !== 'string' || text === '') return next;
  const one = valueOf(tool, place) as Position & Nest;
  const was = one[key as 'solid'];
  const isNamed = key !== 'stranded' || one.solid === undefined;
  const isOfSize = !one.label || (was !== undefined && one.label === plain(was));
  return isNamed && isOfSize ? withValue(next, `${place}/label`, plain(text)) : next;
}

/** Without what a bar stood for: a notch that then says nothing goes with it, and so does a nest. */
export function withRemoved<Thing extends object>(tool: Thing, path: string): Thing {
  const nest = /^(.*\/nests\/\d+)\/size$/.exec(path);
  if (nest) return withoutMember(tool, nest[1] ?? '');
  const [, position, which] = /^(.*\/positions\/\d+)\/(solid|stranded)$/.exec(path) ?? [];
  if (!position || !which) return withValue(tool, path, undefined);
  const other = which === 'solid' ? 'stranded' : 'solid';
  const left = valueOf(tool, position) as Position;
  return left[other] === undefined && left.hole === undefined
    ? withoutMember(tool, position)
    : withValue(tool, path, undefined);
}

const valueOf = (thing: object, path: string): unknown =>
  path.split('/').reduce<unknown>((value, key) => (value as Draft | undefined)?.[key], thing);
const listAt = (thing: object, path: string) => valueOf(thing, path) as unknown[] | undefined;

/** The nests of a crimper for insulated terminals, by the bands of the trade. */
export const bandNests: Nest[] = bandTable
  .trim()
  .split('\n')
  .slice(1)
  .map((row) => row.split(','))
  .map(([band = '', awg = '', mm2 = '']) => ({ label: band, code: band, size: `${awg} AWG / ${mm2} mm2` }));

/** Holes for these sizes: marked for solid, for stranded, or for both, where stranded is one size finer in the same hole. */
export function holesFor(
  sizes: string[],
  marking: 'solid' | 'stranded' | 'both',
  finer: (size: string) => string,
): Position[] {
  return sizes.map((size) => ({
    label: plain(size),
    ...(marking === 'stranded' ? {} : { solid: size }),
    ...(marking === 'solid' ? {} : { stranded: marking === 'both' ? finer(size) : size }),
  }));
}

/** What a new tool begins as. */
export const beginnings: { title: string; tool: Draft }[] = [
  { title: 'Notched stripper', tool: { kind: 'stripper', capabilities: [begun('strip')] } },
  {
    title: 'Self-adjusting stripper',
    tool: {
      kind: 'stripper',
      capabilities: [
        {
          op: 'strip',
          method: 'self-adjusting',
          insulation: [],
          size: '24-10 AWG / 0.25-6 mm2',
          stop: { min: 5, max: 18 },
        },
      ],
    },
  },
  { title: 'Crimper', tool: { kind: 'crimper', capabilities: [begun('crimp')] } },
  { title: 'Cutter', tool: { kind: 'cutter', capabilities: [begun('cut')] } },
  { title: 'Sheath stripper', tool: { kind: 'sheath-stripper', capabilities: [begun('strip-sheath')] } },
  { title: 'Torque driver', tool: { kind: 'torque', capabilities: [begun('torque')] } },
  { title: 'Something else', tool: { kind: 'other', capabilities: [] } },
];
