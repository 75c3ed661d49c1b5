import { HEAT_MODES, type HeatMode } from '@/core/plan/heats';
import { type School } from '@/ui/controls/Schools';
import { LID_KINDS, LIDS, type LidKind } from '@/core/larder/vessels';
import { LEVEL_SHARES, SCHOOLS } from '@/core/plan/schools';

/** How deep the liquid should stand, as shares of the meat's height. */
export const LEVELS: readonly (School & { readonly level: number })[] = SCHOOLS.level.options.flatMap((o) =>
  o.id === 'auto' ? [] : [{ id: o.id, name: o.name, why: o.why, level: LEVEL_SHARES[o.id] }],
);

const LID_WHY: Readonly<Record<LidKind, string>> = {
  heavy: 'keeps nearly all; liquid reaches the boil',
  light: 'loses a little more steam',
  tightFoil: 'as good as a lid while it holds',
  foil: 'runs cooler and dries faster',
  cartouche: 'moist tops, open pot',
  ajar: 'stays well under the boil',
  none: 'thickens, cooks cool, tops dry',
};

export const LID_SCHOOLS: readonly School[] = LID_KINDS.map((id) => ({
  id,
  name: LIDS[id].label,
  why: LID_WHY[id],
  isDefault: id === 'heavy',
}));

const HEAT_WORDS: Readonly<Record<HeatMode, Pick<School, 'name' | 'why'>>> = {
  still: { name: 'Oven, still', why: 'steady, unattended' },
  fan: { name: 'Oven, fan', why: 'warms faster, loses more steam' },
  simmer: { name: 'Stove, simmer', why: 'you see it; lowest flame' },
  steamOven: { name: 'Steam oven', why: 'nothing evaporates, lid or not' },
  grill: { name: 'Covered grill', why: 'outdoors; its heat wanders' },
};

export const HEAT_SCHOOLS: readonly School[] = HEAT_MODES.map((id) => ({
  id,
  ...HEAT_WORDS[id],
  isDefault: id === 'still',
}));

/** A mode as a list gives it back. */
export function asHeatMode(id: string): HeatMode {
  return HEAT_MODES.find((m) => m === id) ?? 'still';
}
