'use client';

import { Download } from 'lucide-react';
import Link from 'next/link';
import styled from 'styled-components';
import { PreviewBackupButton } from './PreviewBackupButton';
import { ImportArchive } from './ImportArchive';
import { type BackupFile } from '@/server/backups';
import { linkButton } from '@/ui/controls/Button';
import { Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';

const FileLink = styled.a`
  ${linkButton('main')}
`;

const CompareLink = styled(Link)`
  ${linkButton('plain')}
`;

const Rows = styled.ul`
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 6px 14px;
    align-items: center;
    padding: 10px 0;
    border-top: 1px solid var(--line);
  }
  li:first-child {
    border-top: 0;
  }
  @media (max-width: 560px) {
    li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;

const Ways = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
`;

const MEGABYTE = 1_000_000;

/** Backups of all data, and export and import of everything as one file. */
export function BackupList({ copies, folder }: { copies: readonly BackupFile[]; folder: string }) {
  const w = useWords();
  return (
    <Page>
      <PageHead>
        <h1>{w.text('copies.copies')}</h1>
      </PageHead>
      <Panel aria-labelledby="archive">
        <h2 id="archive">{w.text('copies.everything')}</h2>
        <p style={{ margin: '6px 0 12px' }}>{w.text('copies.everythingMeans')}</p>
        <Ways>
          <FileLink href="/api/archive" download>
            <Download size={18} aria-hidden /> {w.text('copies.out')}
          </FileLink>
          <ImportArchive />
        </Ways>
      </Panel>
      <Panel aria-labelledby="made">
        <h2 id="made">{w.text('copies.made')}</h2>
        <Mute style={{ overflowWrap: 'anywhere' }}>{w.text('copies.where', { folder })}</Mute>
        {copies.length === 0 ? (
          <p style={{ marginTop: 8 }}>{w.text('copies.none')}</p>
        ) : (
          <Rows>
            {copies.map((copy) => (
              <li key={copy.name}>
                <span>
                  <b>{w.text('copies.of', { day: w.day(copy.madeMs), at: w.clock(copy.madeMs) })}</b>
                  <br />
                  <Mute as="span">
                    {w.text(`copies.${copy.kind}`, {
                      size: Math.max(0.1, Math.round(copy.bytes / (MEGABYTE / 10)) / 10),
                    })}
                  </Mute>
                </span>
                <Ways>
                  <CompareLink href={`/backups/${copy.name}`}>{w.text('copies.compare')}</CompareLink>
                  <PreviewBackupButton name={copy.name} />
                </Ways>
              </li>
            ))}
          </Rows>
        )}
      </Panel>
    </Page>
  );
}
