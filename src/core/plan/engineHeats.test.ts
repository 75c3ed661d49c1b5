import { describe, expect, it } from 'vitest';
import { heatsOf } from './engineHeats';
import { afterRecord } from '../choices';
import { composePlan, type Plan } from './plan';
import { checkPlanInput } from './check';
import { type HeatPhase, mainStage, type PlanInput, withHeat, withLid } from '../choices';
import { english } from '../../testing/words';
import { NOON_MS, OXTAIL_PLAN } from '../../testing/fixtures';
import { saying } from '../../testing/saying';
import { MINUTE_MS } from '../quantity';

const oven = (tempC: number) => ({ kind: 'oven', tempC, fan: false }) as const;
const hob = { kind: 'simmer', tempC: 96 } as const;
const END = { kind: 'end' } as const;
const HOB_FIRST: readonly HeatPhase[] = [
  { heat: hob, lid: 'heavy', until: { kind: 'minutes', minutes: 20 } },
  { heat: oven(150), lid: 'heavy', until: END },
];

function plan(course: readonly HeatPhase[], part: Partial<PlanInput> = {}): Plan {
  const input = { ...OXTAIL_PLAN, ...part, course };
  expect(checkPlanInput(input, NOON_MS)).toEqual([]);
  const made = composePlan(input, 0);
  if (!made.ok) throw new Error(english(made.faults.map((f) => f.says)));
  return made.plan;
}

const inPotMin = (p: Plan): number => (p.day.ready.p50Ms - p.day.intoPotMs) / MINUTE_MS;

describe('stages of heat', () => {
  it('by the clock follow one another', () => {
    const { heats, lids } = heatsOf(
      {
        stages: [
          { heat: hob, lid: 'none', until: { kind: 'minutes', minutes: 15 } },
          { heat: oven(170), lid: 'heavy', until: { kind: 'minutes', minutes: 60 } },
          { heat: oven(140), lid: 'heavy', until: END },
        ],
        sinceMin: 0,
      },
      200,
    );
    expect(heats.map((h) => [h.atMin, 'tempC' in h.heat && h.heat.tempC])).toEqual([
      [0, 96],
      [15, 170],
      [75, 140],
    ]);
    expect(lids).toEqual([
      { atMin: 0, lid: 'none' },
      { atMin: 15, lid: 'heavy' },
    ]);
  });

  it('that the pot itself ends carry what follows them with them', () => {
    const { heats } = heatsOf(
      {
        stages: [
          { heat: oven(150), lid: 'heavy', until: { kind: 'stage', stage: 'gives' } },
          { heat: oven(170), lid: 'none', until: { kind: 'minutes', minutes: 20 } },
          { heat: oven(120), lid: 'foil', until: END },
        ],
        sinceMin: 0,
      },
      200,
    );
    expect(heats).toEqual([
      {
        atMin: 0,
        heat: oven(150),
        then: {
          after: { kind: 'stage', stage: 'gives' },
          heat: oven(170),
          lid: 'none',
          then: { after: { kind: 'minutes', minutes: 20 }, heat: oven(120), lid: 'foil' },
        },
      },
    ]);
  });

  it('nobody has begun wait for the hand that does it', () => {
    const late = heatsOf({ stages: HOB_FIRST, sinceMin: 0 }, 200, 40);
    expect(late.heats.map((h) => h.atMin)).toEqual([0, 40]);
  });

  it('go on to the next when what it asks for is recorded, and change in place when it is something else', () => {
    const moved = afterRecord(HOB_FIRST, { heat: oven(150) });
    expect(moved).toEqual({ moved: true, stages: HOB_FIRST.slice(1) });
    const other = afterRecord(HOB_FIRST, { heat: { ...hob, tempC: 90 } });
    expect(other.moved).toBe(false);
    expect(other.stages.map((s) => s.heat.tempC)).toEqual([90, 150]);
    const open = afterRecord(
      [
        { heat: oven(150), lid: 'heavy', until: { kind: 'before', minutes: 60 } },
        { heat: oven(150), lid: 'none', until: END },
      ],
      { lid: 'none' },
    );
    expect(open).toMatchObject({ moved: true, stages: [{ lid: 'none' }] });
    const hotter = afterRecord(
      [
        { heat: oven(150), lid: 'heavy', until: { kind: 'before', minutes: 60 } },
        { heat: oven(150), lid: 'none', until: END },
      ],
      { heat: oven(170) },
    );
    expect(hotter.stages.map((s) => s.heat.tempC)).toEqual([170, 170]);
  });

  it('are named after the one that is not there for set minutes, and change heat and lid with it', () => {
    expect(mainStage({ course: HOB_FIRST }).heat).toEqual(oven(150));
    const lower = withHeat({ ...OXTAIL_PLAN, course: HOB_FIRST }, oven(130)).course;
    expect(lower.map((s) => s.heat.tempC)).toEqual([96, 130]);
    expect(withLid({ ...OXTAIL_PLAN, course: HOB_FIRST }, 'foil').course.map((s) => s.lid)).toEqual(['heavy', 'foil']);
  });
});

