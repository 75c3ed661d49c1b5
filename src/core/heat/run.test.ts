import { describe, expect, it } from 'vitest';
import { FlowTable } from './flowTable';
import { type RunSetup } from './trace';
import { PLAIN_CELLS, runBraise, runDetailed } from './run';
import { makeTimeGrid, PLAIN_STEPS } from './timeGrid';
import { readReference, type Scenario } from '../../testing/reference';

const { e_scenarios: scenarios } = readReference();

function setupOf({ inputs: i }: Scenario): RunSetup {
  const n = (key: string): number => {
    const value = i[key];
    if (typeof value !== 'number') throw new Error(`no ${key}`);
    return value;
  };
  return {
    bodies: [
      {
        pieces: {
          shape: { beta: n('beta'), lengthM: n('L_m') },
          volumeM3: n('V_m3'),
          conductivityWMK: n('k_meat'),
          volumetricHeatJM3K: n('rhoc_meat'),
          coreBoneFraction: n('f_bone_vol'),
        },
        stretch: 1,
        startTempC: n('T_meat0_C'),
        submergedFraction: n('phi'),
        maxJuiceFraction: n('xl_max'),
        edibleKg: 1,
      },
    ],
    vegetables: [],
    stages: [
      {
        phases: [
          {
            mode: i.mode === 'held' ? 'held' : 'driven',
            // The solver's constant conductance: gas that does not radiate, or walls that lose as much for each kelvin.
            ...(i.mode === 'oven'
              ? {
                  gas: {
                    convectionWM2K: n('G_oven_W_K'),
                    scale: 1,
                    wallM2: 1,
                    wallEmissivity: 0,
                    paperM2: 0,
                    dryWallM2: 0,
                    coverM2: 0,
                    coverEmissivity: 0,
                  },
                }
              : {
                  walls: new FlowTable((tempC) => ({
                    dryW: n('U_loss_W_K') * (tempC - n('T_room_C')),
                    steamKgS: 0,
                    airWK: 0,
                    coolerK: 0,
                  })),
                }),
            wallsFactor: 1,
            behindDoor: i.mode === 'oven',
            ambientC: i.mode === 'oven' ? n('T_oven_C') : n('T_room_C'),
            powerW: i.mode === 'stove' ? n('P_net_W') : 0,
            holdC: i.mode === 'held' ? n('T_hold_C') : 0,
            lidLeak: n('lid_leak'),
            massTransfer: n('hm'),
            ambientVapourPa: n('p_inf_Pa'),
            topFilmWM2K: n('h_top'),
            headspaceDropK: n('d_env'),
            exposureScale: 1,
          },
        ],
      },
    ],
    topUps: [],
    readings: [],
    history: [],
    vesselHeatJK: n('C_vessel_J_K'),
    liquidKg: n('M_liq0_kg'),
    liquidTempC: n('T_liq0_C'),
    surfaceM2: n('A_surf_m2'),
    pressurePa: n('p_Pa'),
    liquidFilm: [n('h_low'), n('h_sim'), n('h_boil')],
  };
}

function run(scenario: Scenario, cells = PLAIN_CELLS, rules = PLAIN_STEPS) {
  const door = scenario.inputs.events?.find((e) => e.type === 'door');
  const grid = makeTimeGrid({
    horizonS: scenario.outputs.at(-1)?.t_s ?? 0,
    rules,
    keyStartsS: [0],
    openings: door ? [{ atS: door.t_s, durationS: door.dur_s, airDropK: door.drop_K ?? 0, lidOff: true }] : [],
    topUps: [],
    marksS: scenario.outputs.map((o) => o.t_s),
  });
  return { grid, course: runDetailed(setupOf(scenario), grid, cells) };
}

