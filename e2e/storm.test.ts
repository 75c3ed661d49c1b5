import { expect, it } from 'vitest';
import { startApp } from './server';
import { weather } from './storm';

it('twenty kills with two clients lose no record that was acknowledged and double none', async () => {
  const app = await startApp({ demo: false });
  try {
    const { acknowledged, kept, doubled, kills } = await weather(app, 20, 2);
    expect([kills, kept, doubled]).toEqual([20, acknowledged, 0]);
    expect(acknowledged).toBeGreaterThan(40);
  } finally {
    await app.close();
  }
});
