import { type Metadata } from 'next';
import { PlanList } from './PlanList';
import { database } from '@/server/database';
import { listPlans } from '@/server/plans';
import { pageWords } from '@/app/pageWords';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('page.plans') };
}
export const dynamic = 'force-dynamic';

export default async function PlansPage() {
  return <PlanList {...await listPlans(await database())} />;
}
