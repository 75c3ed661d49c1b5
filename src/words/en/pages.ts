export const baseForm = {
  'baseForm.leaveOut': 'Remove {name}',
  'baseForm.weightOf': 'Weight of {name}',
  'baseForm.whatBecomesOf': 'What happens to {name}',
  'baseForm.inLate': 'added late',
  'baseForm.apart': 'browned separately',
  'baseForm.whereTheyLie': 'Where the vegetables sit',
  'bed.among': 'between the pieces',
  'bed.among.why': 'the meat sits on the bottom of the pot, deepest in the liquid',
  'bed.under': 'as a bed under the meat',
  'bed.under.why': 'keeps the meat off the bottom: nothing scorches, but it sits higher',
  'baseForm.minBeforeTheEnd': '{late} before the end',
  'baseForm.usual': 'Usual: {range}',
  'baseForm.startFromAKind': 'Start from a style',
  'baseForm.yours': 'Your own',
  'baseForm.ours': 'Ready-made',
  'baseForm.inTheBase': 'In the flavour base',
  'baseForm.addSomething': 'Add an ingredient',
  'baseForm.tomatoPaste': 'Tomato paste',
  'baseForm.keepThisAsAKind': 'Save as your own style',
  'baseForm.nameOfTheKind': 'Style name',
  'baseForm.keepItPerKiloOf': 'Save, per kilo of meat',
  'baseForm.forget': 'Delete “{name}”',
} as const;

export const basePanel = {
  'basePanel.cut': 'cut {size}',
  'basePanel.stayWithIt': ', don’t leave it',
  'basePanel.until': '{Look}. {why}',
  'basePanel.forgotSomething': 'Forgot something?',
  'basePanel.whatWasLeftOut': 'What you left out',
  'basePanel.whatChanges': 'What changes:',
  'basePanel.nothingIsSoftenedFirstThe': 'Nothing to soften first: the liquid goes straight in.',
  'basePanel.theBaseInOrder': 'The flavour base, in order',
  'basePanel.from': 'Starts at {start}.',
  'basePanel.curedPork': 'The cured pork renders about {rendered}.',
  'basePanel.aBrightEdge': 'Bright edge: don’t walk away.',
  'basePanel.theFat': 'Fat and timing',
  'basePanel.keepFat': 'Keep {fatKept} of it. {fatSays}',
  'basePanel.inLateCountedBackFrom': 'Added late',
  'basePanel.fromTheStartTheyWould':
    'Added at the start they’d turn to mush. Add them hot, and bring it back to a simmer.',
} as const;

export const benchSheet = {
  'benchSheet.forOnTheTableAt': 'For {eaters}, serving {serve} at',
  'benchSheet.beginIntoThePotAbout': 'Start {start}, in the pot {intoPot}; {target} at about',
  'benchSheet.likelyTo': ', between {p10} and {p90}.',
  'benchSheet.print': 'Print',
  'benchSheet.clearTheTicks': 'Clear ticks',
  'benchSheet.sheet': 'Sheet',
  'benchSheet.toBuyAndWeighOut': 'Buy and weigh',
  'benchSheet.cuttingSizesTrueToSize': 'Cutting guide, actual size when printed at 100%',
  'benchSheet.toASide': '{title}: {cut} per side',
  'benchSheet.theDay': 'The day',
  'benchSheet.inOrder': 'In order',
  'benchSheet.looksAndTests': 'Checks and tests',
  'benchSheet.readyWhen': 'Done when: {cutId}.',
  'benchSheet.whatAndWhenItIs': 'What, and when',
  'benchSheet.followYourLocalFoodSafety': 'Follow your local food-safety guidance.',
} as const;

/** Shared by several screens. */
export const common = {
  'common.makeThisOurWay': 'Make usual',
  'common.backToThePlan': 'Back to the plan',
  'common.planABraise': 'Plan a braise',
  'common.now': 'Now',
  'common.nextInAt': 'Next, in {dueIn}, at {due}',
  'common.nextTime': 'Next time: {nextTime}',
  'common.foldedAway': '{from} hidden',
  'common.keys': 'Shortcuts',
  'common.leaveOut': 'Remove {things}',
  'common.amountOf': 'Amount of {things}',
  'common.nameOfTheDish': 'Dish name',
  'common.atTheTable': 'People eating',
  'common.less': '{label}: less',
  'common.more': '{label}: more',
  'common.where': 'Where',
  'common.delete': 'Delete “{title}”?',
  'common.gettingItReady': 'Preparation',
  'common.between': 'between {p10} and {p90}',
  'common.later': 'later',
  'common.pointlessRecord': '{act}: not counted. {why}',
  'common.lid': 'Lid',
} as const;

export const compare = {
  'compare.begin': 'Start',
  'compare.readyAbout': 'Tender at about',
  'compare.inThePot': 'In the pot',
  'compare.staysGood': 'At its best for',
  'compare.about': 'about {amount}',
  'compare.inThePotBeforeIt': 'in the pot, before cooling',
  'compare.yourHands': 'Hands-on',
  'compare.likely': 'usually {range}',
  'compare.pouredIn': 'Liquid added',
  'compare.goneAsSteam': 'Lost as steam',
  'compare.toPourInOnThe': 'To top up',
  'compare.nothing': 'nothing',
  'compare.hotSoThatThereIs': 'hot, so there’s enough sauce',
  'compare.leftInThePot': 'Left at the end',
  'compare.toReduce': '{reduce} of reducing',
  'compare.energy': 'Energy',
  'compare.withoutSearAndSauce': '{range}, excluding sear and sauce',
  'compare.nobodyMetersItsFuel': 'not measured',
  'compare.waterInTheMeat': 'Water left in the meat',
  'compare.otherWays': '{title}: compare options',
  'compare.waysToCompareAtMost': 'Options to compare (up to four)',
  'compare.theWaysCouldNotBe': 'The options couldn’t be compared; that’s our fault.',
  'compare.forecastingEveryWay': 'Working out each option…',
  'compare.forTheSamePlate': 'For the same dinner',
  'compare.tallYourHandsBrownThe':
    '· tall: hands-on · brown: heat alone · red: getting tender, line at the most likely time · green: stays at its best',
  'compare.alike': 'The same for all',
  'compare.thePlanItself': 'your plan',
  'compare.keepThisWay': 'Use this option',
  'compare.everyWayIsForecastWith':
    'Every option uses the same meat, pot and cook; “about” means most likely. A hotter oven barely speeds up a covered pot: once it simmers, the extra heat goes into steam.',
} as const;

