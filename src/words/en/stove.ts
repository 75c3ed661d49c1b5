/** The one thing to do next: what, why, the sign. */
export const next = {
  'next.offHeat.past': 'It is past what you wanted: every minute more takes it further.',
  'next.offHeat.there': 'Your last test found it there: {feel}. It stays good for about {good} more.',
  'next.bubbles.why': 'On the hob the flame settles in the first quarter hour.',
  'next.topUp.low': 'Less than {low} is left, and it can catch.',
  'next.topUp.lowDry':
    'Less than {low} is left. With nothing added the pot runs dry at about {at} ({share} of such evenings, before the meat is ready), and then it roasts and burns.',
  'next.topUp.may':
    'By then less than {low} would be left, and {share} of such evenings the pot runs dry before the meat is ready.',
  'next.topUp.lowMay':
    'Less than {low} is left, and {share} of such evenings the pot runs dry before the meat is ready.',
  'next.topUp.ran': 'By the estimate it has been dry since about {at}: it roasts, and burns.',
  'next.topUp.why': 'By then less than {low} would be left, and it could catch.',
  'next.topUp.dry':
    'By then less than {low} would be left. With nothing added the pot runs dry at about {at} ({share} of such evenings, before the meat is ready), and then it roasts and burns.',
  'next.fork.why': '{chance} chance that it {stage} by then. One look costs about {cost}.',
  'next.fork.cheap': '{chance} chance that it {stage} by then. One look costs less than a minute.',
  'next.cool': 'Into ice water, then into the fridge',
  'next.cool.why':
    'About {time} in its liquid, stirred now and then, with {ice} of ice; left to stand it would be warm for hours. Then say how it came out.',
  'next.cool.sign': 'The pot’s wall is cold to the hand and the fat begins to set.',
} as const;

/** Why a record is refused. */
export const refusals = {
  'refused.stepDone': 'That step is done already.',
  'refused.noTimer': 'No such timer runs.',
  'refused.finished': 'This braise is finished and in the log. Undo “finished” to record more.',
  'refused.inPotAlready': 'The pieces are in the pot already.',
  'refused.nothingInPot': 'Nothing is in the pot yet: “into the pot” comes first.',
  'refused.notOffHeat': 'Take the pot off the heat first.',
  'refused.offHeatAlready': 'The pot is off the heat already.',
  'refused.takenBack': 'That record has been taken back already.',
  'refused.othersCount': 'Other records count from this moment: take those back first.',
  'refused.undoFinished': 'The braise is finished: take “finished” back first.',
} as const;
