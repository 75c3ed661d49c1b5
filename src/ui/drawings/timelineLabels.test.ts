import { describe, expect, it } from 'vitest';
import { centredWithin, fitting, labelPositions, textWidth, withoutCollisions } from './timelineLabels';
import { WORDS } from '@/testing/words';
import { storedMessage } from '@/core/message';
import { MINUTE_MS } from '@/core/quantity';

const span = (code: string, kind: 'hands' | 'heat', minutes: number) => ({
  id: 'x',
  label: storedMessage({ code }),
  kind,
  fromMs: 0,
  toMs: minutes * MINUTE_MS,
});

describe('labels on the line', () => {
  it('give way to more important ones they would run into', () => {
    const kept = withoutCollisions(
      [
        { x: 100, text: 'twists 18:20' },
        { x: 120, text: 'fork test' },
        { x: 300, text: 'turn' },
      ],
      14,
    );
    expect(kept.map((l) => l.text)).toEqual(['twists 18:20', 'turn']);
  });

  it('stay within the drawing at both ends', () => {
    const half = textWidth('coriander leaves', 14) / 2;
    expect(centredWithin(1235, 'coriander leaves', 14, 1240)).toBe(1240 - half);
    expect(centredWithin(3, 'oven on', 14, 1240)).toBe(textWidth('oven on', 14) / 2);
    expect(centredWithin(600, 'turn', 14, 1240)).toBe(600);
  });

  it('say as much as their band has room for', () => {
    expect(fitting(WORDS, span('span.finishCold', 'hands', 38), 400)).toMatch(/.+ · 38 min$/);
    expect(fitting(WORDS, span('span.finishCold', 'hands', 38), 150)).toBe(WORDS.text('span.finishCold'));
    expect(fitting(WORDS, span('span.finishCold', 'hands', 38), 80)).toBe(WORDS.text('span.finishCold.short'));
    expect(fitting(WORDS, span('span.braise.still', 'heat', 200), 20)).toBe('');
  });

  it('are said again along a band wider than the screen, from near by only', () => {
    expect(labelPositions(3000, 620, true)).toHaveLength(4);
    expect(labelPositions(3000, 620, false)).toEqual([0]);
    expect(labelPositions(50, 620, true)).toEqual([0]);
  });
});
