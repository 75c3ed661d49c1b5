'use client';

import { useRef } from 'react';
import { useMove } from 'react-aria';
import styled from 'styled-components';
import { LIMITS } from '@/core/choices';
import { useWords } from '../KitchenContext';

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

const [LOWEST, HIGHEST] = LIMITS.liquidLevel;
const KEY_STEP = 0.01;
const PAGE_STEP = 0.1;

interface LevelHandleProps {
  readonly share: number;
  readonly says: string;
  readonly topShare: number;
  readonly leftShare: number;
  readonly widthShare: number;
  /** Height of the drawing, as a share of it, that one whole meat's height takes. */
  readonly perShare: number;
  readonly onLevel: (share: number) => void;
}

/** The grip on the level line: drag it, or focus it and use the arrow, page, home and end keys. */
export function LevelHandle({ share, says, topShare, leftShare, widthShare, perShare, onLevel }: LevelHandleProps) {
  const w = useWords();
  const handle = useRef<HTMLDivElement>(null);
  const began = useRef({ share, pixels: 0 });
  const set = (value: number): void => {
    onLevel(Math.round(Math.min(HIGHEST, Math.max(LOWEST, value)) * 100) / 100);
  };
  const { moveProps } = useMove({
    onMoveStart: () => {
      began.current = { share, pixels: 0 };
    },
    onMove: (e) => {
      const from = began.current;
      if (e.pointerType === 'keyboard') {
        set(from.share + Math.sign(e.deltaX - e.deltaY) * KEY_STEP);
        return;
      }
      from.pixels += e.deltaY;
      const height = handle.current?.parentElement?.clientHeight ?? 1;
      set(from.share - from.pixels / height / perShare);
    },
  });
  const keys: Readonly<Record<string, number>> = {
    PageUp: share + PAGE_STEP,
    PageDown: share - PAGE_STEP,
    Home: LOWEST,
    End: HIGHEST,
  };
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
      }}
      role="slider"
      tabIndex={0}
      aria-label={w.text('levelHandle.levelOfTheLiquidAs')}
      aria-orientation="vertical"
      aria-valuemin={LOWEST * 100}
      aria-valuemax={HIGHEST * 100}
      aria-valuenow={Math.round(share * 100)}
      aria-valuetext={w.text('levelHandle.value', { share: w.quantity(share, 'share'), says })}
      style={{
        top: `${String(topShare * 100)}%`,
        left: `${String(leftShare * 100)}%`,
        width: `${String(widthShare * 100)}%`,
      }}
    />
  );
}
