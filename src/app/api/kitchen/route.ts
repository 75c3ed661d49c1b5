import { z } from 'zod';
import { habitsSchema, kindSchema, timeZoneSchema } from '@/contract/kitchen';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { readBody } from '@/server/http';
import { readKitchen, saveKitchen } from '@/server/kitchens';

const changeSchema = z.strictObject({
  habits: habitsSchema.optional(),
  kinds: z.array(kindSchema).max(100, 'shape.manyKinds').optional(),
  timeZone: timeZoneSchema.optional(),
});

/** Changes what this kitchen does by habit, the bases it keeps or its time zone; answers with all as they now stand. */
export const PUT = answering(async (request: Request): Promise<Response> => {
  const body = await readBody(request, changeSchema);
  if (!body.ok) return body.response;
  const db = await database();
  const kitchen = await readKitchen(db);
  const next = {
    ...kitchen,
    habits: body.value.habits ?? kitchen.habits,
    kinds: body.value.kinds ?? kitchen.kinds,
    timeZone: body.value.timeZone === undefined ? kitchen.timeZone : body.value.timeZone,
  };
  await saveKitchen(db, next, Date.now());
  return Response.json({ habits: next.habits, kinds: next.kinds, timeZone: next.timeZone });
});
