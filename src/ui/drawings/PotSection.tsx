'use client';

import { type ReactNode, useRef } from 'react';
import styled from 'styled-components';
import { LIDS, type LidKind } from '@/core/larder/vessels';
import { heatWithin, type PlanHeat } from '@/core/plan/heats';
import { type PotGroup, type PotPlan } from '@/core/plan/potPlan';
import { formatLength, formatTemperature, formatVolume } from '@/core/quantity/format';
import { useUnits } from '../KitchenContext';

const VIEW = { width: 640, height: 400 };
/** Room kept over the rim for lid, steam and the heat's name. */
const OVER_RIM = 104;
const FLOOR_Y = 350;
const ROOM = { width: 330, height: 215 };
const WALL = 11;
/** Least distance between the labels of two levels. */
const LABEL_PITCH = 36;

interface PotSectionProps {
  readonly pot: PotPlan;
  readonly liquidL: number;
  readonly evaporationMlPerHour: number;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  /** In a live cook: where things stand by the estimate. */
  readonly live?: { readonly levelMm: number; readonly litres: number; readonly coreC: number; readonly meanC: number };
  /** Lets the level line be dragged; called with the share of the meat's height. */
  readonly onLevel?: (share: number) => void;
}

interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
  readonly group: PotGroup;
}

/** One group's pieces as the cut through the pot meets them on its part of the base, mm from the left and up. */
function groupInSection(group: PotGroup, from: number, width: number): Box[] {
  const boxes: Box[] = [];
  if (group.profile === 'heap') {
    const edge = group.acrossMm;
    const across = Math.max(1, Math.floor(width / (edge * 1.08)));
    const high = Math.max(1, Math.round(group.topMm / edge));
    for (let row = 0; row < high; row++) {
      const count = row % 2 === 0 ? across : Math.max(1, across - 1);
      const gap = (width - count * edge) / (count + 1);
      for (let i = 0; i < count; i++) {
        boxes.push({
          x: from + gap + i * (edge + gap),
          y: (row * group.topMm) / high,
          w: edge,
          h: group.topMm / high - 1,
          group,
        });
      }
    }
    return boxes;
  }
  const across = Math.min(group.acrossMm, width - 4);
  const most = Math.max(1, Math.floor(width / (across + 2)));
  const perRow = Math.min(most, Math.max(1, Math.round(Math.sqrt(group.perLayer * 1.4))));
  for (let layer = 0; layer < group.layers; layer++) {
    const gap = (width - perRow * across) / (perRow + 1);
    for (let i = 0; i < perRow; i++) {
      boxes.push({
        x: from + gap + i * (across + gap),
        y: layer * group.heightMm,
        w: across,
        h: group.heightMm,
        group,
      });
    }
  }
  return boxes;
}

/** All pieces in section: the groups side by side, each on its share of the base. */
function piecesInSection(pot: PotPlan): Box[] {
  const total = pot.groups.reduce((sum, g) => sum + g.groundShare, 0);
  let from = 0;
  return pot.groups.flatMap((group) => {
    const width = (pot.diameterMm * group.groundShare) / total;
    const boxes = groupInSection(group, from, width);
    from += width;
    return boxes;
  });
}

