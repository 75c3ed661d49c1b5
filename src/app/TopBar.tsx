'use client';

import { Moon, Sun } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { Button } from 'react-aria-components';
import styled from 'styled-components';
import { DISPLAY } from '@/ui/theme';
import { type Theme, THEME_COOKIE } from '@/ui/themeChoice';
import { SettingsMenu } from './SettingsMenu';
import { useWords } from '@/ui/KitchenContext';

const Bar = styled.header`
  background-color: #17363c;
  background-image:
    radial-gradient(circle at 18% 30%, rgb(252 252 248 / 30%) 0.7px, transparent 1px),
    radial-gradient(circle at 62% 74%, rgb(252 252 248 / 22%) 0.6px, transparent 1px),
    radial-gradient(circle at 84% 18%, rgb(252 252 248 / 18%) 0.9px, transparent 1.2px);
  background-size:
    47px 41px,
    61px 53px,
    83px 71px;
  color: #fcfcf8;
  --ring: var(--glow);
  @media print {
    display: none;
  }
  [data-theme='dark'] & {
    background-color: #0a1a1f;
  }
  > div {
    max-width: 1320px;
    margin: 0 auto;
    padding: 0 16px;
    min-height: 56px;
    display: flex;
    align-items: stretch;
    gap: 26px;
  }
  @media (max-width: 560px) {
    > div {
      gap: 6px;
      padding: 0 10px;
    }
  }
  @media (max-width: 380px) {
    > div {
      gap: 4px;
      padding: 0 8px;
    }
  }
`;

const Brand = styled(Link)`
  display: flex;
  align-items: center;
  gap: 10px;
  font-family: ${DISPLAY};
  font-weight: 750;
  font-size: 1.3125rem;
  text-decoration: none;
  white-space: nowrap;
  @media (max-width: 560px) {
    span {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
  }
`;

const Nav = styled.nav`
  display: flex;
  gap: 4px;
  flex: 1;
  a {
    display: flex;
    align-items: center;
    padding: 4px 12px 0;
    text-decoration: none;
    font-weight: 600;
    border-bottom: 4px solid transparent;
  }
  a[aria-current='page'] {
    border-bottom-color: var(--glow);
  }
  a:hover {
    background: rgb(252 252 248 / 8%);
  }
  @media (max-width: 560px) {
    gap: 0;
    justify-content: space-evenly;
    a {
      padding: 4px 6px 0;
    }
  }
  @media (max-width: 380px) {
    a {
      padding: 4px 3px 0;
      font-size: 0.9375rem;
    }
  }
`;

const ThemeButton = styled(Button)`
  align-self: center;
  width: 44px;
  height: 44px;
  border: 0;
  background: none;
  color: inherit;
  border-radius: 10px;
  display: grid;
  place-items: center;
  cursor: pointer;
  &:hover {
    background: rgb(252 252 248 / 12%);
  }
`;

const PLACES = [
  { href: '/', id: 'home' },
  { href: '/plan', id: 'plan' },
  { href: '/log', id: 'log' },
  { href: '/kitchen', id: 'kitchen' },
] as const;

function isHere(path: string, href: string): boolean {
  if (href === '/') return path === '/' || path.startsWith('/braise');
  return path.startsWith(href);
}

function nextTheme(current: Theme | undefined): Theme {
  const dark = current === undefined ? window.matchMedia('(prefers-color-scheme: dark)').matches : current === 'dark';
  return dark ? 'light' : 'dark';
}

export function TopBar({ theme }: { theme: Theme | undefined }) {
  const w = useWords();
  const path = usePathname();
  const [shown, setShown] = useState(theme);
  const toggle = (): void => {
    const next = nextTheme(shown);
    setShown(next);
    document.documentElement.dataset.theme = next;
    document.cookie = `${THEME_COOKIE}=${next}; path=/; max-age=31536000; samesite=lax`;
  };
  return (
    <Bar>
      <div>
        <Brand href="/">
          <svg viewBox="0 0 32 32" width="30" height="30" aria-hidden>
            <path d="M5 15h22v2a9 9 0 0 1-9 9h-4a9 9 0 0 1-9-9z M3 13.5h26v2.5H3z" fill="#fcfcf8" />
            <path
              d="M12 10c-1.5-2 1.5-3 0-5.5M18 10c-1.5-2 1.5-3 0-5.5"
              stroke="#f7a52b"
              strokeWidth="2"
              fill="none"
              strokeLinecap="round"
            />
          </svg>
          <span>Even Ember</span>
        </Brand>
        <Nav aria-label={w.text('topBar.main')}>
          {PLACES.map((p) => (
            <Link key={p.href} href={p.href} aria-current={isHere(path, p.href) ? 'page' : undefined}>
              {w.text(`topBar.${p.id}`)}
            </Link>
          ))}
        </Nav>
        <SettingsMenu />
        <ThemeButton
          onPress={toggle}
          aria-label={shown === 'dark' ? w.text('topBar.daylightColours') : w.text('topBar.nightKitchenColours')}
        >
          {shown === 'dark' ? <Sun size={20} aria-hidden /> : <Moon size={20} aria-hidden />}
        </ThemeButton>
      </div>
    </Bar>
  );
}
