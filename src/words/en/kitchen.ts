/** What is done to raw meat. */
export const prep = {
  'prep.trim': 'Trim the {cut}',
  'trim.common': 'Hard outer fat and silverskin off; leave the inner seams: they melt.',
  'trim.beef_cheek': 'Peel off the silverskin on the outside; the fine web inside is what melts.',
  'trim.pork_cheek': 'Peel off the thin silverskin; leave the web inside.',
  'trim.veal_cheek': 'Peel off the silverskin; leave the web inside.',
  'trim.beef_brisket_point': 'Hard outer fat down to {mm_5}; leave the seam between the muscles.',
  'trim.beef_brisket_flat': 'Leave {mm_5} of the fat cap: it keeps the top moist.',
  'trim.beef_feather_blade': 'Outer silverskin off; never the middle sheet: it turns to jelly.',
  'trim.beef_short_rib_english': 'Fat over {mm_5} off the top; leave the membrane that holds meat to bone.',
  'trim.beef_oxtail': 'Only thick outer fat; the rest melts and is lifted.',
  'trim.beef_shank_cross': 'Nick the silverskin round the edge in two places, or the disc curls.',
  'trim.veal_shank': 'Nick the skin round the edge in two places, or the disc curls.',
  'trim.lamb_shank': 'Thin outer fat only; leave the tendon at the thin end.',
  'trim.lamb_shoulder': 'Hard fat off; leave what lies between the muscles.',
  'trim.pork_shoulder': 'Skin off if it is on; {mm_5} of fat may stay.',
  'trim.pork_hock': 'Leave the skin: it is half the dish. Singe or shave bristles.',
  'trim.pork_trotter': 'Nothing off; singe or shave bristles, split if whole.',
  'trim.pork_belly': 'Score the skin, or take it off and braise it beside for its gelatin.',
  'trim.duck_leg': 'Loose fat and flaps off; leave the skin on: it bastes and is rendered.',
  'trim.chicken_thigh': 'Loose fat only; the skin may stay if it is browned well.',
  'trim.chicken_leg': 'Loose fat only; the skin may stay if it is browned well.',
  'trim.rabbit_leg': 'Nothing but a silver membrane: it is lean enough.',
  'trim.venison_shoulder': 'All silverskin off: in game it stays tough and strong.',
  'trim.venison_shank': 'Outer silverskin may stay: it softens in time.',
  'prep.cube': 'Cut into {edge} cubes',
  'prep.cube.how':
    'About {pieces, number}, all alike: mixed sizes finish apart, some mush, some chewy. They shrink by a tenth each way.',
  'prep.open': 'Open out and pound to {thickness}',
  'prep.open.how':
    'Open like a book to half its thickness, under film, from the middle outward. Grain along the roll, so that slicing crosses it. Wash film, mallet and board.',
  'prep.mix': 'Mix the filling',
  'prep.mix.how': '{things}. Chop what is to be chopped finely; taste it before it meets raw meat.',
  'prep.mix.thing': '{thing} {weight}',
  'prep.rub': 'Rub in the spices',
  'prep.rub.how': '{things}, on every face.',
  'prep.rub.scorches':
    '{things}, on every face. What has sugar or dust in it blackens: brown it a shade lower, and turn early.',
  'prep.fill': 'Fill and roll {rolls, number}',
  'prep.fill.how':
    'Divide by weight; leave a finger’s breadth free at the edges; roll tight: slack rolls open. Seam down, {overlap} of overlap.',
  'prep.tie': 'Tie with {strings, plural, one {# string} other {# strings}}',
  'prep.tie.how':
    'A doubled loop holds while you knot. Firm, not deep: it shrinks. Count them in; the same number comes out.',
  'prep.salt': 'Salt and chill, uncovered',
  'prep.salt.how':
    '1 to 24 h in the fridge on a rack: the salt works inward, the surface dries. Between 5 and 40 minutes it only gets wet.',
  'prep.dry': 'Pat dry until the paper stays dry',
  'prep.dry.how': 'Wet meat spits and steams. Never rinse it: that splashes germs about and wets it more.',
  'prep.temper': '{time} out of the fridge',
  'prep.temper.how':
    'It warms the outside by a few degrees and no more. On the counter at most {most}, 1 h in a hot room, all told.',
} as const;

