import * as z from 'zod';
import { lidSchema } from './equipment';
import { type Answer } from '../core/plan';
import { type Heat } from '../core/heat';
import { CUTS, isCutId, POT_FORMS, POT_MATERIALS } from '../core/larder';
import { potBaseM2 } from '../core/material';
import { DONENESS_STAGES } from '../core/tenderness';

/** A number between two limits; the fault names unit and limits. */
const between = (low: number, high: number, unit: string) => {
  const says = `must be a number from ${String(low)} to ${String(high)}${unit === '' ? '' : ` ${unit}`}`;
  return z.number(says).min(low, says).max(high, says);
};

const minute = between(0, 10_080, 'min');

const HEAT_SHAPES = {
  oven: z.strictObject({
    kind: z.literal('oven'),
    tempC: between(40, 300, '°C'),
    fan: z.boolean(),
    burns: z.enum(['electric', 'gas']).optional(),
  }),
  simmer: z.strictObject({ kind: z.literal('simmer'), tempC: between(50, 100, '°C') }),
  power: z.strictObject({ kind: z.literal('power'), powerW: between(0, 5000, 'W') }),
  bath: z.strictObject({ kind: z.literal('bath'), tempC: between(50, 99, '°C') }),
  steamOven: z.strictObject({
    kind: z.literal('steamOven'),
    tempC: between(50, 130, '°C'),
    humidity: between(0, 1, '').optional(),
  }),
  grill: z.strictObject({ kind: z.literal('grill'), tempC: between(60, 300, '°C') }),
  off: z.strictObject({ kind: z.literal('off') }),
} satisfies {
  readonly [Kind in Heat['kind']]: z.ZodType<Extract<Heat, { kind: Kind }>>;
};

const heatSchema = z.discriminatedUnion('kind', [
  HEAT_SHAPES.oven,
  HEAT_SHAPES.simmer,
  HEAT_SHAPES.power,
  HEAT_SHAPES.bath,
  HEAT_SHAPES.steamOven,
  HEAT_SHAPES.grill,
  HEAT_SHAPES.off,
]);

const cutSchema = z
  .string()
  .refine(isCutId, { error: () => `is not a cut; one of ${CUTS.map((c) => c.id).join(', ')}` });

const groupSchema = z.strictObject({
  /** Where it is another cut than the one forecast. */
  cut: cutSchema.optional(),
  massKg: between(0.03, 20, 'kg'),
  pieces: z.number().int('must be a whole number').min(1, 'must be 1 or more').max(500, 'must be 500 or fewer'),
  lengthM: between(0.01, 0.6, 'm'),
  widthM: between(0.01, 0.6, 'm'),
  thicknessM: between(0.005, 0.25, 'm'),
  onBone: z.boolean(),
  startTempC: between(0, 60, '°C'),
  submergedFraction: between(0, 1, '').optional(),
});

/** A time in the braise, spread into what happens then. */
const AT = { atMin: minute };

/** In ascending order, starting at minute 0. */
const fromStart = (list: readonly { readonly atMin: number }[]): boolean =>
  list[0]?.atMin === 0 && list.every((x, i) => i === 0 || x.atMin > (list[i - 1]?.atMin ?? 0));

/** What ends a heat by itself, and the heat that follows, with another lid if named. */
const thenSchema = z.strictObject({
  after: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('minutes'), minutes: minute }),
    z.strictObject({ kind: z.literal('liquid'), tempC: between(0, 105, '°C') }),
    z.strictObject({ kind: z.literal('level'), litres: between(0, 40, 'l') }),
    z.strictObject({ kind: z.literal('stage'), stage: z.enum(['gives', 'twists', 'falls']) }),
  ]),
  heat: heatSchema,
  lid: lidSchema.optional(),
  get then() {
    return thenSchema.optional();
  },
});

/** How much larger than the piece the box around it may be. */
const MAX_AIR = 4;
const MEAT_DENSITY_KGM3 = 1050;