export const confirmButton = {
  'confirmButton.keepIt': 'Keep it',
} as const;

export const cookScreen = {
  'cookScreen.inAlready': 'The meat is already in the pot',
  'cookScreen.thisStage': 'This stage',
  'cookScreen.inThePot': 'In the pot at {at}; tender at about {ready}.',
  'alarm.record.liquid': 'Record the liquid',
  'alarm.record.hold': 'Record how',
  'record.when': 'When',
  'record.ago': '{time} ago',
  'alarm.record.cooling': 'Record how',
  'alarm.record.cooled': 'I measured it',
  'cookScreen.theDay': 'The day',
} as const;

export const curves = {
  'curves.liquid': 'Liquid',
  'curves.liquid2': 'liquid',
  'curves.meltsFast': 'melts fast',
  'curves.meatMean': 'Meat, average',
  'curves.meatMiddle': 'Meat, middle',
  'curves.middle': 'middle',
  'curves.staysBelow': 'stays below {meltsFast}',
  'curves.passesAt': 'passes {meltsFast} at {hot}',
  'curves.temperaturesTheLiquidStartsAt':
    'Temperatures: the liquid goes from {liquid} to {end}; the middle of the meat {hot}.',
  'curves.now': 'now',
  'curves.scaleNotReached':
    'Tenderness over time: {target} most likely after the forecast ends; {tests, plural, one {# fork test} other {# fork tests}} so far.',
  'curves.scale':
    'Tenderness over time: {target} at about {at}; {tests, plural, one {# fork test} other {# fork tests}} so far.',
} as const;

export const dayLine = {
  'dayLine.theDay': 'The day, {serve}',
  'dayLine.tallAndBrightYourHands': 'tall: hands-on · thin: heat alone · drag to move',
  'dayLine.pullUp': 'Tasks and sides',
  'dayLine.lower': 'Close',
  'dayLine.theFirstActOfThis': '{start}: the first step of this day has passed. Serve later, or choose another option.',
} as const;

export const decisionPanel = {
  'decisionPanel.toTheDecisions': 'Back to all decisions',
  'decisionPanel.theDrawingComesWithThe': 'The drawing appears once the plan works.',
} as const;

export const demoButton = {
  'demoButton.settingTheTable': 'Loading the demo…',
  'demoButton.loadTheDemoKitchenAfresh': 'Load the demo kitchen',
} as const;

export const dialChart = {
  'dialChart.liquidWarmest': 'liquid, hottest',
  'dialChart.hours': 'hours in the pot',
  'dialChart.point': '{dial}: liquid {liquid}, {time}',
  'dialChart.asPlanned': 'as planned',
  'dialChart.ovenSetTo': 'oven set to',
  'dialChart.liquid': 'liquid',
  'dialChart.inThePot': 'in the pot',
  'dialChart.whatTheOvensDialDoes': 'What the oven setting does to the pot. {says}',
} as const;

export const elsewhere = {
  'elsewhere.takenElsewhere': 'On another cooker',
  'elsewhere.theSettingThatTakesAs': '· the setting that takes the same time, what changes and why',
  'elsewhere.otherPlacesCouldNotBe': 'Other cookers couldn’t be tried; that’s our fault.',
  'elsewhere.tryingEverySetting': 'Trying each setting…',
  'elsewhere.inThePot': 'in the pot',
  'elsewhere.liquid': 'liquid',
  'elsewhere.steam': 'steam',
  'elsewhere.keepThisPlace': 'Use this',
} as const;

export const emberLine = {
  'emberLine.platesOut': 'Serve',
  'emberLine.emberLineScrollsSidewaysWhere': 'Timeline, scroll sideways to see more',
} as const;

export const emberZooms = {
  'emberZooms.howNearToLook': 'Zoom',
} as const;

export const errorPage = {
  'error.thisPageBurntOn': 'Something went wrong on this page',
  'error.nothingYouRecordedIsLost':
    'Nothing you recorded is lost. Try again; if it keeps happening, restart the app with',
  'error.andComeBack': 'and come back.',
  'error.tryAgain': 'Try again',
} as const;

export const exportMenu = {
  'exportMenu.printOrExportThisPlan': 'Print or export this plan',
  'exportMenu.benchSheet': 'Prep sheet',
  'exportMenu.toPrintOrToTick': 'to print, or tick off on your phone',
  'exportMenu.printOrExport': 'Print or export',
} as const;

export const forkScale = {
  'forkScale.forkScale': 'Fork scale',
} as const;

export const heatForm = {
  'heatForm.stages': 'Heat stages',
  'heatForm.stage': 'Stage {number, number}',
  'heatForm.leaveOut': 'Remove stage {number, number}',
  'heatForm.until': 'Stage {number, number} lasts',
  'heatForm.until.minutes': 'for a time',
  'heatForm.until.before': 'until shortly before it’s ready',
  'heatForm.until.left': 'until a set amount is left',
  'heatForm.until.stage': 'until the fork test says',
  'heatForm.humidity': 'Humidity',
  'heatForm.minutes': 'Time',
  'heatForm.min': 'min',
  'heatForm.left': 'Liquid left',
  'heatForm.forkFinds': 'Fork test says',
  'heatForm.toTheEnd': 'From then on, until the meat is done.',
  'heatForm.add.hobFirst': 'On the hob first',
  'heatForm.add.lower': 'Turn down after an hour',
  'heatForm.add.lidOff': 'Lid off for the last hour',
  'heatForm.beforeThePot': 'Before braising',
  'heatForm.bareFirst': 'Smoked or warmed without liquid first',
  'heatForm.smoke': 'In smoke',
  'heatForm.bareAt': 'Air or smoke temperature',
  'heatForm.heightAboveTheSea': 'Altitude',
  'heatForm.higherUpWaterBoilsCooler': 'Water boils at a lower temperature higher up, so braising takes longer.',
} as const;

