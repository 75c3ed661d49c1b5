import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { latestIntoPotMs, layOutDay } from './day';
import { cautionFor, DEFER } from '../care/cautions';
import { boilAwayMinutes } from '../liquid/pour';
import { NOON_MS } from '../../testing/fixtures';

const MIN_MS = 60_000;
const work = { prep: 20, sear: 25, base: 16, liquid: 12, finish: 30, plate: 5 };
const turns = { p10: 130, p50: 160, p90: 200 };

function day(part: Partial<Parameters<typeof layOutDay>[0]> = {}) {
  return layOutDay({
    serveMs: NOON_MS,
    intoPotMs: latestIntoPotMs(NOON_MS, turns.p90, work),
    ready: turns,
    work,
    oven: true,
    heatLabel: 'oven',
    target: 'turns',
    turnAtMin: 80,
    ...part,
  });
}

describe('the day', () => {
  it('is counted back by hand: 35 min of finishing and plating, 200 in the pot, 73 before', () => {
    const d = day();
    expect((NOON_MS - d.intoPotMs) / MIN_MS).toBe(235);
    expect((NOON_MS - d.startMs) / MIN_MS).toBe(235 + 73);
    expect((NOON_MS - d.lightBurnerMs) / MIN_MS).toBe(235 + 53);
    expect(d.handsOnMinutes).toBe(108);
  });

  it('has no gap and no overlap, whatever the forecast', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 300 }),
        fc.integer({ min: 1, max: 90 }),
        fc.integer({ min: 1, max: 90 }),
        (p10, a, b) => {
          const forecast = { p10, p50: p10 + a, p90: p10 + a + b };
          const { spans } = day({ ready: forecast, intoPotMs: latestIntoPotMs(NOON_MS, forecast.p90, work) });
          spans.slice(1).forEach((s, i) => {
            expect(s.fromMs).toBe(spans[i]?.toMs);
          });
          expect(spans.every((s) => s.toMs > s.fromMs)).toBe(true);
          expect(spans.at(-1)?.toMs).toBe(NOON_MS);
        },
      ),
    );
  });

  it('has the oven on before the pot goes in, and asks for bubbles on the stove instead', () => {
    const oven = day().marks.find((m) => m.kind === 'oven');
    expect(oven?.atMs).toBeLessThan(day().intoPotMs);
    const stove = day({ oven: false }).marks;
    expect(stove.some((m) => m.kind === 'oven')).toBe(false);
    expect(stove[0]?.label).toBe('bubbles');
  });

  it('tests first when one kitchen in ten would be ready, and turns only what needs it', () => {
    const d = day();
    const test = d.marks.find((m) => m.kind === 'test');
    expect(((test?.atMs ?? 0) - d.intoPotMs) / MIN_MS).toBe(130);
    expect(d.marks.some((m) => m.kind === 'turn')).toBe(true);
    expect(day({ turnAtMin: undefined }).marks.some((m) => m.kind === 'turn')).toBe(false);
  });
});

describe('around it', () => {
  it('reduces about 1.6 litres an hour with a kilowatt that arrives', () => {
    expect(boilAwayMinutes(1, 1000, 0)).toBeCloseTo(36, 0);
    expect(boilAwayMinutes(-1, 1000, 0)).toBe(0);
  });

  it('ends every caution by deferring to local guidance', () => {
    for (const step of [
      'rawMeat',
      'sear',
      'liquid',
      'potIntoOven',
      'potOnStove',
      'open',
      'finish',
      'serve',
      'store',
    ] as const) {
      expect(cautionFor(step).text.endsWith(DEFER)).toBe(true);
    }
    expect(cautionFor('sear').text).toContain('never water');
    expect(cautionFor('liquid').text).toContain('Burner off');
    expect(cautionFor('store').text).toContain('74 °C');
  });
});
