import type { Schemas } from '@/api/client';
import { words } from './pretty';

const isNumber = (key: string | undefined) => key !== undefined && /^\d+$/.test(key);
const oneOf = (list: string) => list.replace(/ies$/, 'y').replace(/s$/, '');

/** A place in a thing, in words: "capabilities/0/nests/1/size" is "capability 1, nest 2, size". */
export const placeWords = (path: string[]): string =>
  path
    .flatMap((key, at) => {
      if (isNumber(key)) return [];
      const next = path[at + 1];
      const word = words(key.replace(/([A-Z])/g, ' $1').toLowerCase());
      return [isNumber(next) ? `${oneOf(word)} ${Number(next) + 1}` : word];
    })
    .join(', ');

/** What the interface calls things by in what is sent, and nobody else. */
const OF_THE_INTERFACE = /^\/?(?:(?:changes|things|rows|cells)\/\d+\/?)?(?:(?:line|thing|cells)(?:\/|$))?/;

/** Why something was refused, in one line: each place and what stands there with what would be right, or what happened. */
export const refusal = ({ title, detail, problems }: Schemas['Problem']): string =>
  problems?.length
    ? problems
        .map(({ path, value, expected }) => {
          const place = placeWords(path.replace(OF_THE_INTERFACE, '').split('/').filter(Boolean));
          const isPlain = typeof value === 'number' || (typeof value === 'string' && value !== '');
          return [[place, isPlain ? `“${value}”` : ''].filter(Boolean).join(' '), expected]
            .filter(Boolean)
            .join(': ');
        })
        .join('; ')
    : `${title}. ${detail}`;

/** A refused value as it was written; what is no plain value stands as JSON. */
export const asWritten = (value: unknown): string =>
  typeof value === 'string' ? value : JSON.stringify(value);
