import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { afterAll, describe, expect, it } from 'vitest';
import { requestOfInput } from './inputRequest';
import { run } from './run';
import { braiseSchema, forecastAnswerSchema } from '../contract/braise';
import { answerOf, type Plan } from '../core/plan';
import { priorEnsemble } from '../core/forecast';
import { CUTS, LID_KINDS, POT_FORMS, POT_MATERIALS } from '../core/larder';
import { roundPot } from '../core/material';
import { planFile } from '../contract/files';
import { FIRST_INPUT, OXTAIL_PLAN, heated } from '../testing/fixtures';

const folder = mkdtempSync(join(tmpdir(), 'ember-cli-'));
afterAll(() => {
  rmSync(folder, { recursive: true });
});

const REQUEST = {
  cut: 'beef_short_rib_english',
  groups: [
    { massKg: 1.2, pieces: 4, lengthM: 0.1, widthM: 0.055, thicknessM: 0.05, onBone: true, startTempC: 20 },
    { massKg: 0.9, pieces: 2, lengthM: 0.13, widthM: 0.065, thicknessM: 0.06, onBone: true, startTempC: 20 },
  ],
  pot: { ...roundPot(0.28, 0.12), massKg: 5, material: 'castIron' },
  liquidL: 1,
  liquidTempC: 95,
  heats: [{ atMin: 0, heat: { kind: 'oven', tempC: 150, fan: false } }],
  lids: [{ atMin: 0, lid: 'heavy' }],
  particles: 128,
  chanceAtMin: [60, 180, 300],
};

function ask(command: string, data: unknown): ReturnType<typeof run> {
  const file = join(folder, 'in.json');
  writeFileSync(file, typeof data === 'string' ? data : JSON.stringify(data));
  return run([command, file]);
}

describe('ember forecast', () => {
  const { stdout, code } = ask('forecast', REQUEST);
  const answer = forecastAnswerSchema.parse(JSON.parse(stdout));

  it('answers as its schema says, a row a minute', () => {
    expect(code).toBe(0);
    const { series, horizonMin } = answer;
    for (const values of Object.values(series)) expect(values).toHaveLength(Math.floor(horizonMin) + 1);
  });

  it('names the slowest group and says chances that rise', () => {
    expect(answer.slowestGroup).toBe(1);
    const shares = answer.chance.map((c) => c.share);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares[0]).toBe(0);
    // One pot in twenty has a lid that does not fit.
    expect(shares[2]).toBeGreaterThan(0.93);
  });

  it('says the same for the same seed and nothing quite the same for another', () => {
    expect(ask('forecast', REQUEST).stdout).toBe(stdout);
    expect(ask('forecast', { ...REQUEST, seed: 2 }).stdout).not.toBe(stdout);
  });
});

describe('ember follow', () => {
  it('gives the forecast after each record and what would teach most next', () => {
    const { stdout, code } = ask('follow', {
      request: REQUEST,
      records: [
        { kind: 'opened', atMin: 150, seconds: 60 },
        { kind: 'fork', atMin: 150, stage: 'drags' },
        { kind: 'heat', atMin: 160, heat: { kind: 'oven', tempC: 100, fan: false } },
      ],
    });
    expect(code).toBe(0);
    const { steps } = JSON.parse(stdout) as {
      steps: { twists: { p50Min: number }; teachesMost: { windowMin: number; expectedWindowMin: number } | null }[];
    };
    const p50 = steps.map((s) => s.twists.p50Min);
    expect(steps).toHaveLength(4);
    expect(p50[1]).toBeGreaterThan(p50[0] ?? Infinity);
    expect(p50[2]).toBeGreaterThan(p50[1] ?? Infinity);
    expect(p50[3]).toBeGreaterThan(p50[2] ?? Infinity);
    const best = steps[0]?.teachesMost;
    expect(best?.expectedWindowMin).toBeLessThan(best?.windowMin ?? 0);
  });

  it('wants records in their order', () => {
    const { stderr, code } = ask('follow', {
      request: REQUEST,
      records: [
        { kind: 'turned', atMin: 90 },
        { kind: 'turned', atMin: 60 },
      ],
    });
    expect(code).toBe(2);
    expect(stderr).toBe('records.1.atMin: must not lie before the record above it.\n');
  });
});

