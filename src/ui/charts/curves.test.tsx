// @vitest-environment jsdom
import { screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { singleStageSchedule } from '@/core/choices';
import { HeatChart } from './curves';
import { composePlan } from '@/core/plan';
import { type UnitChoice } from '@/core/quantity';
import { OXTAIL_PLAN } from '@/testing/fixtures';
import { shown, US } from '@/testing/screen';

vi.mock('@/ui/charts/Chart', () => import('@/testing/chart'));
vi.mock('./Chart', () => import('@/testing/chart'));

interface Drawn {
  readonly yAxis: { readonly min: number; readonly max: number };
  readonly series: readonly { readonly data: readonly (readonly [number, number])[] }[];
}

/** Data of the chart for a pot with this much liquid in a hot oven. */
function drawn(level: number, units?: UnitChoice): Drawn {
  const made = composePlan(
    {
      ...OXTAIL_PLAN,
      course: singleStageSchedule({ kind: 'oven', tempC: 200, fan: true }, 'heavy'),
      liquid: { ...OXTAIL_PLAN.liquid, parts: [], level },
    },
    0,
  );
  if (!made.ok) throw new Error('no plan');
  const { unmount } = shown(
    <HeatChart course={made.plan.course} startMs={made.plan.day.intoPotMs} />,
    units ? { units } : {},
  );
  const option = JSON.parse(screen.getByRole('img').dataset.option ?? '') as Drawn;
  unmount();
  return option;
}

const hottest = ({ series }: Drawn): number => Math.max(...series.flatMap((s) => s.data.map(([, temp]) => temp)));

describe('the course of the heat', () => {
  it('has room for all of it, in a pot that runs dry too, in either unit', () => {
    for (const units of [undefined, US]) {
      const dry = drawn(0.3, units);
      expect(hottest(dry)).toBeGreaterThan(units ? 240 : 115);
      expect(dry.yAxis.max).toBeGreaterThanOrEqual(hottest(dry));
    }
  });
});
