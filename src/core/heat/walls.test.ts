import { describe, expect, it } from 'vitest';
import { dryingLaw, lookUp } from './drying';
import { surfaceFlow } from './openSurface';
import { type PotWalls, wallsLossW } from './walls';
import { latentHeatJKg, SEA_LEVEL_PA } from './water';
import { type PotMaterial } from '../larder';
import { wallThicknessM } from '../material';
import { readReference3 } from '../../testing/reference3';

const D = 0.26;
const H = 0.14;

function walls(material: PotMaterial, litres: number, massKg = 4): PotWalls {
  const baseM2 = (Math.PI / 4) * D * D;
  const level = litres / 1000 / baseM2;
  return {
    heightM: H,
    spanM: D,
    baseM2,
    wetSideM2: Math.PI * D * level,
    drySideM2: Math.PI * D * (H - level),
    wallThicknessM: wallThicknessM({ shape: 'round', lengthM: D, widthM: D, heightM: H, massKg, material }),
    material,
  };
}

describe.each(readReference3().potLossOneLaw)('$pot on a $base', ({ pot, base, roomC, W }) => {
  const material = (/cm (\w+)/.exec(pot) ?? [])[1] as PotMaterial;
  const shell = walls(material, 5, Number((/([\d.]+) kg/.exec(pot) ?? [])[1]));

  it.each(Object.entries(W))(
    'loses at %s °C what the independent solver says, steam past the lid included',
    (tempC, want) => {
      const at = Number(tempC);
      const dry = wallsLossW(shell, { airC: roomC, lid: true, stand: base, inner: 200 }, at);
      const drive = lookUp(dryingLaw(SEA_LEVEL_PA, 1500).drive, at);
      const steamW = 0.02 * 3.2e-8 * shell.baseM2 * SEA_LEVEL_PA * drive * latentHeatJKg(at);
      expect((dry + steamW) / (want ?? Number.NaN)).toBeCloseTo(1, 2);
    },
  );
});

describe('a pot in a room', () => {
  const around = { airC: 22, lid: true, stand: 'board', inner: 200 } as const;

  it('loses less in bright steel than in iron, less in a cloth, and more with its base in the air', () => {
    const iron = wallsLossW(walls('castIron', 3), around, 90);
    expect(wallsLossW(walls('steel', 3), around, 90)).toBeLessThan(0.75 * iron);
    expect(wallsLossW(walls('castIron', 3), { ...around, wrap: 0.3 }, 90)).toBeLessThan(0.4 * iron);
    expect(wallsLossW(walls('castIron', 3), { ...around, stand: 'rack' }, 90)).toBeGreaterThan(iron);
    expect(wallsLossW(walls('castIron', 3), { ...around, least: 12 }, 90)).toBeGreaterThan(iron);
  });

  it('gains when the room is warmer, and nothing at the room’s temperature', () => {
    expect(wallsLossW(walls('castIron', 3), around, 22)).toBeCloseTo(0, 9);
    expect(wallsLossW(walls('castIron', 3), around, 10)).toBeLessThan(0);
  });

  it('loses more open than lidded: the surface outdoes the lid', () => {
    const open = wallsLossW(walls('castIron', 3), { ...around, lid: false }, 90);
    const surface = surfaceFlow(
      {
        areaM2: (Math.PI / 4) * D * D,
        pressurePa: SEA_LEVEL_PA,
        liquidTransfer: 1,
        air: { kind: 'room', tempC: 22, vapourPa: 1500, spanM: D, exposed: 0.7, transfer: 1 },
      },
      90,
    );
    expect(open + surface.lossW).toBeGreaterThan(2 * wallsLossW(walls('castIron', 3), around, 90));
  });
});
