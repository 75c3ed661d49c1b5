/** What the server does when it starts; the work itself needs Node.js and lives in its own module. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === 'nodejs') {
    const { startServer } = await import('./server/start');
    await startServer();
  }
}
