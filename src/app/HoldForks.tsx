import { type HoldMethod } from '@/core/storage';
import { type Doneness, DONENESS_STAGES } from '@/core/tenderness';
import { ForkScale } from '@/ui/drawings/ForkScale';
import { useWords } from '@/ui/KitchenContext';

interface HoldForksProps {
  /** Doneness as it comes off the heat. */
  readonly here: Doneness;
  /** And at serving time, for each way of keeping it warm. */
  readonly ways: readonly { readonly way: HoldMethod; readonly stage: Doneness }[];
}

/** Where on the fork scale each way of keeping it warm leaves the meat at serving time. */
export function HoldForks({ here, ways }: HoldForksProps) {
  const w = useWords();
  const at = (stage: Doneness): readonly string[] => [
    ...(stage === here ? [w.text('hold.offHeat')] : []),
    ...ways.flatMap((h) => (h.stage === stage ? [w.text(`hold.${h.way}.short`)] : [])),
  ];
  return (
    <ForkScale
      marked={here}
      notes={Object.fromEntries(
        DONENESS_STAGES.filter((s) => at(s).length > 0).map((s) => [s, w.list(at(s), 'comma')]),
      )}
    />
  );
}
