import { describe, expect, it } from 'vitest';
import { isNeededOffline, presentPath } from './addresses';

describe('addresses', () => {
  it('lead from the old name of a page to the new one, with all that follows', () => {
    expect(presentPath('/cook/0b8f')).toBe('/braise/0b8f');
    expect(presentPath('/api/cooks/0b8f/events')).toBe('/api/braises/0b8f/events');
    expect(presentPath('/api/rows/cooks/0b8f')).toBe('/api/rows/braises/0b8f');
    expect(presentPath('/copies')).toBe('/backups');
  });

  it('stay as they are where nothing moved, and lose a slash at their end', () => {
    for (const path of ['/', '/plan', '/plan/new', '/cookbook', '/braise/0b8f']) expect(presentPath(path)).toBe(path);
    expect(presentPath('/plan//')).toBe('/plan');
    expect(presentPath('/cook/0b8f/')).toBe('/braise/0b8f');
    expect(presentPath('//')).toBe('/');
  });

  it('of a braise under way are needed offline, by their present name', () => {
    const id = '0f8fad5b-d9cb-469f-a165-708677289511';
    for (const path of ['/', presentPath(`/cook/${id}`), `/plan/${id}`]) expect(isNeededOffline(path)).toBe(true);
    for (const path of ['/log', '/plan/new', '/braises', `/plan/${id}/sheet`])
      expect(isNeededOffline(path)).toBe(false);
  });
});
