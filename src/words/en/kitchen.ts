/** What is done to raw meat. */
export const prep = {
  'prep.trim': 'Trim the {cut}',
  'trim.common': 'Cut off hard outer fat and silverskin; leave the inner seams, they melt.',
  'trim.beef_cheek': 'Peel off the silverskin on the outside; the fine web inside is what melts.',
  'trim.pork_cheek': 'Peel off the thin silverskin; leave the web inside.',
  'trim.veal_cheek': 'Peel off the silverskin; leave the web inside.',
  'trim.beef_brisket_point': 'Trim hard outer fat down to {mm_5}; leave the seam between the muscles.',
  'trim.beef_brisket_flat': 'Leave {mm_5} of the fat cap: it keeps the top moist.',
  'trim.beef_feather_blade': 'Remove the outer silverskin, never the middle sheet: it turns to jelly.',
  'trim.beef_short_rib_english': 'Trim the top fat to {mm_5}; leave the membrane that holds the meat to the bone.',
  'trim.beef_oxtail': 'Trim only thick outer fat; the rest melts and you skim it off.',
  'trim.beef_shank_cross': 'Nick the silverskin round the edge in two places, or the slice curls.',
  'trim.veal_shank': 'Nick the skin round the edge in two places, or the slice curls.',
  'trim.lamb_shank': 'Trim thin outer fat only; leave the tendon at the thin end.',
  'trim.lamb_shoulder': 'Cut off hard fat; leave what lies between the muscles.',
  'trim.pork_shoulder': 'Take the skin off if it’s on; leave up to {mm_5} of fat.',
  'trim.pork_hock': 'Leave the skin on: it is half the dish. Singe or shave any bristles.',
  'trim.pork_trotter': 'No trimming; singe or shave bristles, and split it if whole.',
  'trim.pork_belly': 'Score the skin, or take it off and braise it beside for its gelatin.',
  'trim.duck_leg': 'Trim loose fat and flaps; leave the skin on: it bastes the meat as its fat renders.',
  'trim.chicken_thigh': 'Trim loose fat only; keep the skin if you brown it well.',
  'trim.chicken_leg': 'Trim loose fat only; keep the skin if you brown it well.',
  'trim.rabbit_leg': 'Remove only the silvery membrane; it is lean enough.',
  'trim.venison_shoulder': 'Remove all silverskin: in game it stays tough and strong-tasting.',
  'trim.venison_shank': 'Leave the outer silverskin: it softens in time.',
  'prep.cube': 'Cut into {edge} cubes',
  'prep.cube.how':
    'About {pieces, number}, all the same size: mixed sizes finish at different times, some mushy, some chewy. They shrink by a tenth each way.',
  'prep.open': 'Open out and pound to {thickness}',
  'prep.open.how':
    'Open it like a book to half its thickness and pound it under cling film, from the middle outwards. Keep the grain along the roll so slicing cuts across it. Wash the mallet and board; bin the film.',
  'prep.mix': 'Mix the filling',
  'prep.mix.how': '{things}. Chop finely where needed, and taste before it touches raw meat.',
  'prep.mix.thing': '{thing} {weight}',
  'prep.rub': 'Rub in the spices',
  'prep.rub.how': '{things}, on every side.',
  'prep.rub.scorches':
    '{things}, on every side. Sugar and ground spices blacken: brown a shade lighter and turn early.',
  'prep.fill': 'Fill and roll {rolls, number}',
  'prep.fill.how':
    'Divide by weight; leave a finger’s width clear at the edges; roll tightly, or they open. Seam down, with {overlap} of overlap.',
  'prep.tie': 'Tie with {strings, plural, one {# piece of string} other {# pieces of string}}',
  'prep.tie.how':
    'Double the loop so it holds while you knot. Firm, but not cutting in. Count the strings in, and the same number out.',
  'prep.salt': 'Salt and chill, uncovered',
  'prep.salt.how':
    '1 to 24 h in the fridge on a rack: the salt works inwards and the surface dries. Anything from 5 to 40 minutes only makes it wet.',
  'prep.dry': 'Pat dry until the paper comes away dry',
  'prep.dry.how': 'Wet meat spits and steams. Don’t rinse it: that spreads germs and makes it wetter.',
  'prep.temper': '{time} out of the fridge',
  'prep.temper.how':
    'It warms the outside by a few degrees, no more. At most {most} out of the fridge in total, less in a hot room.',
} as const;

