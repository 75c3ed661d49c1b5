// @vitest-environment jsdom
import { act, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import { Sheet } from './controls/Sheet';
import { shown } from '@/testing/screen';

function Two() {
  const [open, setOpen] = useState<'first' | 'second'>();
  const close = (): void => {
    setOpen(undefined);
  };
  return (
    <>
      <button
        onClick={() => {
          setOpen('first');
        }}
      >
        open
      </button>
      <Sheet title="First" isOpen={open === 'first'} onClose={close}>
        <button
          onClick={() => {
            setOpen('second');
          }}
        >
          on
        </button>
      </Sheet>
      <Sheet title="Second" isOpen={open === 'second'} onClose={close}>
        text
      </Sheet>
    </>
  );
}

const heading = (name: string): HTMLElement | null => screen.queryByRole('heading', { name });
const settled = (): Promise<void> =>
  act(async () => {
    await new Promise((resolve) => setTimeout(resolve, 30));
  });

describe('Back with a sheet open', () => {
  beforeEach(() => {
    window.history.pushState(null, '', '/before');
    window.history.pushState(null, '', '/here');
  });

  it('closes the sheet first and leaves the page the next time', async () => {
    const { hand } = shown(<Two />);
    await hand.click(screen.getByText('open'));
    expect(heading('First')).toBeTruthy();
    window.history.back();
    await waitFor(() => {
      expect(heading('First')).toBeNull();
    });
    expect(window.location.pathname).toBe('/here');
    window.history.back();
    await waitFor(() => {
      expect(window.location.pathname).toBe('/before');
    });
  });

  it('is one step again once the sheet is closed by hand', async () => {
    const { hand } = shown(<Two />);
    await hand.click(screen.getByText('open'));
    await hand.click(screen.getByRole('button', { name: 'Close' }));
    await settled();
    expect(window.location.pathname).toBe('/here');
    window.history.back();
    await waitFor(() => {
      expect(window.location.pathname).toBe('/before');
    });
  });

  it('closes the one sheet that took the place of another', async () => {
    const { hand } = shown(<Two />);
    await hand.click(screen.getByText('open'));
    await hand.click(screen.getByText('on'));
    await settled();
    expect(heading('Second')).toBeTruthy();
    window.history.back();
    await waitFor(() => {
      expect(heading('Second')).toBeNull();
    });
    expect(window.location.pathname).toBe('/here');
  });
});
