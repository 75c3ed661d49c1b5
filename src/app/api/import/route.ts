import { randomUUID } from 'node:crypto';
import { readFile } from '@/contract/files';
import { checkPlanInput } from '@/core/plan';
import { say } from '@/core/message';
import { importBraise } from '@/server/braises';
import { withErrorHandling } from '@/server/withErrorHandling';
import { backfillEntries } from '@/server/entries';
import { database } from '@/server/database';
import { MAX_FILE_BYTES, readText, errorResponse } from '@/server/http';
import { addPlan } from '@/server/plans';

/** Imports a plan or braise file; answers with its new address. Anything else is refused with a message. */
export const POST = withErrorHandling(async (request: Request): Promise<Response> => {
  const body = await readText(request, MAX_FILE_BYTES);
  if (!body.ok) return body.response;
  const read = readFile(body.value);
  if (!read.ok) return errorResponse(422, read.says);
  const { file } = read;
  const fault = checkPlanInput(file.input, 0)[0];
  if (fault) return errorResponse(422, say('file.cannotBeCooked', { fault: fault.says }));
  const db = await database();
  const now = Date.now();
  if (file.format === 'even-ember/plan') {
    const id = randomUUID();
    await addPlan(db, id, file.input, now);
    return Response.json({ href: `/plan/${id}` }, { status: 201 });
  }
  const id = await importBraise(db, file.input, file.events, now);
  void backfillEntries(db);
  return Response.json({ href: `/braise/${id}` }, { status: 201 });
});
