/* A drawing as a file that stands by itself: what the page's styles make of it is written into it. */

const WRITTEN = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'opacity',
  'font-family',
  'font-size',
  'text-anchor',
] as const;

/** @param title what it shows, for whoever opens the file */
export function standalone(svg: SVGSVGElement, title: string): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const parts = [svg, ...svg.querySelectorAll<SVGElement>('*')];
  [copy, ...copy.querySelectorAll<SVGElement>('*')].forEach((part, at) => {
    const seen = getComputedStyle(parts[at] ?? svg);
    for (const name of WRITTEN) {
      const value = seen.getPropertyValue(name);
      if (value) part.setAttribute(name, value);
    }
    for (const { name } of [...part.attributes]) {
      if (name === 'class' || name === 'aria-hidden' || name.startsWith('data-')) part.removeAttribute(name);
    }
  });
  const named = document.createElementNS('http://www.w3.org/2000/svg', 'title');
  named.textContent = title;
  copy.prepend(named);
  return new XMLSerializer().serializeToString(copy);
}
