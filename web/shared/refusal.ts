import type { Schemas } from '@/api/client';

/** Why something was refused, in one line: each place with what would be right, or what happened. */
export const refusal = ({ title, detail, problems }: Schemas['Problem']): string =>
  problems?.length
    ? problems.map(({ path, expected }) => `${path}: ${expected}`).join('; ')
    : `${title}. ${detail}`;

/** A refused value as it was written; what is no plain value stands as JSON. */
export const asWritten = (value: unknown): string =>
  typeof value === 'string' ? value : JSON.stringify(value);
