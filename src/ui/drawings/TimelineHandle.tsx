'use client';

import { useMove } from 'react-aria';
import { type KeyboardEvent, type ReactNode, useRef } from 'react';
import styled from 'styled-components';
import { useWords } from '../KitchenContext';
import { MINUTE_MS } from '@/core/quantity';

const STEP_MS = 5 * MINUTE_MS;
const LEAP_MS = 30 * MINUTE_MS;

const Grip = styled.g<{ $touch: boolean }>`
  cursor: grab;
  touch-action: ${({ $touch }) => ($touch ? 'none' : 'auto')};
  outline: none;
  .grip {
    fill: transparent;
    stroke: transparent;
    stroke-width: 3;
  }
  &:hover .grip {
    stroke: var(--mute);
  }
  &:focus-visible .grip {
    stroke: var(--ink);
  }
  &:active {
    cursor: grabbing;
  }
`;

/** Callbacks for grabbing, moving and releasing something on the line. */
export interface Moving {
  readonly onGrab: () => void;
  readonly onMove: (toMs: number) => void;
  readonly onDrop: () => void;
  readonly onCancel: () => void;
  /** Unlocks it; omitted if it is not locked. */
  readonly onFree?: () => void;
}

/** Smallest touch target, px. */
const MIN_PX = 24;

/** A box around the same centre that is large enough to grab. */
function atLeast({ x, y, w, h }: { x: number; y: number; w: number; h: number }) {
  const [width, height] = [Math.max(MIN_PX, w), Math.max(MIN_PX, h)];
  return { x: x - (width - w) / 2, y: y - (height - h) / 2, width, height };
}

interface TimelineHandleProps extends Moving {
  readonly label: string;
  readonly atMs: number;
  readonly range: { readonly fromMs: number; readonly toMs: number };
  readonly box: { readonly x: number; readonly y: number; readonly w: number; readonly h: number };
  /** Milliseconds per screen pixel, read during the drag. */
  readonly msPerPx: () => number;
  /** A finger drags it instead of scrolling the line. */
  readonly touch?: boolean;
  readonly children?: ReactNode;
}

/** Something on the timeline that can be dragged, or moved by arrow keys: five minutes, with Shift thirty. */
export function TimelineHandle({
  label,
  atMs,
  range,
  box,
  msPerPx,
  touch = false,
  children,
  onGrab,
  onMove,
  onDrop,
  onCancel,
  onFree,
}: TimelineHandleProps) {
  const w = useWords();
  const began = useRef(atMs);
  const pixels = useRef(0);
  const cancelled = useRef(false);
  const { moveProps } = useMove({
    onMoveStart: () => {
      began.current = atMs;
      pixels.current = 0;
      cancelled.current = false;
      onGrab();
    },
    onMove: (e) => {
      if (cancelled.current) return;
      if (e.pointerType === 'keyboard') {
        onMove(began.current + Math.sign(e.deltaX - e.deltaY) * (e.shiftKey ? LEAP_MS : STEP_MS));
        return;
      }
      pixels.current += e.deltaX;
      onMove(began.current + pixels.current * msPerPx());
    },
    onMoveEnd: () => {
      if (!cancelled.current) onDrop();
    },
  });
  const onKeyDown = (e: KeyboardEvent<SVGGElement>): void => {
    if (e.key === 'Escape') {
      cancelled.current = true;
      onCancel();
    } else if ((e.key === 'Delete' || e.key === 'Backspace') && onFree) onFree();
    else moveProps.onKeyDown?.(e);
  };
  return (
    <Grip
      {...moveProps}
      onKeyDown={onKeyDown}
      $touch={touch}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-orientation="horizontal"
      aria-valuemin={0}
      aria-valuemax={Math.round((range.toMs - range.fromMs) / MINUTE_MS)}
      aria-valuenow={Math.round((atMs - range.fromMs) / MINUTE_MS)}
      aria-valuetext={w.clock(atMs)}
    >
      <rect className="grip" {...atLeast(box)} rx={8} />
      {children}
    </Grip>
  );
}
