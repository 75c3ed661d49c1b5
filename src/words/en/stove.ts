/** The one thing to do next: what, why, the sign. */
export const next = {
  'next.offHeat.past': 'It’s past the point you wanted: every extra minute takes it further.',
  'next.offHeat.there': 'Your last test found it done ({feel}). It stays at its best for about {good} more.',
  'next.bubbles.why': 'On the hob the flame takes 15 minutes to settle.',
  'next.topUp.low': 'Less than {low} is left, and it could scorch.',
  'next.topUp.lowDry':
    'Less than {low} is left. If you add nothing, the pot runs dry at about {at} (chance of that before the meat is ready: {share}), then roasts and burns.',
  'next.topUp.may': 'By then less than {low} would be left. Chance of running dry before the meat is ready: {share}.',
  'next.topUp.lowMay': 'Less than {low} is left. Chance of running dry before the meat is ready: {share}.',
  'next.topUp.ran': 'We estimate it has been dry since about {at}: it’s roasting, and will burn.',
  'next.topUp.why': 'By then less than {low} would be left, and it could scorch.',
  'next.topUp.dry':
    'By then less than {low} would be left. If you add nothing, the pot runs dry at about {at} (chance of that before the meat is ready: {share}), then roasts and burns.',
  'next.fork.why': '{chance} chance the fork test says “{stage}” by then. Lifting the lid costs about {cost}.',
  'next.fork.cheap': '{chance} chance the fork test says “{stage}” by then. Lifting the lid costs less than a minute.',
  'next.cool': 'Into ice water, then into the fridge',
  'next.cool.why':
    'About {time} in its liquid, stirring now and then, with {ice} of ice; left to stand it would stay warm for hours. Then record how it came out.',
  'next.cool.sign': 'The side of the pot feels cold and the fat starts to set.',
} as const;

/** Why a record is refused. */
export const refusals = {
  'refused.stepDone': 'You’ve already done that step.',
  'refused.noTimer': 'That timer isn’t running.',
  'refused.finished': 'This braise is finished and in your log. Undo “Finished” to record more.',
  'refused.inPotAlready': 'The meat is already in the pot.',
  'refused.nothingInPot': 'Nothing is in the pot yet: record “It’s in the pot” first.',
  'refused.notOffHeat': 'Take the pot off the heat first.',
  'refused.offHeatAlready': 'The pot is already off the heat.',
  'refused.takenBack': 'You’ve already undone that record.',
  'refused.othersCount': 'Other records depend on this one: undo those first.',
  'refused.undoFinished': 'This braise is finished: undo “Finished” first.',
} as const;
