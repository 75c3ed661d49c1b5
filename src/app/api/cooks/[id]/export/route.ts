import { braiseFile } from '@/contract/files';
import { fileStem } from '@/exports/fileStem';
import { findCook } from '@/server/cooks';
import { answering } from '@/server/answering';
import { requestedAt } from '@/server/looking';
import { jsonFile, refuse } from '@/server/http';
import { say } from '@/core/message';

export const GET = answering(
  async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    const found = await findCook((await requestedAt(request)).db, (await params).id);
    if (!found) return refuse(404, say('http.noBraise'));
    if (!found.ok) return refuse(409, say('http.setAside', { why: found.aside.why }));
    const cook = found.value;
    return jsonFile(braiseFile(cook.input, cook.events), `${fileStem(cook.input.title)}.braise.json`);
  },
);
