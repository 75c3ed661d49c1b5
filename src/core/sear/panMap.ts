/** A piece lying in the pan: centre and size in mm, pan centre at 0, 0. */
export interface PlacedPiece {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Air between pieces and to the wall, mm: what steam needs to get away. */
export const PAN_GAP_MM = 8;

/**
 * As many pieces of `width` by `height` mm as lie in rows in a round pan of `diameterMm` with `PAN_GAP_MM` around each,
 * at most `wanted`, both ways round tried. None overlaps another or the wall.
 */
export function layInPan(diameterMm: number, width: number, height: number, wanted: number): PlacedPiece[] {
  const across = rows(diameterMm, width, height, wanted);
  const turned = rows(diameterMm, height, width, wanted);
  return turned.length > across.length ? turned : across;
}

function rows(diameterMm: number, width: number, height: number, wanted: number): PlacedPiece[] {
  const radius = diameterMm / 2 - PAN_GAP_MM;
  const pitch = height + PAN_GAP_MM;
  let best: PlacedPiece[] = [];
  const most = Math.floor((2 * radius + PAN_GAP_MM) / pitch);
  for (let count = 1; count <= most; count++) {
    const placed: PlacedPiece[] = [];
    for (let row = 0; row < count; row++) {
      const y = (row - (count - 1) / 2) * pitch;
      const reach = Math.abs(y) + height / 2;
      if (reach > radius) continue;
      const chord = 2 * Math.sqrt(radius * radius - reach * reach);
      const inRow = Math.floor((chord + PAN_GAP_MM) / (width + PAN_GAP_MM));
      for (let i = 0; i < inRow; i++) {
        placed.push({ x: (i - (inRow - 1) / 2) * (width + PAN_GAP_MM), y, width, height });
      }
    }
    if (placed.length > best.length) best = placed;
  }
  return best.sort((a, b) => Math.hypot(a.x, a.y) - Math.hypot(b.x, b.y)).slice(0, wanted);
}
