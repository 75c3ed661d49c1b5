import { type Cut } from '../core/larder';

/**
 * How long kitchens braise a cut, as keen cooks and books have it. Practice, not measurements; a bath is water held at its
 * temperature, and `tempC` of a stove is what the pot is said to simmer at.
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
}

const row = (
  cut: string,
  form: string,
  massKg: number,
  how: 'oven' | 'lightOven' | 'stove' | 'bath',
  tempC: number,
  hours: readonly [number, number],
  target: 'twists' | 'falls',
): PracticeWindow => ({
  cut,
  form,
  massKg,
  method: how === 'lightOven' ? 'oven' : how,
  lid: how === 'lightOven' ? 'light' : 'heavy',
  tempC,
  hours,
  target,
});

export const PRACTICE_WINDOWS: readonly PracticeWindow[] = [
  row('beef_chuck_roast', 'roast 1.8 kg', 1.8, 'oven', 150, [2.75, 3.75], 'twists'),
  row('beef_chuck_roast', 'roast 1.8 kg', 1.8, 'oven', 135, [3.25, 4.25], 'twists'),
  row('beef_chuck_roast', 'roast 1.3 kg', 1.3, 'stove', 96, [2.5, 3.5], 'twists'),
  row('beef_chuck_roast', 'roast 60 mm', 1.3, 'bath', 60, [36, 60], 'twists'),
  row('beef_chuck_cubes', 'cubes 35 mm', 1.2, 'oven', 150, [1.75, 2.5], 'twists'),
  row('beef_chuck_cubes', 'cubes 30 mm', 1, 'stove', 96, [1.5, 2.25], 'twists'),
  row('beef_chuck_cubes', 'cubes 40 mm', 1.5, 'oven', 160, [1.75, 2.5], 'twists'),
  row('beef_feather_blade', 'whole 1.5 kg', 1.5, 'oven', 150, [2.75, 3.75], 'twists'),
  row('beef_feather_blade', 'slices 40 mm', 1.2, 'oven', 150, [2.25, 3], 'twists'),
  row('beef_short_rib_english', '100x55x50', 1.8, 'oven', 150, [2.25, 3.25], 'twists'),
  row('beef_short_rib_english', '100x55x50', 1.8, 'oven', 165, [2, 3], 'twists'),
  row('beef_short_rib_english', '100x55x50', 1.6, 'stove', 96, [2, 3], 'twists'),
  row('beef_short_rib_english', '100x55x50', 1.6, 'bath', 70, [20, 28], 'twists'),
  row('beef_short_rib_english', '100x55x50', 1.6, 'bath', 58.5, [48, 72], 'twists'),
  row('beef_short_rib_english', '100x55x50', 1.6, 'bath', 80, [10, 14], 'falls'),
  row('beef_short_rib_cross', 'strips 16 mm', 1.2, 'oven', 150, [1.5, 2.25], 'twists'),
  row('beef_shank_cross', 'disc 40 mm', 1.6, 'oven', 150, [2.5, 3.5], 'twists'),
  row('beef_shank_cross', 'disc 40 mm', 1.6, 'stove', 95, [2.5, 3.5], 'twists'),
  row('beef_oxtail', 'joints 60x50', 1.6, 'oven', 150, [3, 4], 'twists'),
  row('beef_oxtail', 'joints 60x50', 1.6, 'stove', 96, [2.75, 3.75], 'twists'),
  row('beef_cheek', 'whole 350 g', 1.4, 'oven', 150, [3, 4], 'twists'),
  row('beef_cheek', 'whole 350 g', 1.4, 'bath', 80, [10, 14], 'twists'),
  row('beef_cheek', 'whole 350 g', 1.4, 'bath', 65, [40, 50], 'twists'),
  row('beef_brisket_point', '1.8 kg', 1.8, 'oven', 150, [3.25, 4.25], 'twists'),
  row('beef_brisket_flat', '1.6 kg', 1.6, 'oven', 150, [3, 4], 'twists'),
  row('beef_brisket_flat', '45 mm', 1.6, 'bath', 68, [24, 36], 'twists'),
  row('beef_brisket_flat', '45 mm', 1.6, 'bath', 57.5, [48, 72], 'twists'),
  row('beef_round', '1.5 kg', 1.5, 'oven', 150, [2.5, 3.5], 'twists'),
  row('beef_flank', 'rolled 0.9 kg', 0.9, 'oven', 160, [2, 3], 'twists'),
  row('beef_skirt', 'pieces 22 mm', 1, 'oven', 150, [1.75, 2.5], 'twists'),
  row('veal_shank', 'disc 38 mm', 1.6, 'oven', 150, [1.5, 2.5], 'twists'),
  row('veal_shank', 'disc 38 mm', 1.6, 'stove', 95, [1.5, 2.25], 'twists'),
  row('veal_breast', 'roll 1.5 kg', 1.5, 'oven', 150, [2.25, 3], 'twists'),
  row('veal_cheek', 'whole 180 g', 1.2, 'oven', 150, [2, 2.75], 'twists'),
  row('pork_shoulder', 'roast 1.5 kg', 1.5, 'oven', 150, [2.5, 3.5], 'twists'),
  row('pork_shoulder', 'roast 80 mm', 1.5, 'bath', 74, [18, 24], 'falls'),
  row('pork_shoulder_cubes', 'cubes 35 mm', 1.2, 'oven', 150, [1.5, 2], 'twists'),
  row('pork_shoulder_cubes', 'cubes 35 mm', 1.2, 'stove', 96, [1.25, 1.75], 'twists'),
  row('pork_cheek', 'whole 80 g', 1, 'oven', 150, [1.75, 2.5], 'twists'),
  row('pork_hock', 'whole 1.1 kg', 1.1, 'oven', 150, [2.5, 3.5], 'twists'),
  row('pork_belly', 'slab 45 mm', 1.4, 'oven', 150, [2, 2.75], 'twists'),
  row('pork_belly', 'slab 45 mm', 1.4, 'bath', 77, [10, 14], 'falls'),
  row('pork_neck', 'roast 1.5 kg', 1.5, 'oven', 150, [2.5, 3.25], 'twists'),
  row('pork_spare_rib', '25 mm', 1.5, 'oven', 150, [1.5, 2.25], 'twists'),
  row('pork_trotter', 'split', 1.5, 'stove', 97, [3, 4], 'twists'),
  row('lamb_shank', '400 g', 1.6, 'oven', 150, [2, 2.75], 'twists'),
  row('lamb_shank', '400 g', 1.6, 'stove', 95, [2, 2.75], 'twists'),
  row('lamb_shank', '400 g', 1.6, 'bath', 80, [8, 12], 'falls'),
  row('lamb_shoulder', '2 kg', 2, 'oven', 150, [3, 4], 'twists'),
  row('lamb_shoulder_cubes', '35 mm', 1.2, 'oven', 150, [1.5, 2], 'twists'),
  row('lamb_neck', 'slices 35 mm', 1.3, 'oven', 150, [2, 2.75], 'twists'),
  row('lamb_breast', 'roll 0.7 kg', 1.4, 'oven', 150, [2, 2.75], 'twists'),
  row('mutton_shoulder_cubes', '35 mm', 1.2, 'oven', 150, [2, 2.75], 'twists'),
  row('goat_shoulder', '45 mm bone-in', 1.5, 'stove', 96, [1.75, 2.5], 'twists'),
  row('venison_shoulder', '35 mm', 1.2, 'oven', 150, [1.75, 2.5], 'twists'),
  row('venison_shank', '450 g', 1.8, 'oven', 150, [2.5, 3.5], 'twists'),
  row('chicken_thigh', '150 g', 1.2, 'lightOven', 170, [0.583, 0.917], 'twists'),
  row('chicken_thigh', '150 g', 1.2, 'stove', 95, [0.5, 0.75], 'twists'),
  row('chicken_thigh', '150 g', 1.2, 'bath', 74, [2, 4], 'twists'),
  row('chicken_leg', '290 g', 1.2, 'lightOven', 170, [0.75, 1.1], 'twists'),
  row('chicken_old_hen', 'joints 45 mm', 1.8, 'stove', 94, [2, 3], 'twists'),
  row('turkey_thigh', '600 g', 1.3, 'oven', 160, [1.25, 1.75], 'twists'),
  row('duck_leg', '260 g', 1.1, 'oven', 150, [1.5, 2.25], 'twists'),
  row('duck_leg', '260 g', 1.1, 'bath', 80, [6, 10], 'falls'),
  row('rabbit_leg', '220 g', 1, 'oven', 150, [1, 1.5], 'twists'),
];
