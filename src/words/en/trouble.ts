/** What can go wrong from the fridge door to the last box: how a cook says it, what to do now, what it costs, the step it becomes. */
export const trouble = {
  'trouble.lateStart': 'I’m starting late',
  'trouble.lateStart.do':
    'Heat the pot and oven now. Brown {perBatch, number} pieces only, or none. Heat the liquid while you cut: starting cold takes {fromCold} more. Smaller pieces only save warming time for {thick}.',
  'trouble.lateStart.cost': 'As things stand you’ll serve at {plate}. Chance of being on time: {chance}.',
  'trouble.lateStart.step': 'Pot and oven on; brown one batch of {perBatch, number}, no more',
  'trouble.stillFrozen': 'The meat is still frozen inside',
  'trouble.stillFrozen.do':
    'Seal it in a bag under cold running water: about {thaw} for {thick}. Cut off what a knife can cut. Never thaw it in warm water or at room temperature.',
  'trouble.stillFrozen.cost': '{thaw}, and dinner moves with it: {plate} without the delay.',
  'trouble.stillFrozen.step': 'Bagged meat under cold running water, {thaw}',
  'trouble.doesNotFit': 'It won’t fit in the pot',
  'trouble.doesNotFit.do':
    'Take out vegetables first. Cut between the muscles, not through bone. Nothing above {high}: it needs room to boil. Two pots? Split the liquid by the size of their bases; the slower one decides the time.',
  'trouble.doesNotFit.cost': 'Five to fifteen minutes; with two pots, every check is double.',
  'trouble.doesNotFit.step': 'Remove vegetables until nothing is above {high}',
  'trouble.pale': 'It isn’t browning',
  'trouble.pale.do':
    'Take out a third to a half: this pan browns {perBatch, number} at once. Pour the juices into a cup for the pot. Dry the meat again. Heat until the fat shimmers, about {recover}. Put it back and leave it {face} per side.',
  'trouble.pale.cost': 'Five to ten minutes per batch; {batchTime} was planned.',
  'trouble.pale.step': 'Half the pieces out, reheat the pan: about {recover}',
  'trouble.tooDark': 'It’s browning too fast',
  'trouble.tooDark.do':
    'Turn the heat down by a third and take the pan off for a minute. Turn the meat now. Remove loose black crumbs and taste one: if bitter, wipe the pan, not the meat. The other sides won’t need {face}.',
  'trouble.tooDark.cost': 'Two to four minutes; a bitter edge if black bits stay.',
  'trouble.tooDark.step': 'Turn the heat down a third; turn before {face} is up',
  'trouble.sticking': 'It’s sticking and tearing',
  'trouble.sticking.do':
    'Leave it a minute or two more: it releases once brown, about {face} per side. Then slide a thin spatula under from the edge. Add a spoonful of fat. What sticks to the pan is flavour, unless it’s black.',
  'trouble.sticking.cost': 'One to three minutes, and a torn crust.',
  'trouble.sticking.step': 'Leave it; lift from the edge after {face}',
  'trouble.blackBits': 'The bottom is black',
  'trouble.blackBits.do':
    'Take the meat out. Heat off, fat into a tin. Wipe with kitchen paper held in tongs: leave the brown, remove the black. Fresh fat, then {perBatch, number} at a time so no part of the pan is bare.',
  'trouble.blackBits.cost': 'Four to six minutes, {recover} to reheat, and a less roasted {sauce} of sauce.',
  'trouble.blackBits.step': 'Wipe the pan, fresh fat, hot again in {recover}',
  'trouble.smoke': 'The kitchen is full of smoke',
  'trouble.smoke.do':
    'Heat off, pan aside. Extractor on, window open. Dark or sharp fat goes into a tin once cool. Reheat to a shimmer, not to smoke: {recover}.',
  'trouble.smoke.cost': 'Three to six minutes.',
  'trouble.smoke.step': 'Air the kitchen; reheat the pan to a shimmer, {recover}',
  'trouble.oilFire': 'The pan is on fire',
  'trouble.oilFire.do':
    'Turn the heat off if you can reach it. Slide a lid or metal tray on from the side, or use a fire blanket. Never use water; never move the pan. Leave it covered for half an hour. Not out at once, or spreading? Everyone out, close the door, call the fire service.',
  'trouble.oilFire.cost': 'Dinner, if need be. All other reminders are paused; {pieces, number} {noun} can wait.',
  'trouble.oilFire.step': 'Heat off, lid on from the side, never water. Tick once it’s out and cold',
  'trouble.spitting': 'It’s spitting at me',
  'trouble.spitting.do':
    'Turn the heat down and stand back. Tilt the lid with the open side away from you. Dry the next {perBatch, number} again; salt draws out water. Fat deeper than {mm_5}? Heat off, and pour some away once it’s safe to move.',
  'trouble.spitting.cost': 'One to three minutes.',
  'trouble.spitting.step': 'Dry the next {perBatch, number} pieces again',
  'trouble.crowded': 'The pan is crowded and it’s stewing',
  'trouble.crowded.do':
    'Take out all but {perBatch, number}. Pour the juice into a cup for the pot. Wait for a shimmer, {recover}. Carry on {perBatch, number} at a time.',
  'trouble.crowded.cost': '{batchTime} per extra batch; the pot is later by as much.',
  'trouble.crowded.step': 'Back to {perBatch, number} pieces at a time',
  'trouble.burntGarlic': 'The garlic has gone brown',
  'trouble.burntGarlic.do':
    'Tan: add the liquid at once and carry on. Dark: everything out, wipe, fresh fat, put back any clean onion, then new garlic last on low heat.',
  'trouble.burntGarlic.cost': 'A minute, or up to {base} to redo the base; {sauce} of bitter sauce if you leave it.',
  'trouble.burntGarlic.step': 'Dark garlic out; new garlic last on low heat, {base} at most',
  'trouble.spiceBurnt': 'The spices have burnt',
  'trouble.spiceBurnt.do':
    'Off the heat, window open. Throw it out with its fat, wipe, start again. This time add spices to the liquid, {line} deep: they can’t scorch there.',
  'trouble.spiceBurnt.cost': 'Five to eight minutes; if you keep it, it stays bitter.',
  'trouble.spiceBurnt.step': 'Add spices again, to the liquid once it’s {line} deep',
  'trouble.onionBurning': 'The onion has black edges',
  'trouble.onionBurning.do':
    'Add two spoonfuls of water, scrape, turn the heat down. Pick out black strands. Carry on low; {base} was planned for the whole base.',
  'trouble.onionBurning.cost': 'Two to ten minutes. If over a quarter is black, use new onion.',
  'trouble.onionBurning.step': 'Water, scrape, heat down; check again within {base}',
  'trouble.pasteBurnt': 'The tomato paste has burnt',
  'trouble.pasteBurnt.do':
    'Rust with dark spots: add the liquid, scrape, carry on. Black: lift the vegetables into a clean pot, leave what’s stuck, and add half the paste again in the stock ({line} deep).',
  'trouble.pasteBurnt.cost': 'Two or eight minutes; if it’s still bitter, redo the base, {base}.',
  'trouble.pasteBurnt.step': 'Add half the paste again, in the stock ({line})',
  'trouble.flourLumps': 'The flour has gone lumpy',
  'trouble.flourLumps.do':
    'Before the meat goes in: off the heat, beat; a splash of stock, beat; then the rest in three. After: carry on, and sieve or blend the {sauce} at the end.',
  'trouble.flourLumps.cost': 'Three to five minutes now, or a sieve at the end.',
  'trouble.flourLumps.step': 'Beat smooth before more stock, or sieve {sauce} at the end',
  'trouble.rouxSet': 'The roux has set hard',
  'trouble.rouxSet.do':
    'Warm it on low heat, stirring, for two to four minutes. Or whisk pea-sized bits into the simmering liquid and boil three minutes after the last, for {sauce} of sauce.',
  'trouble.rouxSet.cost': 'Three to six minutes. If it smells burnt, make it again.',
  'trouble.rouxSet.step': 'Warm the roux on low heat, or whisk it in bit by bit',
  'trouble.wineFlare': 'The wine caught fire',
  'trouble.wineFlare.do':
    'Stand back, heat off, extractor off. It dies down in seconds; if not, lid on. Wait half a minute; from there the pot needs {fromCold} at most to reach a simmer.',
  'trouble.wineFlare.cost': 'A minute.',
  'trouble.wineFlare.step': 'Heat off, extractor off, lid on if it keeps burning. Tick once it’s out',
  'trouble.wineHarsh': 'The sauce tastes of raw wine',
  'trouble.wineHarsh.do':
    'Take the lid off and simmer until the harshness goes, 15 to 30 minutes, keeping it at {line} with hot stock. Or reduce a third of it by half separately and pour it back: {boilOff} per {l_0_1}.',
  'trouble.wineHarsh.cost': '{boilOff} for each {l_0_1} to boil off.',
  'trouble.wineHarsh.step': 'Lid off until the harshness goes; hot stock up to {line}',
  'trouble.tooMuchLiquid': 'I added too much liquid',
  'trouble.tooMuchLiquid.do':
    'Ladle out {perMm} for each millimetre above {line} into a jug and keep it hot: it’s your top-up later. Keep salted stock separate and use it last.',
  'trouble.tooMuchLiquid.cost': 'A minute now; if you leave it, {boilOff} for each {l_0_1} at the end.',
  'trouble.tooMuchLiquid.step': 'Ladle out {perMm} per millimetre, down to {line}',
  'trouble.boiledHard': 'It’s been boiling hard',
  'trouble.boiledHard.do':
    'Turn the heat down now, the oven by {K_20}. Measure: there should be about {left} left. Top up hot, {perMm} for each millimetre below {line}. Don’t stir. Fork-test now if it boiled for over half its time; {ready} was forecast.',
  'trouble.boiledHard.cost': 'Less liquid, dry outsides, cloudy sauce; it may be tender before {first}.',
  'trouble.boiledHard.step': 'Turn down; measure; hot liquid, {perMm} per millimetre, to {line}',
  'trouble.noBubbles': 'It isn’t bubbling',
  'trouble.noBubbles.do':
    'Put it on a medium burner until the first bubbles: about {simmer}. Then back, oven {K_10} to {K_20} higher. At {C_85} a minute counts for less than half a minute at a simmer; at {C_75}, less than a fifth.',
  'trouble.noBubbles.cost': '{simmer} on the burner; if you leave it, it won’t be ready by {ready}.',
  'trouble.noBubbles.step': 'Back to a simmer on the burner, about {simmer}',
  'trouble.levelLow': 'The liquid is low',
  'trouble.levelLow.do':
    'Pour hot, unsalted liquid down the side: {toLine} takes {left} back to the line at {line} ({perMm} per millimetre). Seal the lid with foil. Turn down if it’s boiling hard.',
  'trouble.levelLow.cost': 'A minute if it’s hot; {simmer} if it’s cold.',
  'trouble.levelLow.step': 'Add {toLine}, hot, to {line}; record it',
  'trouble.dryPot': 'The pot is dry',
  'trouble.dryPot.do':
    'Heat off, wait two minutes (hot glass or clay: twenty, and no cold liquid). Move the meat to a clean pot, leaving what’s stuck. Add boiling stock to the line: {toLine}. Taste the underside and cut off anything black. Back to a simmer in about {simmer}.',
  'trouble.dryPot.cost': 'Ten to twenty minutes and some smoky flavour; we’d estimated {left} left.',
  'trouble.dryPot.step': 'Clean pot, {toLine} of boiling stock; record the level and what you added',
  'trouble.catching': 'It smells scorched',
  'trouble.catching.do':
    'Heat off. Don’t scrape. Pour everything that isn’t stuck into a clean pot, about {left}. Taste it. If it’s clean: hot stock to {line}, then low heat or the oven.',
  'trouble.catching.cost': 'Five to eight minutes, back at a simmer in {simmer}.',
  'trouble.catching.step': 'Pour the loose {left} into a clean pot, hot stock to {line}',
  'trouble.scorched': 'It tastes burnt',
  'trouble.scorched.do':
    'Take the meat out, rinse it in hot stock, wipe it. Throw away the {left} of sauce. Add fresh stock to {line}, about {whole}, and new bay; simmer 20 to 30 minutes.',
  'trouble.scorched.cost': '30 to 40 minutes and a plainer sauce; dinner moves past {plate} by as much.',
  'trouble.scorched.step': 'Fresh stock to {line}, simmer 20 minutes',
  'trouble.boilsOver': 'It’s boiling over',
  'trouble.boilsOver.do':
    'Heat off, lid off away from you. Ladle down to {high}: {perMm} per millimetre. Wipe the burner when cool; on gas, check it’s still lit. Lid ajar until it settles.',
  'trouble.boilsOver.cost': 'Two to four minutes and whatever spilled of {left}.',
  'trouble.boilsOver.step': 'Ladle down to {high}, lid ajar until it settles',
  'trouble.lidForgotten': 'I forgot the lid',
  'trouble.lidForgotten.do':
    'Lid on now. Hot liquid to {line}: {perMm} per millimetre, about {toLine}. Push dry tops under. Back to bubbles, {simmer}. Record that the lid was off.',
  'trouble.lidForgotten.cost': 'An uncovered pot runs cooler: an hour counts for a third to a half of an hour covered.',
  'trouble.lidForgotten.step': 'Lid on; hot liquid to {line} ({toLine}); push the tops under',
  'trouble.lidOffLong': 'I left the lid off too long',
  'trouble.lidOffLong.do':
    'Lid on. Hot stock to the line, {toLine}. Scrape in the ring of sauce only if it’s brown. Baste, and keep the tops under for ten minutes.',
  'trouble.lidOffLong.cost': 'Five to ten minutes; we estimate {left} is left.',
  'trouble.lidOffLong.step': 'Lid on; {toLine} of hot stock; baste the tops',
  'trouble.ovenOff': 'The oven was off',
  'trouble.ovenOff.do':
    'Measure the liquid with a clean probe. Above {limit}: bring to a simmer on the burner now, about {simmer}, then back in the oven. This pot stays above {limit} for about {hot} with its lid on. Below {limit} for under {out} in total ({outHot} in a hot room): bring it to the boil at once and carry on. Longer, or you don’t know: throw it away.',
  'trouble.ovenOff.cost': 'The minutes it was off, plus {simmer} to simmer; beyond {hot}, it’s a safety question.',
  'trouble.ovenOff.step': 'Probe the liquid; above {limit}: to a simmer, {simmer}, and back in',
  'trouble.ovenHot': 'The oven was far too hot',
  'trouble.ovenHot.do':
    'Turn down to the planned setting and open the door for a minute. Measure: we estimate {left}; add {perMm} per millimetre to {line}. Fork-test now: covered liquid can’t get hotter than boiling, so it’s only a little ahead. Turn the tops under.',
  'trouble.ovenHot.cost': 'Less liquid and dry tops; a few minutes ahead of {ready}.',
  'trouble.ovenHot.step': 'Oven down; measure; hot liquid to {line}',
  'trouble.ovenCold': 'It’s simmering and the oven is cold',
  'trouble.ovenCold.do':
    'Lid on, lowest heat, lazy bubbles. Move it when the oven is hot. Or stay on the hob: check after 15 minutes, then every half hour. There’s {left} in it.',
  'trouble.ovenCold.cost': 'Nothing, as long as it bubbles.',
  'trouble.ovenCold.step': 'Oven on; pot on the lowest heat, lid on ({left} in it)',
  'trouble.doorOpen': 'The oven door was left open',
  'trouble.doorOpen.do':
    'Close it. Wide open for over ten minutes: bring it back to bubbles on the burner, about {simmer}. Otherwise set the oven {K_10} higher for 15 minutes, then back.',
  'trouble.doorOpen.cost': 'About half the minutes it was open; {ready} moves by that much.',
  'trouble.doorOpen.step': 'Bubbles back, about {simmer}',
  'trouble.guestsEarly': 'They’re here early',
  'trouble.guestsEarly.do':
    'Fork-test now. Done: finish the quick way, skim and use starch instead of reducing the {sauce}. Slides in but won’t twist: {mm_5} slices, in sauce. Not there yet: bread, soup or salad, and a livelier simmer.',
  'trouble.guestsEarly.cost': 'Most likely {ready}; one time in ten by {first}.',
  'trouble.guestsEarly.step': 'Fork-test now; put something to eat on the table until {ready}',
  'trouble.guestsLate': 'They’re late',
  'trouble.guestsLate.do':
    'Not tender yet: turn down to the laziest bubble. Tender: off the heat, lid on; it stays above {limit} for about {hot}, then an oven at {C_80} to {C_90}. Make the sauce last, sides later.',
  'trouble.guestsLate.cost': 'It keeps softening while hot. Over {out}: cool it in ice water and reheat later.',
  'trouble.guestsLate.step': 'Keep it above {limit}: lid on, about {hot}',
  'trouble.doneEarly': 'It’s tender too early',
  'trouble.doneEarly.do':
    'Off the heat, in its liquid, lid on: above {limit} for about {hot}. Probe every half hour. Below {C_65}: five minutes on the lowest heat. Meanwhile make the sauce from ladled-off liquid, {sauce}.',
  'trouble.doneEarly.cost':
    'Nothing if it soon drops below {C_85}; otherwise it keeps softening. Over {out}: ice, fridge, reheat.',
  'trouble.doneEarly.step': 'Off the heat, lid on; probe it within {hot}',
  'trouble.stillTough': 'It’s still tough and guests are coming',
  'trouble.stillTough.do':
    'Check for bubbles; if none, bring it to a simmer, {simmer}. Slides in but won’t twist: slice {mm_3} to {mm_5} across the grain and warm in sauce. Otherwise cut to {mm_30} to {mm_40}, keep it all under the liquid, lid tight. Serve a first course and test again in 15 minutes.',
  'trouble.stillTough.cost': 'Most likely {ready}. Chance of still being on time: {chance}; otherwise {plate}.',
  'trouble.stillTough.step': 'Simmer, tight lid, a first course; fork-test again in 15 minutes',
  'trouble.stringy': 'It’s gone stringy',
  'trouble.stringy.do':
    'Off the heat. Shred short, {mm_30}, across the grain, into sauce with its fat; you have {sauce}. Or chop fine for a filling or pasta.',
  'trouble.stringy.cost': 'No time; texture is lost.',
  'trouble.stringy.step': 'Off the heat; short shreds into {sauce} of sauce',
  'trouble.mushy': 'It’s gone to mush',
  'trouble.mushy.do':
    'Off the heat; don’t stir. Lift out whole spoonfuls; thicken the sauce separately, {sauce}. For a crisp top: baking tray, hot oven, eight minutes. Or use it for pasta, a pie or a filling.',
  'trouble.mushy.cost': 'Ten minutes if you crisp it.',
  'trouble.mushy.step': 'Off the heat; lift out by the spoonful, sauce separate ({sauce})',
  'trouble.breaking': 'Pieces fall apart when I lift them',
  'trouble.breaking.do':
    'Rest it off the heat for 10 to 15 minutes to firm up; it stays above {limit} for {hot}. Slide a wide spatula under, dish beside the pot. Broken? Put {pieces, number} {noun} back together on the plate, sauce over. Strings off last.',
  'trouble.breaking.cost': 'Ten to fifteen minutes.',
  'trouble.breaking.step': 'Off the heat ten minutes; then lift from below',
  'trouble.beansHard': 'The beans are hard',
  'trouble.beansHard.do':
    'Never boiled: see “The dry beans went in unboiled”. Boiled: simmer 30 to 60 minutes more; lift the meat out when tender ({ready}).',
  'trouble.beansHard.cost': '30 to 90 minutes past {ready}. Old beans: sieve them out and use tinned.',
  'trouble.beansHard.step': 'Keep simmering; meat out when it’s tender, about {ready}',
  'trouble.beansRaw': 'The dry beans went in unboiled',
  'trouble.beansRaw.do':
    'Nobody tastes it. Move the meat to a clean covered dish and keep it hot. Boil the beans and {left} of liquid hard, lid off, for as long as your local advice says, until soft. Kidney beans that never boiled: throw beans and liquid away.',
  'trouble.beansRaw.cost': 'Thirty to sixty minutes, and liquid: {boilOff} per {l_0_1} boiled off.',
  'trouble.beansRaw.step': 'Nobody tastes it; meat out, beans boiled hard. Tick when they’re soft or thrown away',
  'trouble.slicesFall': 'I wanted slices and it’s falling apart',
  'trouble.slicesFall.do':
    'Stop cutting. Put the meat in its liquid in a dish in ice water for 30 to 45 minutes; slice it cool, across the grain, {mm_10} thick; reheat in {sauce} of hot sauce to {again}. No time: {mm_25} pieces, sauce over.',
  'trouble.slicesFall.cost': 'Up to 45 minutes. Already in shreds: serve it shredded.',
  'trouble.slicesFall.step': 'Cool it in its liquid, slice it cool, reheat in {sauce} of sauce',
  'trouble.meatDry': 'The meat is dry',
  'trouble.meatDry.do':
    'Tight and squeaky: it isn’t done; back in for half an hour. Stringy: thin slices or short shreds, ten minutes in {sauce} of sauce off the heat. A spoonful of its fat or butter on each plate; at {thick} thick, sauce soaks in slowly.',
  'trouble.meatDry.cost': 'Ten minutes, or half an hour more in the pot.',
  'trouble.meatDry.step': 'Thin slices into {sauce} of sauce, ten minutes off the heat',
  'trouble.vegMush': 'The vegetables are mushy',
  'trouble.vegMush.do':
    'No potato in them: blend them in; about {mash} thickens like {holdG} or more of starch. Potato: press through a sieve, don’t blend. For the plate: {mm_10} pieces of carrot in butter and water, eight minutes.',
  'trouble.vegMush.cost': 'Five to ten minutes; a thicker sauce, and no vegetables to serve.',
  'trouble.vegMush.step': 'Blend or sieve them into {sauce} of sauce',
  'trouble.vegHard': 'The vegetables are still hard',
  'trouble.vegHard.do':
    'Meat done: lift it out and boil them, covered, for 8 to 15 minutes. Or halve them. Or boil them separately in {l_0_1} of sauce and water, 8 to 12 minutes. The meat stays above {limit} in its pot for about {hot}.',
  'trouble.vegHard.cost': '8 to 15 minutes; dinner moves past {plate} by that much.',
  'trouble.vegHard.step': 'Meat out; boil the vegetables until a knife slides in',
  'trouble.tooSalty': 'It’s too salty',
  'trouble.tooSalty.do':
    'We make it {salt}; {salted} tastes well seasoned. Add hot unsalted stock or water: {addL}, half at a time, tasting between. To thicken again: {backG} of cornflour. Serve the meat plain with plain sides and less sauce. A potato only removes the liquid it soaks up.',
  'trouble.tooSalty.cost': 'Two minutes; {addL} more sauce, milder flavour.',
  'trouble.tooSalty.step': 'Unsalted liquid, half of {addL}; stir, taste, the rest',
  'trouble.tooThin': 'It’s too thin',
  'trouble.tooThin.do':
    'Salt is {salt}: you can reduce to {toL} before it passes {saltMost}, {boilOff} per {l_0_1}. No time: {bindG} of cornflour in cold water for “{rung}”; add half, boil a minute, check, add the rest.',
  'trouble.tooThin.cost': 'Two minutes with starch; {boilOff} per {l_0_1} boiled away.',
  'trouble.tooThin.step': 'Half of {bindG} cornflour in cold water; boil, check',
  'trouble.tooThick': 'It’s too thick',
  'trouble.tooThick.do':
    'Whisk in hot liquid, {l_0_05} at a time: about {thinL} to “{rung}”. Salt would be {thinSalt}: use stock if that’s low, water if not. Check after each.',
  'trouble.tooThick.cost': 'Two minutes.',
  'trouble.tooThick.step': 'Whisk in hot liquid a little at a time, about {thinL}',
  'trouble.greasy': 'It’s greasy',
  'trouble.greasy.do':
    'Off the boil for five to ten minutes. We estimate {fat} on top. Tilt and spoon: {tilt} stays; kitchen paper: {paper}. Cloudy throughout: use a fat separator, or chill {l_0_25} at a time in ice water. Won’t separate: {holdG} of cornflour binds a film of it.',
  'trouble.greasy.cost': 'Five to fifteen minutes.',
  'trouble.greasy.step': 'Off the boil; tilt, spoon, kitchen paper: {fat} on it',
  'trouble.sour': 'It’s too sour',
  'trouble.sour.do':
    'Simmer uncovered for five minutes and taste. Add {sugarSour} of sugar, taste, once more at most. Add {butter} of butter. Last resort: {soda} of bicarbonate of soda (it foams, and its sodium counts as salt).',
  'trouble.sour.cost': 'Three to eight minutes.',
  'trouble.sour.step': 'Add {sugarSour} of sugar; stir, two minutes, taste',
  'trouble.bitter': 'It’s bitter',
  'trouble.bitter.do':
    'Take out the herb bundle, bay and peel. Nothing removes bitterness: {sugarBitter} of sugar, salt to {salted} and {butter} of butter mask it. From herbs: add {fifth} of unsalted liquid. Ashy all through: make another sauce from stock, butter and mustard.',
  'trouble.bitter.cost': 'Three to ten minutes.',
  'trouble.bitter.step': 'Add {sugarBitter} of sugar, taste; {butter} of butter',
  'trouble.sweet': 'It’s too sweet',
  'trouble.sweet.do':
    'Add {vinegar} of vinegar or lemon, taste, repeat. Salt to {salted} (now {salt}). Pepper, mustard. Or dilute it by a tenth.',
  'trouble.sweet.cost': 'Two to four minutes.',
  'trouble.sweet.step': 'Add {vinegar} of vinegar; stir, taste',
  'trouble.bland': 'It tastes bland',
  'trouble.bland.do':
    'Taste it hot. Salt is {salt}: {missing} more brings it to {salted}, a third at a time. Add {vinegar} of vinegar or lemon. Reduce by a fifth. Or {soy} of soy sauce, which is salty too: record it. A pinch on the cut meat.',
  'trouble.bland.cost': 'Two to eight minutes.',
  'trouble.bland.step': 'Add a third of {missing}; stir, taste; then acid',
  'trouble.split': 'The sauce has split',
  'trouble.split.do':
    'Off the heat. Only fat on top: whisk or skim, it hasn’t split. Butter: whisk in {coldWater} of cold water from the edge. Cream: whisk in a ladle of hot stock, or blend it, jug half full, lid vented. {holdG} of cornflour holds it; warm to a tremble.',
  'trouble.split.cost': 'Two to five minutes, and some gloss lost.',
  'trouble.split.step': 'Off the heat; {coldWater} of cold water, whisk from the edge',
  'trouble.starchLumps': 'The starch has gone lumpy',
  'trouble.starchLumps.do':
    'Turn down and whisk hard for a minute. Sieve, pressing. Too thin now? Mix the second half with twice its weight of cold water and pour in, stirring; {bindG} would bring it to “{rung}”. Record how the sauce coats a spoon: what you sieved out no longer counts.',
  'trouble.starchLumps.cost': 'Three to four minutes.',
  'trouble.starchLumps.step': 'Whisk, sieve, check again at {sauce} of sauce',
  'trouble.boneChips': 'I found a bone splinter',
  'trouble.boneChips.do':
    'Don’t serve yet. Feel every piece with your thumbs. Pour the sauce, {sauce}, through a fine sieve and a cloth. Splinters all through shredded meat: throw it away. Swallowed one, with pain, cough or blood: get medical help.',
  'trouble.boneChips.cost': 'Five to eight minutes; dinner waits.',
  'trouble.boneChips.step': 'Don’t serve: feel every piece, sieve {sauce}. Tick when you find no more',
  'trouble.stringLost': 'A piece of string is missing',
  'trouble.stringLost.do':
    'Check pot, sieve, dish and bin. Cut through every roll once. Sieve the sauce, {sauce}. Not found: tell everyone, cut it up for children, and don’t serve them anything blended or shredded.',
  'trouble.stringLost.cost': 'Three to five minutes.',
  'trouble.stringLost.step': 'Pot, sieve, dish; sieve {sauce} of sauce; record the count',
  'trouble.bundleBurst': 'The herb bundle has burst',
  'trouble.bundleBurst.do':
    'Lift out the meat. Sieve the sauce, {sauce}, pressing. Pick over the meat under a light. Count bay leaves and cloves.',
  'trouble.bundleBurst.cost': 'Four to six minutes.',
  'trouble.bundleBurst.step': 'Sieve {sauce}; pick the meat over; count bay and cloves',
  'trouble.sidesLate': 'The sides are running late',
  'trouble.sidesLate.do':
    'Meat whole in its liquid, lid on: above {limit} for about {hot}. Potatoes cut to {mm_20}: twelve minutes. Boil water in the kettle. Or bread, tinned beans, couscous.',
  'trouble.sidesLate.cost': '8 to 20 minutes; the meat waits well. Serving at {plate}.',
  'trouble.sidesLate.step': 'Meat back under its lid ({hot}); switch to the quicker side',
  'trouble.noTimeFinish': 'Everyone’s at the table and the sauce is thin',
  'trouble.noTimeFinish.do':
    'Skim the fat, two minutes. Widest pan, full heat: {boilOff} per {l_0_1}. {bindG} of cornflour for “{rung}”: half, check, half. Salt is {salt}: taste, add acid, serve. {quick} in total.',
  'trouble.noTimeFinish.cost': '{quick}.',
  'trouble.noTimeFinish.step': 'Skim, add {halfG} of cornflour, check, add the rest, serve',
  'trouble.cooledSlowly': 'It’s still warm hours later',
  'trouble.cooledSlowly.do':
    'Measure the middle now. The clock starts at {from}. Above {warm} {warmIn} after that: reheat to {again} at once and cool it again with ice, or eat it hot now. Below: shallow boxes and ice, to {cold} within {within} in total. Missed it, or don’t know: throw it away.',
  'trouble.cooledSlowly.cost': 'Half an hour in ice, or the whole dish.',
  'trouble.cooledSlowly.step': 'Measure the middle; ice, stir, shallow boxes',
  'trouble.overnightHob': 'It sat on the hob all night',
  'trouble.overnightHob.do':
    'Heat was off: throw it away, don’t taste it. Boiling again won’t make it safe. Heat was on, and above {limit} all night by thermometer: it’s overcooked; check the level, bring it to the boil, eat today or cool at once. Don’t know: throw it away.',
  'trouble.overnightHob.cost': 'The whole dish.',
  'trouble.overnightHob.step': 'Off, or don’t know: throw it away. Tick when it’s gone',
  'trouble.hotInFridge': 'I put the hot pot in the fridge',
  'trouble.hotInFridge.do':
    'Take it out. Ice water, stirring, down to {warm}. Shallow boxes, back in, spread out. Milk, fish and cooked meat that warmed beside it: follow local advice. The clock starts at {from}: {cold} within {within}.',
  'trouble.hotInFridge.cost': 'Half an hour.',
  'trouble.hotInFridge.step': 'Out of the fridge, ice water to {warm}, shallow boxes',
  'trouble.burntHand': 'I’ve burnt myself',
  'trouble.burntHand.do':
    'Heat off. Cool running water for 20 minutes. Take rings off. Cover loosely with cling film or a clean cloth; no butter, no ice. Bigger than your hand, on the face, on a child, white or charred: get medical help now. The pot stays hot for {hot} by itself.',
  'trouble.burntHand.cost': '20 minutes or more. Nothing else is asked of you.',
  'trouble.burntHand.step': 'Heat off, twenty minutes of cool running water. Tick when you are back',
  'trouble.powerCut': 'The power has gone off',
  'trouble.powerCut.do':
    'Lid on, oven closed: this pot stays above {limit} for about {hot}. Wrap it in towels, away from flames. Gas or camping stove outdoors only. When power returns: bring the liquid to the boil, {simmer}. Below {limit} for over {out}, {outHot} in a hot room: throw it away.',
  'trouble.powerCut.cost': 'The time it lasts, minus what its own heat covers: {hot}.',
  'trouble.powerCut.step': 'Lid on, wrapped; when power returns, bring to the boil: {simmer}',
  'trouble.potCracked': 'The pot has cracked',
  'trouble.potCracked.do':
    'Heat off, stand clear, let it cool. Glass, clay or enamel may have splintered: throw it all away, no sieve is fine enough. Iron split cleanly with nothing missing: ladle {left} and the meat into another pot.',
  'trouble.potCracked.cost': 'Dinner; or ten minutes and {simmer} to the simmer.',
  'trouble.potCracked.step': 'Heat off. Possible splinters: throw it away; otherwise into another pot',
  'trouble.rawPlate': 'Cooked meat went on the raw-meat plate',
  'trouble.rawPlate.do':
    'Before the braise: it will cook in the pot; wash the plate. After: back into the sauce until {again} in the middle, about ten minutes for {thick}; use a new plate. Raw juices added late: boil the sauce two minutes.',
  'trouble.rawPlate.cost': 'None, or twelve minutes.',
  'trouble.rawPlate.step': 'New plate; what is cooked back to {again} ({thick} thick)',
  'trouble.forgotStep': 'I forgot something',
  'trouble.forgotStep.do':
    'It’s in the list of steps not marked done: each says whether it can still go in and what changes. {ready} is most likely for the meat.',
  'trouble.forgotStep.cost': 'See each one; serving stays at {plate}.',
  'trouble.forgotStep.step': 'See what wasn’t done before {ready}',
} as const;
