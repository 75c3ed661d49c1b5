'use client';

import { type Pan } from '@/core/plan/input';
import { PAN_SHARE, type SearPlan } from '@/core/sear/batches';

const SIZE = { width: 640, height: 400 };

/** The sear pan from above, to scale, with the first batch in it and how much of the pan it covers. */
export function PanMap({ pan, sear, pieces, round }: { pan: Pan; sear: SearPlan; pieces: number; round: boolean }) {
  const scale = 340 / pan.diameterMm;
  const radius = (pan.diameterMm * scale) / 2;
  const cx = 30 + radius;
  const cy = SIZE.height / 2;
  const share = Math.round(sear.coverage * 100);
  const limit = Math.round(PAN_SHARE * 100);
  const barX = 400;
  const barW = 205;
  const says = `${pan.name} from above: batch 1 of ${String(sear.batches)} holds ${String(sear.perBatch)} of ${String(pieces)} pieces and covers ${String(share)} % of the pan. Beyond ${String(limit)} % it steams instead of searing.`;
  return (
    <svg
      viewBox={`0 0 ${String(SIZE.width)} ${String(SIZE.height)}`}
      width="100%"
      role="img"
      aria-label={says}
      style={{ display: 'block' }}
    >
      <defs>
        <radialGradient id="pan-heat">
          <stop offset="0" stopColor="#b4451f" />
          <stop offset="0.75" stopColor="#4a2a20" />
          <stop offset="1" stopColor="#2a2422" />
        </radialGradient>
      </defs>
      <rect
        x={radius - 8}
        y={-13}
        width={120}
        height={26}
        rx={13}
        fill="#17363c"
        transform={`translate(${String(cx)} ${String(cy)}) rotate(42)`}
      />
      <circle cx={cx} cy={cy} r={radius + 12} fill="#17363c" />
      <circle cx={cx} cy={cy} r={radius} fill="url(#pan-heat)" />
      {sear.layout.map((p, i) => {
        const w = p.width * scale;
        const h = p.height * scale;
        const x = cx + p.x * scale;
        const y = cy + p.y * scale;
        return (
          <g key={i}>
            <rect
              x={x - w / 2 - 4 * scale}
              y={y - h / 2 - 4 * scale}
              width={w + 8 * scale}
              height={h + 8 * scale}
              rx={round ? Math.min(w, h) / 2 : 10}
              fill="none"
              stroke="#f1e1c3"
              strokeDasharray="4 4"
              opacity="0.7"
            />
            {round ? (
              <ellipse cx={x} cy={y} rx={w / 2} ry={h / 2} fill="#7b2740" stroke="#3d0f1e" strokeWidth="1.5" />
            ) : (
              <rect
                x={x - w / 2}
                y={y - h / 2}
                width={w}
                height={h}
                rx={Math.min(10, h / 4)}
                fill="#7b2740"
                stroke="#3d0f1e"
                strokeWidth="1.5"
              />
            )}
            {Math.min(w, h) > 24 ? (
              <text x={x} y={y + 5} textAnchor="middle" fontSize="14" fontWeight="700" fill="#fcf3df">
                {i + 1}
              </text>
            ) : null}
          </g>
        );
      })}
      <g fill="var(--ink)" fontSize="15">
        <text x={barX} y={cy - 78} fontWeight="700" fontSize="19">
          {sear.batches === 1 ? 'One batch' : `Batch 1 of ${String(sear.batches)}`}
        </text>
        <text x={barX} y={cy - 52}>
          {sear.perBatch} of {pieces} pieces
        </text>
        <text x={barX} y={cy - 30}>
          {sear.minutesPerBatch} min, then the pan recovers
        </text>
        <rect x={barX} y={cy - 6} width={barW} height={14} rx={7} fill="var(--line)" />
        <rect
          x={barX}
          y={cy - 6}
          width={Math.max(8, barW * Math.min(1, sear.coverage))}
          height={14}
          rx={7}
          fill="var(--ember)"
        />
        <path d={`M${String(barX + barW * PAN_SHARE)} ${String(cy - 14)} v30`} stroke="var(--ink)" strokeWidth="3" />
        <text x={barX} y={cy + 34}>
          {share} % of the pan covered
        </text>
        <text x={barX} y={cy + 58} fontSize="14" fill="var(--mute)">
          beyond the mark, {limit} %, it steams
        </text>
        <text x={barX} y={cy + 82} fontSize="14" fill="var(--mute)">
          dashed: the air each piece needs
        </text>
      </g>
    </svg>
  );
}
