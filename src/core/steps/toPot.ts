import { type StepKind } from './kinds';
import { all, herbList, thing } from './phrases';
import { type Part, type Sequence } from './sequence';
import { type StepId, stepId } from './stepId';
import { firstStage, heatMode, MODES } from '../choices';
import { garnishById, isReducible } from '../larder';
import { heatUpMinutes } from '../liquid';
import { kg, litres, mm, nameOf, noun, say } from '../message';
import { baseIngredientId } from '../custom';
import { type BegunPlan } from '../plan';
import { preheats } from '../schedule';
import { MINUTE_MS } from '../quantity';
import { safetyParams } from '../safety';

/** Getting ready: hands, board, meat, then its preparation in the plan's order. */
export function readySteps(plan: BegunPlan, seq: Sequence): void {
  const { input, prep, salt, base, sear } = plan;
  const { season } = input;
  seq.begin('ready');
  if (season.when === 'overnight' && salt.now.value > 0) {
    const span = plan.day.spans.find((s) => s.id === 'salt');
    seq.add('saltAhead', 'saltAhead', {
      minutes: 4,
      what: say('step.salt', { salt: kg(salt.now.value) }),
      due: { kind: 'at', ms: span?.fromMs ?? plan.day.startMs },
    });
  }
  seq.then('washHands', 'washHands');
  seq.then('layOut', 'layOut', { minutes: 2 });
  const chopped = [...base.steps, ...base.late].filter((s) => s.kg > 0 && s.cutMm !== undefined);
  if (chopped.length > 0) {
    seq.add('chop', 'chopAromatics', {
      minutes: plan.rhythm.chopMin,
      after: ['layOut'],
      due: { kind: 'beside' },
      what: all(
        chopped.map((s) => thing(s.title, s.kg, s.cutMm)),
        'semicolon',
      ),
    });
  }
  const pieces = plan.parts.map(({ cut, part }) =>
    say('step.meat', { pieces: part.pieces, noun: noun(cut.pieceNoun, part.pieces), weight: kg(part.massKg) }),
  );
  seq.then('meatOut', 'meatOut', { minutes: 0.5, what: all(pieces) });
  for (const [i, step] of prep.steps.entries()) {
    const further = step.cutId === null || step.cutId === input.meat.cutId ? undefined : step.cutId;
    const nth = prep.steps.slice(0, i + 1).filter((s) => s.id === step.id && s.cutId === step.cutId).length;
    const id = stepId('prep', step.id, further, nth > 1 ? nth : undefined);
    const own = { minutes: step.minutes, title: step.title, how: step.says };
    switch (step.id) {
      case 'trim':
        seq.then(id, 'trimWeigh', own);
        break;
      case 'cube':
        seq.then(id, 'cutCubes', own);
        break;
      case 'mix':
        seq.then(id, 'mix', own);
        break;
      case 'open':
      case 'fill':
        seq.then(id, 'poundRoll', own);
        break;
      case 'tie':
        seq.then(id, 'tie', own);
        break;
      case 'dry':
        seq.then(id, 'patDry', { minutes: step.minutes });
        break;
      case 'rub':
        seq.then(id, 'rub', own);
        break;
      case 'temper':
        seq.then(id, 'temper', own);
        break;
      case 'salt':
        break;
    }
  }
  if ((season.when === 'before' || season.when === 'flour') && salt.now.value > 0) {
    seq.then('saltMeat', 'saltMeat', { minutes: 2, what: say('step.salt', { salt: kg(salt.now.value) }) });
  }
  if (sear.dredge && input.sear.dredge !== 'afterSear') {
    seq.then('dredge', 'dredge', { minutes: 3, what: thing(say('ingredient.flour'), sear.dredge.value) });
  }
  const bundled = plan.liquid.herbs.lines.filter((l) => l.herb.when === 'start');
  if (input.liquid.herbForm !== 'loose' && bundled.length > 0) {
    seq.add('tieHerbs', 'tieHerbs', {
      minutes: 2,
      after: ['layOut'],
      due: { kind: 'beside' },
      what: herbList(plan, 'start'),
    });
  }
  for (const mark of plan.day.marks.filter((m) => m.kind === 'oven')) {
    const warmed = preheats(plan.dayQuestion.work).find(({ id }) => id === mark.id);
    seq.add(stepId('warm', mark.id), 'lightOven', {
      title: warmed ? say(`step.light.${warmed.stage.heat}`) : null,
      mark: { kind: 'oven', label: mark.label },
      minutes: 1,
      due: { kind: 'beforePot', minutes: (plan.day.intoPotMs - mark.atMs) / MINUTE_MS },
    });
  }
}

