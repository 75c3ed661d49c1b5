import { type Metadata } from 'next';
import { cookies } from 'next/headers';
import { notFound } from 'next/navigation';
import { CookScreen } from '../CookScreen';
import { findCook } from '@/server/cooks';
import { database } from '@/server/database';
import { cookView } from '@/server/views';
import { isTheme, THEME_COOKIE } from '@/ui/themeChoice';
import { presentMs } from '@/server/clock';
import { pageWords } from '@/app/pageWords';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const cook = await findCook(await database(), (await params).id);
  return { title: cook?.input.title ?? (await pageWords()).text('page.braise') };
}

export default async function CookPage({ params }: Props) {
  const cook = await findCook(await database(), (await params).id);
  if (!cook) notFound();
  const chosen = (await cookies()).get(THEME_COOKIE)?.value;
  return <CookScreen first={cookView(cook, presentMs())} night={!isTheme(chosen)} />;
}
