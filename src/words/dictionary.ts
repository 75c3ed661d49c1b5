import { type Code, WORDS } from './en';
import { type FigureWords, type Language } from './languages';
import { type UnitChoice } from '../core/quantity';

export { type Code };

/** Whether there are words for what somebody else calls a code. */
export function isCode(code: string): code is Code {
  return Object.hasOwn(WORDS, code);
}

const FIGURE = /^figure\.(.+)\.(label|formula|changes)$/;

/** Finds the words of a code in one language; those of US units first where those are read. */
export function dictionary(language: Language, units: UnitChoice): (code: string) => string | undefined {
  const american: Readonly<Record<string, string | undefined>> = units.weight === 'us' ? (language.american ?? {}) : {};
  const words: Readonly<Record<string, string | undefined>> = language.words;
  const figures: Readonly<Record<string, FigureWords | undefined>> = language.figures;
  return (code) => {
    const figure = FIGURE.exec(code);
    if (figure) return figures[figure[1] ?? '']?.[figure[2] as keyof FigureWords];
    return american[code] ?? words[code];
  };
}
