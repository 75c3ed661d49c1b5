import { kitchenChangeSchema, MOST_KINDS } from '@/contract/kitchen';
import { say } from '@/core/message';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { readBody, refuse } from '@/server/http';
import { changeKitchen } from '@/server/kitchens';

/** Changes what this kitchen does by habit, a base it keeps or its time zone; answers with all as they now stand. */
export const PUT = answering(async (request: Request): Promise<Response> => {
  const body = await readBody(request, kitchenChangeSchema);
  if (!body.ok) return body.response;
  const changed = await changeKitchen(await database(), body.value, Date.now());
  if (!changed) return refuse(422, say('shape.manyKinds', { most: MOST_KINDS }));
  const { habits, kinds, timeZone } = changed;
  return Response.json({ habits, kinds, timeZone });
});
