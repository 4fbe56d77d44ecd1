import {
  differenceCiede2000,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  formatHex,
  parse,
  wcagContrast,
} from 'culori';
import type { ThemeDefinition } from 'vuetify';
import { describe, expect, it } from 'vitest';
import { dark, light } from './palette';

/*
 * By calculation: contrast as WCAG 2.2 has it (1.4.3 and 1.4.11), distance as CIEDE2000 (CIE 142), and colour-blind eyes as
 * culori simulates them (Machado, Oliveira, Fernandes 2009).
 */
const distance = differenceCiede2000();
const simulated = (filter: typeof filterDeficiencyProt, color: string) => formatHex(filter(1)(parse(color)!));
const eyes: Record<string, (color: string) => string> = {
  'all cones': (color) => color,
  protanopia: (color) => simulated(filterDeficiencyProt, color),
  deuteranopia: (color) => simulated(filterDeficiencyDeuter, color),
  tritanopia: (color) => simulated(filterDeficiencyTrit, color),
};

function named(theme: ThemeDefinition) {
  const of = (name: string) => (theme.colors?.[name] ?? theme.variables?.[name]) as string;
  return {
    hole: of('error'),
    covered: of('success'),
    makeshift: of('warning'),
    copper: of('primary'),
    ink: of('on-background'),
    muted: of('muted'),
    tool: of('tool'),
    'band red': of('band-red'),
    'band blue': of('band-blue'),
    'band yellow': of('band-yellow'),
    grounds: [of('background'), of('surface'), of('hole-wash'), of('row-wash')],
  };
}

describe.each([
  ['light', named(light)],
  ['dark', named(dark)],
])('%s', (_name, colors) => {
  it.each(['ink', 'muted', 'hole', 'copper', 'covered', 'makeshift'] as const)(
    '%s is read on every ground',
    (name) => {
      for (const ground of colors.grounds) {
        expect(wcagContrast(colors[name], ground), ground).toBeGreaterThanOrEqual(4.5);
      }
    },
  );

  it.each(['covered', 'makeshift', 'copper', 'tool', 'band red', 'band blue', 'band yellow'] as const)(
    'no hole is taken for %s, nor the other way round',
    (name) => {
      expect(distance(colors[name], colors.hole)).toBeGreaterThan(20);
      for (const [who, sees] of Object.entries(eyes)) {
        expect(distance(sees(colors[name]), sees(colors.hole)), who).toBeGreaterThan(7.5);
      }
    },
  );

  it('keeps its bands quieter than a hole', () => {
    for (const name of ['band red', 'band blue', 'band yellow'] as const) {
      const ground = colors.grounds[0]!;
      expect(wcagContrast(colors[name], ground), name).toBeLessThan(wcagContrast(colors.hole, ground) - 2);
    }
  });

  it.each(['tool', 'band red', 'band blue', 'band yellow'] as const)('ink is read on %s', (name) => {
    if (name === 'tool') expect(wcagContrast(colors.ink, colors.tool)).toBeGreaterThanOrEqual(4.5);
    // On a band nothing is written; it is told from the bar beside it.
    else expect(distance(colors[name], colors.tool)).toBeGreaterThan(10);
  });
});
