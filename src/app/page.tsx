import { Home } from './Home';
import { finishedSince, unfinishedBraises } from '@/server/braises';
import { guide, reduceEvents, LEFTOVER_RESCUE_MS } from '@/core/cook';
import { pageDataSource } from '@/server/backupPreview';
import { listEntries } from '@/server/entries';
import { comingPlans } from '@/server/plans';
import { work } from '@/server/engine';
import { readView } from '@/server/views';
import { partitionReadable } from '@/server/quarantine';
import { kitchensAside } from '@/server/kitchens';
import { nowMs } from '@/server/clock';
import { readShelf } from '@/server/shelf';

export const dynamic = 'force-dynamic';

const LAST_ENTRIES = 4;
const COMING = 4;

export default async function HomePage() {
  const { db } = await pageDataSource();
  const now = nowMs();
  const [{ braises, aside: badBraises }, { plans, aside: badPlans }, badKitchens, log, shelf, eaten] =
    await Promise.all([
      unfinishedBraises(db),
      comingPlans(db, now, COMING),
      kitchensAside(db),
      listEntries(db, 1, LAST_ENTRIES),
      readShelf(db, now),
      finishedSince(db, now - LEFTOVER_RESCUE_MS),
    ]);
  const live = partitionReadable(await Promise.all(braises.map((cook) => readView(db, cook, now))));
  // Leftovers that are not cold yet stay in view.
  const warm = partitionReadable(await Promise.all(eaten.map((cook) => readView(db, cook, now)))).read.filter(
    ({ plan, events, live: course }) => guide(plan, reduceEvents(plan.input, events), course, now).now !== undefined,
  );
  const coming = await Promise.all(
    plans.map(async ({ id, input }) => {
      const result = await work(id, 'plan', input);
      return {
        id,
        title: input.title,
        eaters: input.eaters,
        serveAtMs: input.serveAtMs,
        day: result.ok ? result.plan.day : undefined,
      };
    }),
  );
  const aside = [...badKitchens, ...badPlans, ...badBraises, ...live.aside];
  return <Home live={live.read} warm={warm} coming={coming} last={log.entries} shelf={shelf} aside={aside} />;
}
