import { expect, noFaults, test } from './test.ts';
import { ports } from './ports.ts';

const DEMO = `http://127.0.0.1:${String(ports.demo)}/`;

test('the solver loads under the policy, shares out by scoops, and a plate is weighed out with both hands', async ({
  page,
}) => {
  await page.goto(DEMO);
  await page.waitForURL(/batches/);
  const asked: string[] = [];
  page.on('request', (request) => asked.push(request.url()));
  await page.goto(page.url().replace(/[^/]*$/, 'plates'));
  await expect(page.getByRole('heading', { level: 1, name: /enough for all/ })).toBeVisible({
    timeout: 20_000,
  });
  expect(asked.filter((url) => url.endsWith('.wasm'))).toHaveLength(1);
  await page.getByText('by level scoops').click();
  await expect(page.getByText(/^one level No\. 16 scoop|^(two|2) level/).first()).toBeVisible();
  await noFaults(page);

  await page.getByText('by weight', { exact: true }).click();
  await expect(page.getByText('each', { exact: true }).first()).toBeVisible();

  // A bowl is put down, filled and lifted: what lay in it is kept.
  await page.getByRole('link', { name: 'weigh out' }).first().click();
  await expect(page.getByRole('heading', { level: 1, name: /^Soft tacos: 1 of 48$/i })).toBeVisible();
  await page.getByText('Stand-in scale: put something on it').click();
  await page.getByRole('button', { name: 'All off' }).click();
  await page.getByRole('button', { name: '+ 115 g' }).click();
  await expect(page.getByRole('status')).toContainText('more');
  // As hands do it: as much as it says is lacking, each handful once the scale stands still.
  const status = page.getByRole('status');
  await expect(async () => {
    const said = await status.innerText();
    const lacks = Number(/[\d.]+/.exec(said)?.[0]);
    if (!said.includes('right'))
      await page.getByRole('button', { name: lacks > 12 ? '+ 10 g' : '+ 2 g' }).click();
    await expect(status).toContainText('right: lift it off', { timeout: 1500 });
  }).toPass({ timeout: 120_000 });
  await page.getByRole('button', { name: 'All off' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /^Soft tacos: 2 of 48$/i })).toBeVisible();
  await noFaults(page);
});
