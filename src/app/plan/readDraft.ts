import * as z from 'zod';
import { type Unsaved, unpacked } from './draftText';
import { type PlanInput } from '@/core/choices';
import { PLAN_INPUT } from '@/contract/kept/planInput';

/**
 * What is unsaved, the version of its shape, and when the plan it was begun on had been kept. Drafts from before they
 * said so are of version 2.
 */
const draftSchema = z.object({
  inputVersion: z.int().default(2),
  input: z.unknown(),
  basedOnMs: z.number().nullable(),
});

/** A draft from its text; undefined for one that cannot be read. */
export function readDraft(text: string): Unsaved | undefined {
  try {
    const { inputVersion, input, basedOnMs } = draftSchema.parse(unpacked(text, Number.NaN));
    // Checked with numbers in its empty fields, but opened with the fields empty.
    PLAN_INPUT.read(draftSchema.parse(unpacked(text, 1)).input, inputVersion);
    return { input: PLAN_INPUT.upgraded(input, inputVersion) as PlanInput, basedOnMs };
  } catch {
    return undefined;
  }
}
