import { STEP_KINDS, type StepHands, type StepKind, type StepPlace } from './kinds';
import { type CareStep } from '../cautions';
import { firstStage, heatMode, heatSays, type HeatStage, MODES } from '../choices';
import { cutById, garnishById, isReducible } from '../larder';
import { likeId } from '../own';
import { kg, listed, litres, type Message, minutes as time, mm, nameOf, noun, say, tempC } from '../message';
import { LATE_POUR_MIN } from '../liquid';
import { finishSteps, type Plan } from '../plan';
import { type DayMark } from '../schedule';
import { doneSign } from './doneSign';

/** Stretches of the work, in their order. */
export const WORK_STAGES = ['ready', 'sear', 'base', 'liquid', 'braise', 'finish', 'serve', 'store'] as const;
export type WorkStage = (typeof WORK_STAGES)[number];

/** When a step is due. */
export type StepDue =
  /** As soon as what it waits for is done. */
  | { readonly kind: 'next' }
  /** Beside the others, to be done by the time something needs it. */
  | { readonly kind: 'beside' }
  /** At a moment of the plan's day, ms since 1970. */
  | { readonly kind: 'at'; readonly ms: number }
  /** So many minutes before the pieces go in; after where it is negative. */
  | { readonly kind: 'beforePot'; readonly minutes: number }
  /** So many minutes before the meat is as wanted. */
  | { readonly kind: 'beforeReady'; readonly minutes: number }
  /** Where the forecast asks for it, again and again. */
  | { readonly kind: 'forecast' }
  /** The stage of heat of that number begins. */
  | { readonly kind: 'heat'; readonly index: number }
  /** So many minutes before the plates go out. */
  | { readonly kind: 'beforePlate'; readonly minutes: number };

/** The records that are steps too: making one does the step. */
export type StepRecord =
  | 'intoPot'
  | 'fork'
  | 'liquid'
  | 'turned'
  | 'heat'
  | 'offHeat'
  | 'hold'
  | 'counted'
  | 'served'
  | 'cooling'
  | 'stored'
  | 'finished';

/** One thing to do, with all a cook needs to do it. */
export interface Step {
  /** Stays the same when the plan is worked out again. */
  readonly id: string;
  readonly kind: StepKind;
  readonly stage: WorkStage;
  /** What to do where the kind alone does not say it. */
  readonly title: Message | null;
  /** Of what, how much, in which size. */
  readonly what: Message | null;
  /** What to stop at, where it is this plan's own. */
  readonly sign: Message | null;
  readonly minutes: { readonly low: number; readonly likely: number; readonly high: number };
  readonly hands: StepHands;
  readonly stay: boolean;
  readonly place: StepPlace;
  /** Steps that come before it. */
  readonly after: readonly string[];
  readonly due: StepDue;
  readonly care: CareStep | null;
  /** The record that is this step; null where it is done by saying so. */
  readonly record: StepRecord | null;
  /** What it is called on the line of the day; null where it has no mark there. */
  readonly mark: { readonly kind: DayMark['kind']; readonly label: Message } | null;
  /** What is out of pan or pot once it is done, until the step `backBy` brings it back. */
  readonly aside: { readonly what: Message; readonly backBy: string } | null;
}

type Part = Partial<Omit<Step, 'id' | 'kind' | 'minutes'>> & { readonly minutes?: number };

/** Steps put one after the other, stage by stage. */
class Sequence {
  readonly steps: Step[] = [];
  private last: string | undefined;
  /** Done beside the others, and needed by what comes next in line from some point on. */
  private needed: string[] = [];

  constructor(private stage: WorkStage) {}

  begin(stage: WorkStage): void {
    this.stage = stage;
  }

  /** A step that waits for the one before it, and the next for it. */
  then(id: string, kind: StepKind, part: Part = {}): void {
    this.add(id, kind, { after: [...(this.last === undefined ? [] : [this.last]), ...this.needed], ...part });
    this.last = id;
    this.needed = [];
  }