export const home = {
  'home.home': 'Home',
  'home.nothingIsOnTheFire': 'Nothing is braising',
  'home.sayWhatYouWillBraise':
    'Tell Even Ember what you’re braising and when you want to eat. It works out the liquid, the heat and when to start, and tells you when the meat will be fork-tender and how sure that is. Every check you record sharpens the time.',
  'home.next': 'Coming up',
  'home.noPlanIsWaiting': 'No plans yet.',
  'home.last': 'Recent braises',
  'home.theLogIsEmptyIt': 'Your finished braises will appear here.',
  'home.goToThePot': 'Go to the braise',
  'home.onTheFire': 'Braising: {title}',
  'home.stillWarm': 'Needs cooling: {title}',
  'home.begin': 'start {start}',
  'home.comingAtFault': 'for {eaters}, {day} {at}; this plan needs attention',
  'home.coming': 'for {eaters}, {day} {at}',
} as const;

export const hotkeys = {
  'hotkeys.takeTheLastRecordBack': 'Undo the last record',
  'hotkeys.on': 'Record with single keys',
  'hotkeys.space': 'Space',
  'hotkeys.doneNow': 'mark the current step done',
  'hotkeys.thisList': 'show this list',
} as const;

export const importButton = {
  'importButton.import': 'Import',
  'importButton.thisFileWasNotTaken': 'This file couldn’t be imported',
} as const;

export const levelHandle = {
  'levelHandle.value': '{share}: {says}',
  'levelHandle.levelOfTheLiquidAs': 'Liquid level, as a share of the meat’s height',
} as const;

export const liquidForm = {
  'liquidForm.insteadOf': 'Swap {things} for',
  'liquidForm.instead': 'swap…',
  'liquidForm.pouredByMeasure': 'Measured liquids',
  'liquidForm.whenItGoesIn': 'When to add {things}',
  'pourTime.start': 'before the lid goes on',
  'pourTime.start.why': 'reduced if it’s wine, then topped up to the line',
  'pourTime.late': 'late, {time} before the end',
  'pourTime.late.why': 'fresher; more alcohol stays',
  'liquidForm.addALiquid': 'Add a liquid',
  'liquidForm.withoutAlcoholStockAndA': 'Alcohol-free: use stock and a little vinegar instead',
  'liquidForm.fill': 'Top up to a level',
  'liquidForm.standsAt': 'As it is, it comes {level} up the meat.',
  'liquidForm.fillsUpToTheLine': 'Top up with',
  'liquidForm.ofThat': 'Of which',
  'liquidForm.noWater': 'no water',
  'liquidForm.water': '{fillerStrength} water',
  'liquidForm.forTheSaltNoMore': 'Because of the salt, use at most {stockShare} stock',
  'liquidForm.herbsAndStart': 'Herbs and start',
  'liquidForm.herbs': 'Herbs',
  'liquidForm.howMany': '{things}, how many?',
  'liquidForm.addAHerb': 'Add a herb',
} as const;

export const liquidPanel = {
  'liquidPanel.level': 'Liquid level',
  'liquidPanel.forThesePiecesUnderThis': 'Usual for these pieces and this lid: {usual}.',
  'liquidPanel.whatIsPoured': 'Liquids to add',
  'liquidPanel.inThisOrder': 'In this order',
  'liquidPanel.pour': 'to measure',
  'liquidPanel.inThePot': 'once in the pot',
  'liquidPanel.boilDownTo': 'Reduce {poured} to {target}',
  'liquidPanel.fromToDeepInThis': ', from {depthBefore} to {depthAfter} deep in this pot, about {minutes}',
  'liquidPanel.theHarshSmellGoesBubbles':
    '. The harsh smell fades, the bubbles grow large and slow, the sound deepens.',
  'liquidPanel.nextToNoAlcohol': 'Almost no alcohol is left per serving',
  'liquidPanel.aboutOfAlcoholStaysOn': 'About {alcohol} of alcohol is left per serving',
  'liquidPanel.itNeverAllLeaves': ': some always remains.',
  'liquidPanel.whereTheWaterGoes': 'Where the liquid goes',
  'liquidPanel.saltAllTold': 'Total salt',
  'liquidPanel.comesWithOtherThings': 'Already in other ingredients: {grams}.',
  'liquidPanel.countedInCountedOut': 'To take out later',
  'liquidPanel.beforeServingOutCome': 'Before serving, take out {things}.',
  'liquidPanel.couldChokeAboveAllA':
    'Choking risk, especially for children: {things}. Check before you plate, and tell everyone.',
} as const;

