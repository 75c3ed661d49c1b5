import { kitchenChangeSchema } from '@/contract/kitchen';
import { withErrorHandling } from '@/server/withErrorHandling';
import { database } from '@/server/database';
import { readBody, errorResponse } from '@/server/http';
import { changeKitchen, readKitchen } from '@/server/kitchens';

/** The kitchen: its equipment, usual choices, custom styles, place and time zone. */
export const GET = withErrorHandling(async (): Promise<Response> => Response.json(await readKitchen(await database())));

/** Changes one or several parts of the kitchen; answers with the whole kitchen. */
export const PUT = withErrorHandling(async (request: Request): Promise<Response> => {
  const body = await readBody(request, kitchenChangeSchema);
  if (!body.ok) return body.response;
  const changed = await changeKitchen(await database(), body.value, Date.now());
  return changed.ok ? Response.json(changed.kitchen) : errorResponse(422, changed.why);
});
