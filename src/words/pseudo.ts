import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';

const ACCENTED: Readonly<Record<string, string>> = {
  a: 'á',
  b: 'ƀ',
  c: 'ç',
  d: 'đ',
  e: 'é',
  f: 'ƒ',
  g: 'ğ',
  h: 'ĥ',
  i: 'í',
  j: 'ĵ',
  k: 'ķ',
  l: 'ľ',
  m: 'ɱ',
  n: 'ñ',
  o: 'ó',
  p: 'þ',
  q: 'ɋ',
  r: 'ŕ',
  s: 'š',
  t: 'ţ',
  u: 'ú',
  v: 'ṽ',
  w: 'ŵ',
  x: 'ẋ',
  y: 'ý',
  z: 'ž',
  A: 'Á',
  B: 'Ɓ',
  C: 'Ç',
  D: 'Đ',
  E: 'É',
  F: 'Ƒ',
  G: 'Ğ',
  H: 'Ĥ',
  I: 'Í',
  J: 'Ĵ',
  K: 'Ķ',
  L: 'Ľ',
  M: 'Ṁ',
  N: 'Ñ',
  O: 'Ó',
  P: 'Þ',
  Q: 'Ɋ',
  R: 'Ŕ',
  S: 'Š',
  T: 'Ţ',
  U: 'Ú',
  V: 'Ṽ',
  W: 'Ŵ',
  X: 'Ẋ',
  Y: 'Ý',
  Z: 'Ž',
};
/** How much longer another language may be. */
const LONGER = 1.4;
const BRACKETS = 2;

/** Accented, with one letter in this many doubled. */
function stretched(text: string, ratio: number): string {
  let due = 0;
  return text.replaceAll(/[A-Za-z]/g, (letter) => {
    const accented = ACCENTED[letter] ?? letter;
    due += ratio;
    if (due < 1) return accented;
    due -= 1;
    return accented + accented;
  });
}

/** A literal's special characters, quoted as ICU requires. */
const quoted = (text: string): string => text.replaceAll(/['{}#]/g, (c) => (c === "'" ? "''" : `'${c}'`));

function written(elements: readonly MessageFormatElement[], ratio: number): string {
  return elements
    .map((e) => {
      switch (e.type) {
        case TYPE.literal:
          return quoted(stretched(e.value, ratio));
        case TYPE.pound:
          return '#';
        case TYPE.number:
          return `{${e.value}, number}`;
        case TYPE.plural:
        case TYPE.select: {
          const options = Object.entries(e.options).map(([key, { value }]) => `${key} {${written(value, ratio)}}`);
          return `{${e.value}, ${e.type === TYPE.plural ? 'plural' : 'select'}, ${options.join(' ')}}`;
        }
        default:
          return `{${e.value}}`;
      }
    })
    .join('');
}

/** Number of letters a message has of its own, in its longest variant. */
function literalLength(elements: readonly MessageFormatElement[]): number {
  return elements.reduce((sum, e) => {
    if (e.type === TYPE.literal) return sum + e.value.length;
    if (e.type !== TYPE.plural && e.type !== TYPE.select) return sum;
    return sum + Math.max(...Object.values(e.options).map(({ value }) => literalLength(value)));
  }, 0);
}

/** An ICU message with its words accented, in brackets, and two fifths longer. */
export function pseudo(message: string): string {
  const elements = parse(message, { ignoreTag: true });
  const length = literalLength(elements);
  const more = Math.max(0, Math.ceil(length * (LONGER - 1)) - BRACKETS);
  return `⟦${written(elements, length === 0 ? 0 : more / length)}⟧`;
}
