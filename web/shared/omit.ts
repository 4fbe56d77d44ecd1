/** The same without some of its keys. */
export function omit<Thing extends object, Key extends PropertyKey>(
  thing: Thing,
  ...keys: Key[]
): Omit<Thing, Key> {
  const left = Object.entries(thing).filter(([key]) => !(keys as PropertyKey[]).includes(key));
  return Object.fromEntries(left) as Omit<Thing, Key>;
}
