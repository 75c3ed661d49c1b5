export const THEME_COOKIE = 'even-ember-theme';

export const THEMES = ['light', 'dark'] as const;

export type Theme = (typeof THEMES)[number];

export function isTheme(value: string | undefined): value is Theme {
  return THEMES.some((t) => t === value);
}
