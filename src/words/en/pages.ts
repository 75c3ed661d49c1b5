export const baseForm = {
  'baseForm.leaveOut': 'Leave out {name}',
  'baseForm.weightOf': 'Weight of {name}',
  'baseForm.whatBecomesOf': 'What becomes of {name}',
  'baseForm.inLate': 'in late',
  'baseForm.apart': 'browned apart',
  'baseForm.whereTheyLie': 'Where they lie',
  'bed.among': 'between the pieces',
  'bed.among.why': 'the meat sits on the floor of the pot, deepest in the liquid',
  'bed.under': 'as a bed under the meat',
  'bed.under.why': 'keeps the meat off the floor: nothing catches, but it sits higher',
  'baseForm.minBeforeTheEnd': '{late} before the end',
  'baseForm.usual': 'Usual here {range}',
  'baseForm.startFromAKind': 'Start from a kind',
  'baseForm.yours': 'Yours',
  'baseForm.ours': 'Ours',
  'baseForm.inTheBase': 'In the base',
  'baseForm.addSomething': 'Add something',
  'baseForm.tomatoPaste': 'Tomato paste',
  'baseForm.keepThisAsAKind': 'Keep this as a kind of your own',
  'baseForm.nameOfTheKind': 'Name of the kind',
  'baseForm.keepItPerKiloOf': 'Keep it, per kilo of meat',
  'baseForm.forget': 'Forget “{name}”',
} as const;

export const basePanel = {
  'basePanel.cut': 'cut {size}',
  'basePanel.stayWithIt': '· stay with it',
  'basePanel.until': '{Look}. {why}',
  'basePanel.forgotSomething': 'Forgot something?',
  'basePanel.whatWasLeftOut': 'What was left out',
  'basePanel.whatChanges': 'What changes:',
  'basePanel.nothingIsSoftenedFirstThe': 'Nothing is softened first: the liquid goes straight in.',
  'basePanel.theBaseInOrder': 'The base, in order',
  'basePanel.from': 'From {start}.',
  'basePanel.curedPork': 'The cured pork gives about {rendered}.',
  'basePanel.aBrightEdge': 'A bright edge: must not be left. Keep {fatKept} of the fat. {fatSays}',
  'basePanel.inLateCountedBackFrom': 'In late, counted back from the end',
  'basePanel.fromTheStartTheyWould':
    'From the start they would turn to mush. Put them in hot, and let it come back to the simmer.',
} as const;

export const benchSheet = {
  'benchSheet.forOnTheTableAt': 'For {eaters}, on the table {serve} at',
  'benchSheet.beginIntoThePotAbout': '. Begin {start}, into the pot {intoPot}; {target} most likely at',
  'benchSheet.likelyTo': ', between {p10} and {p90}.',
  'benchSheet.print': 'Print',
  'benchSheet.clearTheTicks': 'Clear the ticks',
  'benchSheet.sheet': 'Sheet',
  'benchSheet.toBuyAndWeighOut': 'To buy and weigh out',
  'benchSheet.cuttingSizesTrueToSize': 'Cutting sizes, true to size when printed at 100 %',
  'benchSheet.toASide': '{title}: {cut} to a side',
  'benchSheet.theDay': 'The day',
  'benchSheet.inOrder': 'In order',
  'benchSheet.looksAndTests': 'Looks and tests',
  'benchSheet.readyWhen': 'Ready when: {cutId}.',
  'benchSheet.whatAndWhenItIs': 'What, and when it is due',
  'benchSheet.followYourLocalFoodSafety': 'Follow your local food-safety guidance.',
} as const;

/** What several screens say alike. */
export const common = {
  'common.makeThisOurWay': 'Make this our way',
  'common.backToThePlan': 'Back to the plan',
  'common.planABraise': 'Plan a braise',
  'common.now': 'Now',
  'common.nextInAt': 'Next, in {dueIn}, at {due}',
  'common.nextTime': 'Next time: {nextTime}',
  'common.foldedAway': '{from} folded away',
  'common.keys': 'Keys',
  'common.leaveOut': 'Leave out {things}',
  'common.amountOf': 'Amount of {things}',
  'common.nameOfTheDish': 'Name of the dish',
  'common.atTheTable': 'At the table',
  'common.less': '{label}: less',
  'common.more': '{label}: more',
  'common.where': 'Where',
  'common.delete': 'Delete “{title}”?',
  'common.gettingItReady': 'Getting it ready',
  'common.between': 'between {p10} and {p90}',
  'common.later': 'later',
  'common.pointlessRecord': '{act}: does not count. {why}',
  'common.lid': 'Lid',
} as const;

export const compare = {
  'compare.begin': 'Begin',
  'compare.readyAbout': 'Ready, most likely',
  'compare.inThePot': 'In the pot',
  'compare.staysGood': 'Stays good',
  'compare.about': 'about {amount}',
  'compare.inThePotBeforeIt': 'in the pot, before it is cooled',
  'compare.yourHands': 'Your hands',
  'compare.likely': 'mostly {range}',
  'compare.pouredIn': 'Poured in',
  'compare.goneAsSteam': 'Gone as steam',
  'compare.toPourInOnThe': 'To pour in on the way',
  'compare.nothing': 'nothing',
  'compare.hotSoThatThereIs': 'hot, so that there is sauce enough',
  'compare.leftInThePot': 'Left in the pot',
  'compare.toReduce': '{reduce} to reduce',
  'compare.energy': 'Energy',
  'compare.withoutSearAndSauce': '{range}, without sear and sauce',
  'compare.nobodyMetersItsFuel': 'nobody meters its fuel',
  'compare.waterInTheMeat': 'Water in the meat',
  'compare.otherWays': '{title}, other ways',
  'compare.waysToCompareAtMost': 'Ways to compare, at most four',
  'compare.theWaysCouldNotBe': 'The ways could not be set side by side, and that is a fault of ours.',
  'compare.forecastingEveryWay': 'Forecasting every way…',
  'compare.forTheSamePlate': 'For the same plate',
  'compare.tallYourHandsBrownThe':
    '· tall: your hands · brown: the heat · red: gets ready, line where most likely · green: stays good',
  'compare.alike': 'The same in all',
  'compare.thePlanItself': 'the plan itself',
  'compare.keepThisWay': 'Keep this way',
  'compare.everyWayIsForecastWith':
    'Every way is forecast with the same meat, pot and cook; what is marked “about” is most likely, no more. A hotter oven hardly hurries a covered pot: once it simmers, the heat goes into steam.',
} as const;

