'use client';

import { createContext, type ReactNode, useContext } from 'react';
import { type Theme } from './themeChoice';

const Scope = createContext<Theme | undefined>(undefined);

/** Gives a part of the page a theme of its own, dialogs and lists opened from it included. */
export function ThemeScope({ theme, children }: { theme: Theme | undefined; children: ReactNode }) {
  return <Scope value={theme}>{children}</Scope>;
}

/** The theme of the part of the page this is in; undefined where the whole page's holds. */
export function useThemeScope(): Theme | undefined {
  return useContext(Scope);
}