/** Shopping, and which cut suits what. */
export const buying = {
  'buy.other.onBone':
    'On the bone you need {weight}: more flavour and marrow, and a bone that tells you when it’s done.',
  'buy.other.onBone.priced':
    'On the bone you need {weight}: more flavour and marrow, and a bone that tells you when it’s done. Worth up to {price} per kilo.',
  'buy.other.offBone': 'Boneless, {weight} is enough: easier to eat, but no bone to judge by.',
  'buy.other.offBone.priced':
    'Boneless, {weight} is enough: easier to eat, but no bone to judge by. Worth up to {price} per kilo.',
  'counter.even': 'Even thickness from end to end, or the thin end finishes first.',
  'counter.wholePiece': 'A whole piece to cut yourself: ready-cut cubes vary in size and muscle.',
  'counter.seams': 'Seams and silverskin you can see between the muscles: they become the sauce.',
  'counter.marbled': 'Some fat through the meat: there is little else to keep it moist.',
  'counter.bone': 'Meat firmly on the bone, moist cut faces, no bone dust.',
  'counter.skin': 'Skin whole and dry, no smell.',
  'counter.trimmed': 'About {share} is trimmed away: buy enough to allow for it.',
  'suits.tooSmallToSlice': 'too small or too bony to slice',
  'suits.noBone': 'no bone for it to fall from',
  'suits.slidesOff': 'the bone pulls out cleanly when it’s done',
  'suits.evenGrain': 'even grain that holds together: slices before it shreds',
  'suits.slicesEarly': 'slices if you stop early; falls apart soon after',
  'suits.silky': 'lots of collagen: turns silky',
  'suits.leanTender': 'lean: tender, but dries out if kept warm too long',
  'suits.forgiving': 'well marbled and forgiving',
  'suits.dryThreads': 'lean: shreds turn out dry',
  'suits.moistStrands': 'long fibres with fat and collagen between them: pulls into moist strands',
  'suits.stickySauce': 'melts into a sticky sauce',
  'suits.breaksUp': 'crumbles into small bits; needs time',
} as const;

/** The base: what goes in, what to stop at, why. */
export const base = {
  'base.garlicWhole': 'whole garlic cloves',
  'base.garlicMinced': 'garlic, finely chopped',
  'base.paste': 'tomato paste',
  'base.pasteInStock': 'tomato paste into the stock',
  'base.roux': 'brown roux',
  'ingredient.flour': 'flour',
  'ingredient.filling': 'filling',
  'look.wholeGarlic': 'added with the onion; they turn sweet',
  'look.withTheLiquid': 'with the liquid',
  'look.dissolved': 'dissolved',
  'look.dust': 'no dry patches, smells biscuity',
  'look.apart': 'dry pan, browned; then out onto a plate',
  'base.dust': 'flour over the browned meat',
  'base.apart': '{thing}, browned separately{goes, plural, one {} other { in # batches}}',
  'base.apart.why': 'Set aside; it goes back in near the end and keeps its bite.',
  'base.paste.late': 'Stirred in late it stays bright and sharp.',
  'look.rustRed': 'rust-red, sweet-smelling, just starting to stick',
  'look.onion.soft': 'translucent, not coloured',
  'look.onion.golden': 'soft, golden at the edges',
  'look.onion.deep': 'an even deep brown, jammy',
  'look.spiceOffHeat': 'off the heat, then the liquid at once',
  'look.spiceSmells': 'fragrant, no darker',
  'look.roux': 'nut-brown, smells toasty',
  'look.flour': 'no raw-flour smell, still pale',
  'look.beforeTheEnd': '{time} before the end',
  'base.paste.beforeWine': 'Fried before the wine, it loses its raw edge.',
  'base.paste.afterWine': 'After the wine, because paste would slow the reduction.',
  'base.paste.inStock': 'Added raw, it stays fresh and sharp.',
  'base.onionDeep':
    'Low and slow: onion that browns in five minutes is scorched. A pinch of salt draws out water that lifts the brown bits.',
  'base.onionSalt': 'A pinch of salt draws out water that lifts the brown bits.',
  'base.spiceScorches': 'It scorches in hot fat and turns bitter.',
  'base.spiceOpens': 'Warm fat brings out its aroma.',
  'base.flourStir': 'Stir constantly, then add the stock in stages, smooth each time. It sticks and burns easily.',
  'base.fat.spoon': 'Pour off the rest, never the brown bits.',
  'base.fat.half': 'Pour off half; the rest carries flavour and you skim it at the end.',
  'base.fat.all': 'Keep it all; there’s more to skim at the end.',
} as const;

