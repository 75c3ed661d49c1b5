import { type HoldMethod } from '@/core/keep';
import { type Stage, STAGES } from '@/core/tenderness';
import { ForkScale } from '@/ui/drawings/ForkScale';
import { useWords } from '@/ui/KitchenContext';

interface HoldForksProps {
  /** What the fork finds as it comes off the heat. */
  readonly here: Stage;
  /** And by the plate, kept warm in each way. */
  readonly ways: readonly { readonly way: HoldMethod; readonly stage: Stage }[];
}

/** Where on the fork scale each way of keeping it warm brings it by the plate. */
export function HoldForks({ here, ways }: HoldForksProps) {
  const w = useWords();
  const at = (stage: Stage): readonly string[] => [
    ...(stage === here ? [w.text('hold.offHeat')] : []),
    ...ways.flatMap((h) => (h.stage === stage ? [w.text(`hold.${h.way}.short`)] : [])),
  ];
  return (
    <ForkScale
      marked={here}
      notes={Object.fromEntries(STAGES.filter((s) => at(s).length > 0).map((s) => [s, w.list(at(s), 'comma')]))}
    />
  );
}
