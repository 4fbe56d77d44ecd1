/*
 * A picture in dots, for where no drawing can be put. An SVG that is drawn by itself has none of the page's typefaces, so they
 * come along in it.
 */

/** Dots for each pixel of the page: good enough to be printed a page wide. */
const SHARP = 2;

async function asData(address: string): Promise<string> {
  const blob = await (await fetch(address)).blob();
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(reader.error ?? new Error('unreadable'));
    reader.readAsDataURL(blob);
  });
}

/** The typefaces of the page that a drawing names, with their letters in them. */
async function facesIn(svg: string): Promise<string> {
  const rules = [...document.styleSheets].flatMap((sheet) => {
    try {
      return [...sheet.cssRules];
    } catch {
      // A sheet of somebody else, such as of an extension, is not ours to read.
      return [];
    }
  });
  const faces = rules.filter(
    (rule): rule is CSSFontFaceRule =>
      rule instanceof CSSFontFaceRule &&
      svg.includes(rule.style.getPropertyValue('font-family').replace(/["']/g, '')),
  );
  const written = await Promise.all(
    faces.map(async (rule) => {
      const base = rule.parentStyleSheet?.href ?? location.href;
      const address = /url\("?([^")]+)"?\)/.exec(rule.cssText)?.[1];
      if (!address) return '';
      return rule.cssText.replace(/url\("?[^")]+"?\)/, `url("${await asData(new URL(address, base).href)}")`);
    }),
  );
  return written.join('\n');
}

/** @throws where the browser cannot draw it. */
export async function pngOf(svg: string): Promise<Blob> {
  const style = `<style>${await facesIn(svg)}</style>`;
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg.replace(/^(<svg[^>]*>)/, `$1${style}`))}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = image.naturalWidth * SHARP;
  canvas.height = image.naturalHeight * SHARP;
  const pencil = canvas.getContext('2d');
  pencil?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob && pencil ? resolve(blob) : reject(new Error('The picture could not be drawn.'))),
      'image/png',
    ),
  );
}
