/** What the fields of a plan are called where one is at fault. */
export const fields = {
  'field.cut': 'Cut',
  'field.meatWeight': 'Weight of the meat',
  'field.pieces': 'Number of pieces',
  'field.thickness': 'Thickness',
  'field.price': 'Price a kilo',
  'field.eaters': 'Number of eaters',
  'field.potLength': 'Length of the pot',
  'field.potWidth': 'Width of the pot',
  'field.stageTime': 'Time of a stage',
  'field.stageLeft': 'Liquid left',
  'field.bareTime': 'Time before the pot',
  'field.bareHeat': 'Heat before the pot',
  'field.potHeight': 'Height of the pot',
  'field.salt': 'Salt',
  'field.spice': 'Spice',
  'field.fat': 'Fat',
  'field.atOnce': 'Pieces at once',
  'field.vegetable': 'Vegetable',
  'field.vegetableWeight': 'Weight of a vegetable',
  'field.paste': 'Tomato paste',
  'field.liquid': 'Liquid',
  'field.pour': 'A measured liquid',
  'field.filler': 'Filling liquid',
  'field.fillerStrength': 'Share of stock',
  'field.herb': 'Herb',
  'field.herbCount': 'Number of a herb',
  'field.level': 'Level, of the meat’s height',
  'field.filling': 'Filling',
  'field.rolls': 'Number of rolls',
  'field.fillingSalt': 'Salt in the filling',
  'field.cooks': 'Cooks',
  'field.burners': 'Burners',
  'field.side': 'Side dish',
  'field.saucePerPlate': 'Sauce a plate',
  'field.altitude': 'Altitude',
  'field.confidence': 'How sure to be on time',
  'field.heat.still': 'Oven set to',
  'field.heat.fan': 'Oven set to',
  'field.heat.simmer': 'Liquid at, or over',
  'field.heat.steamOven': 'Steam oven set to',
  'field.heat.grill': 'Grill held at',
} as const;

/** Why something cannot be planned, and what is allowed. */
export const faults = {
  'fault.noNumber': '{name}: no number was given. Anything from {limits} can be planned.',
  'fault.tooLittle': '{name}: {entry} is too little. Anything from {limits} can be planned.',
  'fault.tooMuch': '{name}: {entry} is too much. Anything from {limits} can be planned.',
  'fault.notWhole': '{name}: {value} is not a whole number. Count whole ones only.',
  'fault.unknown': '{name}: there is none called “{id}”. Choose one from the list.',
  'fault.grossUnderNet':
    'Weight as bought: {gross} is less than the {net} left after trimming. Weigh again, or leave it empty.',
  'fault.fridgeTime':
    'Into the fridge: from {least, number} hours before the plates, so that it is cold through and the fat sets, to {most, number}, after which it no longer keeps well. It is {now} hours now.',
  'fault.tooManyMeats': 'Meats: {meats, number} is too many. Up to {most, number} in one pot can be planned.',
  'fault.tooManyStages': 'Heat: up to {most, number} stages can be planned.',
  'fault.stageNeedsEnd': 'Heat: the last stage lasts until the meat is as wanted.',
  'fault.stageEndsEarly': 'Heat: say until when this stage lasts; only the last goes on to the end.',
  'fault.stageTooSoft':
    'Heat: the fork finds {stage} no sooner than the meat is as wanted, and the next stage would never begin. Choose an earlier one.',
  'fault.past': 'Serving time: that moment has passed. Choose one still to come; the plan says how much time it needs.',
  'fault.dryBeans':
    'Dry beans: they hold a poison that a slow pot does not destroy. Soak them 5 h or more, drain, boil them hard for 10 to 30 min as your local food-safety guidance says; then enter them as “soaked and boiled hard”.',
  'fault.tooLong':
    'Thickness: at {thickness} each {piece} would be {long} long. Measure again, or change weight or number of pieces.',
  'fault.thinStick':
    'Thickness: a {piece} of {weight} cannot be {thickness} thick; it would be a thin stick. Fewer pieces, more weight, or about {usual}.',
  'fault.doesNotStand':
    'Pot: a {piece} {long} × {wide} does not stand in {pot}, {across} across. Take a pot of {wanted} or more, or cut the meat smaller.',
  'fault.doesNotLie':
    'Pot: a {piece} {long} × {wide} does not lie flat in {pot}, {across} across. Take a pot of {wanted} or more, or cut the meat smaller.',
  'fault.moreMeatThanPot':
    'More meat than pot: {meat} stands {high} high and {pot} is {deep} deep. It takes about {takes} of this; use a bigger pot or two.',
  'fault.moreVegetablesThanRoom':
    'More vegetables than room: between the pieces they would stand {high} high in {pot}. About {fit} fit beside this meat.',
  'fault.wouldBoilOver':
    'Level of the liquid: it would stand {deep} deep, less than {headroom} below the rim, and boil over. Up to {fits} of the meat’s height fits in {pot}.',
  'fault.couldBoilDry':
    'Level of the liquid: under {least} of liquid would go in and the pot could boil dry. Raise the level.',
  'fault.neverTender':
    '{Heat}: this would not be tender within {hours, number} hours in enough kitchens. Collagen melts usefully from about {C_85} in the pot: raise the heat or put a tighter lid on.',
  'fault.tooLate':
    'Serving time: this braise needs {needed} from the first cut to the plate to be in time {sure}, and {late} of it has already gone. Serve at least {late} later, or take one of the ways out.',
} as const;

