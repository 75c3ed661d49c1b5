import { By, Key, until, type WebDriver } from 'selenium-webdriver';
import { WAIT_MS } from './browser';

/** Addresses in the demo kitchen: a plan, a braise under way, a log entry and the labels of stored boxes. */
export interface Places {
  readonly plan: string;
  readonly braise: string;
  readonly entry: string;
  readonly boxes: string;
}

/** Finds them on Home and in the log. */
export async function demoPlaces(driver: WebDriver, url: string): Promise<Places> {
  const path = async (css: string): Promise<string> => {
    const link = await driver.wait(async () => (await driver.findElements(By.css(css)))[0], WAIT_MS);
    return new URL((await link?.getAttribute('href')) ?? '').pathname;
  };
  await driver.get(url);
  const plan = await path('main a[href^="/plan/"]:not([href$="/new"])');
  const braise = await path('main a[href^="/braise/"]');
  const boxes = await path('main a[href^="/labels/"]');
  await driver.get(`${url}/log`);
  return { plan, braise, boxes, entry: await path('main a[href^="/log/"]') };
}

/** One page of the app, and everything that can be opened on it without knowing its language. */
export interface Stop {
  /** The folder of its `page.tsx` under `src/app`, in Next.js notation. */
  readonly route: string;
  readonly address: (places: Places) => string;
  /** Present once the page has been computed. */
  readonly ready: string;
  readonly open: readonly { readonly what: string; readonly by: (driver: WebDriver) => Promise<void> }[];
}

const RECIPE = JSON.stringify({
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Pork cheeks',
  recipeIngredient: ['1.2 kg pork cheeks', '1 banana leaf', '2 onions', '2 tsp salt', '4 cloves', '500 ml cider'],
  recipeInstructions: ['Heat the oven to 160 C. Braise for 3 hours.'],
});

/** Text of the walk's recipe that is not ours. */
export const RECIPE_WORDS = [
  'Pork cheeks',
  '1.2 kg pork cheeks',
  '1 banana leaf',
  '2 onions',
  '2 tsp salt',
  '4 cloves',
  '500 ml cider',
  'Heat the oven to 160 C. Braise for 3 hours.',
];

const there = async (driver: WebDriver, css: string): Promise<void> => {
  await driver.wait(until.elementLocated(By.css(css)), WAIT_MS, `No ${css}.`);
};

const click = async (driver: WebDriver, css: string): Promise<void> => {
  const element = await driver.wait(until.elementLocated(By.css(css)), WAIT_MS, `No ${css} to press.`);
  await driver.wait(until.elementIsEnabled(element), WAIT_MS, `${css} stays disabled.`);
  await driver.executeScript('arguments[0].scrollIntoView({block: "center"}); arguments[0].click()', element);
};

const key = async (driver: WebDriver, text: string): Promise<void> => {
  await driver.actions().sendKeys(Key.ESCAPE).perform();
  await driver.wait(async () => (await driver.findElements(By.css('[role="dialog"]'))).length === 0, WAIT_MS);
  await driver.actions().sendKeys(text).perform();
  await there(driver, '[role="dialog"]');
};

const decisions = ['meat', 'pot', 'sear', 'base', 'liquid', 'heat', 'finish', 'serve'];
/** Keys of the records that have a sheet, and of the key list. */
const SHEET_KEYS = { fork: 'f', probe: 'p', liquid: 'l', heat: 'h', note: 'n', keys: '?' } as const;

