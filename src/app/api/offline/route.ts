import { withErrorHandling } from '@/server/withErrorHandling';
import { nowMs } from '@/server/clock';
import { unfinishedIds } from '@/server/braises';
import { database } from '@/server/database';
import { isPreviewing } from '@/server/backupPreview';
import { comingPlans } from '@/server/plans';

/** How many braises are cached for offline use. */
const MAX_BRAISES = 8;

/**
 * Paths of the pages that matter at the stove: Home, every braise under way, the next plan. Empty while a backup is
 * previewed.
 */
export const GET = withErrorHandling(async (request: Request): Promise<Response> => {
  if (await isPreviewing(request)) return Response.json({ paths: [] });
  const db = await database();
  const braises = await unfinishedIds(db, MAX_BRAISES);
  const { plans } = await comingPlans(db, nowMs(), 1);
  return Response.json({
    paths: ['/', ...braises.map((id) => `/braise/${id}`), ...plans.map(({ id }) => `/plan/${id}`)],
  });
});
