import { type Step } from './step';
import { type Message, say } from '../message';

/** A step's title: act and object. */
export const titleOf = ({ title, kind }: Pick<Step, 'title' | 'kind'>): Message => title ?? say(`step.${kind}.title`);

/** How a step is done, in one line. */
export const howOf = ({ how, kind }: Pick<Step, 'how' | 'kind'>): Message => how ?? say(`step.${kind}.do`);