describe('a plan in stages', () => {
  const straight = plan([{ heat: oven(150), lid: 'heavy', until: END }]);

  it('moves from the hob into an oven that is hot by then, burner and oven each booked for its own', () => {
    const p = plan(HOB_FIRST);
    expect(p.stages.map((s) => [s.heat.kind, Math.round(s.fromMin)])).toEqual([
      ['simmer', 0],
      ['oven', 20],
    ]);
    expect(p.day.marks.find((m) => m.id === 'heat-2')?.atMs).toBe(p.day.intoPotMs + 20 * MINUTE_MS);
    const warm = p.day.tasks.find((t) => t.id === 'oven');
    expect(warm?.toMs).toBeLessThanOrEqual(p.day.intoPotMs + 20 * MINUTE_MS);
    expect(p.day.spans.filter((s) => s.id.startsWith('braise')).map((s) => s.label.code)).toEqual([
      'span.braise.simmer',
      'span.braise.still',
    ]);
    // The pot takes the hob for those twenty minutes, and it is free afterwards.
    const braise = p.day.tasks.find((t) => t.id === 'braise');
    expect(braise?.burner).toBeDefined();
    expect(p.energy?.id).toBe('energy.both');
    expect(Math.abs(inPotMin(p) - inPotMin(straight))).toBeLessThan(30);
  });

  it('opened for the last hour loses more and ends an hour after the lid came off', () => {
    const p = plan([
      { heat: oven(150), lid: 'heavy', until: { kind: 'before', minutes: 60 } },
      { heat: oven(150), lid: 'none', until: END },
    ]);
    const open = p.stages[1];
    expect(open?.lid).toBe('none');
    expect((open?.toMin ?? 0) - (open?.fromMin ?? 0)).toBeGreaterThan(45);
    expect((open?.toMin ?? 0) - (open?.fromMin ?? 0)).toBeLessThan(80);
    expect(p.finished.liquidL).toBeLessThan(straight.finished.liquidL - 0.1);
  });

  it('stops being open once so much is left', () => {
    const p = plan([
      { heat: oven(150), lid: 'none', until: { kind: 'left', litres: 0.4 } },
      { heat: oven(150), lid: 'heavy', until: END },
    ]);
    expect(p.stages.map((s) => s.lid)).toEqual(['none', 'heavy']);
    const at = p.course.minutes.findIndex((m) => m >= (p.stages[1]?.fromMin ?? Infinity));
    expect(p.course.litres[at]).toBeCloseTo(0.4, 1);
  });

  it('says which stage never comes', () => {
    const p = plan([
      { heat: oven(150), lid: 'heavy', until: { kind: 'minutes', minutes: 1200 } },
      { heat: oven(170), lid: 'none', until: END },
    ]);
    expect(p.stages).toHaveLength(1);
    expect(english(p.watch)).toMatch(saying('watch.stageMissed'));
  });

  it('smoked bare first is on the day, warmer when it meets the liquid, and done sooner in the pot', () => {
    const p = plan([{ heat: oven(150), lid: 'heavy', until: END }], {
      bare: { minutes: 120, tempC: 110, smoke: true },
    });
    const smoke = p.day.tasks.find((t) => t.id === 'bare');
    expect((smoke?.toMs ?? 0) - (smoke?.fromMs ?? 0)).toBe(120 * MINUTE_MS);
    expect(smoke?.toMs).toBeLessThanOrEqual(p.day.intoPotMs);
    expect(p.day.tasks.find((t) => t.id === 'meat')?.toMs).toBeLessThanOrEqual(smoke?.fromMs ?? 0);
    expect(inPotMin(p)).toBeLessThan(inPotMin(straight));
  });

  it.each([
    [
      'a last stage without an end',
      [{ heat: oven(150), lid: 'heavy', until: { kind: 'minutes', minutes: 60 } }],
      'fault.stageNeedsEnd',
    ],
    [
      'an end before the last',
      [
        { heat: oven(150), lid: 'heavy', until: END },
        { heat: oven(150), lid: 'heavy', until: END },
      ],
      'fault.stageEndsEarly',
    ],
    [
      'a stage no sooner than the end',
      [
        { heat: oven(150), lid: 'heavy', until: { kind: 'stage', stage: 'twists' } },
        { heat: oven(150), lid: 'none', until: END },
      ],
      'fault.stageTooSoft',
    ],
  ] as const)('refuses %s in a sentence', (_, course, message) => {
    const faults = checkPlanInput({ ...OXTAIL_PLAN, course }, NOON_MS);
    expect(faults.map((f) => f.says.code)).toContain(message);
  });
});
