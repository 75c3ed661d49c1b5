import { type PotGroup, type Promised } from '@/core/plan';

/** A piece in the pot's cross-section. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
  readonly group: PotGroup;
}

/** One group's pieces in cross-section on its part of the base, mm from the left and up. */
function groupInSection(group: PotGroup, from: number, width: number): Box[] {
  const boxes: Box[] = [];
  if (group.profile === 'heap') {
    const edge = group.acrossMm;
    const across = Math.max(1, Math.floor(width / (edge * 1.08)));
    const tall = group.topMm - group.bottomMm;
    const high = Math.max(1, Math.round(tall / edge));
    for (let row = 0; row < high; row++) {
      const count = row % 2 === 0 ? across : Math.max(1, across - 1);
      const gap = (width - count * edge) / (count + 1);
      for (let i = 0; i < count; i++) {
        boxes.push({
          x: from + gap + i * (edge + gap),
          y: group.bottomMm + (row * tall) / high,
          w: edge,
          h: tall / high - 1,
          group,
        });
      }
    }
    return boxes;
  }
  const across = Math.min(group.acrossMm, width - 4);
  const most = Math.max(1, Math.floor(width / (across + 2)));
  const perRow = Math.min(most, Math.max(1, Math.round(Math.sqrt(group.perLayer * 1.4))));
  const left = group.count - (group.layers - 1) * group.perLayer;
  const inTopRow = Math.max(1, Math.round((perRow * left) / group.perLayer));
  // Pieces that yield are less than their height above those below.
  const rise = (group.topMm - group.bottomMm - group.heightMm) / Math.max(1, group.layers - 1);
  for (let layer = 0; layer < group.layers; layer++) {
    const count = layer === group.layers - 1 ? Math.min(perRow, inTopRow) : perRow;
    const gap = (width - count * across) / (count + 1);
    for (let i = 0; i < count; i++) {
      boxes.push({
        x: from + gap + i * (across + gap),
        y: group.bottomMm + layer * rise,
        w: across,
        h: group.heightMm,
        group,
      });
    }
  }
  return boxes;
}

/** All pieces in section: the groups side by side, each on its share of the base. */
export function piecesInSection(pot: Promised['pot']): Box[] {
  const total = pot.groups.reduce((sum, g) => sum + g.groundShare, 0);
  let from = 0;
  return pot.groups.flatMap((group) => {
    const width = (pot.lengthMm * group.groundShare) / total;
    const boxes = groupInSection(group, from, width);
    from += width;
    return boxes;
  });
}

/** Labels kept at least `least` apart, in the given order (top first). */
export function spreadOut(wanted: readonly number[], least: number): number[] {
  const out = [...wanted];
  for (let i = 1; i < out.length; i++) out[i] = Math.max(out[i] as number, (out[i - 1] as number) + least);
  return out;
}
