// @vitest-environment jsdom
import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { HoldWays } from './HoldWays';
import { DecisionPanel } from '../DecisionPanel';
import { DayTasks } from '../DayTasks';
import { DECISIONS, type Decision } from '../decisions';
import { sentences } from '../decisionSummaries';
import { FORMS } from '../forms';
import { Verdict } from '../Verdict';
import { type PlanInput, singleStageSchedule } from '@/core/choices';
import { BRAISE_STYLES, withStyle } from '@/core/styles';
import { composePlan, endsDry, type Plan, startPlan } from '@/core/plan';
import { METRIC, type UnitChoice, HOUR_MS, MINUTE_MS } from '@/core/quantity';
import { SALTMARSH_ROW } from '@/engine/demo/kitchen';
import { NOON_MS, OXTAIL_PLAN, TEST_KITCHEN } from '@/testing/fixtures';
import { BROKEN, metricAmounts, shown, US } from '@/testing/screen';
import { english, WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';
import { say } from '@/core/message';

vi.mock('@/ui/charts/Chart', () => import('@/testing/chart'));

function plan(input: PlanInput): Plan {
  const made = composePlan(input, 48);
  if (!made.ok) throw new Error(english(made.faults[0]?.says));
  return made.plan;
}

const SHANKS = startPlan(TEST_KITCHEN, {
  title: 'Lamb shanks',
  cutId: 'lamb_shank',
  eaters: 4,
  serveAtMs: NOON_MS + 34 * HOUR_MS,
});
const PLANS: readonly (readonly [string, Plan])[] = [
  ['oxtail', plan(OXTAIL_PLAN)],
  [
    'shanks cooked ahead on the stove, beside mash and greens, in flour, somebody without gluten',
    plan({
      ...SHANKS,
      course: singleStageSchedule({ kind: 'simmer', tempC: 95 }, 'heavy'),
      avoid: ['gluten'],
      season: { ...SHANKS.season, when: 'flour', spices: [{ id: 'paprika', grams: 6, when: 'fat' }] },
      base: { ...SHANKS.base, thicken: 'roux', onion: 'deep' },
      liquid: { ...SHANKS.liquid, parts: [{ id: 'whiteWine', litres: 0.4, when: 'start' }], reduce: 'half' },
      day: { ...SHANKS.day, sides: ['mash', 'greens'], ahead: { fridgeByMs: NOON_MS + 9 * HOUR_MS } },
    }),
  ],
];

const FORM = {
  faults: [],
  keepHabit: vi.fn(),
  keepKind: vi.fn(),
  keepOwn: vi.fn(),
  dropKind: vi.fn(),
  keepThing: vi.fn(),
  onBack: vi.fn(),
};

function panel(decision: Decision, p: Plan, units: UnitChoice, change = vi.fn()) {
  return shown(
    <DecisionPanel
      decision={decision}
      kitchen={SALTMARSH_ROW}
      input={p.input}
      plan={p}
      timeZone="UTC"
      change={change}
      {...FORM}
    />,
    { units },
  );
}

describe('a pot planned to go dry', () => {
  const wet = plan(OXTAIL_PLAN);
  const dry = plan({
    ...OXTAIL_PLAN,
    course: singleStageSchedule({ kind: 'oven', tempC: 200, fan: true }, 'heavy'),
    liquid: { ...OXTAIL_PLAN.liquid, parts: [], level: 0.3 },
  });

  it.each(['liquid', 'finish'] as const)('%s: no figure is said per litre of a sauce it has not', (decision) => {
    expect(endsDry(dry)).toBe(true);
    expect(endsDry(wet)).toBe(false);
    const perLitre = /\d ?g\/l/;
    const of = (p: Plan): string => {
      const shownPanel = panel(decision, p, METRIC);
      const said = shownPanel.container.textContent;
      shownPanel.unmount();
      return said;
    };
    expect(of(wet)).toMatch(perLitre);
    expect(of(dry)).not.toMatch(perLitre);
  });
});

describe.each(PLANS)('the middle of the plan screen, %s', (_, p) => {
  it.each(DECISIONS)('%s: every figure is one, and every amount in the cook’s own units', (decision) => {
    const metric = panel(decision, p, METRIC);
    const said = metric.container.textContent;
    expect(said.length).toBeGreaterThan(60);
    expect(said).not.toMatch(BROKEN);
    expect(metric.container.innerHTML).not.toMatch(/NaN/);
    metric.unmount();
    const us = panel(decision, p, US).container;
    expect(metricAmounts(us.textContent)).toEqual([]);
    for (const drawing of us.querySelectorAll('[role="img"]')) {
      expect(metricAmounts(drawing.getAttribute('aria-label') ?? '')).toEqual([]);
    }
  });

  it.each(DECISIONS)('%s: the form beside it too', (decision) => {
    const Form = FORMS[decision];
    const { container } = shown(
      <Form
        box={'section' as never}
        kitchen={SALTMARSH_ROW}
        input={p.input}
        plan={p}
        timeZone="UTC"
        change={vi.fn()}
        {...FORM}
      />,
      { units: US },
    );
    expect(container.textContent).not.toMatch(BROKEN);
    expect(metricAmounts(container.textContent)).toEqual([]);
  });

  it('the verdict: when, how sure, why, and what to watch', async () => {
    const verdict = (units: UnitChoice) =>
      shown(
        <Verdict
          plan={p}
          nowMs={NOON_MS}
          faults={[]}
          minded={[]}
          alternatives={[]}
          fitFixes={[]}
          scheduleFixes={[]}
          onTake={vi.fn()}
        >
          {null}
        </Verdict>,
        { units },
      );
    const metric = verdict(METRIC);
    expect(metric.container.textContent).not.toMatch(BROKEN);
    expect(metric.container.textContent).toMatch(saying('measure.eveningsInTen'));
    await metric.hand.click(screen.getByRole('button', { name: 'Why this time?' }));
    const why = await screen.findByRole('dialog');
    for (const reason of p.reasons) expect(why.textContent).toContain(WORDS.say(reason));
    metric.unmount();
    expect(metricAmounts(verdict(US).container.textContent)).toEqual([]);
  });
});

describe('kept warm', () => {
  it('stands in the drawing where its row says it comes to', () => {
    const { container } = shown(<HoldWays plan={plan({ ...OXTAIL_PLAN, serveAtMs: OXTAIL_PLAN.serveAtMs })} />);
    const forks = screen.getByRole('list', { name: 'Fork scale' });
    const said = [...forks.children].map((fork) => fork.textContent);
    for (const way of ['lid on', 'in towels', 'low oven', WORDS.text('hold.flame.short')]) {
      expect(said.filter((text) => text.includes(way))).toHaveLength(1);
    }
    const far = container.querySelectorAll('li small');
    const tooFar = [...far].filter((row) => row.textContent.includes('past what was wanted')).length;
    const end = forks.lastElementChild?.textContent ?? '';
    expect(
      ['lid on', 'in towels', 'low oven', WORDS.text('hold.flame.short')].filter((way) => end.includes(way)),
    ).toHaveLength(tooFar);
    expect(forks.querySelector('[aria-current=step]')?.textContent).toContain('off the heat');
  });
});

describe('one time for one thing', () => {
  const kind = BRAISE_STYLES.find((k) => k.id === 'ale-prune');
  const prunes = plan(kind ? withStyle(OXTAIL_PLAN, kind) : OXTAIL_PLAN);
  const { day, base } = prunes;

  it('what goes in late: base, ember line, bench sheet', () => {
    expect(base.late.length).toBeGreaterThan(0);
    const said = panel('base', prunes, METRIC).container.textContent;
    for (const step of base.late) {
      const mark = day.marks.find((m) => m.id === `add-${step.title.code}`);
      expect(mark?.atMs).toBe(day.ready.p50Ms - step.minutes * MINUTE_MS);
      expect(said).toContain(WORDS.clock(mark?.atMs ?? Number.NaN));
    }
  });

  it('the braise: its row of the day, its decision, the chart in words', () => {
    const minutes = WORDS.quantity((day.ready.p50Ms - day.intoPotMs) / MINUTE_MS, 'minutes');
    const row = shown(<DayTasks plan={prunes} input={prunes.input} change={vi.fn()} />).container.textContent;
    expect(row).toMatch(new RegExp(`braise in the oven${minutes}`));
    expect(sentences(prunes.input, prunes, WORDS, NOON_MS).heat.figure).toBe(minutes);
    const chart = panel('serve', prunes, METRIC).container.querySelector('[role="img"][aria-label*="fork test"]');
    expect(chart?.getAttribute('aria-label')).toContain(WORDS.clock(day.ready.p50Ms));
  });
});

describe('the course of heat', () => {
  it('is drawn in the degrees the cook reads', () => {
    const [, oxtail] = PLANS[0] as (typeof PLANS)[number];
    const axis = (units: UnitChoice): { max: number; top: number } => {
      const { container, unmount } = panel('heat', oxtail, units);
      const drawn = container.querySelector('[data-option]')?.getAttribute('data-option') ?? '{}';
      unmount();
      const option = JSON.parse(drawn) as { yAxis: { max: number }; series: { data: [number, number][] }[] };
      return { max: option.yAxis.max, top: Math.max(...(option.series[0]?.data.map(([, t]) => t) ?? [])) };
    };
    const c = axis(METRIC);
    const f = axis(US);
    expect(c.top).toBeLessThanOrEqual(c.max);
    expect(f.top).toBeLessThanOrEqual(f.max);
    expect(f.top).toBeCloseTo(c.top * 1.8 + 32, 0);
  });
});

describe('the day, task by task', () => {
  it('says likely minutes, hands and place of each, and fixes one at the press of a button', async () => {
    const [, oxtail] = PLANS[0] as (typeof PLANS)[number];
    const change = vi.fn<(part: Partial<PlanInput>) => void>();
    const { hand, container } = shown(<DayTasks plan={oxtail} input={oxtail.input} change={change} />);
    expect(container.textContent).toMatch(/\d+ to \d+ min/);
    expect(container.textContent).toMatch(saying('reserve.kept'));
    const meat = oxtail.day.tasks.find((t) => t.id === 'meat');
    await hand.click(
      screen.getByRole('button', { name: saying('servePanel.fixAt', { label: english(say('task.meat')) }) }),
    );
    expect(change).toHaveBeenCalledExactlyOnceWith({
      day: { ...oxtail.input.day, fixed: [{ task: 'meat', startMs: meat?.fromMs }] },
    });
  });

  it('says why nothing is drawn while no plan can be made', () => {
    const { container } = shown(
      <DecisionPanel
        decision="serve"
        kitchen={SALTMARSH_ROW}
        input={OXTAIL_PLAN}
        plan={undefined}
        timeZone="UTC"
        change={vi.fn()}
        {...FORM}
      />,
    );
    expect(container.textContent).toMatch(saying('decisionPanel.theDrawingComesWithThe'));
  });
});

describe('the level drawn in the pot', () => {
  it('is moved by the arrow keys and by a drag, and never off the scale', () => {
    const [, oxtail] = PLANS[0] as (typeof PLANS)[number];
    const change = vi.fn<(part: Partial<PlanInput>) => void>();
    panel('liquid', oxtail, METRIC, change);
    const handle = screen.getByRole('slider', { name: /as a share/i });
    fireEvent.keyDown(handle, { key: 'ArrowUp' });
    const up = change.mock.lastCall?.[0].liquid?.level ?? Number.NaN;
    expect(up).toBeGreaterThan(oxtail.input.liquid.level);
    fireEvent.keyDown(handle, { key: 'ArrowDown' });
    expect(change.mock.lastCall?.[0].liquid?.level).toBeLessThan(up);
    fireEvent.keyDown(handle, { key: 'x' });
    expect(change).toHaveBeenCalledTimes(2);
  });
});
