/** What every figure is called, how it is worked out and what would change it; looked up by the figure’s id. */
export const figures = {
  'prep.trimmedAway': {
    label: 'trimmed away',
    formula:
      '{weighed, select, yes {Weight as bought, minus trimmed weight.} other {Typical loss for this cut, based on the weight you’d need to buy; weigh yours before and after.}}',
    changes: 'The butcher, and how lean you like it. Salt, portions and time use the trimmed weight.',
  },
  'prep.fillingInEach': {
    label: 'filling in each',
    formula: 'Total filling divided by the number of rolls.',
    changes: 'Fewer rolls or more filling.',
  },
  'prep.thicknessOfARoll': {
    label: 'thickness of a roll',
    formula: 'Meat and filling as one cylinder, as long as the pounded sheet is wide.',
    changes: 'Pounding thinner makes a longer sheet and a slimmer roll.',
  },
  'buy.wanted': {
    label: 'trimmed meat needed',
    formula: 'Raw weight per serving of this cut (bone included) × people × appetite.',
    changes: 'Appetite, sides, bone or no bone.',
  },
  'buy.toBuy': {
    label: 'to buy',
    formula: 'Meat needed divided by the share left after trimming.',
    changes: 'A well-trimmed piece loses less; one cook lost a quarter.',
  },
  'buy.edible': {
    label: 'boneless raw weight',
    formula: 'Weight that goes in, minus bone.',
    changes: 'The cut and its bone.',
  },
  'buy.served': {
    label: 'cooked meat per serving',
    formula: 'Raw boneless meat, minus the juice and fat it has lost by fork-tender, divided by people eating.',
    changes: 'Cooking further loses more. The juice isn’t wasted: it becomes the sauce.',
  },
  'buy.plates': {
    label: 'feeds',
    formula: 'What goes in, divided by what each person needs.',
    changes: 'Appetite; side dishes.',
  },
  'buy.pricePerPlate': {
    label: 'meat cost per serving',
    formula: 'Price × weight as bought, divided by servings: you pay for bone and trim too.',
    changes: 'The same cut on or off the bone: see above.',
  },
  'plan.full': {
    label: 'full',
    formula: 'Meat, vegetables and liquid as a share of the pot’s capacity.',
    changes: 'A lower liquid level, fewer vegetables, a wider pot.',
  },
  'plan.headroom': {
    label: 'headroom',
    formula: 'Pot depth minus the higher of meat and liquid; you need {mm_30} for boiling and turning.',
    changes: 'A deeper or wider pot; pieces side by side instead of stacked.',
  },
  'plan.sticksOut': {
    label: 'above the liquid',
    formula: 'Meat height minus liquid depth; this part cooks slower and dries out unless you turn it.',
    changes: 'A higher liquid level, a narrower pot, turning once.',
  },
  'plan.sugar': {
    label: 'sugar in the sauce',
    formula: 'Sugar from everything that goes in, divided by the reduced sauce.',
    changes: 'Fruit, paste, onion, sweet wine and juice add sugar; above about {gL_200} it scorches and darkens.',
  },
  'liquid.target': {
    label: 'reduce to',
    formula: 'What you pour in × the share left.',
    changes: 'How far you reduce. Do it before adding stock: dilution hides harshness and stops the reduction.',
  },
  'liquid.minutes': {
    label: 'reducing time',
    formula: 'Heat needed to boil off the water, divided by what the burner delivers minus what the open pot loses.',
    changes: 'A stronger burner, a wider pot; take the meat out so it doesn’t boil hard.',
  },
  'liquid.alcohol': {
    label: 'alcohol left per serving',
    formula: 'Alcohol added × the share tests found left after simmering that long, divided by servings.',
    changes:
      'Longer, uncovered and stirred leaves less, but never zero. For children and anyone avoiding it: no wine at all.',
  },
  'liquid.perHour': {
    label: 'steam',
    formula: 'Steam lost divided by time on the heat; less at first, more once boiling.',
    changes: 'Lid and heat.',
  },
  'liquid.coldCost': {
    label: 'starting cold costs',
    formula: 'The same pot calculated twice: simmering when the meat goes in, and with cold stock.',
    changes: 'Less liquid, a stronger oven. Simmer first and the time is easier to predict.',
  },
  'care.ice': {
    label: 'ice',
    formula: 'Heat in the meat, liquid and pot, divided by what melting ice absorbs, plus a third.',
    changes: 'Cold tap water first removes half the heat and saves ice.',
  },
  'care.standing': {
    label: 'left to stand',
    formula: 'The same pot, lid on, in a {room} room, {within} after it passes {from}; by then it should be at {warm}.',
    changes: 'Only ice water helps: a full pot stays hot for hours.',
  },
  'base.minutes': {
    label: 'flavour base',
    formula: 'Time for each ingredient, one after another; for onion, by how much water must cook off.',
    changes: 'How brown you want the onion, how much there is, what you leave out.',
  },
  'base.onion': {
    label: 'onion, {colour, select, soft {soft} deep {deep brown} other {golden}}',
    formula: 'Four minutes to warm, then the heat needed to cook off its water, at a heat that won’t scorch.',
    changes: 'More onion, browner onion. A wide pan lets steam away sooner.',
  },
  'base.flour': {
    label:
      '{when, select, end {{by, select, corn {cornflour at the end} potatoStarch {potato starch at the end} kneaded {butter-flour paste at the end} other {flour at the end}}} other {flour}}',
    formula:
      'What thickens this much sauce, with its gelatin, to “{rung}”; more if the flour is browned, since browning weakens it.',
    changes: 'More gelatin, less sauce, a thinner one.',
  },
  'sauce.fat': {
    label: 'fat to skim off',
    formula: 'Fat in the raw meat × the share that melts out by then.',
    changes: 'Trimming; a longer braise melts out more. Chilled overnight it lifts off in one piece.',
  },
  'sauce.fatLeft': {
    label: 'fat left in',
    formula:
      'Fat that hasn’t risen, plus what this way of skimming leaves; after five minutes off the heat, or a night in the fridge.',
    changes: 'A fat separator, kitchen paper, a night in the fridge; skimming before you boil it hard.',
  },
  'sauce.sauce': {
    label: 'reduced sauce',
    formula: 'Sauce per person × people, or all there is if that’s less.',
    changes: 'How much sauce you want: set it at Finish.',
  },
  'sauce.reduce': {
    label: 'reducing time',
    formula: 'Heat needed to boil off the water, divided by what the burner delivers minus what the open pot loses.',
    changes: 'A stronger burner, a wider pan, less liquid at the start.',
  },
  'sauce.gelatin': {
    label: 'gelatin in the sauce',
    formula: 'Half the dissolved collagen plus what the stock brings, divided by the reduced sauce.',
    changes: 'Cuts with skin and sinew, a trotter, reducing more. From about {gL_25} it’s sticky.',
  },
  'season.toAdd': {
    label: 'salt for this weight',
    formula: 'Salt per kilo × boneless weight.',
    changes:
      'Salty stock, soy, cured pork or olives: use half. Weigh it: a spoon of coarse salt can hold half as much as fine.',
  },
  'season.now': {
    label: 'on the meat',
    formula:
      'Salt for the boneless weight, minus what would make the reduced sauce too salty: save that for the final tasting.',
    changes: 'Unsalted stock and less reducing let you salt the meat more. You can’t take salt out again.',
  },
  'season.total': {
    label: 'salt in the pot',
    formula: 'Everything that brings salt, added up.',
    changes: 'Unsalted stock; less soy sauce or cured pork.',
  },
  'season.holdBack': {
    label: 'held back for now',
    formula: 'What brings the reduced sauce down from the forecast to the target.',
    changes: 'Less reducing, unsalted stock.',
  },
  'season.atEnd': {
    label: 'to add at the end',
    formula: 'What brings the reduced sauce up to the target; nothing between 0.7% and 1%.',
    changes: 'Go by taste: the forecast is right to about a fifth.',
  },
  'season.atPlate': {
    label: 'on the meat, when lifted out',
    formula: 'What brings the cooked meat from the forecast up to 0.7% of its weight.',
    changes: 'Salt the meat more now if the sauce is reduced less. Taste a piece with its sauce first.',
  },
  'sear.minutes': {
    label: 'searing time',
    formula: 'Heating the pan, plus sides and edges of each batch, plus reheating between batches.',
    changes: 'A wider or heavier pan, more power, fewer sides; go by colour, not the clock.',
  },
  'sear.fatL': {
    label: 'fat',
    formula: 'A quarter-millimetre film over the pan, plus one spoonful, plus one for each extra batch.',
    changes: 'The width of the pan; how much fat the meat brings.',
  },
  'sear.dredge': {
    label: 'flour for coating',
    formula: 'Three per cent of the meat’s weight; half of it shakes off again.',
    changes: 'Smaller pieces need more. Leftover flour has touched raw meat: cook it into the sauce or bin it.',
  },
  'sear.perBatch': {
    label: 'most per batch',
    formula:
      'The smallest of three: what fits with space around it, two thirds of the pan, and what the burner and pan can keep above {C_150}.',
    changes: 'More power, a heavier or wider pan, drier meat, a fat that takes more heat.',
  },
  'liquid.poured': {
    label: 'in the pot at the start',
    formula: 'Pot area × depth, minus meat and vegetables below the line.',
    changes: 'A narrower pot, a tighter fit or a lower level needs less.',
  },
  'liquid.fromMeat': {
    label: 'from the meat',
    formula: 'Boneless raw weight × what it releases by the time it’s done.',
    changes: 'Hotter and longer releases more.',
  },
  'liquid.fromVegetables': {
    label: 'from the vegetables',
    formula: 'Each one’s weight × its water content, as much as comes out in that time.',
    changes: 'Onion, tomato and mushrooms release most.',
  },
  'liquid.pouredLate': {
    label: 'added late',
    formula: 'Measured liquid added near the end, as far as it has gone in by then.',
    changes: 'A different amount, or adding it at the start.',
  },
  'liquid.takenUp': {
    label: 'absorbed',
    formula: 'What lentils, beans, rice, barley, potatoes and dried fruit soak up.',
    changes: 'Less of them, or cook them separately.',
  },
  'liquid.steam': {
    label: 'lost as steam',
    formula:
      'Heat beyond what warms the pot, divided by what it takes to evaporate water, plus what escapes past the lid below boiling.',
    changes: 'Below boiling, a tighter lid; at the boil, less heat.',
  },
  'liquid.left': {
    label: 'liquid when done',
    formula: 'Everything that went in, plus what meat and vegetables released, minus steam and what was absorbed.',
    changes: 'The lid and the liquid level.',
  },
  'care.iceWater': {
    label: 'in ice water',
    formula: 'Pot and contents in ice water, stirring now and then, until the fridge can do the rest within the limit.',
    changes: 'Less liquid, smaller pieces, a thin steel pot; stirring halves the time.',
  },
  'care.warm': {
    label: 'from {from} to {warm}',
    formula:
      'At the hottest spot, in the middle of the thickest piece. The limit here is {within}; your local food-safety guidance decides.',
    changes: 'Ice, stirring, a shallow dish.',
  },
  'care.cold': {
    label: 'from {from} to {cold}',
    formula:
      'Ice water first, then the fridge. The limit here is {inAll} in total; your local food-safety guidance decides.',
    changes: 'Longer in the ice water; pieces over {mm_50} cut first.',
  },
  'season.meat': {
    label: 'salt in the meat',
    formula: 'Salt that has soaked in through the surface, as a share of the meat’s cooked weight.',
    changes: 'Less salty stock, less reducing, smaller pieces (they take up more), more time.',
  },
  'season.sauceBefore': {
    label: 'salt before reducing',
    formula: 'Salt left in the liquid, divided by the liquid.',
    changes: 'Less salty stock, less reducing, smaller pieces (they take up more), more time.',
  },
  'season.sauce': {
    label: 'salt after reducing',
    formula: 'Salt left in the liquid, divided by the reduced sauce: reducing loses water but no salt.',
    changes: 'Less salty stock, less reducing, smaller pieces (they take up more), more time.',
  },
  'care.reheat': {
    label: 'reheating',
    formula:
      'Meat, sauce and pot from the fridge over low heat, until the coldest spot of the thickest piece reaches {hot}.',
    changes: 'Smaller pieces, slices, more heat with more stirring.',
  },
  'care.reheatOven': {
    label: 'or in the oven',
    formula:
      'Meat, sauce and pot from the fridge, covered in the oven, until the coldest spot of the thickest piece reaches {hot}.',
    changes: 'Slices, a thin pot, a hotter oven with more liquid over the meat.',
  },
  'energy.burner': {
    label: 'energy',
    formula:
      'Heat taken up by pot, meat, steam and the pot’s walls, divided by the share of burner power that arrives.',
    changes: 'A lid, a lower simmer, induction instead of gas.',
  },
  'energy.both': {
    label: 'energy',
    formula:
      'On the hob: heat taken up by pot, meat and steam, divided by the share of burner power that arrives. In the oven: heat in its body, losses through its walls, and what the pot takes up.',
    changes: 'A lid, a lower setting, everything in one place.',
  },
  'energy.oven': {
    label: 'energy',
    formula:
      'Heat in the oven’s body, losses through its walls, and what the pot takes up; for a {l_65} electric oven.',
    changes:
      'Most escapes through the walls: use a lower setting, or a burner. A second dish in the oven costs almost nothing.',
  },
} as const;

