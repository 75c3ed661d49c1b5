'use client';

import { type ReactNode, useEffect, useId, useRef, useState } from 'react';
import styled from 'styled-components';
import { EmberHandle, type Moving } from './EmberHandle';
import { centredWithin, fitting, namedAt, textWidth, withoutCollisions } from './emberLabels';
import { emberScale, roundTimes, type Stretch, zoomsFor } from './emberScale';
import { EmberZooms } from './EmberZooms';
import { clock, clockBeside, duration } from '../time';
import { type DayConflict, type DayMark, type DaySpan, type DayTask } from '@/core/schedule/day';
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
  /** What does not come out as it should, marked where it is. */
  readonly conflicts?: readonly DayConflict[];
  /** Lets the plate and the tasks be moved. */
  readonly edit?: EmberEdit;
  /** Where to put the buttons that bring the end of the day nearer; none where left out. */
  readonly zoomsAt?: 'above' | 'beside';
  /** Stands above the line. */
  readonly children?: ReactNode;
}

/** How the plate and the tasks are moved. */
export interface EmberEdit {
  readonly tasks: readonly DayTask[];
  /** Tasks held to a moment. */
  readonly held: readonly string[];
  /** `task` is the id of a task; `plate` is the plates going out. Called on every step of the way. */
  readonly onMove: (task: string, toMs: number) => void;
  readonly onDrop: () => void;
  readonly onCancel: () => void;
  readonly onFree: (task: string) => void;
}

const Scroll = styled.div`
  overflow-x: auto;
  svg {
    display: block;
  }
`;

const Above = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: start;
  gap: 12px;