export const liveForecast = {
  'liveForecast.forecastFor': 'Forecast for {title}',
  'liveForecast.insideThePiece': 'Inside the meat',
  'inside.now': 'now',
  'inside.at': 'at {at}',
  'inside.middle': 'middle {middle}, {melted} melted',
  'inside.says':
    'Cross-section of the thickest piece, {when}: middle {middle}, edge {rim}, {melted} of the collagen has melted.',
  'liveForecast.waysOut': 'What you can do',
  'liveForecast.finished': 'Finished',
  'liveForecast.offTheHeatSince': 'Off the heat since',
  'liveForecast.notAtThisHeat': 'not at this heat',
  'liveForecast.in': 'in {at}',
  'liveForecast.anyMinute': 'any minute',
  'liveForecast.forkScale': 'Fork scale',
  'liveForecast.inThePot': 'In the pot',
  'liveForecast.show': 'Show',
  'liveForecast.forkScaleTheEstimateNow': 'Fork scale, estimated now',
  'liveForecast.liquidIsFineItWill': 'There’s enough liquid to last until the meat is done.',
  'liveForecast.theLiquidWouldRunLow': 'The liquid will run low at about {liquidLow}.',
  'liveForecast.theLiquidIsLow': 'The liquid is low: add about {pour} to bring it back to the line.',
  'liveForecast.readyMostLikely': '{says}: ready most likely',
  'liveForecast.iHaveDoneThat': 'Done',
  'liveForecast.whatTheHeatCouldDo': 'If you change the heat',
} as const;

export const logDetail = {
  'logDetail.braiseItAgain': 'Braise again',
  'logDetail.export': 'Export',
  'logDetail.records': 'Records',
  'logDetail.deleteThisEntry': 'Delete this entry',
  'logDetail.deleteFromTheLog': 'Delete “{title}” from the log?',
  'logDetail.itsRecordsAndVerdictGo': 'This deletes its records and rating for good. Export it first to keep a copy.',
  'logDetail.deleteTheEntry': 'Delete entry',
  'logDetail.plannedAboveAsItWent': 'Planned above, actual below',
  'logDetail.onTime':
    'Planned: about {planned} in the pot, between {low} and {high}. Actual: fork-tender after {actual}, on time.',
  'logDetail.later':
    'Planned: about {planned} in the pot, between {low} and {high}. Actual: fork-tender after {actual}, {by} later.',
  'logDetail.sooner':
    'Planned: about {planned} in the pot, between {low} and {high}. Actual: fork-tender after {actual}, {by} sooner.',
  'logDetail.howItCameOut': 'How it came out',
  'logDetail.readyThen': 'Forecast then: {middle}, between {low} and {high}',
  'logDetail.sauceMeasured': 'The sauce as served, measured',
  'logDetail.sauceEstimated': 'The sauce as served, estimated',
  'logDetail.finishedPotAsPlanned': 'The finished pot, as planned',
  'logDetail.nextTime': 'Next time:',
  'logDetail.whereTheForecastEndedUp': 'Final forecast',
  'logDetail.ringAForkTestBand': 'Ring: a fork test. Shaded: 8 times in 10 it’s in here, given everything recorded.',
} as const;

export const logList = {
  'logList.plannedToTook': 'Planned {planned} (between {plannedP10} and {plannedP90}), took {actual}',
  'logList.onTime': 'on time',
  'logList.longer': '{by} longer',
  'logList.shorter': '{by} shorter',
  'logList.plannedTook': 'planned {planned}, took {actual}',
  'logList.log': 'Log',
  'logList.nothingIsInTheLog':
    'No braises yet. Finish one and you’ll see it here, planned against what really happened.',
  'logList.withinTheWindow':
    '{inside, number} of {all, plural, one {# braise} other {# braises}} became tender within the planned range; about 8 in 10 should.',
  'logList.greyTheWindowPlannedLine': 'Grey: planned range. Line: most likely. Orange dot: when it was fork-tender.',
} as const;

export const meatForm = {
  'meatForm.cut': 'Cut',
  'meatForm.weightTrimmed': 'Trimmed weight',
  'meatForm.cubes': 'Cubes',
  'meatForm.pieces': 'Pieces',
  'meatForm.edgeOfACube': 'Cube size',
  'meatForm.thicknessAtTheThickest': 'Thickest part',
  'meatForm.measuredNotGuessed': 'I measured this',
  'meatForm.onTheBone': 'on the bone',
  'meatForm.more': 'Appetite, preparation, more meat',
  'meatForm.boughtAt': 'Bought weight and price',
  'meatForm.asBought': 'Weight as bought',
  'meatForm.priceAKilo': 'Price per kilo',
  'meatForm.appetite': 'Appetite',
  'meatForm.howItShouldEat': 'How do you want it?',
  'meatForm.scaleTheWholePlanTo': 'Scale the plan to {eaters}: {wanted} of meat',
  'meatForm.alsoInThePot': 'Also in the pot',
  'meatForm.thisMeat': 'this meat',
  'meatForm.takeOut': 'Remove {cutId}',
  'meatForm.furtherMeats': 'More meat',
  'meatForm.addAnotherMeatOrSize': 'Add another meat or size',
  'meatForm.tie': 'Tie',
  'meatForm.whereItHelps': 'Where it helps',
  'meatForm.rollsAlwaysOthersOverWhere': 'always for rolls; otherwise over {mm_50} where shape matters',
  'meatForm.forANeatShape': 'for a neat shape',
  'meatForm.leaveIt': 'Don’t tie',
  'meatForm.putItTogetherAgainOn': 'put it back together on the plate',
  'meatForm.openedOutFilledAndRolled': 'Butterflied, filled and rolled',
  'meatForm.rolls': 'Rolls',
  'meatForm.fillingAll': 'Filling, for all rolls',
  'meatForm.inTheFilling': '{name} in the filling',
  'meatForm.addToTheFilling': 'Add to the filling',
} as const;

export const meatPanel = {
  'meatPanel.notByThen': 'not by then',
  'meatPanel.animal': 'Animal',
  'meatPanel.any': 'Any',
  'meatPanel.swapIn': 'Use this cut',
  'meatPanel.ready': 'Done when:',
  'meatPanel.whatHoldsItTogether': 'About this cut',
  'meatPanel.whatToBuy': 'What to buy',
  'meatPanel.thisMeatIsPoorIn':
    'This meat has little gelatin: {trotter} of split trotter in the pot gives the sauce body; lift it out at the end.',
  'meatPanel.atTheCounter': 'At the butcher’s:',
} as const;

