const NICE = [1, 2, 2.5, 5, 10];

/** Round steps of which about so many go into a span. */
export function roundStep(span: number, about: number): number {
  const rough = Math.max(span, 1) / about;
  const power = 10 ** Math.floor(Math.log10(rough));
  return (NICE.find((nice) => nice * power >= rough) ?? 10) * power;
}
