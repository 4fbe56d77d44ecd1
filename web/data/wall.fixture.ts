import type { Thing } from './wall';

/** A thing that is where it lives, and good; or out, as soon as somebody has it. */
export const thing = (tag: string, more: Partial<Thing> = {}): Thing => ({
  tag,
  tool: 'cutter',
  home: 'van',
  kit: more.out ? null : 'van',
  sign: more.out ? 'out' : 'in',
  text: '',
  out: null,
  condition: 'good',
  conditionSince: null,
  driftsSince: null,
  cycles: 0,
  dues: [],
  terms: 'owned',
  firstCheck: null,
  returnBy: null,
  goesBackSoon: false,
  serial: null,
  bought: null,
  note: null,
  ...more,
});
