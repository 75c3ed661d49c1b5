import { type Cut } from '../core/larder';

/**
 * How long kitchens braise a cut, as keen cooks and books have it, and what an independent engine made of the same rows
 * (its 10th, 50th and 90th percentile, hours). Practice, not measurements. `thicknessMm` where the form departs from the
 * cut's usual one; a bath is water held at its temperature.
 */
export interface PracticeWindow {
  readonly cut: Cut['id'];
  readonly form: string;
  readonly massKg: number;
  readonly method: 'oven' | 'stove' | 'bath';
  readonly lid: 'heavy' | 'light';
  readonly tempC: number;
  readonly hours: readonly [low: number, high: number];
  readonly target: 'twists' | 'falls';
  readonly independent: readonly [p10: number, p50: number, p90: number];
}

const row = (
  cut: string,
  form: string,
  massKg: number,
  how: 'oven' | 'lightOven' | 'stove' | 'bath',
  tempC: number,
  hours: readonly [number, number],
  target: 'twists' | 'falls',
  independent: readonly [number, number, number],
): PracticeWindow => ({
  cut,
  form,
  massKg,
  method: how === 'lightOven' ? 'oven' : how,
  lid: how === 'lightOven' ? 'light' : 'heavy',
  tempC,
  hours,
  target,
  independent,
});

