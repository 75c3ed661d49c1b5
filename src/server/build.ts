import 'server-only';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

let known: string | undefined;

/** The build this server serves; the same for all its pages and streams. */
export function buildId(): string {
  if (known === undefined) {
    try {
      known = readFileSync(join(process.cwd(), '.next', 'BUILD_ID'), 'utf8').trim();
    } catch {
      // There is none in development.
      known = 'development';
    }
  }
  return known;
}