export const confirmButton = {
  'confirmButton.keepIt': 'Keep it',
} as const;

export const cookScreen = {
  'cookScreen.inAlready': 'The meat is in the pot already',
  'cookScreen.thisStage': 'This stage',
  'cookScreen.inThePot': 'In the pot at {at}; as wanted, most likely, {ready}.',
  'alarm.record.liquid': 'Record what is in it',
  'alarm.record.hold': 'Say how it is kept',
  'record.when': 'When',
  'record.ago': '{time} ago',
  'alarm.record.cooling': 'Say how it cools',
  'alarm.record.cooled': 'I measured it',
  'cookScreen.theDay': 'The day',
} as const;

export const curves = {
  'curves.liquid': 'Liquid',
  'curves.liquid2': 'liquid',
  'curves.meltsFast': 'melts fast',
  'curves.meatMean': 'Meat, mean',
  'curves.meatMiddle': 'Meat, middle',
  'curves.middle': 'middle',
  'curves.staysBelow': 'stays below {meltsFast}',
  'curves.passesAt': 'passes {meltsFast} at {hot}',
  'curves.temperaturesTheLiquidStartsAt':
    'Temperatures: the liquid starts at {liquid} and ends at {end}; the middle of the meat {hot}.',
  'curves.now': 'now',
  'curves.scaleNotReached':
    'Fork scale over time: {target} most likely after the forecast ends; {tests, plural, one {# fork test} other {# fork tests}} so far.',
  'curves.scale':
    'Fork scale over time: {target} most likely at {at}; {tests, plural, one {# fork test} other {# fork tests}} so far.',
} as const;

export const dayLine = {
  'dayLine.theDay': 'The day, {serve}',
  'dayLine.tallAndBrightYourHands': 'tall: your hands · thin: the heat alone · drag to move',
  'dayLine.pullUp': 'Tasks and sides',
  'dayLine.lower': 'Lower',
  'dayLine.theFirstActOfThis': '{start}: the first act of this day has gone by. A later plate, or one of the ways out.',
} as const;

export const decisionPanel = {
  'decisionPanel.toTheDecisions': 'To the eight decisions',
  'decisionPanel.theDrawingComesWithThe': 'The drawing comes with the first plan that can be braised.',
} as const;

export const demoButton = {
  'demoButton.settingTheTable': 'Setting the table…',
  'demoButton.loadTheDemoKitchenAfresh': 'Load the demo kitchen afresh',
} as const;

export const dialChart = {
  'dialChart.liquidWarmest': 'liquid, warmest',
  'dialChart.hours': 'hours in the pot',
  'dialChart.point': '{dial}: liquid {liquid}, {time}',
  'dialChart.asPlanned': 'as planned',
  'dialChart.ovenSetTo': 'oven set to',
  'dialChart.liquid': 'liquid',
  'dialChart.inThePot': 'in the pot',
  'dialChart.whatTheOvensDialDoes': 'What the oven’s dial does to the pot. {says}',
} as const;

export const elsewhere = {
  'elsewhere.takenElsewhere': 'Taken elsewhere',
  'elsewhere.theSettingThatTakesAs': '· the setting that takes as long, what changes and why',
  'elsewhere.otherPlacesCouldNotBe': 'Other places could not be tried, and that is a fault of ours.',
  'elsewhere.tryingEverySetting': 'Trying every setting…',
  'elsewhere.inThePot': 'in the pot',
  'elsewhere.liquid': 'liquid',
  'elsewhere.steam': 'steam',
  'elsewhere.keepThisPlace': 'Keep this place',
} as const;

export const emberLine = {
  'emberLine.platesOut': 'Plates out',
  'emberLine.emberLineScrollsSidewaysWhere': 'Ember line, scrolls sideways where it is wider',
} as const;

export const emberZooms = {
  'emberZooms.howNearToLook': 'How near to look',
} as const;

export const errorPage = {
  'error.thisPageBurntOn': 'This page burnt on',
  'error.nothingYouRecordedIsLost': 'Nothing you recorded is lost. Try again; if it stays, restart the app with',
  'error.andComeBack': 'and come back.',
  'error.tryAgain': 'Try again',
} as const;

export const exportMenu = {
  'exportMenu.printOrExportThisPlan': 'Print or export this plan',
  'exportMenu.benchSheet': 'Bench sheet',
  'exportMenu.toPrintOrToTick': 'to print, or to tick off on the phone',
  'exportMenu.printOrExport': 'Print or export',
} as const;

export const forkScale = {
  'forkScale.forkScale': 'Fork scale',
} as const;

