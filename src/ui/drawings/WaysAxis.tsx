'use client';

import { clock } from '../time';

/** One way to cook, as it lies in time. Moments in ms. */
export interface AxisWay {
  readonly id: string;
  readonly name: string;
  readonly startMs: number;
  readonly intoPotMs: number;
  readonly ready: { readonly p10Ms: number; readonly p50Ms: number; readonly p90Ms: number };
  /** Until when it stays good, at the median. */
  readonly goodUntilMs: number;
}

interface WaysAxisProps {
  readonly ways: readonly AxisWay[];
  readonly serveMs: number;
  readonly timeZone: string;
}

const WIDTH = 1000;
const ROW = 54;
const TOP = 30;
const HOUR_MS = 3_600_000;

/** Ways side by side on one time axis: hands, heat, the window in which it gets ready, how long it stays good. */
export function WaysAxis({ ways, serveMs, timeZone }: WaysAxisProps) {
  const from = Math.min(...ways.map((w) => w.startMs));
  const to = Math.max(serveMs, ...ways.map((w) => Math.max(w.goodUntilMs, w.ready.p90Ms))) + HOUR_MS / 4;
  const x = (ms: number): number => 6 + ((WIDTH - 12) * (ms - from)) / (to - from);
  const every = Math.max(1, Math.ceil((to - from) / HOUR_MS / 9)) * HOUR_MS;
  const hours = Array.from(
    { length: Math.floor((to - from) / every) + 1 },
    (_, i) => Math.ceil(from / HOUR_MS) * HOUR_MS + i * every,
  ).filter((ms) => ms <= to && Math.abs(x(ms) - x(serveMs)) > 60);
  const height = TOP + ways.length * ROW + 6;
  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} ${String(height)}`}
      width="100%"
      style={{ minWidth: 820, display: 'block' }}
      role="img"
      aria-label={ways
        .map((w) => `${w.name}: begin ${clock(w.startMs, timeZone)}, ready about ${clock(w.ready.p50Ms, timeZone)}`)
        .join('; ')}
    >
      {hours.map((ms) => (
        <g key={ms}>
          <path d={`M${String(x(ms))} ${String(TOP - 6)} V${String(height)}`} stroke="var(--line)" />
          <text x={x(ms)} y={TOP - 12} textAnchor="middle" fontSize="14" fill="var(--mute)">
            {clock(ms, timeZone)}
          </text>
        </g>
      ))}
      {ways.map((w, i) => {
        const y = TOP + i * ROW + 24;
        const bar = (fromMs: number, toMs: number, high: number, fill: string) => (
          <rect
            x={x(fromMs)}
            y={y + (22 - high) / 2}
            width={Math.max(0, x(toMs) - x(fromMs))}
            height={high}
            rx={4}
            fill={fill}
          />
        );
        return (
          <g key={w.id}>
            <text x={x(w.startMs)} y={y - 5} fontSize="15" fontWeight="650" fill="var(--ink)">
              {w.name}
            </text>
            {bar(w.ready.p50Ms, w.goodUntilMs, 8, 'var(--sage)')}
            {bar(w.intoPotMs, w.ready.p10Ms, 12, 'var(--broth-deep)')}
            {bar(w.startMs, w.intoPotMs, 22, 'var(--glow)')}
            {bar(w.ready.p10Ms, w.ready.p90Ms, 22, 'var(--ember)')}
            <rect x={x(w.ready.p50Ms) - 2} y={y - 3} width={4} height={28} rx={2} fill="var(--ink)" />
          </g>
        );
      })}
      <path d={`M${String(x(serveMs))} ${String(TOP - 6)} V${String(height)}`} stroke="var(--ink)" strokeWidth={3} />
      <text x={x(serveMs)} y={TOP - 12} textAnchor="middle" fontSize="14" fontWeight="700" fill="var(--ink)">
        table {clock(serveMs, timeZone)}
      </text>
    </svg>
  );
}
