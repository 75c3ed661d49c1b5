import { potWithLids, roundPan, USUAL_KEEPING_6 } from './kitchenSteps';
import { type Json, type Step } from './step';

const FIRST_BURNER: Json = { id: 'burner', name: 'Burner', kind: 'gas', powerW: 2500 };

/** How the single vegetable weight of a version 1 plan is divided: a usual base. */
const FIRST_BASE = [
  ['onion', 0.5],
  ['carrot', 0.3],
  ['celery', 0.2],
] as const;

/**
 * Version 1 had one cut, vegetables as one weight, and a level; 2 has a base, measured liquids, salt and a sear. What
 * version 1 could not say is left out (no wine, no herbs) or as every plan did it then.
 */
const baseAndPours: Step = (first) => {
  const kg = Number(first.vegetablesKg);
  return {
    title: first.title,
    eaters: first.eaters,
    appetite: 'usual',
    result: 'tender',
    avoid: [],
    meat: { ...(first.meat as Json), grossKg: null, pricePerKg: null },
    also: [],
    prepare: { temper: 'none', tie: 'auto', filling: null },
    season: { when: 'before', gramsPerKg: 10, crystal: 'fine', spices: [] },
    pot: first.pot,
    lid: first.lid,
    lie: 'flat',
    pan: roundPan(first.pan as Json),
    sear: {
      depth: 'deep',
      moving: 'still',
      dredge: 'bare',
      fatId: 'neutral',
      burner: FIRST_BURNER,
      dried: true,
      mostAtOnce: null,
    },
    base: {
      items:
        kg > 0
          ? FIRST_BASE.map(([id, share]) => ({
              id,
              kg: Math.round(kg * share * 1000) / 1000,
              fate: 'melt',
              when: 'start',
            }))
          : [],
      onion: 'golden',
      fatKept: 'spoon',
      pasteKg: 0,
      pasteWhen: 'none',
      thicken: 'none',
    },
    liquid: {
      level: first.liquidLevel,
      parts: [],
      fillerId: 'stockUnsalted',
      fillerStrength: 1,
      reduce: 'half',
      start: 'simmer',
      herbs: [],
      herbForm: 'bundle',
    },
    heat: first.heat,
    finish: { sauceLPerPlate: 0.1 },
    day: { cooks: 1, burners: 1, sides: [] },
    serveAtMs: first.serveAtMs,
    confidence: first.confidence,
    altitudeM: first.altitudeM,
  };
};

/** Version 2 may lack locked tasks (then called held) and cooking ahead; 3 always has both, the first renamed. */
const fixedNotHeld: Step = (second) => {
  const { held = [], ahead = null, ...day } = second.day as Json;
  return { ...second, day: { ...day, fixed: held, ahead } };
};

const STRAINED_AND_REDUCED: Json = {
  reduce: true,
  solids: 'strain',
  fat: 'spoon',
  meat: 'whole',
  thickener: 'flourWhite',
  rung: 'light',
  enrich: 'none',
  toss: 'none',
};

/**
 * Version 3 had round pots by width, and one heat under one lid; 4 has pots of any shape with lids of their own, heat
 * phases, and a chosen finish. A pot that was used with a lid gets that lid; every version 3 braise was strained,
 * reduced and thickened with flour.
 */
const addPotShapeAndStages: Step = ({ heat, lid, pot, ...third }) => ({
  ...third,
  finish: { ...(third.finish as Json), ...STRAINED_AND_REDUCED },
  pot: potWithLids(pot as Json, lid),
  bare: null,
  liquid: { ...(third.liquid as Json), fill: true },
  course: [{ heat, lid, until: { kind: 'end' } }],
});

/** A filling of which only weight and salt were known, as a custom ingredient. */
const unnamedFilling = ({ kg, saltGPerKg }: Json): Json[] => [
  {
    id: `own~garnish~breadcrumbsFresh~filling~salt=${String(Math.round(Number(saltGPerKg)))}~brings=`,
    kg,
  },
];

/**
 * Version 4 had fillings by weight and salt only, put every spice into the fat and every measured liquid in before the
 * lid, and had vegetables between the pieces; 5 says what a filling is made of, when spices and liquids go in and where
 * vegetables lie.
 */
const splitIngredients: Step = ({ prepare, season, base, liquid, ...fourth }) => {
  const { filling, ...prepared } = prepare as Json;
  return {
    ...fourth,
    prepare: {
      ...prepared,
      filling: filling === null ? null : { rolls: (filling as Json).rolls, items: unnamedFilling(filling as Json) },
    },
    season: {
      ...(season as Json),
      spices: ((season as Json).spices as readonly Json[]).map((s) => ({ ...s, when: 'fat' })),
    },
    base: { ...(base as Json), lies: 'among' },
    liquid: {
      ...(liquid as Json),
      parts: ((liquid as Json).parts as readonly Json[]).map((p) => ({ ...p, when: 'start' })),
    },
  };
};

/** Version 5 used the usual cooling limits; 6 says which. */
const addStorageSettings: Step = (fifth) => ({ ...fifth, keeping: USUAL_KEEPING_6 });

export const PLAN_INPUT_STEPS: readonly Step[] = [
  baseAndPours,
  fixedNotHeld,
  addPotShapeAndStages,
  splitIngredients,
  addStorageSettings,
];