export const heatForm = {
  'heatForm.stages': 'Stages of heat',
  'heatForm.stage': 'Stage {number, number}',
  'heatForm.leaveOut': 'Leave out stage {number, number}',
  'heatForm.until': 'Stage {number, number} lasts',
  'heatForm.until.minutes': 'for a time',
  'heatForm.until.before': 'until shortly before it is ready',
  'heatForm.until.left': 'until so much is left',
  'heatForm.until.stage': 'until the fork says so',
  'heatForm.minutes': 'How long',
  'heatForm.min': 'min',
  'heatForm.left': 'Left in the pot',
  'heatForm.forkFinds': 'The fork finds',
  'heatForm.toTheEnd': 'From then on, until the meat is as wanted.',
  'heatForm.add.hobFirst': 'On the hob first',
  'heatForm.add.lower': 'Lower after an hour',
  'heatForm.add.lidOff': 'Lid off for the last hour',
  'heatForm.beforeThePot': 'Before the pot',
  'heatForm.bareFirst': 'Smoked or warmed without liquid first',
  'heatForm.smoke': 'In smoke',
  'heatForm.bareAt': 'Air or smoke at',
  'heatForm.heightAboveTheSea': 'Height above the sea',
  'heatForm.higherUpWaterBoilsCooler': 'Higher up, water boils cooler and the braise takes longer.',
} as const;

export const home = {
  'home.home': 'Home',
  'home.nothingIsOnTheFire': 'Nothing is on the fire',
  'home.sayWhatYouWillBraise':
    'Say what you will braise and when it should be on the table: Even Ember works out liquid, heat and when to start, says when the fork should twist and how sure that is, and learns from every look you take.',
  'home.next': 'Next',
  'home.noPlanIsWaiting': 'No plan is waiting.',
  'home.last': 'Last',
  'home.theLogIsEmptyIt': 'The log is empty. It fills itself when a braise is finished.',
  'home.goToThePot': 'Go to the pot',
  'home.onTheFire': 'On the fire: {title}',
  'home.stillWarm': 'Still to be cooled: {title}',
  'home.begin': 'begin {start}',
  'home.comingAtFault': 'for {eaters}, {day} {at}; this plan needs another look',
  'home.coming': 'for {eaters}, {day} {at}',
} as const;

export const hotkeys = {
  'hotkeys.takeTheLastRecordBack': 'Take the last record back',
  'hotkeys.on': 'Single keys record',
  'hotkeys.space': 'Space',
  'hotkeys.doneNow': 'the step on the card is done',
  'hotkeys.thisList': 'This list',
} as const;

export const importButton = {
  'importButton.import': 'Import',
  'importButton.thisFileWasNotTaken': 'This file was not taken in',
} as const;

export const levelHandle = {
  'levelHandle.value': '{share}: {says}',
  'levelHandle.levelOfTheLiquidAs': 'Level of the liquid, as a share of the meat’s height',
} as const;

export const liquidForm = {
  'liquidForm.insteadOf': 'Instead of {things}',
  'liquidForm.instead': 'instead…',
  'liquidForm.pouredByMeasure': 'Poured by measure',
  'liquidForm.whenItGoesIn': 'When {things} goes in',
  'pourTime.start': 'before the lid goes on',
  'pourTime.start.why': 'boiled down where it is wine, then topped up to the line',
  'pourTime.late': 'late, {time} before the end',
  'pourTime.late.why': 'fresher; more of the alcohol stays',
  'liquidForm.addALiquid': 'Add a liquid',
  'liquidForm.withoutAlcoholStockAndA': 'Without alcohol: stock and a little vinegar instead',
  'liquidForm.fill': 'Fill up to a level',
  'liquidForm.standsAt': 'As poured it stands {level} up the meat.',
  'liquidForm.fillsUpToTheLine': 'Fills up to the line',
  'liquidForm.ofThat': 'Of that',
  'liquidForm.noWater': 'no water',
  'liquidForm.water': '{fillerStrength} water',
  'liquidForm.forTheSaltNoMore': 'For the salt: no more than {stockShare} of it stock',
  'liquidForm.herbs': 'Herbs',
  'liquidForm.howMany': '{things}, how many',
  'liquidForm.addAHerb': 'Add a herb',
} as const;

export const liquidPanel = {
  'liquidPanel.level': 'Level',
  'liquidPanel.forThesePiecesUnderThis': 'For these pieces under this lid, usual: {usual}.',
  'liquidPanel.whatIsPoured': 'What is poured',
  'liquidPanel.inThisOrder': 'In this order',
  'liquidPanel.pour': 'pour',
  'liquidPanel.inThePot': 'in the pot',
  'liquidPanel.boilDownTo': 'Boil {poured} down to {target}',
  'liquidPanel.fromToDeepInThis': ', from {depthBefore} to {depthAfter} deep in this pot, about {minutes}',
  'liquidPanel.theHarshSmellGoesBubbles': '. The harsh smell goes, bubbles grow large and slow, the sound deepens.',
  'liquidPanel.nextToNoAlcohol': 'Next to no alcohol stays on each plate',
  'liquidPanel.aboutOfAlcoholStaysOn': 'About {alcohol} of alcohol stays on each plate',
  'liquidPanel.itNeverAllLeaves': ': it never all leaves.',
  'liquidPanel.whereTheWaterGoes': 'Where the water goes',
  'liquidPanel.saltAllTold': 'Salt, all told',
  'liquidPanel.comesWithOtherThings': 'Comes with other things: {grams}.',
  'liquidPanel.countedInCountedOut': 'Counted in, counted out',
  'liquidPanel.beforeServingOutCome': 'Before serving, out come {things}.',
  'liquidPanel.couldChokeAboveAllA':
    'Could choke, above all a child: {things}. Look before you plate, and tell the table.',
} as const;

