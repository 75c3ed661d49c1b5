'use client';

import { Download } from 'lucide-react';
import styled from 'styled-components';
import { type SetAside } from '@/server/aside';
import { linkButton } from '@/ui/controls/Button';
import { FaultNote, Mute, Page, PageHead } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';

const Note = styled(FaultNote).attrs({ as: 'section' })`
  display: grid;
  gap: 8px;
  ul {
    display: grid;
    gap: 8px;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: center;
    justify-content: space-between;
  }
`;

const FileLink = styled.a`
  ${linkButton('plain')}
`;

/** What is kept but cannot be read: which, why, and the way to take it out as it is. Nothing where all can be read. */
export function AsideNote({ aside }: { aside: readonly SetAside[] }) {
  const w = useWords();
  if (aside.length === 0) return null;
  return (
    <Note aria-labelledby="set-aside">
      <h2 id="set-aside" style={{ fontSize: 18 }}>
        {w.text('aside.head', { count: aside.length })}
      </h2>
      <ul>
        {aside.map(({ table, id, title, why }) => (
          <li key={`${table}/${id}`}>
            <span>
              <b>{w.text(`aside.${table}`, { title: title ?? '' })}</b> {w.say(why)}
            </span>
            <FileLink href={`/api/rows/${table}/${id}`} download>
              <Download size={16} aria-hidden /> {w.text('aside.takeOut')}
            </FileLink>
          </li>
        ))}
      </ul>
      <Mute>{w.text('aside.stays')}</Mute>
    </Note>
  );
}

/** In place of a page whose one thing cannot be read. */
export function AsidePage({ aside }: { aside: SetAside }) {
  const w = useWords();
  return (
    <Page>
      <PageHead>
        <h1>{aside.title ?? w.text('aside.page')}</h1>
      </PageHead>
      <AsideNote aside={[aside]} />
    </Page>
  );
}
