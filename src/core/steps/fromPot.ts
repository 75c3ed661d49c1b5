import { type StepKind } from './kinds';
import { all, herbList } from './phrases';
import { type Part, type Sequence } from './sequence';
import { type Step } from './step';
import { cutById } from '../larder';
import { kg, listParam, litres, minutes as time, nameOf, say, tempC } from '../message';
import { finishSteps, type Plan } from '../plan';
import { MINUTE_MS } from '../quantity';

/** What is done on the way takes so long, min. */
const SHORTEST_MIN = 0.25;
/** Fresh, sharp or crisp: got ready so long before the plates. */
const GARNISH_MIN = 8;
const GARNISH_BEFORE_MIN = 25;

/** From off the heat to the last box in the fridge. */
export function afterSteps(plan: Plan, seq: Sequence): void {
  const { ahead, work, countOut } = plan;
  let last = 'offHeat';
  const then = (id: string, kind: StepKind, part: Part = {}): void => {
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
      record: 'cooling',
    });
    then('fridge', 'intoFridge', {
      minutes: 2,
      what: say('step.fridgeAhead', { cold: tempC(ahead.cooling.handoverC) }),
    });
  }
  seq.begin('finish');
  if (!ahead) {
    seq.add('hold', 'hold', { after: ['offHeat'], due: { kind: 'forecast' }, minutes: 1, record: 'hold' });
  }
  const counted = (): void => {
    if (countOut.length === 0) return;
    then('countOut', 'countOut', {
      minutes: 0.5,
      record: 'counted',
      what: all(countOut.map((c) => say('recipe.times', { count: c.count, what: c.what }))),
    });
  };
  // That a sauce stays as it is wants no hands.
  const steps = finishSteps(plan).flatMap(({ work, ...s }) => (work === 'asItStands' ? [] : [{ ...s, kind: work }]));
  // Bay, string and bones are looked for where the meat is out of the pot, before anything is pressed, blended or boiled down.
  const outAt = Math.max(
    0,
    steps.findIndex((s) => s.kind === 'liftOut'),
  );
  for (const [i, { says, kind, minutes }] of steps.entries()) {
    then(`finish-${says.code}`, kind, { how: says, minutes: Math.max(SHORTEST_MIN, minutes) });
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
      seq.add(many > 1 ? `${task.id}-${String(i)}` : task.id, 'sideOther', {
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
    record: 'served',
    what:
      plan.table.chokeables.length > 0
        ? say('step.onTable.names', { things: listParam(plan.table.chokeables, 'semicolon') })
        : null,
  });
  seq.begin('store');
  // What was warmed again is not kept a second time.
  if (!ahead) {
    seq.add('cool', 'cool', { after: ['served'], minutes: 30, record: 'cooling', title: say('step.cool.rest') });
    seq.add('portion', 'portion', { after: ['cool'], minutes: 5, record: 'stored' });
  }
  then('verdict', 'verdict', { record: 'finished' });
}

/** How what has become of the meat is put on a plate; as usual where it is whole and holds together. */
function platedAs({ input }: Plan): Partial<Pick<Step, 'how' | 'sign'>> {
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