export const liveForecast = {
  'liveForecast.forecastFor': 'Forecast for {title}',
  'liveForecast.insideThePiece': 'In the piece',
  'inside.now': 'now',
  'inside.at': 'at {at}',
  'inside.middle': 'middle {middle}, {melted} melted',
  'inside.says':
    'Section through the thickest piece, {when}: middle {middle}, rim {rim}, {melted} of what has to melt has melted.',
  'liveForecast.waysOut': 'Ways out',
  'liveForecast.finished': 'Finished',
  'liveForecast.offTheHeatSince': 'Off the heat since',
  'liveForecast.notAtThisHeat': 'not at this heat',
  'liveForecast.in': 'in {at}',
  'liveForecast.anyMinute': 'any minute',
  'liveForecast.forkScale': 'Fork scale',
  'liveForecast.inThePot': 'In the pot',
  'liveForecast.show': 'Show',
  'liveForecast.forkScaleTheEstimateNow': 'Fork scale, the estimate now',
  'liveForecast.liquidIsFineItWill': 'Liquid is fine: it will not run low before the meat is done.',
  'liveForecast.theLiquidWouldRunLow': 'The liquid would run low at {liquidLow}.',
  'liveForecast.theLiquidIsLow': 'The liquid is low: about {pour} brings it back to the line.',
  'liveForecast.cookValuesAreFittedTo': 'Times follow from how long kitchens braise this cut: the fork decides.',
  'liveForecast.readyMostLikely': '{says}: ready most likely',
  'liveForecast.iHaveDoneThat': 'I have done that',
  'liveForecast.whatTheHeatCouldDo': 'What the heat could do',
} as const;

export const logDetail = {
  'logDetail.braiseItAgain': 'Braise it again',
  'logDetail.export': 'Export',
  'logDetail.records': 'Records',
  'logDetail.deleteThisEntry': 'Delete this entry',
  'logDetail.deleteFromTheLog': 'Delete “{title}” from the log?',
  'logDetail.itsRecordsAndVerdictGo': 'Its records and verdict go for good. Export it first to keep a copy.',
  'logDetail.deleteTheEntry': 'Delete the entry',
  'logDetail.plannedAboveAsItWent': 'Planned above, as it went below',
  'logDetail.onTime':
    'Planned: most likely {planned} in the pot, between {low} and {high}; the fork was found to twist after {actual}, on time.',
  'logDetail.later':
    'Planned: most likely {planned} in the pot, between {low} and {high}; the fork was found to twist after {actual}, {by} later than most likely.',
  'logDetail.sooner':
    'Planned: most likely {planned} in the pot, between {low} and {high}; the fork was found to twist after {actual}, {by} sooner than most likely.',
  'logDetail.howItCameOut': 'How it came out',
  'logDetail.readyThen': 'Forecast then: {middle}, between {low} and {high}',
  'logDetail.sauceMeasured': 'The sauce as it went to the table, by what was measured',
  'logDetail.sauceEstimated': 'The sauce as it went to the table, by the estimate',
  'logDetail.finishedPotAsPlanned': 'The finished pot as it was planned',
  'logDetail.nextTime': 'Next time:',
  'logDetail.whereTheForecastEndedUp': 'Where the forecast ended up',
  'logDetail.ringAForkTestBand': 'Ring: a fork test. Shaded: where 8 kitchens in 10 would be, all records counted.',
} as const;

export const logList = {
  'logList.plannedToTook': 'Planned {planned} (between {plannedP10} and {plannedP90}), took {actual}',
  'logList.onTime': 'on time',
  'logList.longer': '{by} longer',
  'logList.shorter': '{by} shorter',
  'logList.plannedTook': 'planned {planned}, took {actual}',
  'logList.log': 'Log',
  'logList.nothingIsInTheLog':
    'Nothing is in the log yet. Finish a braise and it stands here, planned against what really happened.',
  'logList.withinTheWindow':
    '{inside, number} of {all, plural, one {# braise} other {# braises}} twisted within the planned window; about 8 of 10 should.',
  'logList.greyTheWindowPlannedLine':
    'Grey: the window planned. Line: most likely. Ember dot: when the fork was found to twist.',
} as const;

export const meatForm = {
  'meatForm.cut': 'Cut',
  'meatForm.weightTrimmed': 'Weight, trimmed',
  'meatForm.cubes': 'Cubes',
  'meatForm.pieces': 'Pieces',
  'meatForm.edgeOfACube': 'Edge of a cube',
  'meatForm.thicknessAtTheThickest': 'Thickness at the thickest',
  'meatForm.measuredNotGuessed': 'measured, not guessed',
  'meatForm.onTheBone': 'on the bone',
  'meatForm.asBought': 'As bought',
  'meatForm.priceAKilo': 'Price a kilo',
  'meatForm.appetite': 'Appetite',
  'meatForm.howItShouldEat': 'How it should eat',
  'meatForm.scaleTheWholePlanTo': 'Scale the whole plan to {eaters}: {wanted} of meat',
  'meatForm.alsoInThePot': 'Also in the pot',
  'meatForm.thisMeat': 'this meat',
  'meatForm.takeOut': 'Take out {cutId}',
  'meatForm.furtherMeats': 'Further meats',
  'meatForm.addAnotherMeatOrSize': 'Add another meat or size',
  'meatForm.tie': 'Tie',
  'meatForm.whereItHelps': 'Where it helps',
  'meatForm.rollsAlwaysOthersOverWhere': 'rolls always; others over {mm_50} where shape matters',
  'meatForm.forANeatShape': 'for a neat shape',
  'meatForm.leaveIt': 'Leave it',
  'meatForm.putItTogetherAgainOn': 'put it together again on the plate',
  'meatForm.openedOutFilledAndRolled': 'opened out, filled and rolled',
  'meatForm.rolls': 'Rolls',
  'meatForm.fillingAll': 'The filling, for all rolls',
  'meatForm.inTheFilling': '{name} in the filling',
  'meatForm.addToTheFilling': 'Add to the filling',
} as const;

export const meatPanel = {
  'meatPanel.notByThen': 'not by then',
  'meatPanel.animal': 'Animal',
  'meatPanel.any': 'Any',
  'meatPanel.swapIn': 'Swap in',
  'meatPanel.ready': 'Ready:',
  'meatPanel.whatHoldsItTogether': 'What holds it together:',
  'meatPanel.whatToBuy': 'What to buy',
  'meatPanel.thisMeatIsPoorIn':
    'This meat is poor in gelatin: {trotter} of split trotter in the pot gives the sauce body; lift it out at the end.',
  'meatPanel.atTheCounter': 'At the counter:',
} as const;

