import { readFileSync, writeFileSync } from 'node:fs';
import { expect, kept, noFaults, test, threeEntries } from './test.ts';

test('everything goes out as one file and comes back: previewed, beside what is here, or in its place', async ({
  page,
}, info) => {
  await threeEntries(page, '3 kg', 'Beef brisket, whole', '12');
  await page.getByRole('button', { name: '+ meal' }).click();
  // The new meal has nothing in it yet.
  await expect(page.getByLabel('Weight')).toHaveValue('');
  await page.getByLabel('Weight').fill('2 kg');
  await kept(page, 'the weight of a lot');
  await page.goto('/meals');
  await expect(page.getByText('it has never been backed up')).toBeVisible();
  await expect(page.getByText(/ of .* that it allows\./)).toBeVisible();
  await noFaults(page);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save everything as one file' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/^slow-spoon-\d{4}-\d\d-\d\d\.jsonl$/);
  const file = info.outputPath('all.jsonl');
  await download.saveAs(file);
  await expect(page.getByText('Backed up today, and nothing has changed since.')).toBeVisible();

  // One is deleted, one is begun: merged, the first comes back and the second stays.
  await page
    .getByRole('button', { name: /^Delete/ })
    .first()
    .click();
  const before = page.url();
  await page.getByRole('button', { name: '+ meal' }).click();
  await expect(page).not.toHaveURL(before);
  await page.goto('/meals');
  await expect(page.getByText('with changes since')).toBeVisible();
  const dialog = page.getByRole('dialog', { name: 'Bring a backup back' });
  await page.getByLabel('A backup of everything').setInputFiles(file);
  await expect(dialog.getByText(/^One meal would be new/)).toBeVisible();
  await expect(dialog.getByText('One meal is the same here and there.')).toBeVisible();
  await expect(dialog.getByText('One meal would stay: the file does not have them.')).toBeVisible();
  await noFaults(page);
  await dialog.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByText('2 meals are in.')).toBeVisible();
  await expect(page.getByRole('link', { name: /^\w+ \d/ })).toHaveCount(3);

  // In the place of everything, that one goes, and it is said before.
  await page.getByLabel('A backup of everything').setInputFiles(file);
  await dialog.getByText('in the place of all that is here').click();
  await expect(dialog.getByText(/^One meal would be deleted/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Replace everything' }).click();
  await expect(page.getByText('2 meals are in.')).toBeVisible();
  await expect(page.getByRole('link', { name: /^\w+ \d/ })).toHaveCount(2);

  // A meal file is brought in by itself, and a broken line is told.
  const bad = info.outputPath('bad.jsonl');
  writeFileSync(bad, readFileSync(file, 'utf8').replace('"lots":[', '"lots":7,"x":['));
  await page.getByLabel('A backup of everything').setInputFiles(bad);
  await expect(dialog.getByText(/^One part of it cannot be read and would be left out/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Leave it as it is' }).click();
});

test('a folder is written by itself, and a folder that is gone is told', async ({ page }) => {
  // The picker is the browser's own window; a folder of the page's own file system stands in for what it gives.
  await page.addInitScript(() => {
    Object.assign(globalThis, {
      showDirectoryPicker: async () =>
        (await navigator.storage.getDirectory()).getDirectoryHandle('backups', { create: true }),
    });
  });
  await threeEntries(page, '3 kg', 'Beef brisket, whole', '12');
  await page.goto('/meals');
  await page.getByRole('button', { name: 'Into a folder, by itself' }).click();
  await expect(page.getByText('Once a day it is written into the folder “backups”')).toBeVisible();
  await expect(page.getByText('Backed up today')).toBeVisible();
  const written = await page.evaluate(async () => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('backups');
    const texts: string[] = [];
    for await (const handle of folder.values())
      if (handle.kind === 'file') texts.push(await (await handle.getFile()).text());
    return texts;
  });
  expect(written).toHaveLength(1);
  expect(written[0]?.trimEnd().split('\n')).toHaveLength(2);
  await page.evaluate(async () => {
    await (await navigator.storage.getDirectory()).removeEntry('backups', { recursive: true });
  });
  await page.getByRole('button', { name: 'Write it now' }).click();
  await expect(page.getByText(/^The folder could not be written/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave that' }).click();
  await expect(page.getByRole('button', { name: 'Into a folder, by itself' })).toBeVisible();
});

test('a full disk loses nothing: it is said at once, and kept once there is room', async ({ page }) => {
  // A quota cannot be set here to the byte; what the browser says when it is used up can.
  await page.addInitScript(() => {
    // oxlint-disable-next-line typescript/unbound-method -- it is called with its store, below
    const { put } = IDBObjectStore.prototype;
    IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...row) {
      if ('full' in globalThis) throw new DOMException('no room', 'QuotaExceededError');
      return put.apply(this, row);
    };
  });
  await threeEntries(page, '3 kg', 'Beef brisket, whole', '12');
  const weight = page.getByLabel('Weight', { exact: true });
  await page.evaluate(() => Object.assign(globalThis, { full: true }));
  await page.getByRole('link', { name: /^meat/ }).click();
  await weight.fill('3.2 kg');
  await expect(page.getByText(/No room is left .* on this page only/)).toBeVisible();
  await expect(weight).toHaveValue('3.2 kg');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save this meal as a file' }).click(),
  ]);
  expect(readFileSync(await download.path(), 'utf8')).toContain('3.2 kg');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('No room is left')).toBeVisible();
  await page.evaluate(() => Reflect.deleteProperty(globalThis, 'full'));
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('No room is left')).toHaveCount(0);
  // That it is tried again is not that it is done.
  await expect(page.locator('[data-pending]')).toHaveCount(0);
  await page.reload();
  await expect(weight).toHaveValue('3.2 kg');
});

