/* Days as the API has them: "2027-03-14", of the shop's own clock, without a time and so without a zone. */

const MS = 86_400_000;
const at = (day: string): number => Date.parse(`${day}T00:00:00Z`);

export const plusDays = (day: string, days: number): string =>
  new Date(at(day) + days * MS).toISOString().slice(0, 10);

export const daysBetween = (from: string, to: string): number => Math.round((at(to) - at(from)) / MS);

/** As the calendar on the wall has it. */
export const todayHere = (): string => new Date().toLocaleDateString('sv-SE');

const near = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });
const far = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
});

/** A day as one says it; its year only where it is another than that of the day beside it. */
export const dayWords = (day: string, beside: string): string =>
  (day.slice(0, 4) === beside.slice(0, 4) ? near : far).format(at(day));

/** "in 6 days", "5 days ago", "today" */
export function fromNow(day: string, today: string): string {
  const days = daysBetween(today, day);
  if (days === 0) return 'today';
  const many = Math.abs(days) === 1 ? '1 day' : `${Math.abs(days)} days`;
  return days > 0 ? `in ${many}` : `${many} ago`;
}
