'use client';

import styled from 'styled-components';
import { type Decision } from './decisions';
import { LEVELS } from './schools';
import { etaOf } from '@/core/forecast/forecast';
import { cutById } from '@/core/larder/cuts';
import { type PlanInput } from '@/core/plan/input';
import { type Plan } from '@/core/plan/plan';
import { HeatChart, ScaleChart } from '@/ui/charts/curves';
import { Schools } from '@/ui/controls/fields';
import { Mute, Panel } from '@/ui/controls/Panel';
import { ForkScale } from '@/ui/drawings/ForkScale';
import { PanMap } from '@/ui/drawings/PanMap';
import { PotSection } from '@/ui/drawings/PotSection';
import { useKitchen } from '@/ui/KitchenContext';
import { clock, duration } from '@/ui/time';

const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 12px;
  margin-bottom: 10px;
  h2 {
    font-size: 22px;
  }
`;

const Body = styled.div`
  display: grid;
  gap: 12px;
`;

const Work = styled.ol`
  display: grid;
  li {
    display: grid;
    grid-template-columns: 64px 1fr auto;
    gap: 12px;
    padding: 12px 0;
    border-top: 1px solid var(--line);
  }
  li:first-child {
    border-top: 0;
  }
  time {
    font-weight: 700;
  }
  b {
    white-space: nowrap;
  }
`;

interface DrawingProps {
  readonly decision: Decision;
  readonly input: PlanInput;
  readonly plan: Plan | undefined;
  readonly change: (part: Partial<PlanInput>) => void;
}

const TITLES: Readonly<Record<Decision, readonly [title: string, note: string]>> = {
  meat: ['How will the fork feel?', 'when each stage should come'],
  pot: ['Does it fit?', 'section through the pot, to scale'],
  sear: ['How many at a time?', 'the pan from above, to scale'],
  base: ['What the hands do', 'before the pot is left alone'],
  liquid: ['How deep should it sit?', 'section through the pot, to scale'],
  heat: ['How warm does it get?', 'with no surprises'],
  finish: ['After the fork turns', 'liquid in the pot by then'],
  serve: ['Ready in time?', 'median and 80 % band'],
};

function nearestLevel(level: number): string {
  const near = LEVELS.reduce((a, b) => (Math.abs(b.level - level) < Math.abs(a.level - level) ? b : a));
  return Math.abs(near.level - level) < 0.02 ? near.id : '';
}

function Section({ plan }: { plan: Plan }) {
  return (
    <PotSection
      pot={plan.pot}
      liquidL={plan.liquidL}
      evaporationMlPerHour={plan.evaporationMlPerHour}
      heat={plan.input.heat}
      lid={plan.input.lid}
    />
  );
}

function WorkList({ plan, only }: { plan: Plan; only: readonly string[] }) {
  const { timeZone } = useKitchen();
  const words: Readonly<Record<string, string>> = {
    prep: 'Trim, pat dry, tie if it needs it; chop onion, carrot, celery, all alike.',
    sear: `Brown in ${plan.sear.batches === 1 ? 'one batch' : `${String(plan.sear.batches)} batches`}; keep a spoonful of the fat and every brown bit.`,
    base: 'Onion first, then carrot and celery; garlic for a minute; paste until rust-red. Stay with it from the garlic on.',
    liquid: 'Wine down by half or more, stock to the line, up to a simmer, meat and its juices in.',
    hold: 'Slack for a slow animal. Lid on, heat off: it stays above 60 °C for an hour and more.',
    finish: 'Lift out, strain, lift the fat, reduce, season last.',
    plate: 'Plate and carry.',
  };
  return (
    <Work>
      {plan.day.spans
        .filter((s) => only.includes(s.id))
        .map((s) => (
          <li key={s.id}>
            <time>{clock(s.fromMs, timeZone)}</time>
            <span>{words[s.id]}</span>
            <b>{duration((s.toMs - s.fromMs) / 60_000)}</b>
          </li>
        ))}
    </Work>
  );
}

function Drawing({ decision, input, plan, change }: DrawingProps & { readonly plan: Plan }) {
  const { timeZone } = useKitchen();
  const cut = cutById(plan.cutId);
  switch (decision) {
    case 'meat': {
      const at = (stage: 'drags' | 'gives' | 'turns' | 'falls' | 'strings'): string => {
        const eta = etaOf(plan.forecast, stage).p50;
        return Number.isFinite(eta) ? clock(plan.day.intoPotMs + eta * 60_000, timeZone) : 'not by then';
      };
      return (
        <Body>
          <ForkScale
            marked="turns"
            notes={{
              holds: clock(plan.day.intoPotMs, timeZone),
              drags: at('drags'),
              gives: at('gives'),
              turns: at('turns'),
              falls: at('falls'),
              strings: at('strings'),
            }}
          />
          <p>
            <b>Ready:</b> {cut.donenessSign}. <b>What holds it together:</b> {cut.connectiveNote}.
          </p>
          <Mute>
            {cut.source} Confidence in this cut: {cut.confidence}.
          </Mute>
        </Body>
      );
    }
    case 'pot':
      return <Section plan={plan} />;
    case 'liquid':
      return (
        <Body>
          <Section plan={plan} />
          <Schools
            label="Level"
            hideLabel
            columns={4}
            value={nearestLevel(input.liquidLevel)}
            schools={LEVELS}
            onChange={(id) => {
              const school = LEVELS.find((l) => l.id === id);
              if (school) change({ liquidLevel: school.level });
            }}
          />
        </Body>
      );
    case 'sear':
      return (
        <PanMap pan={plan.input.pan} sear={plan.sear} pieces={plan.input.meat.pieces} round={cut.shape === 'disc'} />
      );
    case 'base':
      return <WorkList plan={plan} only={['prep', 'sear', 'base', 'liquid']} />;
    case 'heat':
      return <HeatChart course={plan.course} startMs={plan.day.intoPotMs} timeZone={timeZone} height={380} />;
    case 'finish':
      return (
        <Body>
          <WorkList plan={plan} only={['hold', 'finish', 'plate']} />
          <Section plan={plan} />
        </Body>
      );
    case 'serve':
      return <ScaleChart band={plan.forecast.band} startMs={plan.day.intoPotMs} timeZone={timeZone} height={380} />;
  }
}

/** The middle of the plan screen: the drawing that belongs to the decision in hand. */
export function DecisionDrawing(props: DrawingProps) {
  const [title, note] = TITLES[props.decision];
  return (
    <Panel aria-labelledby="drawing-title" tabIndex={0}>
      <Head>
        <h2 id="drawing-title">{title}</h2>
        <Mute>{note}</Mute>
      </Head>
      {props.plan ? (
        <Drawing {...props} plan={props.plan} />
      ) : (
        <Mute>The drawing comes with the first plan that can be cooked.</Mute>
      )}
    </Panel>
  );
}
