'use client';

import Link from 'next/link';
import styled from 'styled-components';
import { PreviewBackupButton } from './PreviewBackupButton';
import { type BackupDiff, type Kept } from '@/server/backupDiff';
import { type BackupFile } from '@/server/backups';
import { Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';

/** How many of each are named; the rest are counted. */
const MAX_NAMED = 50;

const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 16px;
  align-items: start;
  li {
    padding: 6px 0;
    border-top: 1px solid var(--line);
    overflow-wrap: anywhere;
  }
  @media (max-width: 860px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Command = styled.code`
  display: block;
  margin-top: 6px;
  padding: 10px 12px;
  border-radius: 10px;
  background: var(--well);
  overflow-wrap: anywhere;
`;

interface BackupDetailProps {
  readonly copy: BackupFile;
  readonly path: string;
  readonly difference: BackupDiff;
}

/** What restoring a backup would change, and how to do it. */
export function BackupDetail({ copy, path, difference }: BackupDetailProps) {
  const w = useWords();
  const parts = ['added', 'changed', 'lost'] as const;
  const same = parts.every((part) => difference[part].length === 0);
  return (
    <Page>
      <PageHead>
        <div>
          <h1>{w.text('copies.title', { day: w.day(copy.madeMs), at: w.clock(copy.madeMs) })}</h1>
          <Link href="/backups">{w.text('copies.all')}</Link>
        </div>
        <div>
          <PreviewBackupButton name={copy.name} />
        </div>
      </PageHead>
      <Panel>
        <p>{w.text('copies.restore')}</p>
        <Command>./start --restore {path}</Command>
        <Mute style={{ marginTop: 6 }}>{w.text('copies.restoreMeans')}</Mute>
      </Panel>
      {same ? (
        <Panel>
          <p>{w.text('copies.same')}</p>
        </Panel>
      ) : (
        <Columns>
          {parts.map((part) => (
            <Panel key={part} aria-labelledby={part}>
              <h2 id={part} style={{ fontSize: 'calc(20rem / 16)' }}>
                {w.text(`copies.head.${part}`, { count: difference[part].length })}
              </h2>
              <Named rows={difference[part]} />
            </Panel>
          ))}
        </Columns>
      )}
    </Page>
  );
}

function Named({ rows }: { rows: readonly Kept[] }) {
  const w = useWords();
  return (
    <ul>
      {rows.slice(0, MAX_NAMED).map(({ kind, id, title }) => (
        <li key={`${kind}/${id}`}>{w.text(`copies.kept.${kind}`, { title })}</li>
      ))}
      {rows.length > MAX_NAMED ? <li>{w.text('copies.more', { count: rows.length - MAX_NAMED })}</li> : null}
    </ul>
  );
}
