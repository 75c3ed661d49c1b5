import { type FormProps } from './common';
import { type Decision } from '../decisions';
import { drawnLate } from '@/ui/late';

/** The fields of each decision, fetched with the one in hand first. */
export const FORMS: Readonly<Record<Decision, ReturnType<typeof drawnLate<FormProps>>>> = {
  meat: drawnLate(async () => (await import('./MeatForm')).MeatForm),
  pot: drawnLate(async () => (await import('./PotForm')).PotForm),
  sear: drawnLate(async () => (await import('./SearForm')).SearForm),
  base: drawnLate(async () => (await import('./BaseForm')).BaseForm),
  liquid: drawnLate(async () => (await import('./LiquidForm')).LiquidForm),
  heat: drawnLate(async () => (await import('./HeatForm')).HeatForm),
  finish: drawnLate(async () => (await import('./FinishForm')).FinishForm),
  serve: drawnLate(async () => (await import('./ServeForm')).ServeForm),
};