describe.each(scenarios)('$name against the independent solver', (scenario) => {
  const { grid, course } = run(scenario);

  it.each(scenario.outputs)('at $t_s s', (want) => {
    const step = grid.endS.indexOf(want.t_s);
    const tolerance = want.t_s < 1800 ? 0.5 : 0.2;
    expect(Math.abs((course.liquidC[step] ?? 0) - want.T_liquid_C)).toBeLessThan(tolerance);
    expect(Math.abs((course.meanC[0]?.[step] ?? 0) - want.T_meat_mean_C)).toBeLessThan(tolerance);
    expect(Math.abs((course.slowCookValue[0]?.[step] ?? 0) - want.C_q25_min)).toBeLessThan(
      0.003 * want.C_q25_min + 0.3,
    );
    expect(Math.abs((course.meanCookValue[0]?.[step] ?? 0) - want.C_mean_min)).toBeLessThan(
      0.003 * want.C_mean_min + 0.3,
    );
    expect(Math.abs((course.evaporatedKg[step] ?? 0) - want.water_evaporated_kg)).toBeLessThan(0.0015);
    expect(Math.abs((course.juiceFraction[0]?.[step] ?? 0) - want.meat_loss_fraction)).toBeLessThan(0.003);
    if (scenario.inputs.f_bone_vol === 0) {
      expect(Math.abs((course.coreC[0]?.[step] ?? 0) - want.T_centre_C)).toBeLessThan(tolerance);
    }
  });

  it('closes its energy balance to 1e-9', () => {
    const last = grid.count - 1;
    expect(Math.abs((course.energyResidualJ[last] ?? 1) / (course.heatInJ[last] ?? 1))).toBeLessThan(1e-9);
  });
});

describe('a pot', () => {
  const [chuck, , open] = scenarios;
  if (!chuck || !open) throw new Error('scenarios are missing');

  it('converges on the fine solution as grid and step are refined', () => {
    const want = chuck.outputs.at(-1)?.C_q25_min ?? 0;
    const errors = [
      [20, 60],
      [40, 30],
      [80, 15],
    ].map(([cells = 0, stepS = 0]) => {
      const { grid, course } = run(chuck, cells, [{ fromS: 0, stepS }]);
      return Math.abs((course.slowCookValue[0]?.[grid.count - 1] ?? 0) - want);
    });
    expect(errors[1]).toBeLessThan((errors[0] ?? 0) * 0.65);
    expect(errors[2]).toBeLessThan((errors[1] ?? 0) * 0.65);
  });

  it('goes on steaming when only juice is left of the liquid, as much as the heat drives off', () => {
    const grid = makeTimeGrid({
      horizonS: 14400,
      rules: PLAIN_STEPS,
      keyStartsS: [0],
      openings: [],
      topUps: [],
      marksS: [],
    });
    const course = runDetailed({ ...setupOf(open), liquidKg: 0.3 }, grid, PLAIN_CELLS);
    const last = grid.count - 1;
    expect(course.evaporatedKg[last]).toBeGreaterThan(0.3);
    expect(Math.abs((course.energyResidualJ[last] ?? 1) / (course.heatInJ[last] ?? 1))).toBeLessThan(1e-9);
    for (let i = 1; i <= last; i++) {
      expect(course.evaporatedKg[i]).toBeGreaterThanOrEqual(course.evaporatedKg[i - 1] ?? 0);
    }
  });

  it('takes a hot top-up as a rise of its liquid and a cold one as a fall', () => {
    const at = (tempC: number): number => {
      const setup = { ...setupOf(chuck), topUps: [{ atS: 3600, massKg: 0.3, tempC }] };
      const grid = makeTimeGrid({
        horizonS: 3700,
        rules: PLAIN_STEPS,
        keyStartsS: [0],
        openings: [],
        topUps: setup.topUps,
        marksS: [],
      });
      const course = runBraise(setup, grid, PLAIN_CELLS);
      return course.liquidC[grid.count - 1] ?? 0;
    };
    expect(at(100)).toBeGreaterThan(at(20) + 10);
  });

  it('counts a smoking stage as heating history', () => {
    const grid = makeTimeGrid({
      horizonS: 7200,
      rules: PLAIN_STEPS,
      keyStartsS: [0],
      openings: [],
      topUps: [],
      marksS: [],
    });
    const plain = runBraise(setupOf(chuck), grid, PLAIN_CELLS);
    const smoked = runBraise(
      { ...setupOf(chuck), history: [{ seconds: 7200, tempC: 110, filmWM2K: 20 }] },
      grid,
      PLAIN_CELLS,
    );
    expect(smoked.slowCookValue[0]?.[grid.count - 1]).toBeGreaterThan(
      (plain.slowCookValue[0]?.[grid.count - 1] ?? 0) * 1.5,
    );
  });

  it('refuses a pot with nothing in it', () => {
    const grid = makeTimeGrid({
      horizonS: 60,
      rules: PLAIN_STEPS,
      keyStartsS: [0],
      openings: [],
      topUps: [],
      marksS: [],
    });
    expect(() => runBraise({ ...setupOf(chuck), bodies: [] }, grid, PLAIN_CELLS)).toThrow(RangeError);
    expect(() => runBraise({ ...setupOf(chuck), stages: [] }, grid, PLAIN_CELLS)).toThrow(RangeError);
  });
});
