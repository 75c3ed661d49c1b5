import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { PotSection } from './PotSection';
import { type LidKind, LIDS } from '@/core/larder';
import { HEAT_MODES, heatOf, heatSays, MODES, mainStage } from '@/core/choices';
import { composePlan } from '@/core/plan';
import { OXTAIL_PLAN } from '@/testing/fixtures';
import { english, WORDS } from '@/testing/words';

const made = composePlan(OXTAIL_PLAN, 0);
if (!made.ok) throw new Error(english(made.faults[0]?.says));
const { plan } = made;
type Section = Parameters<typeof PotSection>[0];

const section = (part: Partial<Section> = {}): string =>
  renderToStaticMarkup(
    <PotSection
      pot={plan.pot}
      liquidL={plan.liquidL}
      evaporationMlPerHour={90}
      heat={mainStage(plan.input).heat}
      lid={mainStage(plan.input).lid}
      {...part}
    />,
  );
const says = (markup: string): string => /aria-label="([^"]*)"/.exec(markup)?.[1] ?? '';

describe('the pot under its lid', () => {
  const lids = Object.keys(LIDS) as LidKind[];

  it.each(lids)('%s is named, and drawn without a hole in the numbers', (lid) => {
    const markup = section({ lid });
    expect(says(markup)).toContain(WORDS.name('lid', lid));
    expect(markup).not.toMatch(/NaN|undefined|Infinity/);
  });

  it('looks otherwise under every kind that covers it otherwise', () => {
    const drawn = ['none', 'ajar', 'foil', 'tightFoil', 'cartouche', 'light', 'heavy'] as const;
    const bodies = drawn.map((lid) => section({ lid }).replace(/aria-label="[^"]*"/, ''));
    expect(new Set(bodies).size).toBe(drawn.length);
  });
});

describe('the pot on its heat', () => {
  it.each(HEAT_MODES)('%s is said, with flames only on a burner', (mode) => {
    const heat = heatOf(mode, MODES[mode].usualC);
    const markup = section({ heat });
    expect(says(markup)).toContain(english(heatSays(heat)));
    expect(markup.includes('fill="var(--ember)"')).toBe(mode === 'simmer');
  });
});

describe('the pot while it cooks', () => {
  const live = (coreC: number, levelMm = 20): string =>
    section({ live: { levelMm, litres: 0.71, coreC, meanC: coreC - 2 } });

  it('says where things stand by the estimate, not where they were to stand', () => {
    expect(says(live(88))).toContain('Liquid now 20 mm deep, 710 ml;');
    expect(says(live(88))).toContain('Middle of the meat about 88 °C.');
    expect(says(live(88))).not.toContain(WORDS.text('potSection.atHalfTime'));
    expect(says(section())).toContain(WORDS.text('potSection.atHalfTime'));
  });

  it('pales as it cooks through, and no further', () => {
    expect(live(20)).not.toBe(live(60));
    const without = (c: number): string => live(c).replaceAll(`${String(c)} °C`, '');
    expect(without(95)).toBe(without(99));
  });

  it('can stand dry, or full to the rim', () => {
    for (const levelMm of [0, plan.pot.heightMm]) expect(live(90, levelMm)).not.toMatch(/NaN|-Infinity/);
  });
});
