'use client';

import { type ReactNode } from 'react';
import styled from 'styled-components';
import { useWords } from '../KitchenContext';

/** Work by hand that a drawing shows better than words. */
export const HAND_DRAWN = ['slice', 'boneOut', 'shred', 'marrowOut'] as const;
export type HandDrawn = (typeof HAND_DRAWN)[number];

const Figure = styled.figure`
  margin: 0;
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
  figcaption {
    font-size: 1rem;
    line-height: 1.3;
  }
`;

const WIDTH = 150;
const HEIGHT = 84;
const FIBRES = [24, 33, 42, 51, 60] as const;
const CUTS = [48, 62, 76, 90, 104] as const;

const meat = { fill: 'var(--wine)', opacity: 0.55, stroke: 'var(--ink)', strokeWidth: 1.5 } as const;
const line = { stroke: 'var(--ink)', fill: 'none' } as const;

/** A block of meat whose fibres lie along it. */
const Block = () => (
  <>
    <rect x={28} y={16} width={94} height={52} rx={10} {...meat} />
    {FIBRES.map((y) => (
      <line key={y} x1={34} x2={116} y1={y} y2={y} {...line} strokeWidth={1} opacity={0.7} />
    ))}
  </>
);

const arrow = (from: readonly [number, number], to: readonly [number, number]): ReactNode => {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const long = Math.hypot(dx, dy);
  const [ux, uy] = [dx / long, dy / long];
  const wing = (side: number): string =>
    `${String(to[0] - ux * 8 + side * uy * 5)} ${String(to[1] - uy * 8 - side * ux * 5)}`;
  return (
    <path
      d={`M${from.join(' ')} L${to.join(' ')} M${wing(1)} L${to.join(' ')} L${wing(-1)}`}
      {...line}
      stroke="var(--glow)"
      strokeWidth={3.5}
      strokeLinecap="round"
    />
  );
};

const DRAWN: Readonly<Record<HandDrawn, () => ReactNode>> = {
  // The blade goes across the fibres.
  slice: () => (
    <>
      <Block />
      {CUTS.map((x) => (
        <line key={x} x1={x} x2={x} y1={10} y2={74} stroke="var(--glow)" strokeWidth={3} strokeDasharray="6 4" />
      ))}
    </>
  ),
  // The bone comes out along its own length, turned.
  boneOut: () => (
    <>
      <ellipse cx={66} cy={42} rx={46} ry={27} {...meat} />
      <path
        d="M34 38 q-8 -8 -12 0 q-6 4 0 8 q4 8 12 0 L104 46 q6 8 12 1 q6 -5 0 -9 q-4 -8 -12 0 Z"
        fill="var(--paper, #f4efe2)"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      {arrow([118, 42], [146, 42])}
      <path d="M108 22 a14 8 0 0 1 26 4" {...line} stroke="var(--glow)" strokeWidth={2.5} />
    </>
  ),
  // Two forks pull along the fibres, away from each other.
  shred: () => (
    <>
      {FIBRES.map((y, i) => (
        <path
          key={y}
          d={`M34 ${String(y)} q 18 ${String((i - 2) * 5)} 38 0 M80 ${String(y)} q 18 ${String((2 - i) * 5)} 36 0`}
          {...line}
          stroke="var(--wine)"
          strokeWidth={6}
          opacity={0.7}
          strokeLinecap="round"
        />
      ))}
      {arrow([54, 42], [8, 42])}
      {arrow([96, 42], [142, 42])}
    </>
  ),
  // The bone stands; a thin spoon goes down its middle.
  marrowOut: () => (
    <>
      <rect x={52} y={20} width={46} height={54} rx={8} fill="var(--paper, #f4efe2)" stroke="var(--ink)" />
      <rect x={64} y={20} width={22} height={54} fill="var(--wine)" opacity={0.5} />
      {arrow([75, 2], [75, 52])}
    </>
  ),
};

/** The work of a step in a few lines, with what matters beside it. */
export function HandDrawing({ of }: { readonly of: HandDrawn }) {
  const w = useWords();
  const Drawn = DRAWN[of];
  return (
    <Figure>
      <svg viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`} role="img" aria-label={w.text(`hand.${of}.drawing`)}>
        <Drawn />
      </svg>
      <figcaption>{w.text(`hand.${of}`)}</figcaption>
    </Figure>
  );
}
