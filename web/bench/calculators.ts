import type { Calculation } from '@/data/bench';
import type { Schemas } from '@/api/client';

/* What can be reckoned: the fields of each, by the names of the command line. */

export interface Field {
  name: string;
  label: string;
  kind: 'text' | 'mm' | 'count' | 'choice' | 'flag';
  /** Of a choice. */
  of?: readonly string[];
  hint?: string;
  isOptional?: boolean;
}

export interface Calculator {
  what: Calculation;
  title: string;
  about: string;
  /** Something that can be asked, for who wants to see what comes of it. */
  example: Record<string, string>;
  fields: Field[];
}

const size: Field = { name: 'size', label: 'Size', kind: 'text', hint: '12 AWG or 2.5 mm²' };
const construction: Field = {
  name: 'construction',
  label: 'Construction',
  kind: 'choice',
  of: ['solid', 'stranded', 'fine'],
};
const strands: Field = { name: 'strands', label: 'Strands', kind: 'count', isOptional: true };
const insulation: Field = {
  name: 'insulation-od',
  label: 'Over the insulation',
  kind: 'mm',
  isOptional: true,
};

const classes: readonly NonNullable<Schemas['Terminal']['class']>[] = [
  'insulated',
  'heat-shrink',
  'bare',
  'open-barrel',
  'sealed-open-barrel',
  'solid-contact',
  'ferrule',
  'twin-ferrule',
  'lug',
  'tap',
  'ribbon',
  'coax',
  'ignition',
  'solder-cup',
  'solder-splice',
  'screw-clamp',
  'push-in',
  'twist-on',
];

export const calculators: Calculator[] = [
  {
    what: 'pull',
    title: 'Pull force',
    about: 'The least force that a termination must hold.',
    example: { size: '12 AWG', class: 'insulated' },
    fields: [
      size,
      { name: 'class', label: 'Terminal', kind: 'choice', of: classes },
      {
        name: 'standard',
        label: 'Standard',
        kind: 'choice',
        of: [
          'by-class',
          'UL 486A-486B',
          'IEC 60352-2',
          'SAE AS7928',
          'ABYC E-11',
          'IEC 60947-1',
          'IEC 61238-1',
        ],
        isOptional: true,
      },
    ],
  },
  {
    what: 'sleeve',
    title: 'Sleeve',
    about: 'The stock size that passes over the widest and grips the narrowest, and how long to cut it.',
    example: { widest: '5.5', narrowest: '4', covered: '30' },
    fields: [
      { name: 'widest', label: 'Widest', kind: 'mm' },
      { name: 'narrowest', label: 'Narrowest', kind: 'mm' },
      {
        name: 'covered',
        label: 'Covered length',
        kind: 'mm',
        hint: 'the insulation too',
        isOptional: true,
      },
      { name: 'lined', label: 'Lined with glue', kind: 'flag', isOptional: true },
    ],
  },
  {
    what: 'notch',
    title: 'Notch',
    about: 'What a hole does to a wire: a clean end, a ragged one, cut strands, or nothing.',
    example: { size: '12 AWG', construction: 'stranded', hole: '2.2' },
    fields: [
      size,
      construction,
      strands,
      insulation,
      { name: 'hole', label: 'Measured hole', kind: 'mm', hint: 'or its label', isOptional: true },
      {
        name: 'label',
        label: 'Label of the hole',
        kind: 'text',
        hint: '14 AWG, where not measured',
        isOptional: true,
      },
    ],
  },
  {
    what: 'identify',
    title: 'Which wire is it',
    about: 'From a caliper and the bend test to the nearest sizes.',
    example: { strands: '19', 'strand-diameter': '0.45', bend: 'stays' },
    fields: [
      { name: 'strands', label: 'Strands', kind: 'count', isOptional: true },
      { name: 'strand-diameter', label: 'One strand', kind: 'mm', isOptional: true },
      {
        name: 'conductor',
        label: 'Or over the conductor',
        kind: 'mm',
        isOptional: true,
      },
      { name: 'bend', label: 'Bent, it', kind: 'choice', of: ['stays', 'springs'], isOptional: true },
    ],
  },
  {
    what: 'code',
    title: 'Wire code',
    about: 'What is printed on the wire.',
    example: { code: 'M22759/32-20-6' },
    fields: [{ name: 'code', label: 'Code', kind: 'text', hint: 'M22759/32-20-6' }],
  },
  {
    what: 'size',
    title: 'Size',
    about: 'Area, diameter, what the trade takes it for, and its neighbours.',
    example: { size: '2.5 mm2' },
    fields: [size],
  },
  {
    what: 'diameter',
    title: 'Conductor',
    about: 'What a caliper finds over the bare conductor.',
    example: { size: '12 AWG', construction: 'stranded' },
    fields: [size, construction, strands],
  },
  {
    what: 'strands',
    title: 'Strand damage',
    about: 'How many strands may be nicked or cut.',
    example: { strands: '37' },
    fields: [
      { name: 'strands', label: 'Strands', kind: 'count', isOptional: true },
      { name: 'solid', label: 'Solid', kind: 'flag', isOptional: true },
      { ...size, label: 'Size, of a solid one', isOptional: true },
    ],
  },
  {
    what: 'exposed',
    title: 'Bare conductor',
    about: 'How much may be seen between insulation and barrel.',
    example: { 'insulation-od': '3.6', length: '1.2' },
    fields: [
      { name: 'insulation-od', label: 'Over the insulation', kind: 'mm' },
      { name: 'length', label: 'Seen', kind: 'mm', isOptional: true },
    ],
  },
  {
    what: 'fill',
    title: 'Barrel fill',
    about: 'How much of the terminal the conductors fill, and whether they belong in it.',
    example: { size: '18 AWG', count: '2', terminal: '16-14 AWG' },
    fields: [
      size,
      { name: 'count', label: 'Wires', kind: 'count', isOptional: true },
      { name: 'terminal', label: 'Terminal', kind: 'text', hint: '16-14 AWG / 1.5-2.5 mm²' },
    ],
  },
  {
    what: 'pulls',
    title: 'Pulls of a sheath',
    about: 'In how many pulls a sheath comes off.',
    example: { sheath: '120', section: '25' },
    fields: [
      { name: 'sheath', label: 'Sheath off', kind: 'mm' },
      { name: 'section', label: 'At a time', kind: 'mm' },
    ],
  },
];

export const calculatorOf = (what: string | null): Calculator =>
  calculators.find((one) => one.what === what) ?? (calculators[0] as Calculator);

/**
 * What is asked, out of what was typed: empty fields are not said, a flag is. Null while something that must be said is missing.
 */
export function askedOf(
  { fields }: Calculator,
  typed: Record<string, string>,
): Record<string, string> | null {
  const asked: Record<string, string> = {};
  for (const { name, kind, isOptional } of fields) {
    const text = (typed[name] ?? '').trim();
    if (kind === 'flag') {
      if (text === '1') asked[name] = '';
    } else if (text !== '') asked[name] = text;
    else if (!isOptional) return null;
  }
  return Object.keys(asked).length ? asked : null;
}
