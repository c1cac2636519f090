import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '../../testing/dom.ts';
import { useTyped } from './useTyped.ts';

function Field({ stored, waits }: { readonly stored: string; readonly waits: boolean }) {
  const [text, type, elsewhere] = useTyped(stored, waits);
  return (
    <>
      <input aria-label="it" value={text} onChange={({ target }) => type(target.value)} />
      <p>elsewhere: {elsewhere ?? 'nothing'}</p>
    </>
  );
}

describe('the text of a field', () => {
  afterEach(cleanup);
  const field = () => screen.getByLabelText<HTMLInputElement>('it').value;
  const write = (value: string) => fireEvent.change(screen.getByLabelText('it'), { target: { value } });
  const news = () => screen.getByText(/^elsewhere/).textContent;
  const opened = (waits: boolean, stored = '280 g') => {
    const { rerender } = render(<Field stored={stored} waits={waits} />);
    return (next: string) => rerender(<Field stored={next} waits={waits} />);
  };

  test('stored with each key it shows what another tab has stored', () => {
    const store = opened(false);
    write('300 g');
    store('300 g');
    store('270 g');
    expect([field(), news()]).toEqual(['270 g', 'elsewhere: nothing']);
  });

  test('waiting to be entered it stands, and what was entered elsewhere is told until one of both is entered', () => {
    const store = opened(true);
    write('300 g');
    store('270 g');
    expect([field(), news()]).toEqual(['300 g', 'elsewhere: 270 g']);
    // Whatever is typed on: what is told is still the other's.
    write('305 g');
    expect([field(), news()]).toEqual(['305 g', 'elsewhere: 270 g']);
    store('305 g');
    expect([field(), news()]).toEqual(['305 g', 'elsewhere: nothing']);
    // Entered, it waits no more: the next from elsewhere is shown.
    store('260 g');
    expect([field(), news()]).toEqual(['260 g', 'elsewhere: nothing']);
  });

  test('taken, or typed back to what stood, nothing is told any more', () => {
    const store = opened(true);
    write('300 g');
    store('270 g');
    write('270 g');
    expect(news()).toBe('elsewhere: nothing');
    write('300 g');
    store('250 g');
    expect(news()).toBe('elsewhere: 250 g');
    write('270 g');
    expect([field(), news()]).toEqual(['250 g', 'elsewhere: nothing']);
  });
});
