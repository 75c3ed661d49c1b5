import { HEAT_MODES, type HeatMode, LEVEL_SHARES } from '@/core/choices';
import { BRAISE_STYLES, type OwnKind } from '@/core/styles';
import { CUTS, type Garnish, GARNISHES, LID_KINDS, type LidKind, lidsFor, type Pot } from '@/core/larder';
import { type OptionCard } from '@/ui/controls/OptionCards';
import { type Words } from '@/words/words';
import { say, ofRow } from '@/core/message';

const LEVEL_IDS = ['shallow', 'half', 'threeQuarters', 'covered'] as const;

/** Liquid levels offered, as shares of the meat's height. */
export const LEVELS = LEVEL_IDS.map((id) => ({ id, level: LEVEL_SHARES[id] }));

export function levelWays(w: Words): readonly OptionCard[] {
  return LEVEL_IDS.map((id) => ({
    id,
    name: w.title(say(`way.level.${id}`)),
    why: w.text(`way.level.${id}.why`),
  }));
}

function lidCards(w: Words, kinds: readonly LidKind[]): readonly OptionCard[] {
  return kinds.map((id) => ({
    id,
    name: w.label('lid', id),
    why: w.text(`lid.${id}.why`),
    isDefault: id === 'heavy',
  }));
}

/** Every cover. */
export function lidWays(w: Words): readonly OptionCard[] {
  return lidCards(w, LID_KINDS);
}

/** What is available, and under a heading of its own what is not. */
function apart<Id>(
  all: readonly Id[],
  here: readonly Id[],
  cards: (ids: readonly Id[]) => readonly OptionCard[],
  not: string,
) {
  const options = (ids: readonly Id[]) => cards(ids).map((c) => ({ id: c.id, label: c.name, why: c.why }));
  const others = all.filter((id) => !here.includes(id));
  return [
    { options: options(all.filter((id) => here.includes(id))) },
    ...(others.length > 0 ? [{ title: not, options: options(others) }] : []),
  ];
}

/** Covers, those of this pot first. */
export function lidSections(w: Words, pot: Pick<Pot, 'lids'>) {
  return apart(LID_KINDS, lidsFor(pot), (ids) => lidCards(w, ids), w.text('lid.notThisPot'));
}

/** Places, those of this kitchen first. */
export function heatSections(w: Words, here: readonly HeatMode[]) {
  return apart(HEAT_MODES, here, (ids) => heatCards(w, ids), w.text('heat.notThisKitchen'));
}

export function heatOptionList(w: Words): readonly OptionCard[] {
  return heatCards(w, HEAT_MODES);
}

function heatCards(w: Words, modes: readonly HeatMode[]): readonly OptionCard[] {
  return modes.map((id) => ({
    id,
    name: w.text(`heatMode.${id}`),
    why: w.text(`heatMode.${id}.why`),
    isDefault: id === 'still',
  }));
}

/** A mode as returned by a list. */
export function asHeatMode(id: string): HeatMode {
  return HEAT_MODES.find((m) => m === id) ?? 'still';
}

const GARNISH_KINDS = [...new Set(GARNISHES.map((g) => g.kind))];

/** Solid ingredients, kind by kind. */
export function garnishSections(w: Words, garnishes: readonly Garnish[]) {
  return GARNISH_KINDS.map((kind) => ({
    title: w.text(`garnishKind.${kind}`),
    options: garnishes.filter((g) => g.kind === kind).map((g) => ({ id: g.id, label: w.label('garnish', g.id) })),
  })).filter((s) => s.options.length > 0);
}

/** Every cut by its full name, animal by animal. */
export function cutSections(w: Words) {
  return [...new Set(CUTS.map((c) => c.species))].map((species) => ({
    title: w.text(`species.${species}`),
    options: CUTS.filter((c) => c.species === species).map((c) => ({
      id: c.id,
      label: w.title(ofRow('cut', c.id, 'full')),
    })),
  }));
}

/** Styles: the kitchen's own if it has any, then ours. */
export function kindSections(w: Words, own: readonly OwnKind[]) {
  return [
    ...(own.length > 0
      ? [{ title: w.text('baseForm.yours'), options: own.map((k) => ({ id: k.id, label: k.name })) }]
      : []),
    {
      title: w.text('baseForm.ours'),
      options: BRAISE_STYLES.map((k) => ({
        id: k.id,
        label: w.label('kind', k.id),
        why: w.say(ofRow('kind', k.id, 'why')),
      })),
    },
  ];
}
