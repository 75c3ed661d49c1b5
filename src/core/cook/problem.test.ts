import { describe, expect, it } from 'vitest';
import { liveForecast, learnNothing, reduceEvents } from '.';
import { currentSauce } from './sauceNow';
import { problemFigures } from './problem';
import { mainStage, type PlanInput } from '../choices';
import { sauceFixes } from '../finish';
import { boilAwayMinutes } from '../liquid';
import { burnerNetW } from '../larder';
import { potBaseM2, potShape } from '../material';
import { composePlan } from '../plan';
import { MINUTE_MS } from '../quantity';
import { COOLING_RULES, SAFETY_LIMITS } from '../safety';
import { OXTAIL_PLAN } from '../../testing/fixtures';

/** The figures of a plan's pot this many minutes after its meat went in. */
function figuresAt(input: PlanInput, min: number) {
  const made = composePlan(input, 32);
  if (!made.ok) throw new Error('no plan');
  const { plan } = made;
  const potMs = plan.day.intoPotMs;
  const state = reduceEvents(input, [{ id: 'in', cookId: 'c', atMs: potMs, act: { kind: 'intoPot' } }]);
  const { heat, lid } = mainStage(input);
  const live = liveForecast(learnNothing(input, { particles: 16 }), plan.finishBy, {
    atMin: min,
    readyByMin: 1e6,
    heat,
    lid,
    plannedLid: lid,
    cooking: true,
  });
  const nowMs = potMs + min * MINUTE_MS;
  const figures = problemFigures(plan, state, live, { nowMs, potMs, serveMs: plan.day.serveMs, chance: 0.8 });
  return { plan, live, nowMs, figures, sauce: currentSauce(plan, state, live, nowMs) };
}

const valueOf = (figure: unknown): number => (figure as { readonly value: number }).value;

describe('the figures a problem is answered with', () => {
  const thick: PlanInput = { ...OXTAIL_PLAN, finish: { ...OXTAIL_PLAN.finish, rung: 'gravy' } };
  const { plan, figures, sauce } = figuresAt(thick, 60);
  const shape = potShape(OXTAIL_PLAN.pot);

  it('are those of this sauce', () => {
    const fixes = sauceFixes(sauce, 'gravy', shape);
    expect(valueOf(figures.sauce)).toBe(sauce.litres);
    expect(valueOf(figures.fifth)).toBeCloseTo(sauce.litres / 5, 12);
    expect(valueOf(figures.addL)).toBe(fixes.dilute.litres);
    expect(valueOf(figures.vinegar)).toBeCloseTo(fixes.vinegarMl / 1000, 12);
    expect(valueOf(figures.soy)).toBeCloseTo(fixes.soyMl / 1000, 12);
    expect(valueOf(figures.coldWater)).toBeCloseTo(fixes.coldWaterMl / 1000, 12);
    // Half of what thickens it goes in first.
    expect(valueOf(figures.bindG)).toBeGreaterThan(0.001);
    expect(valueOf(figures.halfG)).toBeCloseTo(valueOf(figures.bindG) / 2, 12);
    for (const name of ['sugarSour', 'soda', 'sugarBitter', 'butter'] as const) {
      expect(valueOf(figures[name]), name).toBeCloseTo(fixes[`${name}G`] / 1000, 12);
    }
    expect(valueOf(figures.mash)).toBeGreaterThan(0);
  });

  it('are those of this pot', () => {
    expect(valueOf(figures.line)).toBe(plan.pot.levelStartMm);
    expect(valueOf(figures.high)).toBe(OXTAIL_PLAN.pot.heightMm - 30);
    const perMm = valueOf(figures.perMm);
    // Meat takes up room, so a millimetre beside it is less than the whole base.
    expect(perMm).toBeGreaterThan(0.2 * potBaseM2(shape));
    expect(perMm).toBeLessThanOrEqual(potBaseM2(shape));
    const powerW = burnerNetW(OXTAIL_PLAN.sear.burner);
    expect(valueOf(figures.boilOff)).toBe(boilAwayMinutes(0.1, powerW, potBaseM2(shape)));
    expect(figures.pieces).toBe(OXTAIL_PLAN.meat.pieces);
  });

  it('are this kitchen’s own limits', () => {
    for (const rule of COOLING_RULES) {
      const here = figuresAt({ ...OXTAIL_PLAN, keeping: { ...OXTAIL_PLAN.keeping, rule } }, 60).figures;
      const limit = SAFETY_LIMITS[rule];
      expect([here.limit, here.cold, here.within, here.from, here.again].map(valueOf)).toEqual([
        limit.hotC,
        limit.cold.tempC,
        limit.cold.min,
        limit.fromC,
        limit.reheatC,
      ]);
    }
  });

  it('thaw a piece in two to three times as long when it is twice as thick', () => {
    const thawing = (mm: number) =>
      valueOf(figuresAt({ ...OXTAIL_PLAN, meat: { ...OXTAIL_PLAN.meat, thicknessMm: mm } }, 60).figures.thaw);
    expect(thawing(25)).toBeCloseTo(45, 6);
    expect(thawing(50) / thawing(25)).toBeGreaterThan(2);
    expect(thawing(50) / thawing(25)).toBeLessThan(3);
  });
});
