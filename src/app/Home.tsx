'use client';

import { Flame, Plus } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import styled from 'styled-components';
import { AsideNote } from './AsideNote';
import { DemoButton } from './DemoButton';
import { KeptOf } from './KeptOf';
import { type SetAside } from '@/server/aside';
import { type Kept } from '@/server/shelf';
import { ImportButton } from './ImportButton';
import { outlookSays } from './cook/LiveForecast';
import { stepTitle } from './cook/stepWords';
import { useLiveCook } from './cook/useLiveCook';
import { conduct, type CookView, foldCook, type Verdict } from '@/core/cook';
import { type Day } from '@/core/schedule';
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
  /** Finished, with something left that is still to be cooled and put away. */
  readonly warm: readonly CookView[];
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
  readonly shelf: readonly Kept[];
  readonly aside: readonly SetAside[];
}

/** Home: what is on, what is next, what was last. */
export function Home({ live, warm, coming, last, shelf, aside }: HomeProps) {
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
      {warm.map((view) => (
        <OnTheFire key={view.id} view={view} />
      ))}
      {live.length + warm.length === 0 ? (
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
      {shelf.length === 0 ? null : (
        <Panel aria-labelledby="shelf">
          <h2 id="shelf">{w.text('shelf.title')}</h2>
          {shelf.map((kept) => (
            <KeptOf key={kept.id} kept={kept} />
          ))}
        </Panel>
      )}
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
  const conducted = conduct(view.plan, state, view.live, now);
  const { now: placed, headline, alarm } = conducted;
  if (state.phase === 'finished' && !placed) return null;
  const dueIn = placed ? (placed.atMs - now) / 60_000 : 0;
  const at = (ms: number): string => (Number.isFinite(ms) ? w.clock(ms) : w.text('common.later'));
  return (
    <Fire
      aria-label={w.text(state.phase === 'finished' ? 'home.stillWarm' : 'home.onTheFire', {
        title: view.plan.input.title,
      })}
    >
      <div>
        <h2>{view.plan.input.title}</h2>
        {alarm ? (
          <>
            <p>{w.text('common.now')}</p>
            <h3>{w.title(alarm.says)}</h3>
            <p>{w.say(alarm.do)}</p>
          </>
        ) : placed ? (
          <>
            <p>
              {placed.status !== 'due' && dueIn > 0
                ? w.text('common.nextInAt', { dueIn: w.quantity(dueIn, 'minutes'), due: w.clock(placed.atMs) })
                : w.text('common.now')}
            </p>
            <h3>{stepTitle(w, placed.step)}</h3>
            <p>{placed.step.what ? w.title(placed.step.what) : placed.why ? w.say(placed.why) : ''}</p>
          </>
        ) : null}
      </div>
      <div>
        <p>{w.text('conduct.headline', { says: headline.says })}</p>
        <Big>{at(headline.atMs)}</Big>
        <p>
          {headline.between
            ? w.text('live.between', { low: at(headline.between.fromMs), high: at(headline.between.toMs) })
            : ''}
        </p>
        {conducted.outlook.served ? null : <p>{outlookSays(w, conducted, now)}</p>}
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
