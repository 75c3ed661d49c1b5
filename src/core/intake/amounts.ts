import { ENGLISH } from './english';
import { type Lexicon } from './lexicon';
import { type Message, say } from '../message';
import { type Dimension, displayUnit, fromUnit, GAS_MARKS, type Unit, type UnitChoice, UNITS } from '../quantity';

/** The result of a typed quantity: SI (kg, l, mm, °C), or what was not recognised. */
export type Parsed =
  { readonly ok: true; readonly si: number; readonly bare: boolean } | { readonly ok: false; readonly says: Message };

const GLYPHS: Readonly<Record<string, number>> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const GLYPH = `[${Object.keys(GLYPHS).join('')}]`;
/** "1 1/2", "1½", "1/2", "½", "1.5", "1,5", "1 ½". */
const NUMBER = new RegExp(
  `^(?:(\\d+)\\s+(\\d+)\\s*/\\s*(\\d+)|(\\d+)\\s*/\\s*(\\d+)|(\\d+)\\s*(${GLYPH})|(${GLYPH})|(\\d*[.,]?\\d+))`,
);

function readNumber(text: string): { value: number; rest: string } | undefined {
  const found = NUMBER.exec(text);
  if (!found) return undefined;
  const [all, mixedWhole, mixedTop, mixedBottom, top, bottom, whole, glyph, loneGlyph, decimal] = found;
  const ratio = (a: string | undefined, b: string | undefined): number => Number(a) / Number(b);
  const value =
    mixedWhole !== undefined
      ? Number(mixedWhole) + ratio(mixedTop, mixedBottom)
      : top !== undefined
        ? ratio(top, bottom)
        : whole !== undefined
          ? Number(whole) + (GLYPHS[glyph ?? ''] ?? 0)
          : loneGlyph !== undefined
            ? (GLYPHS[loneGlyph] ?? 0)
            : Number((decimal ?? '').replace(',', '.'));
  return { value, rest: text.slice(all.length).trimStart() };
}

const BY_WRITING = Object.values(UNITS)
  .flatMap((u: Unit) => u.written.map((written) => ({ written, unit: u })))
  .sort((a, b) => b.written.length - a.written.length);

function readUnit(text: string, dimension: Dimension): { unit: Unit; rest: string } | 'other' | undefined {
  const fits = ({ written }: { written: string }): boolean =>
    text.startsWith(written) && !/^[a-z]/.test(text.slice(written.length));
  const mine = BY_WRITING.find((w) => w.unit.dimension === dimension && fits(w));
  if (mine) return { unit: mine.unit, rest: text.slice(mine.written.length).trimStart() };
  return BY_WRITING.some(fits) ? 'other' : undefined;
}

function gasMark(text: string, lexicon: Lexicon): Parsed | undefined {
  const found = lexicon.gasMark.exec(text);
  if (!found) return undefined;
  const mark = readNumber(found[1] ?? '');
  const row = mark && mark.rest === '' ? GAS_MARKS.find(([m]) => m === mark.value) : undefined;
  return row
    ? { ok: true, si: row[1], bare: false }
    : { ok: false, says: say('typed.noGasMark', { mark: found[1] ?? '' }) };
}

/**
 * Reads a quantity as people type it: "2 lb 3 oz", "1½ in", "1,2 kg", "gas 3". A bare number is in the unit shown by
 * `choice` (kg or lb, ml or cups, mm or inches, °C or °F). Empty text gives NaN, an empty field.
 */
export function parseQuantity(
  text: string,
  dimension: Dimension,
  choice: UnitChoice,
  lexicon: Lexicon = ENGLISH,
): Parsed {
  let rest = text
    .trim()
    .toLowerCase()
    .replaceAll('.', (dot, at: number, all: string) => (/\d/.test(all[at + 1] ?? '') ? dot : ''));
  if (rest === '') return { ok: true, si: Number.NaN, bare: true };
  const notUnderstood: Parsed = {
    ok: false,
    says: say(`typed.notUnderstood.${dimension}`, { text: text.trim() }),
  };
  if (dimension === 'temperature') {
    const mark = gasMark(rest, lexicon);
    if (mark) return mark;
  }
  let negative = false;
  if (/^[-−]/.test(rest)) {
    negative = true;
    rest = rest.slice(1).trimStart();
  }
  let si = 0;
  let last: Unit | undefined;
  let bare = false;
  for (let part = 0; rest !== ''; part++) {
    const number = readNumber(rest);
    if (!number || !Number.isFinite(number.value) || bare) return notUnderstood;
    const unit = readUnit(number.rest, dimension);
    if (unit === 'other') return notUnderstood;
    if (!unit && number.rest !== '') return notUnderstood;
    const additive = dimension !== 'temperature' && dimension !== 'temperatureStep';
    if (part > 0 && (!additive || !unit || (last && unit.unit.scale >= last.scale))) return notUnderstood;
    bare = unit === undefined;
    const used = unit?.unit ?? displayUnit(dimension, choice);
    si += fromUnit(number.value * (negative ? -1 : 1), used);
    last = used;
    rest = (unit?.rest ?? '').replace(/^(?:and|,|\+)\s*/, '');
  }
  return { ok: true, si, bare };
}

/** The start of a line of text: SI of a dimension, or a bare number. */
export interface LeadingQuantity {
  readonly dimension: 'mass' | 'volume' | undefined;
  /** kg or l; NaN for a bare number. */
  readonly si: number;
  /** The bare number; undefined if a unit follows. */
  readonly count: number | undefined;
}

/**
 * The amount at the start of an ingredient line, e.g. "1½ lb", "2 to 3 tbsp", "400g", "4". The middle of a range; the
 * product of "2 x 400 g". Undefined if the line does not start with a number.
 */
export function leadingQuantity(line: string, lexicon: Lexicon = ENGLISH): LeadingQuantity | undefined {
  let text = line.trim().toLowerCase();
  for (const [pattern, digits] of lexicon.spoken) text = text.replace(pattern, digits);
  const first = readNumber(text);
  if (!first || !Number.isFinite(first.value)) return undefined;
  let { value, rest } = first;
  const times = /^[x×]\s*/.exec(rest);
  const range = lexicon.toAnother.exec(rest);
  const second = (times ?? range) ? readNumber(rest.slice((times ?? range)?.[0].length)) : undefined;
  if (second) {
    value = times ? value * second.value : (value + second.value) / 2;
    rest = second.rest;
  }
  // "lb." and "tbsp." may have a full stop.
  const bare = rest.replace(/^([a-z ]+)\./, '$1 ');
  for (const dimension of ['mass', 'volume'] as const) {
    const found = readUnit(bare, dimension);
    if (found !== undefined && found !== 'other') {
      // A second, smaller unit may follow: "2 lb 3 oz".
      const more = readNumber(found.rest);
      const smaller = more ? readUnit(more.rest, dimension) : undefined;
      const added =
        more && smaller !== undefined && smaller !== 'other' && smaller.unit.scale < found.unit.scale
          ? fromUnit(more.value, smaller.unit)
          : 0;
      return { dimension, si: fromUnit(value, found.unit) + added, count: undefined };
    }
  }
  return { dimension: undefined, si: Number.NaN, count: value };
}
