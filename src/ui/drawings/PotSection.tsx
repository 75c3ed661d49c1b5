'use client';

import { useRef } from 'react';
import styled from 'styled-components';
import { LevelHandle } from './LevelHandle';
import { piecesInSection, spreadOut } from './potLayout';
import { Flames, LidDrawing, Piece, Vegetables } from './PotParts';
import { useNarrow } from './useNarrow';
import { type LidKind } from '@/core/larder';
import { heatMode, heatSays, MODES, type PlanHeat } from '@/core/choices';
import { type Promised } from '@/core/plan';
import { useWords } from '../KitchenContext';

const VIEW_HEIGHT = 400;
/** Width of the drawing, the pot's space in it and where that begins: with words beside the pot, or figures only. */
const WIDE = { width: 640, room: 330, from: 155 };
const NARROW = { width: 400, room: 230, from: 90 };
/** Space above the rim for lid, steam and the heat's name. */
const OVER_RIM = 104;
const FLOOR_Y = 350;
const ROOM_HEIGHT = 215;
const WALL = 11;
/** Smallest distance between the labels of two levels. */
const LABEL_PITCH = 36;
const NARROW_PITCH = 19;

/** The pot's handles, distance below its rim. */
const HANDLE = { under: 26, thick: 11 } as const;
/** Height of a figure beside the pot. */
const FIGURE_HIGH = 14;

/** Dash pattern of the level lines. */
const DASH = { now: 'none', half: '2 5', end: '7 6' } as const;

interface PotSectionProps {
  readonly pot: Promised['pot'];
  readonly liquidL: number;
  readonly evaporationMlPerHour: number;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  /** In a live braise: the estimated state, and a recent probe reading. */
  readonly live?: {
    readonly levelMm: number;
    readonly litres: number;
    readonly coreC: number;
    readonly meanC: number;
    readonly probeC?: number | undefined;
  };
  /** Lets the level line be dragged; called with the share of the meat's height. */
  readonly onLevel?: (share: number) => void;
}

/** A level line and its label. */
interface LevelLabel {
  readonly mm: number;
  readonly figure: string;
  readonly what: string;
  /** Dash pattern. */
  readonly dash: string;
}

