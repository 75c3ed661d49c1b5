import { Home } from './Home';
import { foldCook } from '@/core/cook';
import { listCooks } from '@/server/cooks';
import { database } from '@/server/database';
import { listPlans } from '@/server/plans';
import { work } from '@/server/engine';
import { readView } from '@/server/views';
import { parted } from '@/server/aside';
import { kitchensAside } from '@/server/kitchens';
import { presentMs } from '@/server/clock';

export const dynamic = 'force-dynamic';

const LAST_ENTRIES = 4;
const COMING = 4;

export default async function HomePage() {
  const db = await database();
  const now = presentMs();
  const [{ cooks, aside: badCooks }, { plans, aside: badPlans }, badKitchens] = await Promise.all([
    listCooks(db),
    listPlans(db),
    kitchensAside(db),
  ]);
  const states = cooks.map((cook) => ({ cook, state: foldCook(cook.input, cook.events) }));
  const live = parted(
    await Promise.all(states.filter((s) => s.state.phase !== 'finished').map((s) => readView(s.cook, now))),
  );
  const last = states
    .filter((s) => s.state.phase === 'finished')
    .sort((a, b) => (b.state.finishedMs ?? 0) - (a.state.finishedMs ?? 0))
    .slice(0, LAST_ENTRIES)
    .map(({ cook, state }) => ({
      id: cook.id,
      title: cook.input.title,
      finishedMs: state.finishedMs ?? 0,
      verdict: state.verdict,
    }));
  const next = plans.filter((p) => p.input.serveAtMs > now).slice(0, COMING);
  const coming = await Promise.all(
    next.map(async ({ id, input }) => {
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
  return <Home live={live.read} coming={coming} last={last} aside={aside} />;
}
