import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { Timeline } from './Timeline';
import { sideRows } from './TimelineParts';
import { ForkScale } from './ForkScale';
import { PanMap } from './PanMap';
import { PotSection } from './PotSection';
import { WaysAxis } from './WaysAxis';
import { composePlan, type Plan } from '@/core/plan';
import { type PlanInput, mainStage } from '@/core/choices';
import { DONENESS_STAGES } from '@/core/tenderness';
import { NOON_MS, OXTAIL_PLAN, heated } from '@/testing/fixtures';
import { english, WORDS } from '@/testing/words';
import { nameOf, say } from '@/core/message';
import { type DaySpan } from '@/core/schedule';
import { saying } from '@/testing/saying';
import { HOUR_MS, MINUTE_MS } from '@/core/quantity';

function plan(input: PlanInput = OXTAIL_PLAN): Plan {
  const result = composePlan(input, 64);
  if (!result.ok) throw new Error(english(result.faults[0]?.says));
  return result.plan;
}

/** The text alternative of a drawing. */
function says(markup: string): string {
  return /role="img" aria-label="([^"]*)"/.exec(markup)?.[1] ?? '';
}

/** Every number in an attribute of that name. */
function numbers(markup: string, attribute: string): number[] {
  return [...markup.matchAll(new RegExp(` ${attribute}="(-?[\\d.]+)"`, 'g'))].map((m) => Number(m[1]));
}

const oxtail = plan();
const section = (p: Plan) => (
  <PotSection
    pot={p.pot}
    liquidL={p.liquidL}
    evaporationMlPerHour={p.liquid.water.perHour.value * 1000}
    heat={mainStage(p.input).heat}
    lid={mainStage(p.input).lid}
  />
);

type LineProps = Parameters<typeof Timeline>[0];
/** How a line differs from the oxtail's. */
type LinePart = Partial<Omit<LineProps, 'day'>> & { readonly day?: Partial<LineProps['day']> };

describe('the ember line by hand', () => {
  const { day } = oxtail;
  const line = ({ day: other, ...part }: LinePart = {}): string =>
    renderToStaticMarkup(<Timeline day={{ ...day, ...other }} timeZone="UTC" zoomsAt="above" {...part} />);
  const edit = (fixed: readonly string[]) => ({
    tasks: day.tasks,
    fixed,
    onMove: () => undefined,
    onDrop: () => undefined,
    onCancel: () => undefined,
    onFree: () => undefined,
  });

  it('has a handle for the plate and for every task with hands, each saying its time', () => {
    const markup = line({ edit: edit([]) });
    const sliders = [...markup.matchAll(/role="slider"[^>]*aria-label="([^"]*)"[^>]*aria-valuetext="([^"]*)"/g)];
    const movable = day.tasks.filter((t) => t.place !== 'table' && t.handsMinutes > 0);
    expect(sliders.map(([, label]) => label)).toEqual([
      ...movable.map((t) => english(t.label)),
      WORDS.text('emberLine.platesOut'),
    ]);
    expect(sliders.every(([, , time]) => /^\d\d:\d\d$/.test(time ?? ''))).toBe(true);
    expect(line()).not.toContain('role="slider"');
    expect(markup).not.toContain('NaN');
  });

  it('says which are fixed, and marks a conflict where it is', () => {
    expect(line({ edit: edit(['meat']) })).toContain(WORDS.text('line.fixed', { task: say('task.meat') }));
    const conflict = {
      task: 'meat',
      atMs: day.intoPotMs,
      says: say('conflict.cannotBegin', { task: say('task.meat') }),
    };
    expect(line({ day: { conflicts: [conflict] } })).toMatch(saying('conflict.cannotBegin'));
    expect(line({ day: { conflicts: [conflict] } })).toContain('var(--danger)');
  });

  it('offers to look nearer only where it is asked to', () => {
    expect(line()).toContain('½ h');
    const plain = renderToStaticMarkup(<Timeline day={day} timeZone="UTC" />);
    expect(plain).not.toContain('½ h');
  });

  it('folds the night of a braise cooked ahead, and names the day before', () => {
    const ahead = plan({
      ...OXTAIL_PLAN,
      day: { ...OXTAIL_PLAN.day, ahead: { fridgeByMs: OXTAIL_PLAN.serveAtMs - 20 * HOUR_MS } },
    }).day;
    const markup = line({ day: ahead });
    expect(markup).toMatch(saying('common.foldedAway'));
    expect(markup).toMatch(/Mon \d\d:\d\d|Tue \d\d:\d\d/);
    expect(line()).not.toMatch(saying('common.foldedAway'));
  });
});

