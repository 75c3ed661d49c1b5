import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Floor, type Footprint, footprintMm2, packAll, packBatch, type PlacedPiece } from './pack';

const disc = (diameter: number): Footprint => ({ kind: 'circle', diameter });
const slab = (length: number, width: number): Footprint => ({ kind: 'rectangle', length, width });
const many = (piece: Footprint, count: number): Footprint[] => Array.from({ length: count }, () => piece);

/** Radius of the smallest circle known to hold n unit circles. Source: the published tables of best known packings. */
const BEST_RADIUS: Readonly<Record<number, number>> = {
  2: 2,
  3: 2.1547,
  4: 2.4142,
  5: 2.7013,
  6: 3,
  7: 3,
  8: 3.3048,
  9: 3.6131,
  10: 3.813,
  11: 3.9238,
  12: 4.0296,
  13: 4.2361,
  14: 4.3284,
  15: 4.5214,
  16: 4.6154,
  17: 4.792,
  18: 4.8637,
  19: 4.8637,
};

function apart(a: PlacedPiece, b: PlacedPiece): number {
  if (a.kind === 'circle' && b.kind === 'circle') {
    return Math.hypot(a.x - b.x, a.y - b.y) - (a.width + b.width) / 2;
  }
  return Math.max(Math.abs(a.x - b.x) - (a.width + b.width) / 2, Math.abs(a.y - b.y) - (a.height + b.height) / 2);
}

function inside(p: PlacedPiece, floor: Floor): number {
  if (floor.kind === 'rectangle') {
    return Math.min(floor.length / 2 - Math.abs(p.x) - p.width / 2, floor.width / 2 - Math.abs(p.y) - p.height / 2);
  }
  const radius = floor.diameter / 2;
  return p.kind === 'circle'
    ? radius - Math.hypot(p.x, p.y) - p.width / 2
    : radius - Math.hypot(Math.abs(p.x) + p.width / 2, Math.abs(p.y) + p.height / 2);
}

const anyPiece = fc.oneof(
  fc.integer({ min: 20, max: 130 }).map(disc),
  fc.tuple(fc.integer({ min: 25, max: 180 }), fc.integer({ min: 20, max: 120 })).map(([l, w]) => slab(l, w)),
);
const anyFloor: fc.Arbitrary<Floor> = fc.oneof(
  fc.integer({ min: 160, max: 360 }).map((diameter): Floor => ({ kind: 'circle', diameter })),
  fc
    .tuple(fc.integer({ min: 220, max: 420 }), fc.integer({ min: 160, max: 300 }))
    .map(([length, width]): Floor => ({ kind: 'rectangle', length, width })),
);

describe('the pan map', () => {
  it('never lets pieces overlap, crowd one another or leave the pan, mixed as they may be', () => {
    fc.assert(
      fc.property(fc.array(anyPiece, { minLength: 1, maxLength: 16 }), anyFloor, (pieces, floor) => {
        const placed = packBatch(pieces, floor, pieces.length);
        expect(placed.length).toBeLessThanOrEqual(pieces.length);
        placed.forEach((a, i) => {
          expect(inside(a, floor)).toBeGreaterThanOrEqual(8 - 0.05);
          for (const b of placed.slice(i + 1)) expect(apart(a, b)).toBeGreaterThanOrEqual(8 - 0.05);
        });
        expect(new Set(placed.map((p) => p.index)).size).toBe(placed.length);
      }),
      { numRuns: 60 },
    );
  });

  it('packs equal circles to within 5 % of the best density known, up to 19', () => {
    for (const [n, radius] of Object.entries(BEST_RADIUS)) {
      const floor: Floor = { kind: 'circle', diameter: 2 * radius * 30 * Math.sqrt(1 / 0.95) };
      expect(packAll(many(disc(60), Number(n)), floor, 0), `${n} circles`).toHaveLength(Number(n));
    }
  });

  it('lays what fits by hand: four 100 mm squares in a 300 mm pan, six 90 by 60 slabs in a roasting tin', () => {
    expect(packAll(many(slab(100, 100), 4), { kind: 'circle', diameter: 300 }, 0)).toHaveLength(4);
    expect(packAll(many(slab(90, 60), 6), { kind: 'rectangle', length: 300, width: 210 }, 8)).toHaveLength(6);
  });

  it('takes no more than it is asked for, and nothing larger than the pan', () => {
    expect(packBatch(many(disc(50), 12), { kind: 'circle', diameter: 300 }, 5)).toHaveLength(5);
    expect(packBatch([slab(260, 190)], { kind: 'circle', diameter: 200 }, 1)).toHaveLength(0);
    expect(packAll(many(disc(100), 9), { kind: 'circle', diameter: 200 }, 0)).toBeUndefined();
  });

  it('is the same every time', () => {
    const pieces = [...many(disc(55), 5), ...many(slab(70, 45), 4)];
    const floor: Floor = { kind: 'circle', diameter: 280 };
    expect(packBatch(pieces, floor, 9)).toEqual(packBatch(pieces, floor, 9));
  });

  it('knows areas', () => {
    expect(footprintMm2(disc(20))).toBeCloseTo(314.16, 2);
    expect(footprintMm2(slab(20, 10))).toBe(200);
  });
});

