import type { Answers } from '@/data/rules';

/** Answers that the address holds; none where it cannot be read. */
export function draftRead(text: string | null): Answers {
  if (text === null) return {};
  try {
    const read: unknown = JSON.parse(text);
    return typeof read === 'object' && read !== null && !Array.isArray(read) ? (read as Answers) : {};
  } catch {
    return {};
  }
}