/** The pan: batch by batch and side by side. */
export function searSteps(plan: BegunPlan, seq: Sequence): void {
  const { sear, input, work } = plan;
  seq.begin('sear');
  if (input.bare !== null) {
    seq.then('dryPreCook', 'smokeFirst', {
      minutes: input.bare.minutes,
      title: say(input.bare.smoke ? 'task.bare.smoke' : 'task.bare.warm'),
      sign: say('step.smokeFirst.sign', safetyParams(input.keeping.rule)),
      care: input.bare.smoke ? 'grill' : 'bare',
    });
  }
  const count = sear.batches.length;
  if (count === 0) return;
  const heats = Math.max(1, plan.rhythm.panHeatsMin);
  const rest = Math.max(count, work.sear - heats);
  const perBatch = rest / count;
  seq.then('heatPan', 'heatPan', {
    minutes: heats,
    what: say('step.panFat', { fat: litres(sear.fatL.value), name: nameOf('fat', input.sear.fatId) }),
  });
  const faces = input.sear.moving === 'moving' ? 1 : sear.faces;
  const meat = plan.parts[0];
  for (const [i, batch] of sear.batches.entries()) {
    const b = i + 1;
    const of = { batch: b, of: count };
    const recover = i < count - 1 ? Math.min(batch.recoverMinutes, perBatch / 3) : 0;
    const hands = 2;
    const edges = sear.edges > 0 ? sear.edgeMinutes * sear.edges : 0;
    const face = Math.max(0.5, (perBatch - recover - hands - edges) / faces);
    const put = say('step.batch', {
      ...of,
      pieces: batch.count,
      noun: noun(meat?.cut.pieceNoun ?? 'piece', batch.count),
    });
    seq.then(stepId('lay', b), 'layBatch', { what: put });
    for (let f = 1; f <= faces; f++) {
      seq.then(stepId('face', b, f), f === 1 ? 'leaveFace' : 'turnFace', {
        minutes: face,
        what: say('step.face', { ...of, face: f, faces }),
      });
    }
    if (edges > 0) seq.then(stepId('edges', b), 'searEdges', { minutes: edges, what: say('step.batchOnly', of) });
    seq.then(stepId('out', b), 'batchOut', {
      what: put,
      aside: { what: put, backBy: 'meatBack' },
    });
    if (recover > 0) seq.then(stepId('back', b), 'panBack', { minutes: recover });
  }
  if (input.season.when === 'after' && plan.salt.now.value > 0) {
    seq.then('saltMeat', 'saltMeat', { minutes: 2, what: say('step.salt', { salt: kg(plan.salt.now.value) }) });
  }
  seq.then('bottom', 'readBottom', { minutes: 0.5 });
  seq.then('fatOff', 'fatOff', { minutes: 1, what: say('step.keepFat', { fat: litres(plan.base.fatKeptL) }) });
}

const WHOLE_GARLIC_MM = 12;
const ONION_STEP = { soft: 'onionSoft', golden: 'onionGolden', deep: 'onionDeep' } as const;

/** The kind of step for an item of the base. */
function baseKind(plan: BegunPlan, step: BegunPlan['base']['steps'][number]): StepKind {
  const { base } = plan.input;
  if (step.id === 'dust') return 'dust';
  if (step.id === 'paste') {
    return base.pasteWhen === 'beforeWine'
      ? 'pasteBeforeWine'
      : base.pasteWhen === 'afterWine'
        ? 'pasteAfterWine'
        : 'pasteRaw';
  }
  if (step.id === 'flour') return base.thicken === 'roux' ? 'rouxBrown' : 'flourEarly';
  if (step.id.startsWith('spice-')) {
    if (step.minutes === 0) return 'withLiquid';
    return step.minutes < 0.5 ? 'paprika' : 'spiceGround';
  }
  if (step.id.startsWith('apart-')) {
    return garnishById(step.id.slice('apart-'.length)).kind === 'mushroom' ? 'mushroomsEarly' : 'inPan';
  }
  const garnish = garnishById(step.id);
  const like = baseIngredientId(step.id);
  if (like === 'garlic')
    return step.cutMm !== undefined && step.cutMm >= WHOLE_GARLIC_MM ? 'garlicWhole' : 'garlicFine';
  if (garnish.pan === undefined) return 'withLiquid';
  if (garnish.kind === 'cured') return 'curedPork';
  if (['onion', 'shallot', 'leek'].includes(like)) return ONION_STEP[base.onion];
  if (step.stay) return 'garlicFine';
  if (garnish.kind === 'mushroom') return 'mushroomsEarly';
  return ['aromatic', 'root', 'vegetable'].includes(garnish.kind) ? 'carrotCelery' : 'inPan';
}

type BasePart = BegunPlan['base']['steps'][number];

