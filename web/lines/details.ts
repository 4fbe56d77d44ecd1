import type { Schemas } from '@/api/client';
import { torqueText } from '@/shared/measures';

type Line = Schemas['Line'];

/** What a line may say besides its wire, its terminal and how many: each a column of the sheet once a line says it. */
export interface Detail {
  key: Schemas['SheetColumnName'] & keyof Line;
  title: string;
  /** Words that it takes; any text where there are none. */
  options?: readonly string[];
  /** As it is read back when it is typed; null where the line leaves it at its default. */
  text: (line: Line) => string | null;
}

const YES = ['yes', 'no'] as const;

const yes = (key: 'wet' | 'noMains' | 'midSpan' | 'housing' | 'movable', title: string): Detail => ({
  key,
  title,
  options: YES,
  text: (line) => (line[key] ? 'yes' : null),
});

const word = (
  key: 'place' | 'access' | 'prep' | 'sleeve' | 'clamp',
  title: string,
  options: readonly string[],
): Detail => ({ key, title, options, text: (line) => line[key] ?? null });

const figure = (key: 'ambient' | 'temperature' | 'wiresInBarrel', title: string, unit: string): Detail => ({
  key,
  title,
  text: (line) => (line[key] === undefined ? null : `${line[key]}${unit}`),
});

/** In the order in which people say them. */
export const details: readonly Detail[] = [
  { key: 'wireB', title: 'Second wire', text: (line) => line.wireB ?? null },
  figure('wiresInBarrel', 'In barrel', ''),
  word('prep', 'Strands', ['none', 're-laid', 'twist', 'tin']),
  { key: 'stud', title: 'Stud', text: (line) => line.stud ?? null },
  word('clamp', 'Clamp', ['rectangular', 'round', 'spring']),
  {
    key: 'torque',
    title: 'Torque',
    text: ({ torque }) => (torque === undefined ? null : torqueText(torque)),
  },
  word('place', 'Place', ['plain', 'corrosive', 'vibration', 'hot']),
  yes('wet', 'Wet'),
  figure('ambient', 'Worked at', ' °C'),
  yes('noMains', 'No mains'),
  word('access', 'Access', ['open', 'tight', 'one-handed']),
  yes('midSpan', 'Mid-span'),
  yes('housing', 'Housing'),
  word('sleeve', 'Sleeve', ['none', 'plain', 'lined', 'tape']),
  yes('movable', 'Can come'),
  { key: 'shear', title: 'Thread', text: (line) => line.shear ?? null },
  figure('temperature', 'Iron', ' °C'),
  { key: 'note', title: 'Note', text: (line) => line.note ?? null },
];

/** Those that some line says, and those that somebody wants to write. */
export const detailsOf = (lines: Line[], wanted: readonly string[]): Detail[] =>
  details.filter(({ key, text }) => wanted.includes(key) || lines.some((line) => text(line) !== null));