/** At the counter, and which cut suits what. */
export const buying = {
  'buy.other.onBone': 'On the bone you need {weight}: more flavour and marrow, and the bone shows when it is done.',
  'buy.other.onBone.priced':
    'On the bone you need {weight}: more flavour and marrow, and the bone shows when it is done. It is worth up to {price} a kilo.',
  'buy.other.offBone': 'Off the bone {weight} is enough: easy eating, no bone to judge by.',
  'buy.other.offBone.priced':
    'Off the bone {weight} is enough: easy eating, no bone to judge by. It is worth up to {price} a kilo.',
  'counter.even': 'Even thickness from end to end, or the thin end is done first.',
  'counter.wholePiece': 'A whole piece to cut yourself: ready cubes are mixed sizes and muscles.',
  'counter.seams': 'Seams and silverskin you can see between the muscles: they become the sauce.',
  'counter.marbled': 'Some fat through the meat: there is little else to keep it moist.',
  'counter.bone': 'Meat well on the bone, cut surfaces moist, no bone dust.',
  'counter.skin': 'Skin whole and dry, no smell.',
  'counter.trimmed': '{share} is trimmed away on average: buy for the trimmed weight.',
  'suits.tooSmallToSlice': 'too small, or all bone, to slice',
  'suits.noBone': 'no bone for it to fall from',
  'suits.slidesOff': 'the bone pulls out clean when it is done',
  'suits.evenGrain': 'even grain that holds together: slices before it shreds',
  'suits.slicesEarly': 'slices if it is stopped early; falls apart soon after',
  'suits.silky': 'much collagen: turns silky',
  'suits.leanTender': 'lean: tender, but dry if kept warm too long',
  'suits.forgiving': 'well marbled and forgiving',
  'suits.dryThreads': 'lean: its threads are dry',
  'suits.moistStrands': 'long fibres with fat and collagen between: pulls into moist strands',
  'suits.stickySauce': 'dissolves into a sticky sauce',
  'suits.breaksUp': 'breaks up small; needs time',
} as const;

/** The base: what goes in, what to stop at, why. */
export const base = {
  'base.garlicWhole': 'whole garlic cloves',
  'base.garlicMinced': 'garlic, minced',
  'base.paste': 'tomato paste',
  'base.pasteInStock': 'tomato paste into the stock',
  'base.roux': 'brown roux',
  'ingredient.flour': 'flour',
  'ingredient.filling': 'filling',
  'look.wholeGarlic': 'in with the onion: they turn sweet',
  'look.withTheLiquid': 'goes in with the liquid',
  'look.dissolved': 'dissolved',
  'look.dust': 'no dry patches, it smells of biscuit',
  'look.apart': 'pan dry, brown faces; out on a plate',
  'base.dust': 'flour over the browned meat',
  'base.apart': '{thing}, browned apart{goes, plural, one {} other { in # goes}}',
  'base.apart.why': 'Set aside: it goes back in towards the end and keeps its bite.',
  'base.paste.late': 'Stirred in late it stays bright and sharp.',
  'look.rustRed': 'rust-red, sweet smell, catching a little',
  'look.onion.soft': 'glassy, no colour',
  'look.onion.golden': 'soft, gold at the edges',
  'look.onion.deep': 'an even deep brown, jammy',
  'look.spiceOffHeat': 'off the heat, then the liquid at once',
  'look.spiceSmells': 'it smells, and is no darker',
  'look.roux': 'nut-brown, smells of toast',
  'look.flour': 'no smell of raw flour, still pale',
  'look.beforeTheEnd': '{time} before the end',
  'base.paste.beforeWine': 'Toasted dry it loses its raw edge.',
  'base.paste.afterWine': 'After the wine, because paste in it would hold up a hard reduction.',
  'base.paste.inStock': 'Raw it stays fresh and sharp.',
  'base.onionDeep':
    'Low and long: what is called brown in five minutes is scorched. A pinch of salt draws the water that lifts the brown bits.',
  'base.onionSalt': 'A pinch of salt draws water that lifts the brown bits off the bottom.',
  'base.spiceScorches': 'It scorches in hot fat and turns bitter.',
  'base.spiceOpens': 'Warm fat opens it.',
  'base.flourStir': 'Stir without a break; then the stock in stages, smooth each time. It sticks and burns.',
  'base.fat.spoon': 'Pour off the rest, never the brown bits.',
  'base.fat.half': 'Pour off half; the rest carries flavour and is lifted at the end.',
  'base.fat.all': 'Keep it all; there is more to lift at the end.',
} as const;