describe('bad input', () => {
  it.each([
    ['not JSON', '{', /is not JSON/],
    ['a field missing', { ...REQUEST, liquidL: undefined }, /liquidL: must be a number from 0.05 to 40 l/],
    ['no pot', { ...REQUEST, pot: undefined }, /pot: is missing/],
    ['an unknown cut', { ...REQUEST, cut: 'unicorn' }, /cut: is not a cut/],
    [
      'an oven of 600 °C',
      { ...REQUEST, heats: [{ atMin: 0, heat: { kind: 'oven', tempC: 600, fan: true } }] },
      /tempC: must be a number from 40 to 300 °C/,
    ],
    ['heat from minute 5', { ...REQUEST, heats: [{ atMin: 5, heat: { kind: 'off' } }] }, /must begin at minute 0/],
    [
      'a weight that fits no such box',
      { ...REQUEST, groups: [{ ...REQUEST.groups[0], massKg: 9 }] },
      /does not fit the dimensions/,
    ],
    ['more than the pot holds', { ...REQUEST, liquidL: 30 }, /pot: holds 7.4 l/],
  ])('%s: exit 2 with a sentence a fault', (_, data, message) => {
    const { stdout, stderr, code } = ask('forecast', data);
    expect(code).toBe(2);
    expect(stdout).toBe('');
    expect(stderr).toMatch(message);
    expect(stderr).not.toContain('    at ');
  });

  it('a file that is not there, a command that is not', () => {
    expect(run(['forecast', join(folder, 'nowhere.json')])).toMatchObject({ code: 2 });
    expect(run(['frobnicate']).stderr).toContain('There is no command');
  });
});

describe('ember plan', () => {
  it('prints the whole plan, every figure with its reason', () => {
    const { code, stdout } = ask('plan', OXTAIL_PLAN);
    expect(code).toBe(0);
    const plan = JSON.parse(stdout) as Plan;
    expect(plan.salt.now).toMatchObject({ as: 'mass', id: 'season.now' });
    expect(plan.salt.now.inputs.length).toBeGreaterThan(1);
    expect(plan.liquid.pours.reduce((sum, p) => sum + p.inPotL, 0)).toBeCloseTo(plan.liquidL, 3);
    expect(stdout).not.toContain('NaN');
  });

  it('takes a plan file as well, of either version', () => {
    expect(ask('plan', planFile(OXTAIL_PLAN)).code).toBe(0);
    expect(ask('plan', { ...planFile(OXTAIL_PLAN), version: 1, input: FIRST_INPUT }).code).toBe(0);
    expect(ask('plan', FIRST_INPUT)).toMatchObject({ code: 2, stdout: '' });
  });

  it.each([
    ['a wrong lid', { ...OXTAIL_PLAN, course: [{ ...OXTAIL_PLAN.course[0], lid: 'cling film' }] }, /lid: /],
    ['nothing like a plan', { cut: 'x' }, /title: /],
    ['too much meat', { ...OXTAIL_PLAN, meat: { ...OXTAIL_PLAN.meat, massKg: 400 } }, /^meat\.massKg: .*400 kg/m],
    ['a cold oven', heated(OXTAIL_PLAN, { kind: 'grill', tempC: 100 }, 'none'), /course: /],
  ])('refuses %s in a sentence', (_, data, message) => {
    const { code, stdout, stderr } = ask('plan', data);
    expect(code).toBe(2);
    expect(stdout).toBe('');
    expect(stderr).toMatch(message);
  });
});

describe('ember schema, cuts, --help', () => {
  it('describe themselves', () => {
    expect(Object.keys(JSON.parse(run(['schema']).stdout) as object)).toEqual(['request', 'follow', 'answer', 'plan']);
    expect(JSON.parse(run(['cuts']).stdout)).toHaveLength(CUTS.length);
    expect(run(['--help']).stdout).toContain('ember <command>');
  });
});

