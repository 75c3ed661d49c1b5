// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { reloadForBuild } from './newerBuild';

beforeEach(() => {
  sessionStorage.clear();
});

describe('a page of another build than the server', () => {
  it('opens anew, once for each build', () => {
    const reload = vi.fn();
    reloadForBuild('a', 'a', reload);
    expect(reload).not.toHaveBeenCalled();
    reloadForBuild('a', 'b', reload);
    reloadForBuild('a', 'b', reload);
    expect(reload).toHaveBeenCalledOnce();
    reloadForBuild('a', 'c', reload);
    expect(reload).toHaveBeenCalledTimes(2);
  });
});
