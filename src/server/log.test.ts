import { describe, expect, it, vi } from 'vitest';
import { withErrorHandling, REQUEST_ID } from './withErrorHandling';
import { log } from './log';
import { errorResponse } from './http';
import { say } from '../core/message';

const request = (id?: string): Request =>
  new Request('http://127.0.0.1:4870/api/plans?secret=1', {
    method: 'POST',
    ...(id === undefined ? {} : { headers: { [REQUEST_ID]: id } }),
  });

describe('a route that answers', () => {
  it('gives what its handler gives, and logs with the id of its request', async () => {
    const bindings: unknown[] = [];
    const route = withErrorHandling((_: Request, name: string) => {
      bindings.push(log().bindings().requestId);
      return Promise.resolve(errorResponse(404, say('begin.called', { cut: name, liquid: 'stout' })));
    });
    const response = await route(request('r1'), 'stew');
    expect(response.status).toBe(404);
    expect(await response.json()).toEqual({ says: say('begin.called', { cut: 'stew', liquid: 'stout' }) });
    await route(request(), 'stew');
    expect(bindings[0]).toBe('r1');
    expect(bindings[1]).toMatch(/^[\da-f-]{36}$/);
    expect(log().bindings().requestId).toBeUndefined();
  });

  it('says it was our fault where the handler fails, with the id that is in the log', async () => {
    const error = vi.fn();
    const route = withErrorHandling(() => {
      vi.spyOn(log(), 'error').mockImplementation(error);
      return Promise.reject(new Error('disk full'));
    });
    const response = await route(request('r2'));
    expect(response.status).toBe(500);
    expect(await response.json()).toEqual({ says: say('http.ours', { id: 'r2' }) });
    expect(error).toHaveBeenCalledExactlyOnceWith(
      { method: 'POST', path: '/api/plans', err: new Error('disk full') },
      'request failed',
    );
  });

  it('is quiet unless asked', () => {
    expect(log().level).toBe('warn');
  });
});
