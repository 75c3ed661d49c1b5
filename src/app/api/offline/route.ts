import { withErrorHandling } from '@/server/withErrorHandling';
import { presentMs } from '@/server/clock';
import { unfinishedIds } from '@/server/cooks';
import { database } from '@/server/database';
import { looksAtCopy } from '@/server/backupPreview';
import { comingPlans } from '@/server/plans';

/** So many braises are kept ready for when the server is away. */
const MAX_BRAISES = 8;

/** Paths of the pages that matter at the stove: Home, every braise on the fire, the next plan. None of a copy. */
export const GET = withErrorHandling(async (request: Request): Promise<Response> => {
  if (await looksAtCopy(request)) return Response.json({ paths: [] });
  const db = await database();
  const cooks = await unfinishedIds(db, MAX_BRAISES);
  const { plans } = await comingPlans(db, presentMs(), 1);
  return Response.json({
    paths: ['/', ...cooks.map((id) => `/cook/${id}`), ...plans.map(({ id }) => `/plan/${id}`)],
  });
});