describe('ways on one axis', () => {
  const { day } = oxtail;
  const way = (id: string, earlierMs: number) => ({
    id,
    name: `Way ${id}`,
    startMs: day.startMs - earlierMs,
    intoPotMs: day.intoPotMs - earlierMs,
    ready: {
      p10Ms: day.ready.p10Ms - earlierMs,
      p50Ms: day.ready.p50Ms - earlierMs,
      p90Ms: day.ready.p90Ms - earlierMs,
    },
    goodUntilMs: day.ready.p90Ms - earlierMs + HOUR_MS,
    finishFromMs: day.serveMs - 40 * MINUTE_MS,
  });
  const axis = (...ways: readonly ReturnType<typeof way>[]): string =>
    renderToStaticMarkup(<WaysAxis ways={ways} serveMs={day.serveMs} timeZone="UTC" />);

  it('names every way and when it begins, and folds the night of one cooked the day before', () => {
    const sameDay = axis(way('a', 0), way('b', 1_800_000));
    expect(says(sameDay)).toMatch(saying('waysAxis.way', { title: 'Way a' }));
    expect(sameDay).not.toMatch(saying('common.foldedAway'));
    expect(sameDay).not.toContain('NaN');
    const dayBefore = axis(way('a', 0), way('b', 26 * HOUR_MS));
    expect(dayBefore).toMatch(saying('common.foldedAway'));
    expect(dayBefore).toContain('Mon ');
  });

  it('keeps every bar and label within the drawing', () => {
    const markup = axis(way('a', 0), way('b', 26 * HOUR_MS));
    for (const x of numbers(markup, 'x')) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(1000);
    }
  });
});

describe('the pot section', () => {
  const markup = renderToStaticMarkup(section(oxtail));

  it('says in words what it draws', () => {
    expect(says(markup)).toContain('a pot 300 mm across, oven 150 °C, heavy lid');
    expect(says(markup)).toMatch(saying('potSection.liquidStart'));
    expect(says(markup)).toMatch(saying('potSection.meat'));
    expect(says(markup)).toContain('Liquid at the start 36 mm deep');
    expect(markup).not.toContain('NaN');
  });

  it('draws meat and pot to one scale', () => {
    const pieces = [
      ...markup.matchAll(
        /<rect x="[\d.]+" y="[\d.]+" width="([\d.]+)" height="([\d.]+)" rx="[\d.]+" fill="var\(--wine\)"/g,
      ),
    ];
    const [, width = '0', height = '0'] = pieces[0] ?? [];
    expect(pieces.length).toBeGreaterThan(1);
    expect((Number(width) + 2) / (Number(height) + 2)).toBeCloseTo(
      (oxtail.pot.groups[0]?.acrossMm ?? 0) / (oxtail.pot.groups[0]?.heightMm ?? 1),
      1,
    );
  });

  it('shows the bone where it is, a burner’s flames, and what is inside a live pot', () => {
    expect(markup).toContain('var(--marrow)');
    const stove = renderToStaticMarkup(section(plan(heated(OXTAIL_PLAN, { kind: 'simmer', tempC: 96 }, 'none'))));
    expect(says(stove)).toMatch(/96 °C.*no lid/);
    expect(stove).toContain('var(--ember)');
    const live = renderToStaticMarkup(
      <PotSection
        pot={oxtail.pot}
        liquidL={oxtail.liquidL}
        evaporationMlPerHour={70}
        heat={mainStage(oxtail.input).heat}
        lid="foil"
        live={{ levelMm: 30, litres: 0.8, coreC: 61, meanC: 80 }}
      />,
    );
    expect(says(live)).toContain('Liquid now 30 mm deep, 800 ml');
    expect(says(live)).toContain('Middle of the meat about 61 °C');
  });

  it('can draw cubes, rolls and every lid', () => {
    for (const lid of ['heavy', 'light', 'tightFoil', 'foil', 'cartouche', 'ajar'] as const) {
      for (const [cutId, pieces, thicknessMm] of [
        ['lamb_shoulder_cubes', 26, 35],
        ['lamb_shank', 4, 65],
      ] as const) {
        const input: PlanInput = {
          ...heated(OXTAIL_PLAN, mainStage(OXTAIL_PLAN).heat, lid),
          meat: { ...OXTAIL_PLAN.meat, cutId, massKg: 1.6, pieces, thicknessMm },
        };
        expect(renderToStaticMarkup(section(plan(input)))).not.toContain('NaN');
      }
    }
  });
});

describe('the level line', () => {
  it('is a slider that says the share, the litres and the depth, when it can be moved', () => {
    const markup = renderToStaticMarkup(
      <PotSection
        pot={oxtail.pot}
        liquidL={oxtail.liquidL}
        evaporationMlPerHour={70}
        heat={mainStage(oxtail.input).heat}
        lid="heavy"
        onLevel={() => undefined}
      />,
    );
    expect(markup).toMatch(/role="slider"[^>]*aria-valuenow="75"[^>]*aria-valuetext="75%: [^"]*36 mm deep"/);
    expect(renderToStaticMarkup(section(oxtail))).not.toContain('role="slider"');
  });
});

