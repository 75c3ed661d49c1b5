import { Home } from './Home';
import { unfinishedCooks } from '@/server/cooks';
import { lookedAt } from '@/server/looking';
import { listEntries } from '@/server/entries';
import { comingPlans } from '@/server/plans';
import { work } from '@/server/engine';
import { readView } from '@/server/views';
import { parted } from '@/server/aside';
import { kitchensAside } from '@/server/kitchens';
import { presentMs } from '@/server/clock';

export const dynamic = 'force-dynamic';

const LAST_ENTRIES = 4;
const COMING = 4;

export default async function HomePage() {
  const { db } = await lookedAt();
  const now = presentMs();
  const [{ cooks, aside: badCooks }, { plans, aside: badPlans }, badKitchens, log] = await Promise.all([
    unfinishedCooks(db),
    comingPlans(db, now, COMING),
    kitchensAside(db),
    listEntries(db, 1, LAST_ENTRIES),
  ]);
  const live = parted(await Promise.all(cooks.map((cook) => readView(db, cook, now))));
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
  const aside = [...badKitchens, ...badPlans, ...badCooks, ...live.aside];
  return <Home live={live.read} coming={coming} last={log.entries} aside={aside} />;
}
