import { type Metadata } from 'next';
import { notFound } from 'next/navigation';
import { Labels } from '../Labels';
import { AsidePage } from '@/app/UnreadableNotice';
import { pageWords } from '@/app/pageWords';
import { reduceEvents } from '@/core/cook';
import { cutById } from '@/core/larder';
import { meatParts } from '@/core/choices';
import { dietaryReport } from '@/core/care';
import { findBraise } from '@/server/braises';
import { pageDataSource } from '@/server/backupPreview';
import { warmedBoxes } from '@/server/shelf';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('labels.title') };
}

export default async function LabelsPage({ params }: Props) {
  const { id } = await params;
  const { db } = await pageDataSource();
  const found = await findBraise(db, id);
  if (!found) notFound();
  if (!found.ok) return <AsidePage aside={found.aside} />;
  const { input, events } = found.value;
  const state = reduceEvents(input, events);
  const { concerns } = dietaryReport(
    input,
    meatParts(input).map((p) => cutById(p.cutId)),
    0,
  );
  return (
    <Labels
      id={id}
      title={input.title}
      madeMs={state.servedMs ?? state.offHeatMs ?? found.value.createdAtMs}
      lots={state.lots}
      warmed={await warmedBoxes(id, input, state.lots)}
      brings={concerns.filter((c) => c.sources.length > 0).map((c) => c.avoided)}
    />
  );
}
