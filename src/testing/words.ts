import { type Message } from '../core/message';
import { METRIC, type UnitChoice } from '../core/quantity';
import { languageOf } from '../words/languages';
import { type Words, wordsFor } from '../words/words';

export const US: UnitChoice = { weight: 'us', temperature: 'F' };

/** English, metric, with a clock in UTC. */
export const WORDS: Words = wordsFor({ units: METRIC, language: languageOf('en'), timeZone: 'UTC' });
export const US_WORDS: Words = wordsFor({ units: US, language: languageOf('en-US'), timeZone: 'UTC' });

/** A message, or several, in English; empty if there is none. */
export function english(message: Message | readonly Message[] | undefined): string {
  if (message === undefined) return '';
  return 'code' in message ? WORDS.say(message) : message.map((m) => WORDS.say(m)).join(' ');
}
