import type { Schemas } from '@/api/client';
import type { Units } from '@/settings/units';
import { shown, unitOf } from '@/shared/measures';
import { pretty } from '@/shared/pretty';

/* Figures for the eye. */

export type Figure = Schemas['Figure'];

/** To three or four digits, whole numbers whole. */
const rounded = (value: number): string => String(Number(value.toPrecision(value >= 100 ? 4 : 3)));

/** What is a word of ours, and no name of somebody else's, has no hyphens. */
const unhyphened = (name: string, value: string) => (name === 'verdict' ? value.replaceAll('-', ' ') : value);

/** Members that are shares: told in a hundred. */
const SHARES = new Set(['wall', 'fill', 'awgError', 'mm2Error']);

/** A value with its unit as somebody reads it; a dash for none. */
export function figureText(name: string, { value, unit }: Figure, units: Units): string {
  if (value === null) return '–';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return pretty(unhyphened(name, value));
  if (SHARES.has(name)) return `${Math.round(value * 1000) / 10} %`;
  if (unit === 'mm') return `${shown(Number(rounded(value)), 'length', units)} ${unitOf('length', units)}`;
  if (unit === 'N') return `${shown(Number(rounded(value)), 'force', units)} ${unitOf('force', units)}`;
  return unit === null ? rounded(value) : `${rounded(value)} ${unit === 'mm2' ? 'mm²' : unit}`;
}

const recallWords: Record<Figure['recall'], string> = {
  formula: 'reckoned',
  memory: 'written down from memory of the source',
  'common-practice': 'common practice, no published source',
  measured: 'from what was measured',
  stated: 'as it was stated',
};

/** Where it comes from, in one line. */
export const sourceText = ({ source, recall }: Figure): string =>
  `${pretty(source)} – ${recallWords[recall]}`;

/** What a setting or a member of an answer is called. */
export const figureNames: Record<string, string> = {
  conductor: 'bare conductor',
  insulationOd: 'over the insulation',
  sheathOd: 'over the sheath',
  sheathLength: 'sheath off',
  section: 'at a time',
  damagedStrands: 'damaged strands allowed',
  nickDepth: 'deepest nick',
  pulls: 'pulls',
  stripLength: 'strip',
  temperature: 'iron at',
  cutLength: 'cut the sleeve to',
  force: 'must hold',
  forceLbf: 'in pounds-force',
  hold: 'held for',
  torque: 'torque',
  standard: 'by',
  row: 'row that was read',
  name: 'stock size',
  expanded: 'as it comes',
  recovered: 'shrunk freely',
  ratio: 'shrinks to one in',
  neededRatio: 'one that shrinks to one in',
  area: 'area',
  diameter: 'diameter',
  equivalents: 'taken for',
  up: 'next thicker',
  down: 'next thinner',
  general: 'damaged strands allowed',
  highReliability: 'for high reliability',
  depth: 'deepest nick',
  least: 'at least',
  most: 'at most',
  passes: 'passes',
  fill: 'share of the barrel',
  fits: 'fits',
  awg: 'nearest AWG',
  mm2: 'nearest mm²',
  awgError: 'off by',
  mm2Error: 'off by',
  construction: 'construction',
  stranding: 'built as',
  specification: 'specification',
  sheet: 'sheet',
  size: 'size',
  digits: 'colour digits',
  colours: 'colours',
  verdict: 'verdict',
  hole: 'hole',
  wall: 'share of the wall left',
};

/** An answer in a few words, to be kept beside a line: what it came to, less what is none. */
export function remarkOf(title: string, answer: Schemas['Answer'], units: Units): string {
  const told = Object.entries(answer).flatMap(([name, of]) => {
    const list = (Array.isArray(of) ? of : [of]).filter(({ value }) => value !== null);
    return list.length
      ? [`${figureNames[name] ?? name} ${list.map((figure) => figureText(name, figure, units)).join(', ')}`]
      : [];
  });
  return `${title}: ${told.join(', ')}`;
}
