// @vitest-environment jsdom
import { act, screen } from '@testing-library/react';
import { hydrateRoot } from 'react-dom/client';
import { describe, expect, it, vi } from 'vitest';
import { drawnLate, fetchLate, late, Unboxed } from './late';
import { shown } from '@/testing/screen';

vi.mock('next/navigation', () => import('@/testing/navigation'));

const Says = ({ text }: { readonly text: string }) => <button>{text}</button>;

/** A script that comes when it is let. */
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
    const Part = late(load);
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
    const Part = late(load);
    const fetched = fetchLate();
    await fails();
    await fetched;
    shown(<Part text="after all" />);
    expect(load).toHaveBeenCalledTimes(2);
    await comes();
    expect(screen.getByText('after all')).toBeTruthy();
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
    const Both = drawnLate(() => load().then(() => Two));
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
