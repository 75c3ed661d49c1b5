'use client';

import { Flame, Plus } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import styled from 'styled-components';
import { AsideNote } from './AsideNote';
import { DemoButton } from './DemoButton';
import { type SetAside } from '@/server/aside';
import { ImportButton } from './ImportButton';
import { useLiveCook } from './cook/useLiveCook';
import { type CookView, foldCook, nextAction, type Verdict } from '@/core/cook';
import { readyEta } from '@/core/forecast';
import { type Day } from '@/core/schedule';
import { say } from '@/core/message';
import { linkButton } from '@/ui/controls/Button';
import { Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { Scores } from './log/Scores';
import { EmberLine } from '@/ui/drawings/EmberLine';
import { useKitchen, useNow, useWords } from '@/ui/KitchenContext';
import { DISPLAY } from '@/ui/theme';

const NewLink = styled(Link)`
  ${linkButton('main')}
`;
const CopiesLink = styled(Link)`
  ${linkButton('plain')}
`;
const CookLink = styled(Link)`
  ${linkButton('main')}
  min-height: 52px;
`;

const Fire = styled(Panel)`
  background: linear-gradient(120deg, var(--glow), var(--ember));
  color: var(--on-ember);
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 14px 28px;
  align-items: center;
  padding: 22px 24px;
  h2 {
    font-size: 26px;
  }
  h3 {
    font-size: 32px;
    margin: 2px 0 6px;
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
    padding: 18px;
    h3 {
      font-size: 32px;
    }
  }
`;

const Big = styled.p`
  font-family: ${DISPLAY};
  font-weight: 750;
  font-size: 60px;
  line-height: 1;
`;

const Entry = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 14px;
  padding: 10px 0;
  border-top: 1px solid var(--line);
  &:first-child {
    border-top: 0;
  }
  p {
    grid-column: 1 / -1;
    font-size: 15px;
  }
`;

const LastList = styled.ul`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0 32px;
  @media (min-width: 761px) {
    > li:nth-child(2) {
      border-top: 0;
    }
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Cold = styled(Panel)`
  text-align: center;
  padding: 40px 24px;
  display: grid;
  gap: 14px;
  justify-items: center;
  h2 {
    font-size: 28px;
  }
  p {
    max-width: 560px;
  }
`;

interface HomeProps {
  readonly live: readonly CookView[];
  readonly coming: readonly {
    readonly id: string;
    readonly title: string;
    readonly eaters: number;
    readonly serveAtMs: number;
    readonly day: Day | undefined;
  }[];
  readonly last: readonly {
    readonly id: string;
    readonly title: string;
    readonly finishedMs: number;
    readonly verdict: Verdict | undefined;
  }[];
  readonly aside: readonly SetAside[];
}

/** Home: what is on, what is next, what was last. */
export function Home({ live, coming, last, aside }: HomeProps) {
  const w = useWords();
  return (
    <Page>
      <PageHead>
        <h1>{w.text('home.home')}</h1>
        <div>
          <ImportButton />
          <NewLink href="/plan/new">
            <Plus size={18} aria-hidden /> {w.text('common.planABraise')}
          </NewLink>
        </div>
      </PageHead>
      <AsideNote aside={aside} />
      {live.map((view) => (
        <OnTheFire key={view.id} view={view} />
      ))}
      {live.length === 0 ? (
        <Cold>
          <Flame size={40} aria-hidden color="var(--ember)" />
          <h2>{w.text('home.nothingIsOnTheFire')}</h2>
          <p>{w.text('home.sayWhatYouWillBraise')}</p>
        </Cold>
      ) : null}
      <Panel>
        <h2>{w.text('home.next')}</h2>
        {coming.length === 0 ? (
          <p style={{ marginTop: 8 }}>{w.text('home.noPlanIsWaiting')}</p>
        ) : (
          <ul>
            {coming.map((p, i) => (
              <Coming key={p.id} {...p} isFirst={i === 0} />
            ))}
          </ul>
        )}
      </Panel>
      <Panel>
        <h2>{w.text('home.last')}</h2>
        {last.length === 0 ? (
          <p style={{ marginTop: 8 }}>{w.text('home.theLogIsEmptyIt')}</p>
        ) : (
          <LastList>
            {last.map((e) => (
              <LastEntry key={e.id} {...e} />
            ))}
          </LastList>
        )}
      </Panel>
      <div>
        <DemoButton /> <CopiesLink href="/copies">{w.text('copies.copies')}</CopiesLink>
      </div>
    </Page>
  );
}

function OnTheFire({ view: first }: { view: CookView }) {
  const w = useWords();
  const router = useRouter();
  const { view, events } = useLiveCook(first, () => {
    router.refresh();
  });
  const now = useNow(15_000);
  const state = foldCook(view.plan.input, events);
  const action = nextAction(state, view.plan, view.live, now);
  const twists = readyEta(view.live.forecast);
  const start = state.intoPotMs ?? view.plan.day.intoPotMs;
  const at = (min: number): string => (Number.isFinite(min) ? w.clock(start + min * 60_000) : w.text('common.later'));
  const dueIn = (action.dueMs - now) / 60_000;
  return (
    <Fire aria-label={w.text('home.onTheFire', { title: view.plan.input.title })}>
      <div>
        <h2>{view.plan.input.title}</h2>
        <p>
          {dueIn > 1
            ? w.text('common.nextInAt', { dueIn: w.quantity(dueIn, 'minutes'), due: w.clock(action.dueMs) })
            : w.text('common.now')}
        </p>
        <h3>{w.title(action.title)}</h3>
        <p>{w.say(action.why)}</p>
      </div>
      <div>
        {state.phase === 'offHeat' ? (
          <p>{w.text('home.offTheHeatSince', { now: w.clock(state.offHeatMs ?? now) })}</p>
        ) : (
          <>
            <p>{w.text('live.target', { target: say(`target.${view.live.forecast.target}`) })}</p>
            <Big>{at(twists.p50)}</Big>
            <p>
              {w.text('home.table', {
                window: w.text('live.between', { low: at(twists.p10), high: at(twists.p90) }),
                serve: w.clockBeside(view.plan.day.serveMs, now),
              })}
            </p>
          </>
        )}
        <div style={{ marginTop: 12 }}>
          <CookLink href={`/cook/${view.id}`}>{w.text('home.goToThePot')}</CookLink>
        </div>
      </div>
    </Fire>
  );
}

function Coming({ id, title, eaters, serveAtMs, day, isFirst }: HomeProps['coming'][number] & { isFirst: boolean }) {
  const { timeZone, renderedAtMs } = useKitchen();
  const w = useWords();
  return (
    <Entry>
      <Link href={`/plan/${id}`}>
        <b>{title}</b>
      </Link>
      <b>{day ? w.text('home.begin', { start: w.clockBeside(day.startMs, serveAtMs) }) : ''}</b>
      <Mute style={{ gridColumn: '1 / -1' }}>
        {w.text(day ? 'home.coming' : 'home.comingAtFault', {
          eaters,
          day: w.dayFrom(serveAtMs, renderedAtMs),
          at: w.clock(serveAtMs),
        })}
      </Mute>
      {day && isFirst ? (
        <div style={{ gridColumn: '1 / -1', marginTop: 8 }}>
          <EmberLine day={day} timeZone={timeZone} />
        </div>
      ) : null}
    </Entry>
  );
}

function LastEntry({ id, title, finishedMs, verdict }: HomeProps['last'][number]) {
  const w = useWords();
  return (
    <Entry>
      <Link href={`/log/${id}`}>
        <b>{title}</b>
      </Link>
      <Mute>{w.day(finishedMs)}</Mute>
      {verdict ? (
        <p>
          <Scores verdict={verdict} short />
          {verdict.nextTime === '' ? null : <> {w.text('common.nextTime', { nextTime: verdict.nextTime })}</>}
        </p>
      ) : null}
    </Entry>
  );
}
