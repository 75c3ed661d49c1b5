/** Opens the database when the server starts and, asked to stop, ends open streams first: they would hold it for 20 s. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { closeStreams } = await import('./server/hub');
  const { database } = await import('./server/database');
  const { loadDemoIfEmpty } = await import('./server/demo');
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.prependListener(signal, closeStreams);
  await loadDemoIfEmpty(await database());
}