/** A braise as the command line takes it. SI units; minutes count from when the meat meets the liquid. */
export const braiseSchema = z
  .strictObject({
    cut: cutSchema,
    groups: z.array(groupSchema).min(1, 'needs at least one group of pieces').max(6, 'at most 6 groups'),
    pot: z.strictObject({
      shape: z.enum(POT_FORMS),
      lengthM: between(0.1, 0.6, 'm'),
      widthM: between(0.1, 0.6, 'm'),
      heightM: between(0.04, 0.6, 'm'),
      massKg: between(0.1, 40, 'kg'),
      material: z.enum(POT_MATERIALS),
    }),
    liquidL: between(0.05, 40, 'l'),
    liquidTempC: between(1, 100, '°C'),
    thickLiquid: z.boolean().default(false),
    vegetablesKg: between(0, 10, 'kg').default(0),
    heats: z
      .array(z.strictObject({ ...AT, heat: heatSchema, then: thenSchema.optional() }))
      .min(1)
      .max(50)
      .refine(fromStart, 'must begin at minute 0 and go forward'),
    lids: z
      .array(z.strictObject({ ...AT, lid: lidSchema }))
      .min(1)
      .max(50)
      .refine(fromStart, 'must begin at minute 0 and go forward'),
    turnsAtMin: z.array(minute).max(20).default([]),
    openings: z
      .array(z.strictObject({ ...AT, seconds: between(1, 1800, 's') }))
      .max(100)
      .default([]),
    topUps: z
      .array(z.strictObject({ ...AT, litres: between(0.001, 10, 'l'), tempC: between(0, 100, '°C') }))
      .max(50)
      .default([]),
    preCook: z
      .array(
        z.strictObject({
          minutes: between(0, 1440, 'min'),
          tempC: between(0, 180, '°C'),
          filmWM2K: between(3, 100, 'W/m²K'),
        }),
      )
      .max(6)
      .default([]),
    coldOven: z.boolean().default(false),
    thicknessMeasured: z.boolean().default(true),
    altitudeM: between(-400, 5000, 'm').default(0),
    horizonMin: between(30, 10_080, 'min').optional(),
    seed: z.number().int().min(0).max(Number.MAX_SAFE_INTEGER).default(1),
    particles: z.number().int().min(64, 'must be 64 or more').max(4096, 'must be 4096 or fewer').default(512),
    /** Times for which the probability of being ready is wanted. */
    chanceAtMin: z.array(minute).max(200).default([]),
  })
  .superRefine((braise, context) => {
    braise.groups.forEach((g, i) => {
      const each = g.massKg / g.pieces / MEAT_DENSITY_KGM3;
      const box = g.lengthM * g.widthM * g.thicknessM;
      if (each > box * 1.3 || each < box / MAX_AIR) {
        context.addIssue({
          code: 'custom',
          path: ['groups', i, 'massKg'],
          message: `does not fit the dimensions: a piece of ${String(Math.round((g.massKg / g.pieces) * 1000))} g in a box of ${String(Math.round(box * 1e6))} ml`,
        });
      }
    });
    const solids = braise.groups.reduce((sum, g) => sum + g.massKg, 0) / MEAT_DENSITY_KGM3;
    const room = potBaseM2(braise.pot) * braise.pot.heightM;
    if (solids + (braise.liquidL + braise.vegetablesKg) / 1000 > room) {
      context.addIssue({
        code: 'custom',
        path: ['pot'],
        message: `holds ${(room * 1000).toFixed(1)} l, less than meat, vegetables and liquid together`,
      });
    }
  });

export type BraiseInput = z.output<typeof braiseSchema>;

/** A record or act for `follow`, in order. */
export const followRecordSchema = z.discriminatedUnion('kind', [
  z.strictObject({ ...AT, kind: z.literal('fork'), stage: z.enum(DONENESS_STAGES) }),
  z.strictObject({
    ...AT,
    kind: z.literal('probe'),
    tempC: between(-5, 110, '°C'),
    nearBone: z.boolean().default(false),
  }),
  z.strictObject({ ...AT, kind: z.literal('liquidTemp'), tempC: between(0, 105, '°C') }),
  z.strictObject({ ...AT, kind: z.literal('simmering'), simmering: z.boolean() }),
  z.strictObject({ ...AT, kind: z.literal('level'), litres: between(0, 40, 'l') }),
  z.strictObject({ ...AT, kind: z.literal('opened'), seconds: between(1, 1800, 's') }),
  z.strictObject({ ...AT, kind: z.literal('turned') }),
  z.strictObject({ ...AT, kind: z.literal('topUp'), litres: between(0.001, 10, 'l'), tempC: between(0, 100, '°C') }),
  z.strictObject({ ...AT, kind: z.literal('heat'), heat: heatSchema }),
  z.strictObject({ ...AT, kind: z.literal('lid'), lid: lidSchema }),
]);

export type FollowRecord = z.output<typeof followRecordSchema>;

export const followSchema = z.strictObject({
  request: braiseSchema,
  records: z.array(followRecordSchema).max(100, 'at most 100 records'),
});

const eta = z.number().nullable();
const series = z.array(z.number());

/** What `forecast` answers. Times beyond the horizon are null. */
export const forecastAnswerSchema = z.strictObject({
  version: z.literal(3),
  horizonMin: z.number(),
  stages: z.array(
    z.strictObject({ stage: z.enum(DONENESS_STAGES), p10Min: eta, p50Min: eta, p90Min: eta, reachedShare: z.number() }),
  ),
  /** If more than one in ten are not ready by the horizon: `later than` it. */
  twistsPercentilesMin: z.array(eta),
  chance: z.array(z.strictObject({ atMin: z.number(), share: z.number() })),
  /** Index of the group that is ready last, the one forecast. */
  slowestGroup: z.number().int(),
  goodForMin: eta,
  lookCostMin: z.number(),
  dry: z.strictObject({ share: z.number(), p50Min: eta }),
  whenTender: z
    .strictObject({ liquidL: z.number(), fatL: z.number(), gelatinGPerL: z.number(), juiceShare: z.number() })
    .nullable(),
  series: z.strictObject({
    minute: series,
    liquidC: series,
    coreC: series,
    meanC: series,
    slowCookValueMin: series,
    meanCookValueMin: series,
    waterL: series,
    levelMm: series,
    moistureShare: series,
  }),
}) satisfies z.ZodType<Answer>;
