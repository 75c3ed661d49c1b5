'use client';

import { type ReactNode } from 'react';
import { LIDS, type LidKind } from '@/core/larder/vessels';
import { type PlanHeat } from '@/core/plan/input';
import { type PotPlan } from '@/core/plan/plan';
import { roundForKitchen } from '@/core/quantity/units';

const VIEW = { width: 640, height: 400 };
/** Room kept over the rim for lid, steam and the heat's name. */
const OVER_RIM = 104;
const FLOOR_Y = 350;
const ROOM = { width: 330, height: 215 };
const WALL = 11;

interface PotSectionProps {
  readonly pot: PotPlan;
  readonly liquidL: number;
  readonly evaporationMlPerHour: number;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  /** In a live cook: where things stand by the estimate. */
  readonly live?: { readonly levelMm: number; readonly litres: number; readonly coreC: number; readonly meanC: number };
}

interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/** Pieces as the cut through the pot's middle meets them, in mm from the left wall and up from the base. */
function piecesInSection(pot: PotPlan): Box[] {
  const boxes: Box[] = [];
  const inside = pot.diameterMm;
  if (pot.profile === 'heap') {
    const edge = Math.min(pot.pieceHeightMm, pot.pieceWidthMm);
    const across = Math.max(1, Math.floor(inside / (edge * 1.08)));
    const high = Math.max(1, Math.round(pot.meatTopMm / edge));
    for (let row = 0; row < high; row++) {
      const count = row % 2 === 0 ? across : Math.max(1, across - 1);
      const gap = (inside - count * edge) / (count + 1);
      for (let i = 0; i < count; i++) {
        boxes.push({
          x: gap + i * (edge + gap),
          y: (row * pot.meatTopMm) / high,
          w: edge,
          h: pot.meatTopMm / high - 1,
        });
      }
    }
    return boxes;
  }
  const width = pot.profile === 'roll' ? pot.pieceHeightMm : Math.min(pot.pieceLengthMm, inside - 4);
  const acrossMost = Math.max(1, Math.floor(inside / (width + 2)));
  const perRow = Math.min(acrossMost, Math.max(1, Math.round(Math.sqrt(pot.perLayer * 1.4))));
  for (let layer = 0; layer < pot.layers; layer++) {
    const gap = (inside - perRow * width) / (perRow + 1);
    for (let i = 0; i < perRow; i++) {
      boxes.push({ x: gap + i * (width + gap), y: layer * pot.pieceHeightMm, w: width, h: pot.pieceHeightMm });
    }
  }
  return boxes;
}