/** What figures are worked out from. */
export const inputs = {
  'input.asBought': 'as bought',
  'input.trimmed': 'trimmed',
  'input.filling': 'filling',
  'input.rolls': 'rolls',
  'input.meatInEach': 'meat in each',
  'input.fillingInEach': 'filling in each',
  'input.sheetAcross': 'sheet width',
  'input.eaters': 'people',
  'input.appetite': 'appetite',
  'input.trimmedWanted': 'trimmed weight needed',
  'input.ofItBone': 'of which bone',
  'input.offTheBoneRaw': 'boneless, raw',
  'input.cookedAllPlates': 'cooked, all servings',
  'input.goesIn': 'goes in',
  'input.eachWants': 'each needs',
  'input.allOfIt': 'in total',
  'input.afterTheVegetables': 'after the vegetables',
  'input.saltBears': 'at least, for its salt',
  'input.fatInAll': 'total fat',
  'input.plates': 'servings',
  'input.intoThePot': 'into the pot',
  'input.arrives': 'reaches the pan',
  'input.coldInItsLiquid': 'then chilled in its liquid',
  'input.onTheHeat': 'on the heat',
  'input.setTo': 'set to',
  'input.warmingAndBraising': 'warming and braising',
  'input.meat': 'meat',
  'input.vegetablesAtTheStart': 'vegetables at the start',
  'input.liquid': 'liquid',
  'input.potToTheBrim': 'pot capacity, to the brim',
  'input.potDeep': 'pot depth',
  'input.meatStands': 'meat height',
  'input.liquidStands': 'liquid depth',
  'input.ofTheMeatUnderLiquid': 'share of the meat under liquid',
  'input.sugarInAll': 'total sugar',
  'input.sauce': 'sauce',
  'input.poured': 'poured',
  'input.left': 'left',
  'input.toDriveOff': 'to boil off',
  'input.reachesThePot': 'reaches the pot',
  'input.potsBase': 'bottom of the pot',
  'input.pureAlcoholIn': 'pure alcohol added',
  'input.simmeringAllTold': 'total simmering time',
  'input.stillThere': 'remaining',
  'input.potAcross': 'pot diameter',
  'input.levelOfTheMeatsHeight': 'liquid level, as a share of the meat’s height',
  'input.juiceOfItsRawWeight': 'juice lost, as a share of raw weight',
  'input.vegetables': 'vegetables',
  'input.lateAndDryThings': 'late and dry ingredients',
  'input.pouredLate': 'added late',
  'input.start': 'start',
  'input.fromMeat': 'from meat',
  'input.fromVegetables': 'from vegetables',
  'input.takenUp': 'absorbed',
  'input.steam': 'steam',
  'input.simmeringDoneAfter': 'from a simmer, tender after',
  'input.coldDoneAfter': 'from cold, tender after',
  'input.cooledTo': 'cooled to',
  'input.aGentleFlame': 'low heat',
  'input.anOven': 'an oven at',
  'input.onion': 'onion',
  'input.ofItsWeightToDriveOff': 'share of its weight to boil off',
  'input.heatItStands': 'heat it can take',
  'input.gelatinInIt': 'gelatin in it',
  'input.strengthOfThis': 'one gram thickens like this much cornflour',
  'input.liquidWhenDone': 'liquid when done',
  'input.cookedMeat': 'cooked meat',
  'input.aPlate': 'per serving',
  'input.fromTheStock': 'from the stock',
  'input.saltInAll': 'total salt',
  'input.liquidWhenTender': 'liquid when tender',
  'input.evenedOutBetweenMeatAndLiquid': 'once balanced between meat and liquid',
  'input.netOffTheBone': 'boneless weight',
  'input.onEachKilogram': 'per kilogram',
  'input.comesWithOtherThings': 'already in other ingredients',
  'input.forTheWeight': 'for this weight',
  'input.heldBack': 'held back',
  'input.sauceWithAllOfIt': 'sauce, with all the salt',
  'input.onTheMeat': 'on the meat',
  'input.aim': 'target',
  'input.sauceByForecast': 'sauce, forecast',
  'input.meatByForecast': 'meat, forecast',
  'input.wanted': 'wanted',
  'input.heatingThePan': 'heating the pan',
  'input.batches': 'batches',
  'input.browningAllBatches': 'browning, all batches',
  'input.comingBackBetweenThem': 'reheating between batches',
  'input.pansFloor': 'pan base area',
  'input.onePieceCovers': 'one piece covers',
  'input.twoThirdsOfTheFloor': 'two thirds of the pan',
  'input.theHeatCarries': 'the burner can handle',
  'input.reachesThePan': 'reaches the pan',
  'input.panStartsAt': 'pan starts at',
  'input.coolestInTheFirstBatch': 'coolest in the first batch',
  'input.aPlateOf': 'one serving of {cut}',
  'input.trimLossOf': 'trim loss of {cut}',
  'input.cut': '{cut}',
  'input.source': '{source}',
  'input.step': '{step}',
} as const;

/** How far to trust a figure, and what goes with numbers. */
export const measures = {
  'sure.computed': 'Calculated from your numbers: as accurate as what you measured.',
  'sure.estimate': 'An estimate: expect it to be right to within about a fifth.',
  'sure.practice': 'A rule of thumb from kitchen practice: a starting point.',
  'measure.perHour': '{volume} per hour',
  'measure.underAnEighth': 'under ⅛ oz',
  'measure.saltALitre': '{grams, number} g per litre',
  'measure.underOnePercent': 'under 1%',
  'measure.eveningsInTen': '{evenings, number} times in 10',
  'measure.eveningsInHundred': '{evenings, number} times in 100',
  'measure.range': '{low} to {high}',
} as const;