export const nextCard = {
  'stepCard.done': 'Done',
  'stepCard.more': '{time} more',
  'stepCard.earlier': 'Earlier…',
  'stepCard.ago': 'I did that {time} ago',
  'stepCard.skip': 'Skip',
  'stepCard.wrong': 'If it looks wrong',
  'stepCard.notYet': 'Not enough:',
  'stepCard.tooFar': 'Too much:',
  'stepCard.handsFull': 'Hands full? Tap anywhere',
  'stepCard.leaveHandsFull': 'Back',
  'stepCard.anywhere': 'Tap anywhere, or press any key, when it’s done.',
  'stepLists.all': 'All steps',
  'stepLists.done': 'Done: {step}',
  'stepLists.sameOpening': 'While the lid is off',
  'stepLists.meanwhile': 'While you wait',
  'stepLists.shelf': 'Set aside, to go back in',
  'stepLists.coming': 'Coming up',
  'stepStatus.done': 'done',
  'stepStatus.skipped': 'skipped',
  'stepStatus.passed': 'not recorded',
  'stepStatus.missed': 'too late now',
  'stepStatus.due': 'due',
  'stepStatus.coming': 'to do',
  'stepStatus.waits': 'only if needed',
  'timers.timers': 'Timers',
  'timers.timer': 'Timer',
  'timers.name': 'What’s it for?',
  'timers.minutes': 'Minutes',
  'timers.set': 'Start',
  'timers.ok': 'Stop',
  'timers.answer': 'Stop timer: {name}',
  'timers.more': 'Add two minutes: {name}',
  'timers.over': '{time} over',
  'timers.noSound': 'This browser can’t play sound.',
  'timers.soundAfterTouch': 'Tap the page once to turn on sound.',
  'timers.noNotice': 'You won’t get alarms while the screen is locked.',
  'timers.notAwake': 'This screen may go to sleep.',
  'timers.letItRing': 'Allow alarms',
  trouble: 'Problem?',
  'troubleSheet.all': 'All problems',
  'troubleSheet.cost': 'It costs you:',
  'troubleSheet.doIt': '{step}',
  'troubleSheet.notDone': 'Steps not marked done',
  'troubleSheet.inNow': 'It’s in now',
  'troubleSheet.inNowOf': 'In now: {step}',
  'troubleSheet.nothingForgotten': 'Every step so far is marked done.',
  'outlook.onTime': 'Serving at {at}: on time {chance}.',
  'outlook.sure': 'Serving at {at}, almost certainly on time.',
  'outlook.late': 'Serving no earlier than {at}, {late} later than planned.',
  'outlook.dry': 'Serving at {at}? We can’t say while the pot is dry.',
  'outlook.served': 'Served at {at}.',
  'outlook.settled': 'Serving at {at}.',
  'nextCard.inTheLog': 'In your log',
  'nextCard.thisBraiseIsFinishedUndo': 'This braise is finished. Undo “Finished” below to add records.',
  'nextCard.seeHowItWent': 'See how it went',
  'nextCard.lookFor': 'Look for:',
  'nextCard.laterMin': 'Remind me in {time}',
  'nextCard.offTheHeat': 'Off the heat',
  'nextCard.nextAction': 'Next step',
} as const;

export const notFound = {
  'notFound.nothingOnThisBurner': 'Page not found',
  'notFound.thereIsNoSuchPage': 'This page, plan or braise doesn’t exist; it may have been deleted.',
  'notFound.backHome': 'Back to Home',
} as const;

export const panMap = {
  'panMap.fromAboveBatchOfHolds':
    '{name} from above: batch {number} of {batches} has {count} of {pieces} pieces and covers {share} of the pan. The pan drops to {coolest}; below {browns} meat stops browning. {Verdict}.',
  'panMap.largerThanThePanLean': 'bigger than the pan: lean it and turn',
  'panMap.batchOf': '{batches, plural, =1 {One batch} other {Batch {number} of #}}: {verdict}',
  'panMap.ofPiecesMin': '{count} of {pieces} pieces, {time}',
  'panMap.ofThePanCovered': '{share} of the pan covered',
  'panMap.atMostSteamMustOut': 'max {limit}',
  'panMap.panAtItsCoolest': 'pan drops to {coolest}',
  'panMap.underItStopsBrowning': 'min {browns}',
  'panMap.thenMinToComeBack': 'then {time} to reheat',
  'panMap.dashedTheAirEachPiece': 'dashed: space each piece needs',
} as const;

export const planEditor = {
  'planEditor.aBraise': 'New braise',
  'planEditor.start': 'Start the braise',
  'planEditor.keep': 'Save',
  'planEditor.kept': 'Saved',
  'planEditor.notKeptYet': 'Not saved yet',
  'planEditor.changesNotKept': 'Unsaved changes',
  'planEditor.keepMineOverIt': 'Save mine instead',
  'planEditor.showTheOther': 'Show the other version',
  'planEditor.hereIsWhatYouHad': 'Your unsaved changes have been restored.',
  'planEditor.goBackToTheKept': 'Go back to the saved plan',
  'planEditor.decisions': 'Decisions',
} as const;

/** The quick start of a plan. */
export const begin = {
  'begin.ask': 'What are you braising, for how many, and when?',
  'begin.line': 'For example: oxtail for 6, Saturday 7pm',
  'begin.understood': 'Understood',
  'begin.kind': 'Style',
  'begin.asUsual': 'Your usual',
  'begin.also': 'Also set: {what}.',
  'begin.unplanned.fish':
    'Even Ember doesn’t plan fish: it’s done in minutes and has no collagen to melt, so the forecast wouldn’t fit.',
  'begin.unplanned.vegetables':
    'Even Ember plans vegetables with meat, not on their own: its timings are based on meat. Choose a cut and add them to it.',
  'begin.notUnderstood': 'Not recognised, so ignored: {what}.',
  'begin.plan': 'Make the plan',
  'begin.pictures': 'Cuts',
  'begin.called': '{Cut} in {liquid}',
  'begin.unkept': 'You started {title} here and didn’t save it.',
  'begin.goOn': 'Continue',
} as const;