  /** What is done beside the others has to be done before the next in line. */
  needs(...ids: string[]): void {
    const there = ids.filter((id) => this.steps.some((s) => s.id === id));
    this.needed.push(...there);
  }

  /** A step beside the others. */
  add(id: string, kind: StepKind, part: Part = {}): void {
    const row = STEP_KINDS[kind];
    const { minutes: likely = 1, ...rest } = part;
    const [low, high] = row.spread;
    this.steps.push({
      title: null,
      what: null,
      sign: null,
      hands: row.hands,
      stay: row.stay,
      place: row.place,
      care: row.care,
      stage: this.stage,
      after: [],
      due: { kind: 'next' },
      record: null,
      aside: null,
      mark: null,
      ...rest,
      id,
      kind,
      minutes: { low: likely * low, likely, high: likely * high },
    });
  }
}

/** Several things as one sentence. */
const all = (things: readonly Message[], join: 'comma' | 'semicolon' = 'comma'): Message =>
  say('step.list', { things: listed(things, join) });

const thing = (name: Message, kilos: number, cutMm?: number): Message =>
  kilos > 0
    ? say(cutMm === undefined ? 'step.amount' : 'step.amountCut', {
        thing: name,
        weight: kg(kilos),
        ...(cutMm === undefined ? {} : { edge: mm(cutMm) }),
      })
    : name;

/** Getting ready: hands, board, meat, then what is done to it in the plan's order. */
function readySteps(plan: Plan, seq: Sequence): void {
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
    const id = `prep-${String(i)}-${step.id}`;
    const own = { minutes: step.minutes, title: step.title, what: step.says };
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
    seq.add(`warm-${mark.id}`, 'lightOven', {
      title: mark.label,
      mark: { kind: 'oven', label: mark.label },
      minutes: 1,
      due: { kind: 'beforePot', minutes: (plan.day.intoPotMs - mark.atMs) / 60_000 },
    });
  }
}

function herbList({ liquid }: Plan, when: 'start' | 'halfway' | 'end'): Message {
  return all(
    liquid.herbs.lines
      .filter((l) => l.herb.when === when)
      .map((l) =>
        say('step.herb', { count: l.count, unit: noun(l.herb.unit, l.count), herb: nameOf('herb', l.herb.id) }),
      ),
  );
}