/** Steps that were forgotten: what, where it can still go in, what changes. */
export const forgotten = {
  'forgotten.paste': 'tomato paste',
  'forgotten.paste.still':
    'Fry it by itself in a spoonful of fat until rust-red, then stir it in, up to an hour before the end.',
  'forgotten.paste.changes': 'Nothing much; raw into the pot it stays sharp.',
  'forgotten.garlic': 'garlic',
  'forgotten.garlic.still': 'Slice it, warm it in oil for a minute, add oil and all.',
  'forgotten.garlic.changes': 'Brighter and more forward than garlic cooked from the start.',
  'forgotten.bay': 'bay and woody herbs',
  'forgotten.bay.still': 'Any time up to an hour before the end, tied.',
  'forgotten.bay.changes': 'Fainter; do not double them.',
  'forgotten.flour': 'flour',
  'forgotten.flour.still': 'Knead with the same weight of butter and whisk in at the end, or starch in cold water.',
  'forgotten.flour.changes': 'None: the volume is known by then, so it is safer.',
  'forgotten.salt': 'salt on the meat',
  'forgotten.salt.still': 'Season the sauce once it is reduced, and the meat as it is lifted out.',
  'forgotten.salt.changes': 'The middle of thick pieces stays a little bland.',
  'forgotten.wine': 'reducing the wine',
  'forgotten.wine.still': 'Boil wine down by itself in a small pan, then add it.',
  'forgotten.wine.changes': 'Poured in raw it stays harsh; the pot cannot boil it off under a lid.',
  'forgotten.sear': 'the sear',
  'forgotten.sear.still':
    'Lid off for the last 45 min, tops out of the liquid, or ten minutes in a hot oven on a tray.',
  'forgotten.sear.changes': 'Colour, and some of the flavour; the brown bits in the sauce are missing.',
  'forgotten.onion': 'onion',
  'forgotten.onion.still': 'Soften it apart until golden and add it half way.',
  'forgotten.onion.changes': 'Nothing if it is cooked first; raw it stays crunchy for an hour.',
  'forgotten.soak': 'soaking the beans',
  'forgotten.soak.still': 'Not in this pot: cooked beans from a tin, rinsed, 20 min before the end.',
  'forgotten.soak.changes': 'Texture only. Dry beans never go into a slow pot.',
} as const;

