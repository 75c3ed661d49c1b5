'use client';

import { Flame, Plus } from 'lucide-react';
import Link from 'next/link';
import styled from 'styled-components';
import { UnreadableNotice } from './UnreadableNotice';
import { DemoButton } from './DemoButton';
import { LeftoversOf } from './LeftoversOf';
import { type QuarantinedRow } from '@/server/quarantine';
import { type Kept } from '@/server/shelf';
import { ImportButton } from './ImportButton';
import { type CookView, type Verdict } from '@/core/cook';
import { type Day } from '@/core/schedule';
import { linkButton } from '@/ui/controls/Button';
import { Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { Scores } from './log/Scores';
import { Timeline } from '@/ui/drawings/Timeline';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { lazyHydrated, Unboxed } from '@/ui/lazy';

/** Renders immediately; hydrates once the step code has loaded. */
const ActiveBraises = lazyHydrated(async () => (await import('./ActiveBraises')).ActiveBraises);

const NewLink = styled(Link)`
  ${linkButton('main')}
`;
const BackupsLink = styled(Link)`
  ${linkButton('plain')}
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
  a {
    justify-self: start;
    padding: 2px 0;
  }
  p {
    grid-column: 1 / -1;
    font-size: 0.9375rem;
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
    font-size: 1.75rem;
  }
  p {
    max-width: 560px;
  }
`;

interface HomeProps {
  readonly live: readonly CookView[];
  /** Finished, with leftovers still to be cooled and stored. */
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
  readonly aside: readonly QuarantinedRow[];
}

/** Home: what is on the stove, what is next, what was last. */
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
      <UnreadableNotice aside={aside} />
      {[...live, ...warm].map((view) => (
        <ActiveBraises key={view.id} view={view} box={Unboxed} />
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
            <LeftoversOf key={kept.id} kept={kept} />
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
        <DemoButton /> <BackupsLink href="/backups">{w.text('copies.copies')}</BackupsLink>
      </div>
    </Page>
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
          <Timeline day={day} timeZone={timeZone} />
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
