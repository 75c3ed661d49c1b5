import { type FIGURES, type WORDS } from '../../words/en';

type FigureTexts = typeof FIGURES;

/** The English sentence of every code, as an ICU message. A code is whatever has one. */
export type Sentences = typeof WORDS & {
  readonly [Id in keyof FigureTexts as `figure.${Id}.${keyof FigureTexts[Id] & string}`]: string;
};

/** A code that has an English sentence. */
export type Code = keyof typeof WORDS;

/** A figure with a label, a formula and what would change it. */
export type FigureId = keyof FigureTexts;

/** Figures of one group, without its name: `FigureOf<'season'>` is `'sauce' | …`. */
export type FigureOf<Group extends string> =
  Extract<FigureId, `${Group}.${string}`> extends `${Group}.${infer Id}` ? Id : never;

/** What a figure can be computed from. */
export type InputId = Extract<Code, `input.${string}`> extends `input.${infer Id}` ? Id : never;

/** A quantity written into the sentence itself: {C_74}, {l_0_25}. Not a parameter. */
type Written = `${'kg' | 'l' | 'mm' | 'C' | 'K' | 'gL'}_${number}${'' | `_${number}`}`;

/** The name of an argument as it is passed: `{Liquid}` is `liquid` with a capital. */
type Given<Name extends string> = Name extends Written ? never : Uncapitalize<Name>;

/** Reads text up to the next argument or to the end of a plural's or select's option. */
type InText<S extends string, Found = never> = S extends `${infer Before}{${infer After}`
  ? Before extends `${string}}${string}`
    ? OptionEnd<S, Found>
    : InArgument<After, Found>
  : OptionEnd<S, Found>;

type OptionEnd<S extends string, Found> = S extends `${string}}${infer After}` ? InOptions<After, Found> : Found;

/** Reads one argument from behind its brace: `name}`, `name, number}` or `name, plural, one {…} other {…}}`. */
type InArgument<S extends string, Found> = S extends `${infer Head}}${infer After}`
  ? Head extends `${infer Name},${string}`
    ? Head extends `${string}{${string}`
      ? S extends `${Name},${infer Options}`
        ? InOptions<Options, Found | Given<Name>>
        : never
      : InText<After, Found | Given<Name>>
    : InText<After, Found | Given<Head>>
  : Found;

/** Reads between the options of a plural or select. */
type InOptions<S extends string, Found> = S extends `${infer Before}{${infer After}`
  ? Before extends `${string}}${string}`
    ? ArgumentEnd<S, Found>
    : InText<After, Found>
  : ArgumentEnd<S, Found>;

type ArgumentEnd<S extends string, Found> = S extends `${string}}${infer After}` ? InText<After, Found> : Found;

/** Names of the parameters of a code's English sentence; for several codes, those of all. */
export type ParameterOf<C extends Code> = C extends Code ? InText<(typeof WORDS)[C]> & string : never;