/** Undo and redo in a plan, and what changed. */
export const planSteps = {
  'step.undoIt': 'Undo',
  'step.redoIt': 'Redo',
  'step.undo': 'Undone: {what}',
  'step.redo': 'Redone: {what}',
  'part.title': 'the name',
  'part.eaters': 'the number of people',
  'part.appetite': 'the appetite',
  'part.result': 'how you want it',
  'part.avoid': 'foods to avoid',
  'part.meat': 'the meat',
  'part.also': 'the other meats',
  'part.prepare': 'the preparation',
  'part.season': 'salt and spices',
  'part.pot': 'the pot',
  'part.lie': 'how the pieces sit',
  'part.pan': 'the pan',
  'part.sear': 'the sear',
  'part.base': 'the base',
  'part.liquid': 'the liquid',
  'part.course': 'the heat',
  'part.bare': 'what happens before the pot',
  'part.day': 'the schedule',
  'part.finish': 'the finish',
  'part.serveAtMs': 'the serving time',
  'part.confidence': 'how sure you want to be',
  'part.altitudeM': 'the altitude',
  'part.keeping': 'how leftovers are stored',
} as const;

export const planBar = {
  'planBar.ready': 'Tender about',
  'planBar.begin': 'Start by',
  'planBar.mind': 'Watch for',
  'planBar.says':
    'Tender at about {ready}, start by {begin}, {minded, plural, =0 {nothing to watch for} one {one thing to watch for} other {# things to watch for}}: show the full forecast',
} as const;

export const planList = {
  'planList.plans': 'Plans',
  'planList.fromARecipe': 'From a recipe',
  'planList.noPlanIsWaitingPlan':
    'No plans yet. Say what’s for dinner and when, and Even Ember works back to the first cut of the knife.',
  'planList.wasToBeServed': 'was due',
  'planList.serve': 'serve',
  'planList.for': '{cutId}, {mass} for {eaters} · {renderedAt} {serveAt} {serveAt2}',
  'planList.export': 'Export {title}',
  'planList.delete': 'Delete {title}',
  'planList.thePlanGoesForGood': 'This deletes the plan for good. Braises made from it stay in your log.',
  'planList.deleteThePlan': 'Delete plan',
} as const;

export const potForm = {
  'potForm.measured': 'My own pot…',
  'potForm.measuredWhy': 'enter its size; you can save it to your kitchen',
  'potForm.thisPot': 'My pot',
  'potForm.onlyThisPlan': 'This plan only',
  'potForm.keepInKitchen': 'Save to my kitchen',
  'potForm.asInKitchen': 'Use the kitchen’s current version',
  'potForm.pot': 'Pot',
  'potForm.across': '{length} across, {height} deep',
  'potForm.byAcross': '{length} by {width}, {height} deep',
  'potForm.thePieces': 'The pieces',
  'potForm.twoLayers': 'In two layers',
  'potForm.oneOnTheOther': 'stacked, though one layer would fit: covers less of the pot, sits deeper in the liquid',
  'potForm.lieFlat': 'Lie flat',
  'potForm.onTheirBroadSideLow': 'flat side down: low, evenly covered',
  'potForm.standUp': 'Stand up',
  'potForm.onEdgeOrEndMore': 'on edge or on end: more fit in one layer, but the tops stick out',
} as const;

export const potPanel = {
  'potPanel.roomInIt': 'Room in the pot',
  'potPanel.ofTheMeatStandsOut': '{sticksOut} of the meat is above the liquid: turn it once, halfway.',
  'potPanel.theLiquidCoversTheMeat': 'The liquid covers the meat, so no need to turn it.',
} as const;

export const potSection = {
  'potSection.byEstimateNow': 'estimated now',
  'potSection.goingIn': 'at the start',
  'potSection.atHalfTime': 'halfway',
  'potSection.whenDone': 'when done',
  'potSection.pot': 'Cross-section of a pot {across} across, {heat}, {lid}.',
  'potSection.meat': 'Meat {high} high, in {layers, plural, one {# layer} other {# layers}}.',
  'potSection.liquidNow': 'Liquid now {deep} deep, {litres}; when done {end}.',
  'potSection.liquidStart': 'Liquid at the start {deep} deep, {litres}; halfway {half}; when done {end}.',
  'potSection.steam': '{steam} is lost as steam.',
  'potSection.middle': 'Middle of the meat about {core}.',
  'potSection.ofMeat': 'of meat',
  'potSection.middleOfTheMeatAbout2': 'middle of the meat about {core}',
  'potSection.middleRead': 'middle: {read} by probe, {core} estimated',
  'potSection.acrossFull': '{diameter} across · {full} full · {layers, plural, =1 {one layer} other {# layers}}',
  'potSection.deep': '{litres}, {level} deep',
} as const;

