import { Home } from './Home';
import { foldCook } from '@/core/cook';
import { listCooks } from '@/server/cooks';
import { database } from '@/server/database';
import { listPlans } from '@/server/plans';
import { cookView, planFor } from '@/server/views';
import { presentMs } from '@/server/clock';

export const dynamic = 'force-dynamic';

const LAST_ENTRIES = 4;
const COMING = 4;

export default async function HomePage() {
  const db = await database();
  const now = presentMs();
  const [cooks, plans] = await Promise.all([listCooks(db), listPlans(db)]);
  const states = cooks.map((cook) => ({ cook, state: foldCook(cook.input, cook.events) }));
  const live = states.filter((s) => s.state.phase !== 'finished').map((s) => cookView(s.cook, now));
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
  const coming = plans
    .filter((p) => p.input.serveAtMs > now)
    .slice(0, COMING)
    .map(({ id, input }) => {
      const result = planFor(input);
      return {
        id,
        title: input.title,
        eaters: input.eaters,
        serveAtMs: input.serveAtMs,
        day: result.ok ? result.plan.day : undefined,
      };
    });
  return <Home live={live} coming={coming} last={last} />;
}
