import { type Segment, type Task } from './solve';
import { type Message, nameOf, say, ofRow } from '../message';
import { marginMin } from './workTime';
import { type Side, sideById, type SideStep } from '../larder';
import { type HeatMode } from '../choices';

/** Minutes each part of the work takes. */
export interface WorkMinutes {
  readonly prep: number;
  readonly sear: number;
  readonly base: number;
  readonly liquid: number;
  readonly finish: number;
  readonly plate: number;
}

/** What the day is made of, before it is laid out. Minutes from the pieces meeting the liquid where not said otherwise. */
export interface DayWork {
  readonly work: WorkMinutes;
  /** Of `work.prep`, what is chopping and can be put down. */
  readonly chopMin: number;
  /** Of that, what is only needed late, and when. */
  readonly lateChop: { readonly minutes: number; readonly neededAtMin: number } | undefined;
  /** Smoked or warmed without liquid before the pot; undefined where it is not. */
  readonly bare: { readonly minutes: number; readonly smoke: boolean } | undefined;
  readonly batches: readonly { readonly minutes: number; readonly recoverMinutes: number }[];
  readonly panHeatsMin: number;
  /** Steps of the base, and whether each must be stayed with. */
  readonly baseSteps: readonly { readonly minutes: number; readonly stay: boolean }[];
  readonly wineMin: number;
  /** When the meat is as wanted in half of all kitchens, and in the share of them that is asked for. */
  readonly likelyMin: number;
  readonly readyMin: number;
  /** How sure the cook wants to be of the plate, 0 to 1. */
  readonly confidence: number;
  /** Moments the pot is opened for, and what goes in then, if anything does. */
  readonly looks: readonly { readonly atMin: number; readonly adds?: Message }[];
  /** How the pot is mainly heated: its words are `task.light` and `task.braise`. */
  readonly heat: HeatMode;
  /** Where the pot mainly is. */
  readonly place: 'oven' | 'burner' | 'grill';
  /** Where it is from when on, the first from the start, and what is done to it then. */
  readonly stages: readonly StageWork[];
  readonly reduceMin: number;
  /** Soft herbs that go in as it is plated, by id. */
  readonly lastHerbs: readonly string[];
  readonly sides: readonly string[];
  readonly eaters: number;
  /** The meat is salted so many hours before it is got ready; undefined where it is salted then. */
  readonly saltAheadHours: number | undefined;
  /** Cooked before the day it is eaten; undefined where it is eaten at once. */
  readonly ahead: AheadWork | undefined;
}

/** The pot in one place, under one lid. */
export interface StageWork {
  readonly fromMin: number;
  /** Its words are `task.light` and `span.braise`. */
  readonly heat: HeatMode;
  readonly place: 'oven' | 'burner' | 'grill';
  /** How long that warms before the pot comes. */
  readonly warmsMin: number;
  readonly says: Message;
}

/** What cooking before the day asks for. Minutes. */
export interface AheadWork {
  /** When the pot is in the fridge at the latest, min from the plate. */
  readonly fridgeByMin: number;
  readonly iceWaterMin: number;
  /** Pieces to take off the bone while they are cold. */
  readonly boning: number;
  readonly reheatMin: number;
}

const LAY_MIN = 1;
const TURN_MIN = 1;
/** Between turns the pan sizzles by itself this long. */
const FACE_WAIT_MIN = 3;
const LOOK_MIN = 2;
const INTO_OVEN_MIN = 2;
const SEASON_MIN = 2;

const whole = (minutes: number): number => Math.max(0, Math.round(minutes));
const hands = (minutes: number, stay = false): Segment => ({ minutes, hands: true, stay });
const free = (minutes: number): Segment => ({ minutes, hands: false });

/** Cuts segments to a total, the last one giving or taking the difference. */
function totalling(segments: readonly Segment[], minutes: number): Segment[] {
  const out = segments.filter((s) => s.minutes > 0);
  let over = out.reduce((sum, s) => sum + s.minutes, 0) - minutes;
  for (let i = out.length - 1; i >= 0 && over > 0; i--) {
    const s = out[i] as Segment;
    const cut = Math.min(over, s.minutes);
    out[i] = { ...s, minutes: s.minutes - cut };
    over -= cut;
  }
  if (over < 0) out.push(free(-over));
  return out.filter((s) => s.minutes > 0);
}

