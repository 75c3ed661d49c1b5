import { planFile } from '@/contract/files';
import { fileStem } from '@/exports/fileStem';
import { withErrorHandling } from '@/server/withErrorHandling';
import { requestDataSource } from '@/server/backupPreview';
import { jsonFile, errorResponse } from '@/server/http';
import { findPlan } from '@/server/plans';
import { say } from '@/core/message';

export const GET = withErrorHandling(
  async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    const found = await findPlan((await requestDataSource(request)).db, (await params).id);
    if (!found) return errorResponse(404, say('http.noPlan'));
    if (!found.ok) return errorResponse(409, say('http.setAside', { why: found.aside.why }));
    const plan = found.value;
    return jsonFile(planFile(plan.input), `${fileStem(plan.input.title)}.plan.json`);
  },
);
