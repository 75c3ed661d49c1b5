import { chainOf, type Json, type Step } from './chain';
import { potWithLids, roundPan } from './kitchen';
import { planInputSchema } from '../plan';
import { USUAL_KEEPING } from '../../core/choices';
import { customId } from '../../core/custom';

const FIRST_BURNER: Json = { id: 'burner', name: 'Burner', kind: 'gas', powerW: 2500 };

/** Shares of the one weight of vegetables that a first plan had: a usual base. */
const FIRST_BASE = [
  ['onion', 0.5],
  ['carrot', 0.3],
  ['celery', 0.2],
] as const;

/**
 * 1 had one cut, vegetables as one weight and a level; 2 has a base, measured pours, salt, a sear. What the first could
 * not say is left out (no wine, no herbs) or as every kitchen did it then.
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

/** 2 may lack what is fixed (then called held) and what is cooked ahead; 3 has both, the first under its new name. */
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
 * 3 had round pots by their width, and one heat under one lid from first to last; 4 has pots of any shape with lids of their
 * own, stages of heat, and a finish that is chosen. A pot that was braised in under a lid has that lid; every braise was
 * strained, boiled down and thickened with flour.
 */
export const shapesAndStages: Step = ({ heat, lid, pot, ...third }) => ({
  ...third,
  finish: { ...(third.finish as Json), ...STRAINED_AND_REDUCED },
  pot: potWithLids(pot as Json, lid),
  bare: null,
  liquid: { ...(third.liquid as Json), fill: true },
  course: [{ heat, lid, until: { kind: 'end' } }],
});

/** A filling of which only weight and salt were known, as a thing of the cook's own. */
const unnamedFilling = ({ kg, saltGPerKg }: Json): Json[] => [
  {
    id: customId({ table: 'garnish', like: 'breadcrumbsFresh', name: 'filling', salt: Number(saltGPerKg), brings: [] }),
    kg,
  },
];

/**
 * 4 knew a filling by weight and salt alone, put every spice into the fat and every measured pour in before the lid, and had
 * vegetables between the pieces; 5 says what a filling is made of, when spices and pours go in and where vegetables lie.
 */
export const whatGoesWhere: Step = ({ prepare, season, base, liquid, ...fourth }) => {
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

/** 5 was kept by the limits that are usual; 6 says by which. */
export const howItIsKept: Step = (fifth) => ({ ...fifth, keeping: USUAL_KEEPING });

/** A plan's input as it is kept with plans and braises, in drafts and in files. */
export const PLAN_INPUT = chainOf('plan', planInputSchema, [
  baseAndPours,
  fixedNotHeld,
  shapesAndStages,
  whatGoesWhere,
  howItIsKept,
]);
