import { fitting, namedAt, textWidth } from './emberLabels';
import { type Stretch } from './emberScale';
import { clock, duration } from '../time';
import { type DayConflict, type DayMark, type DaySpan } from '@/core/schedule/day';

/** Where the band lies and how tall its kinds are, px of the drawing. */
export const BAND = { y: 58, hands: 38, heat: 22 } as const;
/** Rows of what goes on beside the braise. */
export const BESIDE = { pitch: 19, height: 13 } as const;

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

/** How a part of the line is drawn: where a moment lies, and the zone its clock is read in. */
export interface Drawn {
  readonly x: (ms: number) => number;
  readonly timeZone: string;
}

const low = (s: DaySpan): boolean => s.kind === 'heat' || s.kind === 'wait';

const widthOf = (s: DaySpan, x: Drawn['x']): number => Math.max(2, x(s.toMs) - x(s.fromMs) - 2);

/** `label` with the clock times of a stretch. */
export function fromTo(s: DaySpan, timeZone: string): string {
  return `${s.label} ${clock(s.fromMs, timeZone)} to ${clock(s.toMs, timeZone)}`;
}

/** Stretches on a band round `y`: bright and tall needs hands, dim and thin the heat does alone. `thin` scales their height. */
export function Bands({
  spans,
  y,
  thin = 1,
  said = '',
  x,
  timeZone,
}: Drawn & { readonly spans: readonly DaySpan[]; readonly y: number; readonly thin?: number; readonly said?: string }) {
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
        <title>{`${said}${s.label}: ${clock(s.fromMs, timeZone)} to ${clock(s.toMs, timeZone)}`}</title>
      </rect>
    );
  });
}

/** Names within the stretches that have room for them; again every half screen where the line has been brought nearer. */
export function BandNames({
  spans,
  screenWidth,
  nearer,
  x,
}: Pick<Drawn, 'x'> & {
  readonly spans: readonly DaySpan[];
  readonly screenWidth: number;
  readonly nearer: boolean;
}) {
  return spans.map((s) =>
    namedAt(widthOf(s, x), screenWidth / 2, nearer).map((off) => (
      <text
        key={`${s.id}${String(off)}`}
        x={x(s.fromMs) + 9 + off}
        y={BAND.y + 5}
        fontSize="14"
        fontWeight={s.kind === 'hands' ? 700 : 500}
        fill={INK[s.kind]}
        pointerEvents="none"
      >
        {fitting(s, widthOf(s, x))}
      </text>
    )),
  );
}

/** Two strokes where long waits have been folded away. */
export function Folds({ folds, x }: Pick<Drawn, 'x'> & { readonly folds: readonly Stretch[] }) {
  return folds.map((f) => (
    <path
      key={f.fromMs}
      d={`M${String(x(f.toMs) - 20)} ${String(BAND.y + 17)} l8 -34 M${String(x(f.toMs) - 12)} ${String(BAND.y + 17)} l8 -34`}
      stroke="var(--ink)"
      strokeWidth="2.5"
    >
      <title>{`${duration((f.toMs - f.fromMs) / 60_000)} folded away`}</title>
    </path>
  ));
}

/** Strokes at the moments something is done or looked at. */
export function Marks({ marks, x, timeZone }: Drawn & { readonly marks: readonly DayMark[] }) {
  return marks.map((m) => (
    <path
      key={m.id}
      d={`M${String(x(m.atMs))} ${String(BAND.y - 24)} V${String(BAND.y + (m.kind === 'oven' ? -12 : 14))}`}
      stroke="var(--glow)"
      strokeWidth="3"
    >
      <title>{`${m.label}, ${clock(m.atMs, timeZone)}: ${m.why}`}</title>
    </path>
  ));
}

/** A word of the line and what it is: a plain time, a strong one, or when the meat is ready. */
export interface Word {
  readonly x: number;
  readonly text: string;
  readonly tone: 'quiet' | 'plain' | 'strong' | 'ember';
}

