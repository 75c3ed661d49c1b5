import { chainOf, type Json, type Step } from './chain';
import { potWithLids, roundPan } from './kitchen';
import { planInputSchema } from '../plan';

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

/** A plan's input as it is kept with plans and braises, in drafts and in files. */
export const PLAN_INPUT = chainOf('plan', planInputSchema, [baseAndPours, fixedNotHeld, shapesAndStages]);
