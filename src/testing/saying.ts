import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { type Sentences } from '../core/message';
import { BRITISH } from '../words/tables';

const escaped = (text: string): string => text.replaceAll(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);

function pattern(elements: readonly MessageFormatElement[], given: Readonly<Record<string, string>>): string {
  return elements
    .map((e) => {
      if (e.type === TYPE.literal) return escaped(e.value);
      if (e.type === TYPE.pound) return String.raw`[\d.,]+`;
      if (e.type === TYPE.plural || e.type === TYPE.select) {
        return `(?:${Object.values(e.options)
          .map(({ value }) => pattern(value, given))
          .join('|')})`;
      }
      const known = given[e.value];
      return known === undefined ? '.+?' : escaped(known);
    })
    .join('');
}

/**
 * A pattern for the English sentence of a code, whatever its parameters except those `given`: for tests of what is
 * said, not of how it is worded.
 */
export function saying(code: keyof Sentences, given: Readonly<Record<string, string>> = {}): RegExp {
  const text = pattern(parse(BRITISH[code], { ignoreTag: true }), given);
  return new RegExp(text.replace(/^[a-z]/i, (first) => `[${first.toLowerCase()}${first.toUpperCase()}]`));
}
