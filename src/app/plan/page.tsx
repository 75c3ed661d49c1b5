import { type Metadata } from 'next';
import { PlanList } from './PlanList';
import { pageDataSource } from '@/server/backupPreview';
import { pageNumber } from '@/app/pageNumber';
import { nowMs } from '@/server/clock';
import { listPlans } from '@/server/plans';
import { pageWords } from '@/app/pageWords';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('page.plans') };
}
export const dynamic = 'force-dynamic';

interface Props {
  readonly searchParams: Promise<{ readonly page?: string | string[] }>;
}

export default async function PlansPage({ searchParams }: Props) {
  const page = pageNumber((await searchParams).page);
  return <PlanList {...await listPlans((await pageDataSource()).db, nowMs(), page)} />;
}
