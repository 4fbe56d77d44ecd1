import type { PersonRecord, SkilledPerson, SkillMatrix, SkillOnDay } from '@/data/skills';

export const skill = (of: string, more: Partial<SkillOnDay> = {}): SkillOnDay => ({
  skill: of,
  level: 'shown',
  since: '2027-01-05',
  until: null,
  tries: 0,
  good: 0,
  lastTen: null,
  mayAsk: false,
  ...more,
});

export const person = (
  id: string,
  skills: SkillOnDay[] = [],
  until: string | null = null,
): SkilledPerson => ({
  id,
  name: id.toUpperCase(),
  hand: null,
  until,
  note: null,
  skills,
});

export const matrix = (people: SkilledPerson[], needed: SkillMatrix['needed'] = []): SkillMatrix => ({
  on: '2027-03-01',
  pieces: 20,
  people,
  needed,
  wanted: [],
  names: [
    { skill: 'cut', name: 'cutting' },
    { skill: 'crimp:lug', name: 'crimping lugs' },
    { skill: 'torque', name: 'tightening to a torque' },
  ],
});

export const needs = (
  of: string,
  terminations: number,
  ...holders: string[]
): SkillMatrix['needed'][number] => ({
  skill: of,
  terminations,
  holders,
  scopes: [{ id: 's', name: 'Panel', terminations }],
});

export const record = (skills: SkillOnDay[] = [], entries: Record<string, unknown>[] = []): PersonRecord => ({
  on: '2027-03-01',
  pieces: 20,
  person: { id: 'ada', name: 'Ada', hand: null, until: null, note: null },
  skills,
  entries: entries.map(({ isVoided = false, ...entry }) => ({
    entry: entry as never,
    isVoided: isVoided as boolean,
  })),
  people: [
    { id: 'ada', name: 'Ada' },
    { id: 'bo', name: 'Bo' },
    { id: 'cy', name: 'Cy' },
  ],
  faults: {
    'crimp:lug': [
      { code: 'strands-cut', text: 'Cut strands.' },
      { code: 'flash', text: 'Fins at the sides.' },
    ],
  },
  names: matrix([]).names,
});
