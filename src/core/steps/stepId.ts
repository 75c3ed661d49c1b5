import { type FinishPart } from '../plan';
import { type PrepStep } from '../prep';

/** What tells the steps of one key apart; nothing where there is only one. */
interface StepAbout {
  saltAhead: [];
  washHands: [];
  layOut: [];
  chop: [];
  meatOut: [];
  /** For the main meat, or the further cut named; from 2 on if a cut comes in several sizes. */
  prep: [what: PrepStep['id'], cutId?: string, nth?: number];
  saltMeat: [];
  dredge: [];
  tieHerbs: [];
  /** The task of the day that preheats it. */
  warm: [taskId: string];
  dryPreCook: [];
  heatPan: [];
  lay: [batch: number];
  face: [batch: number, face: number];
  edges: [batch: number];
  out: [batch: number];
  back: [batch: number];
  bottom: [];
  fatOff: [];
  base: [item: string];
  deglaze: [];
  pour: [liquidId: string];
  wineDown: [];
  herbsIn: [];
  bringSimmer: [];
  meatBack: [];
  lid: [];
  place: [];
  look: [];
  turn: [];
  topUp: [];
  /** Its place in the heat schedule, from 1: the first phase starts with the lid. */
  heat: [phase: number];
  late: [item: string];
  herbsHalf: [];
  test: [];
  offHeat: [];
  coolAhead: [];
  fridge: [];
  hold: [];
  countOut: [];
  finish: [part: FinishPart];
  softHerbs: [];
  garnish: [];
  plate: [];
  /** A task of the day; its piece, from 0, if it is interrupted. */
  side: [taskId: string, piece?: number];
  served: [];
  cool: [];
  portion: [];
  verdict: [];
  /** The record that reported the problem. */
  trouble: [eventId: string];
}

export type StepKey = keyof StepAbout;

/** Who a step is, whatever it says: its key and what it is about. Stored in records. */
export type StepId = StepKey | `${StepKey}:${string}`;

/** The id of a step. */
export const stepId = <K extends StepKey>(key: K, ...about: StepAbout[K]): StepId => {
  const parts = about.filter((part) => part !== undefined).map(String);
  return parts.length === 0 ? key : `${key}:${parts.join(':')}`;
};

/** The key of a step's id. */
export const stepKeyOf = (id: StepId): StepKey => id.split(':')[0] as StepKey;

/** What the step of an id is about. */
export const stepAbout = (id: StepId): readonly string[] => id.split(':').slice(1);

const OF_A_BATCH: readonly StepKey[] = ['lay', 'face', 'edges', 'out', 'back'];

/** The batch in the sear pan a step belongs to, from 1; undefined for any other step. */
export function batchOf(id: StepId): number | undefined {
  return OF_A_BATCH.includes(stepKeyOf(id)) ? Number(stepAbout(id)[0]) : undefined;
}
