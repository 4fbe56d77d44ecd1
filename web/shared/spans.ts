/** How long something takes, in words: seconds up to a minute, minutes up to an hour, then hours and minutes. */
export function span(seconds: number): string {
  if (seconds < 60) return `${Math.round(seconds * 10) / 10} s`;
  const minutes = Math.round(seconds / 60);
  if (minutes < 60) return `${minutes} min`;
  const rest = minutes % 60;
  return `${Math.floor(minutes / 60)} h${rest ? ` ${rest} min` : ''}`;
}
