import type { Schemas } from '@/api/client';
import { counted } from '@/shared/pretty';
import { operationWords } from '@/shared/status';

const verbs: Partial<Record<Schemas['Operation'], string>> = {
  cut: 'Cuts',
  'strip-sheath': 'Takes the sheath off',
  strip: 'Strips',
  crimp: 'Makes',
};

/** "Strips 12 of your 30 wires"; where the shop has more than were tried, of its first ones. */
export const trialWords = ({ op, proper, of, about }: Schemas['TrialOperation'], isPart: boolean): string =>
  `${verbs[op] ?? operationWords[op]} ${proper} of your ${isPart ? 'first ' : ''}${counted(of, about === 'wires' ? 'wire' : 'terminal')}`;

export interface TriedGroup {
  key: string;
  /** The terminal, or the wire by itself. */
  title: string;
  /** Wires that go with the terminal, where it is about one. */
  wires: string[];
  position: string | null;
  text: string | null;
}

/** What is said of one terminal in the same words is said once, with its wires; a wire stands for itself. */
export function triedGroups(
  tried: Schemas['TriedFit'][],
  names: Schemas['ToolTrial']['names'],
): TriedGroup[] {
  const groups = new Map<string, TriedGroup>();
  for (const { wire, terminal, position, code, text } of tried) {
    const key = terminal === null ? wire : `${terminal}|${position}|${code}`;
    const name = names.wires[wire] ?? wire;
    const known = groups.get(key);
    if (known) known.wires.push(name);
    else
      groups.set(key, {
        key,
        title: terminal === null ? name : (names.terminals[terminal] ?? terminal),
        wires: terminal === null ? [] : [name],
        position,
        text,
      });
  }
  return [...groups.values()];
}
