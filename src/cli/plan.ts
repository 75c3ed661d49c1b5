import * as z from 'zod';
import { checked, readJson, UsageError } from './io';
import { readFile } from '../contract/files';
import { planInputSchema } from '../contract/plan';
import { checkPlanInput, composePlan, type Plan } from '../core/plan';
import { type PlanInput } from '../core/choices';
import { METRIC } from '../core/quantity';
import { languageOf } from '../words/languages';
import { wordsFor } from '../words/words';

/** Commands print English and metric. */
const ENGLISH = wordsFor({ units: METRIC, language: languageOf('en'), timeZone: 'UTC' });

function inputFrom(data: unknown): PlanInput {
  if (typeof data !== 'object' || data === null || !('format' in data)) {
    return checked(data, planInputSchema);
  }
  const read = readFile(JSON.stringify(data));
  if (!read.ok) throw new UsageError([ENGLISH.say(read.says)]);
  return read.file.input;
}

/**
 * The whole plan for an input, on its own or in a plan file. Serving time may lie in the past: a plan on paper has no
 * now. Throws `UsageError` with a sentence per fault.
 */
export function planFrom(file: string | undefined): Plan {
  const input = inputFrom(readJson(file, z.unknown()));
  const faults = checkPlanInput(input, -Infinity);
  if (faults.length > 0) throw new UsageError(faults.map((f) => `${f.field}: ${ENGLISH.say(f.says)}`));
  const result = composePlan(input);
  if (!result.ok) throw new UsageError(result.faults.map((f) => `${f.field}: ${ENGLISH.say(f.says)}`));
  return result.plan;
}
