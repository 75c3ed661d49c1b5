/** Finish steps were named after their message; what each of those is today. Frozen. */
const FINISH_PARTS: Readonly<Record<string, string>> = {
  meatOut: 'liftOut',
  meatOutCold: 'liftOut',
  bonesOut: 'liftOut',
  bayOut: 'liftOut',
  marrow: 'marrow',
  pickOut: 'picked',
  liftBites: 'bites',
  'solids.lift': 'solids',
  'solids.strain': 'solids',
  'solids.press': 'solids',
  'solids.blend': 'solids',
  boilDown: 'reduce',
  thicken: 'thicken',
  rest: 'rest',
  'meat.boned': 'bone',
  'meat.bonedCold': 'bone',
  'meat.shred': 'shred',
  'meat.melt': 'meltIn',
  slice: 'slice',
  sliceCold: 'slice',
  bitesBack: 'vegBack',
  vegBack: 'vegBack',
  warm: 'warm',
  spices: 'spices',
  saltLast: 'salt',
  taste: 'salt',
};

const finishPart = (code: string): string | undefined => FINISH_PARTS[code] ?? /^(fat|enrich|toss)\./.exec(code)?.[1];

/**
 * The id of a step as records up to version 4 named it, by what it is today; anything else is left as it is. Frozen:
 * records are never rewritten.
 */
export function stepIdFrom4(id: string): string {
  if (id === 'bare') return 'dryPreCook';
  const finish = /^finish-finish\.(.+)$/.exec(id)?.[1];
  if (finish !== undefined) return `finish:${finishPart(finish) ?? finish}`;
  // They counted through the list of prep steps; only the first of a kind is the main meat's for sure.
  const prep = /^prep-\d+-(\w+)$/.exec(id)?.[1];
  if (prep !== undefined) return `prep:${prep}`;
  const side = /^(side-.+-\d+)-(\d+)$/.exec(id);
  if (side) return `side:${side[1] ?? ''}:${side[2] ?? ''}`;
  if (/^side-.+-\d+$/.test(id)) return `side:${id}`;
  const face = /^face-(\d+)-(\d+)$/.exec(id);
  if (face) return `face:${face[1] ?? ''}:${face[2] ?? ''}`;
  const about = /^(warm|lay|edges|out|back|base|pour|heat|late|trouble)-(.+)$/.exec(id);
  return about ? `${about[1] ?? ''}:${about[2] ?? ''}` : id;
}
