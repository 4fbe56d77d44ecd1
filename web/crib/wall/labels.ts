/** So many labels are printed at once. */
export const MOST_LABELS = 500;

/** The sheets of labels for some of the things, or for all; null where they are too many for once. */
export function labelsOf(tags: string[], all: number): string | null {
  if (tags.length > MOST_LABELS) return null;
  return tags.length === all
    ? '/api/v1/labels.pdf'
    : `/api/v1/labels.pdf?${new URLSearchParams({ tags: tags.join(',') })}`;
}
