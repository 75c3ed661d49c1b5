'use client';

import { useRef } from 'react';
import styled from 'styled-components';
import { useWords } from '@/ui/KitchenContext';

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

const LOWEST = 0.2;
const HIGHEST = 1.2;
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
  const drag = useRef<{ readonly y: number; readonly share: number; readonly height: number } | null>(null);
  const set = (value: number): void => {
    onLevel(Math.round(Math.min(HIGHEST, Math.max(LOWEST, value)) * 100) / 100);
  };
  const onKey = (key: string): boolean => {
    const steps: Readonly<Record<string, number>> = {
      ArrowUp: KEY_STEP,
      ArrowRight: KEY_STEP,
      ArrowDown: -KEY_STEP,
      ArrowLeft: -KEY_STEP,
      PageUp: PAGE_STEP,
      PageDown: -PAGE_STEP,
    };
    const step = steps[key];
    if (step !== undefined) set(share + step);
    else if (key === 'Home') set(LOWEST);
    else if (key === 'End') set(HIGHEST);
    else return false;
    return true;
  };
  return (
    <Handle
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
      onKeyDown={(e) => {
        if (onKey(e.key)) e.preventDefault();
      }}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        drag.current = { y: e.clientY, share, height: e.currentTarget.parentElement?.clientHeight ?? 1 };
      }}
      onPointerMove={(e) => {
        const from = drag.current;
        if (from) set(from.share + (from.y - e.clientY) / from.height / perShare);
      }}
      onPointerUp={() => {
        drag.current = null;
      }}
      onPointerCancel={() => {
        drag.current = null;
      }}
    />
  );
}
