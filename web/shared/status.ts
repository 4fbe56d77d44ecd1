import type { Schemas } from '@/api/client';
import { words } from './pretty';

export const statusWords: Record<Schemas['Status'], string> = {
  covered: 'covered',
  makeshift: 'makeshift',
  hole: 'hole',
  faulty: 'faulty',
  unjudged: 'no kit in hand',
};

/** A fit of a tool or a check as the status with the same mark. */
export const markOfFit: Record<Schemas['Fit'], Schemas['Status']> = {
  proper: 'covered',
  makeshift: 'makeshift',
  unsuitable: 'faulty',
};

/** What a fit is called: a tool that does not do it is not faulty. */
export const fitWords: Record<Schemas['Fit'], string> = {
  proper: 'fits',
  makeshift: 'makeshift',
  unsuitable: 'does not do it',
};

export const operationWords: Record<Schemas['Operation'], string> = {
  cut: 'cut',
  'strip-sheath': 'sheath',
  strip: 'strip',
  crimp: 'crimp',
  solder: 'solder',
  sleeve: 'sleeve',
  'shear-screw': 'shear screw',
  torque: 'torque',
  'pull-test': 'pull test',
  extract: 'extract',
};

/** A lane of the ruler: an operation, or a class of terminals that is crimped. */
export const laneWords = (lane: string) =>
  (operationWords as Partial<Record<string, string>>)[lane] ?? words(lane);

/** Operations as they follow each other on a termination: the order of the words above. */
export const orderOfWork = Object.keys(operationWords) as Schemas['Operation'][];