function basePart(plan: BegunPlan, step: BasePart, seq: Sequence): void {
  const kind = baseKind(plan, step);
  const apart = step.id.startsWith('apart-');
  seq.then(stepId('base', step.id), kind, {
    minutes: kind === 'withLiquid' ? 0.5 : Math.max(0.25, step.minutes),
    title: ['inPan', 'withLiquid', 'dust'].includes(kind) ? say('step.named', { what: step.title }) : null,
    what: thing(step.title, step.kg, step.cutMm),
    sign: ['inPan', 'dust'].includes(kind) ? step.look : null,
    stay: step.stay,
    ...(apart && { aside: { what: step.title, backBy: stepId('late', step.id.slice('apart-'.length)) } }),
  });
}

/** What is softened in the fat; what only goes in with the liquid is listed there. */
export function baseSteps(plan: BegunPlan, seq: Sequence): void {
  seq.begin('base');
  seq.needs('chop');
  for (const step of plan.base.steps) {
    if (baseKind(plan, step) === 'withLiquid') continue;
    if (['pasteAfterWine', 'pasteRaw'].includes(baseKind(plan, step))) continue;
    basePart(plan, step, seq);
  }
}

const inStages = ({ input, base }: BegunPlan): boolean => base.flour !== null && input.base.thicken !== 'end';

/** Addition by addition, up to the simmer, and the meat into it. */
export function liquidSteps(plan: BegunPlan, seq: Sequence): void {
  const { liquid, input, sear } = plan;
  const { wine } = liquid;
  seq.begin('liquid');
  const chain: { readonly minutes: number; readonly add: () => void }[] = [];
  const link = (id: StepId, kind: StepKind, part: Part): void => {
    chain.push({
      minutes: part.minutes ?? 1,
      add: () => {
        seq.then(id, kind, part);
      },
    });
  };
  const linkBase = (step: BasePart): void => {
    chain.push({
      minutes: 1,
      add: () => {
        basePart(plan, step, seq);
      },
    });
  };
  if (sear.batches.length > 0) link('deglaze', 'deglaze', { minutes: 2 });
  const down = wine !== null && wine.target.value < wine.pouredL - 0.005;
  for (const { liquid: what, pouredL } of liquid.pours) {
    const amount = say('step.pour', { volume: litres(pouredL), liquid: nameOf('liquid', what.id) });
    if (isReducible(what)) {
      link(stepId('pour', what.id), 'pourIn', { minutes: 0.5, what: amount });
    }
  }
  if (down) {
    link('wineDown', 'wineDown', {
      minutes: Number.isFinite(wine.minutes.value) ? wine.minutes.value : 10,
      what: say('step.wineDown', { volume: litres(wine.target.value), deep: mm(wine.depthAfterMm) }),
    });
  }
  const rest = liquid.pours.filter((p) => !isReducible(p.liquid));
  for (const step of plan.base.steps) {
    if (['pasteAfterWine', 'pasteRaw'].includes(baseKind(plan, step))) linkBase(step);
  }
  for (const { liquid: what, pouredL } of rest) {
    const amount = say('step.pour', { volume: litres(pouredL), liquid: nameOf('liquid', what.id) });
    const filler = input.liquid.fill && what.id === input.liquid.fillerId;
    const kind: StepKind = filler
      ? inStages(plan)
        ? 'stockStages'
        : 'stockToLine'
      : what.kind === 'tomato'
        ? 'tomatoesIn'
        : 'pourIn';
    link(stepId('pour', what.id), kind, {
      minutes: kind === 'tomatoesIn' ? 4 : kind === 'pourIn' ? 0.5 : 1.5,
      what: filler ? say('step.toTheLine', { pour: amount, deep: mm(plan.pot.levelStartMm) }) : amount,
    });
  }
  if (liquid.herbs.lines.some((l) => l.herb.when === 'start')) {
    link('herbsIn', 'herbsIn', { minutes: 0.5, what: herbList(plan, 'start') });
  }
  for (const step of plan.base.steps.filter((s) => baseKind(plan, s) === 'withLiquid')) linkBase(step);
  const simmer = input.liquid.start === 'simmer';
  seq.needs('tieHerbs');
  for (const { add } of chain) add();
  if (simmer) {
    seq.then('bringSimmer', 'bringSimmer', {
      minutes: Math.max(2, heatUpMinutes(input, plan.liquidL)),
      what: say('step.allTold', { volume: litres(plan.liquidL), deep: mm(plan.pot.levelStartMm) }),
    });
  }
  seq.then('meatBack', 'meatBack', {
    minutes: 1,
    how: simmer ? null : say('step.meatCold'),
    what: say('step.meatBack', {
      pieces: plan.parts.reduce((sum, p) => sum + p.part.pieces, 0),
      noun: noun(plan.parts[0]?.cut.pieceNoun ?? 'piece', 2),
      lie: input.lie,
    }),
    care: MODES[heatMode(firstStage(input).heat)].care,
  });
}
