import { type Metadata } from 'next';
import { cookies } from 'next/headers';
import { notFound } from 'next/navigation';
import { CookScreen } from '../CookScreen';
import { findBraise } from '@/server/braises';
import { pageDataSource } from '@/server/backupPreview';
import { readView } from '@/server/views';
import { AsidePage } from '@/app/UnreadableNotice';
import { isTheme, THEME_COOKIE } from '@/ui/themeChoice';
import { nowMs } from '@/server/clock';
import { keptTitle, pageWords } from '@/app/pageWords';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  return { title: (await keptTitle((db) => findBraise(db, id))) ?? (await pageWords()).text('page.braise') };
}

export default async function BraisePage({ params }: Props) {
  const { db } = await pageDataSource();
  const found = await findBraise(db, (await params).id);
  if (!found) notFound();
  if (!found.ok) return <AsidePage aside={found.aside} />;
  const cook = found.value;
  const view = await readView(db, cook, nowMs());
  if (!view.ok) return <AsidePage aside={view.aside} />;
  const chosen = (await cookies()).get(THEME_COOKIE)?.value;
  return <CookScreen first={view.value} aside={cook.aside} night={!isTheme(chosen)} />;
}