const TONES: Readonly<Record<Word['tone'], readonly [weight: number, fill: string]>> = {
  quiet: [400, 'var(--mute)'],
  plain: [400, 'var(--ink)'],
  strong: [700, 'var(--mute)'],
  ember: [700, 'var(--ember-ink)'],
};

/** Words centred on where they belong, along `y`. */
export function Words({ words, y }: { readonly words: readonly Word[]; readonly y: number }) {
  return words.map((w) => (
    <text
      key={`${w.text}${String(w.x)}`}
      x={w.x}
      y={y}
      textAnchor="middle"
      fontSize="14"
      fontWeight={TONES[w.tone][0]}
      fill={TONES[w.tone][1]}
    >
      {w.text}
    </text>
  ));
}

/** What goes on beside the braise, one row a dish in the order given, chopping first. */
export function besideRows(beside: readonly DaySpan[]): DaySpan[][] {
  const labels = [...new Set(beside.map((s) => s.label))];
  return labels.map((label) => beside.filter((s) => s.label === label).sort((a, b) => a.fromMs - b.fromMs));
}

/** The rows beneath the line, the first along `y`, each named before its first piece. */
export function BesideRows({
  rows,
  y: top,
  x,
  timeZone,
}: Drawn & { readonly rows: readonly (readonly DaySpan[])[]; readonly y: number }) {
  return rows.map((row, r) =>
    row.map((s, i) => {
      const y = top + r * BESIDE.pitch;
      const width = Math.max(3, x(s.toMs) - x(s.fromMs) - 1);
      return (
        <g key={s.id}>
          <rect
            x={x(s.fromMs)}
            y={y}
            width={width}
            height={BESIDE.height}
            rx={4}
            fill={s.kind === 'hands' ? FILL.hands : FILL.heat}
          >
            <title>{`${s.label}: ${clock(s.fromMs, timeZone)} to ${clock(s.toMs, timeZone)}`}</title>
          </rect>
          {i === 0 ? (
            <text x={x(s.fromMs) - 5} y={y + 11} fontSize="13" textAnchor="end" fill="var(--ink)">
              {s.label}
            </text>
          ) : null}
          {s.doing !== undefined && textWidth(s.doing, 12) + 10 < width ? (
            <text
              x={x(s.fromMs) + 5}
              y={y + 10.5}
              fontSize="12"
              fill={s.kind === 'hands' ? INK.hands : INK.heat}
              pointerEvents="none"
            >
              {s.doing}
            </text>
          ) : null}
        </g>
      );
    }),
  );
}

/** A pin at the present moment, with the clock beneath. */
export function NowMark({ nowMs, x, timeZone }: Drawn & { readonly nowMs: number }) {
  return (
    <g>
      <path
        d={`M${String(x(nowMs))} ${String(BAND.y - 26)} V${String(BAND.y + 28)}`}
        stroke="var(--ink)"
        strokeWidth="3"
      />
      <circle cx={x(nowMs)} cy={BAND.y - 26} r={6} fill="var(--ink)" />
      <text x={x(nowMs)} y={BAND.y + 62} textAnchor="middle" fontSize="14" fontWeight="700" fill="var(--ink)">
        {clock(nowMs, timeZone)}
      </text>
    </g>
  );
}

/** A triangle under each moment at which something does not come out. */
export function Conflicts({ conflicts, x, timeZone }: Drawn & { readonly conflicts: readonly DayConflict[] }) {
  return conflicts.map((c) => (
    <path
      key={c.says}
      d={`M${String(x(c.atMs))} ${String(BAND.y + 16)} l9 15 h-18 z`}
      fill="var(--danger)"
      stroke="var(--plate)"
      strokeWidth="2"
    >
      <title>{`${clock(c.atMs, timeZone)}: ${c.says}`}</title>
    </path>
  ));
}
