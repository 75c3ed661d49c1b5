import { fitting, labelPositions, textWidth } from './timelineLabels';
import { type Span } from './timelineScale';
import { type DayConflict, type DayMark, type DaySpan } from '@/core/schedule';
import { timeParam } from '@/core/message';
import { useWords } from '@/ui/KitchenContext';
import { type Words } from '@/words/words';
import { MINUTE_MS } from '@/core/quantity';

/** Position of the band and height of its kinds, px of the drawing. */
export const BAND = { y: 58, hands: 38, heat: 22 } as const;
/** Rows of side work. */
export const SIDE_ROW = { pitch: 19, height: 13 } as const;

const FILL: Readonly<Record<DaySpan['kind'], string>> = {
  hands: 'url(#hands)',
  heat: 'var(--broth-deep)',
  wait: 'var(--wait)',
  serve: 'var(--ink)',
};

const INK: Readonly<Record<DaySpan['kind'], string>> = {
  hands: 'var(--on-ember)',
  heat: '#fff6ea',
  wait: '#0d2429',
  serve: 'var(--plate)',
};

/** Props of a part of the line: position of a moment. */
export interface Drawn {
  readonly x: (ms: number) => number;
}

const low = (s: DaySpan): boolean => s.kind === 'heat' || s.kind === 'wait';

const widthOf = (s: DaySpan, x: Drawn['x']): number => Math.max(2, x(s.toMs) - x(s.fromMs) - 2);

/** Name and clock times of a span. */
export function rangeLabel(w: Words, s: DaySpan): string {
  return w.text('line.fromTo', { what: s.label, from: timeParam(s.fromMs), to: timeParam(s.toMs) });
}

/**
 * Spans on a band around `y`: bright and tall is hands-on, dim and thin is unattended heat. `thin` scales their height.
 */
export function Bands({
  spans,
  y,
  thin = 1,
  said,
  x,
}: Drawn & {
  readonly spans: readonly DaySpan[];
  readonly y: number;
  readonly thin?: number;
  readonly said?: 'line.went';
}) {
  const w = useWords();
  return spans.map((s) => {
    const height = (low(s) ? BAND.heat : BAND.hands) * thin;
    return (
      <rect
        key={s.id}
        x={x(s.fromMs)}
        y={y - height / 2}
        width={widthOf(s, x)}
        height={height}
        rx={low(s) || thin < 1 ? 6 : 9}
        fill={FILL[s.kind]}
      >
        <title>{said ? w.text(said, { what: rangeLabel(w, s) }) : rangeLabel(w, s)}</title>
      </rect>
    );
  });
}

/** Names inside the spans that have room for them; repeated every half screen when zoomed in. */
export function BandNames({
  spans,
  screenWidth,
  nearer,
  x,
}: Drawn & {
  readonly spans: readonly DaySpan[];
  readonly screenWidth: number;
  readonly nearer: boolean;
}) {
  const w = useWords();
  return spans.map((s) =>
    labelPositions(widthOf(s, x), screenWidth / 2, nearer).map((off) => (
      <text
        key={`${s.id}${String(off)}`}
        x={x(s.fromMs) + 9 + off}
        y={BAND.y + 5}
        fontSize="14"
        fontWeight={s.kind === 'hands' ? 700 : 500}
        fill={INK[s.kind]}
        pointerEvents="none"
      >
        {fitting(w, s, widthOf(s, x))}
      </text>
    )),
  );
}

/** Two strokes where long waits are folded. */
export function Folds({ folds, x }: Drawn & { readonly folds: readonly Span[] }) {
  const w = useWords();
  return folds.map((f) => (
    <path
      key={f.fromMs}
      d={`M${String(x(f.toMs) - 20)} ${String(BAND.y + 17)} l8 -34 M${String(x(f.toMs) - 12)} ${String(BAND.y + 17)} l8 -34`}
      stroke="var(--ink)"
      strokeWidth="2.5"
    >
      <title>{w.text('common.foldedAway', { from: w.quantity((f.toMs - f.fromMs) / MINUTE_MS, 'minutes') })}</title>
    </path>
  ));
}