/** The pan: batch by batch and face by face. */
function searSteps(plan: Plan, seq: Sequence): void {
  const { sear, input, work } = plan;
  seq.begin('sear');
  if (input.bare !== null) {
    seq.then('bare', 'smokeFirst', {
      minutes: input.bare.minutes,
      title: say(input.bare.smoke ? 'task.bare.smoke' : 'task.bare.warm'),
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
    const b = String(i + 1);
    const of = { batch: i + 1, of: count };
    const recover = i < count - 1 ? Math.min(batch.recoverMinutes, perBatch / 3) : 0;
    const hands = 2;
    const edges = sear.edges > 0 ? sear.edgeMinutes * sear.edges : 0;
    const face = Math.max(0.5, (perBatch - recover - hands - edges) / faces);
    const put = say('step.batch', {
      ...of,
      pieces: batch.count,
      noun: noun(meat?.cut.pieceNoun ?? 'piece', batch.count),
    });
    seq.then(`lay-${b}`, 'layBatch', { what: put });
    for (let f = 1; f <= faces; f++) {
      seq.then(`face-${b}-${String(f)}`, f === 1 ? 'leaveFace' : 'turnFace', {
        minutes: face,
        what: say('step.face', { ...of, face: f, faces }),
      });
    }
    if (edges > 0) seq.then(`edges-${b}`, 'searEdges', { minutes: edges, what: say('step.batchOnly', of) });
    seq.then(`out-${b}`, 'batchOut', {
      what: put,
      aside: { what: put, backBy: 'meatBack' },
    });
    if (recover > 0) seq.then(`back-${b}`, 'panBack', { minutes: recover });
  }
  if (input.season.when === 'after' && plan.salt.now.value > 0) {
    seq.then('saltMeat', 'saltMeat', { minutes: 2, what: say('step.salt', { salt: kg(plan.salt.now.value) }) });
  }
  seq.then('bottom', 'readBottom', { minutes: 0.5 });
  seq.then('fatOff', 'fatOff', { minutes: 1, what: say('step.keepFat', { fat: litres(plan.base.fatKeptL) }) });
}

const WHOLE_GARLIC_MM = 12;
const ONION_STEP = { soft: 'onionSoft', golden: 'onionGolden', deep: 'onionDeep' } as const;

/** The kind of step something of the base is. */
function baseKind(plan: Plan, step: Plan['base']['steps'][number]): StepKind {
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
  const like = likeId(step.id);
  if (like === 'garlic')
    return step.cutMm !== undefined && step.cutMm >= WHOLE_GARLIC_MM ? 'garlicWhole' : 'garlicFine';
  if (garnish.pan === undefined) return 'withLiquid';
  if (garnish.kind === 'cured') return 'curedPork';
  if (['onion', 'shallot', 'leek'].includes(like)) return ONION_STEP[base.onion];
  if (step.stay) return 'garlicFine';
  if (garnish.kind === 'mushroom') return 'mushroomsEarly';
  return ['aromatic', 'root', 'vegetable'].includes(garnish.kind) ? 'carrotCelery' : 'inPan';
}

type BasePart = Plan['base']['steps'][number];

function basePart(plan: Plan, step: BasePart, seq: Sequence): void {
  const kind = baseKind(plan, step);
  const apart = step.id.startsWith('apart-');
  seq.then(`base-${step.id}`, kind, {
    minutes: kind === 'withLiquid' ? 0.5 : Math.max(0.25, step.minutes),
    title: ['inPan', 'withLiquid', 'dust'].includes(kind) ? say('step.named', { what: step.title }) : null,
    what: thing(step.title, step.kg, step.cutMm),
    sign: ['inPan', 'dust'].includes(kind) ? step.look : null,
    stay: step.stay,
    ...(apart && { aside: { what: step.title, backBy: `late-${step.id.slice('apart-'.length)}` } }),
  });
}

/** What is softened in the fat; what only goes in with the liquid comes with that. */
function baseSteps(plan: Plan, seq: Sequence): void {
  seq.begin('base');
  seq.needs('chop');
  for (const step of plan.base.steps) {
    if (baseKind(plan, step) === 'withLiquid') continue;
    if (['pasteAfterWine', 'pasteRaw'].includes(baseKind(plan, step))) continue;
    basePart(plan, step, seq);
  }
}

const inStages = ({ input, base }: Plan): boolean => base.flour !== null && input.base.thicken !== 'end';

/** Pour by pour, up to the simmer, and the meat into it. */
function liquidSteps(plan: Plan, seq: Sequence): void {
  const { liquid, input, sear, work } = plan;
  const { wine } = liquid;
  seq.begin('liquid');
  const chain: (readonly [id: string, kind: StepKind, part: Part])[] = [];
  if (sear.batches.length > 0) chain.push(['deglaze', 'deglaze', { minutes: 2 }]);
  const down = wine !== null && wine.target.value < wine.pouredL - 0.005;
  for (const { liquid: what, pouredL } of liquid.pours) {
    const amount = say('step.pour', { volume: litres(pouredL), liquid: nameOf('liquid', what.id) });
    if (isReducible(what)) {
      chain.push([`pour-${what.id}`, 'pourIn', { minutes: 0.5, title: say('step.pourIn', { pour: amount }) }]);
    }
  }
  if (down) {
    chain.push([
      'wineDown',
      'wineDown',
      {
        minutes: Number.isFinite(wine.minutes.value) ? wine.minutes.value : 10,
        what: say('step.wineDown', { volume: litres(wine.target.value), deep: mm(wine.depthAfterMm) }),
      },
    ]);
  }
  const rest = liquid.pours.filter((p) => !isReducible(p.liquid));
  for (const step of plan.base.steps) {
    if (['pasteAfterWine', 'pasteRaw'].includes(baseKind(plan, step))) chain.push([step.id, 'pasteRaw', {}]);
  }
  for (const { liquid: what, pouredL, note } of rest) {
    const amount = say('step.pour', { volume: litres(pouredL), liquid: nameOf('liquid', what.id) });
    const filler = note?.code === 'pour.hotToTheLine';
    const kind: StepKind = filler
      ? inStages(plan)
        ? 'stockStages'
        : 'stockToLine'
      : what.kind === 'tomato'
        ? 'tomatoesIn'
        : 'pourIn';
    chain.push([
      `pour-${what.id}`,
      kind,
      {
        minutes: kind === 'tomatoesIn' ? 4 : kind === 'pourIn' ? 0.5 : 1.5,
        title: kind === 'pourIn' ? say('step.pourIn', { pour: amount }) : null,
        what: filler
          ? say('step.toTheLine', { pour: amount, deep: mm(plan.pot.levelStartMm) })
          : kind === 'pourIn'
            ? null
            : amount,
      },
    ]);
  }
  if (liquid.herbs.lines.some((l) => l.herb.when === 'start')) {
    chain.push(['herbsIn', 'herbsIn', { minutes: 0.5, what: herbList(plan, 'start') }]);
  }
  for (const step of plan.base.steps.filter((s) => baseKind(plan, s) === 'withLiquid'))
    chain.push([step.id, 'withLiquid', {}]);
  const spent = chain.reduce((sum, [, , part]) => sum + (part.minutes ?? 1), 0);
  const simmer = input.liquid.start === 'simmer';
  seq.needs('tieHerbs');
  for (const [id, kind, part] of chain) {
    const based = plan.base.steps.find((s) => s.id === id);
    if (based) basePart(plan, based, seq);
    else seq.then(id, kind, part);
  }
  if (simmer) {
    seq.then('bringSimmer', 'bringSimmer', {
      minutes: Math.max(2, work.liquid - spent),
      what: say('step.allTold', { volume: litres(plan.liquidL), deep: mm(plan.pot.levelStartMm) }),
    });
  }
  seq.then('meatBack', 'meatBack', {
    minutes: 1,
    record: 'intoPot',
    title: simmer ? null : say('step.meatCold'),
    what: say('step.meatBack', {
      pieces: plan.parts.reduce((sum, p) => sum + p.part.pieces, 0),
      noun: noun(plan.parts[0]?.cut.pieceNoun ?? 'piece', 2),
      lie: input.lie,
    }),
    care: MODES[heatMode(firstStage(input).heat)].care,
  });
}

const LID_STEP: Readonly<Partial<Record<HeatStage['lid'], StepKind>>> = {
  heavy: 'lidOn',
  light: 'lidOn',
  ajar: 'lidOn',
  foil: 'foilOn',
  tightFoil: 'foilOn',
  cartouche: 'paperOn',
};

const FALLS_TEST = ['rib', 'strip'];

/** How this cut is tested. */
function testKind(plan: Plan): StepKind {
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

/** From the lid to off the heat: what is looked at, turned, tested, changed and put in late. */
function braiseSteps(plan: Plan, seq: Sequence): void {
  const { input, base, liquid } = plan;
  seq.begin('braise');
  const first = firstStage(input);
  const lid = LID_STEP[first.lid];
  const place = MODES[heatMode(first.heat)].place;
  const after = ['meatBack'];
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
      record: 'liquid',
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
        record: 'turned',
        mark: { kind: 'turn', label: say('mark.turn') },
        minutes: 2,
        what: main
          ? say('step.turn', { pieces: main.part.pieces, noun: noun(main.cut.pieceNoun, main.part.pieces) })
          : null,
      }),
    );
  }
  seq.add(
    'topUp',
    'topUp',
    later({ due: { kind: 'forecast' }, record: 'liquid', mark: { kind: 'look', label: say('mark.topUp') } }),
  );
  for (const [i, stage] of plan.stages.entries()) {
    if (i === 0) continue;
    seq.add(
      `heat-${String(i)}`,
      stage.lid === 'none' ? 'lidOff' : 'changeHeat',
      later({
        due: { kind: 'heat', index: i },
        record: 'heat',
        mark: { kind: 'heat', label: plan.dayQuestion.work.stages[i]?.says ?? heatSays(stage.heat) },
        title: plan.dayQuestion.work.stages[i]?.says ?? heatSays(stage.heat),
        care: MODES[heatMode(stage.heat)].care,
      }),
    );
  }
  for (const { liquid: what, pouredL } of liquid.late) {
    seq.add(
      `late-${what.id}`,
      'goesIn',
      later({
        due: { kind: 'beforeReady', minutes: LATE_POUR_MIN },
        mark: { kind: 'add', label: nameOf('liquid', what.id) },
        title: say('step.pourIn', {
          pour: say('step.pour', { volume: litres(pouredL), liquid: nameOf('liquid', what.id) }),
        }),
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
      `late-${step.id}`,
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
      record: 'fork',
      mark: { kind: 'test', label: say('mark.forkTest') },
      sign: doneSign(plan.cutId, plan.forecast.target),
    }),
  );
  seq.add(
    'offHeat',
    'outOfOven',
    later({ due: { kind: 'forecast' }, record: 'offHeat', minutes: 2, care: MODES[heatMode(first.heat)].care }),
  );
}

