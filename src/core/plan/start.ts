import {
  defaultChoice,
  heatOf,
  MODES,
  modesOf,
  ownOvenMode,
  type KitchenDefaults,
  isSmall,
  type StorageSettings,
  LEVEL_SHARES,
  type MeatPart,
  type PlanInput,
  usualCount,
  defaultFinish,
  defaultLevel,
  usualThicknessMm,
  singleStageSchedule,
} from '../choices';
import { defaultBase } from '../base';
import { bonelessKg, rawPerPersonKg } from '../buy';
import { type Burner, cutById, lidsFor, type Pan, type Pot, type Oven } from '../larder';
import { USUAL_SALT_G_PER_KG } from '../season';

/** What a kitchen contributes to a plan. */
export interface KitchenTools {
  readonly altitudeM: number;
  readonly pots: readonly Pot[];
  readonly pans: readonly Pan[];
  readonly burners: readonly Burner[];
  readonly ovens: readonly Pick<Oven, 'kind'>[];
  readonly habits: KitchenDefaults;
  readonly keeping: StorageSettings;
}

const FIVE_HUNDREDTHS = 20;

/** So many of a herb for each kilogram of meat without bone, rounded up. */
const herbCount = (perKg: number, kg: number): number => Math.max(1, Math.ceil(perKg * kg));

/** A starting cut: enough for the eaters, in its usual pieces, or `massKg` of it. */
export function defaultMeat(cutId: string, eaters: number, massKg?: number): MeatPart {
  const cut = cutById(cutId);
  const onBone = cut.bone !== 'no';
  const raw = massKg ?? eaters * rawPerPersonKg(cut, onBone, 'usual');
  const pieces = usualCount(cut, raw);
  const kg =
    massKg ??
    Math.round((cut.form === 'cubes' ? raw : Math.max(raw, pieces * cut.typicalPieceKg)) * FIVE_HUNDREDTHS) /
      FIVE_HUNDREDTHS;
  return {
    cutId,
    massKg: kg,
    grossKg: null,
    pieces,
    thicknessMm: usualThicknessMm(cut, kg / pieces),
    thicknessMeasured: false,
    onBone,
    pricePerKg: null,
  };
}

/** The starting point of a plan: a cut for this many, everything else as this kitchen usually does it. */
export function startPlan(
  kitchen: KitchenTools,
  what: {
    readonly title: string;
    readonly cutId: string;
    readonly eaters: number;
    readonly serveAtMs: number;
    readonly meat?: MeatPart;
  },
): PlanInput {
  const pot = kitchen.pots[0];
  const pan = kitchen.pans[0];
  const burner = kitchen.burners[0];
  if (!pot || !pan || !burner) throw new RangeError('A kitchen needs a pot, a pan and a burner.');
  const meat = what.meat ?? defaultMeat(what.cutId, what.eaters);
  const cut = cutById(meat.cutId);
  const oven = ownOvenMode(modesOf(kitchen));
  const own = <Id extends keyof KitchenDefaults>(id: Id) => defaultChoice(kitchen.habits, id);
  const chosenLevel = own('level');
  const small = isSmall(cut, meat);
  const edibleKg = bonelessKg([meat]);
  const base = defaultBase(edibleKg, kitchen.habits);
  return {
    title: what.title,
    eaters: what.eaters,
    appetite: 'usual',
    result: 'tender',
    avoid: [],
    meat,
    also: [],
    prepare: { temper: own('temper'), tie: 'auto', filling: null },
    season: { when: own('saltWhen'), gramsPerKg: USUAL_SALT_G_PER_KG, crystal: 'fine', spices: [] },
    pot,
    lie: 'flat',
    pan,
    sear: {
      depth: own('searDepth'),
      moving: own('searMoving'),
      dredge: own('dredge'),
      fatId: 'neutral',
      burner,
      dried: true,
      mostAtOnce: null,
    },
    base,
    liquid: {
      fill: true,
      level: chosenLevel === 'auto' ? defaultLevel(small, true) : LEVEL_SHARES[chosenLevel],
      parts: [{ id: 'redWine', litres: Math.round(edibleKg * 25) / 100, when: 'start' }],
      fillerId: 'stockUnsalted',
      fillerStrength: 1,
      reduce: own('reduce'),
      start: own('start'),
      herbs: [
        { id: 'bay', count: herbCount(1, edibleKg) },
        { id: 'thyme', count: herbCount(2, edibleKg) },
      ],
      herbForm: own('herbForm'),
    },
    bare: null,
    course: singleStageSchedule(heatOf(oven, MODES[oven].usualC), lidsFor(pot)[0] ?? 'tightFoil'),
    day: { cooks: 1, burners: kitchen.burners.length, sides: [], fixed: [], ahead: null },
    finish: defaultFinish(small, 'tender', base.items),
    serveAtMs: what.serveAtMs,
    confidence: 0.9,
    altitudeM: kitchen.altitudeM,
    keeping: kitchen.keeping,
  };
}
