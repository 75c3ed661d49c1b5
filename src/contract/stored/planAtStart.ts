import * as z from 'zod';
import { PLAN_AT_START_STEPS } from './frozen/planAtStartSteps';
import { migrationChain } from './migrations';
import { figure, said, span } from './pieces';
import { fromWire, toWire } from '../wire';
import { FAT_WAYS, HEAT_MODES, SOLIDS_WAYS, THICKNESS_LEVELS } from '../../core/choices';
import { LID_KINDS } from '../../core/larder';
import { type BegunPlan, beginWith, type Promised } from '../../core/plan';
import { type PlanInput } from '../../core/choices';
import { DONENESS_STAGES, TARGETS, type Doneness, type TargetDoneness } from '../../core/tenderness';

/** Infinite where something never comes. */
const number = z.number().or(z.literal(Infinity));
const count = z.int().min(0);
const code = z.string().min(1);
const target = z.enum(Object.keys(TARGETS) as TargetDoneness[]);
const place = z.enum(['board', 'burner', 'oven', 'grill', 'table']);
const heat = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('oven'), tempC: number, fan: z.boolean(), burns: z.literal('gas').optional() }),
  z.object({ kind: z.literal('steamOven'), tempC: number, humidity: number.optional() }),
  z.object({ kind: z.enum(['simmer', 'grill']), tempC: number }),
]);
const baseStep = z.object({
  id: code,
  title: said,
  kg: number,
  cutMm: number.optional(),
  minutes: number,
  look: said,
  why: said.optional(),
  stay: z.boolean(),
});
const poured = z.object({
  liquid: z.object({
    id: code,
    kind: z.enum(['wine', 'beer', 'stock', 'tomato', 'water', 'juice', 'seasoning', 'dairy']),
  }),
  pouredL: number,
});

/**
 * What a braise keeps of its plan. Fields may be added at will as long as they may be missing; a plan's other figures
 * are dropped, so that a plan can change without anything to be migrated here.
 */
