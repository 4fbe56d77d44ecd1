import { capital, words } from '@/shared/pretty';
import type { ThingRow } from './thingColumns';

/** What a lane of the ruler is as a job. */
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
  'twin-ferrule': 'Crimping twin ferrules',
  lug: 'Crimping lugs',
  tap: 'Pressing taps',
  ribbon: 'Pressing ribbon connectors',
  coax: 'Crimping coaxial plugs',
};

/** All that a tool is for, by its lanes and what it does; nothing where it only stands by. */
export function jobsOf({ lanes, thing }: ThingRow): string[] {
  const operations = ((thing.capabilities as { op: string }[] | undefined) ?? []).map(({ op }) => op);
  const named = [...(lanes ?? []).map(({ name }) => name), ...operations];
  return [...new Set(named.flatMap((name) => jobs[name] ?? []))];
}

/** The job under which a tool stands on the shelf: what it does first, or what it is. */
export const jobOf = (row: ThingRow): string => jobsOf(row)[0] ?? capital(words(String(row.thing.kind)));
