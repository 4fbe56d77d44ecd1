/** What is drawn at the end of a terminal. */
export type TerminalShape = 'ring' | 'fork' | 'butt' | 'blade' | 'pin';

/** By what is written of its shape, and where that says nothing by its class and its ends. */
export function shapeOf(terminal: { shape?: string | null; class?: string; ends?: number }): TerminalShape {
  const said = (terminal.shape ?? '').toLowerCase();
  if (/ring|lug/.test(said) || terminal.class === 'lug') return 'ring';
  if (/fork/.test(said)) return 'fork';
  if (/butt|splice/.test(said) || terminal.ends === 2) return 'butt';
  if (/push|blade|tab|piggy/.test(said)) return 'blade';
  return 'pin';
}