function Piece({ box, pot, cool }: { box: Box; pot: PotPlan; cool: number }) {
  const cx = box.x + box.w / 2;
  const cy = box.y + box.h / 2;
  const round = pot.profile === 'roll';
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
      {pot.bone === 'core' && round ? (
        <circle cx={cx} cy={cy} r={Math.min(box.w, box.h) * 0.14} fill="var(--marrow)" stroke="#6b5636" />
      ) : null}
      {pot.bone === 'core' && !round ? (
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
      {pot.bone === 'edge' ? (
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

function Vegetables({
  left,
  right,
  base,
  kg,
  scale,
}: {
  left: number;
  right: number;
  base: number;
  kg: number;
  scale: number;
}) {
  const count = Math.min(16, Math.round(kg * 22));
  return (
    <g>
      {Array.from({ length: count }, (_, i) => {
        const x = left + 12 + ((i + 0.5) * (right - left - 24)) / count;
        const lift = ((i * 37) % 11) * scale;
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

const ml = (litres: number): string =>
  litres >= 1
    ? `${(Math.round(litres * 20) / 20).toFixed(2).replace(/0$/, '')} l`
    : `${String(roundForKitchen(litres * 1000))} ml`;

/** The pot cut in half, to scale: what lies in it, how high the liquid stands now and later, and where the heat comes from. */
export function PotSection({ pot, liquidL, evaporationMlPerHour, heat, lid, live }: PotSectionProps) {
  const scale = Math.min(ROOM.width / pot.diameterMm, ROOM.height / pot.heightMm);
  const width = pot.diameterMm * scale;
  const height = pot.heightMm * scale;
  const left = (VIEW.width - width) / 2;
  const right = left + width;
  const rim = FLOOR_Y - height;
  const top = Math.max(0, rim - OVER_RIM);
  const up = (mm: number): number => FLOOR_Y - mm * scale;
  const level = live?.levelMm ?? pot.levelStartMm;
  const oven = heat.kind === 'oven';
  const cool = live ? Math.min(1, Math.max(0, (92 - live.coreC) / 67)) : 1;
  const boxes = piecesInSection(pot).map((b) => ({
    x: left + b.x * scale,
    y: up(b.y + b.h),
    w: b.w * scale,
    h: b.h * scale,
  }));
  const [nowY, laterY] = spread(
    [Math.min(up(level), up(pot.levelEndMm)), Math.max(up(level), up(pot.levelEndMm))],
    44,
  ) as [number, number];
  const levelFirst = up(level) <= up(pot.levelEndMm);
  const startLabelY = levelFirst ? nowY : laterY;
  const endLabelY = levelFirst ? laterY : nowY;
  const heatWord = oven
    ? `oven ${String(Math.round(heat.tempC))} °C${heat.fan ? ', fan' : ''}`
    : `burner, held at ${String(Math.round(heat.tempC))} °C`;
  const says =
    `Section through ${String(pot.diameterMm)} mm pot, ${heatWord}, ${LIDS[lid].label.toLowerCase()}. ` +
    `Meat stands ${String(Math.round(pot.meatTopMm))} mm high in ${String(pot.layers)} ${pot.layers === 1 ? 'layer' : 'layers'}. ` +
    `Liquid ${live ? 'now' : 'at the start'} ${String(Math.round(level))} mm deep, ${ml(live?.litres ?? liquidL)}; ` +
    `when tender ${String(Math.round(pot.levelEndMm))} mm. ` +
    `${String(roundForKitchen(evaporationMlPerHour))} ml leaves as steam each hour.` +
    (live ? ` Middle of the meat about ${String(Math.round(live.coreC))} °C.` : '');

  return (
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
          <Piece key={i} box={box} pot={pot} cool={cool} />
        ))}
        <rect x={left} y={up(level)} width={width} height={FLOOR_Y - up(level)} fill="var(--broth)" opacity="0.62" />
        <Vegetables left={left} right={right} base={FLOOR_Y - 4} kg={pot.vegetablesKg} scale={scale} />
        <path d={`M${String(left)} ${String(up(level))} H${String(right)}`} stroke="#fcfcf8" strokeWidth="2.5" />
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
        <path
          d={`M${String(right + 10)} ${String(up(level))} L${String(right + 46)} ${String(startLabelY)} M${String(right + 10)} ${String(up(pot.levelEndMm))} L${String(right + 46)} ${String(endLabelY)}`}
          fill="none"
        />
      </g>
      <g fill="var(--ink)" fontSize="15">
        <text x={left - 68} y={(up(pot.meatTopMm) + FLOOR_Y) / 2} textAnchor="end">
          <tspan fontWeight="700">{Math.round(pot.meatTopMm)} mm</tspan>
          <tspan x={left - 68} dy="18" fontSize="14">
            of meat
          </tspan>
        </text>
        <text x={right + 50} y={startLabelY + 1}>
          <tspan fontWeight="700">{ml(live?.litres ?? liquidL)}</tspan>
          <tspan x={right + 50} dy="18" fontSize="14">
            {live ? 'by estimate, now' : 'going in'}
          </tspan>
        </text>
        <text x={right + 50} y={endLabelY + 1}>
          <tspan fontWeight="700">{Math.round(pot.levelEndMm)} mm</tspan>
          <tspan x={right + 50} dy="18" fontSize="14">
            when tender
          </tspan>
        </text>
        <text x={right + 26} y={rim - 26} fontSize="14">
          {roundForKitchen(evaporationMlPerHour)} ml/h steam
        </text>
        {live ? (
          <text x={VIEW.width / 2} y={FLOOR_Y + 38} textAnchor="middle">
            middle of the meat about {Math.round(live.coreC)} °C
          </text>
        ) : (
          <text x={VIEW.width / 2} y={FLOOR_Y + 38} textAnchor="middle" fontSize="14">
            {pot.diameterMm} mm across · {Math.round(pot.fullShare * 100)} % full ·{' '}
            {pot.layers === 1 ? 'one layer' : `${String(pot.layers)} layers`}
          </text>
        )}
      </g>
    </svg>
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