/** Searing minute by minute: hands to lay and turn, free while a face browns. */
export function searSegments(day: Pick<DayWork, 'batches' | 'panHeatsMin' | 'work'>): Segment[] {
  if (day.work.sear <= 0) return [];
  const segments: Segment[] = [free(whole(day.panHeatsMin))];
  day.batches.forEach((batch, i) => {
    segments.push(hands(LAY_MIN, true));
    let left = whole(batch.minutes) - LAY_MIN;
    while (left > FACE_WAIT_MIN) {
      segments.push(free(FACE_WAIT_MIN), hands(TURN_MIN));
      left -= FACE_WAIT_MIN + TURN_MIN;
    }
    if (left > 0) segments.push(hands(left));
    if (i < day.batches.length - 1) segments.push(free(whole(batch.recoverMinutes)));
  });
  return totalling(segments, day.work.sear);
}

function baseSegments(day: DayWork): Segment[] {
  const segments = day.baseSteps.flatMap((s): Segment[] => {
    const minutes = whole(s.minutes);
    if (minutes === 0) return [];
    if (s.stay) return [hands(minutes, true)];
    return minutes > 2 ? [hands(1), free(minutes - 2), hands(1)] : [hands(minutes)];
  });
  return totalling(segments, day.work.base);
}

function liquidSegments(day: DayWork): Segment[] {
  const wine = whole(day.wineMin);
  const rest = Math.max(0, day.work.liquid - wine - LOOK_MIN - INTO_OVEN_MIN);
  return totalling(
    [hands(LOOK_MIN, true), free(wine), free(rest), hands(INTO_OVEN_MIN)],
    Math.max(INTO_OVEN_MIN, day.work.liquid),
  );
}

/**
 * The braise with its looks and what is changed about its heat, each with hands for two minutes, and what is kept in reserve
 * at its end; each stretch where the pot then is.
 */
function braiseSegments(day: DayWork, handsMin: number): Segment[] {
  const total = Math.max(1, Math.ceil(day.readyMin + handsMin));
  const looked = lookSegments([...day.looks, ...day.stages.slice(1).map(({ fromMin }) => ({ atMin: fromMin }))], total);
  if (day.stages.every((s) => s.place === day.place)) return looked;
  const out: Segment[] = [];
  let at = 0;
  for (const segment of looked) {
    let left = segment.minutes;
    while (left > 0) {
      const i = day.stages.findLastIndex((s) => whole(s.fromMin) <= at);
      const until = whole(day.stages[i + 1]?.fromMin ?? Infinity);
      const minutes = Math.min(left, Number.isFinite(until) ? Math.max(1, until - at) : left);
      out.push({ ...segment, minutes, place: day.stages[i]?.place ?? day.place });
      at += minutes;
      left -= minutes;
    }
  }
  return out;
}

/** `total` minutes with hands at each look. */
function lookSegments(looks: readonly { readonly atMin: number }[], total: number): Segment[] {
  const out: Segment[] = [];
  let at = 0;
  for (const look of [...looks].sort((a, b) => a.atMin - b.atMin)) {
    const from = whole(look.atMin);
    if (from < at || from + LOOK_MIN > total) continue;
    if (from > at) out.push(free(from - at));
    out.push(hands(LOOK_MIN));
    at = from + LOOK_MIN;
  }
  if (at < total) out.push(free(total - at));
  return out;
}

/** After the braise: hands to lift out, strain and lift the fat; then the sauce reduces by itself and is seasoned. */
function finishParts(day: DayWork): { readonly lift: Segment[]; readonly reduce: Segment[] } {
  const reduce = Math.min(whole(day.reduceMin), Math.max(0, day.work.finish - SEASON_MIN - 1));
  const lift = Math.max(1, day.work.finish - reduce - SEASON_MIN);
  return {
    lift: [hands(lift)],
    reduce: [free(reduce), hands(SEASON_MIN)].filter((s) => s.minutes > 0),
  };
}

const FIRE_LOOK_EVERY_MIN = 30;

/** Bare meat in smoke or warm air, looked at every half hour: the fire as much as the meat. */
function bareSegments(minutes: number): Segment[] {
  const looks = Math.max(1, Math.floor(minutes / FIRE_LOOK_EVERY_MIN));
  return totalling(
    [hands(2), ...Array.from({ length: looks }).flatMap(() => [free(FIRE_LOOK_EVERY_MIN - 1), hands(1)])],
    whole(minutes),
  );
}

const STIR_ICE_EVERY_MIN = 10;
const COLD_FAT_MIN = 5;
const BONING_MIN_EACH = 1;

