import { planFile } from '@/contract/files';
import { fileStem } from '@/exports/fileStem';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { jsonFile, refuse } from '@/server/http';
import { findPlan } from '@/server/plans';
import { say } from '@/core/message';

export const GET = answering(
  async (_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    const plan = await findPlan(await database(), (await params).id);
    if (!plan) return refuse(404, say('http.noPlan'));
    return jsonFile(planFile(plan.input), `${fileStem(plan.input.title)}.plan.json`);
  },
);
