'use client';

import { useRef } from 'react';
import { useNarrow } from './useNarrow';
import { type Pan } from '@/core/larder';
import { BROWNS_C, PAN_GAP_MM, PAN_SHARE, type SearBatch } from '@/core/sear';
import { useWords } from '../KitchenContext';

/** Size of the drawing, the pan in it, its centre and the start of the text: beside the pan, or below it. */
const WIDE = {
  width: 640,
  height: 360,
  pan: 322,
  cx: 183,
  cy: 180,
  words: [400, 84],
  second: [400, 214],
  bar: 205,
} as const;
const NARROW = {
  width: 400,
  height: 418,
  pan: 260,
  cx: 178,
  cy: 145,
  words: [8, 306],
  second: [206, 355],
  bar: 184,
} as const;

interface PanMapProps {
  readonly pan: Pan;
  readonly batch: SearBatch;
  /** From 1. */
  readonly number: number;
  readonly batches: number;
  readonly pieces: number;
}

/** The sear pan from above, to scale, with one batch in it, its coverage and how far it cools the pan. */
export function PanMap({ pan, batch, number, batches, pieces }: PanMapProps) {
  const w = useWords();
  const frame = useRef<HTMLDivElement>(null);
  const narrow = useNarrow(frame);
  const view = narrow ? NARROW : WIDE;
  const scale = view.pan / Math.max(pan.lengthMm, pan.widthMm);
  const halfW = (pan.lengthMm * scale) / 2;
  const halfH = (pan.widthMm * scale) / 2;
  const { cx, cy } = view;
  const share = w.quantity(batch.coverage, 'share');
  const limit = w.quantity(PAN_SHARE, 'share');
  const [x0, y0] = view.words;
  const [x1, y1] = view.second;
  const barW = view.bar;
  // Below the pan the first bar follows the heading, which also gives the number.
  const first = narrow ? y0 + 49 - 38 : y0;
  const small = narrow ? 13 : 14;
  const coolest = w.quantity(batch.lowestC, 'temperature');
  const browns = w.quantity(BROWNS_C, 'temperature');
  const verdict = w.text(`verdict.${batch.verdict}`);
  const heatShare = (tempC: number): number => Math.min(1, Math.max(0, (tempC - 100) / 130));
  const says = w.text('panMap.fromAboveBatchOfHolds', {
    name: pan.name,
    number,
    batches,
    count: batch.count,
    pieces,
    share,
    coolest,
    browns,
    verdict,
  });
  return (
    <div ref={frame}>
      <svg
        viewBox={`0 0 ${String(view.width)} ${String(view.height)}`}
        width="100%"
        role="img"
        aria-label={says}
        style={{ display: 'block' }}
      >
        <defs>
          <radialGradient id="pan-heat">
            <stop offset="0" stopColor={batch.verdict === 'sears' ? '#b4451f' : '#6d4436'} />
            <stop offset="0.75" stopColor="#4a2a20" />
            <stop offset="1" stopColor="#2a2422" />
          </radialGradient>
        </defs>
        {pan.shape === 'round' ? (
          <>
            <rect
              x={halfW - 8}
              y={-13}
              width={96}
              height={26}
              rx={13}
              fill="#17363c"
              stroke="var(--line)"
              strokeWidth="2"
              transform={`translate(${String(cx)} ${String(cy)}) rotate(38)`}
            />
            <circle cx={cx} cy={cy} r={halfW + 9} fill="#17363c" stroke="var(--line)" strokeWidth="2" />
            <circle cx={cx} cy={cy} r={halfW} fill="url(#pan-heat)" />
          </>
        ) : (
          <>
            <rect
              x={cx - halfW - 10}
              y={cy - halfH - 10}
              width={2 * halfW + 20}
              height={2 * halfH + 20}
              rx={20}
              fill="#17363c"
              stroke="var(--line)"
              strokeWidth="2"
            />
            <rect x={cx - halfW} y={cy - halfH} width={2 * halfW} height={2 * halfH} rx={12} fill="url(#pan-heat)" />
          </>
        )}
        {batch.layout.map((p) => {
          const wide = p.width * scale;
          const high = p.height * scale;
          const x = cx + p.x * scale;
          const y = cy + p.y * scale;
          const air = (PAN_GAP_MM / 2) * scale;
          const round = p.kind === 'circle';
          return (
            <g key={p.index}>
              <rect
                x={x - wide / 2 - air}
                y={y - high / 2 - air}
                width={wide + 2 * air}
                height={high + 2 * air}
                rx={round ? wide / 2 + air : 10}
                fill="none"
                stroke="#f1e1c3"
                strokeDasharray="4 4"
                opacity="0.7"
              />
              {round ? (
                <circle cx={x} cy={y} r={wide / 2} fill="#7b2740" stroke="#3d0f1e" strokeWidth="1.5" />
              ) : (
                <rect
                  x={x - wide / 2}
                  y={y - high / 2}
                  width={wide}
                  height={high}
                  rx={Math.min(10, high / 4)}
                  fill="#7b2740"
                  stroke="#3d0f1e"
                  strokeWidth="1.5"
                />
              )}
              {Math.min(wide, high) > 22 ? (
                <text x={x} y={y + 5} textAnchor="middle" fontSize="14" fontWeight="700" fill="#fcf3df">
                  {p.index + 1}
                </text>
              ) : null}
            </g>
          );
        })}
        {batch.layout.length < batch.count ? (
          <text x={cx} y={cy + 5} textAnchor="middle" fontSize="15" fill="#fcf3df">
            {w.text('panMap.largerThanThePanLean')}
          </text>
        ) : null}
        <g fill="var(--ink)" fontSize="15">
          <text x={x0} y={y0} fontWeight="700" fontSize={narrow ? 16 : 19}>
            {w.text('panMap.batchOf', { number, batches, verdict })}
          </text>
          <text
            {...(narrow ? { x: view.width - 8, y: y0, textAnchor: 'end' } : { x: x0, y: y0 + 26 })}
            fontSize={narrow ? 14 : 15}
          >
            {w.text('panMap.ofPiecesMin', { count: batch.count, pieces, time: w.quantity(batch.minutes, 'minutes') })}
          </text>
          <rect x={x0} y={first + 38} width={barW} height={14} rx={7} fill="var(--line)" />
          <rect
            x={x0}
            y={first + 38}
            width={Math.max(8, barW * Math.min(1, batch.coverage))}
            height={14}
            rx={7}
            fill="var(--wine)"
          />
          <path d={`M${String(x0 + barW * PAN_SHARE)} ${String(first + 30)} v30`} stroke="var(--ink)" strokeWidth="3" />
          <text x={x0} y={first + 74} fontSize={narrow ? 14 : 15}>
            {w.text('panMap.ofThePanCovered', { share })}
          </text>
          <text x={x0} y={first + 93} fontSize={small} fill="var(--mute)">
            {w.text('panMap.atMostSteamMustOut', { limit })}
          </text>
          <rect x={x1} y={y1} width={barW} height={14} rx={7} fill="var(--line)" />
          <rect
            x={x1}
            y={y1}
            width={Math.max(8, barW * heatShare(batch.lowestC))}
            height={14}
            rx={7}
            fill="var(--ember)"
          />
          <path
            d={`M${String(x1 + barW * heatShare(BROWNS_C))} ${String(y1 - 8)} v30`}
            stroke="var(--ink)"
            strokeWidth="3"
          />
          <text x={x1} y={y1 + 36} fontSize={narrow ? 14 : 15}>
            {w.text('panMap.panAtItsCoolest', { coolest })}
          </text>
          <text x={x1} y={y1 + 55} fontSize={small} fill="var(--mute)">
            {w.text('panMap.underItStopsBrowning', { browns })}
          </text>
          {narrow ? null : (
            <text x={x0} y={y1 + 86} fontSize="14" fill="var(--mute)">
              {number < batches
                ? w.text('panMap.thenMinToComeBack', { time: w.quantity(Math.max(1, batch.recoverMinutes), 'minutes') })
                : w.text('panMap.dashedTheAirEachPiece')}
            </text>
          )}
        </g>
      </svg>
    </div>
  );
}
