import { type Metadata } from 'next';
import { KitchenScreen } from './KitchenScreen';
import { pageWords } from '@/app/pageWords';
import { readKitchen } from '@/server/kitchens';
import { lookedAt } from '@/server/looking';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('topBar.kitchen') };
}
export const dynamic = 'force-dynamic';

export default async function KitchenPage() {
  return <KitchenScreen first={await readKitchen((await lookedAt()).db)} />;
}
