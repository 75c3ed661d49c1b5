'use client';

import { type Pan, type Pot } from '@/core/larder';
import { useWords } from '../KitchenContext';

const VIEW = { width: 190, height: 150 };
/** The largest size that can be planned: on its own, it fills the frame. */
const WIDEST_MM = 600;
const RIM = 5;
const RULE_MM = 100;

interface PotFromAboveProps {
  readonly pot: Pick<Pot | Pan, 'shape' | 'lengthMm' | 'widthMm' | 'name'>;
  /** Width of the widest one beside it: all are drawn to one scale, so that they can be compared. */
  readonly widestMm?: number;
  /** Whether its length is written inside. */
  readonly figure?: boolean;
}

/** A pot or pan seen from above, to scale, with a ruler below. */
export function PotFromAbove({ pot, widestMm = WIDEST_MM, figure = true }: PotFromAboveProps) {
  const w = useWords();
  const scale = (VIEW.width - 2 * RIM) / widestMm;
  const rx = (pot.lengthMm * scale) / 2;
  const ry = (pot.widthMm * scale) / 2;
  const cx = VIEW.width / 2;
  const cy = Math.max(ry + RIM + 2, 60);
  const height = cy + ry + 42;
  const rule = RULE_MM * scale;
  const says = w.text('potFromAbove.says', {
    name: pot.name,
    length: w.quantity(pot.lengthMm, 'length'),
    width: w.quantity(pot.widthMm, 'length'),
  });
  return (
    <svg
      viewBox={`0 0 ${String(VIEW.width)} ${String(Math.max(VIEW.height, height))}`}
      width="100%"
      role="img"
      aria-label={says}
      style={{ display: 'block' }}
    >
      {pot.shape === 'rectangle' ? (
        <>
          <rect
            x={cx - rx - RIM}
            y={cy - ry - RIM}
            width={2 * (rx + RIM)}
            height={2 * (ry + RIM)}
            rx={9}
            fill="#17363c"
          />
          <rect x={cx - rx} y={cy - ry} width={2 * rx} height={2 * ry} rx={5} fill="var(--hot-air)" />
        </>
      ) : (
        <>
          <ellipse cx={cx} cy={cy} rx={rx + RIM} ry={ry + RIM} fill="#17363c" />
          <ellipse cx={cx} cy={cy} rx={rx} ry={ry} fill="var(--hot-air)" />
        </>
      )}
      {figure ? (
        <>
          <path
            d={`M${String(cx - rx)} ${String(cy)} H${String(cx + rx)}`}
            stroke="var(--ink)"
            strokeWidth="1.2"
            strokeDasharray="3 3"
          />
          <text x={cx} y={cy - 6} textAnchor="middle" fontSize="14" fontWeight="700" fill="var(--ink)">
            {w.quantity(pot.lengthMm, 'length')}
          </text>
        </>
      ) : null}
      <path
        d={`M${String(cx - rule / 2)} ${String(cy + ry + 16)} h${String(rule)} m0 -4 v8 M${String(cx - rule / 2)} ${String(cy + ry + 12)} v8`}
        stroke="var(--ink)"
        strokeWidth="1.2"
        fill="none"
      />
      <text x={cx} y={cy + ry + 36} textAnchor="middle" fontSize="17" fill="var(--ink)">
        {w.quantity(RULE_MM, 'length')}
      </text>
    </svg>
  );
}
