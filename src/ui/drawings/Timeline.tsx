'use client';

import { type ReactNode, useEffect, useId, useRef, useState } from 'react';
import styled from 'styled-components';
import { TimelineHandle, type Moving } from './TimelineHandle';
import { centredWithin, withoutCollisions } from './timelineLabels';
import {
  BAND,
  BandNames,
  Bands,
  SIDE_ROW,
  SideRows,
  sideRows,
  Conflicts,
  Folds,
  rangeLabel,
  Marks,
  NowMark,
  type Label,
  Labels,
} from './TimelineParts';
import { timelineScale, roundTimes, type Span, zoomsFor } from './timelineScale';
import { TimelineZoom } from './TimelineZoom';
import { type Day, type DaySpan, type DayTask } from '@/core/schedule';
import { listParam, timeParam, say } from '@/core/message';
import { useWords } from '../KitchenContext';
import { MINUTE_MS } from '@/core/quantity';

const VIEW = { width: 1240, height: 108, slimTop: 14 };
/** What the timeline shows of a day: side work below it, conflicts marked at their times. */
export type LinedDay = Pick<Day, 'spans' | 'marks' | 'target' | 'serveMs'> &
  Partial<Pick<Day, 'beside' | 'conflicts'>> & {
    /** When the meat is ready; null once nothing more is forecast. */
    readonly ready: Day['ready'] | null;
  };

export interface TimelineProps {
  readonly day: LinedDay;
  readonly nowMs?: number;
  readonly timeZone: string;
  /** Spans as they really went, drawn below. */
  readonly actual?: readonly DaySpan[];
  /** Lets serving time and tasks be dragged. */
  readonly edit?: TimelineEdit;
  /** Where to put the zoom buttons; omitted for none. */
  readonly zoomsAt?: 'above' | 'beside';
  /** Only the band, without side work. */
  readonly slim?: boolean;
  /** Shown above the line. */
  readonly children?: ReactNode;
}

