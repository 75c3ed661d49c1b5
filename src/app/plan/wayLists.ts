import { HEAT_MODES, type HeatMode, LEVEL_SHARES } from '@/core/choices';
import { KINDS, type OwnKind } from '@/core/kinds';
import { CUTS, LID_KINDS } from '@/core/larder';
import { type WayCard } from '@/ui/controls/WayCards';
import { type Words } from '@/words/words';

const LEVEL_IDS = ['shallow', 'half', 'threeQuarters', 'covered'] as const;

/** How deep the liquid should stand, as shares of the meat's height. */
export const LEVELS = LEVEL_IDS.map((id) => ({ id, level: LEVEL_SHARES[id] }));

export function levelWays(w: Words): readonly WayCard[] {
  return LEVEL_IDS.map((id) => ({
    id,
    name: w.title({ code: `way.level.${id}` }),
    why: w.text(`way.level.${id}.why`),
  }));
}

export function lidWays(w: Words): readonly WayCard[] {
  return LID_KINDS.map((id) => ({
    id,
    name: w.label('lid', id),
    why: w.text(`lid.${id}.why`),
    isDefault: id === 'heavy',
  }));
}

export function heatWays(w: Words): readonly WayCard[] {
  return HEAT_MODES.map((id) => ({
    id,
    name: w.text(`heatMode.${id}`),
    why: w.text(`heatMode.${id}.why`),
    isDefault: id === 'still',
  }));
}

/** A mode as a list gives it back. */
export function asHeatMode(id: string): HeatMode {
  return HEAT_MODES.find((m) => m === id) ?? 'still';
}

/** Every cut by its whole name, animal by animal. */
export function cutSections(w: Words) {
  return [...new Set(CUTS.map((c) => c.species))].map((species) => ({
    title: w.text(`species.${species}`),
    options: CUTS.filter((c) => c.species === species).map((c) => ({
      id: c.id,
      label: w.title({ code: `cut.${c.id}.full` }),
    })),
  }));
}

/** Ready sets of choices: a kitchen's own where it has some, then ours. */
export function kindSections(w: Words, own: readonly OwnKind[]) {
  return [
    ...(own.length > 0
      ? [{ title: w.text('baseForm.yours'), options: own.map((k) => ({ id: k.id, label: k.name })) }]
      : []),
    {
      title: w.text('baseForm.ours'),
      options: KINDS.map((k) => ({ id: k.id, label: w.label('kind', k.id), why: w.say({ code: `kind.${k.id}.why` }) })),
    },
  ];
}
