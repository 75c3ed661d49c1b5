'use client';

import { useId } from 'react';
import styled from 'styled-components';
import { clock, duration } from '../time';
import { type DayMark, type DaySpan } from '@/core/schedule/day';
import { TARGETS, type TargetStage } from '@/core/tenderness/stages';

const VIEW = { width: 1240, height: 108 };
const BAND_Y = 58;
const HANDS = 38;
const HEAT = 22;

/** When the meat is as wanted: the ready window. Moments in ms. */
export interface ReadyWindow {
  readonly p10Ms: number;
  readonly p50Ms: number;
  readonly p90Ms: number;
}

export interface EmberLineProps {
  readonly spans: readonly DaySpan[];
  readonly marks: readonly DayMark[];
  readonly ready: ReadyWindow;
  /** What the meat is cooked to. */
  readonly target: TargetStage;
  readonly serveMs: number;
  readonly nowMs?: number;
  readonly timeZone: string;
  /** What goes on beside the braise, drawn beneath: chopping, side dishes. */
  readonly beside?: readonly DaySpan[];
  /** Spans as they really went, drawn beneath. */
  readonly actual?: readonly DaySpan[];
}

const Scroll = styled.div`
  overflow-x: auto;
  svg {
    min-width: 720px;
    display: block;
  }
`;

const FILL: Readonly<Record<DaySpan['kind'], string>> = {
  hands: 'url(#hands)',
  heat: 'var(--broth-deep)',
  wait: 'var(--wait)',
  serve: 'var(--enamel)',
};

const INK: Readonly<Record<DaySpan['kind'], string>> = {
  hands: 'var(--on-ember)',
  heat: '#fff6ea',
  wait: '#0d2429',
  serve: 'var(--on-enamel)',
};

function textWidth(text: string, size: number): number {
  return text.length * size * 0.56;
}

/** Keeps labels, most important first, that run into none kept before. */
function withoutCollisions<T extends { readonly x: number; readonly text: string }>(
  labels: readonly T[],
  size: number,
): T[] {
  const kept: T[] = [];
  for (const label of labels) {
    const half = textWidth(label.text, size) / 2;
    const clear = kept.every((k) => Math.abs(k.x - label.x) > half + textWidth(k.text, size) / 2 + 8);
    if (clear) kept.push(label);
  }
  return kept;
}

/** The longest wording of a span that fits into its width; empty if none does. */
function fitting(span: DaySpan, width: number): string {
  const minutes = duration((span.toMs - span.fromMs) / 60_000);
  const wordings =
    span.kind === 'hands' ? [`${span.label} · ${minutes}`, span.label, span.label.split(',')[0] ?? ''] : [span.label];
  return wordings.find((w) => textWidth(w, 14) + 16 < width) ?? '';
}

const BESIDE = { pitch: 19, height: 13 } as const;

/** What goes on beside the braise, one row a dish, chopping first. */
function besideRows(beside: readonly DaySpan[]): DaySpan[][] {
  const labels = [...new Set(beside.map((s) => s.label))];
  return labels.map((label) => beside.filter((s) => s.label === label).sort((a, b) => a.fromMs - b.fromMs));
}

