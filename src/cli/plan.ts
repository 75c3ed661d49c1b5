import { z } from 'zod';
import { readJson, UsageError } from './io';
import { planFileSchema } from '../contract/files';
import { anyPlanInputSchema } from '../contract/upgrade';
import { checkPlanInput } from '../core/plan/check';
import { composePlan, type Plan } from '../core/plan/plan';

const inputOrFile = z.union([planFileSchema.transform((file) => file.input), anyPlanInputSchema]);

/**
 * The whole plan for an input, bare or as a plan file. The serving time may lie in the past: a plan on paper has no now.
 * Throws `UsageError` with a sentence per fault.
 */
export function planFrom(file: string | undefined): Plan {
  const input = readJson(file, inputOrFile);
  const faults = checkPlanInput(input, -Infinity);
  if (faults.length > 0) throw new UsageError(faults.map((f) => `${f.field}: ${f.message}`));
  const result = composePlan(input);
  if (!result.ok) throw new UsageError(result.faults.map((f) => `${f.field}: ${f.message}`));
  return result.plan;
}
