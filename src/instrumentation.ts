import { type Instrumentation } from 'next';

/** What the server does at startup; the work itself needs Node.js and is in its own module. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === 'nodejs') {
    const { startServer } = await import('./server/start');
    await startServer();
  }
}

/** Rendering errors, which nothing else logs. */
export const onRequestError: Instrumentation.onRequestError = async (error, request, context) => {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { log } = await import('./server/log');
  log().error({ err: error, method: request.method, path: request.path, route: context.routePath }, 'failed');
};
