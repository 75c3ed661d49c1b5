import { cutById } from '../larder';
import { type Message, say, ofRow } from '../message';
import { type TargetDoneness } from '../tenderness';

/** The sign that a cut is as wanted: its own for fork-tender, shared ones for earlier and later doneness. */
export function donenessCue(cutId: string, target: TargetDoneness): Message {
  if (target === 'twists') return ofRow('cut', cutId, 'sign');
  const bone = target === 'falls' && cutById(cutId).boneFraction > 0;
  return say(bone ? 'sign.fallsOffBone' : `sign.${target}`);
}
