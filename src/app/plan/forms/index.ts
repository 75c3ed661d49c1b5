import { type ReactNode } from 'react';
import { BaseForm } from './BaseForm';
import { type FormProps } from './common';
import { FinishForm } from './FinishForm';
import { HeatForm } from './HeatForm';
import { LiquidForm } from './LiquidForm';
import { MeatForm } from './MeatForm';
import { PotForm } from './PotForm';
import { SearForm } from './SearForm';
import { ServeForm } from './ServeForm';
import { type Decision } from '../decisions';

/** The fields of each decision. */
export const FORMS: Readonly<Record<Decision, (props: FormProps) => ReactNode>> = {
  meat: MeatForm,
  pot: PotForm,
  sear: SearForm,
  base: BaseForm,
  liquid: LiquidForm,
  heat: HeatForm,
  finish: FinishForm,
  serve: ServeForm,
};
