import { type HeatPhase, type PlanInput } from '../choices';
import { type BraiseRequest, cutOf, type Ensemble, type HeatThen } from '../forecast';
import { WATER_KG_PER_L } from '../heat';

/** A heat phase as it likely goes, min after the meat met the liquid. */
export interface PhaseTime extends Pick<HeatPhase, 'heat' | 'lid'> {
  readonly fromMin: number;
  readonly toMin: number;
}

/** When a heat's end comes in the nominal trace, min; Infinity if never. */
function endMin(after: HeatThen['after'], sinceMin: number, { request, nominal, assembly }: Ensemble): number {
  if (after.kind === 'minutes') return sinceMin + after.minutes;
  const { endS } = assembly.grid;
  const holds = (step: number): boolean => {
    switch (after.kind) {
      case 'liquid':
        return (nominal.liquidC[step] as number) >= after.tempC;
      case 'level':
        return (nominal.liquidKg[step] as number) <= after.litres * WATER_KG_PER_L;
      case 'stage':
        return nominal.slowCookValue.every(
          (slow, g) => (slow[step] as number) >= cutOf(request, request.groups[g] ?? {}).cookValue[after.stage],
        );
    }
  };
  for (let step = 0; step < endS.length; step++) {
    const atMin = (endS[step] as number) / 60;
    if (atMin >= sinceMin && holds(step)) return atMin;
  }
  return Infinity;
}

/** The phases of a request as they nominally follow one another, up to `readyMin`; the last lasts until then. */
export function phaseTimes(ensemble: Ensemble, readyMin: number): PhaseTime[] {
  const { request } = ensemble;
  const starts: (Pick<HeatPhase, 'lid'> & { heat: BraiseRequest['heats'][number]['heat']; fromMin: number })[] = [];
  const moments = [...new Set([...request.heats, ...request.lids].map((x) => x.atMin))].sort((a, b) => a - b);
  for (const atMin of moments) {
    const timed = request.heats.findLast((h) => h.atMin <= atMin);
    const lid = request.lids.findLast((l) => l.atMin <= atMin)?.lid;
    if (!timed || lid === undefined) continue;
    starts.push({ heat: timed.heat, lid, fromMin: atMin });
    let sinceMin = atMin;
    let now = lid;
    for (let next = timed.then; next; next = next.then) {
      sinceMin = endMin(next.after, sinceMin, ensemble);
      now = next.lid ?? now;
      starts.push({ heat: next.heat, lid: now, fromMin: sinceMin });
    }
  }
  return starts
    .filter((s) => s.fromMin < readyMin)
    .map(({ heat, lid, fromMin }, i, all) => ({
      heat: heat as HeatPhase['heat'],
      lid,
      fromMin,
      toMin: all[i + 1]?.fromMin ?? readyMin,
    }));
}

/** Planned phases that never come before the meat is as wanted. */
export function phasesMissed(input: Pick<PlanInput, 'course'>, times: readonly PhaseTime[]): readonly HeatPhase[] {
  return input.course.slice(times.length);
}