/** At the pan. */
export const sear = {
  'sear.none': 'Not seared: paler, with less roasted flavour; paste and onion can make up some of it.',
  'sear.sears':
    'It sears: the pan falls to {lowest} and stays above {browns}, where juice boils off as fast as it comes.',
  'sear.labours':
    'It labours: the pan spends more than a quarter of a face under {browns}. This burner carries {carries} of the pan; fewer at a time brown better.',
  'sear.steams':
    'This will steam: the pan falls to {lowest}, under {steams} juice collects faster than it boils off and the meat goes grey. This burner carries {carries} of the pan.',
  'sear.fatStands': '{Fat} stands the heat of a searing pan.',
  'sear.fatSmokes':
    '{Fat} smokes from about {smoke}: the pan starts at {start}, with less heat stored for the meat{slower, select, yes {, and browns more slowly} other {}}.',
  'sear.whatItDoes':
    'Browning makes flavour and colour and dries the surface. It seals nothing in: seared meat loses as much juice as pale meat, a little more.',
  'searSign.ready': 'A drop of water skips, fat shimmers, the first wisp rises',
  'searSign.ready.means': 'ready: lay the first piece',
  'searSign.tooCold': 'Fat lies still, meat lands without a sound',
  'searSign.tooCold.means': 'too cold: wait, it would stick and leak',
  'searSign.tooHot': 'Fat smokes steadily, smells sharp',
  'searSign.tooHot.means': 'too hot: off the heat, wipe out if it darkened',
  'searSign.turn': 'Loud steady sizzle, meat lets go by itself',
  'searSign.turn.means': 'turn it: the crust is there',
  'searSign.steaming': 'Sizzle sinks to a bubble, liquid runs out',
  'searSign.steaming.means': 'it steams: take half out, heat up, go on',
  'searSign.brownBottom': 'Bottom blonde to brown',
  'searSign.brownBottom.means': 'flavour: it dissolves in the wine',
  'searSign.blackBottom': 'Bottom black, smells of ash',
  'searSign.blackBottom.means': 'bitter: wipe it out and start with fresh fat',
} as const;

/** Salt. */
export const salting = {
  'salt.spoons.none': 'none',
  'salt.spoons.pinches': '{pinches, plural, one {a pinch} other {# pinches}} of {salt}',
  'salt.spoons.level': 'about {spoons} {salt}, level',
  'salt.tooSalty':
    'What else goes in brings {brings} by itself: salt nothing, take unsalted stock, or stop reducing at {stopAt}.',
  'salt.tooSaltyThin':
    'What else goes in brings {brings} by itself, more than the sauce bears as it stands: salt nothing, and thin it with {add} of unsalted liquid or pour less of what is salty.',
  'salt.holdBack':
    '{now} on the meat now: with all {all} the reduced sauce would come to {sauce}, and salt cannot be taken out. Season the meat as it is lifted out, about {plate}, and the sauce last.',
  'salt.seasonLast': 'Season last: about {grams} brings the reduced sauce to {aim}. Taste first.',
  'salt.right': 'It should come out seasoned; taste once it is reduced.',
} as const;

/** What is poured, herbs, what comes out again, what to mind. */
export const pouring = {
  'pour.late': '{time} before the end, hot if it can be',
  'pour.lateWine': '{time} before the end, lid ajar for the first ten minutes: more of its sting and its alcohol stays',
  'pour.boilDown': 'flame off to pour; boil down before anything else',
  'pour.hotToTheLine': 'hot, to the line',
  'pour.thinsStock': 'thins the stock',
  'herbs.tooMuch':
    'That much {herbs} {count, plural, one {turns} other {turn}} bitter or takes over: about {enough} does for this pot.',
  'herbs.enough': '{usual, number} {unit}',
  'herbs.shed': '{Herbs} will spread through the sauce: tie or bag it, or strain at the end.',
  'herbs.halfway': 'Rosemary goes in half way: from the start it turns bitter.',
  'countOut.herb': '{herb}, {unit}',
  'countOut.bundle': 'herb bundle',
  'countOut.packetForShedding': 'cloth packet (for what sheds)',
  'countOut.packet': 'cloth packet',
  'countOut.strings': 'strings',
  'countOut.bones': 'bones of the {cut}',
  'advice.rawWine': 'Wine that is not reduced stays harsh: a lid keeps it in.',
  'advice.beerBitter': '{Beer} turns bitter when it is boiled down hard.',
  'advice.pasteHoldsUp': 'Paste in the pan holds up a hard reduction: toast it after the wine.',
  'advice.sugarCatches':
    '{sugar} of sugar in the sauce: it catches and darkens. Low heat, a look more often, sugar late.',
  'advice.acidPulses':
    'Wine, tomato and vinegar slow beans and lentils: let them soften first, or count half as long again.',
  'advice.acidAluminium': 'Acid and bare aluminium do not go together: the sauce turns grey and metallic.',
  'advice.acidFoil': 'Keep foil off an acid sauce.',
  'advice.stockInStages': 'Stock in three stages, stirred smooth each time: all at once it lumps.',
} as const;

