import { readFileSync } from 'node:fs';

/** Values from an independent solver (240 shells, 1 s steps) and from closed formulas; read only by tests. */
export interface Reference {
  readonly a_series: readonly {
    readonly shape: string;
    readonly beta: number;
    readonly Bi: number;
    readonly Fo: number;
    readonly theta_centre: number;
    readonly theta_surface: number;
  }[];
  readonly b_product: readonly {
    readonly shape: 'box' | 'cylinder';
    readonly dims_m: readonly number[];
    readonly h: number;
    readonly k: number;
    readonly rhoc: number;
    readonly t_s: number;
    readonly theta_centre: number;
    readonly beta_equiv: number;
    readonly L_equiv_m: number;
  }[];
  readonly c_boiling: readonly { readonly alt_m: number; readonly p_Pa: number; readonly T_boil_C_buck: number }[];
  readonly c_saturation: readonly { readonly T_C: number; readonly psat_buck_Pa: number; readonly hfg_J_kg: number }[];
  readonly d_pure: readonly {
    readonly component: 'water' | 'protein' | 'fat' | 'ash' | 'carb';
    readonly T_C: number;
    readonly k: number;
    readonly rho: number;
    readonly cp: number;
  }[];
  readonly d_choi_okos: readonly {
    readonly comp: { readonly water: number; readonly protein: number; readonly fat: number; readonly ash: number };
    readonly T_C: number;
    readonly k_parallel: number;
    readonly k_series: number;
    readonly k_krischer_0p4: number;
    readonly rho: number;
    readonly cp: number;
  }[];
  readonly e_scenarios: readonly Scenario[];
}

export interface Scenario {
  readonly name: string;
  readonly inputs: Readonly<Record<string, number>> & {
    readonly mode: 'oven' | 'stove' | 'held';
    readonly events?: readonly {
      readonly type: string;
      readonly t_s: number;
      readonly dur_s: number;
      readonly drop_K?: number;
    }[];
  };
  readonly outputs: readonly {
    readonly t_s: number;
    readonly T_liquid_C: number;
    readonly T_centre_C: number;
    readonly T_meat_mean_C: number;
    readonly C_q25_min: number;
    readonly C_mean_min: number;
    readonly water_evaporated_kg: number;
    readonly meat_loss_fraction: number;
  }[];
}

export function readReference(): Reference {
  return JSON.parse(readFileSync(new URL('./reference.json', import.meta.url), 'utf8')) as Reference;
}
