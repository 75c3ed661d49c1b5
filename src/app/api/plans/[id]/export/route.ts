import { planFile } from '@/contract/files';
import { fileStem } from '@/core/formats/fileStem';
import { database } from '@/server/database';
import { jsonFile, refuse } from '@/server/http';
import { findPlan } from '@/server/plans';

export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const plan = await findPlan(await database(), (await params).id);
  if (!plan) return refuse(404, 'This plan is not here any more.');
  return jsonFile(planFile(plan.input), `${fileStem(plan.input.title)}.plan.json`);
}
