/** A step of the work at which something can hurt someone. */
export type CareStep =
  | 'rawMeat'
  | 'sear'
  | 'base'
  | 'liquid'
  | 'potIntoOven'
  | 'potOnStove'
  | 'steamOven'
  | 'grill'
  | 'open'
  | 'finish'
  | 'serve'
  | 'store';

export interface Caution {
  readonly step: CareStep;
  readonly text: string;
}

export const DEFER = 'Follow your local food-safety guidance.';

const CAUTIONS: Readonly<Record<CareStep, string>> = {
  rawMeat:
    'Do not rinse raw meat: it splashes germs. Wash hands, board and knife; keep raw juices off everything eaten raw. Out of the fridge under 2 h, 1 h in a hot room.',
  sear: 'Hot fat: dry meat, lay it away from you. If it catches fire, heat off and lid on, never water. Seared meat goes on a clean plate.',
  base: 'Paste, flour and sugar stick and burn skin: stay with them. Sharp knife, steady board for hard roots; gloves or oiled hands for chilli, and nothing of it near the eyes. Dry beans never go into a slow pot.',
  liquid: 'Burner off before wine goes in, pour it from a cup, stand back. Alcohol never all cooks away.',
  potIntoOven: 'A full pot is heavy and its knob stays hot: two dry mitts, a clear path, a cloth left on the lid.',
  potOnStove: 'Stay within earshot: a pot that boils dry can catch fire. Smoke alarm working.',
  steamOven:
    'Open the door away from your face and let the steam out before you reach in; two dry mitts: steam goes through a wet cloth.',
  grill:
    'Outdoors only: charcoal and gas give off carbon monoxide. Steady ground, nothing that burns within reach, never unwatched; ash stays hot for a day. Two dry mitts for the pot.',
  open: 'Lift the lid away from your face: the steam burns. Two dry mitts.',
  finish:
    'Bones, bay and string out and counted before you strain or blend; never fill a blender over half with hot liquid.',
  serve:
    'Bone chips, bay leaf and twine can choke. Cooked bones splinter and onion sauce poisons: nothing of this for dogs or cats.',
  store:
    'Cool in ice water or a shallow dish, in the fridge within 2 h (1 h in a hot room), eat within 3 to 4 days, reheat to 74 °C.',
};

/** The caution that belongs to a step, ending with the reminder that local guidance decides. */
export function cautionFor(step: CareStep): Caution {
  return { step, text: `${CAUTIONS[step]} ${DEFER}` };
}
