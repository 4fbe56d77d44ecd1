/** So many things can be named in one address. */
const MOST = 500;

/** The sheets of labels for some of the things, or for all; null where they are too many to be named. */
export function labelsOf(tags: string[], all: number): string | null {
  if (tags.length === all) return '/api/v1/labels.pdf';
  return tags.length > MOST ? null : `/api/v1/labels.pdf?${new URLSearchParams({ tags: tags.join(',') })}`;
}