test('storage that is refused, or written by a newer version, is said in the place of the page', async ({
  browser,
  baseURL,
}) => {
  for (const [fault, words] of [
    ['refused', 'This browser does not let the page keep anything.'],
    ['newer', 'The meals here were last written by a newer Slow Spoon.'],
  ] as const) {
    const context = await browser.newContext({ ...(baseURL !== undefined && { baseURL }) });
    const page = await context.newPage();
    if (fault === 'refused')
      await page.addInitScript(() => {
        IDBFactory.prototype.open = () => {
          throw new DOMException('refused', 'SecurityError');
        };
      });
    else {
      await page.goto('/spoon.svg');
      await page.evaluate(
        () =>
          new Promise<void>((resolve) => {
            const request = indexedDB.open('slow-spoon', 90);
            request.onsuccess = () => {
              request.result.close();
              resolve();
            };
          }),
      );
    }
    await page.goto('/meals');
    await expect(page.getByRole('heading', { name: words })).toBeVisible();
    await expect(page.getByRole('textbox')).toHaveCount(0);
    await context.close();
  }
});

test('a store that an older tab holds is said at once, and the page goes on once it lets go', async ({
  page,
  context,
}) => {
  const older = await context.newPage();
  await older.goto('/spoon.svg');
  // As a version before it would that does not know how to let go.
  await older.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const request = indexedDB.open('slow-spoon', 20);
        request.onsuccess = () => resolve();
      }),
  );
  await page.goto('/meals');
  await expect(page.getByRole('heading', { name: 'Another tab with an older Slow Spoon' })).toBeVisible();
  await older.close();
  await expect(page.getByRole('heading', { name: 'Meals' })).toBeVisible();
});

test('what is cleared under an open page is said, goes out as a file, and is put back', async ({ page }) => {
  await threeEntries(page, '3 kg', 'Beef brisket, whole', '12');
  const cdp = await page.context().newCDPSession(page);
  const { origin } = new URL(page.url());
  const plates = page.getByLabel('How many soft tacos');
  // Now and then the connection is cut under the act itself.
  await Promise.all([
    plates.fill('18'),
    cdp.send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb' }),
  ]);
  const said = page.getByText('What this browser kept of your meals has been cleared.');
  await expect(said).toBeVisible();
  await expect(plates).toHaveValue('18');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save this meal as a file' }).click();
  expect(readFileSync(await (await download).path(), 'utf8')).toContain('"18"');
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(said).toBeHidden();
  await page.reload();
  await expect(plates).toHaveValue('18');
});