/** Every page, sheet, menu and form. A page that is not listed here fails the walk. */
export const WALK: readonly Stop[] = [
  { route: '', address: () => '/', ready: 'main section', open: [] },
  {
    route: 'plan',
    address: () => '/plan',
    ready: 'main li',
    open: [{ what: 'deleting asks first', by: (d) => click(d, 'main li button') }],
  },
  {
    route: 'plan/new',
    address: () => '/plan/new',
    ready: 'form input',
    open: [
      { what: 'a cut is picked', by: (d) => click(d, 'form ul button') },
      {
        what: 'a plan is begun',
        by: async (d) => {
          await click(d, 'form button[type="submit"]');
          await there(d, '#the-day');
        },
      },
      ...decisions.map((id) => ({ what: `decision ${id}`, by: (d: WebDriver) => click(d, `#decision-${id}`) })),
      { what: 'the day pulled up', by: (d) => click(d, '[aria-labelledby="the-day"] button[aria-expanded]') },
      { what: 'the day lowered', by: (d) => click(d, '[aria-labelledby="the-day"] button[aria-expanded]') },
      {
        what: 'why a figure',
        by: async (d) => {
          await click(d, '#decision-heat');
          await click(d, 'section dl button');
        },
      },
    ],
  },
  {
    route: 'plan/[id]',
    address: ({ plan }) => plan,
    ready: '#the-day',
    open: [{ what: 'exports', by: (d) => click(d, '[data-place="verdict"] button[aria-haspopup="menu"]') }],
  },
  {
    route: 'plan/[id]/compare',
    address: ({ plan }) => `${plan}/compare`,
    ready: 'table',
    open: [
      {
        what: 'taken elsewhere',
        by: async (d) => {
          await click(d, 'main summary');
          await there(d, 'article');
        },
      },
    ],
  },
  { route: 'plan/[id]/sheet', address: ({ plan }) => `${plan}/sheet`, ready: '#sheet-checks', open: [] },
  {
    route: 'plan/import',
    address: () => '/plan/import',
    ready: 'textarea',
    open: [
      {
        what: 'no recipe is refused',
        by: async (d) => {
          await d.findElement(By.css('textarea')).sendKeys('stew');
          await click(d, 'main section > div > button:last-of-type');
          await there(d, '[role="alert"]');
        },
      },
      {
        what: 'a recipe is settled',
        by: async (d) => {
          const box = await d.findElement(By.css('textarea'));
          await box.clear();
          await box.sendKeys(RECIPE);
          await click(d, 'main section > div > button:last-of-type');
          await there(d, '#lines');
        },
      },
    ],
  },
  { route: 'log', address: () => '/log', ready: 'main li', open: [] },
  { route: 'log/[id]', address: ({ entry }) => entry, ready: '#curve', open: [] },
  {
    route: 'braise/[id]',
    address: ({ braise }) => braise,
    ready: '#so-far',
    open: [
      ...Object.entries(SHEET_KEYS).map(([what, text]) => ({
        what: `sheet ${what}`,
        by: (d: WebDriver) => key(d, text),
      })),
      {
        what: 'what was not a reading is refused',
        by: async (d) => {
          await key(d, 'p');
          const box = await d.findElement(By.css('[role="dialog"] input[type="text"]'));
          await box.sendKeys(Key.chord(Key.CONTROL, 'a'), '900', Key.TAB);
          await click(d, '[role="dialog"] section button:last-of-type, [role="dialog"] > div > button:last-of-type');
        },
      },
    ],
  },
  {
    route: 'kitchen',
    address: () => '/kitchen',
    ready: '#pots',
    open: [
      ...['pots', 'pans', 'ovens', 'burners'].map((list) => ({
        what: `adding to the ${list}`,
        by: async (d: WebDriver) => {
          await d.actions().sendKeys(Key.ESCAPE).perform();
          await d.wait(async () => (await d.findElements(By.css('[role="dialog"]'))).length === 0, WAIT_MS);
          await click(d, `section[aria-labelledby="${list}"] > button`);
          await there(d, '[role="dialog"] input');
        },
      })),
      {
        what: 'removing asks first',
        by: async (d) => {
          await d.actions().sendKeys(Key.ESCAPE).perform();
          await d.wait(async () => (await d.findElements(By.css('[role="dialog"]'))).length === 0, WAIT_MS);
          await click(d, 'section[aria-labelledby="pots"] li button:last-of-type');
          await there(d, '[role="dialog"]');
        },
      },
    ],
  },
  { route: 'labels/[id]', address: ({ boxes }) => boxes, ready: 'main li', open: [] },
  { route: 'backups', address: () => '/backups', ready: '#made', open: [] },
  {
    route: 'backups/[name]',
    address: () => `/backups/even-ember-${new Date().toISOString().slice(0, 10)}.sqlite`,
    ready: 'code',
    open: [],
  },
  { route: 'not-found', address: () => '/nothing/here', ready: 'h1', open: [] },
];
