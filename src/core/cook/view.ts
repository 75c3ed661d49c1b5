import { type CookEvent } from './events';
import { type LiveForecast } from './live';
import { type BegunPlan } from '../plan';

/** Everything a screen needs to show a braise; the state itself is reduced from the events where it is shown. */
export interface CookView {
  readonly id: string;
  readonly planId: string | null;
  readonly plan: BegunPlan;
  readonly events: readonly CookEvent[];
  readonly live: LiveForecast;
}