/** Forgotten steps: what, where it can still be made up for, what changes. */
export const forgotten = {
  'forgotten.paste': 'tomato paste',
  'forgotten.paste.still':
    'Fry it on its own in a spoonful of fat until rust-red, then stir it in, up to an hour before the end.',
  'forgotten.paste.changes': 'Not much; added raw it stays sharp.',
  'forgotten.garlic': 'garlic',
  'forgotten.garlic.still': 'Slice it, warm it in oil for a minute, add it with the oil.',
  'forgotten.garlic.changes': 'Brighter and stronger than garlic cooked from the start.',
  'forgotten.bay': 'bay and woody herbs',
  'forgotten.bay.still': 'Any time up to an hour before the end, tied.',
  'forgotten.bay.changes': 'Fainter flavour; don’t double the amount.',
  'forgotten.flour': 'flour',
  'forgotten.flour.still': 'Whisk in butter-flour paste (equal weights) at the end, or starch mixed with cold water.',
  'forgotten.flour.changes': 'Nothing: by then you know how much sauce there is, so it’s easier.',
  'forgotten.salt': 'salt on the meat',
  'forgotten.salt.still': 'Season the sauce once reduced, and the meat when you lift it out.',
  'forgotten.salt.changes': 'The middle of thick pieces stays a little bland.',
  'forgotten.wine': 'reducing the wine',
  'forgotten.wine.still': 'Boil the wine down on its own in a small pan, then add it.',
  'forgotten.wine.changes': 'Added raw it stays harsh; under a lid it can’t boil off.',
  'forgotten.sear': 'the sear',
  'forgotten.sear.still':
    'Lid off for the last 45 min, tops out of the liquid, or ten minutes on a tray in a hot oven.',
  'forgotten.sear.changes': 'You get colour and some flavour; the sauce misses the brown bits.',
  'forgotten.onion': 'onion',
  'forgotten.onion.still': 'Soften it separately until golden and add it by halfway.',
  'forgotten.onion.changes': 'Nothing if you cook it first; raw, it stays crunchy for an hour.',
  'forgotten.soak': 'soaking the beans',
  'forgotten.soak.still': 'Not in this pot: use rinsed tinned beans, 20 min before the end.',
  'forgotten.soak.changes': 'Only the texture. Never put dry beans straight into a slow braise.',
} as const;

