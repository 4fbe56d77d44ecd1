import profileTable from '../../core/data/crimp-profiles.csv?raw';
import { capital, words } from '@/shared/pretty';
import type { ThingRow } from './thingColumns';

/** What an operation is as a job, and what crimping a class of terminals is. */
const jobs: Partial<Record<string, string>> = {
  cut: 'Cutting wire and cable',
  'strip-sheath': 'Taking sheaths off',
  strip: 'Stripping',
  solder: 'Soldering',
  sleeve: 'Shrinking sleeves',
  'shear-screw': 'Cutting screws to length',
  torque: 'Tightening by torque',
  'pull-test': 'Pull tests',
  extract: 'Getting contacts out',
  insulated: 'Crimping insulated terminals',
  'heat-shrink': 'Crimping heat-shrink terminals',
  bare: 'Crimping bare terminals',
  'open-barrel': 'Crimping stamped contacts',
  'sealed-open-barrel': 'Crimping sealed contacts',
  'solid-contact': 'Crimping turned contacts',
  ferrule: 'Crimping ferrules',
  lug: 'Crimping lugs',
  tap: 'Pressing taps',
  ribbon: 'Pressing ribbon connectors',
  coax: 'Crimping coaxial plugs',
  ignition: 'Crimping ignition terminals',
};

/** The classes that a profile is right for: what a crimper does that names none. */
const classesOf = (profile: string): string[] =>
  profileTable
    .trim()
    .split('\n')
    .slice(1)
    .map((row) => row.split(','))
    .flatMap(([name = '', proper = '']) => (proper.split(' ').includes(profile) ? [name] : []));

/** All that a tool is for; nothing where it only stands by. */
export function jobsOf({ thing }: ThingRow): string[] {
  const does = (thing.capabilities ?? []) as { op: string; profile?: string; classes?: string[] }[];
  const named = does.flatMap(({ op, profile, classes }) =>
    op === 'crimp' ? (classes ?? classesOf(profile ?? '')) : [op],
  );
  return [...new Set(named.flatMap((name) => jobs[name] ?? []))];
}

/** The job under which a tool stands on the shelf: what it does first, or what it is. */
export const jobOf = (row: ThingRow): string => jobsOf(row)[0] ?? capital(words(String(row.thing.kind)));
