import { By, Key, type WebDriver } from 'selenium-webdriver';
import { press, WAIT_MS } from './browser';
import { WORDS } from '../src/testing/words';

/** What the current card, or the alarm above it, asks for. */
export const title = (driver: WebDriver): Promise<string> =>
  driver.executeScript(
    'return document.querySelector("section[aria-label=\\"Next step\\"] h1, [role=alert] h1")?.textContent ?? ""',
  );

/** The text of the card without the running time. */
export const card = (driver: WebDriver): Promise<string> =>
  driver.executeScript(
    'return [...document.querySelectorAll("section[aria-label=\\"Next step\\"] > *")].slice(1, 4).map((e) => e.textContent).join("|")',
  );

const sheetTitle = (driver: WebDriver): Promise<string> =>
  driver.executeScript('return document.querySelector("[role=dialog] h2")?.textContent ?? ""');

/** The usual answers to the sheets that the steps after the heat open. */
const ANSWERS: Readonly<Record<string, string>> = {
  [WORDS.text('record.hold.title')]: WORDS.text('hold.lid'),
  [WORDS.text('record.counted.title')]: WORDS.text('record.counted.record'),
  [WORDS.text('record.cooling.title')]: 'ice water',
  [WORDS.text('record.stored.title')]: WORDS.text('record.put.record'),
};

/** Presses the card's key and answers each sheet (from `answering`) until `until` holds; returns what was asked. */
export async function doAsAsked(
  driver: WebDriver,
  until: (title: string) => Promise<boolean> | boolean,
  most = 60,
  answering: (driver: WebDriver, text: string) => Promise<void> = press,
): Promise<string[]> {
  const said: string[] = [];
  for (let i = 0; i < most; i++) {
    const now = await title(driver);
    const whole = await card(driver);
    if (await until(now)) return said;
    said.push(now);
    await driver.findElement(By.css('body')).sendKeys(Key.SPACE);
    const moved = async (): Promise<boolean> => (await card(driver)) !== whole;
    await driver.wait(
      async () => (await moved()) || (await sheetTitle(driver)) !== '',
      WAIT_MS,
      `“${now}” stays in hand.`,
    );
    const sheet = await sheetTitle(driver);
    if (sheet === '') continue;
    const answer = ANSWERS[sheet];
    if (answer === undefined) throw new Error(`“${sheet}” has no usual answer.`);
    await answering(driver, answer);
    await driver.wait(moved, WAIT_MS, `“${now}” stays in hand after its answer.`);
  }
  throw new Error(`Still asked: ${said.slice(-5).join(' | ')}`);
}
