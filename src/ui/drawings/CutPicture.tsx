'use client';

import { type Cut } from '@/core/larder';

const VIEW = { width: 96, height: 60 };
/** The longest a piece is drawn, px. */
const LONGEST = 78;
const CUBES = [
  [14, 30],
  [36, 30],
  [58, 30],
  [25, 11],
  [47, 11],
] as const;
/** Pieces that taper to the end of their bone. */
const TAPERED: readonly string[] = ['shank', 'leg', 'thigh', 'hock', 'shoulder'];

const MEAT = { fill: 'var(--wine)' } as const;
const BONE = { fill: 'var(--marrow)', stroke: 'var(--rim)', strokeWidth: 1.2 } as const;
const GRAIN = { stroke: 'var(--marrow)', strokeOpacity: 0.4, strokeWidth: 1.5, fill: 'none' } as const;

function Disc({ cut, across }: { cut: Cut; across: number }) {
  const r = Math.min(27, across / 2);
  return (
    <g transform={`translate(${String(VIEW.width / 2)} ${String(VIEW.height / 2)})`}>
      <circle r={r} {...MEAT} />
      <circle r={r * 0.72} {...GRAIN} />
      {cut.boneMode === 'none' ? null : <circle r={r * 0.26} {...BONE} />}
    </g>
  );
}

function Tapered({ length, thick }: { length: number; thick: number }) {
  const x = (VIEW.width - length) / 2;
  const mid = VIEW.height / 2;
  const h = Math.min(27, Math.max(12, thick / 2));
  const end = x + length;
  return (
    <>
      <path
        d={`M${String(end - 16)} ${String(mid - 4)} H${String(end - 4)} a5 5 0 1 1 3 4 a5 5 0 1 1 -3 4 H${String(end - 16)} Z`}
        {...BONE}
      />
      <path
        d={`M${String(x)} ${String(mid)} C${String(x)} ${String(mid - h)} ${String(x + length * 0.38)} ${String(mid - h)} ${String(x + length * 0.5)} ${String(mid - h * 0.8)} L${String(end - 14)} ${String(mid - 7)} V${String(mid + 7)} L${String(x + length * 0.5)} ${String(mid + h * 0.8)} C${String(x + length * 0.38)} ${String(mid + h)} ${String(x)} ${String(mid + h)} ${String(x)} ${String(mid)} Z`}
        {...MEAT}
      />
    </>
  );
}

function Block({ cut, length, thick }: { cut: Cut; length: number; thick: number }) {
  const h = Math.min(50, Math.max(14, thick));
  const x = (VIEW.width - length) / 2;
  const y = (VIEW.height - h) / 2;
  // A joint mostly sold boneless is drawn that way.
  const boned = cut.bone === 'either' && cut.boneFraction <= 0.1;
  const bones = cut.boneMode === 'edge' && !boned ? [0.2, 0.5, 0.8] : [];
  return (
    <>
      <rect x={x} y={y} width={length} height={h} rx={Math.min(cut.shape === 'roll' ? h / 2 : 9, h / 2)} {...MEAT} />
      {cut.shape === 'roll'
        ? [0.3, 0.5, 0.7].map((at) => (
            <path
              key={at}
              d={`M${String(x + length * at)} ${String(y)} q4 ${String(h / 2)} 0 ${String(h)}`}
              {...GRAIN}
              strokeOpacity={0.9}
            />
          ))
        : [0.28, 0.52, 0.76].map((at) => (
            <path
              key={at}
              d={`M${String(x + length * at - 6)} ${String(y + h * 0.25)} q8 ${String(h * 0.25)} 2 ${String(h * 0.5)}`}
              {...GRAIN}
            />
          ))}
      {bones.map((at) => (
        <rect key={at} x={x + length * at - 6} y={y + h - 7} width="12" height="10" rx="4" {...BONE} />
      ))}
      {cut.boneMode === 'core' ? (
        <rect x={x + length - 7} y={y + h / 2 - 5} width="14" height="10" rx="5" {...BONE} />
      ) : null}
    </>
  );
}

/** A drawing of one piece of a cut, in the larder's proportions. Decorative: its name is beside it. */
export function CutPicture({ cut }: { cut: Cut }) {
  const { length, width, thickness } = cut.sizeMm;
  const longest = Math.max(length, width, thickness);
  // Small pieces are drawn relatively larger, but never as large as large ones.
  const drawn = LONGEST * Math.min(1, Math.max(0.5, Math.sqrt(longest / 260)));
  const scale = drawn / longest;
  const tapered = TAPERED.includes(cut.pieceNoun) && cut.boneMode !== 'none';
  return (
    <svg
      viewBox={`0 0 ${String(VIEW.width)} ${String(VIEW.height)}`}
      width="96"
      height="60"
      aria-hidden
      focusable="false"
    >
      {cut.form === 'cubes' ? (
        CUBES.map(([x, y]) => (
          <rect key={x} x={x} y={y} width="19" height="19" rx="4" {...MEAT} stroke="var(--plate)" strokeWidth="1.5" />
        ))
      ) : cut.shape === 'disc' ? (
        <Disc cut={cut} across={Math.max(length, width) * scale * 1.1} />
      ) : tapered ? (
        <Tapered length={drawn} thick={thickness * scale * 1.25} />
      ) : (
        <Block cut={cut} length={length * scale} thick={thickness * scale * 1.2} />
      )}
    </svg>
  );
}
