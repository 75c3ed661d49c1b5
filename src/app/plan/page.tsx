import { type Metadata } from 'next';
import { PlanList } from './PlanList';
import { database } from '@/server/database';
import { listPlans } from '@/server/plans';

export const metadata: Metadata = { title: 'Plans' };
export const dynamic = 'force-dynamic';

export default async function PlansPage() {
  return <PlanList plans={await listPlans(await database())} />;
}
