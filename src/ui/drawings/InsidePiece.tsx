'use client';

import styled from 'styled-components';
import { type Inside, type InsideMoment } from '@/core/forecast';
import { useWords } from '@/ui/KitchenContext';

const Row = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(150px, 100%), 1fr));
  gap: 12px;
  li {
    text-align: center;
    font-size: 0.9375rem;
  }
  b {
    display: block;
    font-size: 1.125rem;
  }
  svg {
    width: 100%;
    max-width: 132px;
  }
`;

const R = 92;
const VIEW = 200;
/** From raw and tough to melted: wine to marrow. */
const TOUGH = [123, 39, 64] as const;
const MELTED = [241, 225, 195] as const;
/** Contour temperatures of the meat, °C. */
const RINGS_C = [60, 75, 90] as const;

const mixed = (share: number): string =>
  `rgb(${TOUGH.map((from, i) => Math.round(from + ((MELTED[i] as number) - from) * share)).join(' ')})`;

/** Melted share at each depth, averaged over early, likely and late particles: the edge is soft where they differ. */
const together = ({ gone }: InsideMoment): number[] =>
  (gone[1] ?? []).map((_, c) => gone.reduce((sum, g) => sum + (g[c] ?? 0), 0) / Math.max(1, gone.length));

/**
 * Distance from the middle where the meat first reaches this temperature, 0 to 1; undefined if nowhere or everywhere.
 */
function ringAt(depth: readonly number[], tempC: readonly number[], ofC: number): number | undefined {
  const i = tempC.findIndex((t) => t >= ofC);
  return i <= 0 ? undefined : depth[i];
}

interface InsidePieceProps {
  readonly inside: Inside;
  /** Labels of the moments. */
  readonly names: readonly string[];
}

/** A section through the thickest piece, now and later: temperature and melting from rim to core. */
export function InsidePiece({ inside, names }: InsidePieceProps) {
  const w = useWords();
  return (
    <Row>
      {inside.moments.map((moment, m) => {
        const share = together(moment);
        const likely = moment.tempC[1] ?? [];
        const middle = w.quantity(likely[0] ?? Number.NaN, 'temperature');
        const rim = w.quantity(likely.at(-1) ?? Number.NaN, 'temperature');
        const melted = w.quantity(share.reduce((a, b) => a + b, 0) / Math.max(1, share.length), 'share');
        const id = `inside-${String(m)}`;
        return (
          <li key={moment.atMin}>
            <svg
              viewBox={`0 0 ${String(VIEW)} ${String(VIEW)}`}
              role="img"
              aria-label={w.text('inside.says', { when: names[m] ?? '', middle, rim, melted })}
            >
              <defs>
                <radialGradient id={id}>
                  {inside.depth.map((d, c) => (
                    <stop key={d} offset={d} stopColor={mixed(share[c] ?? 0)} />
                  ))}
                </radialGradient>
              </defs>
              <circle cx={VIEW / 2} cy={VIEW / 2} r={R} fill={`url(#${id})`} stroke="var(--rim)" strokeWidth={2} />
              {RINGS_C.map((ofC) => {
                const at = ringAt(inside.depth, likely, ofC);
                return at === undefined ? null : (
                  <g key={ofC}>
                    <circle
                      cx={VIEW / 2}
                      cy={VIEW / 2}
                      r={R * at}
                      fill="none"
                      stroke="var(--ember)"
                      strokeDasharray="3 4"
                      strokeWidth={1.5}
                    />
                    <text x={VIEW / 2} y={VIEW / 2 - R * at + 13} fontSize={12} textAnchor="middle" fill="#1d0c04">
                      {w.quantity(ofC, 'temperature')}
                    </text>
                  </g>
                );
              })}
            </svg>
            <b>{names[m]}</b>
            {w.text('inside.middle', { middle, melted })}
          </li>
        );
      })}
    </Row>
  );
}