export const nextCard = {
  'stepCard.done': 'Done',
  'stepCard.more': '{time} more',
  'stepCard.earlier': 'Earlier…',
  'stepCard.ago': 'I did that {time} ago',
  'stepCard.skip': 'Leave it out',
  'stepCard.notYet': 'Not yet:',
  'stepCard.tooFar': 'Too far:',
  'stepCard.handsFull': 'Hands full: the whole screen is the button',
  'stepCard.leaveHandsFull': 'Back',
  'stepCard.anywhere': 'Touch anywhere, or any key, when it is so.',
  'stepLists.done': 'Done: {step}',
  'stepLists.sameOpening': 'In the same opening of the lid',
  'stepLists.meanwhile': 'In the waits',
  'stepLists.shelf': 'Set aside, to come back',
  'stepLists.coming': 'Coming',
  'stepStatus.done': 'done',
  'stepStatus.skipped': 'left out',
  'stepStatus.passed': 'not said',
  'stepStatus.missed': 'too late now',
  'stepStatus.due': 'due',
  'stepStatus.coming': 'coming',
  'stepStatus.waits': 'if it is asked for',
  'timers.timers': 'Timers',
  'timers.timer': 'Timer',
  'timers.name': 'What for',
  'timers.minutes': 'Minutes',
  'timers.set': 'Set it',
  'timers.ok': 'I hear',
  'timers.answer': 'Answer: {name}',
  'timers.more': 'Two more minutes: {name}',
  'timers.over': '{time} over',
  'timers.noSound': 'This browser makes no sound.',
  'timers.soundAfterTouch': 'Sound only after this page was touched once.',
  'timers.noticeAsk': 'No notice on a locked screen until you allow it.',
  'timers.noNotice': 'Nothing rings while the screen is locked.',
  'timers.notAwake': 'This screen may fall asleep.',
  'timers.letItRing': 'Let it ring',
  trouble: 'Trouble',
  'troubleSheet.all': 'All troubles',
  'troubleSheet.cost': 'It costs:',
  'troubleSheet.doIt': '{step}',
  'troubleSheet.notDone': 'What was not said to be done',
  'troubleSheet.inNow': 'It is in now',
  'troubleSheet.inNowOf': 'It is in now: {step}',
  'troubleSheet.nothingForgotten': 'Everything so far was said to be done.',
  'outlook.onTime': 'Plates at {at}, met {chance}.',
  'outlook.sure': 'Plates at {at}, met nearly every evening.',
  'outlook.late': 'Plates not before {at}, {late} later than wanted.',
  'outlook.dry': 'Plates at {at}: nobody can tell while the pot is dry.',
  'outlook.served': 'On the table at {at}.',
  'outlook.settled': 'Plates at {at}.',
  'nextCard.inTheLog': 'In the log',
  'nextCard.thisBraiseIsFinishedUndo': 'This braise is finished. Undo “Finished” below to record more.',
  'nextCard.seeHowItWent': 'See how it went',
  'nextCard.lookFor': 'Look for:',
  'nextCard.laterMin': 'Later, {time}',
  'nextCard.offTheHeat': 'Off the heat',
  'nextCard.nextAction': 'Next action',
} as const;

export const notFound = {
  'notFound.nothingOnThisBurner': 'Nothing on this burner',
  'notFound.thereIsNoSuchPage': 'There is no such page, plan or braise; it may have been deleted.',
  'notFound.backHome': 'Back to Home',
} as const;

export const panMap = {
  'panMap.fromAboveBatchOfHolds':
    '{name} from above: batch {number} of {batches} has {count} of {pieces} pieces and covers {share} of the pan. The pan falls to {coolest}; under {browns} meat stops browning. {Verdict}.',
  'panMap.largerThanThePanLean': 'larger than the pan: lean and turn it',
  'panMap.batchOf': '{batches, plural, =1 {One batch} other {Batch {number} of #}}: {verdict}',
  'panMap.ofPiecesMin': '{count} of {pieces} pieces, {time}',
  'panMap.ofThePanCovered': '{share} of the pan covered',
  'panMap.atMostSteamMustOut': 'at most {limit}: steam must out',
  'panMap.panAtItsCoolest': 'pan at its coolest {coolest}',
  'panMap.underItStopsBrowning': 'under {browns} it stops browning',
  'panMap.thenMinToComeBack': 'then {time} to come back',
  'panMap.dashedTheAirEachPiece': 'dashed: the air each piece needs',
} as const;

export const planEditor = {
  'planEditor.aBraise': 'A braise',
  'planEditor.start': 'Start the braise',
  'planEditor.keep': 'Keep',
  'planEditor.kept': 'Kept',
  'planEditor.notKeptYet': 'Not kept yet',
  'planEditor.changesNotKept': 'Changes not kept yet',
  'planEditor.keepMineOverIt': 'Keep mine over it',
  'planEditor.showTheOther': 'Show the other',
  'planEditor.hereIsWhatYouHad': 'Here is what you had not kept.',
  'planEditor.goBackToTheKept': 'Go back to the kept plan',
  'planEditor.decisions': 'Decisions',
} as const;

/** The first minute of a plan. */
export const begin = {
  'begin.ask': 'What are you braising, for how many, when?',
  'begin.line': 'Such as: oxtail for 6 saturday 7pm, 150, small pot',
  'begin.understood': 'What was understood',
  'begin.kind': 'Kind',
  'begin.asUsual': 'As usual here',
  'begin.also': 'And: {what}.',
  'begin.unplanned.fish':
    'Fish is not planned here: it has no collagen that needs hours, it is done in minutes, and a forecast fitted to meat would be wrong by more than the dish takes.',
  'begin.unplanned.vegetables':
    'Vegetables are planned beside meat, not as the main thing: what they soften by is not what the forecast is fitted to. Take a cut and let them lie with it.',
  'begin.notUnderstood': 'Not understood: {what}.',
  'begin.plan': 'Plan it',
  'begin.needsACut': 'Name a cut, or pick one.',
  'begin.pictures': 'Cuts',
  'begin.called': '{Cut} in {liquid}',
  'begin.unkept': '{title} was begun here and not kept.',
  'begin.goOn': 'Go on with it',
} as const;