/** How serving time and tasks are moved. */
export interface TimelineEdit {
  readonly tasks: readonly DayTask[];
  /** Tasks locked to a time. */
  readonly fixed: readonly string[];
  /** `task` is a task's id; `plate` is serving time. Called at every step of the drag. */
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
  > :first-child {
    flex: 1;
    min-width: 0;
  }
`;

const Beside = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
`;

/** One horizontal band from the first act to serving: bright and tall is hands-on, dim and thin is unattended heat. */
export function Timeline(props: TimelineProps) {
  return props.day.spans.length === 0 ? null : <Line {...props} />;
}

function Line({ day, nowMs, timeZone, actual, edit, zoomsAt, slim = false, children }: TimelineProps) {
  const w = useWords();
  const { spans, marks, ready: window, target, serveMs, conflicts = [] } = day;
  const beside = slim ? [] : (day.beside ?? []);
  const isBeside = (task: string): boolean => (day.beside ?? []).some((s) => s.id.startsWith(`${task}-`));
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const [zoomId, setZoomId] = useState('all');
  // While something is dragged the scale stays fixed.
  const [fixed, setFixed] = useState<Span>();
  const scroll = useRef<HTMLDivElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const everything = [...spans, ...beside, ...(actual ?? [])];
  const firstMs = Math.min(...everything.map((s) => s.fromMs), nowMs ?? Infinity);
  const shownTo = Math.max(
    serveMs,
    ...everything.map((s) => s.toMs),
    ...(window ? [window.p50Ms, window.p90Ms] : []).filter(Number.isFinite),
  );
  // What does not happen by the forecast's end is drawn at the line's end; its text stays "–".
  const within = (ms: number): number => (Number.isFinite(ms) ? ms : shownTo);
  const ready = window && {
    p10Ms: within(window.p10Ms),
    p50Ms: within(window.p50Ms),
    p90Ms: within(window.p90Ms),
  };
  const lastMs = Math.max(shownTo, ready?.p90Ms ?? shownTo, ...everything.map((s) => s.toMs), nowMs ?? -Infinity);
  const { fromMs, toMs } = fixed ?? { fromMs: firstMs, toMs: lastMs };
  const busy: Span[] = [
    ...everything.filter((s) => s.id !== 'fridge'),
    ...marks.map((m) => ({ fromMs: m.atMs, toMs: m.atMs })),
    ...(nowMs === undefined ? [] : [{ fromMs: nowMs, toMs: nowMs }]),
  ];
  const scale = timelineScale({ fromMs, toMs }, busy);
  const zooms = zoomsFor(scale.minutes);
  const zoom = zooms.find((z) => z.id === zoomId) ?? zooms[0];
  const factor = zoom === undefined || slim ? 1 : Math.max(1, scale.minutes / zoom.minutes);
  const width = VIEW.width * factor;
  const pad = 34;
  const x = (ms: number): number => pad + (width - 2 * pad) * scale.at(ms);
  const drawn = { x };
  const live = nowMs !== undefined && nowMs > fromMs && nowMs < serveMs;
  const focus = x(live ? nowMs : serveMs) / width;
  const focusNow = useRef(focus);
  useEffect(() => {
    focusNow.current = focus;
  }, [focus]);
  useEffect(() => {
    // Zoomed in: the end of the day is brought into view, or the present with what is next.
    const box = scroll.current;
    if (box) box.scrollLeft = focusNow.current * box.scrollWidth - box.clientWidth * (live ? 0.25 : 0.9);
  }, [zoomId, live]);
  const list = (all: readonly DaySpan[]): string =>
    w.list(
      all.map((s) => rangeLabel(w, s)),
      'semicolon',
    );
  const says = [
    w.text('line.day', { from: timeParam(fromMs), to: timeParam(serveMs), what: list(spans) }),
    ...(window
      ? [
          w.text('line.ready', {
            target: say(`target.${target}`),
            likely: timeParam(window.p50Ms),
            low: timeParam(window.p10Ms),
            high: timeParam(window.p90Ms),
          }),
        ]
      : []),
    ...(marks.length > 0
      ? [
          w.text('line.marks', {
            marks: listParam(
              marks.map((m) => say('line.markAt', { what: m.label, at: timeParam(m.atMs) })),
              'semicolon',
            ),
          }),
        ]
      : []),
    ...(beside.length > 0 ? [w.text('line.beside', { what: list(beside) })] : []),
    ...(actual ? [w.text('line.asItWent', { what: list(actual) })] : []),
  ].join(' ');
  const time = (ms: number, tone: Label['tone']): Label => ({ x: x(ms), text: w.clockBeside(ms, serveMs), tone });
  const ticks = withoutCollisions(
    [
      time(serveMs, 'strong'),
      ...spans.filter((s) => s.id === 'braise').map((s) => time(s.fromMs, 'strong')),
      ...spans.filter((s) => s.id !== 'plate').map((s) => time(s.fromMs, 'quiet')),
      ...(factor > 1 ? roundTimes(scale, width, timeZone) : []).map((ms) => time(ms, 'quiet')),
    ],
    14,
  );
  const above = withoutCollisions(
    [
      ...(ready
        ? [
            {
              x: x(ready.p50Ms),
              text: w.text('line.target', { target: say(`targetMark.${target}`), at: timeParam(window.p50Ms) }),
              tone: 'ember' as const,
            },
          ]
        : []),
      ...marks.map((m) => ({ x: x(m.atMs), text: w.say(m.label), tone: 'plain' as const })),
    ].map((l) => ({ ...l, x: centredWithin(l.x, l.text, 14, width) })),
    14,
  );
  const rows = sideRows(beside);
  const besideY = BAND.y + (nowMs === undefined ? 54 : 70);
  const besideH = rows.length * SIDE_ROW.pitch;
  const height = VIEW.height + besideH + (actual ? 44 : 0) + (nowMs === undefined ? 0 : 16);
  const besideYOf = (task: string): number | undefined => {
    const row = rows.findIndex((r) => r.some((s) => s.id.startsWith(`${task}-`)));
    return row < 0 ? undefined : besideY + row * SIDE_ROW.pitch;
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
    ...(edit?.fixed.includes(task)
      ? {
          onFree: () => {
            edit.onFree(task);
          },
        }
      : {}),
  });
  const msPerPx = (): number =>
    (scale.minutes * MINUTE_MS) /
    Math.max(1, (svg.current?.getBoundingClientRect().width ?? width) * (1 - (2 * pad) / width));
  const handle = { range: { fromMs, toMs }, msPerPx };
  const drawing = (
    <Scroll ref={scroll} tabIndex={0} role="group" aria-label={w.text('emberLine.emberLineScrollsSidewaysWhere')}>
      <svg
        ref={svg}
        viewBox={
          slim
            ? `0 ${String(VIEW.slimTop)} ${String(width)} ${String(height - VIEW.slimTop)}`
            : `0 0 ${String(width)} ${String(height)}`
        }
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
        <rect x={pad - 8} y={BAND.y - 8} width={width - 2 * pad + 16} height={16} rx={8} fill="var(--well)" />
        <Bands spans={spans} y={BAND.y} {...drawn} />
        {ready ? (
          <>
            <rect
              x={x(ready.p10Ms)}
              y={BAND.y - 17}
              width={Math.max(4, x(ready.p90Ms) - x(ready.p10Ms))}
              height={34}
              fill={`url(#ready${id})`}
            />
            <path
              d={`M${String(x(ready.p50Ms))} ${String(BAND.y - 22)} V${String(BAND.y + 22)}`}
              stroke="var(--ember-ink)"
              strokeWidth="3"
            />
          </>
        ) : null}
        <BandNames spans={spans} screenWidth={VIEW.width} nearer={factor > 1} x={x} />
        <Folds folds={scale.folds} x={x} />
        <Marks marks={marks} {...drawn} />
        <Labels labels={above} y={BAND.y - 30} />
        <Labels labels={ticks} y={BAND.y + 46} />
        <SideRows rows={rows} y={besideY} {...drawn} />
        {actual ? <Bands spans={actual} y={BAND.y + 76 + besideH} thin={0.6} said="line.went" {...drawn} /> : null}
        {nowMs === undefined ? null : <NowMark nowMs={nowMs} {...drawn} />}
        <Conflicts conflicts={conflicts} {...drawn} />
        {edit?.tasks
          .filter((t) => t.place !== 'table' && t.handsMinutes > 0 && !(slim && isBeside(t.id)))
          .map((t) => {
            const y = besideYOf(t.id);
            const box = { x: x(t.fromMs), w: Math.max(10, x(t.toMs) - x(t.fromMs) - 2) };
            const fixed = edit.fixed.includes(t.id);
            return (
              <TimelineHandle
                key={t.id}
                label={fixed ? w.text('line.fixed', { task: t.label }) : w.say(t.label)}
                atMs={t.fromMs}
                box={
                  y === undefined
                    ? { ...box, y: BAND.y - BAND.hands / 2, h: BAND.hands }
                    : { ...box, y: y - 2, h: SIDE_ROW.height + 4 }
                }
                {...handle}
                {...movingOf(t.id)}
              >
                {fixed ? (
                  <path
                    d={`M${String(box.x)} ${String((y ?? BAND.y - 6) - 4)} v12 m-5 -12 a5 5 0 1 1 10 0 a5 5 0 1 1 -10 0`}
                    fill="var(--ink)"
                    stroke="var(--ink)"
                    strokeWidth="2"
                  />
                ) : null}
              </TimelineHandle>
            );
          })}
        {edit ? (
          <TimelineHandle
            label={w.text('emberLine.platesOut')}
            atMs={serveMs}
            box={{ x: x(serveMs) - 16, y: BAND.y - 27, w: 32, h: 54 }}
            touch
            {...handle}
            {...movingOf('plate')}
          >
            <path
              d={`M${String(x(serveMs))} ${String(BAND.y - 22)} l13 22 l-13 22 l-13 -22 z`}
              fill="var(--ink)"
              stroke="var(--plate)"
              strokeWidth="3"
            />
          </TimelineHandle>
        ) : null}
      </svg>
    </Scroll>
  );
  const nearer =
    zoomsAt !== undefined && zooms.length > 1 ? (
      <TimelineZoom zooms={zooms} chosen={zoom?.id ?? 'all'} upright={zoomsAt === 'beside'} onChoose={setZoomId} />
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
