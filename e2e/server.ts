import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MINUTE_MS } from '../src/core/quantity';

/** A running copy of the built app with data of its own. */
export interface AppServer {
  readonly url: string;
  readonly port: number;
  /** The server process. */
  pid(): number;
  /** Its data folder. */
  readonly folder: string;
  /** Stops it politely and returns how long that took, ms; its data stay. */
  stop(): Promise<number>;
  /** Kills it as a crash would; its data stay. */
  kill(): Promise<void>;
  /** Starts it again on the same port and data, restoring a backup if one is named. */
  restart(restore?: string): Promise<void>;
  /** Moves the kitchen's clock forward by this many minutes. */
  shift(minutes: number): Promise<void>;
  /** How far it has been moved in total, ms. */
  shiftedMs(): number;
  /** Stops it and deletes its data. */
  close(): Promise<void>;
}

/** Started the way ./start does. */
const MEMORY = ['--max-old-space-size=160', '--max-semi-space-size=4'];

async function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.on('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const address = server.address();
      server.close(() => {
        if (address && typeof address === 'object') resolve(address.port);
        else reject(new Error('No free port'));
      });
    });
  });
}

async function answers(url: string): Promise<void> {
  for (let attempt = 0; attempt < 300; attempt++) {
    const ok = await fetch(`${url}/api/health`).then(
      // 503 is an answer too: the data cannot be served.
      (r) => r.ok || r.status === 503,
      () => false,
    );
    if (ok) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('The app did not answer within 30 s.');
}

function ended(child: ChildProcess): Promise<void> {
  return child.exitCode !== null || child.signalCode !== null
    ? Promise.resolve()
    : new Promise((resolve) => {
        child.once('exit', () => {
          resolve();
        });
      });
}

/** Serves the production build on a free port. `demo`: whether the demo kitchen is loaded. */
export async function startApp(options: { readonly demo: boolean }): Promise<AppServer> {
  const folder = await mkdtemp(join(tmpdir(), 'even-ember-'));
  const port = await freePort();
  const url = `http://127.0.0.1:${String(port)}`;
  let child: ChildProcess;
  let shiftMin = 0;
  const launch = async (restore = ''): Promise<void> => {
    child = spawn(
      process.execPath,
      [...MEMORY, 'node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
      {
        env: {
          ...process.env,
          NODE_OPTIONS: `--import ${join(process.cwd(), 'e2e', 'shiftClock.mjs')}`,
          EVEN_EMBER_CLOCK: join(folder, 'clock'),
          EVEN_EMBER_DATA: folder,
          EVEN_EMBER_DEMO: options.demo ? 'if-empty' : 'never',
          EVEN_EMBER_PORT: String(port),
          EVEN_EMBER_RESTORE: restore,
        },
        stdio: ['ignore', 'ignore', 'inherit'],
      },
    );
    await answers(url);
  };
  await launch();
  const kill = async (): Promise<void> => {
    child.kill('SIGKILL');
    await ended(child);
  };
  const stop = async (): Promise<number> => {
    const asked = performance.now();
    child.kill('SIGTERM');
    await ended(child);
    return performance.now() - asked;
  };
  return {
    url,
    port,
    pid: () => child.pid ?? 0,
    folder,
    stop,
    kill,
    restart: launch,
    shift: async (minutes) => {
      shiftMin += minutes;
      await writeFile(join(folder, 'clock'), String(shiftMin * MINUTE_MS));
      // Polled ten times a second.
      await new Promise((resolve) => setTimeout(resolve, 250));
    },
    shiftedMs: () => shiftMin * MINUTE_MS,
    close: async () => {
      if (child.exitCode === null && child.signalCode === null) await stop();
      await rm(folder, { recursive: true, force: true });
    },
  };
}

/** Writes to the app the way one of its own pages does. */
export function post(app: AppServer, path: string, body: object): Promise<Response> {
  const headers = { origin: app.url, 'content-type': 'application/json' };
  return fetch(app.url + path, { method: 'POST', headers, body: JSON.stringify(body) });
}