/** The pot in cross-section, to scale: contents, liquid level now and later, and the heat source. */
export function PotSection({ pot, liquidL, evaporationMlPerHour, heat, lid, live, onLevel }: PotSectionProps) {
  const w = useWords();
  const frame = useRef<HTMLDivElement>(null);
  const narrow = useNarrow(frame);
  const view = narrow ? NARROW : WIDE;
  const mm = (value: number): string => w.quantity(value, 'length');
  const scale = Math.min(view.room / pot.lengthMm, ROOM_HEIGHT / pot.heightMm);
  const width = pot.lengthMm * scale;
  const height = pot.heightMm * scale;
  const left = view.from + (view.room - width) / 2;
  const right = left + width;
  const rim = FLOOR_Y - height;
  const top = Math.max(0, rim - OVER_RIM);
  const up = (value: number): number => FLOOR_Y - value * scale;
  const level = live?.levelMm ?? pot.levelStartMm;
  const inside = MODES[heatMode(heat)].place !== 'burner';
  const cool = live ? Math.min(1, Math.max(0, (92 - live.coreC) / 67)) : 1;
  const boxes = piecesInSection(pot).map((b) => ({
    ...b,
    x: left + b.x * scale,
    y: up(b.y + b.h),
    w: b.w * scale,
    h: b.h * scale,
  }));
  const litres = w.quantity(live?.litres ?? liquidL, 'volume');
  const labels: LevelLabel[] = [
    {
      mm: level,
      figure: litres,
      what: live ? w.text('potSection.byEstimateNow') : w.text('potSection.goingIn'),
      dash: DASH.now,
    },
    ...(live
      ? []
      : [{ mm: pot.levelHalfMm, figure: mm(pot.levelHalfMm), what: w.text('potSection.atHalfTime'), dash: DASH.half }]),
    { mm: pot.levelEndMm, figure: mm(pot.levelEndMm), what: w.text('potSection.whenDone'), dash: DASH.end },
  ];
  const sorted = [...labels].sort((a, b) => b.mm - a.mm);
  const middle = (up(sorted[0]?.mm ?? 0) + up(sorted.at(-1)?.mm ?? 0)) / 2;
  const wanted = spreadOut(
    sorted.map((l) => up(l.mm)),
    narrow ? NARROW_PITCH : LABEL_PITCH,
  );
  // With figures only, the pot's handle is in the way: they start below it.
  const highest = narrow ? rim + HANDLE.under + HANDLE.thick / 2 + FIGURE_HIGH : top;
  const shift = Math.max(middle - ((wanted[0] ?? 0) + (wanted.at(-1) ?? 0)) / 2, highest - (wanted[0] ?? 0));
  const labelY = wanted.map((y) => Math.min(y + shift, FLOOR_Y));
  const beside = narrow ? { ruler: 34, labels: 22 } : { ruler: 62, labels: 46 };
  const layers = Math.max(...pot.groups.map((g) => g.layers));
  const heatWord = w.say(heatSays(heat));
  const says = [
    w.text('potSection.pot', { across: mm(pot.lengthMm), heat: heatWord, lid: w.name('lid', lid) }),
    w.text('potSection.meat', { high: mm(pot.meatTopMm), layers }),
    w.text(live ? 'potSection.liquidNow' : 'potSection.liquidStart', {
      deep: mm(level),
      litres,
      half: mm(pot.levelHalfMm),
      end: mm(pot.levelEndMm),
    }),
    w.text('potSection.steam', { steam: w.quantity(evaporationMlPerHour / 1000, 'volumePerHour') }),
    ...(live ? [w.text('potSection.middle', { core: w.quantity(live.coreC, 'temperature') })] : []),
  ].join(' ');

  const drawing = (
    <svg
      viewBox={`0 ${String(top)} ${String(view.width)} ${String(VIEW_HEIGHT - top)}`}
      width="100%"
      role="img"
      aria-label={says}
      style={{ display: 'block', borderRadius: 12, background: 'var(--warm-air)' }}
    >
      <defs>
        <linearGradient id="air" x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor="var(--warm-air)" />
          <stop offset="1" stopColor="var(--hot-air)" />
        </linearGradient>
        <clipPath id="bowl">
          <path
            d={`M${String(left)} ${String(rim)} V${String(FLOOR_Y - 18)} Q${String(left)} ${String(FLOOR_Y)} ${String(left + 18)} ${String(FLOOR_Y)} H${String(right - 18)} Q${String(right)} ${String(FLOOR_Y)} ${String(right)} ${String(FLOOR_Y - 18)} V${String(rim)} Z`}
          />
        </clipPath>
      </defs>
      {inside ? <rect y={top} width={view.width} height={VIEW_HEIGHT - top} fill="url(#air)" /> : null}
      <text x="16" y={top + 28} fontSize="15" fill="var(--ink)">
        {onLevel ? null : heatWord}
      </text>

      <g clipPath="url(#bowl)">
        <rect x={left} y={rim} width={width} height={height} fill="var(--plate)" />
        {boxes.map((box, i) => (
          <Piece key={i} box={box} cool={cool} />
        ))}
        <rect x={left} y={up(level)} width={width} height={FLOOR_Y - up(level)} fill="var(--broth)" opacity="0.62" />
        <Vegetables
          left={left}
          right={right}
          base={FLOOR_Y - 4}
          kg={pot.vegetablesKg}
          topPx={Math.min(pot.vegetableTopMm, pot.heightMm - 12) * scale}
        />
        <path d={`M${String(left)} ${String(up(level))} H${String(right)}`} stroke="#fcfcf8" strokeWidth="2.5" />
        {live ? null : (
          <path
            d={`M${String(left)} ${String(up(pot.levelHalfMm))} H${String(right)}`}
            stroke="#fcfcf8"
            strokeWidth="1.6"
            strokeDasharray={DASH.half}
          />
        )}
        <path
          d={`M${String(left)} ${String(up(pot.levelEndMm))} H${String(right)}`}
          stroke="#fcfcf8"
          strokeWidth="2"
          strokeDasharray={DASH.end}
        />
      </g>

      <path
        d={`M${String(left - WALL / 2)} ${String(rim)} V${String(FLOOR_Y - 18)} Q${String(left - WALL / 2)} ${String(FLOOR_Y + WALL / 2)} ${String(left + 18)} ${String(FLOOR_Y + WALL / 2)} H${String(right - 18)} Q${String(right + WALL / 2)} ${String(FLOOR_Y + WALL / 2)} ${String(right + WALL / 2)} ${String(FLOOR_Y - 18)} V${String(rim)}`}
        fill="none"
        stroke="#17363c"
        strokeWidth={WALL}
        strokeLinejoin="round"
      />
      <path
        d={`M${String(left - 34)} ${String(rim + HANDLE.under)} H${String(left - 8)} M${String(right + 8)} ${String(rim + HANDLE.under)} H${String(right + 34)}`}
        stroke="#17363c"
        strokeWidth={HANDLE.thick}
        strokeLinecap="round"
      />
      <LidDrawing lid={lid} left={left} right={right} rim={rim} />
      {inside ? null : <Flames left={left} right={right} floorY={FLOOR_Y} />}

      <g stroke="var(--ink)" strokeWidth="1.4">
        <path
          d={`M${String(left - beside.ruler)} ${String(up(pot.meatTopMm))} H${String(left - 14)} M${String(left - beside.ruler)} ${String(FLOOR_Y)} H${String(left - 14)} M${String(left - beside.ruler + 8)} ${String(up(pot.meatTopMm))} V${String(FLOOR_Y)}`}
        />
        {sorted.map((l, i) => (
          <path
            key={l.what}
            d={`M${String(right + 10)} ${String(up(l.mm))} L${String(right + beside.labels - 4)} ${String((labelY[i] ?? 0) - (narrow ? 4 : 0))}`}
            fill="none"
          />
        ))}
      </g>
      <g fill="var(--ink)" fontSize="15">
        <text x={left - beside.ruler - 4} y={(up(pot.meatTopMm) + FLOOR_Y) / 2} textAnchor="end">
          <tspan fontWeight="700">{mm(pot.meatTopMm)}</tspan>
          <tspan x={left - beside.ruler - 4} dy="18" fontSize="14">
            {w.text('potSection.ofMeat')}
          </tspan>
        </text>
        {sorted.map((l, i) => (
          <text key={l.what} x={right + beside.labels} y={(labelY[i] ?? 0) + 1} fontWeight="700">
            {narrow ? (
              mm(l.mm)
            ) : (
              <>
                {l.figure}
                <tspan x={right + beside.labels} dy="16" fontSize="13" fontWeight="400">
                  {l.what}
                </tspan>
              </>
            )}
          </text>
        ))}
        <text
          {...(narrow ? { x: view.width - 10, y: top + 28, textAnchor: 'end' } : { x: right + 26, y: rim - 26 })}
          fontSize="14"
        >
          {w.quantity(evaporationMlPerHour / 1000, 'volumePerHour')}
        </text>
        {live ? (
          <text x={view.width / 2} y={FLOOR_Y + 38} textAnchor="middle">
            {live.probeC === undefined
              ? w.text('potSection.middleOfTheMeatAbout2', { core: w.quantity(live.coreC, 'temperature') })
              : w.text('potSection.middleRead', {
                  read: w.quantity(live.probeC, 'temperature'),
                  core: w.quantity(live.coreC, 'temperature'),
                })}
          </text>
        ) : onLevel ? null : (
          <text x={view.width / 2} y={FLOOR_Y + 38} textAnchor="middle" fontSize="14">
            {w.text('potSection.acrossFull', {
              diameter: mm(pot.lengthMm),
              full: w.figure(pot.full),
              layers,
            })}
          </text>
        )}
      </g>
    </svg>
  );
  const viewH = VIEW_HEIGHT - top;
  return (
    <div>
      <Frame ref={frame}>
        {drawing}
        {onLevel ? (
          <LevelHandle
            share={level / pot.meatTopMm}
            says={w.text('potSection.deep', { litres, level: mm(level) })}
            topShare={(up(level) - top) / viewH}
            leftShare={left / view.width}
            widthShare={width / view.width}
            perShare={(pot.meatTopMm * scale) / viewH}
            onLevel={onLevel}
          />
        ) : null}
      </Frame>
      {narrow ? (
        <Legend aria-hidden>
          {labels.map((l) => (
            <li key={l.what}>
              <svg width="26" height="10" viewBox="0 0 26 10">
                <path d="M0 5 H26" stroke="var(--broth)" strokeWidth="3" strokeDasharray={l.dash} />
              </svg>
              <b>{l.figure}</b> {l.what}
            </li>
          ))}
        </Legend>
      ) : null}
    </div>
  );
}

const Frame = styled.div`
  position: relative;
`;

const Legend = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  padding-top: 4px;
  font-size: 0.875rem;
  li {
    display: flex;
    align-items: center;
    gap: 5px;
  }
`;