/** From the heat into the fridge: into ice water, stirred, into the fridge. */
function coolSegments(ahead: AheadWork): Segment[] {
  const stirs = Math.floor(whole(ahead.iceWaterMin) / STIR_ICE_EVERY_MIN);
  const rest = whole(ahead.iceWaterMin) - stirs * STIR_ICE_EVERY_MIN;
  return [
    hands(3),
    ...Array.from({ length: stirs }).flatMap(() => [free(STIR_ICE_EVERY_MIN - 1), hands(1)]),
    free(rest),
    hands(2),
  ];
}

/** Warming it through, looked at and stirred now and then. */
function reheatSegments(ahead: AheadWork): Segment[] {
  return totalling(
    Array.from({ length: Math.ceil(whole(ahead.reheatMin) / STIR_ICE_EVERY_MIN) }).flatMap(() => [
      hands(1),
      free(STIR_ICE_EVERY_MIN - 1),
    ]),
    whole(ahead.reheatMin),
  );
}

const SALT_MIN = 4;

/** What is kept in reserve before the plate so that it is met as surely as the cook asked for. Minutes. */
export interface Reserve {
  /** Kept in the pot, for meat that twists later than it likely does. */
  readonly forecastMin: number;
  /** Kept in the pot, for hands and pans slower than usual before the meat is done and, eaten at once, after it. */
  readonly handsMin: number;
  /** Kept before the plate when the meat comes out of the fridge. */
  readonly plateMin: number;
}

/** Tasks whose minutes come one after the other, up to where a night may lie between and from there to the plate. */
const TO_THE_FRIDGE = ['meat', 'bare', 'chop', 'pan', 'lift', 'cool'];
const TO_THE_PLATE = ['unfat', 'reduce', 'reheat', 'plate'];

function reserveOf(day: DayWork, tasks: readonly Task[]): Reserve {
  const of = (ids: readonly string[]): Segment[] =>
    tasks.filter((t) => ids.includes(t.id)).flatMap((t) => [...t.segments]);
  const forecastMin = Math.max(0, day.readyMin - day.likelyMin);
  const inPot = day.ahead ? TO_THE_FRIDGE : [...TO_THE_FRIDGE, ...TO_THE_PLATE];
  return {
    forecastMin,
    handsMin: marginMin(of(inPot), day.confidence, forecastMin),
    plateMin: day.ahead ? marginMin(of(TO_THE_PLATE), day.confidence, 0) : 0,
  };
}

/** What is done before the meat is got ready, and what lies between the pot and the plate. */
function aroundTheDay(day: DayWork, task: (...row: TaskRow) => Task[], finish: ReturnType<typeof finishParts>): Task[] {
  const { ahead } = day;
  const salt =
    day.saltAheadHours === undefined
      ? []
      : task('salt', 'board', [hands(SALT_MIN)], [{ task: 'meat', offsetMin: -Math.round(day.saltAheadHours * 60) }]);
  if (!ahead) {
    return [
      ...salt,
      ...task('reduce', 'burner', finish.reduce, [{ task: 'plate', offsetMin: 0 }]),
      ...task('lift', 'board', finish.lift, [{ task: 'reduce', offsetMin: 0 }]),
    ];
  }
  const cool = task('cool', 'board', coolSegments(ahead), []);
  return [
    ...salt,
    ...task('reheat', 'burner', reheatSegments(ahead), [{ task: 'plate', offsetMin: 0 }]),
    ...task('reduce', 'burner', finish.reduce, [{ task: 'reheat', offsetMin: 0 }]),
    ...task(
      'unfat',
      'board',
      [hands(COLD_FAT_MIN + Math.round(BONING_MIN_EACH * ahead.boning))],
      [{ task: 'reduce', offsetMin: 0 }],
      { label: say(ahead.boning > 0 ? 'task.unfatAndBone' : 'task.unfat') },
    ),
    ...cool.map((t) => ({ ...t, latestEndMin: Math.round(ahead.fridgeByMin) })),
    ...task('lift', 'board', [hands(AHEAD_LIFT_MIN)], [{ task: 'cool', offsetMin: 0 }], { label: say('task.takeOut') }),
  ];
}

/** What is warmed for the pot: each place when the pot comes to it from another. */
export function warmings({ stages }: Pick<DayWork, 'stages'>): { readonly id: string; readonly stage: StageWork }[] {
  return stages
    .filter((s, i) => s.warmsMin > 0 && s.place !== stages[i - 1]?.place)
    .map((stage, i) => ({ id: i === 0 ? 'oven' : `oven-${String(i + 1)}`, stage }));
}

const AHEAD_LIFT_MIN = 3;

/** Tasks called by one name whatever the plan. */
type NamedTask =
  | 'plate'
  | 'salt'
  | 'reduce'
  | 'lift'
  | 'cool'
  | 'reheat'
  | 'unfat'
  | 'unfatAndBone'
  | 'takeOut'
  | 'pan'
  | 'meat'
  | 'chop'
  | 'lateChop';