export const PRACTICE_WINDOWS: readonly PracticeWindow[] = [
  row('beef_chuck_roast', 'roast 1.8 kg', 1.8, 'oven', 150, [2.75, 3.75], 'twists', [2.93, 3.41, 3.98]),
  row('beef_chuck_roast', 'roast 1.8 kg', 1.8, 'oven', 135, [3.25, 4.25], 'twists', [3.11, 3.69, 4.46]),
  row('beef_chuck_roast', 'roast 1.3 kg', 1.3, 'stove', 96, [2.5, 3.5], 'twists', [2.6, 3.11, 3.7]),
  row('beef_chuck_roast', 'roast 60 mm', 1.3, 'bath', 60, [36, 60], 'twists', [31.26, 40.87, 52.85]),
  row('beef_chuck_cubes', 'cubes 35 mm', 1.2, 'oven', 150, [1.75, 2.5], 'twists', [1.73, 2.16, 2.62]),
  row('beef_chuck_cubes', 'cubes 30 mm', 1, 'stove', 96, [1.5, 2.25], 'twists', [1.44, 1.91, 2.49]),
  row('beef_chuck_cubes', 'cubes 40 mm', 1.5, 'oven', 160, [1.75, 2.5], 'twists', [1.76, 2.18, 2.62]),
  row('beef_feather_blade', 'whole 1.5 kg', 1.5, 'oven', 150, [2.75, 3.75], 'twists', [2.86, 3.34, 3.92]),
  row('beef_feather_blade', 'slices 40 mm', 1.2, 'oven', 150, [2.25, 3], 'twists', [2.19, 2.65, 3.16]),
  row('beef_short_rib_english', '100x55x50', 1.8, 'oven', 150, [2.25, 3.25], 'twists', [2.23, 2.74, 3.3]),
  row('beef_short_rib_english', '100x55x50', 1.8, 'oven', 165, [2, 3], 'twists', [2.12, 2.55, 3.06]),
  row('beef_short_rib_english', '100x55x50', 1.6, 'stove', 96, [2, 3], 'twists', [2.17, 2.72, 3.45]),
  row('beef_short_rib_english', '100x55x50', 1.6, 'bath', 70, [20, 28], 'twists', [16.09, 20.99, 27.26]),
  row('beef_short_rib_english', '100x55x50', 1.6, 'bath', 58.5, [48, 72], 'twists', [51.29, 67.62, 88.5]),
  row('beef_short_rib_english', '100x55x50', 1.6, 'bath', 80, [10, 14], 'falls', [9.71, 12.58, 16.24]),
  row('beef_short_rib_cross', 'strips 16 mm', 1.2, 'oven', 150, [1.5, 2.25], 'twists', [1.52, 1.9, 2.32]),
  row('beef_shank_cross', 'disc 40 mm', 1.6, 'oven', 150, [2.5, 3.5], 'twists', [2.35, 2.91, 3.52]),
  row('beef_shank_cross', 'disc 40 mm', 1.6, 'stove', 95, [2.5, 3.5], 'twists', [2.49, 3.21, 4.12]),
  row('beef_oxtail', 'joints 60x50', 1.6, 'oven', 150, [3, 4], 'twists', [2.66, 3.36, 4.12]),
  row('beef_oxtail', 'joints 60x50', 1.6, 'stove', 96, [2.75, 3.75], 'twists', [2.77, 3.69, 4.84]),
  row('beef_cheek', 'whole 350 g', 1.4, 'oven', 150, [3, 4], 'twists', [2.9, 3.49, 4.14]),
  row('beef_cheek', 'whole 350 g', 1.4, 'bath', 80, [10, 14], 'twists', [9.56, 12.07, 15.11]),
  row('beef_cheek', 'whole 350 g', 1.4, 'bath', 65, [40, 50], 'twists', [37.06, 47.5, 60.43]),
  row('beef_brisket_point', '1.8 kg', 1.8, 'oven', 150, [3.25, 4.25], 'twists', [3.29, 3.85, 4.48]),
  row('beef_brisket_flat', '1.6 kg', 1.6, 'oven', 150, [3, 4], 'twists', [2.76, 3.29, 3.88]),
  row('beef_brisket_flat', '45 mm', 1.6, 'bath', 68, [24, 36], 'twists', [22.58, 28.76, 36.45]),
  row('beef_brisket_flat', '45 mm', 1.6, 'bath', 57.5, [48, 72], 'twists', [67.3, 86.28, 109.95]),
  row('beef_round', '1.5 kg', 1.5, 'oven', 150, [2.5, 3.5], 'twists', [2.62, 3.04, 3.54]),
  row('beef_flank', 'rolled 0.9 kg', 0.9, 'oven', 160, [2, 3], 'twists', [2.14, 2.5, 2.94]),
  row('beef_skirt', 'pieces 22 mm', 1, 'oven', 150, [1.75, 2.5], 'twists', [1.71, 2.18, 2.69]),
  row('veal_shank', 'disc 38 mm', 1.6, 'oven', 150, [1.5, 2.5], 'twists', [1.64, 2.04, 2.43]),
  row('veal_shank', 'disc 38 mm', 1.6, 'stove', 95, [1.5, 2.25], 'twists', [1.47, 1.85, 2.35]),
  row('veal_breast', 'roll 1.5 kg', 1.5, 'oven', 150, [2.25, 3], 'twists', [2.28, 2.67, 3.13]),
  row('veal_cheek', 'whole 180 g', 1.2, 'oven', 150, [2, 2.75], 'twists', [1.98, 2.41, 2.88]),
  row('pork_shoulder', 'roast 1.5 kg', 1.5, 'oven', 150, [2.5, 3.5], 'twists', [2.72, 3.18, 3.7]),
  row('pork_shoulder', 'roast 80 mm', 1.5, 'bath', 74, [18, 24], 'falls', [12.84, 16.25, 20.59]),
  row('pork_shoulder_cubes', 'cubes 35 mm', 1.2, 'oven', 150, [1.5, 2], 'twists', [1.45, 1.83, 2.19]),
  row('pork_shoulder_cubes', 'cubes 35 mm', 1.2, 'stove', 96, [1.25, 1.75], 'twists', [1.16, 1.5, 1.92]),
  row('pork_cheek', 'whole 80 g', 1, 'oven', 150, [1.75, 2.5], 'twists', [1.76, 2.18, 2.61]),
  row('pork_hock', 'whole 1.1 kg', 1.1, 'oven', 150, [2.5, 3.5], 'twists', [2.53, 3.01, 3.61]),
  row('pork_belly', 'slab 45 mm', 1.4, 'oven', 150, [2, 2.75], 'twists', [2.09, 2.47, 2.91]),
  row('pork_belly', 'slab 45 mm', 1.4, 'bath', 77, [10, 14], 'falls', [8.66, 10.99, 13.91]),
  row('pork_neck', 'roast 1.5 kg', 1.5, 'oven', 150, [2.5, 3.25], 'twists', [2.51, 2.93, 3.41]),
  row('pork_spare_rib', '25 mm', 1.5, 'oven', 150, [1.5, 2.25], 'twists', [1.54, 1.91, 2.28]),
  row('pork_trotter', 'split', 1.5, 'stove', 97, [3, 4], 'twists', [2.67, 3.5, 4.54]),
  row('lamb_shank', '400 g', 1.6, 'oven', 150, [2, 2.75], 'twists', [1.94, 2.38, 2.85]),
  row('lamb_shank', '400 g', 1.6, 'stove', 95, [2, 2.75], 'twists', [1.99, 2.47, 3.08]),
  row('lamb_shank', '400 g', 1.6, 'bath', 80, [8, 12], 'falls', [7.88, 10.17, 13.05]),
  row('lamb_shoulder', '2 kg', 2, 'oven', 150, [3, 4], 'twists', [3.06, 3.55, 4.15]),
  row('lamb_shoulder_cubes', '35 mm', 1.2, 'oven', 150, [1.5, 2], 'twists', [1.44, 1.81, 2.17]),
  row('lamb_neck', 'slices 35 mm', 1.3, 'oven', 150, [2, 2.75], 'twists', [1.95, 2.43, 2.94]),
  row('lamb_breast', 'roll 0.7 kg', 1.4, 'oven', 150, [2, 2.75], 'twists', [2.05, 2.43, 2.86]),
  row('mutton_shoulder_cubes', '35 mm', 1.2, 'oven', 150, [2, 2.75], 'twists', [1.88, 2.45, 3.07]),
  row('goat_shoulder', '45 mm bone-in', 1.5, 'stove', 96, [1.75, 2.5], 'twists', [1.56, 2.14, 2.89]),
  row('venison_shoulder', '35 mm', 1.2, 'oven', 150, [1.75, 2.5], 'twists', [1.7, 2.2, 2.76]),
  row('venison_shank', '450 g', 1.8, 'oven', 150, [2.5, 3.5], 'twists', [2.38, 3.06, 3.81]),
  row('chicken_thigh', '150 g', 1.2, 'lightOven', 170, [0.583, 0.917], 'twists', [0.7, 0.84, 0.99]),
  row('chicken_thigh', '150 g', 1.2, 'stove', 95, [0.5, 0.75], 'twists', [0.48, 0.57, 0.67]),
  row('chicken_thigh', '150 g', 1.2, 'bath', 74, [2, 4], 'twists', [1.3, 1.57, 1.94]),
  row('chicken_leg', '290 g', 1.2, 'lightOven', 170, [0.75, 1.1], 'twists', [0.78, 0.92, 1.08]),
  row('chicken_old_hen', 'joints 45 mm', 1.8, 'stove', 94, [2, 3], 'twists', [1.9, 2.5, 3.25]),
  row('turkey_thigh', '600 g', 1.3, 'oven', 160, [1.25, 1.75], 'twists', [1.29, 1.51, 1.78]),
  row('duck_leg', '260 g', 1.1, 'oven', 150, [1.5, 2.25], 'twists', [1.57, 1.91, 2.28]),
  row('duck_leg', '260 g', 1.1, 'bath', 80, [6, 10], 'falls', [6.06, 7.78, 9.96]),
  row('rabbit_leg', '220 g', 1, 'oven', 150, [1, 1.5], 'twists', [1.04, 1.26, 1.49]),
];
