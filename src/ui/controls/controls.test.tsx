// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { ComboField } from './ComboField';
import { ConfirmButton } from './ConfirmButton';
import { NumberField } from './NumberField';
import { QuantityField } from './QuantityField';
import { OptionCards } from './OptionCards';
import { SelectField } from './SelectField';
import { Sheet } from './Sheet';
import { Slider } from './Slider';
import { TextField } from './TextField';
import { Figures, Why } from './Why';
import { type Figure, input } from '@/core/message';
import { type UnitChoice } from '@/core/quantity';
import { choose, retype, shown, US } from '@/testing/screen';
import { WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';

type Dimension = Parameters<typeof QuantityField>[0]['dimension'];

function quantity(dimension: Dimension, start: number, units?: UnitChoice) {
  const onChange = vi.fn<(si: number) => void>();
  function Field() {
    const [value, setValue] = useState(start);
    return (
      <QuantityField
        label="Amount"
        dimension={dimension}
        value={value}
        onChange={(si) => {
          onChange(si);
          setValue(si);
        }}
      />
    );
  }
  const { hand } = shown(<Field />, units ? { units } : {});
  const box = screen.getByRole<HTMLInputElement>('textbox', { name: 'Amount' });
  return { hand, box, onChange, last: () => onChange.mock.calls.at(-1)?.[0] ?? Number.NaN };
}

describe('an amount as people type it', () => {
  it.each([
    ['mass', '2 lb 3 oz', 0.9922, '990 g'],
    ['mass', '1.2', 1.2, undefined],
    ['volume', '1½ cups', 0.3549, undefined],
    ['length', '1½ in', 38.1, '38 mm'],
    ['temperature', 'gas 3', 170, '170 °C'],
    ['temperature', '300 F', 148.9, '149 °C'],
  ] as const)('takes %s “%s” whatever units are shown', async (dimension, text, si, shownAs) => {
    const { hand, box, last } = quantity(dimension, 1);
    await retype(hand, box, text);
    expect(last()).toBeCloseTo(si, dimension === 'temperature' || dimension === 'length' ? 1 : 3);
    if (shownAs !== undefined) expect(box.value).toBe(shownAs);
    else expect(box.value).not.toBe('');
  });

  it('shows and steps in the cook’s own units, by a round step that grows with the amount', async () => {
    const metric = quantity('mass', 0.5);
    expect(metric.box.value).toBe('500 g');
    await metric.hand.click(screen.getByRole('button', { name: 'Amount: more' }));
    expect(metric.last()).toBeCloseTo(0.55);
    metric.box.focus();
    await metric.hand.keyboard('{ArrowDown}{ArrowDown}');
    expect(metric.last()).toBeCloseTo(0.45);
  });

  it('shows pounds and Fahrenheit where the cook reads those', async () => {
    const { hand, box, last } = quantity('temperature', 150, US);
    expect(box.value).toBe('300 °F');
    await retype(hand, box, '325');
    expect(last()).toBeCloseTo(162.8, 1);
    await hand.click(screen.getByRole('button', { name: 'Amount: less' }));
    expect(last()).toBeLessThan(162.8);
  });

  it('says what it cannot read and takes it for no amount, until the text is right again', async () => {
    const { hand, box, onChange } = quantity('mass', 0.5);
    await retype(hand, box, 'a lot');
    expect(box.getAttribute('aria-invalid') ?? box.closest('[data-invalid]')).toBeTruthy();
    expect(box.value).toBe('a lot');
    expect(onChange).toHaveBeenCalledExactlyOnceWith(Number.NaN);
    await retype(hand, box, '700 g');
    expect(onChange.mock.lastCall?.[0]).toBeCloseTo(0.7);
    expect(box.value).toBe('700 g');
    await retype(hand, box, '');
    expect(onChange).toHaveBeenLastCalledWith(Number.NaN);
  });

  it('never steps below nothing', async () => {
    const { hand, last } = quantity('volume', 0.005);
    await hand.click(screen.getByRole('button', { name: 'Amount: less' }));
    await hand.click(screen.getByRole('button', { name: 'Amount: less' }));
    expect(last()).toBe(0);
  });
});

describe('a text being typed', () => {
  const open = () => {
    const onChange = vi.fn<(text: string) => void>();
    function Field() {
      const [text, setText] = useState('ox');
      return (
        <>
          <TextField
            label="Dish"
            value={text}
            onChange={(now) => {
              onChange(now);
              setText(now);
            }}
          />
          <button disabled={text.length < 4}>On</button>
        </>
      );
    }
    const made = shown(<Field />);
    return { ...made, onChange, box: screen.getByRole<HTMLInputElement>('textbox', { name: 'Dish' }) };
  };

  it('shows each letter at once and is handed on as a whole when the hand rests', async () => {
    const { hand, box, onChange } = open();
    await hand.type(box, 'tail');
    expect(box.value).toBe('oxtail');
    expect(onChange).not.toHaveBeenCalled();
    await waitFor(() => {
      expect(onChange.mock.calls).toEqual([['oxtail']]);
    });
    expect(box.value).toBe('oxtail');
  });

  it('is handed on at once when the field is left, with Enter or Escape, and when the page or the field goes', async () => {
    const ends: Readonly<Record<string, (of: ReturnType<typeof open>) => Promise<void> | void>> = {
      tab: ({ hand }) => hand.tab(),
      enter: ({ hand }) => hand.keyboard('{Enter}'),
      escape: ({ hand }) => hand.keyboard('{Escape}'),
      elsewhere: ({ hand }) => hand.click(document.body),
      'page hidden': () => {
        dispatchEvent(new Event('pagehide'));
      },
      'field gone': ({ unmount }) => {
        unmount();
      },
    };
    for (const [how, end] of Object.entries(ends)) {
      const of = open();
      await of.hand.type(of.box, 'tail');
      await end(of);
      expect(of.onChange.mock.calls, how).toEqual([['oxtail']]);
      of.unmount();
      expect(of.onChange, how).toHaveBeenCalledOnce();
    }
  });

  it('lets what hangs on it be reached by the next Tab', async () => {
    const { hand, box } = open();
    await hand.type(box, 'tail');
    await hand.tab();
    expect(document.activeElement?.textContent).toBe('On');
  });
});

describe('a number', () => {
  it('gives no number when it is emptied and leaves what is allowed to the caller', async () => {
    const onChange = vi.fn();
    const { hand, rerender } = shown(<NumberField label="Pieces" step={1} value={4} onChange={onChange} />);
    const box = screen.getByRole('textbox', { name: 'Pieces' });
    await retype(hand, box, '');
    expect(onChange).toHaveBeenLastCalledWith(Number.NaN);
    await retype(hand, box, '12345');
    expect(onChange).toHaveBeenLastCalledWith(12345);
    rerender(<NumberField label="Pieces" step={1} value={12345} error="Pieces: at most 400." onChange={onChange} />);
    expect(screen.getByText('Pieces: at most 400.')).toBeTruthy();
  });
});

describe('one of several', () => {
  const sections = [
    { title: 'Beef', options: [{ id: 'oxtail', label: 'Oxtail', why: 'sticky' }] },
    { title: 'Pork', options: [{ id: 'cheek', label: 'Cheek' }] },
  ];

  it('is chosen from a list in sections; nothing chosen shows a placeholder', async () => {
    const onChange = vi.fn();
    const { hand } = shown(<SelectField label="Cut" value="" sections={sections} onChange={onChange} />);
    expect(screen.getByRole('button', { name: /Cut/ }).textContent).toMatch(saying('select.choose'));
    await choose(hand, /Cut/, /Oxtail/);
    expect(onChange).toHaveBeenCalledExactlyOnceWith('oxtail');
  });

  it('is found by typing a part of it where the list is long', async () => {
    const onChange = vi.fn();
    const options = ['Europe/Berlin', 'Europe/Lisbon', 'Asia/Tokyo'].map((id) => ({ id, label: id }));
    const { hand } = shown(<ComboField label="Zone" value="Asia/Tokyo" options={options} onChange={onChange} />);
    const box = screen.getByRole('combobox', { name: 'Zone' });
    await hand.clear(box);
    await hand.type(box, 'lisb');
    const found = within(await screen.findByRole('listbox')).getAllByRole('option');
    expect(found.map((o) => o.textContent)).toEqual(['Europe/Lisbon']);
    await hand.click(found[0] as HTMLElement);
    expect(onChange).toHaveBeenCalledExactlyOnceWith('Europe/Lisbon');
  });

  it('stands side by side as named ways with a line of why, the usual one marked', async () => {
    const onChange = vi.fn();
    const ways = [
      { id: 'still', name: 'Oven', why: 'even', isDefault: true },
      { id: 'simmer', name: 'Stove', why: 'watched' },
    ];
    const { hand } = shown(<OptionCards label="Where" value="still" ways={ways} onChange={onChange} />);
    const radios = screen.getAllByRole<HTMLInputElement>('radio');
    expect(radios.map((r) => r.checked)).toEqual([true, false]);
    expect(screen.getByText('usual: even')).toBeTruthy();
    await hand.click(screen.getByRole('radio', { name: /Stove/ }));
    expect(onChange).toHaveBeenCalledExactlyOnceWith('simmer');
  });
});

describe('a slider', () => {
  it('says its value in words, moves by keys and stands at its end for a value beyond it or none', async () => {
    const onChange = vi.fn();
    const node = (value: number) => (
      <Slider
        label={WORDS.text('ways.level')}
        limits={[0, 1]}
        step={0.1}
        value={value}
        says={WORDS.text('way.level.half')}
        onChange={onChange}
      />
    );
    const { hand, rerender } = shown(node(0.5));
    const thumb = screen.getByRole<HTMLInputElement>('slider');
    expect(screen.getByText(WORDS.text('way.level.half'))).toBeTruthy();
    thumb.focus();
    await hand.keyboard('{ArrowRight}');
    expect(onChange).toHaveBeenLastCalledWith(0.6);
    rerender(node(7));
    expect(screen.getByRole<HTMLInputElement>('slider').value).toBe('1');
    rerender(node(Number.NaN));
    expect(screen.getByRole<HTMLInputElement>('slider').value).toBe('0');
  });
});

describe('what cannot be taken back', () => {
  it('asks first, and does nothing when the cook thinks better of it', async () => {
    const onConfirm = vi.fn();
    const { hand } = shown(
      <ConfirmButton
        label={WORDS.text('planList.deleteThePlan')}
        question="Delete it?"
        consequence="It cannot be brought back."
        verb="Delete"
        onConfirm={onConfirm}
      >
        x
      </ConfirmButton>,
    );
    await hand.click(screen.getByRole('button', { name: WORDS.text('planList.deleteThePlan') }));
    expect(screen.getByRole('dialog').textContent).toContain('It cannot be brought back.');
    await hand.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(screen.queryByRole('dialog')).toBeNull();
    expect(onConfirm).not.toHaveBeenCalled();
    await hand.click(screen.getByRole('button', { name: WORDS.text('planList.deleteThePlan') }));
    await hand.click(screen.getByRole('button', { name: 'Delete' }));
    expect(onConfirm).toHaveBeenCalledOnce();
    expect(screen.queryByRole('dialog')).toBeNull();
  });
});

describe('why a figure is what it is', () => {
  const figure: Figure = {
    id: 'sear.fatL',
    value: 0.03,
    as: 'volume',
    range: [0.02, 0.045],
    inputs: [input('potAcross', 280, 'length')],
    sure: 'estimate',
  };

  it('opens to formula, inputs, range, what would change it and how sure it is', async () => {
    const { hand } = shown(<Why figure={figure} />);
    await hand.click(screen.getByRole('button', { name: /fat.*30 ml/ }));
    const said = screen.getByRole('dialog').textContent;
    for (const part of [
      WORDS.about(figure, 'formula'),
      WORDS.text('input.potAcross'),
      '280 mm',
      '20 ml',
      '45 ml',
      WORDS.about(figure, 'changes'),
    ]) {
      expect(said).toContain(part);
    }
    await hand.keyboard('{Escape}');
    expect(screen.queryByRole('dialog')).toBeNull();
  });

  it('is said in the cook’s units, sentences too', async () => {
    const { hand } = shown(<Figures figures={[figure]} />, { units: US });
    await hand.click(screen.getByRole('button', { name: /fat/ }));
    const said = screen.getByRole('dialog').textContent;
    expect(said).toContain('11 in');
    expect(said).not.toMatch(/\d mm/);
  });
});

describe('a sheet', () => {
  const opened = (asks?: boolean) => {
    const onClose = vi.fn();
    const shownSheet = shown(
      <Sheet title="A note" isOpen onClose={onClose} {...(asks === undefined ? {} : { asks })}>
        <input aria-label="Words" />
      </Sheet>,
    );
    return { ...shownSheet, onClose };
  };

  it('goes at a key while nothing was entered, and asks before it takes what was', async () => {
    const { hand, onClose } = opened();
    await hand.type(screen.getByRole('textbox', { name: 'Words' }), 'dark');
    await hand.keyboard('{Escape}');
    expect(onClose).not.toHaveBeenCalled();
    expect(screen.getByRole('alertdialog').textContent).toMatch(saying('sheet.unkept'));
    await hand.click(screen.getByRole('button', { name: WORDS.text('sheet.goOn') }));
    expect(screen.queryByRole('alertdialog')).toBeNull();
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Words' }).value).toBe('dark');
    await hand.click(screen.getByRole('button', { name: 'Close' }));
    await hand.click(screen.getByRole('button', { name: WORDS.text('outbox.discard') }));
    expect(onClose).toHaveBeenCalledOnce();
  });

  it('hears Escape from whatever field the hand is in', async () => {
    const fields: Readonly<Record<string, React.ReactElement>> = {
      text: <TextField label="Field" value="" onChange={vi.fn()} />,
      lines: <TextField label="Field" value="" multiline onChange={vi.fn()} />,
      amount: <QuantityField label="Field" dimension="mass" value={1} onChange={vi.fn()} />,
      number: <NumberField label="Field" value={1} step={1} onChange={vi.fn()} />,
      list: (
        <SelectField label="Field" value="a" sections={[{ options: [{ id: 'a', label: 'A' }] }]} onChange={vi.fn()} />
      ),
      slider: <Slider label="Field" value={1} limits={[0, 2]} step={1} says="one" onChange={vi.fn()} />,
    };
    for (const [kind, of] of Object.entries(fields)) {
      const onClose = vi.fn();
      const { hand, unmount } = shown(
        <Sheet title="A sheet" isOpen onClose={onClose}>
          {of}
        </Sheet>,
      );
      const dialog = await screen.findByRole('dialog');
      const field = within(dialog)
        .getAllByLabelText(/Field/)
        .find((e) => e.matches('input, textarea, button'));
      field?.focus();
      expect(document.activeElement, kind).toBe(field);
      await hand.keyboard('{Escape}');
      expect(onClose, kind).toHaveBeenCalledOnce();
      unmount();
    }
  });

  it('asks nothing where nothing is lost', async () => {
    const untouched = opened();
    await untouched.hand.keyboard('{Escape}');
    expect(untouched.onClose).toHaveBeenCalledOnce();
    untouched.unmount();
    const atOnce = opened(false);
    await atOnce.hand.type(screen.getByRole('textbox', { name: 'Words' }), 'dark');
    await atOnce.hand.keyboard('{Escape}');
    expect(atOnce.onClose).toHaveBeenCalledOnce();
  });
});

it('ways of which none is chosen yet can be reached by a keyboard', async () => {
  const ways = ['1', '2'].map((id) => ({ id, name: id, why: '' }));
  const onChange = vi.fn();
  const { hand } = shown(<OptionCards label="How was it?" value="0" ways={ways} onChange={onChange} />);
  await hand.tab();
  expect(document.activeElement?.getAttribute('type')).toBe('radio');
  await hand.keyboard('{ArrowRight}');
  expect(onChange).toHaveBeenCalled();
});