/** What is done on the way takes so long, min. */
const SHORTEST_MIN = 0.25;
/** Fresh, sharp or crisp: got ready so long before the plates. */
const GARNISH_MIN = 8;
const GARNISH_BEFORE_MIN = 25;

/** From off the heat to the last box in the fridge. */
function afterSteps(plan: Plan, seq: Sequence): void {
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
      title: say('next.cool'),
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
    then(`finish-${says.code}`, kind, { title: says, minutes: Math.max(SHORTEST_MIN, minutes) });
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
        title: task.label,
        mark: { kind: 'add', label: nameOf('side', task.sideId) },
        minutes: (piece.toMs - piece.fromMs) / 60_000,
        due: { kind: 'beforePlate', minutes: (plan.day.serveMs - piece.fromMs) / 60_000 },
        place: task.place === 'table' ? 'table' : task.place,
        hands: task.handsMinutes * 60_000 >= task.toMs - task.fromMs ? 'all' : 'some',
      });
    }
  }
  then('served', 'onTable', {
    record: 'served',
    what:
      plan.table.chokeables.length > 0
        ? say('step.onTable.names', { things: listed(plan.table.chokeables, 'semicolon') })
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

const made = new WeakMap<Plan, readonly Step[]>();

/** How what has become of the meat is put on a plate; as usual where it is whole and holds together. */
function platedAs({ input }: Plan): Partial<Pick<Step, 'title' | 'sign'>> {
  const how =
    input.finish.meat !== 'whole'
      ? 'pulled'
      : input.result === 'slices'
        ? 'slices'
        : input.result !== 'tender' && input.meat.onBone
          ? 'offBone'
          : undefined;
  return how === undefined ? {} : { title: say(`step.plate.${how}`), sign: say(`step.plate.${how}.sign`) };
}

/** Every step of a plan, from the fridge door to the plate, in the order of the work. Pure; kept for each plan. */
export function stepsOf(plan: Plan): readonly Step[] {
  const known = made.get(plan);
  if (known) return known;
  const seq = new Sequence('ready');
  readySteps(plan, seq);
  searSteps(plan, seq);
  baseSteps(plan, seq);
  liquidSteps(plan, seq);
  braiseSteps(plan, seq);
  afterSteps(plan, seq);
  made.set(plan, seq.steps);
  return seq.steps;
}