/** Why the forecast is what it is. */
export const reasons = {
  'reason.governs': 'The {cut} governs: of {all} it is done last.',
  'reason.thick': '{thick} thick: its middle passes {melts} after about {after}; from there collagen melts fast.',
  'reason.staysBelow': '{thick} thick: its middle stays below {melts}; from there collagen melts fast.',
  'reason.liquidHeld': 'The liquid ends at {ends}, where you keep it.',
  'reason.liquidEnds':
    'The liquid ends at {ends}, whatever the dial says above it: covered liquid cannot pass the boil.',
  'reason.runsDry': 'After about {at} there is no liquid left: from then on the meat roasts in a hot pot.',
  'reason.needs':
    'This cut needs about {need} at {C_95} for that; one animal and the next differ by {spread}: that is most of the doubt.',
  'reason.looks':
    'Every look lets heat out; one of a minute costs about {cost}. {looks, plural, one {# is} other {# are}} counted in.',
} as const;

/** What to keep an eye on. */
export const watching = {
  'watch.feeds':
    'This meat feeds about {plates, number}; {eaters, plural, one {# eater wants} other {# eaters want}} {wanted}, trimmed.',
  'watch.doubt': '{Cut}: {why}.',
  'watch.falls': 'The liquid falls by more than a third: have hot stock ready and look at half time.',
  'watch.rises':
    'By the end it stands {deep} deep with what goes in late: little headroom, take some liquid out first.',
  'watch.boilsDry':
    'It would boil dry before it is ready, about {at} after it goes in: so it is in {share} of kitchens. A dry pot roasts and burns. More liquid, a tighter lid, or hot stock at half time.',
  'watch.stageMissed': 'It is done before this stage begins: {stage}.',
  'watch.bareSlow':
    'After {time} without liquid the middle of the meat has only reached {core}: raw meat should be through {C_60} within about four hours. Warmer, thinner, or shorter. Follow your local food-safety guidance.',
  'watch.simmerByEye':
    'A simmer held by eye runs at about {held}, whatever it is meant to be: the forecast counts on that. Further under the boil needs a thermometer.',
  'watch.low': 'Less than {low} is left at the end: it can catch. Start with more, or a tighter lid.',
  'watch.headroom': 'Little headroom: fill with the pot where it will cook, and lift it level.',
  'watch.noLid': 'Without a lid the liquid stays well below the boil and the tops dry.',
  'watch.passesQuickly': 'It passes its best quickly: stay near once it is there.',
  'watch.fewKitchens': 'Few kitchens have told us about this cut: trust the fork over the clock.',
  'watch.notColdInTime':
    'Even by way of ice water this pot is not cold within six hours: take the meat out, cut what is over {mm_50}, and cool meat and liquid apart in shallow dishes. Follow your local food-safety guidance.',
} as const;

/** The heat within a sentence, and the choice of it. */
export const heats = {
  'heat.still': 'oven {temp}',
  'heat.fan': 'oven {temp}, fan',
  'heat.simmer': 'hob, {temp} or over',
  'heat.steamOven': 'steam oven {temp}',
  'heat.grill': 'covered grill {temp}',
  'course.stage': '{heat}, {lid}, {until}',
  'until.minutes': 'for {time}',
  'until.before': 'until {time} before it is ready',
  'until.left': 'until {volume} is left',
  'until.stage': 'until the fork finds {stage}',
  'until.end': 'to the end',
  'change.both': '{heat}, {lid}',
  'change.heat': '{heat}',
  'change.lid': '{lid}',
} as const;