`;

const Beside = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
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

const BESIDE = { pitch: 19, height: 13 } as const;

/** What goes on beside the braise, one row a dish, chopping first. */
function besideRows(beside: readonly DaySpan[]): DaySpan[][] {
  const labels = [...new Set(beside.map((s) => s.label))];
  return labels.map((label) => beside.filter((s) => s.label === label).sort((a, b) => a.fromMs - b.fromMs));
}

/** One horizontal band from the first act to the plate: bright and tall needs hands, dim and thin the heat does alone. */
export function EmberLine(props: EmberLineProps) {
  return props.spans.length === 0 ? null : <Line {...props} />;
}

function Line({
  spans,
  marks,
  ready: window,
  target,
  serveMs,
  nowMs,
  timeZone,
  beside = [],
  actual,
  conflicts = [],
  edit,
  zoomsAt,
  children,
}: EmberLineProps) {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const [zoomId, setZoomId] = useState('all');
  // While something is dragged the line stays put under it.
  const [fixed, setFixed] = useState<Stretch>();
  const scroll = useRef<HTMLDivElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const everything = [...spans, ...beside, ...(actual ?? [])];
  const firstMs = Math.min(...everything.map((s) => s.fromMs), nowMs ?? Infinity);
  const shownTo = Math.max(
    serveMs,
    ...everything.map((s) => s.toMs),
    ...[window.p50Ms, window.p90Ms].filter(Number.isFinite),
  );
  // What does not come by the forecast's end is drawn at the line's end; its words stay "–".
  const within = (ms: number): number => (Number.isFinite(ms) ? ms : shownTo);
  const ready: ReadyWindow = { p10Ms: within(window.p10Ms), p50Ms: within(window.p50Ms), p90Ms: within(window.p90Ms) };
  const lastMs = Math.max(shownTo, ready.p90Ms, ...everything.map((s) => s.toMs), nowMs ?? -Infinity);
  const { fromMs, toMs } = fixed ?? { fromMs: firstMs, toMs: lastMs };
  const busy: Stretch[] = [
    ...everything.filter((s) => s.id !== 'fridge'),
    ...marks.map((m) => ({ fromMs: m.atMs, toMs: m.atMs })),
    ...(nowMs === undefined ? [] : [{ fromMs: nowMs, toMs: nowMs }]),
  ];
  const scale = emberScale({ fromMs, toMs }, busy);
  const zooms = zoomsFor(scale.minutes);
  const zoom = zooms.find((z) => z.id === zoomId) ?? zooms[0];
  const factor = zoom === undefined ? 1 : Math.max(1, scale.minutes / zoom.minutes);
  const width = VIEW.width * factor;
  const pad = 34;
  const x = (ms: number): number => pad + (width - 2 * pad) * scale.at(ms);
  const live = nowMs !== undefined && nowMs > fromMs && nowMs < serveMs;
  const focus = x(live ? nowMs : serveMs) / width;
  const focusNow = useRef(focus);
  useEffect(() => {
    focusNow.current = focus;
  }, [focus]);
  useEffect(() => {
    // Nearer by: the end of the day comes into view, or now with what is next.
    const box = scroll.current;
    if (box) box.scrollLeft = focusNow.current * box.scrollWidth - box.clientWidth * (live ? 0.25 : 0.9);
  }, [zoomId, live]);
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
        .map((s) => ({ x: x(s.fromMs), text: clockBeside(s.fromMs, serveMs, timeZone), strong: true })),
      ...spans
        .filter((s) => s.id !== 'plate')
        .map((s) => ({ x: x(s.fromMs), text: clockBeside(s.fromMs, serveMs, timeZone), strong: false })),
      ...(factor > 1 ? roundTimes(scale, width, timeZone) : []).map((ms) => ({
        x: x(ms),
        text: clockBeside(ms, serveMs, timeZone),
        strong: false,
      })),
    ],
    14,
  );
  const above = withoutCollisions(
    [
      { x: x(ready.p50Ms), text: `${TARGETS[target].mark} ${clock(window.p50Ms, timeZone)}`, ember: true },
      ...marks.map((m) => ({ x: x(m.atMs), text: m.label, ember: false })),
    ].map((l) => ({ ...l, x: centredWithin(l.x, l.text, 14, width) })),
    14,
  );
  const rows = besideRows(beside);
  const besideY = BAND_Y + (nowMs === undefined ? 54 : 70);
  const besideH = rows.length * BESIDE.pitch;
  const height = VIEW.height + besideH + (actual ? 44 : 0) + (nowMs === undefined ? 0 : 16);
  const besideYOf = (task: string): number | undefined => {
    const row = rows.findIndex((r) => r.some((s) => s.id.startsWith(`${task}-`)));
    return row < 0 ? undefined : besideY + row * BESIDE.pitch;
  };
  const movingOf = (task: string): Moving => ({
    onGrab: () => {
      setFixed({ fromMs, toMs });
    },
    onMove: (ms) => edit?.onMove(task, ms),
    onDrop: () => {
      setFixed(undefined);
      edit?.onDrop();
    },
    onCancel: () => {
      setFixed(undefined);
      edit?.onCancel();
    },
    ...(edit?.held.includes(task)
      ? {
          onFree: () => {
            edit.onFree(task);
          },
        }
      : {}),
  });
  const msPerPx = (): number =>
    (scale.minutes * 60_000) /
    Math.max(1, (svg.current?.getBoundingClientRect().width ?? width) * (1 - (2 * pad) / width));
  const handle = { range: { fromMs, toMs }, timeZone, msPerPx };
  const drawing = (
    <Scroll ref={scroll} tabIndex={0} role="group" aria-label="Ember line, scrolls sideways where it is wider">
      <svg
        ref={svg}
        viewBox={`0 0 ${String(width)} ${String(height)}`}
        style={{ width: `calc(max(720px, 100%) * ${String(factor)})` }}
        {...(edit ? { role: 'group' } : { role: 'img' })}
        aria-label={says}
      >
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
        <rect x={pad - 8} y={BAND_Y - 8} width={width - 2 * pad + 16} height={16} rx={8} fill="var(--well)" />
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
          return namedAt(b.w, VIEW.width / 2, factor > 1).map((off) => (
            <text
              key={`${s.id}${String(off)}`}
              x={b.x + 9 + off}
              y={BAND_Y + 5}
              fontSize="14"
              fontWeight={s.kind === 'hands' ? 700 : 500}
              fill={INK[s.kind]}
              pointerEvents="none"
            >
              {fitting(s, b.w)}
            </text>
          ));
        })}
        {scale.folds.map((f) => (
          <path
            key={f.fromMs}
            d={`M${String(x(f.toMs) - 20)} ${String(BAND_Y + 17)} l8 -34 M${String(x(f.toMs) - 12)} ${String(BAND_Y + 17)} l8 -34`}
            stroke="var(--ink)"
            strokeWidth="2.5"
          >
            <title>{`${duration((f.toMs - f.fromMs) / 60_000)} folded away`}</title>
          </path>
        ))}
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
                {s.doing !== undefined && textWidth(s.doing, 12) + 10 < b.w ? (
                  <text
                    x={b.x + 5}
                    y={y + 10.5}
                    fontSize="12"
                    fill={s.kind === 'hands' ? 'var(--on-ember)' : '#fff6ea'}
                    pointerEvents="none"
                  >
                    {s.doing}
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
          <text x={width - pad} y={BAND_Y + 81 + besideH} fontSize="14" textAnchor="end" fill="var(--mute)">
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
        {conflicts.map((c) => (
          <path
            key={c.says}
            d={`M${String(x(c.atMs))} ${String(BAND_Y + 16)} l9 15 h-18 z`}
            fill="var(--danger)"
            stroke="var(--plate)"
            strokeWidth="2"
          >
            <title>{`${clock(c.atMs, timeZone)}: ${c.says}`}</title>
          </path>
        ))}
        {edit?.tasks
          .filter((t) => t.place !== 'table' && t.handsMinutes > 0)
          .map((t) => {
            const y = besideYOf(t.id);
            const box = { x: x(t.fromMs), w: Math.max(10, x(t.toMs) - x(t.fromMs) - 2) };
            const held = edit.held.includes(t.id);
            return (
              <EmberHandle
                key={t.id}
                label={`${t.label}${held ? ', held' : ''}`}
                atMs={t.fromMs}
                box={
                  y === undefined
                    ? { ...box, y: BAND_Y - HANDS / 2, h: HANDS }
                    : { ...box, y: y - 2, h: BESIDE.height + 4 }
                }
                {...handle}
                {...movingOf(t.id)}
              >
                {held ? (
                  <path
                    d={`M${String(box.x)} ${String((y ?? BAND_Y - 6) - 4)} v12 m-5 -12 a5 5 0 1 1 10 0 a5 5 0 1 1 -10 0`}
                    fill="var(--ink)"
                    stroke="var(--ink)"
                    strokeWidth="2"
                  />
                ) : null}
              </EmberHandle>
            );
          })}
        {edit ? (
          <EmberHandle
            label="Plates out"
            atMs={serveMs}
            box={{ x: x(serveMs) - 16, y: BAND_Y - 27, w: 32, h: 54 }}
            touch
            {...handle}
            {...movingOf('plate')}
          >
            <path
              d={`M${String(x(serveMs))} ${String(BAND_Y - 22)} l13 22 l-13 22 l-13 -22 z`}
              fill="var(--enamel)"
              stroke="var(--plate)"
              strokeWidth="3"
            />
          </EmberHandle>
        ) : null}
      </svg>
    </Scroll>
  );
  const nearer =
    zoomsAt !== undefined && zooms.length > 1 ? (
      <EmberZooms zooms={zooms} chosen={zoom?.id ?? 'all'} upright={zoomsAt === 'beside'} onChoose={setZoomId} />
    ) : null;
  if (zoomsAt === 'beside') {
    return (
      <Beside>
        {drawing}
        {nearer}
      </Beside>
    );
  }
  return (
    <div>
      <Above>
        <div>{children}</div>
        {nearer}
      </Above>
      {drawing}
    </div>
  );
}
