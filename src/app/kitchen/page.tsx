import { type Metadata } from 'next';
import { KitchenScreen } from './KitchenScreen';
import { pageWords } from '@/app/pageWords';
import { readKitchen } from '@/server/kitchens';
import { pageDataSource } from '@/server/backupPreview';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('topBar.kitchen') };
}
export const dynamic = 'force-dynamic';

export default async function KitchenPage() {
  return <KitchenScreen first={await readKitchen((await pageDataSource()).db)} />;
}