/** Steps of a plan, taken back and done again, and what they changed. */
export const planSteps = {
  'step.undoIt': 'Undo',
  'step.redoIt': 'Redo',
  'step.undo': 'Undone: {what}',
  'step.redo': 'Done again: {what}',
  'part.title': 'the name',
  'part.eaters': 'how many eat',
  'part.appetite': 'the appetite',
  'part.result': 'how it should eat',
  'part.avoid': 'what is avoided',
  'part.meat': 'the meat',
  'part.also': 'the other meat',
  'part.prepare': 'getting it ready',
  'part.season': 'salt and spice',
  'part.pot': 'the pot',
  'part.lie': 'how the pieces lie',
  'part.pan': 'the pan',
  'part.sear': 'the sear',
  'part.base': 'the base',
  'part.liquid': 'the liquid',
  'part.course': 'the heat',
  'part.bare': 'what comes before the pot',
  'part.day': 'the day',
  'part.finish': 'the finish',
  'part.serveAtMs': 'when plates go out',
  'part.confidence': 'how sure to be on time',
  'part.altitudeM': 'the height above the sea',
  'part.keeping': 'how what is left is kept',
} as const;

export const planBar = {
  'planBar.ready': 'Tender about',
  'planBar.begin': 'Begin by',
  'planBar.mind': 'To mind',
  'planBar.says':
    'Tender about {ready}, begin by {begin}, {minded, plural, =0 {nothing to mind} one {one thing to mind} other {# things to mind}}: the whole verdict',
} as const;

export const planList = {
  'planList.plans': 'Plans',
  'planList.fromARecipe': 'From a recipe',
  'planList.noPlanIsWaitingPlan':
    'No plan is waiting. Plan a braise: say what is for supper and when, and it counts back to the first cut.',
  'planList.wasToBeServed': 'was to be served',
  'planList.serve': 'serve',
  'planList.for': '{cutId}, {mass} for {eaters} · {renderedAt} {serveAt} {serveAt2}',
  'planList.export': 'Export {title}',
  'planList.delete': 'Delete {title}',
  'planList.thePlanGoesForGood': 'The plan goes for good. Braises cooked from it stay in the log.',
  'planList.deleteThePlan': 'Delete the plan',
} as const;

export const potForm = {
  'potForm.measured': 'A pot measured here…',
  'potForm.measuredWhy': 'for this plan; it can be kept in the kitchen',
  'potForm.thisPot': 'The pot of this plan',
  'potForm.onlyThisPlan': 'Only in this plan',
  'potForm.keepInKitchen': 'Keep it in the kitchen',
  'potForm.asInKitchen': 'Take it as it now stands in the kitchen',
  'potForm.pot': 'Pot',
  'potForm.across': '{length} across, {height} deep',
  'potForm.byAcross': '{length} by {width}, {height} deep',
  'potForm.thePieces': 'The pieces',
  'potForm.twoLayers': 'In two layers',
  'potForm.oneOnTheOther': 'one on the other, though one layer would do: a smaller patch of floor, more of it deep',
  'potForm.lieFlat': 'Lie flat',
  'potForm.onTheirBroadSideLow': 'on their broad side: low, evenly under liquid',
  'potForm.standUp': 'Stand up',
  'potForm.onEdgeOrEndMore': 'on edge or end: more fit in one layer, tops stick out',
} as const;

export const potPanel = {
  'potPanel.roomInIt': 'Room in it',
  'potPanel.ofTheMeatStandsOut': '{sticksOut} of the meat stands out of the liquid: turn it once, half way.',
  'potPanel.theLiquidCoversTheMeat': 'The liquid covers the meat: nothing has to be turned.',
} as const;

export const potSection = {
  'potSection.byEstimateNow': 'by estimate, now',
  'potSection.goingIn': 'going in, {level}',
  'potSection.atHalfTime': 'at half time',
  'potSection.whenDone': 'when done',
  'potSection.pot': 'Section through a pot {across} across, {heat}, {lid}.',
  'potSection.meat': 'Meat stands {high} high in {layers, plural, one {# layer} other {# layers}}.',
  'potSection.liquidNow': 'Liquid now {deep} deep, {litres}; when done {end}.',
  'potSection.liquidStart': 'Liquid at the start {deep} deep, {litres}; at half time {half}; when done {end}.',
  'potSection.steam': '{steam} leaves as steam.',
  'potSection.middle': 'Middle of the meat about {core}.',
  'potSection.ofMeat': 'of meat',
  'potSection.middleOfTheMeatAbout2': 'middle of the meat about {core}',
  'potSection.middleRead': 'middle: {read} by the probe, {core} by estimate',
  'potSection.acrossFull': '{diameter} across · {full} full · {layers, plural, =1 {one layer} other {# layers}}',
  'potSection.deep': '{litres}, {level} deep',
} as const;