/** The sear. */
export const sear = {
  'sear.none': 'No sear: paler, with less roasted flavour; tomato paste and onion can make up some of it.',
  'sear.sears':
    'Browns well: the pan drops to {lowest} and stays above {browns}, where juice boils off as fast as it comes out.',
  'sear.labours':
    'Browns slowly: over a quarter of each side’s time is spent below {browns}. This burner keeps {carries} of the pan hot enough; brown fewer at a time.',
  'sear.steams':
    'Will steam, not brown: the pan drops to {lowest}; under {steams} juice collects faster than it boils off and the meat turns grey. This burner keeps {carries} of the pan hot enough.',
  'sear.fatStands': '{Fat} can take searing heat.',
  'sear.fatSmokes':
    '{Fat} smokes from about {smoke}: start the pan at {start}, with less stored heat for the meat{slower, select, yes {, so it browns more slowly} other {}}.',
  'sear.whatItDoes':
    'Browning adds flavour and colour and dries the surface. It doesn’t seal in juices: seared meat loses as much as unseared, or slightly more.',
  'searSign.ready': 'A water drop skips, the fat shimmers, the first wisp of smoke rises',
  'searSign.ready.means': 'ready: add the first piece',
  'searSign.tooCold': 'The fat lies still; meat goes in silently',
  'searSign.tooCold.means': 'too cold: wait, or it will stick and steam',
  'searSign.tooHot': 'Steady smoke, sharp smell',
  'searSign.tooHot.means': 'too hot: take it off the heat; wipe it out if the fat has darkened',
  'searSign.turn': 'Loud steady sizzle; the meat releases by itself',
  'searSign.turn.means': 'turn it: the crust has formed',
  'searSign.steaming': 'The sizzle drops to a bubble and liquid runs out',
  'searSign.steaming.means': 'steaming: take half out, turn up the heat, carry on',
  'searSign.brownBottom': 'Pan bottom golden to brown',
  'searSign.brownBottom.means': 'flavour: it dissolves when you deglaze',
  'searSign.blackBottom': 'Bottom black, smells of ash',
  'searSign.blackBottom.means': 'bitter: wipe it out and start with fresh fat',
} as const;

/** Salt. */
export const salting = {
  'salt.spoons.none': 'none',
  'salt.spoons.pinches': '{pinches, plural, one {a pinch} other {# pinches}} of {salt}',
  'salt.spoons.level': 'about {spoons} {salt}, level',
  'salt.tooSalty':
    'Other ingredients already bring {brings}: don’t add salt, use unsalted stock, or stop reducing at {stopAt}.',
  'salt.tooSaltyThin':
    'Other ingredients already bring {brings}, too much for this amount of sauce: don’t add salt, and thin it with {add} of unsalted liquid or use less of the salty ones.',
  'salt.holdBack':
    'Put {now} on the meat now. With all {all}, the reduced sauce would reach {sauce}, and you can’t take salt out. Season the meat when you lift it out, about {plate}, and the sauce last.',
  'salt.seasonLast': 'Season at the end: about {grams} brings the reduced sauce to {aim}. Taste first.',
  'salt.right': 'It should end up well seasoned; taste once reduced.',
} as const;

/** Liquids, herbs, what comes out again, what to watch for. */
export const pouring = {
  'pour.late': '{time} before the end, hot if possible',
  'pour.lateWine': '{time} before the end, lid ajar for the first ten minutes; some sharpness and alcohol stay',
  'pour.boilDown': 'burner off to pour; reduce before adding anything else',
  'pour.hotToTheLine': 'hot, to the line',
  'pour.thinsStock': 'dilutes the stock',
  'herbs.tooMuch':
    'That much {herbs} {count, plural, one {turns} other {turn}} bitter or takes over: about {enough} is enough for this pot.',
  'herbs.enough': '{usual, number} {unit}',
  'herbs.shed': '{Herbs} will drop bits into the sauce: tie or bag it, or strain at the end.',
  'herbs.halfway': 'Add rosemary halfway through: from the start it turns bitter.',
  'countOut.herb': '{herb}, {unit}',
  'countOut.bundle': 'herb bundle',
  'countOut.packetForShedding': 'muslin bag (for loose spices)',
  'countOut.packet': 'muslin bag',
  'countOut.strings': 'pieces of string',
  'countOut.bones': '{cut} bones',
  'advice.rawWine': 'Unreduced wine stays harsh: the lid traps it.',
  'advice.beerBitter': '{Beer} turns bitter if you reduce it hard.',
  'advice.pasteHoldsUp': 'Paste in the pan slows a hard reduction: fry it after the wine.',
  'advice.sugarCatches':
    '{sugar} of sugar in the sauce can scorch. Keep the heat low, check more often, add sugar late.',
  'advice.acidPulses':
    'Wine, tomato and vinegar slow beans and lentils: soften them first, or allow half as long again.',
  'advice.acidAluminium': 'Don’t use acid in bare aluminium: the sauce turns grey and metallic.',
  'advice.acidFoil': 'Don’t let foil touch an acidic sauce.',
  'advice.stockInStages': 'Add stock in three stages, stirring smooth each time, or it goes lumpy.',
} as const;