/** Ways out: of too little time, a full pot, a crowded day; and other ways to the same dinner. */
export const waysOut = {
  'wayOut.smallerCubes': 'Cut the cubes to {edge}',
  'wayOut.halve': 'Cut each {piece} across in two',
  'wayOut.ontoHob': 'On the hob, simmering at {temp} or over, instead',
  'wayOut.oven': 'Oven at {temp}',
  'wayOut.fan': 'Fan on, {temp}',
  'wayOut.simmer': 'Keep the simmer at {temp} or over',
  'wayOut.heavyLid': 'A heavy lid',
  'wayOut.lessSure': 'Be content to be in time {share}',
  'wayOut.serveLater': 'Serve later, at the next half hour that leaves time',
  'heatWay.ovenUp': 'Oven up to {temp}',
  'heatWay.ontoHob': 'Onto the hob, simmering at {temp} or over',
  'heatWay.simmerUp': 'Simmer up, to {temp} or over',
  'heatWay.ovenDown': 'Oven down to {temp}',
  'fit.takePot': 'Take {pot} ({volume})',
  'fit.standUp': 'Stand the pieces up',
  'fit.layFlat': 'Lay the pieces flat',
  'fit.lowerLevel': 'Liquid up to {share} of the meat, turned once',
  'fit.fewerVegetables': 'Fewer vegetables: {some} of {all}',
  'fit.twoPots': 'Two pots, half in each: this plan for one of them',
  'fit.widerPot': 'It would take a pot {across} across at this depth, with {headroom} of headroom',
  'fit.widerPotName': 'A pot {across} across',
  'dayWay.later': 'Plates {by} later',
  'dayWay.letGo': 'Let “{task}” begin when it suits the day',
  'dayWay.letAllGo': 'Let these begin when they suit the day: {tasks}',
  'dayWay.cook': 'One more cook at the bench',
  'dayWay.burner': 'One more burner',
  'dayWay.without': 'Without {side}',
  'dayWay.dayBefore': 'Braise it the day before',
  'compare.asPlanned': 'As planned, {heat}',
  'compare.dayBefore': 'Braised the day before',
  'compare.heavyLid': 'Under a heavy lid',
  'differs.nothing': 'No difference that could be told at the table.',
  'differs.all': '{Parts}.',
  'differs.inPot.less': '{by} less in the pot',
  'differs.inPot.more': '{by} more in the pot',
  'differs.window.less': 'a window {by} narrower',
  'differs.window.more': 'a window {by} wider',
  'differs.good.less': 'stays good {by} less',
  'differs.good.more': 'stays good {by} longer',
  'differs.steam.less': '{by} less gone as steam',
  'differs.steam.more': '{by} more gone as steam',
  'differs.hands.less': 'your hands for {by} less',
  'differs.hands.more': 'your hands for {by} more',
  'differs.energy.less': 'about {by} less',
  'differs.energy.more': 'about {by} more',
  'differs.moisture.less': 'meat a little drier',
  'differs.moisture.more': 'meat a little juicier',
  'elsewhere.set.still': 'Oven set to {temp}',
  'elsewhere.set.fan': 'Oven set to {temp}, fan',
  'elsewhere.set.simmer': 'Liquid kept at {temp} or over',
  'elsewhere.set.steamOven': 'Steam oven set to {temp}',
  'elsewhere.set.grill': 'Grill held at {temp}',
  'elsewhere.asLong': 'The setting that takes as long.',
  'elsewhere.longer': 'The nearest there is: {by} longer in the pot.',
  'elsewhere.shorter': 'The nearest there is: {by} shorter in the pot.',
  'elsewhere.pourMore': 'Pour in about {by} more, or top up',
  'elsewhere.pourMore.why': 'There about {there} goes as steam, here about {here}.',
  'elsewhere.pourLess': 'Pour in about {by} less',
  'elsewhere.pourLess.why': 'There about {there} goes as steam, here about {here}.',
  'elsewhere.warmer': 'The liquid stands at about {there}, not {here}',
  'elsewhere.warmer.why': 'It bubbles more: look that it stays lazy.',
  'elsewhere.cooler': 'The liquid stands at about {there}, not {here}',
  'elsewhere.cooler.why': 'It bubbles less, or not at all; that is as it should be.',
  'elsewhere.oneLook': 'One look at half time is enough',
  'elsewhere.oneLook.why': 'Heat comes from all sides and holds steady.',
  'elsewhere.setLower': 'Set it no higher than a still oven',
  'elsewhere.setLower.why': 'Moving air brings more heat to the pot at the same setting, and carries off more steam.',
  'elsewhere.lookEarly': 'Look after a quarter of an hour, then every half hour',
  'elsewhere.lookEarly.why': 'A flame is set by eye, and it drifts.',
  'elsewhere.movePieces': 'Move the pieces whenever you look',
  'elsewhere.movePieces.why': 'All the heat comes in through the floor: what lies there can catch.',
  'elsewhere.lidOff': 'Leave the lid off if you like',
  'elsewhere.lidOff.why': 'The air is as moist as it can be: nothing dries and nothing evaporates.',
  'elsewhere.reduceAfter': 'Reduce the sauce afterwards, all of it',
  'elsewhere.reduceAfter.why': 'None of it goes while it braises.',
  'elsewhere.outdoors': 'Outdoors, and never unwatched',
  'elsewhere.outdoors.why':
    'It gives off carbon monoxide, and fire needs an eye. Follow your local food-safety guidance.',
  'elsewhere.testEarly': 'Test the fork earlier and more than once',
  'elsewhere.testEarly.why': 'Its air wanders by {K_15} and more, twice as much as an oven’s: the window is wider.',
} as const;

