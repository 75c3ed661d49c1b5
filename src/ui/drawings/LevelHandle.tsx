'use client';

import { VerticalGrip } from './VerticalGrip';
import { LIMITS } from '@/core/choices';
import { useWords } from '../KitchenContext';

const KEY_STEP = 0.01;
const PAGE_STEP = 0.1;

interface LevelHandleProps {
  readonly share: number;
  readonly says: string;
  readonly topShare: number;
  readonly leftShare: number;
  readonly widthShare: number;
  /** Share of the drawing's height that the meat's height takes. */
  readonly perShare: number;
  readonly onLevel: (share: number) => void;
}

/** The grip on the level line. */
export function LevelHandle({ share, says, onLevel, ...place }: LevelHandleProps) {
  const w = useWords();
  return (
    <VerticalGrip
      {...place}
      value={share}
      limits={LIMITS.liquidLevel}
      step={KEY_STEP}
      page={PAGE_STEP}
      label={w.text('levelHandle.levelOfTheLiquidAs')}
      valueText={w.text('levelHandle.value', { share: w.quantity(share, 'share'), says })}
      spoken={(level) => Math.round(level * 100)}
      onValue={(level) => {
        onLevel(Math.round(level * 100) / 100);
      }}
    />
  );
}
