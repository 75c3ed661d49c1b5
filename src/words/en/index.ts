import { after } from './after';
import * as day from './day';
import * as exports from './exports';
import { figures, inputs, measures } from './figures';
import * as kitchen from './kitchen';
import * as larder from './larder';
import { equipment } from './equipment';
import { finish } from './finish';
import { larderMore } from './larderMore';
import { own } from './own';
import * as pages from './pages';
import * as plan from './plan';
import * as screens from './screens';
import { steps } from './steps';
import { stepTitles } from './stepTitles';
import * as stove from './stove';
import { trouble } from './trouble';
import { vessels } from './vessels';
import { ways } from './ways';

/** All words of English but those of the figures, by code. */
export const WORDS = {
  ...inputs,
  ...measures,
  ...ways,
  ...larder.cuts,
  ...larder.garnishes,
  ...larder.liquids,
  ...larder.fats,
  ...larder.seasonings,
  ...larder.sides,
  ...larder.lids,
  ...larder.nouns,
  ...larder.swaps,
  ...larder.diets,
  ...kitchen.prep,
  ...kitchen.buying,
  ...kitchen.base,
  ...kitchen.forgotten,
  ...kitchen.sear,
  ...kitchen.salting,
  ...kitchen.pouring,
  ...kitchen.table,
  ...kitchen.cautions,
  ...plan.fields,
  ...plan.faults,
  ...plan.reasons,
  ...plan.watching,
  ...plan.heats,
  ...plan.waysOut,
  ...plan.kinds,
  ...plan.stages,
  ...day.tasks,
  ...day.spans,
  ...day.marks,
  ...day.conflicts,
  ...stove.next,
  ...stove.refusals,
  ...exports.recipe,
  ...exports.shop,
  ...exports.reading,
  ...screens.decisions,
  ...screens.controls,
  ...screens.panels,
  ...screens.drawings,
  ...screens.records,
  ...screens.scores,
  ...screens.answers,
  ...screens.pageTitles,
  ...pages.baseForm,
  ...pages.basePanel,
  ...pages.benchSheet,
  ...pages.common,
  ...pages.compare,
  ...pages.confirmButton,
  ...pages.cookScreen,
  ...pages.curves,
  ...pages.dayLine,
  ...pages.decisionPanel,
  ...pages.demoButton,
  ...pages.dialChart,
  ...pages.elsewhere,
  ...pages.emberLine,
  ...pages.emberZooms,
  ...pages.errorPage,
  ...pages.exportMenu,
  ...after,
  ...finish,
  ...larderMore,
  ...own,
  ...steps,
  ...stepTitles,
  ...trouble,
  ...vessels,
  ...pages.forkScale,
  ...equipment,
  ...pages.heatForm,
  ...pages.home,
  ...pages.hotkeys,
  ...pages.importButton,
  ...pages.levelHandle,
  ...pages.liquidForm,
  ...pages.liquidPanel,
  ...pages.liveForecast,
  ...pages.logDetail,
  ...pages.logList,
  ...pages.meatForm,
  ...pages.meatPanel,
  ...pages.nextCard,
  ...pages.notFound,
  ...pages.panMap,
  ...pages.planEditor,
  ...pages.planSteps,
  ...pages.begin,
  ...pages.planBar,
  ...pages.planList,
  ...pages.potForm,
  ...pages.potPanel,
  ...pages.potSection,
  ...pages.recipeImport,
  ...pages.recordSheets,
  ...pages.searForm,
  ...pages.searPanel,
  ...pages.serveForm,
  ...pages.servePanel,
  ...pages.sheet,
  ...pages.soFar,
  ...pages.topBar,
  ...pages.unitsMenu,
  ...pages.verdict,
  ...pages.waysAxis,
  ...pages.why,
} as const;

export { figures as FIGURES };

/** A code that has words. Another language has words for each of them, and for each figure. */
export type Code = keyof typeof WORDS;
export type FigureId = keyof typeof figures;
