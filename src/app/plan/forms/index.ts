import { type FormProps } from './common';
import { type Decision } from '../decisions';
import { lazyHydrated } from '@/ui/lazy';

/** The fields of each decision; the open one is fetched first. */
export const FORMS: Readonly<Record<Decision, ReturnType<typeof lazyHydrated<FormProps>>>> = {
  meat: lazyHydrated(async () => (await import('./MeatForm')).MeatForm),
  pot: lazyHydrated(async () => (await import('./PotForm')).PotForm),
  sear: lazyHydrated(async () => (await import('./SearForm')).SearForm),
  base: lazyHydrated(async () => (await import('./BaseForm')).BaseForm),
  liquid: lazyHydrated(async () => (await import('./LiquidForm')).LiquidForm),
  heat: lazyHydrated(async () => (await import('./HeatForm')).HeatForm),
  finish: lazyHydrated(async () => (await import('./FinishForm')).FinishForm),
  serve: lazyHydrated(async () => (await import('./ServeForm')).ServeForm),
};
