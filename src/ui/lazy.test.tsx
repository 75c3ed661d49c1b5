// @vitest-environment jsdom
import { act, screen } from '@testing-library/react';
import { type ReactNode, useLayoutEffect } from 'react';
import { createRoot, hydrateRoot } from 'react-dom/client';
import { describe, expect, it, vi } from 'vitest';
import { lazyHydrated, prefetchLazy, lazyOnIdle, Unboxed } from './lazy';
import { shown } from '@/testing/screen';

vi.mock('next/navigation', () => import('@/testing/navigation'));

const Says = ({ text }: { readonly text: string }) => <button>{text}</button>;

/** A script that arrives when the test lets it. */
function script() {
  let let_ = (): void => undefined;
  let fail = (): void => undefined;
  const load = vi.fn(
    () =>
      new Promise<typeof Says>((resolve, reject) => {
        let_ = () => {
          resolve(Says);
        };
        fail = () => {
          reject(new Error('No line.'));
        };
      }),
  );
  return {
    load,
    letIt: () => {
      let_();
    },
    comes: () =>
      act(async () => {
        let_();
        await Promise.resolve();
      }),
    fails: () =>
      act(async () => {
        fail();
        await Promise.resolve();
      }),
  };
}

describe('a late part', () => {
  it('is nothing until its script has come, then drawn at once', async () => {
    const { load, comes } = script();
    const Part = lazyOnIdle(load);
    const first = shown(<Part text="here" />);
    expect(screen.queryByText('here')).toBeNull();
    await comes();
    expect(screen.getByText('here')).toBeTruthy();
    first.unmount();
    shown(<Part text="again" />);
    expect(screen.getByText('again')).toBeTruthy();
    expect(load).toHaveBeenCalledOnce();
  });

  it('is fetched when there is time, and asked for again where that failed', async () => {
    const { load, comes, fails } = script();
    const Part = lazyOnIdle(load);
    const fetched = prefetchLazy();
    await fails();
    await fetched;
    shown(<Part text="after all" />);
    expect(load).toHaveBeenCalledTimes(2);
    await comes();
    expect(screen.getByText('after all')).toBeTruthy();
  });
});

describe('a late part whose script comes while it is being drawn', () => {
  /** Rendered as in a browser, where the script may arrive between render and effects. */
  async function drawnAsItComes(Part: (props: { readonly text: string }) => ReactNode, comes: () => void) {
    const Comes = () => {
      useLayoutEffect(comes);
      return null;
    };
    const page = document.createElement('div');
    document.body.append(page);
    const root = createRoot(page);
    vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', false);
    root.render(
      <>
        <Comes />
        <Part text="here" />
      </>,
    );
    await vi.waitFor(() => {
      expect(page.textContent).toBe('here');
    });
    root.unmount();
    vi.unstubAllGlobals();
    page.remove();
  }

  it('is drawn all the same', async () => {
    const { load, letIt } = script();
    const Part = lazyOnIdle(load);
    const fetched = prefetchLazy();
    await drawnAsItComes(Part, letIt);
    await fetched;
  });

  it('is drawn all the same in a box', async () => {
    const { load, letIt } = script();
    const Part = lazyHydrated(load);
    const fetched = prefetchLazy();
    await drawnAsItComes((props) => <Part box={Unboxed} {...props} />, letIt);
    await fetched;
  });
});

describe('a part drawn on the server', () => {
  it('stands as it was drawn until it can answer, and keeps the focus', async () => {
    const { load, comes } = script();
    const page = document.createElement('div');
    document.body.append(page);
    page.innerHTML = '<div data-drawn="" class=""><button>first</button><button>drawn</button></div>';
    const Two = ({ text }: { readonly text: string }) => (
      <>
        <button>first</button>
        <button>{text}</button>
      </>
    );
    const Both = lazyHydrated(() => load().then(() => Two));
    await act(async () => {
      hydrateRoot(page, <Both text="answers" box={Unboxed} />, { onRecoverableError: () => undefined });
      await Promise.resolve();
    });
    expect(screen.getByText('drawn')).toBeTruthy();
    screen.getByText('drawn').focus();
    await comes();
    expect(document.activeElement?.textContent).toBe('answers');
    page.remove();
  });
});
