import type { SkilledPerson, SkillMatrix, SkillOnDay } from '@/data/skills';
import { dayWords, daysBetween } from '@/shared/days';

/* What the matrix of people and skills draws of each, and how it is told. */

/** Days before the last of a sign-off on which it is told that it lapses. */
export const SOON = 31;

export type Mark = 'alone' | 'practised' | 'shown' | 'none';

/** How far somebody has come with a skill, as its mark draws it. */
export const markOf = (skill: SkillOnDay | undefined): Mark =>
  skill?.level === 'signed-off'
    ? 'alone'
    : skill?.level === 'practised'
      ? 'practised'
      : skill?.level === 'shown'
        ? 'shown'
        : 'none';

export const lapses = (skill: SkillOnDay | undefined, today: string): boolean =>
  skill?.level === 'signed-off' && skill.until !== null && daysBetween(today, skill.until) <= SOON;

/** In words, for the ear and for who points at it. */
export function levelWords(skill: SkillOnDay | undefined, today: string): string {
  if (!skill) return 'nothing told or practised';
  const level = {
    'signed-off': 'signed off: does it alone',
    practised: 'practised: under supervision',
    shown: 'was shown',
  };
  const parts = [
    skill.level === null ? 'no longer with the shop' : level[skill.level],
    skill.until === null ? '' : `until ${dayWords(skill.until, today)}`,
    skill.tries === 0 ? '' : `${skill.good} of ${skill.tries} good`,
    skill.lastTen === null ? '' : `${Math.round(skill.lastTen * 100)} % of the last ten`,
    skill.mayAsk ? 'ready to be signed off' : '',
  ];
  return parts.filter(Boolean).join(', ');
}

export interface SkillRow {
  skill: string;
  name: string;
  /** 0 where no work asks for it. */
  terminations: number;
  scopes: { id: string; name: string; terminations: number }[];
  /** Signed off, by their ids: nobody is a hole, one alone a hole in the making. */
  holders: string[];
}

/** The skills in the order of work: those that the work asks for, or all that somebody has to do with. */
export function rowsOf(matrix: SkillMatrix, onlyNeeded: boolean): SkillRow[] {
  const needed = new Map(matrix.needed.map((of) => [of.skill, of]));
  const had = new Set(matrix.people.flatMap(({ skills }) => skills.map(({ skill }) => skill)));
  return matrix.names
    .filter(({ skill }) => needed.has(skill) || (!onlyNeeded && had.has(skill)))
    .map(({ skill, name }) => ({
      skill,
      name,
      terminations: needed.get(skill)?.terminations ?? 0,
      scopes: needed.get(skill)?.scopes ?? [],
      holders:
        needed.get(skill)?.holders ??
        matrix.people
          .filter((person) => markOf(skillOf(person, skill)) === 'alone')
          .map((person) => person.id),
    }));
}

export const skillOf = (person: SkilledPerson, skill: string): SkillOnDay | undefined =>
  person.skills.find((of) => of.skill === skill);

/** What a row is, by how many are signed off: a hole, a hole in the making, or neither; nothing where no work asks for it. */
export const stateOf = ({ terminations, holders }: SkillRow): 'hole' | 'one' | 'held' | 'unasked' =>
  terminations === 0 ? 'unasked' : holders.length === 0 ? 'hole' : holders.length === 1 ? 'one' : 'held';
