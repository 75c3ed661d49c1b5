import { z } from 'zod';
import { habitsSchema, patternSchema } from '@/contract/plan';
import { database } from '@/server/database';
import { readBody } from '@/server/http';
import { readKitchen, saveKitchen } from '@/server/kitchens';

const changeSchema = z.strictObject({
  habits: habitsSchema.optional(),
  patterns: z.array(patternSchema).max(100, 'at most 100 bases of your own').optional(),
});

/** Changes what this kitchen does by habit, or the bases it keeps; answers with both as they now stand. */
export async function PUT(request: Request): Promise<Response> {
  const body = await readBody(request, changeSchema);
  if (!body.ok) return body.response;
  const db = await database();
  const kitchen = await readKitchen(db);
  const next = {
    ...kitchen,
    habits: body.value.habits ?? kitchen.habits,
    patterns: body.value.patterns ?? kitchen.patterns,
  };
  await saveKitchen(db, next, Date.now());
  return Response.json({ habits: next.habits, patterns: next.patterns });
}