/** Strokes where something is done or checked. */
export function Marks({ marks, x }: Drawn & { readonly marks: readonly DayMark[] }) {
  const w = useWords();
  return marks.map((m) => (
    <path
      key={m.id}
      d={`M${String(x(m.atMs))} ${String(BAND.y - 24)} V${String(BAND.y + (m.kind === 'oven' ? -12 : 14))}`}
      stroke="var(--glow)"
      strokeWidth="3"
    >
      <title>{w.text('line.mark', { what: m.label, at: timeParam(m.atMs), why: m.why })}</title>
    </path>
  ));
}

/** A label of the line and its role: a plain time, a strong one, or when the meat is ready. */
export interface Label {
  readonly x: number;
  readonly text: string;
  readonly tone: 'quiet' | 'plain' | 'strong' | 'ember';
}

const TONES: Readonly<Record<Label['tone'], readonly [weight: number, fill: string]>> = {
  quiet: [400, 'var(--mute)'],
  plain: [400, 'var(--ink)'],
  strong: [700, 'var(--mute)'],
  ember: [700, 'var(--ember-ink)'],
};

/** Labels centred on their positions, along `y`. */
export function Labels({ labels, y }: { readonly labels: readonly Label[]; readonly y: number }) {
  return labels.map((l) => (
    <text
      key={`${l.text}${String(l.x)}`}
      x={l.x}
      y={y}
      textAnchor="middle"
      fontSize="14"
      fontWeight={TONES[l.tone][0]}
      fill={TONES[l.tone][1]}
    >
      {l.text}
    </text>
  ));
}

/** Side work, one row per dish in the given order, chopping first. */
export function sideRows(beside: readonly DaySpan[]): DaySpan[][] {
  const rowOf = (s: DaySpan): string => JSON.stringify(s.label);
  return [...new Set(beside.map(rowOf))].map((row) =>
    beside.filter((s) => rowOf(s) === row).sort((a, b) => a.fromMs - b.fromMs),
  );
}

/** The rows below the line, the first at `y`, each labelled before its first piece. */
export function SideRows({
  rows,
  y: top,
  x,
}: Drawn & { readonly rows: readonly (readonly DaySpan[])[]; readonly y: number }) {
  const w = useWords();
  return rows.map((row, r) =>
    row.map((s, i) => {
      const y = top + r * SIDE_ROW.pitch;
      const width = Math.max(3, x(s.toMs) - x(s.fromMs) - 1);
      const doing = s.doing && w.say(s.doing);
      return (
        <g key={s.id}>
          <rect
            x={x(s.fromMs)}
            y={y}
            width={width}
            height={SIDE_ROW.height}
            rx={4}
            fill={s.kind === 'hands' ? FILL.hands : FILL.heat}
          >
            <title>{rangeLabel(w, s)}</title>
          </rect>
          {i === 0 ? (
            <text x={x(s.fromMs) - 5} y={y + 11} fontSize="13" textAnchor="end" fill="var(--ink)">
              {w.say(s.label)}
            </text>
          ) : null}
          {doing !== undefined && textWidth(doing, 12) + 10 < width ? (
            <text
              x={x(s.fromMs) + 5}
              y={y + 10.5}
              fontSize="12"
              fill={s.kind === 'hands' ? INK.hands : INK.heat}
              pointerEvents="none"
            >
              {doing}
            </text>
          ) : null}
        </g>
      );
    }),
  );
}

/** A pin at the present moment, with the clock time below. */
export function NowMark({ nowMs, x }: Drawn & { readonly nowMs: number }) {
  const w = useWords();
  return (
    <g>
      <path
        d={`M${String(x(nowMs))} ${String(BAND.y - 26)} V${String(BAND.y + 28)}`}
        stroke="var(--ink)"
        strokeWidth="3"
      />
      <circle cx={x(nowMs)} cy={BAND.y - 26} r={6} fill="var(--ink)" />
      <text x={x(nowMs)} y={BAND.y + 62} textAnchor="middle" fontSize="14" fontWeight="700" fill="var(--ink)">
        {w.clock(nowMs)}
      </text>
    </g>
  );
}

/** Marks each schedule conflict. */
export function Conflicts({ conflicts, x }: Drawn & { readonly conflicts: readonly DayConflict[] }) {
  const w = useWords();
  return conflicts.map((c) => (
    <path
      key={c.task}
      d={`M${String(x(c.atMs))} ${String(BAND.y + 16)} l9 15 h-18 z`}
      fill="var(--danger)"
      stroke="var(--plate)"
      strokeWidth="2"
    >
      <title>{w.text('line.conflict', { at: timeParam(c.atMs), why: c.says })}</title>
    </path>
  ));
}
