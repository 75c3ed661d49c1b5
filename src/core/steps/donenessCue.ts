import { cutById } from '../larder';
import { type Message, say, ofRow } from '../message';
import { type TargetStage } from '../tenderness';

/** What a cut shows when it is as wanted: its own sign where a fork is to twist, earlier and later ones in common. */
export function donenessCue(cutId: string, target: TargetStage): Message {
  if (target === 'twists') return ofRow('cut', cutId, 'sign');
  const bone = target === 'falls' && cutById(cutId).boneFraction > 0;
  return say(bone ? 'sign.fallsOffBone' : `sign.${target}`);
}
