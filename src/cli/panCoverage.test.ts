import { describe, expect, it } from 'vitest';
import { panCoverage } from './calibrate';

describe('the pace of simulated pans', () => {
  it('holds the next face in eight of ten of two hundred, and worse where nothing is learned', () => {
    const { learned, asSaid } = panCoverage(200, 4);
    // Two standard errors around four fifths.
    expect(learned).toBeGreaterThan(0.74);
    expect(learned).toBeLessThan(0.86);
    expect(asSaid).toBeLessThan(learned - 0.05);
  });
});
