import { braiseFile } from '@/contract/files';
import { fileStem } from '@/exports/fileStem';
import { findBraise } from '@/server/braises';
import { withErrorHandling } from '@/server/withErrorHandling';
import { requestDataSource } from '@/server/backupPreview';
import { jsonFile, errorResponse } from '@/server/http';
import { say } from '@/core/message';

export const GET = withErrorHandling(
  async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    const found = await findBraise((await requestDataSource(request)).db, (await params).id);
    if (!found) return errorResponse(404, say('http.noBraise'));
    if (!found.ok) return errorResponse(409, say('http.setAside', { why: found.aside.why }));
    const cook = found.value;
    return jsonFile(braiseFile(cook.input, cook.events), `${fileStem(cook.input.title)}.braise.json`);
  },
);
