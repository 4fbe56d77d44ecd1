/*
 * Circles in a circle: where the strands of a conductor and the cores of a cable lie in a cross-section. Only to be looked at: what
 * diameters they have is told by the core.
 */

export interface Place {
  x: number;
  y: number;
}

/** Rings of six, twelve, eighteen around one: 7, 19, 37 strands lie so. */
function ringed(count: number, pitch: number): Place[] {
  const places: Place[] = [{ x: 0, y: 0 }];
  for (let ring = 1; places.length < count; ring++) {
    const inRing = Math.min(6 * ring, count - places.length);
    for (let at = 0; at < inRing; at++) {
      const angle = (2 * Math.PI * at) / inRing + ring * 0.3;
      places.push({ x: ring * pitch * Math.cos(angle), y: ring * pitch * Math.sin(angle) });
    }
  }
  return places;
}

const FULL = [1, 7, 19, 37];

/** Places of so many strands of a diameter within a bundle of another; more than can be told apart are laid like seeds. */
export function strandPlaces(count: number, strand: number, bundle: number): Place[] {
  if (FULL.includes(count)) return ringed(count, strand);
  const reach = Math.max(0, (bundle - strand) / 2);
  const turn = Math.PI * (3 - Math.sqrt(5));
  return Array.from({ length: count }, (_, at) => {
    const radius = reach * Math.sqrt((at + 0.5) / count);
    return { x: radius * Math.cos(at * turn), y: radius * Math.sin(at * turn) };
  });
}

/** Places of cores around the middle of a round cable, touching each other; a single one lies in it. */
export function corePlaces(count: number, core: number): Place[] {
  if (count === 1) return [{ x: 0, y: 0 }];
  const outer = count > 6 ? count - 1 : count;
  const radius = core / 2 / Math.sin(Math.PI / outer);
  const ring = Array.from({ length: outer }, (_, at) => {
    const angle = (2 * Math.PI * at) / outer - Math.PI / 2;
    return { x: radius * Math.cos(angle), y: radius * Math.sin(angle) };
  });
  return count > 6 ? [{ x: 0, y: 0 }, ...ring] : ring;
}

/** A length of 1, 2 or 5 that takes a good part of the room: the bar that says how large all else is. */
export function scaleBar(pixelsPerMm: number, room: number): { mm: number; width: number } {
  const steps = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100];
  const mm = [...steps].reverse().find((one) => one * pixelsPerMm <= room) ?? 0.1;
  return { mm, width: mm * pixelsPerMm };
}
