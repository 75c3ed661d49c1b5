'use client';

import styled from 'styled-components';
import { type Doneness, DONENESS_STAGES } from '@/core/tenderness';
import { useWords } from '../KitchenContext';

/** Depth of the tines, tilt, and what the meat does, for each doneness. */
const POSES: Readonly<Record<Doneness, { readonly depth: number; readonly tilt: number }>> = {
  holds: { depth: 0, tilt: 0 },
  drags: { depth: 11, tilt: 0 },
  gives: { depth: 25, tilt: 0 },
  twists: { depth: 25, tilt: 28 },
  falls: { depth: 28, tilt: 0 },
  strings: { depth: 22, tilt: 0 },
};

const MEAT_TOP = 52;
const MEAT_BOTTOM = 92;

function Fork({ depth, tilt }: { depth: number; tilt: number }) {
  const tip = MEAT_TOP + depth;
  return (
    <g
      transform={`rotate(${String(tilt)} 50 ${String(MEAT_TOP + 10)})`}
      fill="none"
      stroke="currentColor"
      strokeWidth="3.6"
      strokeLinecap="round"
    >
      <path d={`M50 ${String(tip - 60)} V${String(tip - 34)}`} strokeWidth="4.6" />
      <path
        d={`M39 ${String(tip)} V${String(tip - 22)} C39 ${String(tip - 36)} 61 ${String(tip - 36)} 61 ${String(tip - 22)} V${String(tip)}`}
      />
      <path d={`M46.3 ${String(tip)} V${String(tip - 27)}`} />
      <path d={`M53.7 ${String(tip)} V${String(tip - 27)}`} />
    </g>
  );
}

function Meat({ stage }: { stage: Doneness }) {
  if (stage === 'falls') {
    return (
      <g fill="var(--wine)">
        <path d={`M8 ${String(MEAT_BOTTOM)} V66 C8 52 26 50 33 58 L36 ${String(MEAT_BOTTOM)} Z`} />
        <path d={`M39 ${String(MEAT_BOTTOM)} L41 68 C46 60 56 60 60 68 L62 ${String(MEAT_BOTTOM)} Z`} />
        <path d={`M65 ${String(MEAT_BOTTOM)} L68 60 C78 52 92 58 92 70 V${String(MEAT_BOTTOM)} Z`} />
      </g>
    );
  }
  if (stage === 'strings') {
    const threads = [10, 18, 26, 33, 41, 50, 58, 66, 74, 82, 90];
    return (
      <g stroke="var(--wine)" strokeWidth="3.2" strokeLinecap="round" fill="none">
        {threads.map((x, i) => (
          <path
            key={x}
            d={`M${String(x)} ${String(MEAT_BOTTOM)} C${String(x - 5)} ${String(82 - (i % 3) * 2)} ${String(x + 6)} ${String(74 - (i % 2) * 5)} ${String(x + (i % 2 === 0 ? 2 : -3))} ${String(62 + (i % 4) * 3)}`}
          />
        ))}
      </g>
    );
  }
  const dent = stage === 'holds' ? 4 : 0;
  return (
    <g>
      <path
        d={`M8 ${String(MEAT_TOP + 8)} Q8 ${String(MEAT_TOP)} 18 ${String(MEAT_TOP)} H38 Q50 ${String(MEAT_TOP + dent)} 62 ${String(MEAT_TOP)} H82 Q92 ${String(MEAT_TOP)} 92 ${String(MEAT_TOP + 8)} V${String(MEAT_BOTTOM - 6)} Q92 ${String(MEAT_BOTTOM)} 84 ${String(MEAT_BOTTOM)} H16 Q8 ${String(MEAT_BOTTOM)} 8 ${String(MEAT_BOTTOM - 6)} Z`}
        fill="var(--wine)"
      />
      <g stroke="var(--marrow)" strokeOpacity="0.35" strokeWidth="1.5" fill="none">
        {[20, 32, 68, 80].map((x) => (
          <path key={x} d={`M${String(x)} ${String(MEAT_TOP + 8)} q3 12 0 26`} />
        ))}
      </g>
    </g>
  );
}

/** The drawn fork of one doneness. Decorative: its name is always beside it. */
export function ForkPicture({ stage, size = 88 }: { stage: Doneness; size?: number }) {
  const pose = POSES[stage];
  const behind = stage === 'falls' || stage === 'strings';
  return (
    <svg viewBox="0 -8 100 104" width={size} height={size * 1.04} aria-hidden focusable="false">
      {behind ? <Fork {...pose} /> : null}
      <Meat stage={stage} />
      {behind ? null : <Fork {...pose} />}
      {behind ? null : (
        <path
          d={`M8 ${String(MEAT_TOP + 30)} H92 V${String(MEAT_BOTTOM - 6)} Q92 ${String(MEAT_BOTTOM)} 84 ${String(MEAT_BOTTOM)} H16 Q8 ${String(MEAT_BOTTOM)} 8 ${String(MEAT_BOTTOM - 6)} Z`}
          fill="var(--wine)"
        />
      )}
      {stage === 'twists' ? (
        <g fill="none" stroke="var(--glow)" strokeWidth="3.2" strokeLinecap="round">
          <path d="M66 6 C78 10 86 18 88 30" />
          <path d="M81 27 L88.5 31 L93 23.5" />
        </g>
      ) : null}
    </svg>
  );
}

const Row = styled.ul`
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 8px;
  @media (max-width: 720px) {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
  @container (max-width: 520px) {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
`;

const Step = styled.li<{ $marked: boolean }>`
  border: 2px solid ${({ $marked }) => ($marked ? 'var(--glow)' : 'var(--line)')};
  background: ${({ $marked }) => ($marked ? 'var(--enamel)' : 'var(--plate)')};
  color: ${({ $marked }) => ($marked ? 'var(--on-enamel)' : 'var(--ink)')};
  border-radius: 12px;
  padding: 6px 6px 8px;
  text-align: center;
  h3 {
    font-size: 1.0625rem;
  }
  p {
    font-size: 0.8125rem;
    line-height: 1.25;
    color: ${({ $marked }) => ($marked ? 'var(--on-enamel-mute)' : 'var(--mute)')};
  }
  b {
    display: block;
    font-size: 0.875rem;
    margin-top: 4px;
  }
`;

interface ForkScaleProps {
  readonly marked?: Doneness | undefined;
  /** A line under each doneness, e.g. when it is expected. */
  readonly notes?: Partial<Record<Doneness, string>>;
}

/** The doneness scale from raw to too far. */
export function ForkScale({ marked, notes = {} }: ForkScaleProps) {
  const w = useWords();
  return (
    <Row aria-label={w.text('forkScale.forkScale')}>
      {DONENESS_STAGES.map((stage) => (
        <Step key={stage} $marked={stage === marked} aria-current={stage === marked ? 'step' : undefined}>
          <ForkPicture stage={stage} size={70} />
          <h3>{w.label('stage', stage)}</h3>
          {stage === marked || notes[stage] === undefined ? <p>{w.text(`stage.${stage}.feel`)}</p> : null}
          {notes[stage] === undefined ? null : <b>{notes[stage]}</b>}
        </Step>
      ))}
    </Row>
  );
}
