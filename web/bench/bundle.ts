/** Where the strands of a bundle lie, seen from its end: in strand diameters from the middle. Full rings first, what is left outside. */
export function bundle(strands: number): { x: number; y: number }[] {
  const places = [{ x: 0, y: 0 }];
  for (let ring = 1; places.length < strands; ring++) {
    const inRing = Math.min(6 * ring, strands - places.length);
    for (let at = 0; at < inRing; at++) {
      const side = Math.floor((at * 6) / (6 * ring));
      const along = at - side * ring;
      // Corner to corner of the hexagon.
      const from = (side * Math.PI) / 3;
      const to = ((side + 1) * Math.PI) / 3;
      const share = along / ring;
      places.push({
        x: ring * ((1 - share) * Math.cos(from) + share * Math.cos(to)),
        y: ring * ((1 - share) * Math.sin(from) + share * Math.sin(to)),
      });
    }
  }
  return places.slice(0, strands);
}
