import 'server-only';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

let known: string | undefined;

/** Which build of the app this server serves; the same for every page and stream of one server. */
export function buildId(): string {
  if (known === undefined) {
    try {
      known = readFileSync(join(process.cwd(), '.next', 'BUILD_ID'), 'utf8').trim();
    } catch {
      // There is none while developing.
      known = 'development';
    }
  }
  return known;
}
