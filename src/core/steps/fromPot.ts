import { type StepKind } from './kinds';
import { all, herbList } from './phrases';
import { type Part, type Sequence } from './sequence';
import { type Step } from './step';
import { type StepId, stepId } from './stepId';
import { cutById } from '../larder';
import { kg, listParam, litres, minutes as time, nameOf, say, tempC } from '../message';
import { finishSteps, type BegunPlan } from '../plan';
import { MINUTE_MS } from '../quantity';

/** Minutes for each act during the braise. */
const SHORTEST_MIN = 0.25;
/** Fresh, sharp or crisp items are prepared this long before serving. */
const GARNISH_MIN = 8;
const GARNISH_BEFORE_MIN = 25;

/** From off the heat to the last box in the fridge. */
export function afterSteps(plan: BegunPlan, seq: Sequence): void {
  const { ahead, work, countOut } = plan;
  let last: StepId = 'offHeat';
  const then = (id: StepId, kind: StepKind, part: Part = {}): void => {
    seq.add(id, kind, { after: [last], ...part });
    last = id;
  };
  if (ahead) {
    seq.begin('store');
    then('coolAhead', 'cool', {
      minutes: ahead.cooling.iceMin,
      how: say('next.cool'),
      what: say('next.cool.why', { time: time(ahead.cooling.iceMin), ice: kg(ahead.cooling.iceKg) }),
      sign: say('next.cool.sign'),
    });
    then('fridge', 'intoFridge', {
      minutes: 2,
      what: say('step.fridgeAhead', { cold: tempC(ahead.cooling.handoverC) }),
    });
  }
  seq.begin('finish');
  if (!ahead) {
    seq.add('hold', 'hold', { after: ['offHeat'], due: { kind: 'forecast' }, minutes: 1 });
  }
  const counted = (): void => {
    if (countOut.length === 0) return;
    then('countOut', 'countOut', {
      minutes: 0.5,
      what: all(countOut.map((c) => say('recipe.times', { count: c.count, what: c.what }))),
    });
  };
  // A sauce left as it is needs no work.
  const steps = finishSteps(plan).flatMap(({ work, ...s }) => (work === 'asItStands' ? [] : [{ ...s, kind: work }]));
  // Bay, string and bones are taken out once the meat is out of the pot, before anything is pressed, blended or
  // reduced.
  const outAt = Math.max(
    0,
    steps.findIndex((s) => s.kind === 'liftOut'),
  );
  for (const [i, { part, says, kind, minutes }] of steps.entries()) {
    then(stepId('finish', part), kind, { how: says, minutes: Math.max(SHORTEST_MIN, minutes) });
    if (i === outAt) counted();
  }
  seq.begin('serve');
  if (plan.liquid.herbs.lines.some((l) => l.herb.when === 'end')) {
    then('softHerbs', 'softHerbs', { minutes: 0.5, what: herbList(plan, 'end') });
  }
  seq.add('garnish', 'garnish', {
    minutes: GARNISH_MIN,
    sign: say('step.garnish.ideas', { meat: cutById(plan.cutId).species }),
    due: { kind: 'beforePlate', minutes: GARNISH_BEFORE_MIN },
  });
  then('plate', 'plate', {
    ...platedAs(plan),
    minutes: work.plate,
    what: say('step.plate.each', {
      meat: kg(plan.buy.served.value),
      sauce: litres(plan.finished.sauceL / plan.input.eaters),
      plates: plan.input.eaters,
    }),
  });
  for (const task of plan.day.tasks) {
    if (task.sideId === undefined) continue;
    const many = task.pieces.length;
    for (const [i, piece] of task.pieces.entries()) {
      seq.add(stepId('side', task.id, many > 1 ? i : undefined), 'sideOther', {
        title: say('step.side', { side: nameOf('side', task.sideId) }),
        how: task.label,
        mark: { kind: 'add', label: nameOf('side', task.sideId) },
        minutes: (piece.toMs - piece.fromMs) / MINUTE_MS,
        due: { kind: 'beforePlate', minutes: (plan.day.serveMs - piece.fromMs) / MINUTE_MS },
        place: task.place === 'table' ? 'table' : task.place,
        hands: task.handsMinutes * MINUTE_MS >= task.toMs - task.fromMs ? 'all' : 'some',
      });
    }
  }
  then('served', 'onTable', {
    what:
      plan.table.chokeables.length > 0
        ? say('step.onTable.names', { things: listParam(plan.table.chokeables, 'semicolon') })
        : null,
  });
  seq.begin('store');
  // What was reheated is not stored a second time.
  if (!ahead) {
    seq.add('cool', 'cool', { after: ['served'], minutes: 30, title: say('step.cool.rest') });
    seq.add('portion', 'portion', { after: ['cool'], minutes: 5 });
  }
  then('verdict', 'verdict');
}

/** How the finished meat is plated; the usual way if it is whole and holds together. */
function platedAs({ input }: BegunPlan): Partial<Pick<Step, 'how' | 'sign'>> {
  const how =
    input.finish.meat !== 'whole'
      ? 'pulled'
      : input.result === 'slices'
        ? 'slices'
        : input.result !== 'tender' && input.meat.onBone
          ? 'offBone'
          : undefined;
  return how === undefined ? {} : { how: say(`step.plate.${how}`), sign: say(`step.plate.${how}.sign`) };
}
