import { describe, expect, it } from 'vitest';
import { type OpenSurface, type OvenAir, type RoomAir, surfaceFlow, wetBulbC } from './openSurface';
import { latentHeatJKg, SEA_LEVEL_PA } from './water';
import { readReference3 } from '../../testing/reference3';

const { surfaceInOven, surfaceInRoom } = readReference3();

const FILM = { still: 5, fan: 9, gas: 6 } as const;
const MEAT_FILM = { still: 5, fan: 15, gas: 5 } as const;
const DRAUGHT_M3H = { still: 1.5, fan: 3, gas: 6 } as const;

const ovenAir = (kind: keyof typeof FILM, tempC: number, shelter: number): OvenAir => ({
  kind: 'oven',
  tempC,
  surfaceFilm: FILM[kind] * shelter,
  meatFilm: MEAT_FILM[kind],
  draughtMolS: (DRAUGHT_M3H[kind] * 41.3) / 3600,
  flameMolS: kind === 'gas' ? (8.3 * (tempC - 22)) / 128 / 3600 : 0,
  steamShare: 0,
});

const over = (air: OpenSurface['air'], areaM2 = 0.0531): OpenSurface => ({
  areaM2,
  pressurePa: SEA_LEVEL_PA,
  liquidTransfer: 1,
  air,
});

describe('an open surface', () => {
  it.each(surfaceInOven)('$kind oven at $To °C over liquid at $bulkC °C', (want) => {
    const air = ovenAir(want.kind, want.To, want.shelter);
    const { lossW, steamKgS, surfaceC, vapourPa } = surfaceFlow(over(air, want.areaM2), want.bulkC);
    expect(lossW / want.W).toBeCloseTo(1, 2);
    expect((steamKgS * 3.6e6) / want.gPerH).toBeCloseTo(1, 2);
    expect(surfaceC).toBeCloseTo(want.surfaceC, 1);
    expect(vapourPa / want.ovenVapourPa).toBeCloseTo(1, 2);
    expect(wetBulbC(air, vapourPa, SEA_LEVEL_PA)).toBeCloseTo(want.wetBulbC, 1);
  });

  it.each(surfaceInRoom)('in a room over liquid at $bulkC °C', (want) => {
    const areaM2 = (Math.PI / 4) * want.D ** 2;
    const air: RoomAir = { kind: 'room', tempC: 22, vapourPa: 1500, spanM: want.D, exposed: 1, transfer: 1 };
    const { lossW, steamKgS, surfaceC } = surfaceFlow(over(air, areaM2), want.bulkC);
    expect(lossW / areaM2 / 1000 / want.totalKWm2).toBeCloseTo(1, 2);
    expect((steamKgS * 3600) / areaM2 / want.evapKgM2h).toBeCloseTo(1, 2);
    expect(surfaceC).toBeCloseTo(want.surfaceC, 1);
  });

  it('loses no more than its liquid brings up, and what it loses is steam less what the air gives', () => {
    const air = ovenAir('still', 150, 0.8);
    const { lossW, steamKgS, surfaceC, airWK } = surfaceFlow(over(air), 90);
    expect(lossW).toBeCloseTo(0.0531 * (300 + 2.4 * 90) * (90 - surfaceC) ** (4 / 3), 0);
    expect(lossW).toBeCloseTo(steamKgS * latentHeatJKg(surfaceC) - airWK * (150 - surfaceC), 6);
  });

  it('keeps thick liquid warmer below a cooler surface', () => {
    const room: RoomAir = { kind: 'room', tempC: 22, vapourPa: 1500, spanM: 0.26, exposed: 1, transfer: 1 };
    const thin = surfaceFlow(over(room), 90);
    const thick = surfaceFlow({ ...over(room), liquidTransfer: 0.25 }, 90);
    expect(thick.surfaceC).toBeLessThan(thin.surfaceC - 5);
    expect(thick.lossW).toBeLessThan(0.75 * thin.lossW);
  });

  it('gains from air that is hotter while it is cold, and where its air is full of steam', () => {
    expect(surfaceFlow(over(ovenAir('still', 150, 0.8)), 20).lossW).toBeLessThan(0);
    const full: OvenAir = { ...ovenAir('still', 121, 0.8), steamShare: 0.95 };
    const { lossW, steamKgS } = surfaceFlow(over(full), 90);
    expect(lossW).toBeLessThan(-0.0531 * 150 * 7);
    expect(steamKgS).toBe(0);
  });

  it('loses the less the damper its oven keeps', () => {
    const lost = [0, 0.3, 0.6, 0.9].map(
      (steamShare) => surfaceFlow(over({ ...ovenAir('fan', 150, 0.8), steamShare }), 95).steamKgS,
    );
    lost.slice(1).forEach((kgS, i) => {
      expect(kgS).toBeLessThanOrEqual(lost[i] as number);
    });
  });

  it('has a loss and a steam that only rise with its liquid’s temperature', () => {
    for (const kind of ['still', 'fan', 'gas'] as const) {
      let before = surfaceFlow(over(ovenAir(kind, 160, 0.7)), 30);
      for (let c = 32; c <= 100; c += 2) {
        const now = surfaceFlow(over(ovenAir(kind, 160, 0.7)), c);
        expect(now.lossW, `${kind} ${String(c)}`).toBeGreaterThan(before.lossW);
        expect(now.steamKgS).toBeGreaterThanOrEqual(before.steamKgS);
        before = now;
      }
    }
  });
});
