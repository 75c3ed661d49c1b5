import { type CookEvent } from './events';
import { type LiveForecast } from './live';
import { type Plan } from '../plan';

/** All a screen needs to show a cook; the state itself is folded from the events where it is shown. */
export interface CookView {
  readonly id: string;
  readonly planId: string | null;
  readonly plan: Plan;
  readonly events: readonly CookEvent[];
  readonly live: LiveForecast;
}
