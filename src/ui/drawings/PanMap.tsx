'use client';

import { type Pan } from '@/core/larder';
import { BROWNS_C, PAN_GAP_MM, PAN_SHARE, type SearBatch } from '@/core/sear';
import { useWords } from '../KitchenContext';

const SIZE = { width: 640, height: 360 };
const DRAWN_MM = 322;

interface PanMapProps {
  readonly pan: Pan;
  readonly batch: SearBatch;
  /** From 1. */
  readonly number: number;
  readonly batches: number;
  readonly pieces: number;
}

/** The sear pan from above, to scale, with one batch in it, what it covers and how far it cools the pan. */
export function PanMap({ pan, batch, number, batches, pieces }: PanMapProps) {
  const w = useWords();
  const scale = DRAWN_MM / Math.max(pan.lengthMm, pan.widthMm);
  const halfW = (pan.lengthMm * scale) / 2;
  const halfH = (pan.widthMm * scale) / 2;
  const cx = 22 + DRAWN_MM / 2;
  const cy = SIZE.height / 2;
  const share = w.quantity(batch.coverage, 'share');
  const limit = w.quantity(PAN_SHARE, 'share');
  const barX = 400;
  const barW = 205;
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
    <svg
      viewBox={`0 0 ${String(SIZE.width)} ${String(SIZE.height)}`}
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
            transform={`translate(${String(cx)} ${String(cy)}) rotate(38)`}
          />
          <circle cx={cx} cy={cy} r={halfW + 9} fill="#17363c" />
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
        <text x={barX} y={cy - 96} fontWeight="700" fontSize="19">
          {w.text('panMap.batchOf', { number, batches, verdict })}
        </text>
        <text x={barX} y={cy - 70}>
          {w.text('panMap.ofPiecesMin', { count: batch.count, pieces, time: w.quantity(batch.minutes, 'minutes') })}
        </text>
        <rect x={barX} y={cy - 46} width={barW} height={14} rx={7} fill="var(--line)" />
        <rect
          x={barX}
          y={cy - 46}
          width={Math.max(8, barW * Math.min(1, batch.coverage))}
          height={14}
          rx={7}
          fill="var(--wine)"
        />
        <path d={`M${String(barX + barW * PAN_SHARE)} ${String(cy - 54)} v30`} stroke="var(--ink)" strokeWidth="3" />
        <text x={barX} y={cy - 10}>
          {w.text('panMap.ofThePanCovered', { share })}
        </text>
        <text x={barX} y={cy + 10} fontSize="14" fill="var(--mute)">
          {w.text('panMap.atMostSteamMustOut', { limit })}
        </text>
        <rect x={barX} y={cy + 34} width={barW} height={14} rx={7} fill="var(--line)" />
        <rect
          x={barX}
          y={cy + 34}
          width={Math.max(8, barW * heatShare(batch.lowestC))}
          height={14}
          rx={7}
          fill="var(--ember)"
        />
        <path
          d={`M${String(barX + barW * heatShare(BROWNS_C))} ${String(cy + 26)} v30`}
          stroke="var(--ink)"
          strokeWidth="3"
        />
        <text x={barX} y={cy + 70}>
          {w.text('panMap.panAtItsCoolest', { coolest })}
        </text>
        <text x={barX} y={cy + 90} fontSize="14" fill="var(--mute)">
          {w.text('panMap.underItStopsBrowning', { browns })}
        </text>
        <text x={barX} y={cy + 120} fontSize="14" fill="var(--mute)">
          {number < batches
            ? w.text('panMap.thenMinToComeBack', { time: w.quantity(Math.max(1, batch.recoverMinutes), 'minutes') })
            : w.text('panMap.dashedTheAirEachPiece')}
        </text>
      </g>
    </svg>
  );
}
