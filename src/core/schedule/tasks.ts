import { type Segment, type Task } from './solve';
import { say } from '../message';
import { marginMin } from './workTime';
import { sideById } from '../larder';
import {
  type DayPlan,
  type PotPlacement,
  whole,
  hands,
  free,
  searSegments,
  baseSegments,
  liquidSegments,
  braiseSegments,
  finishParts,
  bareSegments,
  COLD_FAT_MIN,
  BONING_MIN_EACH,
  coolSegments,
  reheatSegments,
  AHEAD_LIFT_MIN,
} from './segments';
import { sideTasks } from './sideTasks';

const SALT_MIN = 4;

/** Spare time before serving for the wanted probability of being on time. Minutes. */
export interface Reserve {
  /** Kept in the pot, for meat that is tender later than likely. */
  readonly forecastMin: number;
  /** Kept in the pot, for hands and pans slower than usual before the meat is done and, if eaten at once, after it. */
  readonly handsMin: number;
  /** Kept before serving if the meat comes out of the fridge. */
  readonly plateMin: number;
}

/** Tasks whose durations add up: those up to a possible overnight break, and those from there to serving. */
const TO_THE_FRIDGE = ['meat', 'bare', 'chop', 'pan', 'lift', 'cool'];

const TO_THE_PLATE = ['unfat', 'reduce', 'reheat', 'plate'];

function reserveOf(day: DayPlan, tasks: readonly Task[]): Reserve {
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

/** What is done before prep, and between the pot and serving. */
function aroundTheDay(day: DayPlan, task: (...row: TaskRow) => Task[], finish: ReturnType<typeof finishParts>): Task[] {
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

/** Preheating for the pot: each place when the pot comes to it from another. */
export function preheats({ stages }: Pick<DayPlan, 'stages'>): { readonly id: string; readonly stage: PotPlacement }[] {
  return stages
    .filter((s, i) => s.warmsMin > 0 && s.place !== stages[i - 1]?.place)
    .map((stage, i) => ({ id: i === 0 ? 'oven' : `oven-${String(i + 1)}`, stage }));
}

/** Tasks with the same name in every plan. */
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

/** Everything to be done on the day, what each has to be done before, and the spare time in it. */
export function dayTasks(day: DayPlan): { readonly tasks: readonly Task[]; readonly reserve: Reserve } {
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
    ...preheats(day).flatMap(({ id, stage }) =>
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
