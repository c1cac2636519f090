import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Dexie } from 'dexie';
import { ErrorBoundary } from 'react-error-boundary';
import { cleanup, render, screen } from '../testing/dom.ts';
import { useStored } from './useStored.ts';

describe('what the disk holds', () => {
  afterEach(() => {
    cleanup();
    jest.restoreAllMocks();
  });
  const disk = new Dexie('shelves');
  disk.version(1).stores({ jars: 'id' });
  const jars = disk.table<{ id: string }, string>('jars');

  function Jars({ read }: { readonly read: () => Promise<number> }) {
    return <p>{useStored(['jars'], read) ?? 'not read yet'} jars</p>;
  }
  const page = (client: QueryClient, read: () => Promise<number>) =>
    render(
      <QueryClientProvider client={client}>
        <ErrorBoundary fallback={<p>broken</p>}>
          <Jars read={read} />
        </ErrorBoundary>
      </QueryClientProvider>,
    );

  test('is read anew when it changes, and stands at once where it is asked for again', async () => {
    const client = new QueryClient();
    await jars.put({ id: 'fat' });
    page(client, () => jars.count());
    await screen.findByText('1 jars');
    await jars.put({ id: 'broth' });
    await screen.findByText('2 jars');
    cleanup();
    page(client, () => new Promise(() => undefined));
    expect(screen.getByText('2 jars')).toBeTruthy();
    client.clear();
  });

  test('what cannot be read is thrown there, and read anew where it is tried again', async () => {
    jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const client = new QueryClient();
    page(client, () => Promise.reject(new Error('the disk is gone')));
    await screen.findByText('broken');
    cleanup();
    page(client, () => Promise.resolve(7));
    await screen.findByText('7 jars');
    client.clear();
  });
});