function Piece({ box, cool }: { box: Box; cool: number }) {
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

/** Cut vegetables between the pieces, as many as their weight asks for, up to the height they stand. */
function Vegetables({
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

/** Labels kept `least` apart, in the order given (top first). */
function spread(wanted: readonly number[], least: number): number[] {
  const out = [...wanted];
  for (let i = 1; i < out.length; i++) out[i] = Math.max(out[i] as number, (out[i - 1] as number) + least);
  return out;
}

/** A level line and its label. */
interface LevelLabel {
  readonly mm: number;
  readonly figure: string;
  readonly what: string;
}

/** The pot cut in half, to scale: what lies in it, how high the liquid stands now and later, and where the heat comes from. */
export function PotSection({ pot, liquidL, evaporationMlPerHour, heat, lid, live, onLevel }: PotSectionProps) {
  const units = useUnits();
  const mm = (value: number): string => formatLength(value, units);
  const scale = Math.min(ROOM.width / pot.diameterMm, ROOM.height / pot.heightMm);
  const width = pot.diameterMm * scale;
  const height = pot.heightMm * scale;
  const left = (VIEW.width - width) / 2;
  const right = left + width;
  const rim = FLOOR_Y - height;
  const top = Math.max(0, rim - OVER_RIM);
  const up = (value: number): number => FLOOR_Y - value * scale;
  const level = live?.levelMm ?? pot.levelStartMm;
  const oven = heat.kind !== 'simmer';
  const cool = live ? Math.min(1, Math.max(0, (92 - live.coreC) / 67)) : 1;
  const boxes = piecesInSection(pot).map((b) => ({
    ...b,
    x: left + b.x * scale,
    y: up(b.y + b.h),
    w: b.w * scale,
    h: b.h * scale,
  }));
  const litres = formatVolume(live?.litres ?? liquidL, units);
  const labels: LevelLabel[] = [
    { mm: level, figure: litres, what: live ? 'by estimate, now' : `going in, ${mm(level)}` },
    ...(live ? [] : [{ mm: pot.levelHalfMm, figure: mm(pot.levelHalfMm), what: 'at half time' }]),
    { mm: pot.levelEndMm, figure: mm(pot.levelEndMm), what: 'when done' },
  ];
  const sorted = [...labels].sort((a, b) => b.mm - a.mm);
  const middle = (up(sorted[0]?.mm ?? 0) + up(sorted.at(-1)?.mm ?? 0)) / 2;
  const wanted = spread(
    sorted.map((l) => up(l.mm)),
    LABEL_PITCH,
  );
  const shift = middle - ((wanted[0] ?? 0) + (wanted.at(-1) ?? 0)) / 2;
  const labelY = wanted.map((y) => Math.min(y + shift, FLOOR_Y));
  const layers = Math.max(...pot.groups.map((g) => g.layers));
  const heatWord = heatWithin(heat, units);
  const says =
    `Section through a pot ${mm(pot.diameterMm)} across, ${heatWord}, ${LIDS[lid].label.toLowerCase()}. ` +
    `Meat stands ${mm(pot.meatTopMm)} high in ${String(layers)} ${layers === 1 ? 'layer' : 'layers'}. ` +
    `Liquid ${live ? 'now' : 'at the start'} ${mm(level)} deep, ${litres}; ` +
    (live ? '' : `at half time ${mm(pot.levelHalfMm)}; `) +
    `when done ${mm(pot.levelEndMm)}. ` +
    `${formatVolume(evaporationMlPerHour / 1000, units)} leaves as steam each hour.` +
    (live ? ` Middle of the meat about ${formatTemperature(live.coreC, units)}.` : '');

  const drawing = (
    <svg
      viewBox={`0 ${String(top)} ${String(VIEW.width)} ${String(VIEW.height - top)}`}
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
      {oven ? <rect y={top} width={VIEW.width} height={VIEW.height - top} fill="url(#air)" /> : null}
      <text x="16" y={top + 28} fontSize="15" fill="var(--ink)">
        {heatWord}
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
            strokeDasharray="2 5"
          />
        )}
        <path
          d={`M${String(left)} ${String(up(pot.levelEndMm))} H${String(right)}`}
          stroke="#fcfcf8"
          strokeWidth="2"
          strokeDasharray="7 6"
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
        d={`M${String(left - 34)} ${String(rim + 26)} H${String(left - 8)} M${String(right + 8)} ${String(rim + 26)} H${String(right + 34)}`}
        stroke="#17363c"
        strokeWidth="11"
        strokeLinecap="round"
      />
      <LidDrawing lid={lid} left={left} right={right} rim={rim} />
      {oven ? null : <Flames left={left} right={right} />}

      <g stroke="var(--ink)" strokeWidth="1.4">
        <path
          d={`M${String(left - 62)} ${String(up(pot.meatTopMm))} H${String(left - 16)} M${String(left - 62)} ${String(FLOOR_Y)} H${String(left - 16)} M${String(left - 54)} ${String(up(pot.meatTopMm))} V${String(FLOOR_Y)}`}
        />
        {sorted.map((l, i) => (
          <path
            key={l.what}
            d={`M${String(right + 10)} ${String(up(l.mm))} L${String(right + 42)} ${String(labelY[i] ?? 0)}`}
            fill="none"
          />
        ))}
      </g>
      <g fill="var(--ink)" fontSize="15">
        <text x={left - 68} y={(up(pot.meatTopMm) + FLOOR_Y) / 2} textAnchor="end">
          <tspan fontWeight="700">{mm(pot.meatTopMm)}</tspan>
          <tspan x={left - 68} dy="18" fontSize="14">
            of meat
          </tspan>
        </text>
        {sorted.map((l, i) => (
          <text key={l.what} x={right + 46} y={(labelY[i] ?? 0) + 1}>
            <tspan fontWeight="700">{l.figure}</tspan>
            <tspan x={right + 46} dy="16" fontSize="13">
              {l.what}
            </tspan>
          </text>
        ))}
        <text x={right + 26} y={rim - 26} fontSize="14">
          {formatVolume(evaporationMlPerHour / 1000, units)} an hour
        </text>
        {live ? (
          <text x={VIEW.width / 2} y={FLOOR_Y + 38} textAnchor="middle">
            middle of the meat about {formatTemperature(live.coreC, units)}
          </text>
        ) : (
          <text x={VIEW.width / 2} y={FLOOR_Y + 38} textAnchor="middle" fontSize="14">
            {mm(pot.diameterMm)} across · {Math.round(pot.full.value * 100)} % full ·{' '}
            {layers === 1 ? 'one layer' : `${String(layers)} layers`}
          </text>
        )}
      </g>
    </svg>
  );
  if (!onLevel) return drawing;
  const viewH = VIEW.height - top;
  return (
    <Frame>
      {drawing}
      <LevelHandle
        share={level / pot.meatTopMm}
        says={`${litres}, ${mm(level)} deep`}
        topShare={(up(level) - top) / viewH}
        leftShare={left / VIEW.width}
        widthShare={width / VIEW.width}
        perShare={(pot.meatTopMm * scale) / viewH}
        onLevel={onLevel}
      />
    </Frame>
  );
}

const Frame = styled.div`
  position: relative;
`;

const Handle = styled.div`
  position: absolute;
  height: 28px;
  transform: translateY(-50%);
  cursor: ns-resize;
  touch-action: none;
  border-radius: 8px;
  &::after {
    content: '';
    position: absolute;
    left: 50%;
    top: 50%;
    width: 44px;
    height: 16px;
    transform: translate(-50%, -50%);
    border-radius: 9px;
    border: 2px solid #17363c;
    background: #fcfcf8 repeating-linear-gradient(0deg, transparent 0 3px, #17363c 3px 4px, transparent 4px 5px)
      center / 22px 10px no-repeat;
  }
`;

const LOWEST = 0.2;
const HIGHEST = 1.2;
const KEY_STEP = 0.01;
const PAGE_STEP = 0.1;

interface LevelHandleProps {
  readonly share: number;
  readonly says: string;
  readonly topShare: number;
  readonly leftShare: number;
  readonly widthShare: number;
  /** Height of the drawing, as a share of it, that one whole meat's height takes. */
  readonly perShare: number;
  readonly onLevel: (share: number) => void;
}

/** The grip on the level line: drag it, or focus it and use the arrow, page, home and end keys. */
function LevelHandle({ share, says, topShare, leftShare, widthShare, perShare, onLevel }: LevelHandleProps) {
  const drag = useRef<{ readonly y: number; readonly share: number; readonly height: number } | null>(null);
  const set = (value: number): void => {
    onLevel(Math.round(Math.min(HIGHEST, Math.max(LOWEST, value)) * 100) / 100);
  };
  const onKey = (key: string): boolean => {
    const steps: Readonly<Record<string, number>> = {
      ArrowUp: KEY_STEP,
      ArrowRight: KEY_STEP,
      ArrowDown: -KEY_STEP,
      ArrowLeft: -KEY_STEP,
      PageUp: PAGE_STEP,
      PageDown: -PAGE_STEP,
    };
    const step = steps[key];
    if (step !== undefined) set(share + step);
    else if (key === 'Home') set(LOWEST);
    else if (key === 'End') set(HIGHEST);
    else return false;
    return true;
  };
  return (
    <Handle
      role="slider"
      tabIndex={0}
      aria-label="Level of the liquid, as a share of the meat’s height"
      aria-orientation="vertical"
      aria-valuemin={LOWEST * 100}
      aria-valuemax={HIGHEST * 100}
      aria-valuenow={Math.round(share * 100)}
      aria-valuetext={`${String(Math.round(share * 100))} %: ${says}`}
      style={{
        top: `${String(topShare * 100)}%`,
        left: `${String(leftShare * 100)}%`,
        width: `${String(widthShare * 100)}%`,
      }}
      onKeyDown={(e) => {
        if (onKey(e.key)) e.preventDefault();
      }}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        drag.current = { y: e.clientY, share, height: e.currentTarget.parentElement?.clientHeight ?? 1 };
      }}
      onPointerMove={(e) => {
        const from = drag.current;
        if (from) set(from.share + (from.y - e.clientY) / from.height / perShare);
      }}
      onPointerUp={() => {
        drag.current = null;
      }}
      onPointerCancel={() => {
        drag.current = null;
      }}
    />
  );
}

function LidDrawing({ lid, left, right, rim }: { lid: LidKind; left: number; right: number; rim: number }) {
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

function Flames({ left, right }: { left: number; right: number }) {
  const count = 7;
  return (
    <g fill="var(--ember)">
      {Array.from({ length: count }, (_, i) => {
        const x = left + 30 + (i * (right - left - 60)) / (count - 1);
        return <path key={i} d={`M${String(x)} ${String(FLOOR_Y + 8)} q8 9 0 16 q-8 -7 0 -16`} />;
      })}
    </g>
  );
}
