import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, render, screen } from '../../testing/dom.ts';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { readWall, writeWall } from '@/core/clock/index.ts';
import type { Quantity } from '@/core/quantity/index.ts';
import { Checkbox } from './Checkbox.tsx';
import { Choice } from './Choice.tsx';
import { PercentField } from './PercentField.tsx';
import { QuantityField } from './QuantityField.tsx';
import { ReadField } from './ReadField.tsx';

describe('fields: fields', () => {
  afterEach(cleanup);
  const user = userEvent.setup();
  const field = (name: string): HTMLInputElement => screen.getByRole('textbox', { name });

  /** A field beside what stores it, as on a sheet; the button is another hand that changes the same. */
  function Weight({ other }: { readonly other?: Quantity }) {
    const [stored, store] = useState<Quantity>({ text: '' });
    return (
      <>
        <QuantityField label="Weight" measure="mass" units={['kg', 'g']} quantity={stored} onChange={store} />
        <output>{stored.lo === undefined ? 'nothing' : Math.round(stored.lo)}</output>
        {other && (
          <button type="button" onClick={() => store(other)}>
            undo
          </button>
        )}
      </>
    );
  }
  const stored = () => screen.getByRole('status').textContent;

  describe('a quantity', () => {
    test('is kept letter for letter and read at each key', async () => {
      render(<Weight />);
      await user.type(field('Weight'), '2 lb 3 oz');
      expect(field('Weight').value).toBe('2 lb 3 oz');
      // 2 lb 3 oz by the exact pound of 453.59237 g (NIST Handbook 44).
      expect(stored()).toBe('992');
    });

    test('a key in the middle stays in the middle', async () => {
      render(<Weight />);
      const input = field('Weight');
      await user.type(input, '24 kg');
      await user.type(input, '.', { initialSelectionStart: 1, initialSelectionEnd: 1 });
      expect(input.value).toBe('2.4 kg');
      expect(input.selectionStart).toBe(2);
      expect(stored()).toBe('2400');
    });

    test('half a unit is no fault while it is typed, and one sentence once it is left', async () => {
      render(<Weight />);
      await user.type(field('Weight'), '2 stones');
      expect(screen.queryByRole('alert')).toBeNull();
      await user.tab();
      expect(field('Weight').getAttribute('aria-invalid')).toBe('true');
      expect(screen.getByText(/“2 stones”/)).toBeTruthy();
      expect(field('Weight').value).toBe('2 stones');
    });

    test('a bare number is asked about, and one press settles it', async () => {
      render(<Weight />);
      await user.type(field('Weight'), '2.4');
      await user.click(screen.getByRole('button', { name: '2.4 kg' }));
      expect(field('Weight').value).toBe('2.4 kg');
      expect(stored()).toBe('2400');
    });

    test('what somebody else stores is shown, also when it is what stood there before', async () => {
      render(<Weight other={{ text: '' }} />);
      await user.type(field('Weight'), '900 g');
      await user.click(screen.getByRole('button', { name: 'undo' }));
      expect(field('Weight').value).toBe('');
      await user.type(field('Weight'), '1 kg');
      expect(field('Weight').value).toBe('1 kg');
    });

    test('where only Enter makes it, what is typed stands until then', async () => {
      const done = jest.fn();
      render(<QuantityField label="Shred" measure="mass" quantity={undefined} onDone={done} />);
      await user.type(field('Shred'), '950 g');
      expect(field('Shred').value).toBe('950 g');
      expect(done).not.toHaveBeenCalled();
      await user.keyboard('{Enter}');
      expect(done).toHaveBeenCalledWith({ text: '950 g', lo: 950, hi: 950 }, 'mass');
    });
  });

  describe('a share', () => {
    function Salt() {
      const [share, store] = useState<number | undefined>(0.008);
      return (
        <>
          <PercentField
            label="Salt"
            share={share}
            placeholder="0.8 %"
            most={0.05}
            why="nobody eats more"
            onChange={store}
          />
          <output>{share ?? 'usual'}</output>
        </>
      );
    }

    test('keeps its own letters while it means the same, and is the usual when it is emptied', async () => {
      render(<Salt />);
      await user.clear(field('Salt'));
      expect(stored()).toBe('usual');
      await user.type(field('Salt'), '1.50%');
      expect(field('Salt').value).toBe('1.50%');
      expect(stored()).toBe('0.015');
    });

    test('too much is refused with its figure, and what was stored stays', async () => {
      render(<Salt />);
      await user.type(field('Salt'), '{Backspace}{Backspace}{Backspace}{Backspace}{Backspace}90 %');
      await user.tab();
      expect(screen.getByText(/“90 %” is too much: nobody eats more; write at most 5 %/)).toBeTruthy();
      expect(stored()).toBe('usual');
    });
  });

  test('one of a few is chosen by key, and a box is ticked', async () => {
    const chosen = jest.fn();
    const ticked = jest.fn();
    const options = [
      { value: 'hot', words: 'hot' },
      { value: 'chill', words: 'chilled' },
    ] as const;
    render(
      <>
        <Choice legend="Skim" value="hot" options={options} onChoose={chosen} />
        <Checkbox checked={false} onTick={ticked}>
          scum
        </Checkbox>
      </>,
    );
    expect(screen.getByRole('radiogroup', { name: 'Skim' })).toBeTruthy();
    screen.getByRole('radio', { name: 'hot' }).focus();
    await user.keyboard('{ArrowRight}');
    expect(chosen).toHaveBeenCalledWith('chill');
    await user.click(screen.getByRole('checkbox', { name: 'scum' }));
    expect(ticked).toHaveBeenCalledWith(true);
  });

  describe('a moment', () => {
    function Serving() {
      const [local, store] = useState('');
      return (
        <>
          <ReadField
            label="Served"
            value={local === '' ? undefined : local}
            write={(at) => writeWall(at, '2026-11-27')}
            read={(text) => readWall(text, local, '2026-11-27')}
            size={18}
            late
            onChange={store}
          />
          <output>{local === '' ? 'nothing' : local}</output>
        </>
      );
    }

    test('that can be read two ways is asked about, and either is a tap', async () => {
      render(<Serving />);
      await user.type(field('Served'), '3/4 19:00');
      await user.tab();
      expect(stored()).toBe('nothing');
      const offers = screen.getAllByRole('button').map(({ textContent }) => textContent);
      expect(offers).toHaveLength(2);
      await user.click(screen.getByRole('button', { name: /3 Apr/ }));
      expect(stored()).toMatch(/^\d{4}-04-03T19:00$/);
      expect(screen.queryByRole('button')).toBeNull();
    });

    test('is said as people say it', async () => {
      render(<Serving />);
      await user.type(field('Served'), 'tomorrow evening at half past six{Enter}');
      expect(stored()).toMatch(/T18:30$/);
    });
  });
});
