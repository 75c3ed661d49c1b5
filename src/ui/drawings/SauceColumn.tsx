'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { VerticalGrip } from './VerticalGrip';
import { THICKNESS_LEVELS } from '@/core/choices';
import { type SauceAt } from '@/core/cook';
import { type Sauce } from '@/core/finish';
import { Mute } from '../controls/Panel';
import { useWords } from '../KitchenContext';
import { say } from '@/core/message';

const Pair = styled.figure`
  display: grid;
  grid-template-columns: 176px minmax(0, 1fr);
  gap: 8px 18px;
  margin: 0;
  align-items: start;
  @container (max-width: 420px) {
    grid-template-columns: 150px minmax(0, 1fr);
    gap: 8px 12px;
  }
`;

const Drawing = styled.div`
  position: relative;
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
  text {
    font-size: 0.8125rem;
    fill: var(--ink);
  }
`;

const Facts = styled.dl`
  margin: 0;
  display: grid;
  gap: 3px;
  > div {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 8px;
    align-items: baseline;
    border-bottom: 1px dotted var(--line);
    padding-bottom: 2px;
  }
  dt {
    color: var(--mute);
    font-size: 0.9375rem;
  }
  dd {
    margin: 0;
    font-weight: 700;
    text-align: right;
  }
  /* The one that stops it. */
  > div[data-binds] dd {
    color: var(--warn);
  }
`;

const Ladder = styled.ol`
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  display: grid;
  gap: 2px;
  li {
    border-left: 6px solid var(--line);
    padding: 2px 8px;
    font-size: 0.875rem;
    line-height: 1.25;
    color: var(--mute);
  }
  li[data-here] {
    border-left-color: var(--glow);
    color: var(--ink);
    background: var(--well);
    border-radius: 0 8px 8px 0;
  }
  b {
    color: var(--ink);
  }
`;

const WIDTH = 176;
const HEIGHT = 236;
const TOP = 16;
const BOTTOM = 226;
const LEFT = 56;
const RIGHT = 124;
const MIN_L = 0.05;
const STEP_L = 0.01;
const PAGE_L = 0.1;
/** Line pitch, px. */
const NEXT_LINE = 13;
/** Fat thinner than this is drawn this thick, px, so that a film is visible. */
const FILM_PX = 2;

/** Round litres for the marks beside the column. */
function marks(topL: number): number[] {
  const step = topL > 3 ? 1 : topL > 1.2 ? 0.5 : topL > 0.5 ? 0.2 : 0.1;
  return Array.from({ length: Math.floor(topL / step + 1e-9) }, (_, i) => (i + 1) * step);
}

interface SauceColumnProps {
  readonly sauce: Sauce;
  readonly aimL: number;
  /** Its properties at this many litres. */
  readonly at: (litres: number) => SauceAt;
  /** Volume where its salt is at the limit, l; 0 if not stated. */
  readonly saltFloorL: number;
  /** The line cannot be dragged below this, l. */
  readonly leastL?: number;
  /** Minutes, where better known than by the estimate. */
  readonly minutes?: { readonly likely: number; readonly range: readonly [number, number] } | undefined;
  /** Called when the target is released; without it the column is read-only. */
  readonly onAim?: ((litres: number) => void) | undefined;
}

