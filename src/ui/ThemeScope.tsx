'use client';

import { createContext, type ReactNode, useContext } from 'react';
import { type Theme } from './themeChoice';

const Scope = createContext<Theme | undefined>(undefined);

/** Gives part of the page its own theme, including dialogs and lists opened from it. */
export function ThemeScope({ theme, children }: { theme: Theme | undefined; children: ReactNode }) {
  return <Scope value={theme}>{children}</Scope>;
}

/** The theme of this part of the page; undefined where the page's own applies. */
export function useThemeScope(): Theme | undefined {
  return useContext(Scope);
}
