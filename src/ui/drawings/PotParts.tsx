import { type ReactNode } from 'react';
import { type Box } from './potLayout';
import { type LidKind } from '@/core/larder';

/** One piece: bone where the section meets it, paler as it cooks through; `cool` is 1 raw, 0 done. */
export function Piece({ box, cool }: { box: Box; cool: number }) {
  const { profile, bone } = box.group;
  const cx = box.x + box.w / 2;
  const cy = box.y + box.h / 2;
  const round = profile === 'roll';
  const shape = (scale: number, fill: string, opacity = 1): ReactNode =>
    round ? (
      <ellipse
        cx={cx}
        cy={cy}
        rx={(box.w / 2 - 1) * scale}
        ry={(box.h / 2 - 1) * scale}
        fill={fill}
        opacity={opacity}
      />
    ) : (
      <rect
        x={cx - (box.w / 2 - 1) * scale}
        y={cy - (box.h / 2 - 1) * scale}
        width={(box.w - 2) * scale}
        height={(box.h - 2) * scale}
        rx={Math.min(14, box.h / 3) * scale}
        fill={fill}
        opacity={opacity}
      />
    );
  return (
    <g>
      {shape(1, cool > 0 ? 'var(--wine)' : '#9a5a4c')}
      {cool > 0 && cool < 1 ? shape(1, '#b9805f', 0.55) : null}
      {cool > 0 && cool < 1 ? shape(0.35 + 0.6 * cool, '#5c1329') : null}
      {bone === 'core' && round ? (
        <circle cx={cx} cy={cy} r={Math.min(box.w, box.h) * 0.14} fill="var(--marrow)" stroke="#6b5636" />
      ) : null}
      {bone === 'core' && !round ? (
        <rect
          x={cx - box.w * 0.14}
          y={box.y + 2}
          width={box.w * 0.28}
          height={box.h - 4}
          rx={4}
          fill="var(--marrow)"
          stroke="#6b5636"
        />
      ) : null}
      {bone === 'edge' ? (
        <rect
          x={box.x + box.w * 0.12}
          y={box.y + box.h - Math.max(6, box.h * 0.18) - 2}
          width={box.w * 0.76}
          height={Math.max(6, box.h * 0.18)}
          rx={3}
          fill="var(--marrow)"
          stroke="#6b5636"
        />
      ) : null}
    </g>
  );
}

/** Cut vegetables between the pieces, in proportion to their weight, up to their height. */
export function Vegetables({
  left,
  right,
  base,
  kg,
  topPx,
}: {
  left: number;
  right: number;
  base: number;
  kg: number;
  topPx: number;
}) {
  const count = Math.min(40, Math.round(kg * 30));
  return (
    <g>
      {Array.from({ length: count }, (_, i) => {
        const x = left + 12 + ((i + 0.5) * (right - left - 24)) / count;
        const lift = (((i * 37) % 17) / 17) * Math.max(0, topPx - 14);
        return i % 3 === 0 ? (
          <circle key={i} cx={x} cy={base - 7 - lift} r={6} fill="#c9762b" />
        ) : (
          <rect
            key={i}
            x={x - 7}
            y={base - 12 - lift}
            width={14}
            height={8}
            rx={3}
            fill={i % 3 === 1 ? '#d9c9a0' : '#9aa878'}
          />
        );
      })}
    </g>
  );
}

/** Lid, foil or paper over the pot, with the steam that escapes. */
export function LidDrawing({ lid, left, right, rim }: { lid: LidKind; left: number; right: number; rim: number }) {
  if (lid === 'none') return <SteamWisps x={(left + right) / 2} y={rim - 8} count={3} />;
  const tilt = lid === 'ajar' ? 5 : 0;
  const middle = (left + right) / 2;
  if (lid === 'foil' || lid === 'tightFoil') {
    const sag = lid === 'foil' ? 4 : 9;
    return (
      <path
        d={`M${String(left - 14)} ${String(rim + 12)} V${String(rim - 4)} Q${String(middle)} ${String(rim + sag)} ${String(right + 14)} ${String(rim - 4)} V${String(rim + 12)}`}
        fill="none"
        stroke="#8fa3a8"
        strokeWidth="5"
        strokeLinejoin="round"
      />
    );
  }
  if (lid === 'cartouche') {
    return (
      <path
        d={`M${String(left + 6)} ${String(rim + 30)} H${String(right - 6)}`}
        stroke="var(--marrow)"
        strokeWidth="6"
        strokeLinecap="round"
      />
    );
  }
  return (
    <g transform={`rotate(${String(tilt)} ${String(left)} ${String(rim)})`}>
      <path
        d={`M${String(left - 12)} ${String(rim - 5)} Q${String(middle)} ${String(rim - 52)} ${String(right + 12)} ${String(rim - 5)}`}
        fill="none"
        stroke="#17363c"
        strokeWidth={lid === 'light' ? 7 : 11}
        strokeLinecap="round"
      />
      <rect x={middle - 17} y={rim - 46} width="34" height="16" rx="7" fill="#17363c" />
      <SteamWisps x={right + 14} y={rim - 12} count={1} />
    </g>
  );
}

function SteamWisps({ x, y, count }: { x: number; y: number; count: number }) {
  return (
    <g stroke="var(--mute)" strokeWidth="2.4" fill="none" strokeLinecap="round">
      {Array.from({ length: count }, (_, i) => (
        <path key={i} d={`M${String(x + (i - (count - 1) / 2) * 40)} ${String(y)} q-8 -10 0 -20 t0 -20`} />
      ))}
    </g>
  );
}

/** A gas ring under the base at `floorY`. */
export function Flames({ left, right, floorY }: { left: number; right: number; floorY: number }) {
  const count = 7;
  return (
    <g fill="var(--ember)">
      {Array.from({ length: count }, (_, i) => {
        const x = left + 30 + (i * (right - left - 60)) / (count - 1);
        return <path key={i} d={`M${String(x)} ${String(floorY + 8)} q8 9 0 16 q-8 -7 0 -16`} />;
      })}
    </g>
  );
}