/** A sauce as one column to scale: fat on top, the liquid, its target line, and its properties there. */
export function SauceColumn({ sauce, aimL, at, saltFloorL, leastL = MIN_L, minutes, onAim }: SauceColumnProps) {
  const w = useWords();
  // While it is dragged, the line follows the pointer.
  const [dragged, setDragged] = useState<number>();
  const line = dragged ?? aimL;
  const shown = at(line);
  const topL = Math.max(sauce.litres + sauce.fatL, line, saltFloorL < sauce.litres * 1.5 ? saltFloorL : 0) * 1.08;
  const y = (litres: number): number => BOTTOM - ((BOTTOM - TOP) * litres) / topL;
  const fatPx = Math.max(sauce.fatL > 0.002 ? FILM_PX : 0, y(sauce.litres) - y(sauce.litres + sauce.fatL));
  const down = line < sauce.litres - 0.005;
  const nowY = Math.max(TOP + 4, y(sauce.litres) - 2);
  const known = dragged === undefined ? minutes : undefined;
  const [low, high] = known?.range ?? shown.range;
  const likely = known?.likely ?? shown.minutes;
  const saltBinds = saltFloorL > 0 && line <= saltFloorL + 0.005;
  const facts: readonly (readonly [id: string, says: string, binds?: boolean])[] = [
    [onAim ? 'sauceColumn.litres' : 'sauceColumn.sauce', w.quantity(line, 'volume')],
    ...(down
      ? [
          [
            'sauceColumn.minutes',
            Number.isFinite(likely)
              ? w.text('sauceColumn.range', {
                  likely: { as: 'minutes', value: likely },
                  low: { as: 'minutes', value: low },
                  high: { as: 'minutes', value: high },
                })
              : w.text('sauceColumn.never'),
          ] as const,
        ]
      : shown.thinL > 0.005
        ? [['sauceColumn.thin', w.quantity(shown.thinL, 'volume')] as const]
        : []),
    [onAim ? 'sauceColumn.salt' : 'sauceColumn.saltIs', w.quantity(shown.saltShare, 'saltStrength'), saltBinds],
    [onAim ? 'sauceColumn.gelatin' : 'sauceColumn.gelatinIs', w.quantity(shown.gelatinGPerL, 'gramsPerL')],
    ['sauceColumn.depth', w.quantity(shown.depthMm, 'length')],
    [onAim ? 'sauceColumn.fat' : 'sauceColumn.fatIs', w.quantity(sauce.fatL, 'volume')],
  ];
  const says = facts.map(([id, value]) => `${w.text(id as 'sauceColumn.salt')} ${value}`).join('; ');
  return (
    <Pair aria-label={w.text('sauceColumn.label', { now: { as: 'volume', value: sauce.litres }, says })}>
      <Drawing>
        <svg viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`} role="img" aria-label={w.text('sauceColumn.drawing')}>
          <rect x={LEFT} y={TOP} width={RIGHT - LEFT} height={BOTTOM - TOP} fill="var(--well)" />
          <rect
            x={LEFT}
            y={y(sauce.litres)}
            width={RIGHT - LEFT}
            height={BOTTOM - y(sauce.litres)}
            fill="var(--broth)"
            opacity={0.85}
          />
          {line < sauce.litres ? (
            <rect
              x={LEFT}
              y={y(line)}
              width={RIGHT - LEFT}
              height={BOTTOM - y(line)}
              fill="var(--wine)"
              opacity={0.55}
            />
          ) : null}
          <rect x={LEFT} y={y(sauce.litres) - fatPx} width={RIGHT - LEFT} height={fatPx} fill="var(--glow)" />
          {marks(topL).map((l) => (
            <g key={l}>
              <line x1={LEFT - 6} x2={LEFT} y1={y(l)} y2={y(l)} stroke="var(--ink)" />
              <text x={LEFT - 9} y={y(l) + 4} textAnchor="end">
                {w.quantity(l, 'volume')}
              </text>
            </g>
          ))}
          {saltFloorL > 0 && saltFloorL < topL ? (
            <g>
              <line
                x1={LEFT}
                x2={RIGHT + 8}
                y1={y(saltFloorL)}
                y2={y(saltFloorL)}
                stroke="var(--warn)"
                strokeWidth={2}
                strokeDasharray="5 4"
              />
              <text x={RIGHT + 10} y={Math.max(y(saltFloorL) + 4, nowY + NEXT_LINE)} fontSize={12}>
                {w.text('sauceColumn.saltLine')}
              </text>
            </g>
          ) : null}
          <path
            d={`M${String(LEFT)} ${String(TOP - 6)} V${String(BOTTOM)} H${String(RIGHT)} V${String(TOP - 6)}`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={3}
          />
          <line x1={LEFT - 4} x2={RIGHT + 4} y1={y(line)} y2={y(line)} stroke="var(--ink)" strokeWidth={3} />
          {onAim ? (
            <text x={RIGHT + 10} y={nowY}>
              {w.text('sauceColumn.now')}
            </text>
          ) : null}
        </svg>
        {onAim ? (
          <VerticalGrip
            value={line}
            limits={[Math.min(leastL, sauce.litres), topL]}
            step={STEP_L}
            page={PAGE_L}
            label={w.text('sauceColumn.aim')}
            valueText={says}
            topShare={y(line) / HEIGHT}
            leftShare={LEFT / WIDTH}
            widthShare={(RIGHT - LEFT) / WIDTH}
            perShare={(BOTTOM - TOP) / topL / HEIGHT}
            spoken={(litres) => Math.round(litres * 1000)}
            onValue={setDragged}
            onRest={(litres) => {
              setDragged(undefined);
              onAim(litres);
            }}
          />
        ) : null}
      </Drawing>
      <div>
        <Facts>
          {facts.map(([id, value, binds]) => (
            <div key={id} data-binds={binds === true ? '' : undefined}>
              <dt>{w.text(id as 'sauceColumn.salt')}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </Facts>
        {saltBinds ? <Mute>{w.text('sauceColumn.saltBinds')}</Mute> : null}
        <Ladder aria-label={w.text('sauceColumn.ladder')}>
          {THICKNESS_LEVELS.map((rung) => (
            <li key={rung} data-here={rung === shown.rung ? '' : undefined} aria-current={rung === shown.rung}>
              <b>{w.title(say(`rung.${rung}`))}</b>
              {rung === shown.rung ? `: ${w.text(`rung.${rung}.sign`)}` : ''}
            </li>
          ))}
        </Ladder>
      </div>
    </Pair>
  );
}
