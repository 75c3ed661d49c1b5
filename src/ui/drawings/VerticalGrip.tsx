'use client';

import { useEffect, useRef } from 'react';
import { useMove } from 'react-aria';
import styled from 'styled-components';

/** Key presses closer together than this are one move, ms. */
const KEYS_REST_MS = 700;

const Handle = styled.div`
  position: absolute;
  height: 28px;
  transform: translateY(-50%);
  cursor: ns-resize;
  touch-action: none;
  border-radius: 8px;
  &::after {
    content: '';
    position: absolute;
    left: 50%;
    top: 50%;
    width: 44px;
    height: 16px;
    transform: translate(-50%, -50%);
    border-radius: 9px;
    border: 2px solid #17363c;
    background: #fcfcf8 repeating-linear-gradient(0deg, transparent 0 3px, #17363c 3px 4px, transparent 4px 5px)
      center / 22px 10px no-repeat;
  }
`;

interface VerticalGripProps {
  readonly value: number;
  readonly limits: readonly [low: number, high: number];
  /** Step of an arrow key, and of a page key. */
  readonly step: number;
  readonly page: number;
  readonly label: string;
  readonly valueText: string;
  /** Its position in the drawing, and the share of the drawing's height per unit of the value. */
  readonly topShare: number;
  readonly leftShare: number;
  readonly widthShare: number;
  readonly perShare: number;
  /** How screen readers state the value. */
  readonly spoken?: (value: number) => number;
  readonly onValue: (value: number) => void;
  /** The pointer was released, or no key has moved it for a while. */
  readonly onRest?: (value: number) => void;
}

/** A grip on a line of a drawing: drag it, or focus it and use the arrow, page, home and end keys. */
export function VerticalGrip(props: VerticalGripProps) {
  const { value, limits, step, page, label, valueText, perShare, onValue, onRest } = props;
  const [lowest, highest] = limits;
  const { spoken = (v: number): number => v } = props;
  const handle = useRef<HTMLDivElement>(null);
  const resting = useRef<ReturnType<typeof setTimeout>>(undefined);
  const latest = useRef(onRest);
  useEffect(() => {
    latest.current = onRest;
  });
  useEffect(
    () => () => {
      clearTimeout(resting.current);
    },
    [],
  );
  // Consecutive key presses are one move: it ends after a pause, or when the grip is left.
  const restSoon = (): void => {
    clearTimeout(resting.current);
    resting.current = setTimeout(rest, KEYS_REST_MS);
  };
  const rest = (): void => {
    clearTimeout(resting.current);
    resting.current = undefined;
    latest.current?.(began.current.at);
  };
  const began = useRef({ value, pixels: 0, at: value });
  const set = (to: number): void => {
    const at = Math.round(Math.min(highest, Math.max(lowest, to)) / step) * step;
    began.current.at = at;
    onValue(at);
  };
  const { moveProps } = useMove({
    onMoveStart: () => {
      began.current = { value, pixels: 0, at: value };
    },
    onMove: (e) => {
      const from = began.current;
      if (e.pointerType === 'keyboard') {
        set(from.value + Math.sign(e.deltaX - e.deltaY) * step);
        return;
      }
      from.pixels += e.deltaY;
      const height = handle.current?.parentElement?.clientHeight ?? 1;
      set(from.value - from.pixels / height / perShare);
    },
    onMoveEnd: (e) => {
      if (e.pointerType === 'keyboard') restSoon();
      else rest();
    },
  });
  const keys: Readonly<Record<string, number>> = {
    PageUp: value + page,
    PageDown: value - page,
    Home: lowest,
    End: highest,
  };
  const share = (part: number): string => `${String(part * 100)}%`;
  return (
    <Handle
      {...moveProps}
      ref={handle}
      onKeyDown={(e) => {
        const to = keys[e.key];
        if (to === undefined) {
          moveProps.onKeyDown?.(e);
          return;
        }
        e.preventDefault();
        set(to);
        restSoon();
      }}
      onBlur={() => {
        if (resting.current !== undefined) rest();
      }}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-orientation="vertical"
      aria-valuemin={spoken(lowest)}
      aria-valuemax={spoken(highest)}
      aria-valuenow={spoken(value)}
      aria-valuetext={valueText}
      style={{ top: share(props.topShare), left: share(props.leftShare), width: share(props.widthShare) }}
    />
  );
}
