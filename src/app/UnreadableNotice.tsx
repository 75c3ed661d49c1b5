'use client';

import { Download, Trash2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { type QuarantinedRow } from '@/server/quarantine';
import { linkButton } from '@/ui/controls/Button';
import { ConfirmButton } from '@/ui/controls/ConfirmButton';
import { FaultNote, Mute, Page, PageHead } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';

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

const Ways = styled.div`
  display: flex;
  gap: 8px;
`;

const FileLink = styled.a`
  ${linkButton('plain')}
`;

/** Stored rows that cannot be read: which, why, and how to download or delete them. Hidden when all can be read. */
export function UnreadableNotice({ aside }: { aside: readonly QuarantinedRow[] }) {
  const w = useWords();
  const router = useRouter();
  const [fault, setFault] = useState<string>();
  if (aside.length === 0) return null;
  const remove = async (table: 'plans' | 'braises', id: string): Promise<void> => {
    const sent = await send('DELETE', `/api/${table}/${id}`);
    setFault(sent.ok ? undefined : w.say(sent.says));
    router.refresh();
  };
  return (
    <Note aria-labelledby="set-aside">
      <h2 id="set-aside" style={{ fontSize: 'calc(18rem / 16)' }}>
        {w.text('aside.head', { count: aside.length })}
      </h2>
      <ul>
        {aside.map(({ table, id, title, why }) => (
          <li key={`${table}/${id}`}>
            <span>
              <b>{w.text(`aside.${table}`, { title: title ?? '' })}</b> {w.say(why)}
            </span>
            <Ways>
              <FileLink href={`/api/rows/${table}/${id}`} download>
                <Download size={16} aria-hidden /> {w.text('aside.takeOut')}
              </FileLink>
              {table === 'plans' || table === 'braises' ? (
                <ConfirmButton
                  label={w.text('aside.remove')}
                  question={w.text('aside.removeIt')}
                  consequence={w.text('aside.removeMeans')}
                  verb={w.text('aside.remove')}
                  onConfirm={() => void remove(table, id)}
                >
                  <Trash2 size={16} aria-hidden />
                </ConfirmButton>
              ) : null}
            </Ways>
          </li>
        ))}
      </ul>
      {fault === undefined ? null : <p role="alert">{fault}</p>}
      <Mute>{w.text('aside.stays')}</Mute>
    </Note>
  );
}

/** Shown instead of a page whose row cannot be read. */
export function AsidePage({ aside }: { aside: QuarantinedRow }) {
  const w = useWords();
  return (
    <Page>
      <PageHead>
        <h1>{aside.title ?? w.text('aside.page')}</h1>
      </PageHead>
      <UnreadableNotice aside={[aside]} />
    </Page>
  );
}