/** Who cannot eat it, and what could choke. */
export const table = {
  'table.hidden': '{name}: {why}',
  'table.brings': 'Somebody here avoids {avoided}, and {sources} {count, plural, one {brings} other {bring}} it.',
  'table.bringsAlcohol':
    'Somebody here avoids {avoided}, and {sources} {count, plural, one {brings} other {bring}} it; some always stays.',
  'table.mayBring': 'Somebody here avoids {avoided}. Read the label: {hidden}.',
  'choke.boneChips': 'bone chips of the {cut}',
  'choke.strings': '{strings, plural, one {# string} other {# strings}}',
  'choke.herb': '{count, number} × {herb}',
} as const;

/** The caution at each step; local guidance decides. */
export const cautions = {
  'caution.defer': 'Follow your local food-safety guidance.',
  'caution.rawMeat':
    'Do not rinse raw meat: it splashes germs. Wash hands, board and knife; keep raw juices off everything eaten raw. Out of the fridge under 2 h, 1 h in a hot room. Follow your local food-safety guidance.',
  'caution.sear':
    'Hot fat: dry meat, lay it away from you. If it catches fire, heat off and lid on, never water. Seared meat goes on a clean plate. Follow your local food-safety guidance.',
  'caution.base':
    'Paste, flour and sugar stick and burn skin: stay with them. Sharp knife, steady board for hard roots; gloves or oiled hands for chilli, and nothing of it near the eyes. Dry beans never go into a slow pot. Follow your local food-safety guidance.',
  'caution.liquid':
    'Burner off before wine goes in, pour it from a cup, stand back. Alcohol never all cooks away. Follow your local food-safety guidance.',
  'caution.potIntoOven':
    'A full pot is heavy and its knob stays hot: two dry mitts, a clear path, a cloth left on the lid. Follow your local food-safety guidance.',
  'caution.potOnStove':
    'Stay within earshot: a pot that boils dry can catch fire. Smoke alarm working. Follow your local food-safety guidance.',
  'caution.steamOven':
    'Open the door away from your face and let the steam out before you reach in; two dry mitts: steam goes through a wet cloth. Follow your local food-safety guidance.',
  'caution.bare':
    'Fire and smoke outdoors only, watched. The middle of the meat has to pass from {C_5} to {C_60} within about four hours; never stop half way and go on later. Follow your local food-safety guidance.',
  'caution.grill':
    'Outdoors only: charcoal and gas give off carbon monoxide. Steady ground, nothing that burns within reach, never unwatched; ash stays hot for a day. Two dry mitts for the pot. Follow your local food-safety guidance.',
  'caution.open':
    'Lift the lid away from your face: the steam burns. Two dry mitts. Follow your local food-safety guidance.',
  'caution.finish':
    'Bones, bay and string out and counted before you strain or blend; never fill a blender over half with hot liquid. Follow your local food-safety guidance.',
  'caution.hold':
    'What is kept warm stays over the limit for hot food, measured, or is cooled at once. Follow your local food-safety guidance.',
  'caution.blend':
    'Hot sauce jumps: heat off, bones, bay and string out and counted, the jug half full, its lid vented under a cloth. Follow your local food-safety guidance.',
  'caution.bones':
    'Feel every piece for splinters. Cooked bones splinter: none for dogs or cats. Follow your local food-safety guidance.',
  'caution.reheat':
    'Warm it once only, through and through, to {C_74} or more; what stood warm overnight is thrown away, boiled again or not. Follow your local food-safety guidance.',
  'caution.serve':
    'Bone chips, bay leaf and twine can choke. Cooked bones splinter and onion sauce poisons: nothing of this for dogs or cats. Follow your local food-safety guidance.',
  'caution.store':
    'Cool in ice water or a shallow dish, in the fridge within 2 h (1 h in a hot room), eat within 3 days, reheat to {C_74} or more. Follow your local food-safety guidance.',
} as const;