const promisedSchema = z.object({
  version: count,
  cutId: code,
  forecast: z.object({
    target,
    etas: z.array(
      z.object({
        stage: z.enum(DONENESS_STAGES.slice(1) as Exclude<Doneness, 'holds'>[]),
        p10: number,
        p50: number,
        p90: number,
        reached: number,
      }),
    ),
  }),
  pot: z.object({
    lengthMm: number,
    widthMm: number,
    shape: z.enum(['round', 'oval', 'rectangle']),
    heightMm: number,
    groups: z.array(
      z.object({
        count,
        acrossMm: number,
        heightMm: number,
        profile: z.enum(['prism', 'roll', 'heap']),
        perLayer: number,
        layers: number,
        bottomMm: number,
        topMm: number,
        groundShare: number,
        bone: z.enum(['none', 'core', 'edge']),
      }),
    ),
    meatTopMm: number,
    vegetableTopMm: number,
    levelStartMm: number,
    levelHalfMm: number,
    levelEndMm: number,
    full: figure,
    vegetablesKg: number,
  }),
  liquidL: number,
  finished: z.object({
    liquidL: number,
    fatL: number,
    fatLeftL: number,
    looseL: number,
    sauceL: number,
    depthMm: number,
    reduceMinutes: number,
    starchG: number,
    gelatinGPerL: number,
    meatPerPlateKg: number,
    juiceKg: number,
    cookedKg: number,
    meatWaterKg: number,
  }),
  finishBy: z.object({
    eaters: number,
    sauceLPerPlate: number,
    reduce: z.boolean(),
    leastL: number,
    solids: z.enum(SOLIDS_WAYS),
    fat: z.enum(FAT_WAYS),
    solidsKg: number,
    powerW: number,
    stockGelatinG: number,
    rung: z.enum(THICKNESS_LEVELS).nullable(),
  }),
  ahead: z
    .object({
      cooling: z.object({ iceMin: number, iceKg: number, handoverC: number }),
      reheating: z.object({ minutes: number, ovenMin: number.nullable(), ovenC: number.nullable() }),
    })
    .nullable(),
  day: z.object({
    spans: z.array(span),
    tasks: z.array(
      z.object({
        id: code,
        label: said,
        place,
        sideId: code.optional(),
        handsMinutes: number,
        fromMs: number,
        toMs: number,
        pieces: z.array(z.object({ fromMs: number, toMs: number })),
      }),
    ),
    marks: z.array(
      z.object({
        id: code,
        kind: z.enum(['look', 'turn', 'test', 'add', 'oven', 'heat']),
        label: said,
        atMs: number,
        why: said,
      }),
    ),
    startMs: number,
    intoPotMs: number,
    offHeatByMs: number,
    target,
    ready: z.object({ p10Ms: number, p50Ms: number, p90Ms: number }),
    serveMs: number,
  }),
  dayQuestion: z.object({
    turnAtMin: number.optional(),
    work: z.object({
      stages: z.array(
        z.object({
          fromMin: number,
          heat: z.enum(HEAT_MODES),
          place: z.enum(['burner', 'oven', 'grill']),
          warmsMin: number,
          says: said,
        }),
      ),
    }),
  }),
  stages: z.array(z.object({ fromMin: number, toMin: number, heat, lid: z.enum(LID_KINDS) })),
  buy: z.object({ served: figure }),
  prep: z.object({
    steps: z.array(
      z.object({
        id: z.enum(['trim', 'dry', 'temper', 'cube', 'mix', 'open', 'fill', 'tie', 'salt', 'rub']),
        cutId: code.nullable(),
        title: said,
        says: said,
        minutes: number,
      }),
    ),
  }),
  salt: z.object({
    now: figure,
    meat: figure,
    sauce: figure,
    atEnd: figure,
    sources: z.array(z.object({ name: said, grams: number })),
  }),
  sear: z.object({
    batches: z.array(
      z.object({
        layout: z.array(
          z.object({
            index: count,
            kind: z.enum(['circle', 'rectangle']),
            x: number,
            y: number,
            width: number,
            height: number,
          }),
        ),
        groups: z.array(count),
        count,
        coverage: number,
        minutes: number,
        lowestC: number,
        endC: number,
        recoverMinutes: number,
        verdict: z.enum(['sears', 'labours', 'steams']),
      }),
    ),
    faces: count,
    edges: count,
    faceMinutes: number,
    edgeMinutes: number,
    fatL: figure,
    dredge: figure.nullable(),
    perBatch: figure,
  }),
  base: z.object({
    steps: z.array(baseStep),
    late: z.array(baseStep),
    minutes: figure,
    flour: figure.nullable(),
    fatKeptL: number,
  }),
  liquid: z.object({
    pours: z.array(poured),
    late: z.array(poured),
    wine: z
      .object({ pouredL: number, target: figure, minutes: figure, depthBeforeMm: number, depthAfterMm: number })
      .nullable(),
    herbs: z.object({
      lines: z.array(
        z.object({
          herb: z.object({ id: code, when: z.enum(['start', 'halfway', 'end']), unit: code }),
          count: number,
        }),
      ),
    }),
    water: z.object({ left: figure, perHour: figure }),
  }),
  table: z.object({ chokeables: z.array(said) }),
  countOut: z.array(z.object({ what: said, count: number })),
  work: z.object({ prep: number, sear: number, base: number, liquid: number, finish: number, plate: number }),
  rhythm: z.object({ chopMin: number, panHeatsMin: number }),
}) satisfies z.ZodType<Promised>;

/** What a braise was promised at its start, stored until it is finished. */
export const PLAN_AT_START = migrationChain('begun plan', promisedSchema, PLAN_AT_START_STEPS);

/** What is promised by a plan, as text to store. */
export const planAtStartText = (plan: BegunPlan): string => toWire(promisedSchema.parse(plan));

/**
 * The plan of a braise under way, from its stored text and what the cook chose. Throws `VersionError`, or a zod error
 * where the text is not what its version says.
 */
export const readPlanAtStart = (text: string, version: number, input: PlanInput): BegunPlan =>
  beginWith(PLAN_AT_START.read(fromWire(text), version), input);
