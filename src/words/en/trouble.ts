/** What can go wrong from the fridge door to the last box: how a cook says it, what to do now, what it costs, the step it becomes. */
export const trouble = {
  'trouble.lateStart': 'I begin late',
  'trouble.lateStart.do':
    'Pot and oven on now. Brown {perBatch, number} pieces and no second batch, or none. Boil the liquid while you cut: cold it takes {fromCold} more. Smaller pieces save only the warming of {thick}.',
  'trouble.lateStart.cost':
    'As it stands the plates go out at {plate}; {chance} of such evenings meet the time wanted.',
  'trouble.lateStart.step': 'Pot and oven on; one batch of {perBatch, number}, no more',
  'trouble.stillFrozen': 'The meat is still hard inside',
  'trouble.stillFrozen.do':
    'Sealed in a bag, into cold running water: about {thaw} for {thick}. Cut off what the knife can cut. Never warm water, never on the counter.',
  'trouble.stillFrozen.cost': '{thaw}, and the plate with it: {plate} as it stands without.',
  'trouble.stillFrozen.step': 'Bagged meat into cold running water, {thaw}',
  'trouble.doesNotFit': 'It will not fit in the pot',
  'trouble.doesNotFit.do':
    'Fewer vegetables first. Cut between the muscles, not through bone. Nothing over {high}: the boil needs the rest. Two pots share the liquid by their floors, and the slower one rules.',
  'trouble.doesNotFit.cost': 'Five to fifteen minutes; in two pots every look is two.',
  'trouble.doesNotFit.step': 'Vegetables out until nothing stands over {high}',
  'trouble.pale': 'It stays pale',
  'trouble.pale.do':
    'Take out a third to a half: {perBatch, number} at once is what this pan browns. Juice off into a cup for the pot. Dry the meat again. Heat until the fat shimmers, about {recover}. Lay it back and leave it {face} a face.',
  'trouble.pale.cost': 'Five to ten minutes a batch; {batchTime} was planned.',
  'trouble.pale.step': 'Half the pieces out, pan hot again: about {recover}',
  'trouble.tooDark': 'It browns too fast or too dark',
  'trouble.tooDark.do':
    'Heat down a third, pan off for a minute. Turn now. Loose black crumbs out. Taste one: bitter means the pan is wiped, not the meat. The next faces will not need {face}.',
  'trouble.tooDark.cost': 'Two to four minutes; a bitter edge if black stays in.',
  'trouble.tooDark.step': 'Heat down a third; turn before {face} is up',
  'trouble.sticking': 'It sticks and tears',
  'trouble.sticking.do':
    'Leave it a minute or two more: it lets go when it is brown, about {face} a face. Then a thin slice under it, from the edge. A spoon of fat. What stays on the pan is flavour unless it is black.',
  'trouble.sticking.cost': 'One to three minutes, and a torn crust.',
  'trouble.sticking.step': 'Leave it; lift from the edge after {face}',
  'trouble.blackBits': 'The bottom is black',
  'trouble.blackBits.do':
    'Meat out. Heat off, fat into a tin. Wipe with paper in tongs: brown stays, black goes. Fresh fat, and on, {perBatch, number} at once so that no floor is bare.',
  'trouble.blackBits.cost': 'Four to six minutes and {recover} to heat again; less roast taste in {sauce} of sauce.',
  'trouble.blackBits.step': 'Wipe the pan, fresh fat, hot again in {recover}',
  'trouble.smoke': 'The kitchen is full of smoke',
  'trouble.smoke.do':
    'Heat off, pan aside. Hood, window. Fat that is dark or sharp goes into a tin when it is cool. Back at a shimmer, not at smoke: {recover}.',
  'trouble.smoke.cost': 'Three to six minutes.',
  'trouble.smoke.step': 'Air the kitchen; pan back at a shimmer, {recover}',
  'trouble.oilFire': 'The pan is on fire',
  'trouble.oilFire.do':
    'Heat off if you can reach it. Lid or metal tray on from the side, or a fire blanket. Never water, never carry it. Leave it shut for half an hour. Not out at once, or spreading: everybody out, door shut, call the fire service.',
  'trouble.oilFire.cost': 'The dinner, if need be. All other calls are stopped; {pieces, number} {noun} can wait.',
  'trouble.oilFire.step': 'Heat off, lid on from the side, never water. Tick only when it is out and cold',
  'trouble.spitting': 'It spits and pops at me',
  'trouble.spitting.do':
    'Heat down, stand back. Lid tilted, open side away. Dry the next {perBatch, number} again, salt draws water. Fat deeper than {mm_5}: heat off, pour some away.',
  'trouble.spitting.cost': 'One to three minutes.',
  'trouble.spitting.step': 'Dry the next {perBatch, number} pieces again',
  'trouble.crowded': 'Too many in the pan, it is stewing',
  'trouble.crowded.do':
    'Take out all over {perBatch, number}. Juice into a cup for the pot. Shimmer again, {recover}. Go on with {perBatch, number} at once.',
  'trouble.crowded.cost': '{batchTime} for each batch more; the pot is later by as much.',
  'trouble.crowded.step': 'Back to {perBatch, number} pieces at once',
  'trouble.burntGarlic': 'The garlic went brown',
  'trouble.burntGarlic.do':
    'Tan: liquid in at once, go on. Dark: all out, wipe, fresh fat, what onion is clean back in, new garlic last and low.',
  'trouble.burntGarlic.cost': 'A minute, or up to {base} for the base again; bitter for {sauce} of sauce if it stays.',
  'trouble.burntGarlic.step': 'Dark garlic out; new garlic last and low, {base} at most',
  'trouble.spiceBurnt': 'The spice went dark and stings',
  'trouble.spiceBurnt.do':
    'Off the heat, window open. Throw it out with its fat, wipe, begin again. This time into the liquid: {line} deep, nothing scorches there.',
  'trouble.spiceBurnt.cost': 'Five to eight minutes; kept, it is bitter for good.',
  'trouble.spiceBurnt.step': 'Spice again, into the liquid once it stands {line} deep',
  'trouble.onionBurning': 'The onion has black edges',
  'trouble.onionBurning.do':
    'Two spoons of water, scrape, heat down. Pick black threads out. Go on low; {base} was planned for the whole base.',
  'trouble.onionBurning.cost': 'Two to ten minutes. More than a quarter black: new onion.',
  'trouble.onionBurning.step': 'Water, scrape, heat down; look again within {base}',
  'trouble.pasteBurnt': 'The tomato paste burnt on',
  'trouble.pasteBurnt.do':
    'Rust with dark spots: liquid in, scrape, go on. Black: lift the vegetables out, leave the floor, clean pot, half the paste again in the stock ({line} deep).',
  'trouble.pasteBurnt.cost': 'Two or eight minutes; still bitter means the base again, {base}.',
  'trouble.pasteBurnt.step': 'Paste again, half of it, in the stock ({line})',
  'trouble.flourLumps': 'There are flour lumps',
  'trouble.flourLumps.do':
    'Before the meat: off the heat, beat; a splash of stock, beat; then the rest in three. After the meat: go on, sieve or blend the {sauce} at the end.',
  'trouble.flourLumps.cost': 'Three to five minutes now, or a sieve at the end.',
  'trouble.flourLumps.step': 'Beat smooth before more stock, or sieve {sauce} at the end',
  'trouble.rouxSet': 'The roux has set hard',
  'trouble.rouxSet.do':
    'Warm it low, stirring, two to four minutes. Or break off bits the size of peas and whisk them into the simmering liquid; boil three minutes after the last, for {sauce} of sauce.',
  'trouble.rouxSet.cost': 'Three to six minutes. A burnt smell: make it new.',
  'trouble.rouxSet.step': 'Warm the roux low, or whisk it in bit by bit',
  'trouble.wineFlare': 'The wine caught fire',
  'trouble.wineFlare.do':
    'Stand back, heat off, hood off. It dies in seconds. If not, lid on. Wait half a minute before you go on; from there the pot needs {fromCold} at most to a simmer.',
  'trouble.wineFlare.cost': 'A minute.',
  'trouble.wineFlare.step': 'Heat off, hood off, lid if it burns on. Tick when it is out',
  'trouble.wineHarsh': 'The sauce stings of raw wine',
  'trouble.wineHarsh.do':
    'Lid off, simmer open until the sting is gone, a quarter to half an hour, level kept at {line} with hot stock. Or boil a third of it down by half apart and pour it back: {boilOff} for each {l_0_1}.',
  'trouble.wineHarsh.cost': '{boilOff} for each {l_0_1} that has to go.',
  'trouble.wineHarsh.step': 'Lid off until the sting is gone; hot stock to {line}',
  'trouble.tooMuchLiquid': 'I poured too much',
  'trouble.tooMuchLiquid.do':
    'Ladle out {perMm} for each millimetre over {line} into a jug and keep it hot: it is the top-up later. Salted stock is kept apart and used last.',
  'trouble.tooMuchLiquid.cost': 'A minute now; left in, {boilOff} for each {l_0_1} at the end.',
  'trouble.tooMuchLiquid.step': 'Ladle out {perMm} a millimetre, down to {line}',
  'trouble.boiledHard': 'It has been boiling hard',
  'trouble.boiledHard.do':
    'Heat down now, oven {K_20} lower. Measure: about {left} should be left. Top up hot, {perMm} for each millimetre under {line}. Do not stir. Fork at once if it has been on more than half its time; {ready} was forecast.',
  'trouble.boiledHard.cost': 'Liquid, dry outsides, cloudy sauce; it may be tender before {first}.',
  'trouble.boiledHard.step': 'Heat down; measure; hot liquid, {perMm} a millimetre, to {line}',
  'trouble.noBubbles': 'There is no bubble at all',
  'trouble.noBubbles.do':
    'On the burner, medium, to the first bubbles: about {simmer}. Then back, oven {K_10} to {K_20} up. At {C_85} a minute counts 0.4 of one at a simmer, at {C_75} less than a fifth.',
  'trouble.noBubbles.cost': '{simmer} on the burner; left so, {ready} will not hold.',
  'trouble.noBubbles.step': 'Back to a simmer on the burner, about {simmer}',
  'trouble.levelLow': 'The liquid is low',
  'trouble.levelLow.do':
    'Hot liquid down the side: {toLine} brings {left} back to the line at {line} ({perMm} a millimetre), unsalted. Shut the leak with foil under the lid. Heat down if it rolls.',
  'trouble.levelLow.cost': 'A minute if it is hot; cold it costs {simmer}.',
  'trouble.levelLow.step': 'Pour in {toLine}, hot, to {line}; record it',
  'trouble.dryPot': 'The pot is dry',
  'trouble.dryPot.do':
    'Heat off, wait two minutes; hot glass or clay: twenty, and no cold liquid. Meat into a clean pot, leave the floor. Boiling stock to the line: {toLine}. Taste the underside, cut black away. Back to a simmer in about {simmer}.',
  'trouble.dryPot.cost': 'Ten to twenty minutes and some smoke; the estimate had {left} left.',
  'trouble.dryPot.step': 'Clean pot, {toLine} of boiling stock; record the level and what you poured',
  'trouble.catching': 'It smells of catching',
  'trouble.catching.do':
    'Heat off. Do not scrape. Pour all but the floor into a clean pot, about {left}. Taste. Clean: hot stock to {line}, low heat or the oven.',
  'trouble.catching.cost': 'Five to eight minutes, back at a simmer in {simmer}.',
  'trouble.catching.step': 'Pour {left} off the floor into a clean pot, hot stock to {line}',
  'trouble.scorched': 'It tastes burnt',
  'trouble.scorched.do':
    'Meat out, rinse it in hot stock, wipe. Throw {left} of sauce away. Fresh stock to {line}, about {whole}, new bay; simmer twenty to thirty minutes.',
  'trouble.scorched.cost': 'Thirty to forty minutes, a plainer sauce; the plate moves past {plate} by as much.',
  'trouble.scorched.step': 'Fresh stock to {line}, simmer twenty minutes',
  'trouble.boilsOver': 'It boils over',
  'trouble.boilsOver.do':
    'Heat off, lid off away from you. Ladle down to {high}: {perMm} a millimetre. Wipe the burner when it is cool; gas: see that it lit again. Lid ajar until it settles.',
  'trouble.boilsOver.cost': 'Two to four minutes and what ran over of {left}.',
  'trouble.boilsOver.step': 'Ladle down to {high}, lid ajar until it settles',
  'trouble.lidForgotten': 'I forgot the lid',
  'trouble.lidForgotten.do':
    'Lid on now. Hot liquid to {line}: {perMm} a millimetre, {toLine} by the estimate. Dry tops under. Back to bubbles, {simmer}. Record that the lid was off.',
  'trouble.lidForgotten.cost': 'An open pot runs cooler: an hour counts a third to a half of one under the lid.',
  'trouble.lidForgotten.step': 'Lid on; hot liquid to {line} ({toLine}); tops under',
  'trouble.lidOffLong': 'The lid-off stage ran too long',
  'trouble.lidOffLong.do':
    'Lid on. Hot stock to the line, {toLine}. A ring of sauce: scrape only if it is brown. Baste, turn tops under for ten minutes.',
  'trouble.lidOffLong.cost': 'Five to ten minutes; {left} is what is left by the estimate.',
  'trouble.lidOffLong.step': 'Lid on; {toLine} of hot stock; baste the tops',
  'trouble.ovenOff': 'The oven was off',
  'trouble.ovenOff.do':
    'Measure the liquid with a clean probe. Over {limit}: to a simmer on the burner now, about {simmer}, then back in. This pot stays over {limit} for about {hot} with its lid on. Under {limit} for less than two hours in all, one in a hot room: boil it up at once and cook on. Longer, or nobody knows: throw it away. Follow your local food-safety guidance.',
  'trouble.ovenOff.cost':
    'The minutes it was off, and {simmer} to the simmer; over {hot} off it is a question of safety.',
  'trouble.ovenOff.step': 'Probe the liquid; over {limit}: to a simmer, {simmer}, and back in',
  'trouble.ovenHot': 'The oven was far too hot',
  'trouble.ovenHot.do':
    'Down to what was planned, door open a minute. Measure: {left} by the estimate, {perMm} a millimetre to {line}. Fork now: covered liquid cannot pass the boil, so little was won. Turn the tops.',
  'trouble.ovenHot.cost': 'Liquid and dry tops; a few minutes won of {ready}.',
  'trouble.ovenHot.step': 'Oven down; measure; hot liquid to {line}',
  'trouble.ovenCold': 'It simmers and the oven is cold',
  'trouble.ovenCold.do':
    'Lid on, lowest flame, bubbles. In when the oven is hot. Or stay on the hob: look at a quarter of an hour, then every half. {left} is in it.',
  'trouble.ovenCold.cost': 'Nothing, as long as it bubbles.',
  'trouble.ovenCold.step': 'Oven on; pot on the lowest flame, lid on ({left} in it)',
  'trouble.doorOpen': 'The door stood open',
  'trouble.doorOpen.do':
    'Shut it. Wide open over ten minutes: bubbles back on the burner, about {simmer}. Else {K_10} up for a quarter of an hour, then back.',
  'trouble.doorOpen.cost': 'About half the minutes it stood open; {ready} moves by as much.',
  'trouble.doorOpen.step': 'Bubbles back, about {simmer}',
  'trouble.guestsEarly': 'They are here early',
  'trouble.guestsEarly.do':
    'Fork now. As wanted: finish the shortest way, fat off, starch in the place of boiling {sauce} down. Sliding but not twisting: slices, {mm_5}, in sauce. Less: bread, soup, salad, and a lively bubble.',
  'trouble.guestsEarly.cost': '{ready} is likeliest, {first} one evening in ten.',
  'trouble.guestsEarly.step': 'Fork test now; something to eat on the table until {ready}',
  'trouble.guestsLate': 'They come late',
  'trouble.guestsLate.do':
    'Not tender: heat down to the lowest bubble. Tender: off the heat, lid on; it stays over {limit} for about {hot}, then an oven of {C_80} to {C_90}. Sauce last, sides later.',
  'trouble.guestsLate.cost':
    'It goes on softening while it is hot. Over two hours: cool it in ice, warm it through later.',
  'trouble.guestsLate.step': 'Keep it over {limit}: lid on, about {hot}',
  'trouble.doneEarly': 'It is tender too early',
  'trouble.doneEarly.do':
    'Off the heat, in its liquid, lid on: over {limit} for about {hot}. Probe every half hour. Under {C_65}: lowest flame five minutes. Make the sauce from ladled liquid meanwhile, {sauce}.',
  'trouble.doneEarly.cost':
    'Nothing, if it is under {C_85} soon; else it goes on to the next stage. Over two hours: ice, fridge, warm through.',
  'trouble.doneEarly.step': 'Off the heat, lid on; probe within {hot}',
  'trouble.stillTough': 'Still tough, and the guests are near',
  'trouble.stillTough.do':
    'See bubbles: none, bring it up now, {simmer}. Sliding but not twisting: slice it {mm_3} to {mm_5} across the grain and warm it in sauce. Cut to {mm_30} to {mm_40}, all under, lid tight. Sides, sauce and a first course meanwhile; test again in a quarter of an hour.',
  'trouble.stillTough.cost': 'Most likely {ready}; {chance} of such evenings meet the plate, else {plate}.',
  'trouble.stillTough.step': 'Bubbles, tight lid, a first course; fork again in a quarter of an hour',
  'trouble.stringy': 'It is stringy',
  'trouble.stringy.do':
    'Off the heat. Shred short, {mm_30}, across. Into sauce with its fat; there are {sauce} of it. Or chop it fine for a filling or pasta.',
  'trouble.stringy.cost': 'No time; texture.',
  'trouble.stringy.step': 'Off the heat; short shreds into {sauce} of sauce',
  'trouble.mushy': 'It is soft as paste',
  'trouble.mushy.do':
    'Off, do not stir. Lift whole spoons; sauce apart and thick, {sauce}. A crisp top: tray, hot oven eight minutes. Or pasta, pie, filling.',
  'trouble.mushy.cost': 'Ten minutes if it is crisped.',
  'trouble.mushy.step': 'Off the heat; lift by the spoon, sauce apart ({sauce})',
  'trouble.breaking': 'The pieces fall apart as I lift them',
  'trouble.breaking.do':
    'Off the heat ten to fifteen minutes, it firms; it stays over {limit} for {hot}. Wide slice under, dish beside the pot. Broken: put {pieces, number} {noun} together on the plate, sauce over. Strings off last.',
  'trouble.breaking.cost': 'Ten to fifteen minutes.',
  'trouble.breaking.step': 'Off the heat ten minutes; then lift from below',
  'trouble.beansHard': 'The beans are hard',
  'trouble.beansHard.do':
    'Never boiled: see the beans that went in raw. Boiled: simmer on, half an hour to an hour, meat lifted out when it is tender ({ready}).',
  'trouble.beansHard.cost': 'Thirty to ninety minutes past {ready}. Old beans: sieve them out, tinned ones in.',
  'trouble.beansHard.step': 'Simmer on; meat out when it is tender, about {ready}',
  'trouble.beansRaw': 'The dry beans went in unboiled',
  'trouble.beansRaw.do':
    'Nobody tastes. Meat into a clean dish, covered, hot. Boil beans and {left} of liquid hard, lid off, as long as your local advice says, until they are soft. Kidney beans kept under the boil: throw beans and liquid away. Follow your local food-safety guidance.',
  'trouble.beansRaw.cost': 'Thirty to sixty minutes, and liquid: {boilOff} for each {l_0_1} that boils off.',
  'trouble.beansRaw.step': 'Nobody tastes; meat out, beans boiled hard. Tick when they are soft or thrown away',
  'trouble.slicesFall': 'I wanted slices and it falls',
  'trouble.slicesFall.do':
    'Stop cutting. Dish into ice water, meat in its liquid, half an hour to three quarters; cut it cool, across the grain, {mm_10}; warm it in {sauce} of hot sauce to {again}. No time: pieces of {mm_25}, sauce over.',
  'trouble.slicesFall.cost': 'Three quarters of an hour, or none. Shreds already: serve it as shreds.',
  'trouble.slicesFall.step': 'Cool it in its liquid, cut it cool, warm it in {sauce} of sauce',
  'trouble.meatDry': 'The meat eats dry',
  'trouble.meatDry.do':
    'Tight and squeaky: it is not done, back in for half an hour. Threads: thin slices or short shreds, into {sauce} of sauce for ten minutes, off the heat. A spoon of its fat or butter on each plate; it is {thick} thick, sauce gets in slowly.',
  'trouble.meatDry.cost': 'Ten minutes, or half an hour more in the pot.',
  'trouble.meatDry.step': 'Thin slices into {sauce} of sauce, ten minutes off the heat',
  'trouble.vegMush': 'The vegetables are mush',
  'trouble.vegMush.do':
    'No potato among them: blend them in; about {mash} do the work of {holdG} of starch or more. Potato: press it through a sieve, do not blend. On the plate: carrot of {mm_10} in butter and water, eight minutes.',
  'trouble.vegMush.cost': 'Five to ten minutes; thicker, and gone from the plate.',
  'trouble.vegMush.step': 'Blend or sieve them into {sauce} of sauce',
  'trouble.vegHard': 'The vegetables are still hard',
  'trouble.vegHard.do':
    'Meat done: lift it out, boil them on with the lid for eight to fifteen minutes. Or halve them. Or {l_0_1} of sauce and water apart, boiled eight to twelve minutes. The meat keeps over {limit} in its pot for about {hot}.',
  'trouble.vegHard.cost': 'Eight to fifteen minutes; the plate goes past {plate} by as much.',
  'trouble.vegHard.step': 'Meat out; vegetables on the boil till a knife slides in',
  'trouble.tooSalty': 'It is too salty',
  'trouble.tooSalty.do':
    'It stands at {salt} by the ledger; {salted} tastes seasoned. Unsalted hot stock or water: {addL}, in halves, tasting between. As thick again with {backG} of corn starch. Meat plain, sides plain and large, less sauce a plate. A potato takes out no more than the liquid it drinks.',
  'trouble.tooSalty.cost': 'Two minutes; {addL} more sauce, thinner in taste.',
  'trouble.tooSalty.step': 'Unsalted liquid, half of {addL}; stir, taste, the rest',
  'trouble.tooThin': 'It is too thin',
  'trouble.tooThin.do':
    'Salt {salt}: it can boil down to {toL} before salt is over {saltMost}, {boilOff} for each {l_0_1}. No time: corn starch, {bindG} for “{rung}”, in cold water, half of it, a minute at the boil, look, the rest.',
  'trouble.tooThin.cost': 'Two minutes with starch; {boilOff} for each {l_0_1} boiled away.',
  'trouble.tooThin.step': 'Half of {bindG} corn starch in cold water; boil, look',
  'trouble.tooThick': 'It is too thick',
  'trouble.tooThick.do':
    'Hot liquid, {l_0_05} at a time, whisked in: about {thinL} to “{rung}”. Salt would be {thinSalt}: stock if that is low, water if it is not. Look after each.',
  'trouble.tooThick.cost': 'Two minutes.',
  'trouble.tooThick.step': 'Hot liquid by small pours, about {thinL}',
  'trouble.greasy': 'It is greasy',
  'trouble.greasy.do':
    'Off the boil, five to ten minutes. {fat} is on it by the estimate. Tilt and spoon: {tilt} stays; paper laid on it: {paper}. Cloudy through: a jug, or {l_0_25} at a time in ice water. It cannot settle: {holdG} of corn starch hold a film of it.',
  'trouble.greasy.cost': 'Five to fifteen minutes.',
  'trouble.greasy.step': 'Off the boil; tilt, spoon, paper: {fat} on it',
  'trouble.sour': 'It is sour',
  'trouble.sour.do':
    'Simmer it open five minutes, taste. Sugar {sugarSour}, taste, once more at most. Butter {butter}. Last resort: {soda} of baking soda, it foams; its sodium counts as salt.',
  'trouble.sour.cost': 'Three to eight minutes.',
  'trouble.sour.step': 'Sugar {sugarSour}; stir, two minutes, taste',
  'trouble.bitter': 'It is bitter',
  'trouble.bitter.do':
    'Bundle, bay and peel out. Nothing cures it: sugar {sugarBitter}, salt to {salted}, butter {butter} mask it. Herbs: {fifth} of unsalted liquid. Ash all through: another sauce, of stock, butter and mustard.',
  'trouble.bitter.cost': 'Three to ten minutes.',
  'trouble.bitter.step': 'Sugar {sugarBitter}, taste; butter {butter}',
  'trouble.sweet': 'It is too sweet',
  'trouble.sweet.do':
    'Vinegar or lemon {vinegar}, taste, again. Salt to {salted} (it is {salt}). Pepper, mustard. Or thin it by a tenth.',
  'trouble.sweet.cost': 'Two to four minutes.',
  'trouble.sweet.step': 'Vinegar {vinegar}; stir, taste',
  'trouble.bland': 'It tastes of nothing',
  'trouble.bland.do':
    'Taste it hot. Salt {salt}: {missing} more brings it to {salted}, in thirds. Vinegar or lemon {vinegar}. Boil it down by a fifth. Soy {soy}, which is salt too: into the ledger. A pinch on the cut meat.',
  'trouble.bland.cost': 'Two to eight minutes.',
  'trouble.bland.step': 'A third of {missing}; stir, taste; then acid',
  'trouble.split': 'The sauce has split',
  'trouble.split.do':
    'Off the heat. Only fat on top: whisk or ladle, it is not split. Butter: {coldWater} of cold water, whisk from the edge. Cream: a ladle of hot stock whisked in, or blend it, half full, lid vented. {holdG} of corn starch hold it, warmed to a tremble.',
  'trouble.split.cost': 'Two to five minutes, some gloss.',
  'trouble.split.step': 'Off the heat; {coldWater} of cold water, whisk from the edge',
  'trouble.starchLumps': 'There are lumps of starch',
  'trouble.starchLumps.do':
    'Heat down, whisk hard for a minute. Sieve, press. Look: too thin now, the second half, twice its weight of cold water first, streamed in while stirring; {bindG} would bring it to “{rung}”. Record the sauce as it coats a spoon: what was sieved out is not in it.',
  'trouble.starchLumps.cost': 'Three to four minutes.',
  'trouble.starchLumps.step': 'Whisk, sieve, look again at {sauce} of sauce',
  'trouble.boneChips': 'I found a bone splinter',
  'trouble.boneChips.do':
    'Serve nobody yet. Thumbs over every piece. Sauce, {sauce}, through a fine sieve and a cloth. Splinters all through shredded meat: throw it away. Swallowed, and pain, cough or blood: medical help.',
  'trouble.boneChips.cost': 'Five to eight minutes; the plate waits.',
  'trouble.boneChips.step': 'Serve nobody: feel every piece, sieve {sauce}. Tick when no more is found',
  'trouble.stringLost': 'A string is missing',
  'trouble.stringLost.do':
    'Pot, sieve, dish, bin. Cut every roll through once. Sieve the sauce, {sauce}. Not found: tell the table, cut it up for children, and serve nothing blended or shredded to them.',
  'trouble.stringLost.cost': 'Three to five minutes.',
  'trouble.stringLost.step': 'Pot, sieve, dish; sieve {sauce} of sauce; record the count',
  'trouble.bundleBurst': 'Needles and stalks are everywhere',
  'trouble.bundleBurst.do':
    'Lift the meat. Sieve the sauce, {sauce}, press. Pick the meat over under a light. Bay and cloves are counted.',
  'trouble.bundleBurst.cost': 'Four to six minutes.',
  'trouble.bundleBurst.step': 'Sieve {sauce}; pick the meat over; count bay and cloves',
  'trouble.sidesLate': 'The sides are late',
  'trouble.sidesLate.do':
    'Meat whole in its liquid, lid on: over {limit} for about {hot}. Potatoes cut to {mm_20}: twelve minutes. Kettle for the water. Or bread, tinned beans, couscous.',
  'trouble.sidesLate.cost': 'Eight to twenty minutes; meat waits well, plates at {plate}.',
  'trouble.sidesLate.step': 'Meat back under its lid ({hot}); the quicker side',
  'trouble.noTimeFinish': 'They sit at the table and the sauce is soup',
  'trouble.noTimeFinish.do':
    'Ladle the fat, two minutes. The widest pan, full heat: {boilOff} for each {l_0_1}. Corn starch {bindG} for “{rung}”, half, look, half. Salt is {salt}: taste, acid, plate. {quick} in all.',
  'trouble.noTimeFinish.cost': '{quick}.',
  'trouble.noTimeFinish.step': 'Fat off, {halfG} of corn starch, look, the rest, plate',
  'trouble.cooledSlowly': 'It is still warm hours later',
  'trouble.cooledSlowly.do':
    'Measure the middle now. The clock runs from {from}. Over {C_21} two hours after that: back to {again} at once and cool it again with ice, or eat it hot now. Under it: shallow boxes and ice, to {cold} within {within} in all. Not met, or nobody knows: throw it away. Follow your local food-safety guidance.',
  'trouble.cooledSlowly.cost': 'Half an hour of ice; or all of it.',
  'trouble.cooledSlowly.step': 'Measure the middle; ice, stir, shallow boxes',
  'trouble.overnightHob': 'It stood on the hob all night',
  'trouble.overnightHob.do':
    'Off: throw it away, do not taste it. Boiling it again does not make it safe. On, and over {limit} all night by a thermometer: it is past strings; look at the level, boil it up, eat it today or cool it at once. Nobody knows: throw it away. Follow your local food-safety guidance.',
  'trouble.overnightHob.cost': 'All of it.',
  'trouble.overnightHob.step': 'Off or not known: throw it away. Tick when it is gone',
  'trouble.hotInFridge': 'I put the hot pot in the fridge',
  'trouble.hotInFridge.do':
    'Take it out. Ice water, stirred, to {C_21}. Shallow boxes, back in, spread. Milk, fish and cooked meat that stood beside it and warmed: by local advice. The clock runs from {from}: {cold} within {within}. Follow your local food-safety guidance.',
  'trouble.hotInFridge.cost': 'Half an hour.',
  'trouble.hotInFridge.step': 'Out of the fridge, ice water to {C_21}, shallow boxes',
  'trouble.burntHand': 'I burnt myself',
  'trouble.burntHand.do':
    'Heat off. Cool running water, twenty minutes. Rings off. Cling film or a clean cloth, loosely; no butter, no ice. Larger than a hand, the face, a child, white or charred: medical help now. The pot stays hot for {hot} by itself.',
  'trouble.burntHand.cost': 'Twenty minutes and more. Nothing else is asked of you.',
  'trouble.burntHand.step': 'Heat off, twenty minutes of cool running water. Tick when you are back',
  'trouble.powerCut': 'The power went',
  'trouble.powerCut.do':
    'Lid on, oven shut: this pot stays over {limit} for about {hot}. Towels round it, away from any flame. Gas or a camp stove outdoors only. When it is back: liquid to a boil, {simmer}. Under {limit} over two hours, one in a hot room: throw it away. Follow your local food-safety guidance.',
  'trouble.powerCut.cost': 'The minutes it lasts, less what its own heat does: {hot}.',
  'trouble.powerCut.step': 'Lid on, wrapped; when the power is back, to a boil: {simmer}',
  'trouble.potCracked': 'The pot has cracked',
  'trouble.potCracked.do':
    'Heat off, stand clear, let it cool. Glass, clay or enamel splinters possible: throw all of it away, no sieve is fine enough. Iron split clean, nothing missing: ladle {left} and the meat into another pot.',
  'trouble.potCracked.cost': 'Dinner; or ten minutes and {simmer} to the simmer.',
  'trouble.potCracked.step': 'Heat off. Splinters possible: throw it away; else into another pot',
  'trouble.rawPlate': 'Cooked meat went on the raw plate',
  'trouble.rawPlate.do':
    'Before the braise: it cooks on in the pot, wash the plate. After: back into the sauce until it is {C_74} in the middle, about ten minutes for {thick}; a new plate. Raw juice late: boil the sauce two minutes.',
  'trouble.rawPlate.cost': 'None, or twelve minutes.',
  'trouble.rawPlate.step': 'New plate; what is cooked back to {C_74} ({thick} thick)',
  'trouble.forgotStep': 'I forgot something',
  'trouble.forgotStep.do':
    'It is in the list of what has not been done: each says where it still goes in and what that changes. {ready} is likeliest for the meat.',
  'trouble.forgotStep.cost': 'By its own line; the plate stands at {plate}.',
  'trouble.forgotStep.step': 'See what was not done before {ready}',
} as const;
