import { planFile } from '@/contract/files';
import { fileStem } from '@/exports/fileStem';
import { answering } from '@/server/answering';
import { requestedAt } from '@/server/looking';
import { jsonFile, refuse } from '@/server/http';
import { findPlan } from '@/server/plans';
import { say } from '@/core/message';

export const GET = answering(
  async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    const found = await findPlan((await requestedAt(request)).db, (await params).id);
    if (!found) return refuse(404, say('http.noPlan'));
    if (!found.ok) return refuse(409, say('http.setAside', { why: found.aside.why }));
    const plan = found.value;
    return jsonFile(planFile(plan.input), `${fileStem(plan.input.title)}.plan.json`);
  },
);