/** One horizontal band from the first act to the plate: bright and tall needs hands, dim and thin the heat does alone. */
export function EmberLine({
  spans,
  marks,
  ready: window,
  target,
  serveMs,
  nowMs,
  timeZone,
  beside = [],
  actual,
}: EmberLineProps) {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const first = spans[0];
  if (!first) return null;
  const everything = [...spans, ...beside, ...(actual ?? [])];
  const fromMs = Math.min(...everything.map((s) => s.fromMs), nowMs ?? Infinity);
  const shownTo = Math.max(
    serveMs,
    ...everything.map((s) => s.toMs),
    ...[window.p50Ms, window.p90Ms].filter(Number.isFinite),
  );
  // What does not come by the forecast's end is drawn at the line's end; its words stay "–".
  const within = (ms: number): number => (Number.isFinite(ms) ? ms : shownTo);
  const ready: ReadyWindow = { p10Ms: within(window.p10Ms), p50Ms: within(window.p50Ms), p90Ms: within(window.p90Ms) };
  const toMs = Math.max(shownTo, ready.p90Ms, ...everything.map((s) => s.toMs), nowMs ?? -Infinity);
  const pad = 34;
  const x = (ms: number): number => pad + ((VIEW.width - 2 * pad) * (ms - fromMs)) / (toMs - fromMs);
  const band = (s: DaySpan, y: number, thin: number): { x: number; y: number; w: number; h: number } => {
    const h = (s.kind === 'heat' || s.kind === 'wait' ? HEAT : HANDS) * thin;
    return { x: x(s.fromMs), y: y - h / 2, w: Math.max(2, x(s.toMs) - x(s.fromMs) - 2), h };
  };
  const says =
    `The day from ${clock(fromMs, timeZone)} to ${clock(serveMs, timeZone)}. ` +
    spans.map((s) => `${s.label} ${clock(s.fromMs, timeZone)} to ${clock(s.toMs, timeZone)}`).join('; ') +
    `. ${TARGETS[target].ready} about ${clock(window.p50Ms, timeZone)}, likely ${clock(window.p10Ms, timeZone)} to ${clock(window.p90Ms, timeZone)}. ` +
    marks.map((m) => `${m.label} at ${clock(m.atMs, timeZone)}`).join('; ') +
    '.' +
    (beside.length > 0
      ? ` Beside it: ${beside.map((s) => `${s.label} ${clock(s.fromMs, timeZone)} to ${clock(s.toMs, timeZone)}`).join('; ')}.`
      : '') +
    (actual
      ? ` As it went: ${actual.map((s) => `${s.label} ${clock(s.fromMs, timeZone)} to ${clock(s.toMs, timeZone)}`).join('; ')}.`
      : '');
  const ticks = withoutCollisions(
    [
      { x: x(serveMs), text: clock(serveMs, timeZone), strong: true },
      ...spans
        .filter((s) => s.id === 'braise')
        .map((s) => ({ x: x(s.fromMs), text: clock(s.fromMs, timeZone), strong: true })),
      ...spans
        .filter((s) => s.id !== 'plate')
        .map((s) => ({ x: x(s.fromMs), text: clock(s.fromMs, timeZone), strong: false })),
    ],
    14,
  );
  const above = withoutCollisions(
    [
      { x: x(ready.p50Ms), text: `${TARGETS[target].mark} ${clock(window.p50Ms, timeZone)}`, ember: true },
      ...marks.map((m) => ({ x: x(m.atMs), text: m.label, ember: false })),
    ],
    14,
  );
  const rows = besideRows(beside);
  const besideY = BAND_Y + (nowMs === undefined ? 54 : 70);
  const besideH = rows.length * BESIDE.pitch;
  const height = VIEW.height + besideH + (actual ? 44 : 0) + (nowMs === undefined ? 0 : 16);
  return (
    <Scroll tabIndex={0} role="group" aria-label="Ember line, scrolls sideways on narrow screens">
      <svg viewBox={`0 0 ${String(VIEW.width)} ${String(height)}`} width="100%" role="img" aria-label={says}>
        <defs>
          <linearGradient id="hands" x1="0" x2="1">
            <stop offset="0" stopColor="var(--glow)" />
            <stop offset="1" stopColor="var(--ember)" />
          </linearGradient>
          <linearGradient id={`ready${id}`} x1="0" x2="1">
            <stop offset="0" stopColor="var(--ember)" stopOpacity="0.05" />
            <stop offset="0.45" stopColor="var(--ember)" stopOpacity="0.75" />
            <stop offset="1" stopColor="var(--ember)" stopOpacity="0.05" />
          </linearGradient>
        </defs>
        <rect x={pad - 8} y={BAND_Y - 8} width={VIEW.width - 2 * pad + 16} height={16} rx={8} fill="var(--well)" />
        {spans.map((s) => {
          const b = band(s, BAND_Y, 1);
          return (
            <rect
              key={s.id}
              x={b.x}
              y={b.y}
              width={b.w}
              height={b.h}
              rx={s.kind === 'heat' || s.kind === 'wait' ? 6 : 9}
              fill={FILL[s.kind]}
            >
              <title>{`${s.label}: ${clock(s.fromMs, timeZone)} to ${clock(s.toMs, timeZone)}`}</title>
            </rect>
          );
        })}
        <rect
          x={x(ready.p10Ms)}
          y={BAND_Y - 17}
          width={Math.max(4, x(ready.p90Ms) - x(ready.p10Ms))}
          height={34}
          fill={`url(#ready${id})`}
        />
        <path
          d={`M${String(x(ready.p50Ms))} ${String(BAND_Y - 22)} V${String(BAND_Y + 22)}`}
          stroke="var(--ember-ink)"
          strokeWidth="3"
        />
        {spans.map((s) => {
          const b = band(s, BAND_Y, 1);
          return (
            <text
              key={s.id}
              x={b.x + 9}
              y={BAND_Y + 5}
              fontSize="14"
              fontWeight={s.kind === 'hands' ? 700 : 500}
              fill={INK[s.kind]}
            >
              {fitting(s, b.w)}
            </text>
          );
        })}
        {marks.map((m) => (
          <path
            key={m.id}
            d={`M${String(x(m.atMs))} ${String(BAND_Y - 24)} V${String(BAND_Y + (m.kind === 'oven' ? -12 : 14))}`}
            stroke="var(--glow)"
            strokeWidth="3"
          >
            <title>{`${m.label}, ${clock(m.atMs, timeZone)}: ${m.why}`}</title>
          </path>
        ))}
        {above.map((l) => (
          <text
            key={`${l.text}${String(l.x)}`}
            x={l.x}
            y={BAND_Y - 30}
            textAnchor="middle"
            fontSize="14"
            fontWeight={l.ember ? 700 : 400}
            fill={l.ember ? 'var(--ember-ink)' : 'var(--ink)'}
          >
            {l.text}
          </text>
        ))}
        {ticks.map((t) => (
          <text
            key={`${t.text}${String(t.x)}`}
            x={t.x}
            y={BAND_Y + 46}
            textAnchor="middle"
            fontSize="14"
            fontWeight={t.strong ? 700 : 400}
            fill="var(--mute)"
          >
            {t.text}
          </text>
        ))}
        {rows.map((row, r) =>
          row.map((s, i) => {
            const b = { x: x(s.fromMs), w: Math.max(3, x(s.toMs) - x(s.fromMs) - 1) };
            const y = besideY + r * BESIDE.pitch;
            const named = i === 0 || row[i - 1]?.label !== s.label;
            return (
              <g key={s.id}>
                <rect
                  x={b.x}
                  y={y}
                  width={b.w}
                  height={BESIDE.height}
                  rx={4}
                  fill={s.kind === 'hands' ? 'url(#hands)' : 'var(--broth-deep)'}
                >
                  <title>{`${s.label}: ${clock(s.fromMs, timeZone)} to ${clock(s.toMs, timeZone)}`}</title>
                </rect>
                {named ? (
                  <text x={b.x - 5} y={y + 11} fontSize="13" textAnchor="end" fill="var(--ink)">
                    {s.label}
                  </text>
                ) : null}
              </g>
            );
          }),
        )}
        {actual?.map((s) => {
          const b = band(s, BAND_Y + 76 + besideH, 0.6);
          return (
            <rect key={`actual-${s.id}`} x={b.x} y={b.y} width={b.w} height={b.h} rx={6} fill={FILL[s.kind]}>
              <title>{`As it went, ${s.label}: ${clock(s.fromMs, timeZone)} to ${clock(s.toMs, timeZone)}`}</title>
            </rect>
          );
        })}
        {actual ? (
          <text x={VIEW.width - pad} y={BAND_Y + 81 + besideH} fontSize="14" textAnchor="end" fill="var(--mute)">
            as it went
          </text>
        ) : null}
        {nowMs === undefined ? null : (
          <g>
            <path
              d={`M${String(x(nowMs))} ${String(BAND_Y - 26)} V${String(BAND_Y + 28)}`}
              stroke="var(--ink)"
              strokeWidth="3"
            />
            <circle cx={x(nowMs)} cy={BAND_Y - 26} r={6} fill="var(--ink)" />
            <text x={x(nowMs)} y={BAND_Y + 62} textAnchor="middle" fontSize="14" fontWeight="700" fill="var(--ink)">
              {clock(nowMs, timeZone)}
            </text>
          </g>
        )}
      </svg>
    </Scroll>
  );
}