describe('where pieces come to lie', () => {
  /** A batch as a readable line: each piece by number, turned or not, its centre in mm from the pan's. */
  const lies = (pieces: readonly Footprint[], floor: Floor, gapMm = 0): string =>
    packAll(pieces, floor, gapMm)
      ?.map((p) => `${String(p.index)}${p.height > p.width + 0.5 ? '↕' : ''} ${p.x.toFixed(0)},${p.y.toFixed(0)}`)
      .join('  ') ?? 'no way';
  const round = (diameter: number): Floor => ({ kind: 'circle', diameter });
  const tray = (length: number, width: number): Floor => ({ kind: 'rectangle', length, width });

  // Equal circles in the smallest known circle that holds them, one percent larger.
  it.each([
    [2, 2],
    [3, 2.155],
    [4, 2.415],
    [5, 2.702],
    [7, 3],
    [8, 3.305],
    [9, 3.614],
    [10, 3.814],
    [12, 4.03],
    [14, 4.329],
    [19, 4.864],
  ])('%d discs in a pan that just holds them', (count, ratio) => {
    expect(lies(many(disc(60), count), round(60 * ratio * 1.01))).toMatchSnapshot();
    expect(lies(many(disc(60), count), round(60 * ratio * 0.95))).toBe('no way');
  });

  it('boxes, turned where that helps, and boxes beside discs', () => {
    expect([
      lies(many(slab(80, 40), 6), tray(170, 130), 2),
      lies(many(slab(80, 40), 5), tray(130, 170), 2),
      lies(many(slab(90, 45), 4), round(220), 5),
      lies([...many(slab(110, 50), 2), ...many(disc(48), 3)], round(200), 4),
      lies([...many(disc(70), 2), ...many(slab(60, 60), 3)], tray(210, 150), 5),
      lies(many(slab(300, 60), 1), round(260)),
      lies(many(slab(100, 100), 3), round(220)),
    ]).toMatchSnapshot();
  });

  it('as many as fit, in their order, and no more than asked for', () => {
    const batch = (pieces: readonly Footprint[], floor: Floor, most: number, gapMm?: number): string =>
      packBatch(pieces, floor, most, gapMm)
        .map((p) => p.index)
        .sort((a, b) => a - b)
        .join(' ');
    expect([
      batch(many(disc(60), 12), round(200), 12),
      batch(many(disc(60), 12), round(200), 4),
      batch(many(disc(60), 12), round(200), 12, 0),
      batch([...many(slab(400, 400), 1), ...many(disc(60), 3)], round(200), 4),
      batch([], round(200), 4),
      batch(many(slab(60, 60), 9), tray(190, 190), 9, 0),
    ]).toMatchInlineSnapshot(`
      [
        "0 1 2 3 4",
        "0 1 2 3",
        "0 1 2 3 4 5 6 7",
        "",
        "",
        "0 1 2 3 4 5 6 7 8",
      ]
    `);
  });
});
