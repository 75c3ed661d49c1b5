import { type Segment, type Task } from './solve';
import { nameOf, say, ofRow } from '../message';
import { marginMin } from './workTime';
import { type Side, type SideStep } from '../larder';
import { hands, free } from './segments';

function stepSegments(step: SideStep, minutes: number): Segment[] {
  if (step.hands !== 'now and then') return [{ minutes, hands: step.hands === 'all' }];
  return Array.from({ length: Math.ceil(minutes / STIR_EVERY_MIN) }, (_, k) => k).flatMap((k) => [
    hands(1),
    free(Math.max(0, Math.min(STIR_EVERY_MIN - 1, minutes - STIR_EVERY_MIN * k - 1))),
  ]);
}

const STIR_EVERY_MIN = 5;

/** Plating takes this long; a side may be done before that. */
export const GRACE_MIN = 6;

/**
 * A side's work as tasks: board work can wait, stove work runs without a pause. It ends early enough to be done with
 * probability `confidence`, as far as it can stand.
 */
export function sideTasks(side: Side, eaters: number, confidence: number): Task[] {
  const runs: { place: SideStep['place']; splits: boolean; steps: SideStep[] }[] = [];
  for (const step of side.steps) {
    const run = runs.at(-1);
    if (run?.place === step.place) run.steps.push(step);
    else runs.push({ place: step.place, splits: step.splits, steps: [step] });
  }
  return runs.map(({ place, splits, steps }, i): Task => {
    const next = runs[i + 1];
    const name = nameOf('side', side.id);
    const doing = steps[0] && ofRow('side', side.id, steps[0].id);
    const segments = steps
      .flatMap((step) => stepSegments(step, Math.max(1, Math.round(step.baseMin + step.perEaterMin * eaters))))
      .filter((s) => s.minutes > 0);
    return {
      id: `side-${side.id}-${String(i)}`,
      sideId: side.id,
      ...(runs.length === 1 || doing === undefined
        ? { label: name }
        : { label: say('task.side', { side: name, step: doing }), doing }),
      segments,
      place,
      splits,
      endsBy: [
        { task: 'plate', offsetMin: 0 },
        ...(next ? [{ task: `side-${side.id}-${String(i + 1)}`, offsetMin: 0 }] : []),
      ],
      ...(next
        ? { latestEndMin: 0 }
        : {
            // What can stand is done earlier by as much as it may take longer.
            latestEndMin: 0 - Math.round(Math.min(side.waitsMin, marginMin(segments, confidence, 0))),
            waitsMin: side.waitsMin + GRACE_MIN,
          }),
    };
  });
}
