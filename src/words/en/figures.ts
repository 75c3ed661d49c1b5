/** What every figure is called, how it is worked out and what would change it; looked up by the figure’s id. */
export const figures = {
  'prep.trimmedAway': {
    label: 'trimmed away',
    formula:
      '{weighed, select, yes {Weight as bought less weight trimmed.} other {Usual loss of this cut on what would have to be bought; weigh yours before and after.}}',
    changes: 'The butcher, and how lean you like it. Salt, portions and time go by the trimmed weight.',
  },
  'prep.fillingInEach': {
    label: 'filling in each',
    formula: 'All the filling over the number of rolls.',
    changes: 'Fewer rolls or more filling.',
  },
  'prep.thicknessOfARoll': {
    label: 'thickness of a roll',
    formula: 'Meat and filling as one cylinder, as long as the pounded sheet is wide.',
    changes: 'Pounding thinner makes a longer sheet and a slimmer roll.',
  },
  'buy.wanted': {
    label: 'trimmed meat for the table',
    formula: 'Raw weight a plate of this cut, bone counted, times eaters and appetite.',
    changes: 'Appetite, what stands beside it, bone or no bone.',
  },
  'buy.toBuy': {
    label: 'to buy',
    formula: 'What the table wants over what is left after trimming.',
    changes: 'A well-trimmed piece loses less; one cook lost a quarter.',
  },
  'buy.edible': {
    label: 'off the bone, raw',
    formula: 'Weight that goes in, less its bone.',
    changes: 'The cut and its bone.',
  },
  'buy.served': {
    label: 'on each plate, cooked',
    formula: 'Raw meat off the bone, less juice and fat given up when the fork twists, over the eaters.',
    changes: 'Cooking further gives up more. The juice is not lost: it is the sauce.',
  },
  'buy.plates': {
    label: 'feeds',
    formula: 'What goes in over what each eater wants.',
    changes: 'Appetite; sides.',
  },
  'buy.pricePerPlate': {
    label: 'meat for a plate costs',
    formula: 'Price times weight as bought, over the plates it makes: bone and trim are paid for too.',
    changes: 'The other form of the cut: see beside.',
  },
  'plan.full': {
    label: 'full',
    formula: 'Meat, vegetables and liquid over what the pot holds to the brim.',
    changes: 'A lower level, fewer vegetables, a wider pot.',
  },
  'plan.headroom': {
    label: 'headroom',
    formula: 'Depth of the pot less the higher of meat and liquid; {mm_30} are wanted for the boil and for turning.',
    changes: 'A deeper or wider pot; pieces side by side instead of stacked.',
  },
  'plan.sticksOut': {
    label: 'sticks out',
    formula: 'Height of the meat less the depth of the liquid; it cooks slower and dries unless it is turned.',
    changes: 'A higher level, a narrower pot, turning once.',
  },
  'plan.sugar': {
    label: 'sugar in the sauce',
    formula: 'Sugar of all that goes in over the reduced sauce.',
    changes: 'Fruit, paste, onion, sweet wine and juice bring it; over about {gL_200} it catches and darkens.',
  },
  'liquid.target': {
    label: 'down to',
    formula: 'What was poured times the share that is left.',
    changes: 'How far it is taken; dilution hides harshness and stops reduction, so it comes before the stock.',
  },
  'liquid.minutes': {
    label: 'boiling down',
    formula:
      'Water to drive off times its heat of evaporation, over what the burner puts in less what the open pot loses.',
    changes: 'A stronger burner, a wider pot; the meat out, so that it does not boil hard.',
  },
  'liquid.alcohol': {
    label: 'alcohol left, a plate',
    formula: 'Pure alcohol poured in, times the share that tests found left after as long a simmer, over the plates.',
    changes:
      'Longer, open and stirred leaves less; it is never nought. For children and those who avoid it: no wine at all.',
  },
  'liquid.perHour': {
    label: 'steam',
    formula: 'Steam over the time on the heat; less at first, more once all is at the boil.',
    changes: 'Lid and heat.',
  },
  'liquid.coldCost': {
    label: 'going in cold costs',
    formula: 'The same pot run twice: once simmering when the meat goes in, once with cold stock.',
    changes: 'Less liquid, a stronger oven. Simmer first and the time can be told.',
  },
  'care.ice': {
    label: 'ice',
    formula: 'Heat in meat, liquid and pot over what ice takes up as it melts, and a third more.',
    changes: 'Cold tap water first takes half of the heat away and saves ice.',
  },
  'care.standing': {
    label: 'just left to stand',
    formula:
      'The same pot with its lid on in a room of {room}, {within} after it has passed {from}; by then it should be at {warm}.',
    changes: 'Nothing but cold water: a full pot holds its heat for hours.',
  },
  'base.minutes': {
    label: 'base',
    formula: 'Each thing’s minutes in the pan, one after the other; onion by how much water must go.',
    changes: 'How brown the onion, how much of it, what is left out.',
  },
  'base.onion': {
    label: 'onion, {colour, select, soft {soft} deep {deep brown} other {golden}}',
    formula:
      'Four minutes to warm, then the water that must go times its heat of evaporation, over a heat that does not scorch.',
    changes: 'More onion, browner onion. A wide pan lets steam away sooner.',
  },
  'base.flour': {
    label:
      '{when, select, end {{by, select, corn {corn starch at the end} potatoStarch {potato starch at the end} kneaded {kneaded butter at the end} other {flour at the end}}} other {flour}}',
    formula:
      'What brings this much sauce, with its gelatin, to {rung}; more when browned, since browning takes from it.',
    changes: 'More gelatin, less sauce, a thinner one.',
  },
  'sauce.fat': {
    label: 'fat to lift off',
    formula: 'Fat in the raw meat times what melts out by then.',
    changes: 'Trimming; a longer braise melts out more. Chilled overnight it lifts off whole.',
  },
  'sauce.fatLeft': {
    label: 'fat that stays',
    formula:
      'What has not risen, and what this way of lifting leaves of what has; five minutes off the heat, or a night in the cold.',
    changes: 'A jug, paper, a night in the fridge; lifting it before any hard boil.',
  },
  'sauce.sauce': {
    label: 'sauce, reduced',
    formula: 'Sauce wanted on each plate times the plates, or all there is if that is less.',
    changes: 'How much sauce you want: set it at Finish.',
  },
  'sauce.reduce': {
    label: 'reducing',
    formula:
      'Water to drive off times its heat of evaporation, over what the burner puts in less what the open pot loses.',
    changes: 'A stronger burner, a wider pan, less liquid at the start.',
  },
  'sauce.gelatin': {
    label: 'gelatin in the sauce',
    formula: 'Half of the collagen that has dissolved, and what the stock brings, over the reduced sauce.',
    changes: 'Cuts with skin and sinew, a trotter, more reduction. From about {gL_25} it is sticky.',
  },
  'season.toAdd': {
    label: 'salt for the weight',
    formula: 'So much for the weight, times the net weight off the bone.',
    changes: 'Salty stock, soy, cured pork, olives: then half. Weigh it: spoons of coarse and fine differ by half.',
  },
  'season.now': {
    label: 'on the meat',
    formula: 'Salt for the net weight, less what the reduced sauce could not bear: that waits for the last tasting.',
    changes: 'Unsalted stock and less reduction let more go on the meat. Salt cannot be taken out again.',
  },
  'season.total': {
    label: 'salt in the pot',
    formula: 'Everything that brings salt, added up.',
    changes: 'Unsalted stock; less soy or cured pork.',
  },
  'season.holdBack': {
    label: 'left off for now',
    formula: 'What brings the reduced sauce from the forecast down to the aim.',
    changes: 'Less reduction, unsalted stock.',
  },
  'season.atEnd': {
    label: 'to add at the end',
    formula: 'What brings the reduced sauce up to the aim; nothing while it lies between 0.7 and 1 %.',
    changes: 'Taste decides: the forecast is good to about a fifth.',
  },
  'season.atPlate': {
    label: 'on the meat, lifted out',
    formula: 'What brings the cooked meat from the forecast up to 0.7 % of its weight.',
    changes: 'More on it now, if the sauce is reduced less. Taste a piece with its sauce first.',
  },
  'sear.minutes': {
    label: 'at the pan',
    formula:
      'Heating the pan, plus each batch’s faces and edges, plus what the pan needs to come back between batches.',
    changes: 'A wider or heavier pan, more power, fewer faces; colour ends a face, not the clock.',
  },
  'sear.fatL': {
    label: 'fat',
    formula:
      'A film of a quarter of a millimetre over the pan’s floor, a spoonful over, and one more for every further batch.',
    changes: 'The pan’s width; how much fat the meat brings.',
  },
  'sear.dredge': {
    label: 'flour to turn it in',
    formula: 'Three in a hundred of the weight that goes in; half of it is shaken off again.',
    changes: 'Smaller pieces take more. What is left has met raw meat: cook it into the sauce or bin it.',
  },
  'sear.perBatch': {
    label: 'at most in a batch',
    formula:
      'The smallest of three: what lies in the pan with air around it, two thirds of the floor, and what the burner and the pan’s store of heat can keep above {C_150}.',
    changes: 'More power, a heavier or wider pan, drier meat, a fat that stands more heat.',
  },
  'liquid.poured': {
    label: 'in the pot at the start',
    formula: 'The pot’s area times the depth, less meat and vegetables below the line.',
    changes: 'A narrower pot, snugger pieces or a lower level take less.',
  },
  'liquid.fromMeat': {
    label: 'from the meat',
    formula: 'Raw meat off the bone times what it gives up by the time it is done.',
    changes: 'Hotter and longer gives more.',
  },
  'liquid.fromVegetables': {
    label: 'from the vegetables',
    formula: 'Each one’s weight times its share of water, as far as the time lets it out.',
    changes: 'Onion, tomato and mushrooms give most.',
  },
  'liquid.pouredLate': {
    label: 'poured late',
    formula: 'What is measured to go in towards the end, as far as it has gone in by then.',
    changes: 'Another amount, or pouring it at the start.',
  },
  'liquid.takenUp': {
    label: 'taken up',
    formula: 'What lentils, beans, rice, barley, potatoes and dried fruit drink.',
    changes: 'Less of them, or cooked apart.',
  },
  'liquid.steam': {
    label: 'gone as steam',
    formula:
      'Heat the pot gets beyond what warms it, over the heat of evaporation, and what the lid lets by below the boil.',
    changes: 'A tighter lid below the boil; less heat at it.',
  },
  'liquid.left': {
    label: 'liquid when done',
    formula: 'All that went in and came out of meat and vegetables, less steam and what was drunk.',
    changes: 'The lid and the level.',
  },
  'care.iceWater': {
    label: 'in ice water',
    formula: 'Pot and pieces in ice water, stirred now and then, until the fridge can do the rest within the limit.',
    changes: 'Less liquid, smaller pieces, a thin steel pot; stirring halves it.',
  },
  'care.warm': {
    label: 'from {from} to {warm}',
    formula:
      'At the hottest spot, the middle of the thickest piece. The limit here is {within}; local food-safety guidance decides.',
    changes: 'Ice, stirring, a shallow dish.',
  },
  'care.cold': {
    label: 'from {from} to {cold}',
    formula: 'Ice water first, then the fridge. The limit here is {inAll} in all; local food-safety guidance decides.',
    changes: 'Longer in the ice water; pieces over {mm_50} cut first.',
  },
  'season.meat': {
    label: 'salt in the meat',
    formula: 'Salt that has moved into the meat, by diffusion through its surface, over the meat’s cooked weight.',
    changes: 'Less salty stock, less reduction, smaller pieces (they take up more), more time.',
  },
  'season.sauceBefore': {
    label: 'salt, before reducing',
    formula: 'Salt left in the liquid over the liquid.',
    changes: 'Less salty stock, less reduction, smaller pieces (they take up more), more time.',
  },
  'season.sauce': {
    label: 'salt, reduced',
    formula: 'Salt left in the liquid over the sauce it is reduced to: reducing loses water and no salt.',
    changes: 'Less salty stock, less reduction, smaller pieces (they take up more), more time.',
  },
  'care.reheat': {
    label: 'warming through',
    formula:
      'A gentle flame under meat, sauce and pot from the fridge, until the coldest spot of the thickest piece is at {hot}.',
    changes: 'Smaller pieces, slices, a stronger flame with more stirring.',
  },
  'care.reheatOven': {
    label: 'or in the oven',
    formula:
      'Meat, sauce and pot from the fridge under the lid in the oven, until the coldest spot of the thickest piece is at {hot}.',
    changes: 'Slices, a thin pot, a hotter oven with more liquid over the meat.',
  },
  'energy.burner': {
    label: 'energy',
    formula: 'What pot, meat, steam and the pot’s walls take up, over the share of the burner’s power that arrives.',
    changes: 'A lid, a lower simmer, induction instead of gas.',
  },
  'energy.both': {
    label: 'energy',
    formula:
      'On the hob: what pot, meat and steam take up, over the share of the burner’s power that arrives. In the oven: heat in its body, what its walls lose, and what the pot takes up.',
    changes: 'A lid, a lower setting, all of it in one place.',
  },
  'energy.oven': {
    label: 'energy',
    formula:
      'Heat in the oven’s own body, what its walls lose all the while, and what the pot takes up; for an electric oven of {l_65}.',
    changes:
      'Most goes through the walls: a lower setting, or a burner. A second dish in the oven costs almost nothing.',
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
  'input.sheetAcross': 'sheet, across',
  'input.eaters': 'eaters',
  'input.appetite': 'appetite',
  'input.trimmedWanted': 'trimmed, wanted',
  'input.ofItBone': 'of it bone',
  'input.offTheBoneRaw': 'off the bone, raw',
  'input.cookedAllPlates': 'cooked, all plates',
  'input.goesIn': 'goes in',
  'input.eachWants': 'each wants',
  'input.allOfIt': 'all of it',
  'input.afterTheVegetables': 'once the vegetables are dealt with',
  'input.saltBears': 'no less, for its salt',
  'input.fatInAll': 'fat in all',
  'input.plates': 'plates',
  'input.intoThePot': 'into the pot',
  'input.arrives': 'arrives',
  'input.coldInItsLiquid': 'then cold in its liquid',
  'input.onTheHeat': 'on the heat',
  'input.setTo': 'set to',
  'input.warmingAndBraising': 'warming and braising',
  'input.meat': 'meat',
  'input.vegetablesAtTheStart': 'vegetables at the start',
  'input.liquid': 'liquid',
  'input.potToTheBrim': 'pot, to the brim',
  'input.potDeep': 'pot, deep',
  'input.meatStands': 'meat stands',
  'input.liquidStands': 'liquid stands',
  'input.ofTheMeatUnderLiquid': 'of the meat under liquid',
  'input.sugarInAll': 'sugar in all',
  'input.sauce': 'sauce',
  'input.poured': 'poured',
  'input.left': 'left',
  'input.toDriveOff': 'to drive off',
  'input.reachesThePot': 'reaches the pot',
  'input.potsBase': 'pot’s base',
  'input.pureAlcoholIn': 'pure alcohol in',
  'input.simmeringAllTold': 'simmering, all told',
  'input.stillThere': 'still there',
  'input.potAcross': 'pot, across',
  'input.levelOfTheMeatsHeight': 'level, of the meat’s height',
  'input.juiceOfItsRawWeight': 'juice, of its raw weight',
  'input.vegetables': 'vegetables',
  'input.lateAndDryThings': 'late and dry things',
  'input.pouredLate': 'poured late',
  'input.start': 'start',
  'input.fromMeat': 'from meat',
  'input.fromVegetables': 'from vegetables',
  'input.takenUp': 'taken up',
  'input.steam': 'steam',
  'input.simmeringDoneAfter': 'simmering, done after',
  'input.coldDoneAfter': 'cold, done after',
  'input.cooledTo': 'cooled to',
  'input.aGentleFlame': 'a gentle flame',
  'input.anOven': 'an oven at',
  'input.onion': 'onion',
  'input.ofItsWeightToDriveOff': 'of its weight to drive off',
  'input.heatItStands': 'heat it stands',
  'input.gelatinInIt': 'gelatin in it',
  'input.strengthOfThis': 'a gram is worth, of corn starch',
  'input.liquidWhenDone': 'liquid when done',
  'input.cookedMeat': 'cooked meat',
  'input.aPlate': 'a plate',
  'input.fromTheStock': 'from the stock',
  'input.saltInAll': 'salt in all',
  'input.liquidWhenTender': 'liquid when tender',
  'input.evenedOutBetweenMeatAndLiquid': 'evened out between meat and liquid',
  'input.netOffTheBone': 'net, off the bone',
  'input.onEachKilogram': 'on each kilogram',
  'input.comesWithOtherThings': 'comes with other things',
  'input.forTheWeight': 'for the weight',
  'input.heldBack': 'held back',
  'input.sauceWithAllOfIt': 'sauce with all of it',
  'input.onTheMeat': 'on the meat',
  'input.aim': 'aim',
  'input.sauceByForecast': 'sauce by forecast',
  'input.meatByForecast': 'meat by forecast',
  'input.wanted': 'wanted',
  'input.heatingThePan': 'heating the pan',
  'input.batches': 'batches',
  'input.browningAllBatches': 'browning, all batches',
  'input.comingBackBetweenThem': 'coming back between them',
  'input.pansFloor': 'pan’s floor',
  'input.onePieceCovers': 'one piece covers',
  'input.twoThirdsOfTheFloor': 'two thirds of the floor',
  'input.theHeatCarries': 'the heat carries',
  'input.reachesThePan': 'reaches the pan',
  'input.panStartsAt': 'pan starts at',
  'input.coolestInTheFirstBatch': 'coolest in the first batch',
  'input.aPlateOf': 'a plate of {cut}',
  'input.trimLossOf': 'trim loss of {cut}',
  'input.cut': '{cut}',
  'input.source': '{source}',
  'input.step': '{step}',
} as const;

/** How far to trust a figure, and what goes with numbers. */
export const measures = {
  'sure.computed': 'Arithmetic: as good as what you measured.',
  'sure.estimate': 'A model’s estimate: expect it within a fifth or so.',
  'sure.practice': 'Kitchen practice put into a number: a place to start.',
  'measure.perHour': '{volume} an hour',
  'measure.underAnEighth': 'under ⅛ oz',
  'measure.saltALitre': '{grams, number} g a litre',
  'measure.underOnePercent': 'under 1 %',
  'measure.eveningsInTen': '{evenings, number} evenings in 10',
  'measure.eveningsInHundred': '{evenings, number} evenings in 100',
  'measure.range': '{low} to {high}',
} as const;
