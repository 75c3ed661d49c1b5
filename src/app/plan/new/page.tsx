import { type Metadata } from 'next';
import { NewPlan } from './NewPlan';
import { pageDataSource } from '@/server/backupPreview';
import { readKitchen } from '@/server/kitchens';
import { pageWords } from '@/app/pageWords';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('page.newPlan') };
}

export default async function NewPlanPage() {
  return <NewPlan kitchen={await readKitchen((await pageDataSource()).db)} />;
}
