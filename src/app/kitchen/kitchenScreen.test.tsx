// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { KitchenScreen } from './KitchenScreen';
import { type Kitchen, type KitchenChange } from '@/contract/kitchen';
import { SALTMARSH_ROW } from '@/engine/demo/kitchen';
import { choose, retype, shown } from '@/testing/screen';
import { stubServer } from '@/testing/server';
import { WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';

const press = (name: string | RegExp): HTMLElement => screen.getByRole('button', { name });
const field = (name: string | RegExp): HTMLElement => screen.getByRole('textbox', { name });

function open(kitchen: Kitchen = SALTMARSH_ROW) {
  const server = stubServer(({ body }) => {
    const { keep, drop, ...rest } = body as KitchenChange;
    const left = drop ? { ...kitchen, [drop.list]: kitchen[drop.list].filter((t) => t.id !== drop.id) } : kitchen;
    return { data: { ...left, ...rest, ...(keep ? { [keep.list]: [...left[keep.list], keep.item] } : {}) } };
  });
  return { server, ...shown(<KitchenScreen first={kitchen} />, { timeZone: 'Europe/Lisbon' }) };
}

describe('the kitchen', () => {
  it('shows what stands in it, each with its measures in words and drawn to one scale', () => {
    open();
    expect(screen.getByRole('heading', { level: 1, name: 'Saltmarsh Row' })).toBeTruthy();
    const pots = screen.getByRole('region', { name: /^Pots/ });
    expect(within(pots).getAllByRole('listitem')).toHaveLength(3);
    expect(pots.textContent).toContain('260 mm across, 122 mm deep');
    expect(pots.textContent).toContain('heavy lid');
    const wide = within(pots)
      .getByRole('img', { name: /30 cm from above/ })
      .querySelectorAll('ellipse')[1];
    const round = within(pots)
      .getByRole('img', { name: /26 cm from above/ })
      .querySelectorAll('ellipse')[1];
    expect(Number(wide?.getAttribute('rx')) / Number(round?.getAttribute('rx'))).toBeCloseTo(300 / 260, 6);
  });

  it('keeps by which limits is cooled and the boxes it goes into', async () => {
    const { hand, server } = open();
    await choose(hand, saying('kitchen.keeping.rule'), saying('rule.ukHome'));
    await waitFor(() => {
      expect(server.calls[0]).toMatchObject({
        method: 'PUT',
        url: '/api/kitchen',
        body: { keeping: { rule: 'ukHome' } },
      });
    });
    await retype(hand, field(WORDS.text('kitchen.keeping.depth')), '35 mm');
    await waitFor(() => {
      expect(server.calls.at(-1)?.body).toMatchObject({ keeping: { rule: 'ukHome', boxMm: 35 } });
    });
    // No box is this deep.
    const before = server.calls.length;
    await retype(hand, field(WORDS.text('kitchen.keeping.depth')), '900 mm');
    expect(server.calls).toHaveLength(before);
  });

  it('takes a pot of another shape, typed in any unit, and will not keep one that cannot be', async () => {
    const { hand, server } = open();
    await hand.click(press('Add a pot'));
    const sheet = screen.getByRole('dialog');
    await retype(hand, field(WORDS.text('potFields.name')), 'Goose pan');
    await retype(hand, field(WORDS.text('potFields.length')), '15 in');
    await retype(hand, field(WORDS.text('potFields.width')), '900 mm');
    expect(
      within(sheet).getByRole('button', {
        name: WORDS.text('kitchen.keep'),
      }),
    ).toHaveProperty('disabled', true);
    expect(sheet.textContent).toContain('Anything from 120 mm to 600 mm');
    await retype(hand, field(WORDS.text('potFields.width')), '25 cm');
    expect(sheet.textContent).toMatch(/Holds \d/);
    await hand.click(
      within(sheet).getByRole('button', {
        name: WORDS.text('kitchen.keep'),
      }),
    );
    await waitFor(() => {
      expect(screen.queryByRole('dialog')).toBeNull();
    });
    expect(server.calls[0]).toMatchObject({
      method: 'PUT',
      url: '/api/kitchen',
      body: { keep: { list: 'pots', item: { name: 'Goose pan', shape: 'oval', lengthMm: 381, widthMm: 250 } } },
    });
    expect(screen.getByRole('status').textContent).toBe(WORDS.text('kitchen.kept', { name: 'Goose pan' }));
  });

  it('fills in what a ring usually draws, and says what of it reaches the pan', async () => {
    const { hand, server } = open();
    await hand.click(press('Add a burner'));
    await choose(hand, saying('burnerFields.kind'), /induction/i);
    expect(screen.getByRole('dialog').textContent).toContain('reaches the pan');
    await hand.click(
      within(screen.getByRole('dialog')).getByRole('button', {
        name: WORDS.text('kitchen.keep'),
      }),
    );
    await waitFor(() => {
      expect(server.calls[0]?.body).toMatchObject({
        keep: { list: 'burners', item: { kind: 'induction', powerW: 1850 } },
      });
    });
  });

  it('asks before it removes, and never offers to remove the last of what it cannot be without', async () => {
    const { hand, server } = open({ ...SALTMARSH_ROW, burners: SALTMARSH_ROW.burners.slice(0, 1) });
    expect(
      screen.queryByRole('button', {
        name: WORDS.text('kitchen.removeIt', { name: 'Large burner' }),
      }),
    ).toBeNull();
    await hand.click(press(WORDS.text('kitchen.removeIt', { name: 'Oven' })));
    await hand.click(press(WORDS.text('aside.remove')));
    await waitFor(() => {
      expect(server.calls[0]?.body).toEqual({ drop: { list: 'ovens', id: 'demo-oven' } });
    });
    expect(await screen.findByText(WORDS.text('kitchen.removed', { name: 'Oven' }))).toBeTruthy();
  });

  it('keeps its name and how high it lies', async () => {
    const { hand, server } = open();
    const place = screen.getByRole('region', { name: WORDS.text('kitchen.place') });
    expect(
      within(place).getByRole('button', {
        name: WORDS.text('kitchen.keep'),
      }),
    ).toHaveProperty('disabled', true);
    await retype(hand, field(WORDS.text('own.name')), 'Harbour loft');
    await retype(hand, field(WORDS.text('heatForm.heightAboveTheSea')), '1200');
    await hand.click(
      within(place).getByRole('button', {
        name: WORDS.text('kitchen.keep'),
      }),
    );
    await waitFor(() => {
      expect(server.calls[0]?.body).toEqual({ name: 'Harbour loft', altitudeM: 1200 });
    });
    expect(await screen.findByRole('heading', { level: 1, name: 'Harbour loft' })).toBeTruthy();
  });
});
