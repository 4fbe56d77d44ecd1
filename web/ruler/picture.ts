/*
 * A ruler as a picture of its own: an SVG that looks the same wherever it is put, with everything painted as it is on the page.
 */

const PAINT = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linejoin',
  'paint-order',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
] as const;
const SVG = 'http://www.w3.org/2000/svg';

function painted(element: Element): Element {
  const copy = element.cloneNode(true) as Element;
  const [from, to] = [element, copy].map((one) => [one, ...one.querySelectorAll('*')]);
  from?.forEach((one, index) => {
    const style = getComputedStyle(one);
    const target = to?.[index];
    if (!target) return;
    for (const name of PAINT) {
      const value = style.getPropertyValue(name);
      if (value) target.setAttribute(name, value);
    }
    for (const { name } of [...target.attributes]) {
      if (name === 'class' || name === 'tabindex' || name.startsWith('aria-') || name.startsWith('data-')) {
        target.removeAttribute(name);
      }
    }
  });
  return copy;
}

/** Parts of a ruler below each other, on a ground, with texts that stand beside them on the page. */
export function pictureOf(
  parts: SVGSVGElement[],
  ground: string,
  texts: { x: number; y: number; text: string; font: string; fill: string }[],
): string {
  const width = Math.max(...parts.map((part) => part.width.baseVal.value));
  const height = parts.reduce((sum, part) => sum + part.height.baseVal.value, 0);
  const picture = document.createElementNS(SVG, 'svg');
  picture.setAttribute('xmlns', SVG);
  picture.setAttribute('viewBox', `0 0 ${width} ${height}`);
  picture.setAttribute('width', String(width));
  picture.setAttribute('height', String(height));
  const paper = document.createElementNS(SVG, 'rect');
  for (const [name, value] of Object.entries({ width, height, fill: ground }))
    paper.setAttribute(name, String(value));
  picture.append(paper);
  let y = 0;
  for (const part of parts) {
    const group = document.createElementNS(SVG, 'g');
    group.setAttribute('transform', `translate(0 ${y})`);
    group.append(...painted(part).childNodes);
    picture.append(group);
    y += part.height.baseVal.value;
  }
  for (const { text, font, ...place } of texts) {
    const written = document.createElementNS(SVG, 'text');
    for (const [name, value] of Object.entries(place)) written.setAttribute(name, String(value));
    written.setAttribute('style', `font: ${font}`);
    written.textContent = text;
    picture.append(written);
  }
  return new XMLSerializer().serializeToString(picture);
}