/** Our ready sets of choices. */
export const kinds = {
  'kind.ale-prune': 'Dark ale and prune',
  'kind.ale-prune.why': 'malt, fruit and a little bitterness; for beef and game',
  'kind.cider-mustard': 'Cider and mustard',
  'kind.cider-mustard.why': 'sharp and pale; for pork, rabbit and chicken',
  'kind.red-mushroom': 'Red wine and mushroom',
  'kind.red-mushroom.why': 'deep and dark; for beef, oxtail, venison',
  'kind.white-tomato': 'White wine and tomato',
  'kind.white-tomato.why': 'bright and light; for veal, lamb, chicken',
  'kind.onion-melt': 'Onion melt',
  'kind.onion-melt.why': 'as much onion as half the meat, cooked down until it is the sauce',
  'kind.paprika-onion': 'Paprika and onion',
  'kind.paprika-onion.why': 'sweet and red, onion for body; for beef, pork, veal in pieces',
  'kind.citrus-spice': 'Citrus and warm spice',
  'kind.citrus-spice.why': 'little liquid under a tight lid; for lamb, goat, duck',
  'kind.soy-sweet': 'Soy and sweet',
  'kind.soy-sweet.why': 'salty-sweet and glossy; for pork belly, short rib, duck',
  'kind.root-herb': 'Root and herb pot roast',
  'kind.root-herb.why': 'a whole joint on its vegetables; they are eaten with it',
  'kind.lentil-stock': 'Lentil and stock',
  'kind.lentil-stock.why': 'lentils cook in the braise and drink it; for duck, sausage cuts, hock',
  'kind.green-lemon': 'Green herb and preserved lemon',
  'kind.green-lemon.why': 'salty lemon and a handful of green at the end; for lamb and chicken',
  'kind.rolled-tomato': 'Rolled and filled, in tomato',
  'kind.rolled-tomato.why': 'tied rolls nearly covered in tomato; the sauce goes on pasta first',
} as const;

/** The fork scale, and what has come about when the target is reached. */
export const stages = {
  'stage.holds': 'holds',
  'stage.holds.feel': 'won’t go in',
  'stage.drags': 'drags',
  'stage.drags.feel': 'goes in with a push',
  'stage.gives': 'gives',
  'stage.gives.feel': 'slides in, won’t twist',
  'stage.twists': 'twists',
  'stage.twists.feel': 'twists freely',
  'stage.falls': 'falls',
  'stage.falls.feel': 'drops apart',
  'stage.strings': 'strings',
  'stage.strings.feel': 'dry threads: too far',
  'target.gives': 'slices cleanly',
  'target.twists': 'fork twists',
  'target.falls': 'falls apart',
  'targetMark.gives': 'slices',
  'targetMark.twists': 'twists',
  'targetMark.falls': 'falls',
} as const;