export const recipeImport = {
  'recipeImport.aPlanFromARecipe': 'A plan from a recipe',
  'recipeImport.allPlans': 'All plans',
  'recipeImport.saveARecipesPageOr':
    'Save a recipe’s page and open it here, or paste its source: meat, weights, liquids, heat and time are read out of it here, on this machine, and nothing is fetched. What is not understood is yours to settle.',
  'recipeImport.chooseAFile': 'Choose a file',
  'recipeImport.orPasteIt': 'Or paste it',
  'recipeImport.readIt': 'Read it',
  'recipeImport.noLineIsMeatYet': 'No line is meat yet: a braise needs some.',
  'recipeImport.stillOpen': '{open, plural, one {# line is} other {# lines are}} still open.',
  'recipeImport.itNeedsAName': 'It needs a name.',
  'recipeImport.whatItIs': 'What it is',
  'recipeImport.itDoesNotSayAre': 'It does not say: {usualEaters} are assumed.',
  'recipeImport.itNamesNoHeatThis': 'It names no heat: this kitchen’s usual is assumed.',
  'recipeImport.itWants': 'It wants {time} in the pot.',
  'recipeImport.itGivesNoTimeIn': 'It gives no time in the pot.',
  'recipeImport.thePlanDoesNotCopy':
    'The plan does not copy that: it forecasts the time from cut, size, pot and heat, and says how sure it is.',
  'recipeImport.lineByLine': 'Line by line',
  'recipeImport.leftWhatTheRecipeSays': '· left what the recipe says, right what the plan takes it for',
  'recipeImport.stockAndWaterFillUp':
    'Stock and water fill up to the level your pot asks for, so their amount is not copied. Weights counted or taken from cups are usual ones: put in your own.',
  'recipeImport.itsMethod': 'Its method',
  'recipeImport.boldHeatOrTimeWas': '· bold: heat or time was read there; the plan writes its own steps',
  'recipeImport.makeThePlan': 'Make the plan',
  'recipeImport.anotherRecipe': 'Another recipe',
  'recipeImport.fillsUpToThePots': 'fills up to the pot’s own level',
  'recipeImport.whatIs': 'What is “{text}”?',
  'recipeImport.sayWhatItIs': 'say what it is…',
  'recipeImport.howMuch': 'How much, {text}',
} as const;

export const recordSheets = {
  'recordSheets.reading': 'Reading',
  'recordSheets.theTipWasNearBone': 'the tip was near bone',
  'recordSheets.recordTheReading': 'Record the reading',
  'recordSheets.dipACleanWoodenSpoon':
    'Dip a clean wooden spoon to the base and read how far it is wet. By the estimate: {level}.',
  'recordSheets.depth': 'Depth',
  'recordSheets.added': 'Added',
  'recordSheets.lazyBubbles': 'lazy bubbles',
  'recordSheets.whatIAddedWasBoiling': 'what I added was boiling hot',
  'recordSheets.thePotIsDeep': '{cautionFor} The pot is {height} deep.',
  'recordSheets.recordTheLevel': 'Record the level',
  'recordSheets.recordTheHeat': 'Record the heat',
  'recordSheets.recordTheLid': 'Record the lid',
  'recordSheets.note': 'Note',
  'recordSheets.keepTheNote': 'Keep the note',
  'recordSheets.oneLineForNextTime': 'One line for next time',
  'recordSheets.finishAndLogIt': 'Finish and log it',
} as const;

export const searForm = {
  'searForm.saltOnAKilo': 'Salt on a kilo',
  'searForm.crystal': 'Crystal',
  'searForm.aboutGInALevel': 'about {grams} in a level teaspoon',
  'searForm.now': 'now',
  'searForm.onTheMeat': 'on the meat',
  'searForm.muchSaltComesWithOther': 'Much salt comes with other things: take {strength}',
  'searForm.spices': 'Spices',
  'searForm.whenItGoesIn': 'When {things} goes in',
  'spiceTime.meat': 'on the raw meat',
  'spiceTime.meat.why': 'a rub: browned with the crust',
  'spiceTime.fat': 'in the fat',
  'spiceTime.fat.why': 'opens the aroma; seconds only',
  'spiceTime.liquid': 'with the liquid',
  'spiceTime.liquid.why': 'cannot scorch; milder, through the whole pot',
  'spiceTime.end': 'at the end',
  'spiceTime.end.why': 'stirred into the finished sauce: loudest',
  'searForm.addASpice': 'Add a spice',
  'searForm.searing': 'Searing',
  'searForm.pan': 'Pan',
  'searForm.burner': 'Burner',
  'searForm.wWReachThePan': '{kind}, {power}; {reaches} reach the pan',
  'searForm.fat': 'Fat',
  'searForm.pattedDry': 'patted dry',
  'searForm.iSayHowManyAt': 'I say how many at once',
  'searForm.piecesAtOnce': 'Pieces at once',
} as const;

export const searPanel = {
  'searPanel.batchShown': 'Batch shown',
  'searPanel.noSearTheMeatGoes':
    'No sear: the meat goes into the pot as it is, and browns a little where it stands out of the liquid.',
  'searPanel.thePanAndTheHeat': 'The pan and the heat',
  'searPanel.withoutASear': 'Without a sear',
  'searPanel.aFaceAnEdgeEnded': '{face} a face, {edge} an edge, ended by colour. {fatSays}',
  'searPanel.salt': 'Salt',
  'searPanel.whatToLookFor': 'What to look for',
  'searPanel.searedMeatGoesOnA': 'Seared meat goes on a clean plate; its juices go back into the pot.',
} as const;

export const serveForm = {
  'serveForm.platesOutAt': 'Plates out at',
  'serveForm.cookIt': 'Braise it',
  'serveForm.theSameDay': 'The same day',
  'serveForm.eatenWhenItIsDone': 'eaten when it is done',
  'serveForm.ahead': 'Ahead',
  'serveForm.moreFlavourTheFatLifts': 'more flavour, the fat lifts off whole, bones come out clean',
  'serveForm.inTheFridgeBy': 'In the fridge by',
  'serveForm.howSureToBeOn': 'How sure to be on time',
  'serveForm.cooksAtTheBench': 'Cooks at the bench',
  'serveForm.burnersFree': 'Burners free',
  'serveForm.besideIt': 'Beside it',
  'serveForm.somebodyAtTheTableAvoids': 'Somebody at the table avoids',
} as const;

