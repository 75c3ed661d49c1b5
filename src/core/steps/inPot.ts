import { donenessCue } from './donenessCue';
import { type StepKind } from './kinds';
import { herbList, thing } from './phrases';
import { type Part, type Sequence } from './sequence';
import { type StepId, stepId } from './stepId';
import { firstStage, heatMode, heatSays, type HeatPhase, MODES } from '../choices';
import { garnishById } from '../larder';
import { LATE_POUR_MIN } from '../liquid';
import { litres, nameOf, noun, say } from '../message';
import { type BegunPlan } from '../plan';

const LID_STEP: Readonly<Partial<Record<HeatPhase['lid'], StepKind>>> = {
  heavy: 'lidOn',
  light: 'lidOn',
  ajar: 'lidOn',
  foil: 'foilOn',
  tightFoil: 'foilOn',
  cartouche: 'paperOn',
};

const FALLS_TEST = ['rib', 'strip'];

/** How this cut is tested. */
function testKind(plan: BegunPlan): StepKind {
  const part = plan.parts.find((p) => p.cut.id === plan.cutId) ?? plan.parts[0];
  if (plan.input.prepare.filling) return 'testRolls';
  if (plan.forecast.target === 'gives') return 'testSlices';
  if (!part) return 'testRoast';
  const { cut } = part;
  if (cut.form === 'cubes') return 'testCubes';
  if (FALLS_TEST.includes(cut.pieceNoun)) return 'testRibs';
  if (cut.boneMode === 'core') return 'testShank';
  return 'testRoast';
}

/** From the lid to off the heat: checks, turning, tests, heat changes and late ingredients. */
export function braiseSteps(plan: BegunPlan, seq: Sequence): void {
  const { input, base, liquid } = plan;
  seq.begin('braise');
  const first = firstStage(input);
  const lid = LID_STEP[first.lid];
  const place = MODES[heatMode(first.heat)].place;
  const after: readonly StepId[] = ['meatBack'];
  if (lid) seq.add('lid', lid, { after, what: nameOf('lid', first.lid), minutes: 0.5 });
  seq.add('place', place === 'burner' ? 'ontoFlame' : 'intoOven', {
    after: lid ? ['lid'] : after,
    minutes: 1,
    what: heatSays(first.heat),
    care: MODES[heatMode(first.heat)].care,
  });
  const later = (part: Part): Part => ({ after, ...part });
  seq.add(
    'look',
    'look',
    later({
      due: { kind: 'forecast' },
      mark: { kind: 'look', label: say(place === 'burner' ? 'mark.bubbles' : 'mark.level') },
    }),
  );
  if (plan.dayQuestion.turnAtMin !== undefined) {
    const [main] = plan.parts;
    seq.add(
      'turn',
      'turnPieces',
      later({
        due: { kind: 'forecast' },
        mark: { kind: 'turn', label: say('mark.turn') },
        minutes: 2,
        what: main
          ? say('step.turn', { pieces: main.part.pieces, noun: noun(main.cut.pieceNoun, main.part.pieces) })
          : null,
      }),
    );
  }
  seq.add('topUp', 'topUp', later({ due: { kind: 'forecast' }, mark: { kind: 'look', label: say('mark.topUp') } }));
  for (const [i, stage] of plan.stages.entries()) {
    if (i === 0) continue;
    seq.add(
      stepId('heat', i),
      stage.lid === 'none' ? 'lidOff' : 'changeHeat',
      later({
        due: { kind: 'heat', index: i },
        mark: { kind: 'heat', label: plan.dayQuestion.work.stages[i]?.says ?? heatSays(stage.heat) },
        how: plan.dayQuestion.work.stages[i]?.says ?? heatSays(stage.heat),
        care: MODES[heatMode(stage.heat)].care,
      }),
    );
  }
  for (const { liquid: what, pouredL } of liquid.late) {
    seq.add(
      stepId('late', what.id),
      'goesIn',
      later({
        due: { kind: 'beforeReady', minutes: LATE_POUR_MIN },
        mark: { kind: 'add', label: nameOf('liquid', what.id) },
        title: say('step.putIn', { what: nameOf('liquid', what.id) }),
        what: say('step.pour', { volume: litres(pouredL), liquid: nameOf('liquid', what.id) }),
      }),
    );
  }
  for (const step of base.late) {
    const garnish = step.id === 'paste' ? null : garnishById(step.id);
    const kind: StepKind =
      garnish === null
        ? 'pasteRaw'
        : garnish.kind === 'pulse'
          ? 'beansIn'
          : garnish.kind === 'mushroom'
            ? 'mushroomsLate'
            : ['root', 'vegetable', 'leaf'].includes(garnish.kind)
              ? 'lateVeg'
              : 'goesIn';
    const amount = thing(step.title, step.kg, step.cutMm);
    seq.add(
      stepId('late', step.id),
      kind === 'mushroomsLate' ? 'goesIn' : kind,
      later({
        due: { kind: 'beforeReady', minutes: step.minutes },
        mark: { kind: 'add', label: step.title },
        title: say('step.putIn', { what: step.title }),
        what: amount,
        minutes: 1,
        hands: 'all',
        care: 'open',
      }),
    );
  }
  if (liquid.herbs.lines.some((l) => l.herb.when === 'halfway')) {
    seq.add(
      'herbsHalf',
      'goesIn',
      later({ due: { kind: 'forecast' }, title: say('step.putIn', { what: herbList(plan, 'halfway') }) }),
    );
  }
  seq.add(
    'test',
    testKind(plan),
    later({
      due: { kind: 'forecast' },
      mark: { kind: 'test', label: say('mark.forkTest') },
      sign: donenessCue(plan.cutId, plan.forecast.target),
    }),
  );
  seq.add(
    'offHeat',
    'outOfOven',
    later({ due: { kind: 'forecast' }, minutes: 2, care: MODES[heatMode(first.heat)].care }),
  );
}
