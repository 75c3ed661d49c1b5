'use client';

import styled from 'styled-components';

/** Longest edge drawn, mm: more would not fit a column. */
const LONGEST_MM = 50;

const Size = styled.svg`
  display: block;
  rect {
    fill: var(--marrow);
    stroke: var(--ink);
    stroke-width: 0.4;
  }
`;

/** A square of `mm` millimetres at true size on paper, to cut by. Anything over 50 mm is drawn as 50 mm. */
export function CutSize({ mm, label }: { mm: number; label: string }) {
  const edge = Math.min(mm, LONGEST_MM);
  const box = edge + 1;
  return (
    <Size
      role="img"
      aria-label={label}
      width={`${String(box)}mm`}
      height={`${String(box)}mm`}
      viewBox={`0 0 ${String(box)} ${String(box)}`}
    >
      <rect x={0.5} y={0.5} width={edge} height={edge} />
    </Size>
  );
}