export const servePanel = {
  'servePanel.fixed': 'fixed',
  'servePanel.fix': 'fix',
  'servePanel.fixAt': 'Fix {label} at {from}',
  'servePanel.onBurner': 'on burner {burner}',
  'servePanel.inTheWaits': 'mostly {range}; {place}, {hands}; in the waits: {waits}',
  'servePanel.braise': 'mostly {range}; {place}, {hands}; then up to {reserve} in reserve, off by {to}',
  'servePanel.until': 'mostly {range}; {place}, {hands}, until {to}',
  'servePanel.theDayTaskByTask': 'The day, task by task',
  'servePanel.wait': '{from} to {to}',
  'servePanel.noHands': 'no hands',
  'servePanel.handsAllTheWhile': 'hands all the while',
  'servePanel.handsFor': 'hands for {time}',
  'servePanel.nobodyIsInTwoPlaces':
    '{cooks, plural, one {One pair of hands} other {# pairs of hands}}, {burners, plural, one {one burner} other {# burners}}: nobody is in two places, nothing is booked twice. A bright edge: hands all the while. “Mostly”: eight days of ten.',
  'servePanel.coldInTimeAndWarm': 'Cold in time, and warm again',
  'servePanel.besideItFor': 'Beside it, for {eaters}',
  'servePanel.inWater': 'in {water} of water with {salt} of salt',
  'servePanel.keepBack': 'keep {water} of it back',
  'servePanel.cannotWait': 'cannot wait',
  'servePanel.whoCanEatIt': 'Who can eat it',
  'servePanel.nothingInThePotIs': 'Nothing in the pot is on the usual lists. Read the labels all the same.',
  'servePanel.somebodyHereAvoidsIt': '· somebody here avoids it',
  'servePanel.inThePot': 'in the pot',
  'servePanel.mayBe': 'may be',
  'servePanel.aReminderNotALabel':
    'A reminder, not a label: what you bought decides. Follow your local food-safety guidance.',
} as const;

export const sheet = {
  'sheet.close': 'Close',
  'sheet.unkept': 'What you entered is not recorded yet.',
  'sheet.goOn': 'Go on with it',
  'sheet.throwAway': 'Throw it away',
} as const;

export const soFar = {
  'soFar.soFar': 'So far',
  'soFar.exportThisBraise': 'Export this braise',
  'soFar.deleteThisBraise': 'Delete this braise',
  'soFar.everythingRecordedOfThisBraise':
    'Everything recorded of this braise goes for good. Export it first to keep a copy.',
  'soFar.deleteTheBraise': 'Delete the braise',
  'soFar.nothingRecordedYetTheClock': 'Nothing recorded yet. The clock starts when the pieces meet the simmer.',
  'soFar.keptOnThisDeviceNot': 'kept on this device, not yet sent',
  'soFar.notKept': 'only on this page: this browser keeps nothing; leave it open',
  'soFar.onItsWay': 'on its way',
  'soFar.sent': 'kept; the forecast follows',
  'soFar.pointless': 'Records that count for nothing',

  'soFar.takeBack': 'Take back: {act}',
} as const;

export const topBar = {
  'topBar.skip': 'To the page',
  'topBar.home': 'Home',
  'topBar.plan': 'Plan',
  'topBar.log': 'Log',
  'topBar.kitchen': 'Kitchen',
  'topBar.main': 'Main',
  'topBar.daylightColours': 'Daylight colours',
  'topBar.nightKitchenColours': 'Night kitchen colours',
} as const;

export const unitsMenu = {
  'unitsMenu.asThisMachine': 'As this machine: {timeZone}',
  'unitsMenu.asThisMachine2': 'As this machine',
  'unitsMenu.timeZoneOfTheKitchen': 'Time zone of the kitchen',
  'unitsMenu.lb': 'lb',
  'unitsMenu.unitsAndClock': 'Units and clock: {shown}',
  'unitsMenu.weightsAndMeasures': 'Weights and measures',
  'unitsMenu.metric': 'Metric',
  'unitsMenu.gKgMlMm': 'g, kg, ml, mm',
  'unitsMenu.usCustomary': 'US customary',
  'unitsMenu.ozLbCupsInches': 'oz, lb, cups, inches',
  'unitsMenu.temperature': 'Temperature',
  'unitsMenu.celsius': 'Celsius',
  'unitsMenu.fahrenheit': 'Fahrenheit',
  'unitsMenu.unitsAndClock2': 'Units and clock',
} as const;

export const verdict = {
  'verdict.readyWindowOnTheWay': 'Ready window on the way: {place} at {until}; in the pot from {intoPot}',
  'verdict.take': 'Take',
  'verdict.take2': 'Take: {says}',
  'verdict.waysOut': 'Ways out',
  'verdict.toMakeItFit': 'To make it fit',
  'verdict.toMakeTheDayWork': 'To make the day work',
  'verdict.theForecastWaitsForThe': 'The forecast waits for what is marked.',
  'verdict.workingOutTheForecast': 'Working out the forecast…',
  'verdict.otherWays': 'Other ways',
  'verdict.mind': 'Mind',
  'verdict.mindMore': '{count, plural, one {and one more} other {and # more}}',
  'verdict.waysOf': '{title}: {count, plural, one {one way} other {# ways}}',
  'verdict.whyThisTime': 'Why this time?',
  'verdict.cookValuesAreFittedTo':
    'Times follow from how long kitchens braise this cut: the window says how far to trust them.',
  'verdict.goodFor': 'Stays good about {goodFor}.',
  'verdict.begin': 'Begin, {day}',
  'verdict.evenings': '{handsOn} of it your hands. On time {confidence}.',
} as const;

export const waysAxis = {
  'waysAxis.way': '{name}: begin {begin}, ready most likely {ready}',
  'waysAxis.table': 'table {serve}',
} as const;

export const why = {
  'why.whatWouldChangeIt': 'What would change it:',
} as const;
