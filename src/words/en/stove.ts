/** The one thing to do next: what, why, the sign. */
export const next = {
  'next.offHeat': 'Take the pot off the heat',
  'next.offHeat.past': 'It is past what you wanted: every minute more takes it further.',
  'next.offHeat.there': 'Your last test found it there: {feel}. It stays good for about {good} more.',
  'next.turn': 'Turn the {pieces}',
  'next.turn.sign': 'The tops should look moist and no darker than toast.',
  'next.bubbles': 'Look at the bubbles',
  'next.bubbles.why': 'On the hob the flame settles in the first quarter hour.',
  'next.bubbles.sign':
    'Lazy bubbles breaking here and there. A rolling boil makes it stringy; no bubbles, and it will be late.',
  'next.topUp': 'Top up with hot liquid',
  'next.topUp.why': 'By then less than {low} would be left, and it could catch.',
  'next.topUp.dry':
    'By then less than {low} would be left. With nothing added the pot runs dry at about {at} ({share} of such evenings, before the meat is ready), and then it roasts and burns.',
  'next.topUp.sign': 'The base must not smell or feel sticky under a spoon.',
  'next.fork': 'Fork test the thickest {piece}',
  'next.fork.why': '{chance} chance that it {stage} by then. One look costs about {cost}.',
  'next.fork.cheap': '{chance} chance that it {stage} by then. One look costs less than a minute.',
  'next.fork.bone': 'Push a fork in beside the bone and try to twist it. Ready: {sign}.',
  'next.fork.middle': 'Push a fork in beside the middle and try to twist it. Ready: {sign}.',
  'next.salt': 'Salt the meat, into the fridge',
  'next.salt.why':
    '{salt} of salt on every face, uncovered on a rack: overnight it works inward and the surface dries.',
  'next.salt.sign': 'Evenly covered, nothing clumped.',
  'next.prep': 'Trim, pat dry, chop',
  'next.prep.why': '{time} at the board. Wet meat spits and steams instead of browning.',
  'next.prep.sign': 'Paper comes away dry.',
  'next.sear': 'Sear the meat',
  'next.searBatches': 'Sear in {batches, number} batches, {most, number} at most',
  'next.sear.why': '{time}. {says}',
  'next.sear.sign': 'Loud steady sizzle; the meat lets go by itself when it is brown.',
  'next.base': 'Soften the vegetables',
  'next.base.why': '{time}: {steps}.',
  'next.base.sign': 'soft and golden',
  'next.wineAndLiquid': 'Wine down, liquid in, up to a simmer',
  'next.liquid': 'Liquid in, up to a simmer',
  'next.liquid.why': '{time}: {pours}.',
  'next.pour': '{liquid} {volume}',
  'next.liquid.sign': 'The base scraped clean, harsh smell gone, lazy bubbles.',
  'next.intoPot': '{Pieces} into the simmering liquid',
  'next.intoPot.why': 'The clock of the forecast starts when the meat meets the simmer.',
  'next.intoPot.sign': 'Lazy bubbles before the lid goes on.',
  'next.cool': 'Into ice water, then into the fridge',
  'next.cool.why':
    'About {time} in its liquid, stirred now and then, with {ice} of ice; left to stand it would be warm for hours. Then say how it came out.',
  'next.cool.sign': 'The pot’s wall is cold to the hand and the fat begins to set.',
  'next.finish': 'Lift out, strain, reduce, plate',
  'next.finish.why':
    'About {liquid} is in the pot: lift off {fat} of fat, reduce to {sauce} in about {time}. Then say how it came out.',
  'next.finish.sign': 'It coats a spoon and a finger leaves a track.',
} as const;

/** Why a record is refused. */
export const refusals = {
  'refused.finished': 'This braise is finished and in the log. Undo “finished” to record more.',
  'refused.inPotAlready': 'The pieces are in the pot already.',
  'refused.nothingInPot': 'Nothing is in the pot yet: “into the pot” comes first.',
  'refused.notOffHeat': 'Take the pot off the heat first, then say how it came out.',
  'refused.offHeatAlready': 'The pot is off the heat already.',
  'refused.takenBack': 'That record has been taken back already.',
  'refused.othersCount': 'Other records count from this moment: take those back first.',
  'refused.undoFinished': 'The braise is finished: take “finished” back first.',
} as const;