describe('whatever the contract accepts', () => {
  const heat = fc.oneof(
    fc.record({ kind: fc.constant('oven' as const), tempC: fc.integer({ min: 40, max: 300 }), fan: fc.boolean() }),
    fc.record({ kind: fc.constant('simmer' as const), tempC: fc.integer({ min: 50, max: 100 }) }),
    fc.record({ kind: fc.constant('power' as const), powerW: fc.integer({ min: 0, max: 5000 }) }),
    fc.record({
      kind: fc.constantFrom('grill' as const, 'steamOven' as const),
      tempC: fc.integer({ min: 60, max: 130 }),
    }),
    fc.record({ kind: fc.constant('bath' as const), tempC: fc.integer({ min: 50, max: 99 }) }),
    fc.constant({ kind: 'off' as const }),
  );
  const request = fc
    .record({
      cut: fc.constantFrom(...CUTS.map((c) => c.id)),
      sideM: fc.double({ min: 0.012, max: 0.2, noNaN: true }),
      fill: fc.double({ min: 0.3, max: 1.2, noNaN: true }),
      pieces: fc.integer({ min: 1, max: 40 }),
      startTempC: fc.integer({ min: 0, max: 60 }),
      onBone: fc.boolean(),
      pot: fc.record({
        shape: fc.constantFrom(...POT_FORMS),
        lengthM: fc.double({ min: 0.1, max: 0.6, noNaN: true }),
        widthM: fc.double({ min: 0.1, max: 0.6, noNaN: true }),
        heightM: fc.double({ min: 0.04, max: 0.6, noNaN: true }),
        massKg: fc.double({ min: 0.1, max: 40, noNaN: true }),
        material: fc.constantFrom(...POT_MATERIALS),
      }),
      liquidL: fc.double({ min: 0.05, max: 10, noNaN: true }),
      liquidTempC: fc.integer({ min: 1, max: 100 }),
      vegetablesKg: fc.double({ min: 0, max: 2, noNaN: true }),
      heats: fc.tuple(heat, heat),
      lids: fc.tuple(fc.constantFrom(...LID_KINDS), fc.constantFrom(...LID_KINDS)),
      coldOven: fc.boolean(),
      altitudeM: fc.integer({ min: -400, max: 5000 }),
      topUpC: fc.integer({ min: 0, max: 100 }),
      seed: fc.nat(),
    })
    .map(({ sideM, fill, pieces, startTempC, onBone, heats, lids, topUpC, ...rest }) => ({
      ...rest,
      groups: [
        {
          massKg: Math.max(0.03, sideM ** 3 * 1050 * fill * pieces),
          pieces,
          lengthM: sideM,
          widthM: sideM,
          thicknessM: sideM,
          onBone,
          startTempC,
        },
      ],
      heats: [
        { atMin: 0, heat: heats[0] },
        { atMin: 70, heat: heats[1] },
      ],
      lids: [
        { atMin: 0, lid: lids[0] },
        { atMin: 45, lid: lids[1] },
      ],
      turnsAtMin: [50],
      openings: [{ atMin: 50, seconds: 90 }],
      topUps: [{ atMin: 60, litres: 0.2, tempC: topUpC }],
      preCook: [{ minutes: 30, tempC: 110, filmWM2K: 15 }],
      horizonMin: 240,
      particles: 64,
    }));

  it('is answered without NaN, negative volume or disorder', () => {
    let accepted = 0;
    fc.assert(
      fc.property(request, (raw) => {
        const parsed = braiseSchema.safeParse(raw);
        if (!parsed.success) return;
        accepted++;
        const answer = answerOf(priorEnsemble(requestOfInput(parsed.data), { particles: 64 }), [120]);
        forecastAnswerSchema.parse(answer);
        for (const values of Object.values(answer.series)) for (const v of values) expect(v).toBeGreaterThanOrEqual(0);
        for (const s of answer.stages) {
          expect(s.p10Min ?? Infinity).toBeLessThanOrEqual(s.p50Min ?? Infinity);
          // What is in the pot when it is tender is known where it gets tender at all.
          if (s.stage === 'twists') expect(answer.whenTender === null).toBe(s.p50Min === null);
          expect(s.p50Min ?? Infinity).toBeLessThanOrEqual(s.p90Min ?? Infinity);
        }
      }),
      { numRuns: 120 },
    );
    expect(accepted).toBeGreaterThan(40);
  });
});

describe('ember fit', () => {
  it('says what the usual times of every cut imply: to the minute what the larder has', () => {
    const { stdout, code } = run(['fit']);
    expect(code).toBe(0);
    const rows = [...stdout.matchAll(/^(\w+): larder (\d+) min, windows say (\d+)$/gm)];
    expect(rows).toHaveLength(CUTS.length);
    for (const [, cut, has, says] of rows) expect(Math.abs(Number(says) - Number(has)), cut).toBeLessThanOrEqual(1);
  });
});
