import { expect, it } from 'vitest';
import { startApp } from './server';
import { weather } from './storm';

it('eight kills with two clients lose no record that was acknowledged and double none', async () => {
  const app = await startApp({ demo: false });
  try {
    const { acknowledged, kept, doubled, kills } = await weather(app, 8, 2);
    expect([kills, kept, doubled]).toEqual([8, acknowledged, 0]);
    expect(acknowledged).toBeGreaterThan(16);
  } finally {
    await app.close();
  }
});
