import { readFileSync } from 'node:fs';
import { type z } from 'zod';

/** A user error: one clear sentence each. */
export class UsageError extends Error {
  constructor(readonly sentences: readonly string[]) {
    super(sentences.join('\n'));
  }
}

/** Text of a file, or of standard input for `-` or no name. */
function readText(file: string | undefined): string {
  try {
    return readFileSync(file === undefined || file === '-' ? 0 : file, 'utf8');
  } catch {
    throw new UsageError([`The file ${file ?? '-'} cannot be read.`]);
  }
}

/** JSON of a file or standard input, checked by `schema`. Throws `UsageError` with a sentence that names the field. */
export function readJson<T>(file: string | undefined, schema: z.ZodType<T>): T {
  const text = readText(file);
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    throw new UsageError([`${file === undefined || file === '-' ? 'The input' : file} is not JSON.`]);
  }
  return checked(data, schema);
}

/** Data checked by `schema`. Throws `UsageError` with a sentence per fault that names the field. */
export function checked<T>(data: unknown, schema: z.ZodType<T>): T {
  const parsed = schema.safeParse(data);
  if (parsed.success) return parsed.data;
  throw new UsageError(
    parsed.error.issues.map(
      (issue) =>
        `${issue.path.length > 0 ? issue.path.join('.') : 'the request'}: ${issue.message.includes('received undefined') ? 'is missing' : issue.message}.`,
    ),
  );
}