/** Allergens and choking hazards. */
export const table = {
  'table.hidden': '{name}: {why}',
  'table.brings': 'Someone here avoids {avoided}: {sources} {count, plural, one {contains} other {contain}} it.',
  'table.bringsAlcohol':
    'Someone here avoids {avoided}: {sources} {count, plural, one {contains} other {contain}} it, and some always stays.',
  'table.mayBring': 'Someone here avoids {avoided}. Check the label: {hidden}.',
  'choke.boneChips': 'bone chips from the {cut}',
  'choke.strings': '{strings, plural, one {# piece of string} other {# pieces of string}}',
  'choke.herb': '{count, number} × {herb}',
} as const;

/** The caution at each step; local guidance decides. */
export const cautions = {
  'caution.title': 'Take care',
  'caution.defer': 'Follow your local food-safety guidance.',
  'caution.rawMeat':
    'Don’t rinse raw meat: it spreads germs. Wash hands, board and knife, and keep raw juices off anything eaten raw. Out of the fridge: {out} at most, {outHot} in a hot room.',
  'caution.sear':
    'Hot fat: dry the meat and lay it away from you. If it catches fire: heat off, lid on, never water. Put seared meat on a clean plate.',
  'caution.base':
    'Paste, flour and sugar stick and can burn you: stay with them. Sharp knife and steady board for hard roots; gloves or oiled hands for chilli, kept away from your eyes. Never put dry beans straight into a slow braise.',
  'caution.liquid':
    'Turn the burner off before you add wine; pour from a cup, never the bottle, and stand back. Brandy and other spirits catch fire: add them off the heat, a little at a time. Some alcohol always remains.',
  'caution.potIntoOven':
    'A full pot is heavy and its knob gets hot: use two dry oven gloves, clear your path, leave a cloth on the lid.',
  'caution.potOnStove': 'Stay within earshot: a pot that boils dry can catch fire. Check your smoke alarm works.',
  'caution.steamOven':
    'Open the door away from your face and let the steam out before reaching in. Use two dry oven gloves: steam goes through wet cloth.',
  'caution.bare':
    'Fire and smoke outdoors only, and watch it. The middle of the meat must go from {slowFrom} to {slowTo} within {slowIn}; never stop halfway and finish later.',
  'caution.grill':
    'Outdoors only: charcoal and gas give off carbon monoxide. Level ground, nothing flammable within reach, never unattended; ash stays hot for a day. Use two dry oven gloves for the pot.',
  'caution.open': 'Lift the lid away from your face: steam burns. Use two dry oven gloves.',
  'caution.finish':
    'Take out and count bones, bay leaves and string before you strain or blend; never fill a blender more than half with hot liquid.',
  'caution.hold': 'Keep it above the hot-holding limit, checked with a thermometer, or cool it straight away.',
  'caution.blend':
    'Hot sauce erupts: heat off, bones, bay and string counted out, jug half full, lid vented under a cloth.',
  'caution.bones': 'Feel every piece for splinters. Cooked bones splinter: never give them to dogs or cats.',
  'caution.reheat':
    'Reheat once only, all the way through, to {reheat} or more; throw away anything left warm overnight, even if you boil it again.',
  'caution.serve':
    'Bone chips, bay leaves and string can choke. Cooked bones splinter, and onion sauce is poisonous to dogs and cats: give them neither.',
  'caution.store':
    'Cool in ice water or a shallow dish and refrigerate within {out} ({outHot} in a hot room). Eat within {days, plural, one {a day} other {# days}}, reheated to {reheat} or more.',
} as const;
