import { braiseFile } from '@/contract/files';
import { fileStem } from '@/exports/fileStem';
import { findCook } from '@/server/cooks';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { jsonFile, refuse } from '@/server/http';
import { say } from '@/core/message';

export const GET = answering(
  async (_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    const cook = await findCook(await database(), (await params).id);
    if (!cook) return refuse(404, say('http.noBraise'));
    return jsonFile(braiseFile(cook.input, cook.events), `${fileStem(cook.input.title)}.braise.json`);
  },
);
