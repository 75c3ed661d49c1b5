import { type RandomStream, randomStream } from '../numbers';

/** Footprint of a piece in the pan, mm: a circle of that diameter, or a rectangle. */
export type Footprint =
  | { readonly kind: 'circle'; readonly diameter: number }
  | { readonly kind: 'rectangle'; readonly length: number; readonly width: number };

/** The pan's base, mm. */
export type Floor =
  | { readonly kind: 'circle'; readonly diameter: number }
  | { readonly kind: 'rectangle'; readonly length: number; readonly width: number };

/** A piece lying in the pan: index of the piece, centre and extent in mm, pan centre at 0, 0. */
export interface PlacedPiece {
  readonly index: number;
  readonly kind: 'circle' | 'rectangle';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Gap between pieces and to the wall, mm: what steam needs to escape. */
export const PAN_GAP_MM = 8;

const STARTS = 6;
const SWEEPS = 140;
const TOUCH_MM = 0.02;
/** A start still this far from free after the allowed sweeps is given up. */
const HOPELESS = { sweep: 35, overlapMm: 3 } as const;
/**
 * No packing of these shapes is denser, gaps included: circles in a circle, rectangles in a circle, anything in a tray.
 */
const DENSEST = { circles: 0.86, inCircle: 0.93, inRectangle: 1 } as const;

interface Body {
  readonly index: number;
  readonly round: boolean;
  x: number;
  y: number;
  /** Half extents including half the gap. */
  w: number;
  h: number;
}

function bodyOf(footprint: Footprint, index: number, gap: number): Body {
  const [w, h] =
    footprint.kind === 'circle'
      ? [footprint.diameter, footprint.diameter]
      : [Math.max(footprint.length, footprint.width), Math.min(footprint.length, footprint.width)];
  return { index, round: footprint.kind === 'circle', x: 0, y: 0, w: (w + gap) / 2, h: (h + gap) / 2 };
}

export function footprintMm2(footprint: Footprint | Floor): number {
  return footprint.kind === 'circle' ? (Math.PI / 4) * footprint.diameter ** 2 : footprint.length * footprint.width;
}

/** Pushes two bodies apart by their overlap; returns the overlap, mm. */
function separate(a: Body, b: Body): number {
  const dx = b.x - a.x;
  const dy = b.y - a.y;
  if (a.round && b.round) {
    const reach = a.w + b.w;
    const apart = Math.hypot(dx, dy);
    const over = reach - apart;
    if (over <= 0) return 0;
    const ux = apart > 1e-9 ? dx / apart : 1;
    const uy = apart > 1e-9 ? dy / apart : 0;
    const push = over / 2;
    a.x -= ux * push;
    a.y -= uy * push;
    b.x += ux * push;
    b.y += uy * push;
    return over;
  }
  const overX = a.w + b.w - Math.abs(dx);
  const overY = a.h + b.h - Math.abs(dy);
  if (overX <= 0 || overY <= 0) return 0;
  if (overX < overY) {
    const push = ((dx < 0 ? -1 : 1) * overX) / 2;
    a.x -= push;
    b.x += push;
    return overX;
  }
  const push = ((dy < 0 ? -1 : 1) * overY) / 2;
  a.y -= push;
  b.y += push;
  return overY;
}

/** Moves a body back inside the base; returns how far it stuck out, mm. Bases are already smaller by half a gap. */
function confine(body: Body, floor: Floor, margin: number): number {
  if (floor.kind === 'rectangle') {
    const maxX = floor.length / 2 - margin - body.w;
    const maxY = floor.width / 2 - margin - body.h;
    const x = Math.min(Math.max(body.x, -maxX), maxX);
    const y = Math.min(Math.max(body.y, -maxY), maxY);
    const out = Math.max(Math.abs(body.x - x), Math.abs(body.y - y), -maxX, -maxY, 0);
    body.x = maxX < 0 ? 0 : x;
    body.y = maxY < 0 ? 0 : y;
    return out;
  }
  const radius = floor.diameter / 2 - margin;
  const cornerX = body.round ? 0 : Math.sign(body.x || 1) * body.w;
  const cornerY = body.round ? 0 : Math.sign(body.y || 1) * body.h;
  const reach = body.round ? radius - body.w : radius;
  const far = Math.hypot(body.x + cornerX, body.y + cornerY);
  if (far <= reach) return 0;
  const out = far - reach;
  const pull = Math.max(0, reach) / far;
  body.x = (body.x + cornerX) * pull - cornerX;
  body.y = (body.y + cornerY) * pull - cornerY;
  return out;
}

/** Overlap and overhang left after relaxing; 0 means all are free. */
function relax(bodies: Body[], floor: Floor, margin: number): number {
  let worst = Infinity;
  for (let sweep = 0; sweep < SWEEPS && worst > TOUCH_MM; sweep++) {
    worst = 0;
    for (let i = 0; i < bodies.length; i++) {
      for (let j = i + 1; j < bodies.length; j++) {
        worst = Math.max(worst, separate(bodies[i] as Body, bodies[j] as Body));
      }
    }
    for (const body of bodies) worst = Math.max(worst, confine(body, floor, margin));
    if (sweep === HOPELESS.sweep && worst > HOPELESS.overlapMm) return worst;
  }
  return worst;
}

/** Rows of pieces, largest first, as a start that is often good enough. */
function inRows(bodies: Body[], floor: Floor, turned: boolean): void {
  const width = floor.kind === 'circle' ? floor.diameter * 0.86 : floor.length;
  let x = 0;
  let y = 0;
  let rowHeight = 0;
  const rows: Body[][] = [[]];
  for (const body of bodies) {
    if (turned && !body.round) [body.w, body.h] = [body.h, body.w];
    if (x + 2 * body.w > width + 1e-9 && x > 0) {
      y += rowHeight;
      x = 0;
      rowHeight = 0;
      rows.push([]);
    }
    body.x = x + body.w;
    body.y = y + body.h;
    x += 2 * body.w;
    rowHeight = Math.max(rowHeight, 2 * body.h);
    rows.at(-1)?.push(body);
  }
  const height = y + rowHeight;
  for (const row of rows) {
    const last = row.at(-1);
    const used = last ? last.x + last.w : 0;
    for (const body of row) {
      body.x -= used / 2;
      body.y -= height / 2;
    }
  }
}

/** Hexagonal rings around the centre or around a gap, the usual optimum for equal circles. */
function inRings(bodies: Body[], offset: number, random: RandomStream): void {
  const pitch = 2 * Math.max(...bodies.map((b) => b.w));
  const points: { x: number; y: number; r: number }[] = [];
  const ox = offset === 1 ? pitch / 2 : 0;
  const oy = offset === 2 ? pitch / Math.sqrt(3) : offset === 1 ? 0 : 0;
  for (let row = -8; row <= 8; row++) {
    for (let column = -8; column <= 8; column++) {
      const x = (column + (row % 2 === 0 ? 0 : 0.5)) * pitch + ox;
      const y = row * pitch * (Math.sqrt(3) / 2) + oy;
      points.push({ x, y, r: Math.hypot(x, y) });
    }
  }
  points.sort((a, b) => a.r - b.r);
  bodies.forEach((body, i) => {
    const p = points[i % points.length] ?? { x: 0, y: 0 };
    body.x = p.x + (random() - 0.5) * 0.2;
    body.y = p.y + (random() - 0.5) * 0.2;
  });
}

/** One ring along the wall and the rest inside it. */
function alongWall(bodies: Body[], floor: Floor, inRing: number, random: RandomStream): void {
  const radius = floor.kind === 'circle' ? floor.diameter / 2 : Math.min(floor.length, floor.width) / 2;
  bodies.forEach((body, i) => {
    const outer = i < inRing;
    const share = outer ? i / inRing : (i - inRing) / Math.max(1, bodies.length - inRing);
    const r = outer ? radius - body.w : bodies.length - inRing === 1 ? 0 : Math.max(0, radius - 3 * body.w);
    const angle = 2 * Math.PI * share + (outer ? 0 : 0.35);
    body.x = r * Math.cos(angle) + (random() - 0.5) * 0.3;
    body.y = r * Math.sin(angle) + (random() - 0.5) * 0.3;
  });
}

function scatter(bodies: Body[], floor: Floor, random: RandomStream): void {
  const [length, width] =
    floor.kind === 'circle' ? [floor.diameter * 0.7, floor.diameter * 0.7] : [floor.length, floor.width];
  for (const body of bodies) {
    if (!body.round && random() < 0.5) [body.w, body.h] = [body.h, body.w];
    body.x = (random() - 0.5) * length;
    body.y = (random() - 0.5) * width;
  }
}

/** Whether area alone does not rule it out, every piece enlarged by half the gap. */
function couldFit(pieces: readonly Footprint[], floor: Floor, gapMm: number): boolean {
  const grown = pieces.reduce(
    (sum, p) =>
      sum +
      (p.kind === 'circle'
        ? footprintMm2({ kind: 'circle', diameter: p.diameter + gapMm })
        : (p.length + gapMm) * (p.width + gapMm)),
    0,
  );
  const room =
    floor.kind === 'circle'
      ? footprintMm2({ kind: 'circle', diameter: floor.diameter - gapMm })
      : (floor.length - gapMm) * (floor.width - gapMm);
  const diameters = pieces.map((p) => (p.kind === 'circle' ? p.diameter : undefined));
  const equal =
    floor.kind === 'circle' && pieces.length > 1 && diameters.every((d) => d !== undefined && d === diameters[0]);
  const densest = equal ? DENSEST.circles : floor.kind === 'circle' ? DENSEST.inCircle : DENSEST.inRectangle;
  return grown <= room * densest || pieces.length === 1;
}

/**
 * Lays all `pieces` in the pan with `gapMm` around each, or returns undefined if it finds no way. None overlaps
 * another, none leaves the base. Searches from several starts (rows, hexagon rings, along the wall, scattered), each
 * relaxed by pushing overlaps apart; repeatable, since its random numbers come from a fixed seed.
 */
export function packAll(pieces: readonly Footprint[], floor: Floor, gapMm: number): PlacedPiece[] | undefined {
  if (!couldFit(pieces, floor, gapMm)) return undefined;
  const random = randomStream(pieces.length * 31 + 7);
  const margin = gapMm / 2;
  const round = pieces.every((p) => p.kind === 'circle');
  const starts: ((bodies: Body[]) => void)[] = [
    (b) => {
      inRows(b, floor, false);
    },
    (b) => {
      inRows(b, floor, true);
    },
  ];
  if (round) {
    for (const offset of [0, 1, 2])
      starts.push((b) => {
        inRings(b, offset, random);
      });
    for (const left of [1, 2, 3, 4, 5, 6, 7]) {
      if (pieces.length - left >= 3)
        starts.push((b) => {
          alongWall(b, floor, pieces.length - left, random);
        });
    }
  }
  for (let i = 0; i < STARTS; i++)
    starts.push((b) => {
      scatter(b, floor, random);
    });
  const order = pieces.map((p, i) => ({ p, i })).sort((a, b) => footprintMm2(b.p) - footprintMm2(a.p));
  for (const start of starts) {
    const bodies = order.map(({ p, i }) => bodyOf(p, i, gapMm));
    start(bodies);
    if (relax(bodies, floor, margin) > TOUCH_MM) continue;
    return bodies.map((body) => ({
      index: body.index,
      kind: body.round ? 'circle' : 'rectangle',
      x: body.x,
      y: body.y,
      width: 2 * body.w - gapMm,
      height: 2 * body.h - gapMm,
    }));
  }
  return undefined;
}

/**
 * As many of `pieces`, in the given order, as one batch holds, at most `most`. Empty if not even the first lies flat.
 */
export function packBatch(pieces: readonly Footprint[], floor: Floor, most: number, gapMm = PAN_GAP_MM): PlacedPiece[] {
  let low = 0;
  let found: PlacedPiece[] = [];
  let high = Math.min(most, pieces.length);
  while (high > 0 && !couldFit(pieces.slice(0, high), floor, gapMm)) high--;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    const placed = packAll(pieces.slice(0, middle), floor, gapMm);
    if (placed) {
      found = placed;
      low = middle;
    } else high = middle - 1;
  }
  return found;
}
