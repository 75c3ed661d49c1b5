'use client';

import { centredWithin, textWidth, withoutCollisions } from './timelineLabels';
import { timelineScale, roundTimes } from './timelineScale';
import { useWords } from '../KitchenContext';
import { HOUR_MS, MINUTE_MS } from '@/core/quantity';

/** One way to cook on the time axis. Times in ms. */
export interface AxisWay {
  readonly id: string;
  readonly name: string;
  readonly startMs: number;
  readonly intoPotMs: number;
  readonly ready: { readonly p10Ms: number; readonly p50Ms: number; readonly p90Ms: number };
  /** Until when it is at its best, median. */
  readonly goodUntilMs: number;
  /** From when work resumes until serving. */
  readonly finishFromMs: number;
}

interface WaysAxisProps {
  readonly ways: readonly AxisWay[];
  readonly serveMs: number;
  readonly timeZone: string;
}

const WIDTH = 1000;
const ROW = 54;
const TOP = 30;

/** Ways side by side on one time axis: hands-on, heat, the range in which it is ready, how long it is at its best. */
export function WaysAxis({ ways, serveMs, timeZone }: WaysAxisProps) {
  const w = useWords();
  const from = Math.min(...ways.map((way) => way.startMs));
  const to = Math.max(serveMs, ...ways.map((way) => Math.max(way.goodUntilMs, way.ready.p90Ms))) + HOUR_MS / 4;
  const scale = timelineScale({ fromMs: from, toMs: to }, [
    ...ways.flatMap((way) => [
      { fromMs: way.startMs, toMs: Math.max(way.goodUntilMs, way.ready.p90Ms) },
      { fromMs: way.finishFromMs, toMs: serveMs },
    ]),
  ]);
  const x = (ms: number): number => 6 + (WIDTH - 12) * scale.at(ms);
  const table = w.text('waysAxis.table', { serve: w.clock(serveMs) });
  const labels = withoutCollisions(
    [
      { ms: serveMs, text: table },
      ...roundTimes(scale, WIDTH, timeZone).map((ms) => ({ ms, text: w.clockBeside(ms, serveMs) })),
    ].map((l) => ({ ...l, x: centredWithin(x(l.ms), l.text, 14, WIDTH) })),
    14,
  );
  const height = TOP + ways.length * ROW + 6;
  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} ${String(height)}`}
      width="100%"
      style={{ minWidth: 820, display: 'block' }}
      role="img"
      aria-label={ways
        .map((way) =>
          w.text('waysAxis.way', { name: way.name, begin: w.clock(way.startMs), ready: w.clock(way.ready.p50Ms) }),
        )
        .join('; ')}
    >
      {labels
        .filter((l) => l.ms !== serveMs)
        .map((l) => (
          <g key={l.ms}>
            <path d={`M${String(x(l.ms))} ${String(TOP - 6)} V${String(height)}`} stroke="var(--line)" />
            <text x={l.x} y={TOP - 12} textAnchor="middle" fontSize="14" fill="var(--mute)">
              {l.text}
            </text>
          </g>
        ))}
      {scale.folds.map((f) => (
        <path
          key={f.fromMs}
          d={`M${String((x(f.fromMs) + x(f.toMs)) / 2)} ${String(height)} l10 -${String(height - TOP)} m8 0 l-10 ${String(height - TOP)}`}
          stroke="var(--mute)"
          strokeWidth={1.5}
          fill="none"
        >
          <title>{w.text('common.foldedAway', { from: w.quantity((f.toMs - f.fromMs) / MINUTE_MS, 'minutes') })}</title>
        </path>
      ))}
      {ways.map((way, i) => {
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
          <g key={way.id}>
            <text
              x={Math.min(x(way.startMs), WIDTH - textWidth(way.name, 15))}
              y={y - 5}
              fontSize="15"
              fontWeight="650"
              fill="var(--ink)"
            >
              {way.name}
            </text>
            {bar(way.ready.p50Ms, way.goodUntilMs, 8, 'var(--sage)')}
            {bar(way.intoPotMs, way.ready.p10Ms, 12, 'var(--broth-deep)')}
            {bar(way.startMs, way.intoPotMs, 22, 'var(--glow)')}
            {bar(way.finishFromMs, serveMs, 22, 'var(--glow)')}
            {bar(way.ready.p10Ms, way.ready.p90Ms, 22, 'var(--ember)')}
            <rect x={x(way.ready.p50Ms) - 2} y={y - 3} width={4} height={28} rx={2} fill="var(--ink)" />
          </g>
        );
      })}
      <path d={`M${String(x(serveMs))} ${String(TOP - 6)} V${String(height)}`} stroke="var(--ink)" strokeWidth={3} />
      <text
        x={centredWithin(x(serveMs), table, 14, WIDTH)}
        y={TOP - 12}
        textAnchor="middle"
        fontSize="14"
        fontWeight="700"
        fill="var(--ink)"
      >
        {table}
      </text>
    </svg>
  );
}
