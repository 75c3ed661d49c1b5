// @vitest-environment jsdom
import { screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import ErrorPage from './error';
import { shown } from '@/testing/screen';

describe('what stands where a page could not be made', () => {
  it('is tried again at a press', async () => {
    const reset = vi.fn();
    const { hand } = shown(<ErrorPage reset={reset} />);
    await hand.click(screen.getByRole('button', { name: 'Try again' }));
    expect(reset).toHaveBeenCalledOnce();
  });

  it('says nothing but words of the reader’s language, and the command to type', () => {
    const { container } = shown(<ErrorPage reset={vi.fn()} />, { language: 'pseudo' });
    const bare = container.textContent.replace(/⟦[^⟦⟧]*⟧/gu, '');
    expect(bare.match(/\p{L}{2,}/gu)).toEqual(['start']);
  });
});
