import { kitchenChangeSchema } from '@/contract/kitchen';
import { withErrorHandling } from '@/server/withErrorHandling';
import { database } from '@/server/database';
import { readBody, errorResponse } from '@/server/http';
import { changeKitchen, readKitchen } from '@/server/kitchens';

/** The kitchen: what stands in it, what it does by habit, the bases it keeps, where and when it is. */
export const GET = withErrorHandling(async (): Promise<Response> => Response.json(await readKitchen(await database())));

/** Changes one thing of the kitchen, or several at once; answers with the kitchen as it now stands. */
export const PUT = withErrorHandling(async (request: Request): Promise<Response> => {
  const body = await readBody(request, kitchenChangeSchema);
  if (!body.ok) return body.response;
  const changed = await changeKitchen(await database(), body.value, Date.now());
  return changed.ok ? Response.json(changed.kitchen) : errorResponse(422, changed.why);
});
