import * as z from 'zod';
import { type Unsaved, unpacked } from './draftText';
import { type PlanInput } from '@/core/choices';
import { PLAN_INPUT } from '@/contract/stored/planInput';

/**
 * Unsaved changes, their version, and when the plan they started from was saved. Drafts from before versions are
 * version 2.
 */
const draftSchema = z.object({
  inputVersion: z.int().default(2),
  input: z.unknown(),
  basedOnMs: z.number().nullable(),
});

/** A draft from its text; undefined if it cannot be read. */
export function readDraft(text: string): Unsaved | undefined {
  try {
    const { inputVersion, input, basedOnMs } = draftSchema.parse(unpacked(text, Number.NaN));
    // Validated with numbers in its empty fields, but opened with those fields empty.
    PLAN_INPUT.read(draftSchema.parse(unpacked(text, 1)).input, inputVersion);
    return { input: PLAN_INPUT.upgraded(input, inputVersion) as PlanInput, basedOnMs };
  } catch {
    return undefined;
  }
}
