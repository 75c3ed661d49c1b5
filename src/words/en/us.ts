import { type Code } from './index';

/** Words that a reader of US units has for the same things. */
export const american: Partial<Record<Code, string>> = {
  'herb.coriander': 'cilantro leaves',
  'heat.simmer': 'stovetop, {temp} or over',
  'wayOut.ontoHob': 'On the stovetop, simmering at {temp} or over, instead',
  'heatWay.ontoHob': 'Onto the stovetop, simmering at {temp} or over',
  'task.braise.simmer': 'braise on the stovetop',
  'mark.bubbles.why': 'On the stovetop the flame settles in the first quarter hour: lazy bubbles, no more.',
  'next.bubbles.why': 'On the stovetop the flame settles in the first quarter hour.',
  'buy.other.onBone.priced':
    'On the bone you need {weight}: more flavor and marrow, and the bone shows when it is done. It is worth up to {price} a kilo.',
  'buy.other.onBone': 'On the bone you need {weight}: more flavor and marrow, and the bone shows when it is done.',
  'typed.notUnderstood.mass': '“{text}” is not understood here. Type it like 2 lb 3 oz or 12 oz.',
  'typed.notUnderstood.volume': '“{text}” is not understood here. Type it like 3 cups, 1 quart or 2 tbsp.',
  'typed.notUnderstood.length': '“{text}” is not understood here. Type it like 1½ in.',
  'typed.notUnderstood.temperature': '“{text}” is not understood here. Type it like 300 °F.',
  'typed.notUnderstood.temperatureStep': '“{text}” is not understood here. Type it like 9 °F.',
};