export const recipeImport = {
  'recipeImport.aPlanFromARecipe': 'Plan from a recipe',
  'recipeImport.allPlans': 'All plans',
  'recipeImport.saveARecipesPageOr':
    'Save a recipe’s web page and open it here, or paste its source. We read the meat, weights, liquids, heat and time from it on this machine; nothing is fetched. You fill in anything we can’t read.',
  'recipeImport.chooseAFile': 'Choose a file',
  'recipeImport.orPasteIt': 'Or paste it',
  'recipeImport.readIt': 'Read recipe',
  'recipeImport.noLineIsMeatYet': 'No meat found yet: choose which line is the meat.',
  'recipeImport.stillOpen': '{open, plural, one {# line needs} other {# lines need}} your answer.',
  'recipeImport.itNeedsAName': 'Give it a name.',
  'recipeImport.whatItIs': 'What it is',
  'recipeImport.itDoesNotSayAre': 'It doesn’t say how many it serves: we’ve assumed {usualEaters}.',
  'recipeImport.itNamesNoHeatThis': 'It doesn’t give a temperature: we’ve used your usual.',
  'recipeImport.itWants': 'It asks for {time} in the pot.',
  'recipeImport.itGivesNoTimeIn': 'It doesn’t give a braising time.',
  'recipeImport.thePlanDoesNotCopy':
    'We don’t copy that: we forecast the time from cut, size, pot and heat, and say how sure it is.',
  'recipeImport.lineByLine': 'Line by line',
  'recipeImport.leftWhatTheRecipeSays': '· left: the recipe’s words; right: how we read them',
  'recipeImport.stockAndWaterFillUp':
    'Stock and water top up to the level your pot needs, so their amounts aren’t copied. Counted items and cups use typical weights: enter your own.',
  'recipeImport.itsMethod': 'Method',
  'recipeImport.boldHeatOrTimeWas': '· bold: a heat or time we read; the plan writes its own steps',
  'recipeImport.makeThePlan': 'Make the plan',
  'recipeImport.anotherRecipe': 'Another recipe',
  'recipeImport.fillsUpToThePots': 'tops up to your pot’s level',
  'recipeImport.whatIs': 'What is “{text}”?',
  'recipeImport.sayWhatItIs': 'say what it is…',
  'recipeImport.howMuch': 'How much {text}?',
} as const;

export const recordSheets = {
  'recordSheets.reading': 'Reading',
  'recordSheets.theTipWasNearBone': 'the tip was close to bone',
  'recordSheets.recordTheReading': 'Save reading',
  'recordSheets.dipACleanWoodenSpoon':
    'Dip a clean wooden spoon to the bottom and see how far up it’s wet. Estimated: {level}.',
  'recordSheets.depth': 'Depth',
  'recordSheets.added': 'Added',
  'recordSheets.lazyBubbles': 'bubbling lazily',
  'recordSheets.whatIAddedWasBoiling': 'I added it boiling hot',
  'recordSheets.thePotIsDeep': '{cautionFor} The pot is {height} deep.',
  'recordSheets.recordTheLevel': 'Save level',
  'recordSheets.recordTheHeat': 'Save heat',
  'recordSheets.recordTheLid': 'Save lid',
  'recordSheets.note': 'Note',
  'recordSheets.keepTheNote': 'Save note',
  'recordSheets.oneLineForNextTime': 'Note for next time',
  'recordSheets.finishAndLogIt': 'Finish and save to log',
} as const;

export const searForm = {
  'searForm.saltOnAKilo': 'Salt per kilo',
  'searForm.crystal': 'Type of salt',
  'searForm.aboutGInALevel': 'about {grams} per level teaspoon',
  'searForm.now': 'now',
  'searForm.onTheMeat': 'on the meat',
  'searForm.muchSaltComesWithOther': 'Other ingredients are salty: use {strength}',
  'searForm.spicesAre': 'Spices: {spices}',
  'searForm.more': 'Pan, burner, fat, salt',
  'searForm.spices': 'Spices',
  'searForm.whenItGoesIn': 'When to add {things}',
  'spiceTime.meat': 'on the raw meat',
  'spiceTime.meat.why': 'a rub: browned with the crust',
  'spiceTime.fat': 'in the fat',
  'spiceTime.fat.why': 'brings out the aroma; seconds only',
  'spiceTime.liquid': 'with the liquid',
  'spiceTime.liquid.why': 'can’t scorch; milder, all through the pot',
  'spiceTime.end': 'at the end',
  'spiceTime.end.why': 'stirred into the finished sauce: strongest',
  'searForm.addASpice': 'Add a spice',
  'searForm.pan': 'Pan',
  'searForm.burner': 'Burner',
  'searForm.wWReachThePan': '{kind}, {power}; {reaches} reaches the pan',
  'searForm.fat': 'Fat',
  'searForm.pattedDry': 'pat the meat dry',
  'searForm.iSayHowManyAt': 'I’ll choose how many at once',
  'searForm.piecesAtOnce': 'Pieces at once',
} as const;

export const searPanel = {
  'searPanel.batchShown': 'Batch',
  'searPanel.noSearTheMeatGoes':
    'No sear: the meat goes straight into the pot and browns a little where it’s above the liquid.',
  'searPanel.thePanAndTheHeat': 'Pan and heat',
  'searPanel.withoutASear': 'No sear',
  'searPanel.aFaceAnEdgeEnded': '{face} per side, {edge} per edge, but go by colour. {fatSays}',
  'searPanel.salt': 'Salt',
  'searPanel.whatToLookFor': 'Signs',
  'searPanel.searedMeatGoesOnA': 'Put seared meat on a clean plate; its juices go back in the pot.',
} as const;

export const serveForm = {
  'serveForm.platesOutAt': 'Serve at',
  'serveForm.cookIt': 'When to braise',
  'serveForm.theSameDay': 'The same day',
  'serveForm.eatenWhenItIsDone': 'eat when it’s done',
  'serveForm.ahead': 'A day ahead',
  'serveForm.moreFlavourTheFatLifts': 'more flavour, fat lifts off in one piece, bones come out clean',
  'serveForm.inTheFridgeBy': 'In the fridge by',
  'serveForm.howSureToBeOn': 'How sure you want to be on time',
  'serveForm.cooksAtTheBench': 'People cooking',
  'serveForm.burnersFree': 'Burners free',
  'serveForm.besideItAre': 'Side dishes: {sides}',
  'serveForm.besideIt': 'Side dishes',
  'serveForm.somebodyAtTheTableAvoids': 'Allergies and foods to avoid',
} as const;