type TaskRow = [
  task: NamedTask | Pick<Task, 'id' | 'label'>,
  place: Task['place'],
  segments: readonly Segment[],
  endsBy: Task['endsBy'],
  more?: Partial<Pick<Task, 'splits' | 'label'>>,
];

function stepSegments(step: SideStep, minutes: number): Segment[] {
  if (step.hands !== 'now and then') return [{ minutes, hands: step.hands === 'all' }];
  return Array.from({ length: Math.ceil(minutes / STIR_EVERY_MIN) }, (_, k) => k).flatMap((k) => [
    hands(1),
    free(Math.max(0, Math.min(STIR_EVERY_MIN - 1, minutes - STIR_EVERY_MIN * k - 1))),
  ]);
}

const STIR_EVERY_MIN = 5;
/** Plates are filled in this long; a side may be done before that. */
export const GRACE_MIN = 6;

/**
 * A side's work as tasks: what is done at the board can wait, what is on the stove goes through without a pause. It ends so
 * early that it is there in `confidence` of all days, as far as it can stand.
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
            // What can stand is done as much earlier as it may take longer.
            latestEndMin: 0 - Math.round(Math.min(side.waitsMin, marginMin(segments, confidence, 0))),
            waitsMin: side.waitsMin + GRACE_MIN,
          }),
    };
  });
}

/** Everything that has to be done on the day, and what each has to be done before; and the reserve that is in it. */
export function dayTasks(day: DayWork): { readonly tasks: readonly Task[]; readonly reserve: Reserve } {
  const { work } = day;
  const task = (...[named, place, segments, endsBy, more]: TaskRow): Task[] =>
    segments.some((s) => s.minutes > 0)
      ? [
          {
            ...(typeof named === 'string' ? { id: named, label: say(`task.${named}`) } : named),
            place,
            segments: segments.filter((s) => s.minutes > 0),
            endsBy,
            splits: false,
            latestEndMin: 0,
            ...more,
          },
        ]
      : [];
  const finish = finishParts(day);
  const sear = searSegments(day);
  const searMin = sear.reduce((sum, s) => sum + s.minutes, 0);
  const chop = whole(day.chopMin);
  const late = day.lateChop === undefined ? 0 : Math.min(chop, whole(day.lateChop.minutes));
  const byHand = [
    ...task('plate', 'table', [hands(work.plate, true)], []),
    ...aroundTheDay(day, task, finish),
    ...task(
      'pan',
      'burner',
      [...sear, ...baseSegments(day), ...liquidSegments(day)],
      [{ task: 'braise', offsetMin: 0 }],
    ),
    ...(day.bare
      ? task(
          { id: 'bare', label: say(day.bare.smoke ? 'task.bare.smoke' : 'task.bare.warm') },
          day.bare.smoke ? 'grill' : 'oven',
          bareSegments(day.bare.minutes),
          [{ task: 'pan', offsetMin: 0 }],
        )
      : []),
    ...task(
      'meat',
      'board',
      [hands(Math.max(1, work.prep - chop))],
      [day.bare ? { task: 'bare', offsetMin: 0 } : { task: 'pan', offsetMin: whole(day.panHeatsMin) }],
    ),
    ...task('chop', 'board', [hands(chop - late)], [{ task: 'pan', offsetMin: searMin }], { splits: true }),
    ...(late > 0 && day.lateChop
      ? task('lateChop', 'board', [hands(late)], [{ task: 'braise', offsetMin: whole(day.lateChop.neededAtMin) }], {
          splits: true,
        })
      : []),
    ...warmings(day).flatMap(({ id, stage }) =>
      task(
        { id, label: say(`task.light.${stage.heat}`) },
        stage.place,
        [free(stage.warmsMin)],
        [{ task: 'braise', offsetMin: whole(stage.fromMin) }],
      ),
    ),
  ];
  const reserve = reserveOf(day, byHand);
  return {
    tasks: [
      ...byHand.map((t) =>
        t.id === 'reheat' ? { ...t, endsBy: [{ task: 'plate', offsetMin: 0 - Math.round(reserve.plateMin) }] } : t,
      ),
      ...task(
        { id: 'braise', label: say(`task.braise.${day.heat}`) },
        day.place,
        braiseSegments(day, reserve.handsMin),
        [{ task: 'lift', offsetMin: 0 }],
      ),
      ...day.sides.flatMap((id) => sideTasks(sideById(id), day.eaters, day.confidence)),
    ],
    reserve,
  };
}
