import { expect, it } from 'vitest';
import { startApp } from './server';
import { weather } from './storm';

it('five kills with two clients lose no record that was acknowledged and double none', async () => {
  const app = await startApp({ demo: false });
  try {
    const { acknowledged, kept, doubled, kills } = await weather(app, 5, 2);
    expect([kills, kept, doubled]).toEqual([5, acknowledged, 0]);
  } finally {
    await app.close();
  }
});