export const servePanel = {
  'servePanel.fixed': 'locked',
  'servePanel.fix': 'lock',
  'servePanel.fixAt': 'Lock {label} at {from}',
  'servePanel.onBurner': 'on burner {burner}',
  'servePanel.inTheWaits': 'usually {range}; {place}, {hands}; while you wait: {waits}',
  'servePanel.braise': 'usually {range}; {place}, {hands}; then up to {reserve} of spare time, off the heat by {to}',
  'servePanel.until': 'usually {range}; {place}, {hands}, until {to}',
  'servePanel.theDayTaskByTask': 'The day, task by task',
  'servePanel.wait': '{from} to {to}',
  'servePanel.noHands': 'hands-free',
  'servePanel.handsAllTheWhile': 'hands-on throughout',
  'servePanel.handsFor': '{time} hands-on',
  'servePanel.nobodyIsInTwoPlaces':
    '{cooks, plural, one {One cook} other {# cooks}}, {burners, plural, one {one burner} other {# burners}}: nothing is double-booked. Bright edge: hands-on throughout. “Usually”: 8 days in 10.',
  'servePanel.coldInTimeAndWarm': 'Cooling and reheating',
  'servePanel.besideItFor': 'Side dishes, for {eaters}',
  'servePanel.inWater': 'in {water} of water with {salt} of salt',
  'servePanel.keepBack': 'save {water} of it',
  'servePanel.cannotWait': 'can’t wait',
  'servePanel.whoCanEatIt': 'Who can eat it',
  'servePanel.nothingInThePotIs': 'Nothing in the pot is a common allergen. Check the labels anyway.',
  'servePanel.somebodyHereAvoidsIt': '· someone here avoids it',
  'servePanel.inThePot': 'in the pot',
  'servePanel.mayBe': 'may contain',
  'servePanel.aReminderNotALabel': 'A reminder, not an allergen label: check what you bought.',
} as const;

export const sheet = {
  'sheet.close': 'Close',
  'sheet.unkept': 'You haven’t saved what you entered.',
  'sheet.goOn': 'Keep editing',
  'sheet.throwAway': 'Discard',
} as const;

export const soFar = {
  'soFar.soFar': 'So far',
  'soFar.exportThisBraise': 'Export this braise',
  'soFar.deleteThisBraise': 'Delete this braise',
  'soFar.everythingRecordedOfThisBraise':
    'This deletes everything recorded for this braise. Export it first to keep a copy.',
  'soFar.deleteTheBraise': 'Delete braise',
  'soFar.nothingRecordedYetTheClock':
    'Nothing recorded yet. The clock starts when the meat goes into the simmering pot.',
  'soFar.keptOnThisDeviceNot': 'saved on this device, not sent yet',
  'soFar.notKept': 'only on this page; leave it open, this browser can’t save',
  'soFar.onItsWay': 'sending…',
  'soFar.sent': 'saved; updating the forecast',
  'soFar.pointless': 'Records not counted',

  'soFar.takeBack': 'Undo: {act}',
} as const;

export const topBar = {
  'topBar.skip': 'Skip to content',
  'topBar.home': 'Home',
  'topBar.plan': 'Plan',
  'topBar.log': 'Log',
  'topBar.kitchen': 'Kitchen',
  'topBar.main': 'Main',
  'topBar.daylightColours': 'Light theme',
  'topBar.nightKitchenColours': 'Dark theme',
} as const;

export const unitsMenu = {
  'unitsMenu.language': 'Language',
  'unitsMenu.asThisMachine': 'Same as this device: {timeZone}',
  'unitsMenu.asThisMachine2': 'Same as this device',
  'unitsMenu.timeZoneOfTheKitchen': 'Kitchen time zone',
  'unitsMenu.lb': 'lb',
  'unitsMenu.unitsAndClock': 'Settings: {shown}',
  'unitsMenu.weightsAndMeasures': 'Weights and measures',
  'unitsMenu.metric': 'Metric',
  'unitsMenu.gKgMlMm': 'g, kg, ml, mm',
  'unitsMenu.usCustomary': 'US customary',
  'unitsMenu.ozLbCupsInches': 'oz, lb, cups, inches',
  'unitsMenu.licences': 'Open-source licences',
  'unitsMenu.temperature': 'Temperature',
  'unitsMenu.celsius': 'Celsius',
  'unitsMenu.fahrenheit': 'Fahrenheit',
  'unitsMenu.unitsAndClock2': 'Settings',
} as const;

export const verdict = {
  'verdict.readyWindowOnTheWay': 'Ready range: {place} at {until}; in the pot from {intoPot}',
  'verdict.take': 'Use',
  'verdict.take2': 'Use: {says}',
  'verdict.waysOut': 'What you can do',
  'verdict.toMakeItFit': 'To make it fit',
  'verdict.toMakeTheDayWork': 'To make the timing work',
  'verdict.theForecastWaitsForThe': 'Fix the marked item to see a forecast.',
  'verdict.workingOutTheForecast': 'Working out the forecast…',
  'verdict.otherWays': 'Compare options',
  'verdict.mind': 'Watch for',
  'verdict.mindMore': '{count, plural, one {and one more} other {and # more}}',
  'verdict.waysOf': '{title}: {count, plural, one {one option} other {# options}}',
  'verdict.whyThisTime': 'Why this time?',
  'verdict.cookValuesAreFittedTo':
    'Times are based on how long cooks braise this cut; the range shows how sure we are.',
  'verdict.goodFor': 'Stays at its best for about {goodFor}.',
  'verdict.begin': 'Start cooking, {day}',
  'verdict.evenings': '{handsOn} hands-on. On time {confidence}.',
} as const;

export const waysAxis = {
  'waysAxis.way': '{name}: start {begin}, tender at about {ready}',
  'waysAxis.table': 'serve {serve}',
} as const;

export const why = {
  'why.whatWouldChangeIt': 'What would change it:',
} as const;