describe('two cuts in one pot', () => {
  it('lie side by side, both within the walls', () => {
    const mixed = plan({
      ...OXTAIL_PLAN,
      also: [
        { ...OXTAIL_PLAN.meat, cutId: 'pork_shoulder_cubes', massKg: 0.4, pieces: 9, thicknessMm: 35, onBone: false },
      ],
    });
    const markup = renderToStaticMarkup(section(mixed));
    expect(mixed.pot.groups).toHaveLength(2);
    expect(markup).not.toContain('NaN');
    for (const x of numbers(markup, 'x')) expect(x).toBeGreaterThanOrEqual(0);
  });
});

describe('the pan map', () => {
  const [batch] = oxtail.sear.batches;

  it('says how many lie in a batch, what they cover and how far the pan cools, and draws as many', () => {
    if (!batch) throw new Error('no batch');
    const markup = renderToStaticMarkup(
      <PanMap pan={oxtail.input.pan} batch={batch} number={1} batches={oxtail.sear.batches.length} pieces={12} />,
    );
    expect(says(markup)).toContain(
      `batch 1 of ${String(oxtail.sear.batches.length)} has ${String(batch.count)} of 12 pieces`,
    );
    expect(says(markup)).toMatch(/\d+ °C.*150 °C/);
    expect(markup.match(/<circle[^>]*fill="#7b2740"/g)).toHaveLength(batch.count);
  });

  it('draws a roasting tin as a rectangle', () => {
    const tin = { ...oxtail.input.pan, shape: 'rectangle' as const, lengthMm: 360, widthMm: 260 };
    const inTin = plan({ ...OXTAIL_PLAN, pan: tin });
    const first = inTin.sear.batches[0];
    if (!first) throw new Error('no batch');
    const markup = renderToStaticMarkup(<PanMap pan={tin} batch={first} number={1} batches={1} pieces={12} />);
    expect(markup.match(/fill="url\(#pan-heat\)"/g)).toHaveLength(1);
    expect(markup).not.toContain('NaN');
  });
});

describe('the ember line', () => {
  const line = ({ day: other, ...part }: LinePart = {}): string =>
    renderToStaticMarkup(<Timeline day={{ ...oxtail.day, ...other }} timeZone="UTC" {...part} />);

  it('says every span, mark and the ready window in words', () => {
    const text = says(line());
    for (const span of oxtail.day.spans) expect(text.toLowerCase()).toContain(english(span.label));
    for (const mark of oxtail.day.marks) expect(text.toLowerCase()).toContain(english(mark.label));
    expect(text).toContain('to 21:00.');
    expect(text).toMatch(saying('line.ready'));
  });

  it('keeps everything inside the drawing', () => {
    const markup = line({ nowMs: oxtail.day.intoPotMs + 60 * MINUTE_MS, actual: oxtail.day.spans });
    for (const x of numbers(markup, 'x')) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(1240);
    }
    expect(markup).not.toContain('NaN');
    expect(says(markup)).toMatch(saying('line.asItWent'));
  });

  it('can be drawn when the fork may never twist', () => {
    const markup = line({ day: { ready: { ...oxtail.day.ready, p50Ms: Infinity, p90Ms: Infinity } } });
    expect(markup).not.toContain('NaN');
    expect(markup).not.toContain('Infinity');
    expect(says(markup)).toMatch(saying('line.ready'));
  });

  it('has a row for each dish, chopping first and the others as they were chosen', () => {
    const span = (id: string, label: DaySpan['label'], at: number): DaySpan => ({
      id,
      label,
      kind: 'hands',
      fromMs: NOON_MS + at * MINUTE_MS,
      toMs: NOON_MS + (at + 5) * MINUTE_MS,
    });
    const [mash, greens] = [nameOf('side', 'mash'), nameOf('side', 'greens')];
    const beside = [
      span('chop-0', say('span.chop'), 90),
      span('mash-1', mash, 80),
      span('mash-0', mash, 20),
      span('greens-0', greens, 10),
    ];
    expect(sideRows(beside).map((row) => row.map((s) => s.id))).toEqual([
      ['chop-0'],
      ['mash-0', 'mash-1'],
      ['greens-0'],
    ]);
  });

  it('draws nothing for an empty day', () => {
    expect(line({ day: { spans: [] } })).toBe('');
  });
});

describe('the fork scale', () => {
  it('has a drawn fork, a word and a feel for each stage, and marks the one in hand', () => {
    const markup = renderToStaticMarkup(<ForkScale marked="twists" notes={{ gives: '17:16' }} />);
    for (const stage of DONENESS_STAGES) {
      expect(markup).toContain(WORDS.label('stage', stage));
      // Where the others say when, the current one says how it feels.
      if (stage !== 'gives') expect(markup).toContain(WORDS.text(`stage.${stage}.feel`));
    }
    expect(markup.match(/<svg/g)).toHaveLength(6);
    expect(markup.match(/aria-current="step"/g)).toHaveLength(1);
    expect(markup).toContain('17:16');
  });
});
